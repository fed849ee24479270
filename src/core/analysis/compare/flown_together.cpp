#include "core/analysis/compare/flown_together.h"

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <map>
#include <optional>
#include <string>

#include "core/analysis/reduce/reduction.h"

namespace distanz::analysis {
namespace {

constexpr double kOneAircraft_m = 12;  // two positions of one aircraft differ by less, all along
constexpr int kShift_s = 5;            // two logs of one flight may begin counting so much apart
constexpr std::size_t kLeastSeconds = 20;
constexpr std::size_t kMostOfOneName = 50;  // groups under one name: more say nothing at all
constexpr double kOverlap = 0.5;            // of the shorter log

/// When a flight began and ended by its log's clock, in seconds of a day.
struct Clock {
  std::string day;
  double from_s = 0, to_s = 0;
};

std::optional<Clock> clockOf(const RunReduction& r) {
  int hour = 0, minute = 0, second = 0;
  constexpr std::size_t kDay = 10;  // "2026-11-24 06:31:02"
  if (r.started.size() < kDay ||
      std::sscanf(r.started.c_str() + kDay, "%2d:%2d:%2d", &hour, &minute, &second) != 3)
    return std::nullopt;
  const double from_s = (hour * 60.0 + minute) * 60 + second + r.begins_s;
  return Clock{r.started.substr(0, kDay), from_s, from_s + r.duration_s};
}

/// Share of the shorter flight in which both were in the air; none where their clocks tell no common day.
std::optional<double> overlapOf(const RunReduction& first, const RunReduction& second) {
  const auto a = clockOf(first), b = clockOf(second);
  if (!a || !b || a->day != b->day) return std::nullopt;
  const double common = std::min(a->to_s, b->to_s) - std::max(a->from_s, b->from_s);
  return common / std::max(std::min(a->to_s - a->from_s, b->to_s - b->from_s), 1.0);
}

/// How far apart two aircraft were all along, where both logs are laid over each other best.
double apart_m(const std::vector<float>& a, const std::vector<float>& b) {
  double least = INFINITY;
  for (int shift = -kShift_s; shift <= kShift_s; ++shift) {
    double squares = 0;
    std::size_t n = 0;
    for (std::size_t i = 0; i < a.size(); ++i) {
      const auto j = static_cast<std::ptrdiff_t>(i) + shift;
      if (j < 0 || j >= static_cast<std::ptrdiff_t>(b.size())) continue;
      const double off = a[i] - b[static_cast<std::size_t>(j)];
      if (!std::isfinite(off)) continue;
      squares += off * off;
      ++n;
    }
    if (n >= kLeastSeconds) least = std::min(least, std::sqrt(squares / static_cast<double>(n)));
  }
  return least;
}

/// What the logs say against one flight; false where they say nothing.
bool apart(const RunReduction& a, const RunReduction& b) {
  if (const auto overlap = overlapOf(a, b)) return *overlap < kOverlap;
  const double off = apart_m(a.flown_m, b.flown_m);
  return std::isfinite(off) && off > kOneAircraft_m;
}

using Group = std::vector<std::size_t>;  // runs of one flight

bool joins(const campaign::Campaign& c, const Reductions& r, const Group& g, std::size_t run) {
  return std::none_of(g.begin(), g.end(), [&](std::size_t other) {
    const bool one_log = campaign::shareRows(c.runs[other], c.runs[run]);
    return !one_log && (c.runs[other].setup == c.runs[run].setup || apart(r[other], r[run]));
  });
}

}  // namespace

FlownTogether flownTogether(const campaign::Campaign& c, const std::vector<bool>& used,
                            const Reductions& reductions) {
  FlownTogether out;
  out.flight.assign(c.runs.size(), -1);
  std::map<std::string, std::vector<Group>> named;
  std::vector<Group> groups;
  for (std::size_t run = 0; run < c.runs.size(); ++run) {
    if (!used[run] || c.runs[run].flight.empty()) continue;
    std::vector<Group>& of_name = named[c.runs[run].flight];
    const auto first = of_name.size() > kMostOfOneName ? of_name.end() : of_name.begin();
    const auto into =
        std::find_if(first, of_name.end(), [&](const Group& g) { return joins(c, reductions, g, run); });
    if (into != of_name.end()) {
      into->push_back(run);
      continue;
    }
    of_name.push_back({run});
    if (of_name.size() == 2)  // said once for each name
      out.told.push_back(
          finding("flight-name-shared",
                  {{"flight", c.runs[run].flight}, {"other", c.runs[of_name.front().front()].id}},
                  {"run", c.runs[run].id}));
  }
  for (auto& [name, of_name] : named) groups.insert(groups.end(), of_name.begin(), of_name.end());
  // Nobody flies two aircraft at once: where clocks overlap it was one flight.
  for (std::size_t run = 0; run < c.runs.size(); ++run) {
    if (!used[run] || !c.runs[run].flight.empty()) continue;
    const auto at_once = [&](std::size_t other) {
      const RunReduction &a = reductions[run], &b = reductions[other];
      return overlapOf(a, b).value_or(0) >= kOverlap && !(apart_m(a.flown_m, b.flown_m) > kOneAircraft_m);
    };
    const auto of_log = std::find_if(groups.begin(), groups.end(), [&](const Group& g) {
      return std::any_of(g.begin(), g.end(), [&](std::size_t other) { return campaign::shareRows(c.runs[other], c.runs[run]); });
    });
    if (of_log != groups.end() && joins(c, reductions, *of_log, run)) {
      of_log->push_back(run);
      continue;
    }
    const auto from = clockOf(reductions[run]) ? groups.begin() : groups.end();
    const auto with = std::find_if(from, groups.end(), [&](const Group& g) {
      return std::all_of(g.begin(), g.end(), at_once) && joins(c, reductions, g, run);
    });
    if (with == groups.end()) {
      groups.push_back({run});
      continue;
    }
    out.told.push_back(
        finding("flown-at-once", {{"other", c.runs[with->front()].id}}, {"run", c.runs[run].id}));
    with->push_back(run);
  }
  int number = 0;
  for (const Group& g : groups) {
    if (g.size() < 2) continue;
    for (std::size_t run : g) out.flight[run] = number;
    ++number;
  }
  return out;
}

}  // namespace distanz::analysis
