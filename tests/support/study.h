#pragma once
#include <functional>
#include <string>
#include <vector>

#include "core/dice/random.h"
#include "support/chance.h"
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

/// Shares are of campaigns, or of those that have what is asked about.
struct StudyResult {
  int campaigns = 0;
  Share typical, dependable, delta, ratio;  ///< 95 % interval holds the truth (setup A; A against B)
  Share with_delta;                         ///< have a difference
  Share told;                               ///< typical range told as measured or extrapolated
  Share at_least, at_least_holds;           ///< told as "at least" only; and of those, the truth is farther
  Middle typical_bias, dependable_bias;     ///< median of estimate/truth - 1, where told
  Middle delta_bias_db;                     ///< mean
  Middle delta_width_db;                    ///< mean width of the interval
  Share called_better;                      ///< any pair called better that holds for all pairs together
  Share wrong_winner;                       ///< B stronger by truth, A called better
  Share warned;                             ///< with the warning asked for
  Share answered;                           ///< typical range told, or at least a bound of it
};

struct StudyPlan {
  int campaigns = 1000;
  double b_over_a_db = 2.5;  ///< true difference of level
  std::uint64_t first_seed = 100000;
  std::string warning = {};  ///< code to count
};

/// Same plan, same result, whatever the number of threads; what was asked for before is not flown again.
StudyResult study(const StudyCase& which, const StudyPlan& plan);
/// Flown whatever was flown before.
StudyResult studyAnew(const StudyCase& which, const StudyPlan& plan);

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
