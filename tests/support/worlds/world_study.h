#pragma once
#include <functional>
#include <map>

#include "core/analysis/analyse.h"
#include "support/worlds/world.h"

namespace distanz::test {

/// A kind of world; its numbers are drawn for each campaign.
struct WorldKind {
  std::string name;
  std::function<void(World&, dice::Random&)> change = {};
  bool hilly = false;  ///< two-ray, ridge: less is asked
};
const std::vector<WorldKind>& worldKinds();

/// @param b_over_a_db true difference of level
World drawnWorld(const WorldKind& kind, int flights_each, double b_over_a_db, dice::Random& random);

/// Analysis of a flown world, as the program makes it.
analysis::CampaignAnalysis analyseWorld(const FlownWorld& flown);

/// Shares of campaigns, or of what could be told.
struct WorldResult {
  double told = 0;  ///< typical range told as measured or extrapolated, of both setups
  double withheld = 0;
  double typical = 0, dependable = 0, delta = 0, ratio = 0;  ///< 95 % interval holds the truth, where given
  double typical_bias = 0, dependable_bias = 0;              ///< median, where told
  double typical_width = 0, dependable_width = 0;            ///< median of high over low
  double beyond_plan = 0;                         ///< "plan with" lies beyond the true dependable range
  double better = 0;                              ///< any pair of setups called better that holds for all
  double wrong = 0;                               ///< the weaker one called better
  double critical_bias = 0, critical_covers = 0;  ///< of the level, dB
  std::map<std::string, int> warned;
};

struct WorldPlan {
  int campaigns = 300;
  int flights_each = 3;
  double b_over_a_db = 0;
  std::uint64_t first_seed = 1;
  bool with_truth = true;  ///< else only verdicts
};
/// Same plan, same result, whatever the number of threads.
WorldResult studyWorld(const WorldKind& kind, const WorldPlan& plan);

}  // namespace distanz::test
