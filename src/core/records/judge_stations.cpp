#include <algorithm>
#include <cmath>

#include "core/bench/stations.h"
#include "core/campaign/kit.h"
#include "core/estimate/robust.h"
#include "core/radio/clearance.h"
#include "core/records/judge_tools.h"
#include "core/records/judges.h"

namespace distanz::records {

using quantity::Unit;

namespace {

constexpr double kOneInTwenty_sd = 1.644854;

/// The level that is wanted: as typed, else what the link's receiver needs.
std::optional<double> limitOf(const Judged& what) {
  if (const auto typed = what.record.setting("limit_dbm")) return typed;
  const campaign::Link* link = campaign::findLink(what.campaign, what.record.link);
  return link ? campaign::sensitivityOf(*link) : std::nullopt;
}

/// Usual height of one end; none where no reading tells it.
std::optional<double> heightOf(const campaign::Record& r, const char* key) {
  std::vector<double> heights;
  for (const campaign::Reading& x : r.readings)
    if (const auto h = x.value(key)) heights.push_back(*h);
  return heights.empty() ? std::nullopt : std::optional(estimate::median(heights));
}

Measure measure(const bench::StationReach& r) {
  Measure out = records::measure(r.estimate_m, Unit::Metre);
  if (r.low_m && r.high_m) out.low = r.low_m, out.high = r.high_m;
  return out;
}

void tellReach(const Judged& what, const bench::StationFit& fit, RecordResult& out) {
  const auto limit = limitOf(what);
  const auto a = heightOf(what.record, "height_a_m"), b = heightOf(what.record, "height_b_m");
  const std::optional<double> horizon = a && b ? std::optional(radio::radioHorizon_m(*a, *b)) : std::nullopt;
  if (horizon) {
    out.figures.push_back({"radio-horizon", records::measure(*horizon, Unit::Metre)});
    out.findings.push_back(finding("stations-heights", {{"a", *a, Unit::Metre}, {"b", *b, Unit::Metre}, {"horizon", *horizon, Unit::Metre}}));
  } else {
    out.findings.push_back(finding("stations-no-heights"));
  }
  if (!limit) {
    out.findings.push_back(finding("stations-limit"));
    return;
  }
  const auto half = bench::stationReach(fit, *limit), sure = bench::stationReach(fit, *limit, kOneInTwenty_sd);
  if (!half || !sure) return;
  if (horizon && half->estimate_m > *horizon) {
    out.findings.push_back(finding("stations-beyond-horizon", {{"horizon", *horizon, Unit::Metre}}));
    return;
  }
  out.figures.push_back({"stations-half", measure(*half), {}, {}, true});
  out.figures.push_back({"stations-sure", measure(*sure), {}, {}, true});
  out.findings.push_back(finding(half->estimate_m > fit.far_m ? "stations-reach-beyond" : "stations-reach",
                                 {{"limit", *limit, Unit::Dbm}, {"half", measure(*half)}, {"sure", measure(*sure)}, {"far", fit.far_m, Unit::Metre}}));
}

}  // namespace

RecordResult judgeStations(const Judged& what) {
  std::vector<bench::StationReading> readings;
  for (const auto& [distance, level] : pairsOf(what.record, "distance_m", "level_dbm")) readings.push_back({distance, level});
  const auto fit = bench::stationFit(readings);
  RecordResult out;
  out.plot = {Plot::Kind::Graph, "axis-distance", "axis-level", Unit::Metre, Unit::Dbm, {}, {}, {}};
  Curve read{"read", {}, {}, false};
  for (const bench::StationReading& r : readings) read.x.push_back(r.distance_m), read.y.push_back(r.level_dbm);
  if (!readings.empty()) out.plot.curves.push_back(std::move(read));
  if (!fit) {
    out.findings.push_back(finding("stations-open", {{"least", bench::kStationReadings}}));
    return out;
  }
  out.figures.push_back({"exponent", measure(fit->exponent, Unit::None), {}, {}, true});
  out.figures.push_back({"place-spread", measure(fit->sd_db, Unit::Decibel), {}, {}, true});
  if (!fit->falls) {
    out.findings.push_back(finding("stations-flat"));
    return out;
  }
  out.findings.push_back(finding("stations-fit", {{"exponent", measure(fit->exponent, Unit::None)},
                                                  {"sd", fit->sd_db, Unit::Decibel},
                                                  {"readings", fit->readings}}));
  tellReach(what, *fit, out);
  Curve line{"fitted", {}, {}, true};
  for (double d = fit->near_m; d <= fit->far_m * 1.001; d *= std::pow(fit->far_m / fit->near_m, 1.0 / 40)) {
    line.x.push_back(d);
    line.y.push_back(fit->at_1km_dbm - 10 * fit->exponent.estimate * std::log10(d / 1000));
  }
  out.plot.curves.push_back(std::move(line));
  return out;
}

}  // namespace distanz::records
