#include <algorithm>
#include <cmath>
#include <map>

#include "core/bench/walk.h"
#include "core/finding/error.h"
#include "core/records/judge_tools.h"
#include "core/records/judges.h"

namespace distanz::records {

using quantity::Unit;

namespace {

/// The changes that were walked before and after, by their numbers.
std::vector<bench::WalkChange> changesOf(const campaign::Record& r) {
  std::map<double, bench::WalkChange> by_number;
  for (const campaign::Reading& x : r.readings)
    if (const auto distance = x.value("distance_m"), number = x.value("change"); distance && number)
      (x.label == "after" ? by_number[*number].after_m : by_number[*number].before_m).push_back(*distance);
  std::vector<bench::WalkChange> out;
  for (auto& [number, change] : by_number)
    if (!change.before_m.empty() && !change.after_m.empty()) out.push_back(std::move(change));
  return out;
}

/// Several changes are told one by one and together; the distances of all days are never thrown together.
RecordResult judgeChain(const std::vector<bench::WalkChange>& changes) {
  RecordResult out;
  Curve steps{"after", {}, {}, true};
  std::vector<bench::WalkChange> so_far;
  for (std::size_t i = 0; i < changes.size(); ++i) {
    so_far.push_back(changes[i]);
    const auto one = bench::chainOf({changes[i]});
    out.figures.push_back({"walk-change", measure(one.change_pct, Unit::Percent), {}, std::to_string(i + 1)});
    steps.x.push_back(double(i + 1)), steps.y.push_back(100 + bench::chainOf(so_far).change_pct.estimate);
  }
  const bench::WalkChain all = bench::chainOf(changes);
  out.figures.push_back({"walk-chain", measure(all.change_pct, Unit::Percent), {}, {}, true});
  out.findings.push_back(finding(!all.change_pct.low ? "walk-chain-once" : all.sure ? "walk-chain" : "walk-chain-unsure",
                                 {{"changes", changes.size()}, {"change", measure(all.change_pct, Unit::Percent)}}));
  out.plot = {Plot::Kind::Graph, "axis-change", "axis-share", Unit::None, Unit::Percent, {}, {}, {}};
  out.plot.curves.push_back(std::move(steps));
  return out;
}

}  // namespace

RecordResult judgeWalk(const Judged& what) {
  const campaign::Record& r = what.record;
  if (const auto changes = changesOf(r); changes.size() > 1) return judgeChain(changes);
  std::vector<double> before = valuesOf(r, "before", "distance_m");
  const std::vector<double> after = valuesOf(r, "after", "distance_m");
  for (double d : valuesOf(r, "", "distance_m")) before.push_back(d);
  if (before.empty()) return tooFew(0, 1);
  const bench::Walk walk = bench::walkOf(before, after);
  RecordResult out;
  out.figures.push_back({after.empty() ? "walked" : "walked-before",
                         measure(walk.before_m, Unit::Metre),
                         {},
                         {},
                         after.empty()});
  if (walk.change_pct) {
    out.figures.push_back({"walked-after", measure(walk.after_m, Unit::Metre)});
    out.figures.push_back({"walk-change", measure(*walk.change_pct, Unit::Percent), {}, {}, true});
    const Argument change("change", measure(*walk.change_pct, Unit::Percent));
    out.findings.push_back(
        !walk.change_pct->low ? finding("walk-once")
        : walk.sure ? finding(walk.change_pct->estimate > 0 ? "walk-farther" : "walk-nearer", {change})
                    : finding("walk-unsure", {change}));
  }
  if (const auto reduced = r.setting("reduced_db"); reduced && *reduced > 0) {
    const bench::Spread n = exponentOf(what), reached = after.empty() ? walk.before_m : walk.after_m;
    const bench::Spread full = bench::atFullPower_m(reached, *reduced, n);
    out.figures.push_back({"full-power", measure(full, Unit::Metre), {}, {}, true});
    out.findings.push_back(finding("walk-full-power", {{"walked", reached.estimate, Unit::Metre},
                                                       {"full", measure(full, Unit::Metre)},
                                                       {"exponent", n.estimate, Unit::None}}));
    if (what.range_m)
      out.findings.push_back(
          finding("walk-against-flown", {{"predicted", measure(full, Unit::Metre)},
                                         {"flown", *what.range_m, Unit::Metre},
                                         {"share", 100 * *what.range_m / full.estimate, Unit::Percent}}));
    out.findings.push_back(wrongMultiplication(reached.estimate, *reduced, full.estimate, n.estimate));
  }
  out.plot = {Plot::Kind::Graph, "axis-walk", "axis-distance", Unit::None, Unit::Metre, {}, {}, {}};
  double at = 1;
  for (const std::vector<double>* group : {&std::as_const(before), &after}) {
    Curve c{group == &before ? "before" : "after", {}, {}, false};
    for (double d : *group) c.x.push_back(at++), c.y.push_back(d);
    if (!c.x.empty()) out.plot.curves.push_back(std::move(c));
  }
  return out;
}

}  // namespace distanz::records
