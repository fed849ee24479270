#include <algorithm>
#include <cmath>

#include "core/bench/turntable.h"
#include "core/finding/error.h"
#include "core/radio/path_loss.h"
#include "core/records/judge_tools.h"
#include "core/records/judges.h"

namespace distanz::records {

using quantity::Unit;

namespace {

constexpr double kWrongHand_dbi =
    -6;  // no antenna that is sound and matched in hand has so little at its peak

/// Loss that may be spared: as it was typed, or what the range reached now has over the one that is enough.
std::optional<double> spareOf(const Judged& what) {
  if (const auto typed = what.record.setting("spare_db")) return typed;
  const auto wanted = what.record.setting("wanted_m");
  if (!wanted || !what.range_m || *what.range_m <= *wanted) return std::nullopt;
  return radio::decibelsForRatio(*what.range_m / *wanted, exponentOf(what).estimate);
}

}  // namespace

RecordResult judgeTurntable(const Judged& what) {
  const campaign::Record& r = what.record;
  std::vector<bench::TurnReading> readings;
  for (const auto& [angle, level] : pairsOf(r, "angle_deg", "level_db")) readings.push_back({angle, level});
  std::optional<bench::TurnReference> reference;
  if (const auto level = r.setting("reference_level_db"))
    reference = {*level, r.setting("reference_gain_dbi").value_or(0)};
  const auto turn = bench::turnOf(readings, reference);
  if (!turn) return tooFew(readings.size(), 5);
  RecordResult out;
  out.plot = {Plot::Kind::Polar, "axis-angle", "axis-level", Unit::Degree, Unit::Decibel, {}, {}, {}};
  Curve curve{{}, {}, {}, true};
  auto sorted = readings;
  std::stable_sort(sorted.begin(), sorted.end(),
                   [](const auto& a, const auto& b) { return a.angle_deg < b.angle_deg; });
  for (const auto& x : sorted)
    curve.x.push_back(x.angle_deg - turn->peak_deg), curve.y.push_back(x.level_db - turn->peak_db);
  out.plot.curves.push_back(std::move(curve));
  if (std::isfinite(turn->width_deg)) {
    out.figures.push_back({"beam-width", measure(turn->width_deg, Unit::Degree), {}, {}, true});
    out.findings.push_back(finding(
        "turn-beam", {{"width", turn->width_deg, Unit::Degree}, {"peak", turn->peak_deg, Unit::Degree}}));
  } else {
    out.findings.push_back(finding("turn-no-width"));
  }
  if (std::isfinite(turn->front_to_back_db)) {
    out.figures.push_back({"front-to-back", measure(turn->front_to_back_db, Unit::Decibel), {}, {}, true});
  } else
    out.findings.push_back(finding("turn-no-back"));
  if (turn->gain_dbi) {
    out.figures.push_back({"gain", measure(*turn->gain_dbi, Unit::Dbi), {}, {}, true});
    if (*turn->gain_dbi < kWrongHand_dbi)
      out.findings.push_back(finding("turn-wrong-hand", {{"gain", *turn->gain_dbi, Unit::Dbi}}));
    out.findings.push_back(finding("turn-gain", {{"gain", *turn->gain_dbi, Unit::Dbi}}));
    if (!r.part.empty()) out.offers.push_back({r.part, "gain_dbi", *turn->gain_dbi});
  }
  if (!turn->lobes.empty())
    out.findings.push_back(finding("turn-lobe", {{"angle", turn->lobes.front().angle_deg, Unit::Degree},
                                                 {"below", turn->lobes.front().below_db, Unit::Decibel}}));
  if (const auto spare = spareOf(what)) {
    const double usable = bench::usableAngle_deg(readings, *spare);
    if (std::isfinite(usable)) {
      out.figures.push_back({"usable-angle", measure(usable, Unit::Degree), {}, {}, true});
      out.findings.push_back(
          finding("turn-usable", {{"angle", usable, Unit::Degree}, {"spare", *spare, Unit::Decibel}}));
    }
  }
  if (std::isfinite(turn->asymmetry_db) && turn->asymmetry_db > bench::kReflections_db)
    out.findings.push_back(finding("turn-uneven", {{"asymmetry", turn->asymmetry_db, Unit::Decibel}}));
  if (turn->zero_drift_db && std::abs(*turn->zero_drift_db) > bench::kReflections_db)
    out.findings.push_back(finding("turn-drifts", {{"drift", *turn->zero_drift_db, Unit::Decibel}}));
  if (!r.part.empty() && std::isfinite(turn->width_deg))
    out.offers.push_back({r.part, "width_deg", turn->width_deg});
  return out;
}

}  // namespace distanz::records
