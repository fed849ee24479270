#include "support/analyse_simulated.h"
#include "support/study.h"

#include <algorithm>
#include <cmath>
#include <fmt/format.h>
#include <map>
#include <tuple>
#include <utility>

#include "core/parallel/on_all_cores.h"
#include "core/radio/path_loss.h"

namespace distanz::test {
namespace {

using analysis::Status;

/// One campaign held against its truth.
struct Outcome {
  bool typical_known = false, typical = false, dependable = false, delta_known = false, delta = false,
       ratio_known = false, ratio = false;
  bool told = false, at_least = false, at_least_holds = false, better = false, wrong = false, warned = false;
  double typical_error = NAN, dependable_error = NAN, delta_error = NAN, delta_width = NAN;
};

bool holds(const std::optional<double>& low, const std::optional<double>& high, double value) {
  return low && *low <= value && value <= high.value_or(INFINITY);
}

void judgeRange(const analysis::CampaignAnalysis& a, const simulate::Truth& truth, Outcome& out) {
  const analysis::SetupOnLink* s = a.find("A", "control");
  if (!s) return;
  out.typical_known = s->elsewhere_typical.estimate_m.has_value();
  out.typical = holds(s->elsewhere_typical.low_m, s->elsewhere_typical.high_m, truth.typical_m);
  out.dependable = holds(s->elsewhere_dependable.low_m, s->elsewhere_dependable.high_m, truth.dependable_m);
  out.told = s->elsewhere_typical.status == Status::Measured || s->elsewhere_typical.status == Status::Extrapolated;
  if (out.told) out.typical_error = *s->elsewhere_typical.estimate_m / truth.typical_m - 1;
  if (const Status d = s->elsewhere_dependable.status; d == Status::Measured || d == Status::Extrapolated)
    out.dependable_error = *s->elsewhere_dependable.estimate_m / truth.dependable_m - 1;
  out.at_least = s->elsewhere_typical.status == Status::AtLeast;
  out.at_least_holds = out.at_least && *s->elsewhere_typical.at_least_m <= truth.typical_m;
}

void judgePairs(const analysis::CampaignAnalysis& a, double b_over_a_db, double exponent, Outcome& out) {
  for (const analysis::PairOnLink& p : a.comparisons) {
    const bool a_better = p.verdict == estimate::Verdict::ABetter,
               b_better = p.verdict == estimate::Verdict::BBetter;
    out.better = out.better || ((a_better || b_better) && p.holds_for_all);
    if (p.a != "A" || p.b != "B") continue;
    out.wrong = b_over_a_db > 0 && a_better;
    out.delta_known = p.delta_db.has_value();
    if (p.delta_db) {
      out.delta = holds(p.delta_db->low, p.delta_db->high, -b_over_a_db);
      out.delta_error = p.delta_db->estimate + b_over_a_db;
      out.delta_width = p.delta_db->high - p.delta_db->low;
    }
    out.ratio_known = p.elsewhere_ratio.has_value();
    if (p.elsewhere_ratio)
      out.ratio = holds(p.elsewhere_ratio->low, p.elsewhere_ratio->high, radio::rangeRatio(-b_over_a_db, exponent));
  }
}

Outcome campaignOf(const StudyCase& which, const StudyPlan& plan, std::uint64_t number) {
  dice::Random random(plan.first_seed + number);
  simulate::Scenario s = drawnScenario(random, which.flights_each, plan.b_over_a_db);
  if (which.change) which.change(s, random);
  const auto result = analyseSimulated(simulate::simulate(s, plan.first_seed * 7919 + number));
  const simulate::LinkPhysics& p = s.physics.at("control");
  Outcome out;
  judgeRange(result, simulate::truthOf(p, s.level_dbm.at("A").at("control"), kStudyCritical_dbm), out);
  judgePairs(result, plan.b_over_a_db, p.exponent, out);
  out.warned = std::any_of(result.warnings.begin(), result.warnings.end(),
                           [&](const auto& w) { return w.code == plan.warning; });
  return out;
}

Share share(const std::vector<Outcome>& all, bool Outcome::*what, bool Outcome::*of = nullptr) {
  Share out;
  for (const Outcome& o : all)
    if (!of || o.*of) out += o.*what;
  return out;
}

Middle middle(const std::vector<Outcome>& all, double Outcome::*what, Middle::Of of) {
  std::vector<double> values;
  for (const Outcome& o : all) values.push_back(o.*what);
  return {values, of};
}

simulate::LinkPhysics& physics(simulate::Scenario& s) {
  return s.physics["control"];
}

/// Setups A to E, as strong as A or B in turn, flown in turns.
void fiveSetups(simulate::Scenario& s, dice::Random& random) {
  const auto flights = s.runs.size() / 2;
  for (const char* id : {"C", "D", "E"}) {
    campaign::Setup setup;
    setup.id = id;
    s.campaign.setups.push_back(setup);
    s.level_dbm[id] = s.level_dbm.at("A");
  }
  s.runs.clear();
  for (std::size_t i = 0; i < flights; ++i)
    for (const auto& setup : s.campaign.setups) {
      simulate::RunPlan run;
      run.setup = setup.id;
      run.farthest_m = random.uniform(2200, 3800);
      s.runs.push_back(run);
    }
}

void apart(simulate::Scenario& s, dice::Random& random) {
  for (simulate::RunPlan& run : s.runs) {
    run.start_m = run.setup == "A" ? 20 : 1500;
    run.farthest_m = run.setup == "A" ? random.uniform(1250, 1400) : random.uniform(3000, 3800);
  }
}

}  // namespace

double decibelsFor(double range_ratio) {
  return radio::decibelsForRatio(range_ratio, estimate::defaults::kExponentPrior);
}

simulate::Scenario drawnScenario(dice::Random& random, int flights_each, double b_over_a_db) {
  simulate::Scenario s = twoSetups(flights_each, b_over_a_db);
  simulate::LinkPhysics& p = physics(s);
  p.exponent = random.uniform(2.2, 3.2);
  p.place_sd_db = random.uniform(1.5, 3.5);
  p.place_correlation_m = random.uniform(25, 80);
  p.within_sd_db = random.uniform(1.0, 2.5);
  p.within_correlation_m = random.uniform(25, 80);
  p.flight_sd_db = random.uniform(0.8, 1.8);
  for (simulate::RunPlan& run : s.runs) run.farthest_m = random.uniform(2200, 3800);
  return s;
}

StudyResult studyAnew(const StudyCase& which, const StudyPlan& plan) {
  std::vector<Outcome> all(static_cast<std::size_t>(plan.campaigns));
  parallel::onAllCores(all.size(), [&](std::size_t i) { all[i] = campaignOf(which, plan, i); });
  StudyResult r;
  r.campaigns = plan.campaigns;
  r.typical = share(all, &Outcome::typical, &Outcome::typical_known);
  r.dependable = share(all, &Outcome::dependable, &Outcome::typical_known);
  r.delta = share(all, &Outcome::delta, &Outcome::delta_known);
  r.ratio = share(all, &Outcome::ratio, &Outcome::ratio_known);
  r.with_delta = share(all, &Outcome::delta_known);
  r.told = share(all, &Outcome::told);
  r.at_least = share(all, &Outcome::at_least);
  r.at_least_holds = share(all, &Outcome::at_least_holds, &Outcome::at_least);
  r.answered = {r.told.yes + r.at_least.yes, r.told.of};
  r.typical_bias = middle(all, &Outcome::typical_error, Middle::Of::Median);
  r.dependable_bias = middle(all, &Outcome::dependable_error, Middle::Of::Median);
  r.delta_bias_db = middle(all, &Outcome::delta_error, Middle::Of::Mean);
  r.delta_width_db = middle(all, &Outcome::delta_width, Middle::Of::Mean);
  r.called_better = share(all, &Outcome::better);
  r.wrong_winner = share(all, &Outcome::wrong);
  r.warned = share(all, &Outcome::warned);
  return r;
}

StudyResult study(const StudyCase& which, const StudyPlan& plan) {
  using Key = std::tuple<std::string, int, int, double, std::uint64_t, std::string>;
  static std::map<Key, StudyResult> before;
  const Key key{which.name, which.flights_each, plan.campaigns, plan.b_over_a_db, plan.first_seed, plan.warning};
  const auto known = before.find(key);
  return known != before.end() ? known->second : before[key] = studyAnew(which, plan);
}

StudyCase pairedCase(int flights) {
  return {"both aboard", flights, [](simulate::Scenario& s, dice::Random& random) {
            physics(s).pair_sd_db = random.uniform(0.2, 0.8);
            physics(s).pair_within_sd_db = random.uniform(0.3, 1.2);
            for (std::size_t i = 0; i + 1 < s.runs.size(); i += 2) {
              s.runs[i].flight = s.runs[i + 1].flight = "f" + fmt::to_string(i);
              s.runs[i + 1].farthest_m = s.runs[i].farthest_m;
            }
          }};
}

std::vector<StudyCase> fewReadingsCases(int flights) {
  using S = simulate::Scenario;
  using R = dice::Random;
  constexpr double kByHand_s = 250 / 13.0;
  const auto faded = [](S& s) { physics(s).fading_sd_db = 5; };
  const auto fast = [](S& s) {
    s.sample_s = 1;
    for (simulate::RunPlan& run : s.runs) run.speed_mps = 20;
  };
  return {
      {"1 Hz at 20 m/s, fading 5 dB", flights, [=](S& s, R&) { fast(s), faded(s); }},
      {"1 Hz at 20 m/s, Rician K 6 dB", flights, [=](S& s, R&) { fast(s), physics(s).rician_k_db = 6; }},
      {"one reading in 250 m, fading 1.5 dB", flights, [=](S& s, R&) { s.sample_s = kByHand_s; }},
      {"one reading in 250 m, fading 5 dB", flights, [=](S& s, R&) { s.sample_s = kByHand_s, faded(s); }},
      {"one reading in 250 m, Rician K 6 dB", flights, [=](S& s, R&) { s.sample_s = kByHand_s, physics(s).rician_k_db = 6; }},
      {"a third of the flights one in 250 m, fading 5 dB", flights, [=](S& s, R&) {
         faded(s);
         for (std::size_t i = 0; i < s.runs.size(); i += 3) s.runs[i].sample_s = kByHand_s;
       }},
      {"the flights of A one in 250 m, Rician K 6 dB", flights, [=](S& s, R&) {
         physics(s).rician_k_db = 6;
         for (simulate::RunPlan& run : s.runs)
           if (run.setup == "A") run.sample_s = kByHand_s;
       }},
  };
}

std::vector<HardCase> hardCases() {
  using S = simulate::Scenario;
  using R = dice::Random;
  return {
      {{"clipped at the floor", 3, [](S& s, R&) { physics(s).floor_dbm = kStudyCritical_dbm - 1; }}, ""},
      {{"Rician fading, K = 6 dB", 3, [](S& s, R&) { physics(s).rician_k_db = 6; }}, ""},
      {{"10 % wild samples", 3, [](S& s, R&) { physics(s).wild_share = 0.1; }}, ""},
      {{"readings in 3 dB steps", 3, [](S& s, R&) { physics(s).step_db = 3; }}, ""},
      {{"built-in cut-off at 1.2 km", 3,
        [](S& s, R&) {
          for (auto& run : s.runs) run.farthest_m = 1200;
        }},
       "ended-together"},
      {{"B flown once", 3,
        [](S& s, R&) {
          std::erase_if(s.runs, [&, first = true](const auto& run) mutable {
            return run.setup == "B" && !std::exchange(first, false);
          });
        }},
       "one-flight"},
      {{"exponent 4", 3,
        [](S& s, R& random) {
          physics(s).exponent = 4;
          for (auto& run : s.runs) run.farthest_m = random.uniform(1500, 2600);
        }},
       ""},
      {{"five setups", 3, fiveSetups}, ""},
      {{"no common places", 3, apart}, "no-common-places"},
  };
}

}  // namespace distanz::test
