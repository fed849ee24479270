#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/bench/attenuator.h"
#include "core/campaign/antenna.h"
#include "core/finding/error.h"
#include "core/radio/ground_reflection.h"
#include "core/radio/polarisation.h"
#include "core/records/judge_tools.h"
#include "core/records/judges.h"

namespace distanz::records {

using quantity::Unit;

namespace {

radio::Polarisation polarisationOf(const campaign::Record& r, const char* hand, const char* axial_ratio) {
  radio::Polarisation out;
  const std::string word = r.answer(hand);
  out.hand = word == "right" ? radio::Hand::Right : word == "left" ? radio::Hand::Left : radio::Hand::None;
  out.axial_ratio_db = r.setting(axial_ratio).value_or(0);
  return out;
}

void pointing(const Judged& what, RecordResult& out) {
  const auto error = what.record.setting("pointing_error_deg");
  const campaign::Part* part = campaign::findPart(what.campaign, what.record.part);
  const auto lost = error && part ? campaign::pointingLoss_db(*part, *error) : std::nullopt;
  if (!lost) return;
  const double loss = *lost;
  out.figures.push_back(
      {"pointing-loss", measure(loss, Unit::Decibel), measure(*error, Unit::Degree), {}, true});
  out.findings.push_back(finding("pointing-costs", {{"error", *error, Unit::Degree},
                                                    {"loss", loss, Unit::Decibel},
                                                    {"range", rangeLost_pct(what, loss), Unit::Percent}}));
}

/// Steepness from which a bounce off usual ground turns the hand.
double turnsHandAbove_deg(const Judged& what) {
  const std::vector<double> channels = channelsOf(what);
  const double mhz = std::clamp(channels.empty() ? 2440.0 : channels.front(), 100.0, 30000.0);
  return radio::pseudoBrewster_rad(radio::permittivityOf(radio::Ground::MediumDry, mhz)) * 180 / std::numbers::pi;
}

}  // namespace

RecordResult judgeAttenuator(const Judged& what) {
  const campaign::Record& r = what.record;
  const bench::Spread n = exponentOf(what);
  RecordResult out;
  const auto attenuation = r.setting("attenuation_db"), distance = r.setting("distance_m"),
             wanted = r.setting("wanted_m"), space = r.setting("space_m");
  if (attenuation && distance) {
    const bench::Spread stands = bench::standsFor_m(*distance, *attenuation, n),
                        free = bench::standsFor_m(*distance, *attenuation, {2, {}, {}});
    out.figures.push_back({"stands-for", measure(stands, Unit::Metre), {}, {}, true});
    out.figures.push_back({"stands-for-free", measure(free, Unit::Metre)});
    out.findings.push_back(finding("stands-for", {{"attenuation", *attenuation, Unit::Decibel},
                                                  {"distance", *distance, Unit::Metre},
                                                  {"stands", measure(stands, Unit::Metre)},
                                                  {"exponent", n.estimate, Unit::None},
                                                  {"free", free.estimate, Unit::Metre}}));
    out.findings.push_back(wrongMultiplication(*distance, *attenuation, stands.estimate, n.estimate));
  }
  if (wanted && space) {
    const bench::Spread fit = bench::attenuatorFor_db(*wanted, *space, n);
    out.figures.push_back({"attenuator-for", measure(fit, Unit::Decibel), {}, {}, true});
    out.findings.push_back(finding("attenuator-for", {{"wanted", *wanted, Unit::Metre},
                                                      {"space", *space, Unit::Metre},
                                                      {"attenuation", measure(fit, Unit::Decibel)},
                                                      {"exponent", n.estimate, Unit::None}}));
  }
  if (out.findings.empty()) out.findings.push_back(finding("attenuator-open"));
  return out;
}

RecordResult judgePolarisation(const Judged& what) {
  const campaign::Record& r = what.record;
  RecordResult out;
  if (r.answer("hand_a").empty() || r.answer("hand_b").empty()) {
    out.findings.push_back(finding("polarisation-open"));
    pointing(what, out);
    return out;
  }
  radio::Polarisation a = polarisationOf(r, "hand_a", "axial_ratio_a_db"),
                      b = polarisationOf(r, "hand_b", "axial_ratio_b_db");
  const radio::PolarisationSpan span = radio::polarisationSpan(a, b);
  const Measure worst = measure(span.worst_db, Unit::Decibel), best = measure(span.best_db, Unit::Decibel);
  out.figures = {{"polarisation-best", best, {}, {}, true}, {"polarisation-worst", worst, {}, {}, true}};
  if (const auto tilt = r.setting("tilt_deg")) {
    b.tilt_deg = *tilt;
    out.figures.push_back({"polarisation-loss",
                           measure(radio::polarisationLoss_db(a, b), Unit::Decibel),
                           measure(*tilt, Unit::Degree),
                           {},
                           true});
  }
  if (std::isfinite(span.best_db))
    out.findings.push_back(
        std::isfinite(span.worst_db)
            ? finding("polarisation-costs", {{"best", best},
                                             {"worst", worst},
                                             {"range", rangeLost_pct(what, span.worst_db), Unit::Percent}})
            : finding("polarisation-null", {{"best", best}}));
  else
    out.findings.push_back(finding("polarisation-crossed"));
  if (const auto bounced = r.setting("bounced_pct"); bounced && *bounced > 0) {
    const double left = radio::polarisationLossWithBounce_db(a, b, *bounced / 100);
    out.figures.push_back(
        {"polarisation-bounced", measure(left, Unit::Decibel), measure(*bounced, Unit::Percent), {}, true});
    if (std::isfinite(left))
      out.findings.push_back(finding("polarisation-bounces",
                                     {{"share", *bounced, Unit::Percent}, {"loss", left, Unit::Decibel}, {"angle", turnsHandAbove_deg(what), Unit::Degree}}));
  }
  pointing(what, out);
  return out;
}

}  // namespace distanz::records
