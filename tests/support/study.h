#pragma once
#include <functional>
#include <string>
#include <vector>

#include "core/dice/random.h"
#include "support/scenarios.h"

/// Campaigns with their physics drawn at random, flown in simulation, analysed as the program does, and held
/// against the truth.
namespace distanz::test {

constexpr double kStudyCritical_dbm = -104;

struct StudyCase {
  std::string name;
  int flights_each = 3;
  /// What makes this case differ from the plain one, on top of what was drawn.
  std::function<void(simulate::Scenario&, dice::Random&)> change = {};
};

/// Shares are of campaigns, unless said otherwise.
struct StudyResult {
  int campaigns = 0;
  double typical = 0, dependable = 0, delta = 0,
         ratio = 0;       ///< 95 % interval holds the truth, of those that have one (setup A; A against B)
  double with_delta = 0;  ///< campaigns that have a difference
  double told = 0;        ///< typical range told as measured or extrapolated
  double at_least = 0,
         at_least_holds =
             0;  ///< told as "at least" only; and of those, the share in which the truth is farther
  double typical_bias = 0, dependable_bias = 0;  ///< median of estimate/truth - 1, where told
  double delta_bias_db = 0;                      ///< mean
  double delta_width_db = 0;                     ///< mean width of the interval
  double called_better = 0;                      ///< any pair called better that holds for all pairs together
  double wrong_winner = 0;                       ///< B stronger by truth, A called better
  double warned = 0;                             ///< with the warning asked for
};

struct StudyPlan {
  int campaigns = 1000;
  double b_over_a_db = 2.5;  ///< true difference of level
  std::uint64_t first_seed = 100000;
  std::string warning = {};  ///< code to count
};

/// Same plan, same result, whatever the number of threads.
StudyResult study(const StudyCase& which, const StudyPlan& plan);

/// Difference of level that a range ratio is worth at the exponent the study's truth is drawn about (2.7).
double decibelsFor(double range_ratio);

/// The plain case drawn for this seed, before any change.
simulate::Scenario drawnScenario(dice::Random& random, int flights_each, double b_over_a_db);

/// Every hard condition the estimator must get through, with the warning it should give where there is one.
struct HardCase {
  StudyCase which;
  std::string warning;
};
std::vector<HardCase> hardCases();

/// Flights of which little was read: by hand, or once a second at speed, or some of them so.
std::vector<StudyCase> fewReadingsCases(int flights);

/// A case in which both setups listen in the same flights.
StudyCase pairedCase(int flights);

}  // namespace distanz::test
