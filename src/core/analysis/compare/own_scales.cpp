#include "core/analysis/compare/own_scales.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <set>
#include <utility>

#include "core/analysis/reduce/reduction.h"
#include "core/campaign/kit.h"
#include "core/estimate/own_scale.h"

namespace distanz::analysis {

using namespace estimate;

namespace {

/// The lowest and the highest reading of a scale, where flights stood at them.
struct ScaleEnds {
  std::optional<double> low, high;
  bool atLow(const Cell& c) const { return low && c.lowest_dbm <= *low + defaults::kFloorTolerance_db && c.lowest_share > defaults::kClippedShare; }
  bool atHigh(const Cell& c) const { return high && c.highest_dbm >= *high - defaults::kFloorTolerance_db && c.highest_share > defaults::kClippedShare; }
  bool inside(const Cell& c) const { return !c.censored && !atLow(c) && !atHigh(c); }
};

/// One link while its scales are settled.
struct Settling {
  const campaign::Campaign& campaign;
  const campaign::Link& link;
  CampaignAnalysis& result;
  std::vector<std::size_t> runs = {};  // that read a scale and count
  std::vector<std::size_t> others = {};  // that read one and do not

  LinkReduction& of(std::size_t run) const { return result.reductions[run].links.at(link.id); }
  void warn(const char* code, std::vector<Argument> more = {}, const std::string& run = {}) const {
    more.emplace_back("link", link.id);
    result.warnings.push_back(finding(code, std::move(more), run.empty() ? Subject{"link", link.id} : Subject{"run", run}));
  }
};

/// Nothing of the run's signal can be put beside others'.
void leaveSignal(LinkReduction& r) {
  r.has_signal = false;
  r.cells = {};
  r.floor = {};
  r.turn_db.reset();
  for (auto& [part, seen] : r.rule)
    for (StretchLook& look : seen.looks) look.level_dbm = NAN, look.below = false;
}

void leaveAll(const Settling& s) {
  for (const auto* list : {&s.runs, &s.others})
    for (const std::size_t run : *list) leaveSignal(s.of(run));
}

ScaleEnds endsOf(const Settling& s) {
  FloorFinder low, high;
  for (const std::size_t run : s.runs) low.merge(s.of(run).floor), high.merge(s.of(run).scale->ceiling);
  ScaleEnds out{low.floor_dbm(), high.floor_dbm()};
  if (out.high) out.high = -*out.high;
  return out;
}

/// Receivers of which nobody said that they show one scale.
std::set<std::string> scalesOn(const Settling& s) {
  std::set<std::string> out;
  for (const std::size_t run : s.runs) {
    const campaign::SetupLink* ends = campaign::findEnds(s.campaign, s.campaign.runs[run].setup, s.link.id);
    out.insert(ends && !s.link.one_scale ? ends->receiver : std::string());
  }
  return out;
}

std::vector<ScaleReading> readingsOf(const Settling& s, const ScaleEnds& ends) {
  std::vector<ScaleReading> out;
  for (const std::size_t run : s.runs)
    for (const Cell& c : s.of(run).cells.both.cells)
      if (ends.inside(c))
        out.push_back({campaign::setupIndex(s.campaign, s.campaign.runs[run].setup), c.index, c.log_distance, c.level_dbm - c.shift_db});
  return out;
}

struct Converter {
  const OwnScale& scale;
  const ScaleEnds& ends;
  double step;

  void operator()(Cell& c) const {
    const bool low = ends.atLow(c) || c.censored, high = !low && ends.atHigh(c);
    double value = c.level_dbm - c.shift_db;
    if (low && ends.low) value = *ends.low + step / 2;
    if (high) value = *ends.high - step / 2;
    const double slope = scale.slope(value);
    c.level_dbm = scale.db(value) + c.shift_db;
    c.variance_db2 *= slope * slope;
    c.censored = low || high;
    c.above = scale.backwards() ? low : high;
  }
  void operator()(FlightCells& leg) const {
    leg.uncensored = 0;
    for (Cell& c : leg.cells) {
      (*this)(c);
      leg.uncensored += !c.censored;
    }
  }
  void operator()(StretchLook& look) const {
    if (!look.heard()) return;
    const double value = look.level_dbm, slope = scale.slope(value);
    const bool low = ends.low && value <= *ends.low + defaults::kFloorTolerance_db, high = ends.high && value >= *ends.high - defaults::kFloorTolerance_db;
    look.variance_db2 *= slope * slope;
    look.level_dbm = scale.db(value);
    const bool weak = scale.backwards() ? high : low;
    if (weak) look.below = true, look.level_dbm = scale.db(value + (low ? step : -step) / 2);
    if ((low || high) && !weak) look.level_dbm = NAN;  // only known to be stronger
  }
};

void convert(LinkReduction& r, const OwnScale& scale, const ScaleEnds& ends) {
  const Converter on{scale, ends, r.scale->step};
  for (FlightCells* leg : {&r.cells.both, &r.cells.out, &r.cells.back}) on(*leg);
  for (Cell& c : r.cells.last) on(c);
  for (auto& [part, seen] : r.rule)
    for (StretchLook& look : seen.looks) on(look);
  r.floor = {};
  r.turn_db.reset();
}

/// Where no flight saw the scale at nothing, nobody knows that it is nothing where the link is lost.
void dropRuleOfNothing(const Settling& s, const ScaleEnds& ends) {
  if (s.link.rule.scale_min || (ends.low && *ends.low <= 0)) return;
  for (const auto* list : {&s.runs, &s.others})
    for (const std::size_t run : *list) s.of(run).rule.erase("scale");
}

/// A least reading, nothing among them, is the strongest there: it was held to the wrong side.
void dropRuleOfLeast(const Settling& s) {
  for (const auto* list : {&s.runs, &s.others})
    for (const std::size_t run : *list) {
      LinkReduction& r = s.of(run);
      if (r.rule.erase("scale") == 0) continue;
      RunResult& told = s.result.runs[run];
      told.dropouts -= static_cast<int>(r.events.dropouts.size());
      if (told.lost_at_m == r.events.lost_at_m) told.lost_at_m = told.regained_at_m = told.gap_m = std::nullopt;
      r.events = {};
    }
}

void settle(const Settling& s, bool levels_too) {
  const ScaleEnds ends = endsOf(s);
  dropRuleOfNothing(s, ends);
  if (levels_too) {
    leaveAll(s);
    s.warn("signal-not-calibrated");
    return;
  }
  if (scalesOn(s).size() > 1) {
    leaveAll(s);
    s.warn("scales-apart");
    return;
  }
  const auto scale = fitOwnScale(readingsOf(s, ends));
  if (!scale) {
    leaveAll(s);
    s.warn("scale-still");
    return;
  }
  if (scale->backwards()) dropRuleOfLeast(s);
  for (const auto* list : {&s.runs, &s.others})
    for (const std::size_t run : *list) convert(s.of(run), *scale, ends);
  s.result.scales.emplace(s.link.id, *scale);
  s.warn(scale->backwards() ? "scale-backwards" : "on-own-scale");
}

/// A level as the receiver reads it.
Interval readAs(const OwnScale& scale, const Interval& dbm) {
  const double a = scale.value(dbm.low), b = scale.value(dbm.high);
  return {scale.value(dbm.estimate), std::min(a, b), std::max(a, b)};
}

void withhold(SetupOnLink& s, const OwnScale& scale) {
  if (s.critical_interval_dbm) s.critical_reading = readAs(scale, *s.critical_interval_dbm);
  s.critical_dbm.reset();
  s.critical_interval_dbm.reset();
  s.exponent.reset();
  s.total_sd_db = s.flight_sd_db = 0;
  for (CriticalPart& part : s.parts) part.reading = scale.value(part.level_dbm);
  s.reading_curve = std::exchange(s.curve, {});
  for (auto* levels : {&s.reading_curve.level_dbm, &s.reading_curve.low_dbm, &s.reading_curve.high_dbm})
    for (double& v : *levels) v = scale.value(v);
  for (FlightLevel& f : s.flights) f.level_dbm = scale.value(f.level_dbm);
}

}  // namespace

void settleScales(const campaign::Campaign& campaign, const std::vector<bool>& used, CampaignAnalysis& result) {
  for (const campaign::Link& link : campaign.links) {
    Settling s{campaign, link, result};
    bool levels_too = false;
    for (std::size_t run = 0; run < used.size(); ++run) {
      const auto at = result.reductions[run].links.find(link.id);
      if (at == result.reductions[run].links.end()) continue;
      const bool counts = used[run] && !at->second.left_out;
      // dB taken off at the transmitter are no known step of such a scale.
      if (at->second.scale && at->second.reduced_db > 0) leaveSignal(at->second);
      else if (at->second.scale)
        (counts ? s.runs : s.others).push_back(run);
      else
        levels_too = levels_too || (counts && at->second.has_signal);
    }
    if (!s.runs.empty()) settle(s, levels_too);
    else leaveAll(s);
  }
}

void withholdLevels(CampaignAnalysis& result) {
  for (SetupOnLink& s : result.setups)
    if (const auto at = result.scales.find(s.link); at != result.scales.end()) withhold(s, at->second);
  for (PairOnLink& p : result.comparisons)
    if (result.scales.contains(p.link)) {
      p.delta_db.reset();
      p.gap_trend.reset();
      p.se_db = 0;
    }
}

}  // namespace distanz::analysis
