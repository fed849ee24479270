#pragma once
#include <algorithm>
#include <cmath>
#include <vector>

#include "core/simulate/random.h"
#include "support/scenarios.h"

namespace distanz::test {

struct Coverage {
  double typical = 0, dependable = 0, delta = 0, ratio = 0;  ///< shares of campaigns whose 95 % interval holds the truth
  double typical_bias = 0;                                   ///< median of estimate/truth - 1
  double delta_bias_db = 0;                                  ///< mean
  double called_better = 0;                                  ///< either way
  double wrong_winner = 0;
};

/// One campaign with its physics drawn at random, as a pilot might meet it.
inline simulate::Scenario drawnScenario(simulate::Random& random, int flights_each, double b_over_a_db) {
  simulate::Scenario s = twoSetups(flights_each, b_over_a_db);
  simulate::LinkPhysics& p = s.physics["control"];
  p.exponent = random.uniform(2.2, 3.2);
  p.place_sd_db = random.uniform(1.5, 3.5);
  p.place_correlation_m = random.uniform(25, 80);
  p.within_sd_db = random.uniform(1.0, 2.5);
  p.within_correlation_m = random.uniform(25, 80);
  p.flight_sd_db = random.uniform(0.8, 1.8);
  for (simulate::RunPlan& run : s.runs) run.farthest_m = random.uniform(2200, 3800);
  return s;
}

/// @param b_over_a_db true difference
inline Coverage coverage(int campaigns, int flights_each, std::uint64_t first_seed, double b_over_a_db = 2.5) {
  Coverage out;
  std::vector<double> typical_error;
  for (int i = 0; i < campaigns; ++i) {
    simulate::Random random(first_seed + static_cast<std::uint64_t>(i));
    const simulate::Scenario s = drawnScenario(random, flights_each, b_over_a_db);
    const auto result = analyseSimulated(simulate::simulate(s, first_seed * 7919 + static_cast<std::uint64_t>(i)));
    const simulate::LinkPhysics& p = s.physics.at("control");
    const simulate::Truth truth = simulate::truthOf(p, s.level_dbm.at("A").at("control"), -104);
    const auto holds = [](const std::optional<double>& low, const std::optional<double>& high, double value) {
      return low && *low <= value && value <= high.value_or(INFINITY);
    };
    const auto& a = *result.find("A", "control");
    const auto& pair = result.comparisons.at(0);
    out.typical += holds(a.typical.low_m, a.typical.high_m, truth.typical_m);
    out.dependable += holds(a.dependable.low_m, a.dependable.high_m, truth.dependable_m);
    out.delta += holds(pair.delta_db->low, pair.delta_db->high, -b_over_a_db);
    out.ratio += holds(pair.ratio->low, pair.ratio->high, std::pow(10, -b_over_a_db / (10 * p.exponent)));
    out.delta_bias_db += pair.delta_db->estimate + b_over_a_db;
    typical_error.push_back(*a.typical.estimate_m / truth.typical_m - 1);
    out.called_better += pair.verdict == estimate::Verdict::ABetter || pair.verdict == estimate::Verdict::BBetter;
    out.wrong_winner += pair.verdict == estimate::Verdict::ABetter && b_over_a_db > 0;
  }
  std::nth_element(typical_error.begin(), typical_error.begin() + campaigns / 2, typical_error.end());
  out.typical_bias = typical_error[static_cast<std::size_t>(campaigns / 2)];
  for (double* share : {&out.typical, &out.dependable, &out.delta, &out.ratio, &out.delta_bias_db, &out.called_better, &out.wrong_winner})
    *share /= campaigns;
  return out;
}

}  // namespace distanz::test
