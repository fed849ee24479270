#include <algorithm>
#include <cmath>

#include "core/bench/walk.h"
#include "core/finding/error.h"
#include "core/records/judge_tools.h"
#include "core/records/judges.h"

namespace distanz::records {

using quantity::Unit;

RecordResult judgeWalk(const Judged& what) {
  const campaign::Record& r = what.record;
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
