#include "core/plan/flight_plan.h"

#include <algorithm>
#include <cmath>

#include "core/campaign/kit.h"
#include "core/estimate/defaults.h"
#include "core/plan/flight_limits.h"
#include "core/radio/path_loss.h"

namespace distanz::plan {
namespace {

using quantity::Unit;

constexpr double kUsualSwap_min = 5, kUsualAgain_min = 2, kOverhead_s = 60, kWorthTellingWind = 0.1, kEnough = 0.8, kTooFew = 0.5;

double differenceOf(const campaign::PlanSettings& p) {
  return p.difference_pct.value_or(100 * estimate::defaults::kPracticalMargin);
}

void planRepeats(const campaign::Campaign& c, const FlownSoFar& flown, FlightPlan& out) {
  using namespace estimate;
  const campaign::PlanSettings& p = c.plan;
  const auto db = [&](double share) { return radio::decibelsForRatio(1 + share, c.plan_exponent); };
  out.repeats.difference_db = db(differenceOf(p) / 100);
  out.repeats.margin_db = db(defaults::kPracticalMargin);
  out.repeats.setups = std::max(int(c.setups.size()), 2);
  out.sd_assumed = !p.flight_sd_db && !(p.together ? flown.paired_sd_db : flown.flight_sd_db);
  RepeatsPlan apart = out.repeats, together = out.repeats;
  together.flown = FlownAs::Together;
  apart.flight_sd_db = flown.flight_sd_db.value_or(defaults::kFlightPriorSd_db);
  together.flight_sd_db = flown.paired_sd_db.value_or(defaults::kPairedPriorSd_db);
  if (p.flight_sd_db) (p.together ? together : apart).flight_sd_db = *p.flight_sd_db;
  out.repeats = p.together ? together : apart;
  for (int pairs = 1; pairs <= kPairsShown; ++pairs) {
    out.chance.push_back(chanceToTell(apart, pairs));
    out.chance_together.push_back(chanceToTell(together, pairs));
  }
  out.enough = pairsToTell(out.repeats, kEnough);
}

void tellRepeats(const campaign::Campaign& c, FlightPlan& out) {
  const int pairs = c.planned_pairs;
  const double chance = estimate::chanceToTell(out.repeats, pairs);
  const std::vector<Argument> told{{"pairs", pairs},
                                   {"difference", differenceOf(c.plan), Unit::Percent},
                                   {"delta", out.repeats.difference_db, Unit::Decibel},
                                   {"chance", 100 * chance, Unit::Percent}};
  auto more = told;
  more.emplace_back("needed", out.enough);
  Finding f = chance >= kTooFew ? finding("pairs-tell", told)
              : out.enough > 0  ? finding("pairs-too-few", more)
                                : finding("pairs-never", told);
  const char* source = c.plan.flight_sd_db ? "sd-said" : out.sd_assumed ? "sd-usual" : "sd-flown";
  f.why = {finding("why-planned-scatter", {{"sd", out.repeats.flight_sd_db, Unit::Decibel}, {"source", Term{source}}}),
           finding("why-planned-test",
                   {{"setups", out.repeats.setups}, {"exponent", c.plan_exponent, Unit::None}})};
  out.findings.push_back(std::move(f));
  if (!c.plan.together && pairs <= kPairsShown && chance < kEnough)
    out.findings.push_back(
        finding("pairs-together",
                {{"pairs", pairs},
                 {"chance", 100 * out.chance_together[std::size_t(pairs) - 1], Unit::Percent}}));
}

/// How far flights must go for every setup to be seen failing.
void tellHowFar(const campaign::Campaign& c, const Planned& planned, FlightPlan& out) {
  const auto course = campaign::courseOf(c);
  double farthest = 0;
  for (const Prediction& p : planned.predictions)
    if (p.link == planned.link && p.range_m) farthest = std::max(farthest, *p.range_m);
  if (!course || !(farthest > 0)) return;
  const Argument to("to", farthest, Unit::Metre), link("link", planned.link);
  if (farthest > course->farPost_m())
    out.findings.push_back(finding("fly-to-beyond", {to, link, {"far", course->farPost_m(), Unit::Metre}}));
  else
    out.findings.push_back(
        finding("fly-to", {to, link, {"least", farthest / estimate::defaults::kExtrapolation, Unit::Metre}}));
}

/// All of the path at the airspeed said: seconds, none where the wind does not allow it.
struct Times {
  std::optional<double> out_s = 0, back_s = 0;
  double least_back_mps = INFINITY;
};
std::optional<Times> timesOf(const campaign::PlanSettings& p, const std::vector<Leg>& legs) {
  if (!p.airspeed_mps || legs.empty()) return std::nullopt;
  Times t;
  for (const Leg& leg : legs) {
    const auto out = groundSpeed_mps(*p.airspeed_mps, leg.track_deg, windOf(p, legs)),
               back = groundSpeed_mps(*p.airspeed_mps, leg.track_deg + 180, windOf(p, legs));
    t.out_s = t.out_s && out ? std::optional(*t.out_s + leg.length_m / *out) : std::nullopt;
    t.back_s = t.back_s && back ? std::optional(*t.back_s + leg.length_m / *back) : std::nullopt;
    if (back) t.least_back_mps = std::min(t.least_back_mps, *back);
  }
  return t;
}

void tellOrder(const campaign::Campaign& c, FlightPlan& out) {
  const campaign::PlanSettings& p = c.plan;
  if (out.order.empty()) return out.findings.push_back(finding("order-flown"));
  if (!p.airspeed_mps) out.findings.push_back(finding("speed-wanted"));
  if (out.timed && !out.schedule.runs.empty())
    out.findings.push_back(finding("order-drawn", {{"runs", out.schedule.runs.size()},
                                                   {"begin", out.schedule.runs.front().begin_s, Unit::Second},
                                                   {"end", out.schedule.runs.back().end_s, Unit::Second}}));
  if (out.schedule.left_over > 0)
    out.findings.push_back(
        finding("session-too-long", {{"left", out.schedule.left_over}, {"end", *p.end_s, Unit::Second}}));
  if (out.schedule.batteries_run_out)
    out.findings.push_back(
        finding("batteries-run-out", {{"batteries", p.batteries}, {"runs", out.schedule.runs.size()}}));
}

/// Flights that count, by setup; where all setups listen to the same flights, what every one has.
std::vector<int> flownOf(const campaign::Campaign& c) {
  std::vector<int> out;
  for (const campaign::Setup& s : c.setups)
    out.push_back(int(std::count_if(c.runs.begin(), c.runs.end(), [&](const campaign::Run& r) {
      return r.setup == s.id && r.void_reason.empty();
    })));
  if (c.plan.together && !out.empty()) out = {*std::min_element(out.begin(), out.end())};
  return out;
}

void planOrder(const campaign::Campaign& c, const std::optional<Times>& flight, FlightPlan& out) {
  if (c.setups.empty()) return;
  const campaign::PlanSettings& p = c.plan;
  for (const campaign::Setup& s : c.setups) {
    if (!p.together || out.setups.empty())
      out.setups.push_back(s.id);
    else
      out.setups.front() += "+" + s.id;
  }
  out.order = orderOf(int(out.setups.size()), c.planned_pairs, std::uint64_t(p.seed), flownOf(c));
  const bool flies = flight && flight->out_s && flight->back_s;
  out.timed = flies && p.begin_s;
  const double swap_min = p.swap_min.value_or(kUsualSwap_min);
  const SessionTimes times{flies ? *flight->out_s + *flight->back_s + kOverhead_s : 0, 60 * swap_min,
                           60 * std::min(kUsualAgain_min, swap_min)};
  out.schedule = scheduleOf(out.order, times, {p.begin_s.value_or(0), out.timed ? p.end_s : std::nullopt, p.batteries, p.runs_per_battery});
  tellOrder(c, out);
}

void tellWind(const campaign::PlanSettings& p, const std::vector<Leg>& legs, const Times& t, std::vector<Finding>& out) {
  const Wind wind = windOf(p, legs);
  if (!(wind.speed_mps > 0)) return;
  const std::vector<Argument> told{{"wind", wind.speed_mps, Unit::MetrePerSecond},
                                   {"from", wind.from_deg, Unit::Degree},
                                   {"airspeed", *p.airspeed_mps, Unit::MetrePerSecond}};
  if (!p.wind_from_deg) out.push_back(finding("wind-from-wanted"));
  if (!t.back_s) {
    out.insert(out.begin(), finding("wind-no-return", told));
    return;
  }
  if (!t.out_s) return out.push_back(finding("wind-no-way-out", told));
  const double longer = *t.back_s / *t.out_s - 1;
  if (longer > kWorthTellingWind)
    out.push_back(finding("wind-helps-out", {{"longer", 100 * longer, Unit::Percent},
                                             {"back", t.least_back_mps, Unit::MetrePerSecond}}));
  if (longer < -kWorthTellingWind)
    out.push_back(finding("wind-helps-back", {{"shorter", -100 * longer, Unit::Percent}}));
}

Finding batteryFinding(const campaign::Campaign& c, const Wind& wind, const SetupFlight& f) {
  const Energy& e = *f.energy;
  Finding out = !(f.usable_mah > 0) ? finding("battery-empty", {{"setup", f.setup}})
                : e.whole_path
                    ? finding("battery-carries", {{"setup", f.setup},
                                                  {"used", e.out_mah + e.back_mah, Unit::MilliampereHour},
                                                  {"usable", f.usable_mah, Unit::MilliampereHour}})
                    : finding("battery-turns", {{"setup", f.setup},
                                                {"turn", f.battery_m, Unit::Metre},
                                                {"reserve", c.plan.reserve_pct, Unit::Percent}});
  out.why.push_back(finding("why-energy", {{"use", *c.plan.use_mah_km, Unit::None},
                                           {"airspeed", *c.plan.airspeed_mps, Unit::MetrePerSecond},
                                           {"wind", wind.speed_mps, Unit::MetrePerSecond},
                                           {"from", wind.from_deg, Unit::Degree}}));
  return out;
}

void tellFlights(const campaign::Campaign& c, const Planned& planned, const std::vector<Leg>& legs, FlightPlan& out) {
  out.flights = planned.flights;
  bool wanted = false;
  for (const SetupFlight& f : out.flights) {
    wanted = wanted || !f.energy;
    if (f.energy && f.energy->turn_m) out.findings.push_back(batteryFinding(c, windOf(c.plan, legs), f));
  }
  if (wanted && !legs.empty()) out.findings.push_back(finding("energy-wanted"));
}

}  // namespace

FlightPlan flightPlan(const campaign::Campaign& c, const Planned& planned, const FlownSoFar& flown) {
  FlightPlan out;
  const auto course = campaign::courseOf(c);
  const std::vector<Leg> legs = course ? legsOf(*course) : std::vector<Leg>();
  planRepeats(c, flown, out);
  if (c.setups.size() >= 2) tellRepeats(c, out);
  tellHowFar(c, planned, out);
  const auto times = timesOf(c.plan, legs);
  tellFlights(c, planned, legs, out);
  if (times) tellWind(c.plan, legs, *times, out.findings);
  planOrder(c, times, out);
  const std::vector<Finding> limits = limitsOf(c, planned);
  out.findings.insert(out.findings.end(), limits.begin(), limits.end());
  return out;
}

}  // namespace distanz::plan
