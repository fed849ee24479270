#include <algorithm>
#include <cmath>
#include <set>

#include "core/analysis/compare/ways.h"
#include "core/analysis/reduce/reduction.h"
#include "core/estimate/called_out.h"
#include "core/estimate/distribution.h"
#include "core/estimate/margin_draws.h"
#include "core/estimate/robust.h"
#include "core/estimate/strata.h"

namespace distanz::analysis {

using namespace estimate;

namespace {

// Draws are numbered alike everywhere; what is apart has a seed of its own.
constexpr std::uint64_t kDaySeed = 1, kPathSeed = 1000, kFlightSeed = 2000, kReachSeed = 3000,
                        kBesideSeed = 4000, kHindranceSeed = 5000,
                        kBetweenSeed = 6000;
constexpr double kFullSetups = 40;      // of more, fewer draws are made
constexpr double kFullPath_m = 40'000;  // and of longer paths: states of all stretches are kept
constexpr int kLeastDraws = 100;

/// Path that most of the setup's flights flew, on whatever link, by the number of its first place.
std::map<int, int> pathPlaces(const LinkWork& w) {
  std::map<int, std::map<int, int>> flown;  // by setup and place
  for (std::size_t run = 0; run < w.campaign.runs.size(); ++run)
    if (w.result.runs[run].used) ++flown[w.setup_of[run]][firstPlaceOf(w.campaign, w.campaign.runs[run])];
  std::map<int, int> out;
  for (const auto& [setup, places] : flown)
    out[setup] = std::max_element(places.begin(), places.end(), [](const auto& a, const auto& b) { return a.second < b.second; })->first;
  return out;
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

/// Readings were called out: flights are held to the rule where there are some.
void lookAtReadings(const LinkWork& w, LinkWays::Together& together, const std::vector<int>& read) {
  together.looked = lookedAt(together.draws.stretches, read);
  together.seed = seedOf(w, kBetweenSeed);
  lookOnlyAt(together.draws, together.looked);
}

void drawTogether(const LinkWork& w, LinkWays& ways, const std::vector<LinkWays>& earlier,
                  const Effort& effort) {
  const double day_share = earlier.empty() ? 1 : dayShare(earlier.front(), ways);
  std::map<std::pair<const SignalModel*, int>, std::vector<int>> setups;  // by model and path
  const std::map<int, int> path_place = pathPlaces(w);
  for (const auto& [setup, model] : w.model_of)
    if (model->line.known())
      setups[{model, path_place.at(setup)}].push_back(setup);
  // In the order of the setups, never of addresses.
  std::vector<std::pair<std::pair<const SignalModel*, int>, std::vector<int>>> groups(setups.begin(),
                                                                                      setups.end());
  std::sort(groups.begin(), groups.end(), [](const auto& a, const auto& b) { return a.second < b.second; });
  for (const auto& [key, members] : groups) {
    double farthest = 0;
    for (int s : members) farthest = std::max(farthest, ways.farthest_m.at(s));
    const Stretches stretches = stretchesOf(*key.first, key.second, farthest);
    PathDraws path = drawPath(*key.first, stretches, *w.critical, seedOf(w, kPathSeed), effort.draws);
    NewFlights flights = newFlights(stretches.count(), path.neighbour_correlation, seedOf(w, kFlightSeed),
                                    kDaySeed, day_share, effort.flights);
    for (int s : members) ways.together_of[s] = ways.together.size();
    ways.together.push_back({std::move(path), std::move(flights)});
    const auto& flown = key.first->flights;
    if (std::all_of(flown.begin(), flown.end(), [&](const FlightEffect& f) { return w.flights[static_cast<std::size_t>(f.flight)].called; })) {
      std::vector<int> read;
      for (const PlaceLevel& place : key.first->places) read.push_back(place.index);
      lookAtReadings(w, ways.together.back(), read);
    }
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
  std::vector<Margin> out;
  for (const auto& [part, seen] : w.reduced(run).rule) out = lesserOf(out, estimate::marginsOf(seen.looks, seen.measure));
  return out;
}

/// Without a signal: from where the rule was kept. Only of setups that failed often enough to tell.
void drawByMargins(const LinkWork& w, LinkWays& ways, const Effort& effort) {
  std::map<int, std::vector<MarginFlight>> by_path;
  std::map<int, bool> called;
  std::map<int, double> farthest;
  const std::map<int, int> path_place = pathPlaces(w);
  for (std::size_t run : w.runs) {
    const int setup = w.setup_of[run], path = firstPlaceOf(w.campaign, w.campaign.runs[run]);
    const auto reach = w.path_reach.setups.find(setup);
    if (ways.together_of.contains(setup) || reach == w.path_reach.setups.end() ||
        w.reduced(run).reduced_db > 0 || path != path_place.at(setup))
      continue;
    by_path[path].push_back({setup, marginsOf(w, run)});
    called.emplace(path, true).first->second &= w.reduced(run).called;
    farthest[path] = std::max(farthest[path], ways.farthest_m.at(setup));
  }
  for (const auto& [path, flights] : by_path) {
    const auto told = [&](const MarginFlight& f) {
      return w.path_reach.setups.at(f.setup).typical_m.has_value();
    };
    if (std::none_of(flights.begin(), flights.end(), told)) continue;
    Stretches stretches = straightStretches(farthest.at(path));
    stretches.first_index += path;
    PathDraws margins = drawMargins(flights, stretches, seedOf(w, kReachSeed), effort.draws);
    NewFlights fresh = newFlights(stretches.count(), margins.neighbour_correlation, seedOf(w, kFlightSeed),
                                  kDaySeed, 1, effort.flights);
    for (const MarginFlight& f : flights)
      if (told(f)) ways.together_of[f.setup] = ways.together.size();
    ways.together.push_back({std::move(margins), std::move(fresh)});
    if (!called.at(path)) continue;
    std::vector<int> read;
    for (const MarginFlight& f : flights)
      for (const Margin& m : f.margins) read.push_back(m.index);
    lookAtReadings(w, ways.together.back(), read);
  }
}

/// First failing stretches of a setup at given levels, for whatever reason.
Passage passageAt(const LinkWays& ways, int setup, const std::vector<double>& level_db) {
  const LinkWays::Together& t = ways.together[ways.together_of.at(setup)];
  Passage out = passageOf(t.draws, setup, level_db, t.flights, ways.farthest_m.at(setup), t.looked.empty() ? ways.gap_m : 0);  // how long a dip at a post lasts nobody saw
  if (!t.looked.empty()) out = sinceLastReading(std::move(out), t.looked, t.seed);
  if (const auto end = ways.ends.find(setup); end != ways.ends.end())
    out = end->second.open ? endedAt(std::move(out), end->second.along_m) : failingAt(std::move(out), end->second.along_m);
  for (const auto& [hindrance, seed] : ways.hindrances) out = withHindrance(std::move(out), hindrance, seed);
  return out;
}

}  // namespace

Effort effortFor(const campaign::Campaign& campaign, const Reductions& reductions) {
  std::set<std::string> flown;
  double farthest = 1;
  for (std::size_t i = 0; i < reductions.size(); ++i) {
    if (reductions[i].links.empty()) continue;
    flown.insert(campaign.runs[i].setup);
    farthest = std::max(farthest, reductions[i].farthest_along_m);
  }
  Effort out;
  const double share = std::min(
      {1.0, kFullSetups / std::max<double>(static_cast<double>(flown.size()), 1), kFullPath_m / farthest});
  if (share == 1) return out;
  out.draws = std::max(kLeastDraws, static_cast<int>(out.draws * share));
  out.flights /= 4;
  return out;
}

LinkWays findWays(LinkWork& w, const Effort& effort, const std::vector<LinkWays>& earlier) {
  LinkWays ways{w.link.id};
  for (std::size_t s = 0; s < w.runs_of.size(); ++s)
    for (std::size_t run : w.runs_of[s]) {
      double& farthest = ways.farthest_m[static_cast<int>(s)];
      farthest = std::max(farthest, w.result.reductions[run].farthest_along_m);
    }
  ways.ends = w.ends;
  for (const auto& [setup, end] : w.ends) ways.farthest_m[setup] = std::min(ways.farthest_m[setup], end.along_m);
  for (const SignalModel& model : w.models.components)
    for (const FlightEffect& f : model.flights)
      ways.day_db[w.runId(static_cast<std::size_t>(f.flight))] = f.off_setup_db;
  ways.gap_m = gapOf(w);
  for (const Interference& met : w.interference) {
    if (met.to_m - met.from_m < ways.gap_m) continue;  // a dip that the rule allows
    ways.hindrances.push_back({{met.first_place, met.from_m, static_cast<int>(met.runs.size()), met.flights},
                               seedOf(w, kHindranceSeed) + 100 * ways.hindrances.size()});
  }
  if (w.critical) drawTogether(w, ways, earlier, effort);
  drawByMargins(w, ways, effort);
  for (const auto& [setup, group] : ways.together_of)
    ways.passages.emplace(setup, passageAt(ways, setup, ways.together[group].draws.level_db.at(setup)));
  for (const auto& [setup, passage] : ways.passages) {
    const double farthest = ways.farthest_m.at(setup);
    const SignalModel* model = w.modelOf(setup);
    const WayRange typical = rangeOf(passage, 0.5), dependable = rangeOf(passage, defaults::kDependability);
    ways.typical[setup] = typical;
    SetupOnLink& told = w.result.setups[w.answer_of.at(setup)];
    if (model && (!falls(*model) || w.power_unknown.contains(setup))) ways.level.insert(setup);
    told.typical = answerFrom(typical, farthest, !ways.level.contains(setup));
    told.dependable = answerFrom(dependable, farthest, !ways.level.contains(setup));
  }
  return ways;
}

Passage besides(const LinkWays& ways, int a, int b, const PairOnLink& difference) {
  dice::Random random(kBesideSeed);
  std::vector<double> levels = ways.together[ways.together_of.at(a)].draws.level_db.at(a);
  const std::vector<double> off =
      Strata(random, static_cast<int>(levels.size()))([&](double p) { return tQuantile(p, difference.df); });
  for (std::size_t m = 0; m < levels.size(); ++m)
    levels[m] -= difference.delta_db->estimate + difference.se_db * off[m];
  return passageAt(ways, b, levels);
}

RangeAnswer answerFrom(const Interval& m, double bound_m, double farthest_m) {
  RangeAnswer out;
  out.estimate_m = m.estimate;
  out.low_m = m.low;
  if (m.high < defaults::kNoUpperLimit_m) out.high_m = m.high;
  out.at_least_m = std::min(bound_m, farthest_m);
  const double extrapolation = m.estimate / farthest_m;
  out.status = extrapolation <= 1                         ? Status::Measured
               : extrapolation < defaults::kExtrapolation ? Status::Extrapolated
                                                          : Status::AtLeast;
  return out;
}

RangeAnswer answerFrom(const WayRange& r, double farthest_m, bool may_go_on) {
  RangeAnswer out = answerFrom(Interval{r.estimate_m, r.low_m, r.high_m}, r.sure_m, farthest_m);
  out.confidence = defaults::kPlanSure;
  if (r.estimate_m >= r.end_m) out.status = Status::AtLeast;  // nobody saw it end
  if (!may_go_on && out.status == Status::Extrapolated) out.status = Status::AtLeast;
  return out;
}

Comparison compareDraws(const WayRange& a, const WayRange& b) {
  Comparison c;
  const std::size_t draws = std::min(a.draws_m.size(), b.draws_m.size());
  const double one = 1 / static_cast<double>(draws), margin = 1 + defaults::kPracticalMargin;
  std::vector<double> ratio, least, most;
  c.p_a_longer = 0;
  for (std::size_t m = 0; m < draws; ++m) {
    const double of_a = a.draws_m[m], of_b = b.draws_m[m];
    ratio.push_back(of_a / of_b);
    least.push_back(b.open(m) ? 0 : ratio.back());
    most.push_back(a.open(m) ? INFINITY : ratio.back());
    // Nobody knows which is longer where the one that is told farther is told no farther than the other is
    // open.
    const bool unknown = (a.open(m) && of_a <= of_b) || (b.open(m) && of_b <= of_a) || of_a == of_b;
    c.p_a_longer += one * (unknown ? 0.5 : of_a > of_b);
    c.p_a_more += one * (unknown && a.open(m) ? 0.5 : of_a > of_b * margin);
    c.p_b_more += one * (unknown && b.open(m) ? 0.5 : of_b > of_a * margin);
  }
  for (auto* values : {&ratio, &least, &most}) std::sort(values->begin(), values->end());
  // Without interpolating, for an end may be open.
  const auto at = [&](const std::vector<double>& rising, double p) {
    return rising[std::min(static_cast<std::size_t>(p * static_cast<double>(draws)), draws - 1)];
  };
  const double tail = (1 - defaults::kConfidence) / 2;
  const bool a_open = a.estimate_m >= a.end_m, b_open = b.estimate_m >= b.end_m;
  if (!a_open || !b_open)
    c.ratio = Interval{a_open || b_open ? NAN : quantileOf(ratio, 0.5), at(least, tail), at(most, 1 - tail)};
  c.p_value = std::clamp(2 * std::min(c.p_a_longer, 1 - c.p_a_longer), one, 1.0);
  c.delta_db.estimate = c.p_a_longer - 0.5;  // only its sign: verdictAt()
  return c;
}

}  // namespace distanz::analysis
