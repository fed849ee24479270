#include <algorithm>
#include <cmath>

#include "core/bench/turntable.h"
#include "core/finding/error.h"
#include "core/campaign/antenna.h"
#include "core/campaign/kit.h"
#include "core/radio/far_field.h"
#include "core/radio/path_loss.h"
#include "core/records/calibrate.h"
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

/// Levels as they were read, or as the scale makes them of readings on it.
struct Levels {
  std::vector<bench::TurnReading> readings;
  std::string scale_by;    ///< record that tells the scale; empty: none was needed
  bool unscaled = false;   ///< there are readings, and nobody says what they are in dB
};
Levels levelsOf(const Judged& what) {
  const campaign::Record& r = what.record;
  Levels out;
  for (const auto& [angle, level] : pairsOf(r, "angle_deg", "level_db")) out.readings.push_back({angle, level});
  const auto own = pairsOf(r, "angle_deg", "value");
  if (!out.readings.empty() || own.empty()) return out;
  const auto per_db = r.setting("per_db");
  const auto scale = per_db ? std::nullopt : levelScaleOf(what.campaign, r.link);
  if ((!per_db || *per_db == 0) && !scale) {
    out.unscaled = true;
    return out;
  }
  if (scale) out.scale_by = scale->record;
  for (const auto& [angle, value] : own)
    if (const double level = scale ? bench::levelAt(scale->scale, value) : value / *per_db; std::isfinite(level))
      out.readings.push_back({angle, level});
  return out;
}

/// What a linear antenna at the other end does not see of a circular one.
double unseen_db(const Judged& what) {
  const campaign::Part* part = campaign::findPart(what.campaign, what.record.part);
  const auto own = part ? campaign::polarisationOf(*part) : std::nullopt;
  const bool circular = own && own->hand != radio::Hand::None;
  return circular && what.record.answer("reference_linear") == "yes" ? 10 * std::log10(2.0) : 0;
}

void tellNear(const Judged& what, RecordResult& out) {
  const campaign::Part* part = campaign::findPart(what.campaign, what.record.part);
  const auto distance = what.record.setting("distance_m");
  const std::vector<double> channels = channelsOf(what);
  const auto size_mm = part ? part->value("size_mm") : std::nullopt;
  if (!size_mm || !distance || channels.empty()) return;
  const double from = radio::farFieldOfSize_m(channels.front(), *size_mm / 1000);
  if (*distance < from) out.findings.push_back(finding("turn-too-near", {{"distance", *distance, Unit::Metre}, {"from", from, Unit::Metre}}));
}

/// Gain over the reference, and what of it counts for the part.
void tellGain(const Judged& what, double read_dbi, RecordResult& out) {
  out.figures.push_back({"gain", measure(read_dbi, Unit::Dbi), {}, {}, true});
  if (read_dbi < kWrongHand_dbi) out.findings.push_back(finding("turn-wrong-hand", {{"gain", read_dbi, Unit::Dbi}}));
  out.findings.push_back(finding("turn-gain", {{"gain", read_dbi, Unit::Dbi}}));
  const double gain = read_dbi + unseen_db(what);
  if (gain != read_dbi) {
    out.figures.push_back({"gain-own-hand", measure(gain, Unit::Dbi), {}, {}, true});
    out.findings.push_back(finding("turn-linear-reference", {{"gain", gain, Unit::Dbi}}));
  }
  if (!what.record.part.empty()) out.offers.push_back({what.record.part, "gain_dbi", gain});
}

}  // namespace

RecordResult judgeTurntable(const Judged& what) {
  const campaign::Record& r = what.record;
  const Levels levels = levelsOf(what);
  const std::vector<bench::TurnReading>& readings = levels.readings;
  RecordResult out;
  if (levels.unscaled) {
    out.findings.push_back(finding("turn-unscaled"));
    return out;
  }
  std::optional<bench::TurnReference> reference;
  if (const auto level = r.setting("reference_level_db"))
    reference = {*level, r.setting("reference_gain_dbi").value_or(0)};
  const auto turn = bench::turnOf(readings, reference);
  if (!turn) return tooFew(readings.size(), 5);
  if (!levels.scale_by.empty()) out.findings.push_back(finding("turn-scaled", {{"record", levels.scale_by}}));
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
  tellNear(what, out);
  if (turn->gain_dbi) tellGain(what, *turn->gain_dbi, out);
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
