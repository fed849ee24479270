#include <algorithm>
#include <cmath>

#include "core/analysis/compare/ways.h"
#include "core/estimate/distribution.h"
#include "core/estimate/margin_draws.h"
#include "core/estimate/robust.h"
#include "core/estimate/strata.h"

namespace distanz::analysis {

using namespace estimate;

namespace {

// Draws are numbered alike everywhere; what is apart has a seed of its own.
constexpr std::uint64_t kDaySeed = 1, kPathSeed = 1000, kFlightSeed = 2000, kReachSeed = 3000,
                        kBesideSeed = 4000, kHindranceSeed = 5000;
constexpr std::size_t kFullDrawsUpTo = 40;  ///< setups; of more, fewer draws are made of each
constexpr int kLeastDraws = 100;

int drawsFor(const LinkWork& w) {
  const auto setups = static_cast<std::size_t>(
      std::count_if(w.runs_of.begin(), w.runs_of.end(), [](const auto& runs) { return !runs.empty(); }));
  if (setups <= kFullDrawsUpTo) return defaults::kDraws;
  return std::max(kLeastDraws, static_cast<int>(defaults::kDraws * kFullDrawsUpTo / setups));
}

int newFlightsFor(int draws) {
  return draws == defaults::kDraws ? defaults::kNewFlights : defaults::kNewFlights / 4;
}

/// Path that most of the setup's flights flew, by the number of its first place.
int pathPlaceOf(const LinkWork& w, int setup) {
  std::map<int, int> flown;
  for (std::size_t run : w.runs_of[static_cast<std::size_t>(setup)])
    ++flown[firstPlaceOf(w.campaign, w.campaign.runs[run])];
  return std::max_element(flown.begin(), flown.end(),
                          [](const auto& a, const auto& b) { return a.second < b.second; })
      ->first;
}

std::uint64_t seedOf(const LinkWork& w, std::uint64_t kind) {
  const auto link = &w.link - w.campaign.links.data();
  return kind + static_cast<std::uint64_t>(link);
}

/// How much of the day links share: the flights' own levels on both, pulled towards nothing where they are
/// few.
double dayShare(const LinkWays& first, const LinkWays& of) {
  double products = 0, squares_first = 0, squares_of = 0;
  for (const auto& [run, db] : of.day_db)
    if (const auto other = first.day_db.find(run); other != first.day_db.end()) {
      products += db * other->second;
      squares_of += db * db;
      squares_first += other->second * other->second;
    }
  const double unsure = defaults::kFlightPriorDf * defaults::kFlightPriorSd_db * defaults::kFlightPriorSd_db;
  return std::clamp(products / (std::sqrt(squares_first * squares_of) + unsure), 0.0, 1.0);
}

void drawTogether(const LinkWork& w, LinkWays& ways, const std::vector<LinkWays>& earlier, int draws) {
  const double day_share = earlier.empty() ? 1 : dayShare(earlier.front(), ways);
  std::map<std::pair<const SignalModel*, int>, std::vector<int>> setups;  // by model and path
  for (const auto& [setup, model] : w.model_of) setups[{model, pathPlaceOf(w, setup)}].push_back(setup);
  // In the order of the setups, never of addresses.
  std::vector<std::pair<std::pair<const SignalModel*, int>, std::vector<int>>> groups(setups.begin(),
                                                                                      setups.end());
  std::sort(groups.begin(), groups.end(), [](const auto& a, const auto& b) { return a.second < b.second; });
  for (const auto& [key, members] : groups) {
    double farthest = 0;
    for (int s : members) farthest = std::max(farthest, ways.farthest_m.at(s));
    const Stretches stretches = stretchesOf(*key.first, key.second, farthest);
    PathDraws path = drawPath(*key.first, stretches, *w.critical, seedOf(w, kPathSeed), draws);
    NewFlights flights = newFlights(stretches.count(), path.neighbour_correlation, seedOf(w, kFlightSeed),
                                    kDaySeed, day_share, newFlightsFor(draws));
    for (int s : members) ways.together_of[s] = ways.together.size();
    ways.together.push_back({std::move(path), std::move(flights)});
  }
}

/// Longest dip that does not end the range, metres.
double gapOf(const LinkWork& w) {
  std::vector<double> speeds;
  for (std::size_t run : w.runs)
    if (const double v = w.result.reductions[run].speed_mps; std::isfinite(v) && v > 0) speeds.push_back(v);
  const double by_time = speeds.empty() ? 0 : w.link.rule.gap_s.value_or(0) * median(std::move(speeds));
  return std::max(by_time, w.link.rule.gap_m.value_or(0));
}

/// How far the measured parts of the rule were kept by a run.
std::vector<Margin> marginsOf(const LinkWork& w, std::size_t run) {
  const campaign::RangeRule& rule = w.link.rule;
  std::vector<Margin> out;
  if (rule.lq_min_pct)
    out = estimate::marginsOf(w.reduced(run).quality_looks, qualityMeasure(*rule.lq_min_pct));
  if (rule.bitrate_min_mbps)
    out = lesserOf(out,
                   estimate::marginsOf(w.reduced(run).bitrate_looks, bitrateMeasure(*rule.bitrate_min_mbps)));
  return out;
}

/// Without a signal: from where the rule was kept. Only of setups that failed often enough to tell.
void drawByMargins(const LinkWork& w, LinkWays& ways, int draws) {
  std::map<int, std::vector<MarginFlight>> by_path;
  std::map<int, double> farthest;
  for (std::size_t run : w.runs) {
    const int setup = w.setup_of[run], path = firstPlaceOf(w.campaign, w.campaign.runs[run]);
    const auto reach = w.path_reach.setups.find(setup);
    if (ways.together_of.contains(setup) || reach == w.path_reach.setups.end() ||
        w.reduced(run).reduced_db > 0 || path != pathPlaceOf(w, setup))
      continue;
    by_path[path].push_back({setup, marginsOf(w, run)});
    farthest[path] = std::max(farthest[path], ways.farthest_m.at(setup));
  }
  for (const auto& [path, flights] : by_path) {
    Stretches stretches = straightStretches(farthest.at(path));
    stretches.first_index += path;
    PathDraws margins = drawMargins(flights, stretches, seedOf(w, kReachSeed), draws);
    NewFlights fresh = newFlights(stretches.count(), margins.neighbour_correlation, seedOf(w, kFlightSeed),
                                  kDaySeed, 1, newFlightsFor(draws));
    for (const MarginFlight& f : flights)
      if (w.path_reach.setups.at(f.setup).typical_m) ways.together_of[f.setup] = ways.together.size();
    ways.together.push_back({std::move(margins), std::move(fresh)});
  }
}

}  // namespace

LinkWays findWays(LinkWork& w, const std::vector<LinkWays>& earlier) {
  LinkWays ways{w.link.id};
  for (std::size_t s = 0; s < w.runs_of.size(); ++s)
    for (std::size_t run : w.runs_of[s]) {
      double& farthest = ways.farthest_m[static_cast<int>(s)];
      farthest = std::max(farthest, w.result.reductions[run].farthest_m);
    }
  for (const SignalModel& model : w.models.components)
    for (const FlightEffect& f : model.flights)
      ways.day_db[w.runId(static_cast<std::size_t>(f.flight))] = f.off_setup_db;
  ways.gap_m = gapOf(w);
  const int draws = drawsFor(w);
  if (w.critical) drawTogether(w, ways, earlier, draws);
  drawByMargins(w, ways, draws);
  for (const auto& [setup, group] : ways.together_of) {
    const LinkWays::Together& t = ways.together[group];
    ways.passages.emplace(setup, passageOf(t.draws, setup, t.flights, ways.farthest_m.at(setup), ways.gap_m));
  }
  for (std::size_t i = 0; i < w.interference.size(); ++i) {
    const Interference& met = w.interference[i];
    for (auto& [setup, passage] : ways.passages)
      if (met.first_place / defaults::kPlacesOfAPath == pathPlaceOf(w, setup) / defaults::kPlacesOfAPath)
        passage =
            withHindrance(std::move(passage), {met.from_m, static_cast<int>(met.runs.size()), met.flights},
                          seedOf(w, kHindranceSeed) + 100 * i);
  }
  for (const auto& [setup, passage] : ways.passages) {
    const WayRange typical = rangeOf(passage, 0.5), dependable = rangeOf(passage, defaults::kDependability);
    ways.typical_m[setup] = typical.draws_m;
    SetupOnLink& told = w.result.setups[w.answer_of.at(setup)];
    told.typical = answerFrom(typical, ways.farthest_m.at(setup));
    told.dependable = answerFrom(dependable, ways.farthest_m.at(setup));
  }
  return ways;
}

Passage besides(const LinkWays& ways, int a, int b, const PairOnLink& difference) {
  const LinkWays::Together& t = ways.together[ways.together_of.at(b)];
  dice::Random random(kBesideSeed);
  PathDraws draws = t.draws;
  const std::vector<double>& of_a = ways.together[ways.together_of.at(a)].draws.level_db.at(a);
  const std::vector<double> off =
      Strata(random, draws.draws)([&](double p) { return tQuantile(p, difference.df); });
  std::vector<double>& of_b = draws.level_db[b];
  for (std::size_t m = 0; m < of_b.size(); ++m)
    of_b[m] = of_a[m] - difference.delta_db->estimate - difference.se_db * off[m];
  return passageOf(draws, b, t.flights, ways.farthest_m.at(b), ways.gap_m);
}

RangeAnswer answerFrom(const WayRange& r, double farthest_m) {
  RangeAnswer out;
  out.confidence = defaults::kPlanSure;
  out.estimate_m = r.estimate_m;
  out.low_m = r.low_m;
  if (r.high_m < defaults::kNoUpperLimit_m) out.high_m = r.high_m;
  out.at_least_m = std::min(r.sure_m, farthest_m);
  const double extrapolation = r.estimate_m / farthest_m;
  out.status = extrapolation <= 1                                ? Status::Measured
               : extrapolation < defaults::kExtrapolation - 1e-9 ? Status::Extrapolated
                                                                 : Status::AtLeast;
  return out;
}

Comparison compareDraws(const std::vector<double>& a, const std::vector<double>& b) {
  Comparison c;
  c.ratio = ratioOf(a, b, defaults::kConfidence);
  const double n = static_cast<double>(a.size()), margin = 1 + defaults::kPracticalMargin;
  c.p_a_longer = 0;
  for (std::size_t m = 0; m < a.size(); ++m) {
    c.p_a_longer += (a[m] > b[m] ? 1 : a[m] == b[m] ? 0.5 : 0) / n;
    c.p_a_more += (a[m] > b[m] * margin ? 1 : 0) / n;
    c.p_b_more += (b[m] > a[m] * margin ? 1 : 0) / n;
  }
  c.p_value = std::clamp(2 * std::min(c.p_a_longer, 1 - c.p_a_longer), 1 / n, 1.0);
  c.delta_db.estimate = c.p_a_longer - 0.5;  // only its sign: verdictAt()
  return c;
}

Interval ratioOf(const std::vector<double>& a, const std::vector<double>& b, double confidence) {
  std::vector<double> ratio;
  for (std::size_t m = 0; m < std::min(a.size(), b.size()); ++m) ratio.push_back(a[m] / b[m]);
  std::sort(ratio.begin(), ratio.end());
  const double tail = (1 - confidence) / 2;
  return {quantileOf(ratio, 0.5), quantileOf(ratio, tail), quantileOf(ratio, 1 - tail)};
}

}  // namespace distanz::analysis
