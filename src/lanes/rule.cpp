#include "lanes/rule.h"

#include <algorithm>

#include "core/analysis/findings/findings.h"

namespace distanz::lanes {
namespace {

RuleRow rowOf(const campaign::Campaign& c, const analysis::Answers& answers, const plan::Planned& planned,
              std::size_t index) {
  RuleRow out;
  out.setup = c.setups[index].id;
  out.name = c.setups[index].name;
  out.letter = campaign::letterOf(c, index);
  out.mark = int(index);
  if (const analysis::SetupAnswer* flown = answers.answer(out.setup)) {
    out.flown = true;
    out.plan_m = flown->plan_m;
    out.dependable = flown->dependable;
    out.typical = flown->typical;
    out.farthest_m = flown->farthest_m;
  }
  out.courses_only = analysis::onCoursesOnly(c, answers, out.setup);
  if (const plan::Prediction* predicted = planned.limiting(out.setup)) {
    out.predicted_m = predicted->range_m;
    out.sure = predicted->sure;
  }
  for (const analysis::Hole& h : answers.holes)
    if (h.in_the_way && std::find(h.setups.begin(), h.setups.end(), out.setup) != h.setups.end())
      out.holes.push_back({h.from_m, h.to_m});
  for (const plan::SetupFlight& f : planned.flights)
    if (f.setup == out.setup) out.turn = f.turn, out.turn_m = f.turn_m;
  return out;
}

}  // namespace

Rule rule(const campaign::Campaign& c, const analysis::Answers& answers, const plan::Planned& planned, double end_m) {
  Rule out;
  out.end_m = end_m;
  out.posts = planned.posts;
  for (std::size_t i = 0; i < c.setups.size(); ++i) {
    out.rows.push_back(rowOf(c, answers, planned, i));
    out.any_flown = out.any_flown || out.rows.back().flown;
  }
  for (const campaign::Link& l : c.links) {
    const auto rated = [&](const analysis::SetupOnLink& s) { return s.link == l.id; };
    if (!out.any_flown || std::any_of(answers.setups.begin(), answers.setups.end(), rated)) out.links.push_back(l.id);
  }
  return out;
}

}  // namespace distanz::lanes
