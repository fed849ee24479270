#pragma once
#include <algorithm>
#include <map>
#include <set>
#include <string>
#include <vector>

#include "core/analysis/compare/link_work.h"
#include "core/estimate/passage.h"
#include "core/estimate/segments.h"

/// Inside of the analysis: how far new flights get on one link, and on all links of a setup. Not for other
/// folders.
namespace distanz::analysis {

/// What one link leaves open about new flights of its setups, and where they first fail.
struct LinkWays {
  std::string link;
  /// Of the setups whose signal was fitted together.
  struct Together {
    estimate::PathDraws draws;
    estimate::NewFlights flights;
    std::vector<bool> looked = {};  ///< per stretch, where readings were called out; empty: everywhere
    std::uint64_t seed = 0;
  };
  std::vector<Together> together = {};
  std::map<int, std::size_t> together_of = {};     ///< setup -> place in together
  std::map<int, double> farthest_m = {};           ///< along the path
  std::map<int, LinkWork::End> ends = {};          ///< of setups that stop there
  std::map<int, estimate::Passage> passages = {};  ///< by setup
  std::map<int, estimate::WayRange> typical = {};  ///< by setup
  std::map<std::string, double> day_db = {};       ///< by run: how far it lay above its setup's mean
  std::set<int> level =
      {};  ///< setups whose signal does not fall: nothing is told of them beyond what was flown
  double gap_m = 0;
  /// Where flights fail for another reason, each with a seed.
  std::vector<std::pair<estimate::Hindrance, std::uint64_t>> hindrances = {};
};

/// How many states are drawn, and how many new flights go out over each: the same for all links and setups of
/// a campaign, for they are told together.
struct Effort {
  int draws = estimate::defaults::kDraws, flights = estimate::defaults::kNewFlights;
};
/// Full for what people fly; less for very many setups or very long paths, so that time and memory stay
/// bounded.
Effort effortFor(const campaign::Campaign& campaign, const Reductions& reductions);

/// Passages of every setup that the link can be told of, and its ranges all the way on this path.
/// @param earlier ways of links before this one
LinkWays findWays(LinkWork& w, const Effort& effort, const std::vector<LinkWays>& earlier);

/// The same setup held against another with a difference of level that is better known than the two levels:
/// `b` as it is where `a` is as drawn. @param delta_db of a over b, mean and spread of its t distribution
estimate::Passage besides(const LinkWays& ways, int a, int b, const PairOnLink& difference);

/// Ranges over all links of every setup, and comparisons of setups by them.
void addSetupAnswers(const campaign::Campaign& campaign, const std::vector<LinkWays>& ways,
                     CampaignAnalysis& result);

/// A range as the data allow it to be told. @param may_go_on false: the signal does not fall, so that nothing
/// can be told beyond what was flown
RangeAnswer answerFrom(const estimate::WayRange& range, double farthest_m, bool may_go_on);

/// Holm (1979) step-down, each pair at its own level: which "better" stands when all pairs are claimed at
/// once.
template <class Pair>
void holdForAll(std::vector<Pair>& pairs) {
  std::vector<Pair*> looked;
  std::vector<double> weights;
  for (Pair& p : pairs)
    if (p.ratio || p.p_value < 1) {  // what nobody could look at was not looked at
      looked.push_back(&p);
      weights.push_back(p.p_value / p.level);
    }
  const std::vector<bool> holds = estimate::holdTogether(weights);
  for (std::size_t i = 0; i < looked.size(); ++i) looked[i]->holds_for_all = holds[i];
}

/// What two ranges say of each other, draw by draw: their ratio and the chances. Where a range lies beyond
/// what is looked at, the ratio has no limit on that side; where one does as a whole it has no estimate
/// (NaN), where both do there is none.
estimate::Comparison compareDraws(const estimate::WayRange& a, const estimate::WayRange& b);

}  // namespace distanz::analysis
