#include <algorithm>
#include <cmath>

#include "core/analysis/compare/link_work.h"
#include "core/analysis/compare/own_breaks.h"
#include "core/analysis/compare/ways.h"

namespace distanz::analysis {

using namespace estimate;

namespace {

constexpr std::size_t kMostComparedAll =
    40;  // setups: 780 pairs, more than anyone reads; beyond, each is held against the strongest
constexpr double kGapTrendP = 0.05;
constexpr int kEnoughPaired = 2;  // one paired flight shows a difference but not how repeatable it is

void fill(PairOnLink& out, const Comparison& c) {
  out.delta_db = c.delta_db;
  out.elsewhere_ratio = c.ratio;
  out.verdict = verdictAt(c, out.level);
  out.p_value = c.p_value;
  out.se_db = c.se_db;
  out.df = c.df;
  out.more_pairs = c.more_pairs;
  out.p_a_longer = c.p_a_longer;
  out.p_a_more = c.p_a_more;
  out.p_b_more = c.p_b_more;
  out.spread_assumed = c.spread_assumed;
  out.same_places = c.same_places;
  out.paired_flights = c.paired_flights;
  out.gap_trend = c.gap_trend;
}

/// Without a signal there is no difference in dB.
void fillByDraws(PairOnLink& out, const Comparison& c) {
  out.ratio = c.ratio;
  out.p_a_longer = c.p_a_longer;
  out.p_a_more = c.p_a_more;
  out.p_b_more = c.p_b_more;
  out.p_value = c.p_value;
  out.verdict = verdictAt(c, out.level);
}

/// Both setups' cells in every flight that both were recorded in.
std::vector<PairedFlight> pairedFlights(const LinkWork& w, int a, int b) {
  std::map<int, const FlightCells*> of_b;
  for (std::size_t f : w.flights_of[static_cast<std::size_t>(b)])
    if (w.flights[f].group >= 0) of_b.emplace(w.flights[f].group, &w.flights[f].cells);
  std::vector<PairedFlight> out;
  for (std::size_t f : w.flights_of[static_cast<std::size_t>(a)]) {
    const auto other = of_b.find(w.flights[f].group);
    if (other == of_b.end()) continue;
    if (const auto pair = pairedFlight(w.flights[f].cells, *other->second)) out.push_back(*pair);
  }
  return out;
}

std::optional<Comparison> compareApartOn(const LinkWork& w, int a, int b) {
  const SignalModel *ma = w.modelOf(a), *mb = w.modelOf(b);
  if (!ma || !mb || !w.critical || !falls(*ma) || !falls(*mb)) return std::nullopt;
  return compareApart(*ma, a, *mb, b, *w.critical);
}

/// Log distance at which the two are told apart: where their typical ranges end.
std::optional<double> criticalPlace(const LinkWays& ways, int a, int b) {
  if (!ways.typical.contains(a) || !ways.typical.contains(b)) return std::nullopt;
  return std::log10((ways.typical.at(a).estimate_m + ways.typical.at(b).estimate_m) / 2);
}

/// Paired flights where there are enough of them, for they are the sharpest; else the setups' levels over
/// common places; else their ranges.
std::optional<Comparison> compareOn(const LinkWork& w, const LinkWays& ways, int a, int b) {
  const SignalModel* together = nullptr;
  for (const SignalModel& m : w.models.components)
    if (!together && m.setups.contains(a) && m.setups.contains(b)) together = &m;
  if (!together) return compareApartOn(w, a, b);
  const auto paired = pairedFlights(w, a, b);
  const bool enough =
      static_cast<int>(paired.size()) >= kEnoughPaired || (!paired.empty() && together->spread_df == 0);
  return enough ? comparePaired(*together, pairedDifference(paired))
                : compare(*together, a, b, defaults::kPracticalMargin, criticalPlace(ways, a, b));
}

/// Ratio of the typical ranges all the way on this path, from the draws. None where either has none.
std::optional<Interval> ratioOnPath(const LinkWays& ways, int a, int b, const PairOnLink& c) {
  if (!ways.typical.contains(a) || !ways.typical.contains(b)) return std::nullopt;
  return compareDraws(ways.typical.at(a),
                      c.paired_flights > 0 ? rangeOf(besides(ways, a, b, c), 0.5) : ways.typical.at(b))
      .ratio;
}

/// Where the equipment stopped both, neither of them being at its end before.
std::optional<double> stoppedBoth(const LinkWork& w, const LinkWays& ways, int a, int b) {
  if (!w.endOf(a).open || !w.endOf(b).open) return std::nullopt;
  for (const int setup : {a, b})
    if (const auto typical = ways.typical.find(setup); typical != ways.typical.end() && typical->second.estimate_m < typical->second.end_m) return std::nullopt;
  return std::min(w.endOf(a).at_m, w.endOf(b).at_m);
}

/// Their levels may differ; how far either reaches nobody saw.
void leaveOpen(PairOnLink& pair, double stopped_m) {
  pair.stopped_m = stopped_m;
  pair.ratio.reset();
  pair.elsewhere_ratio.reset();
  pair.verdict = Verdict::Undecided;
  pair.p_a_longer = 0.5;
  pair.p_a_more = pair.p_b_more = 0;
  pair.p_value = 1;
  pair.more_pairs = 0;
}

/// How often the one flown less was flown, in turns or both aboard.
int pairsFlown(const LinkWork& w, int a, int b) {
  return static_cast<int>(
      std::min(w.runs_of[static_cast<std::size_t>(a)].size(), w.runs_of[static_cast<std::size_t>(b)].size()));
}

/// Pairs of setups in campaign order: all of them, or each against the strongest where there are very many.
std::vector<std::pair<int, int>> pairsOf(const LinkWork& w) {
  std::vector<int> flown;
  for (std::size_t s = 0; s < w.runs_of.size(); ++s)
    if (!w.runs_of[s].empty()) flown.push_back(static_cast<int>(s));
  std::vector<std::pair<int, int>> out;
  if (flown.size() <= kMostComparedAll) {
    for (std::size_t i = 0; i < flown.size(); ++i)
      for (std::size_t j = i + 1; j < flown.size(); ++j) out.emplace_back(flown[i], flown[j]);
    return out;
  }
  const auto level = [&](int setup) {
    const SignalModel* model = w.modelOf(setup);
    return model ? model->level_dbm(setup, 1000) : -INFINITY;
  };
  const int strongest =
      *std::max_element(flown.begin(), flown.end(), [&](int a, int b) { return level(a) < level(b); });
  for (int other : flown)
    if (other != strongest) out.emplace_back(std::min(strongest, other), std::max(strongest, other));
  w.warn("many-setups", {{"setups", flown.size()},
                         {"strongest", w.campaign.setups[static_cast<std::size_t>(strongest)].id}});
  return out;
}

void warnOfTrend(const LinkWork& w, const PairOnLink& pair) {
  if (w.scale || !pair.gap_trend || !(pair.gap_trend->p < kGapTrendP)) return;
  w.warn("gap-changes",
         {{"a", pair.a}, {"b", pair.b}, {"change", pair.gap_trend->db_per_decade, quantity::Unit::Decibel}});
}

}  // namespace

void addPairs(LinkWork& w, const LinkWays& ways) {
  std::vector<PairOnLink> pairs;
  for (const auto& [a, b] : pairsOf(w)) {
    PairOnLink pair;
    pair.a = w.campaign.setups[static_cast<std::size_t>(a)].id;
    pair.b = w.campaign.setups[static_cast<std::size_t>(b)].id;
    pair.link = w.link.id;
    pair.power_unknown = w.power_unknown.contains(a) || w.power_unknown.contains(b);
    const auto c = pair.power_unknown ? std::nullopt : compareOn(w, ways, a, b);
    pair.pairs = pairsFlown(w, a, b);
    pair.level = lookAlpha(pair.pairs, w.campaign.planned_pairs);
    if (c) {
      fill(pair, *c);
      pair.ratio = ratioOnPath(ways, a, b, pair);
      warnOfTrend(w, pair);
    } else if (!pair.power_unknown && ways.typical.contains(a) && ways.typical.contains(b)) {
      Comparison by_draws = compareDraws(ways.typical.at(a), ways.typical.at(b));
      if (!w.modelOf(a) && !w.modelOf(b)) by_draws.p_value *= defaults::kMarginChance;
      fillByDraws(pair, by_draws);
    }
    if (const auto stopped = stoppedBoth(w, ways, a, b)) leaveOpen(pair, *stopped);
    agree(pair, w.result.practical_threshold);
    pairs.push_back(std::move(pair));
  }
  holdForAll(pairs);
  w.result.comparisons.insert(w.result.comparisons.end(), pairs.begin(), pairs.end());
}

}  // namespace distanz::analysis
