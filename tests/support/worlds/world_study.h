#pragma once
#include <functional>
#include <map>

#include "core/analysis/analyse.h"
#include "core/analysis/result/campaign_analysis.h"
#include "support/chance.h"
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

/// Shares of campaigns, or of what could be told. A campaign tells the ranges of one of its setups, A or B in turns: over one ground
/// the other's are no other try.
struct WorldResult {
  Share told;  ///< typical range told as measured or extrapolated
  Share withheld;
  Share typical, dependable, delta, ratio;      ///< 95 % interval holds the truth, where given
  Share near;                                   ///< typical range told within 15 % of the truth
  Middle typical_bias, dependable_bias;         ///< median, where told
  Middle typical_width, dependable_width;       ///< median of high over low
  Share beyond_plan;                            ///< "plan with" lies beyond the true dependable range
  Share better;                                 ///< any pair of setups called better that holds for all
  Share wrong;                                  ///< the weaker one called better
  Middle critical_bias;                         ///< of the level, dB
  Share critical_covers;
  std::map<std::string, int> warned;
};

struct WorldPlan {
  int campaigns = 300;
  int flights_each = 3;
  double b_over_a_db = 0;
  std::uint64_t first_seed = 1;
  bool with_truth = true;  ///< else only verdicts
};
/// Same plan, same result, whatever the number of threads; what was asked for before is not flown again.
WorldResult studyWorld(const WorldKind& kind, const WorldPlan& plan);

}  // namespace distanz::test
