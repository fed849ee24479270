#include <algorithm>
#include <cmath>

#include "core/bench/power_record.h"
#include "core/finding/error.h"
#include "core/quantity/decibel.h"
#include "core/records/judge_tools.h"
#include "core/records/judges.h"

namespace distanz::records {

using quantity::Unit;

namespace {

/// At the connector: what attenuator and cable took is put back.
std::vector<bench::PowerReading> readingsOf(const campaign::Record& r) {
  const double lost_db = r.setting("attenuator_db").value_or(0) + r.setting("cable_db").value_or(0);
  std::vector<bench::PowerReading> out;
  for (const campaign::Reading& x : r.readings)
    if (const auto t = x.value("time_s"), p = x.value("power_dbm"); t && p)
      out.push_back({*t, *p + lost_db, x.value("temperature_c"), x.value("supply_v"), x.label,
                     x.value("idle").value_or(0) > 0.5});
  return out;
}

Curve curveOf(const std::vector<bench::PowerReading>& readings, const bench::PowerHistory& h) {
  Curve out{h.setting, {}, {}, true};
  for (const bench::PowerReading& x : readings)
    if (x.setting == h.setting && x.idle == h.idle) out.x.push_back(x.time_s), out.y.push_back(x.power_dbm);
  return out;
}

void tellLevel(const Judged& what, const bench::PowerHistory& h, RecordResult& out) {
  const auto nominal = what.record.setting("nominal_dbm");
  if (!nominal) {
    out.findings.push_back(
        finding("power-settles", {{"setting", h.setting}, {"power", quantity::milliwattFromDbm(h.settled_dbm), Unit::Milliwatt}}));
    return;
  }
  const double share = 100 * bench::nominalShare(h.settled_dbm, *nominal);
  out.figures.push_back({"nominal-share", measure(share, Unit::Percent), {}, h.setting, true});
  out.findings.push_back(finding(
      "power-share", {{"setting", h.setting},
                      {"power", quantity::milliwattFromDbm(h.settled_dbm), Unit::Milliwatt},
                      {"nominal", quantity::milliwattFromDbm(*nominal), Unit::Milliwatt},
                      {"share", share, Unit::Percent},
                      {"ratio", 100 - rangeLost_pct(what, *nominal - h.settled_dbm), Unit::Percent}}));
}

void tellHistory(const Judged& what, const bench::PowerHistory& h, RecordResult& out) {
  if (h.readings < 2) return;
  const Argument setting("setting", h.setting), droop("droop", h.droop_db, Unit::Decibel);
  out.figures.push_back({"warm-up", measure(h.warm_up_s, Unit::Second), {}, h.setting});
  out.figures.push_back({"droop", measure(h.droop_db, Unit::Decibel), {}, h.setting});
  if (h.throttled_at_s)
    out.findings.insert(
        out.findings.begin(),
        finding("power-throttles", {setting,
                                    droop,
                                    {"at", *h.throttled_at_s, Unit::Second},
                                    {"range", rangeLost_pct(what, h.droop_db), Unit::Percent}}));
  else if (h.droop_db > bench::kThrottle_db)
    out.findings.push_back(finding("power-droops", {setting, droop}));
  if (h.warm_up_s > 0 && h.first_dbm < h.settled_dbm)
    out.findings.push_back(finding("power-warms-up", {setting,
                                                      {"time", h.warm_up_s, Unit::Second},
                                                      {"gain", h.settled_dbm - h.first_dbm, Unit::Decibel}}));
  if (h.db_per_volt)
    out.findings.push_back(
        finding("power-follows-supply", {setting, {"slope", *h.db_per_volt, Unit::Decibel}}));
}

}  // namespace

RecordResult judgePower(const Judged& what) {
  const std::vector<bench::PowerReading> readings = readingsOf(what.record);
  if (readings.empty()) return tooFew(0, 2);
  RecordResult out;
  out.plot = {Plot::Kind::Graph, "axis-time", "axis-power", Unit::Second, Unit::Dbm, {}, {}, {}};
  const auto histories = bench::powerHistories(readings);
  for (const bench::PowerHistory& h : histories) {
    out.plot.curves.push_back(curveOf(readings, h));
    out.figures.push_back(
        {h.idle ? "power-idle" : "power-settled", measure(quantity::milliwattFromDbm(h.settled_dbm), Unit::Milliwatt), {}, h.setting, !h.idle});
    if (h.idle) {
      out.findings.push_back(
          finding("power-read-idle", {{"setting", h.setting}, {"power", quantity::milliwattFromDbm(h.settled_dbm), Unit::Milliwatt}}));
      continue;
    }
    tellLevel(what, h, out);
    tellHistory(what, h, out);
  }
  if (const auto nominal = what.record.setting("nominal_dbm"))
    out.plot.levels.push_back(measure(*nominal, Unit::Dbm));
  const auto armed = [](const bench::PowerHistory& h) { return !h.idle; };
  if (!what.record.part.empty() && std::count_if(histories.begin(), histories.end(), armed) == 1)
    out.offers.push_back({what.record.part, "power_dbm",
                          std::find_if(histories.begin(), histories.end(), armed)->settled_dbm});
  return out;
}

}  // namespace distanz::records
