#include "core/analysis/findings/turn_by.h"

#include <algorithm>

#include "core/analysis/findings/named.h"

namespace distanz::analysis {
namespace {

/// What flights have shown counts before what physics says.
std::optional<TurnLimit> linkLimit(const Answers& answers, const plan::Planned& planned, const std::string& setup) {
  if (const SetupAnswer* flown = answers.answer(setup)) {
    const double reach = flown->plan_m.value_or(flown->dependable.told_m());
    if (reach > 0) return TurnLimit{TurnLimit::By::Flown, "link", flown->link, reach};
  }
  std::optional<TurnLimit> out;
  for (const plan::Prediction& p : planned.predictions)
    if (p.setup == setup && p.sure && (!out || p.sure->dependable_m < out->at_m))
      out = TurnLimit{TurnLimit::By::Predicted, "link", p.link, p.sure->dependable_m};
  return out;
}

std::optional<TurnLimit> planLimit(const campaign::Campaign& c, const plan::Planned& planned, const std::string& setup) {
  std::optional<TurnLimit> out;
  for (const plan::SetupFlight& f : planned.flights)
    if (f.setup == setup && !f.turn.empty()) out = TurnLimit{TurnLimit::By::Plan, f.turn, {}, f.turn_m};
  if (const auto course = campaign::courseOf(c); !out && course && course->farPost_m() > 0)
    out = TurnLimit{TurnLimit::By::Plan, "path", {}, course->farPost_m()};
  return out;
}

}  // namespace

const TurnLimit* TurnBy::first() const {
  if (link && plan) return link->at_m <= plan->at_m ? &*link : &*plan;
  return link ? &*link : plan ? &*plan : nullptr;
}

const TurnLimit* TurnBy::other() const {
  if (!link || !plan) return nullptr;
  return first() == &*link ? &*plan : &*link;
}

std::vector<TurnBy> turnsBy(const campaign::Campaign& c, const Answers& answers, const plan::Planned& planned) {
  std::vector<TurnBy> out;
  for (const campaign::Setup& s : c.setups)
    out.push_back({s.id, linkLimit(answers, planned, s.id), planLimit(c, planned, s.id)});
  return out;
}

std::vector<Finding> turnsTold(const campaign::Campaign& c, const std::vector<TurnBy>& turns) {
  std::vector<Finding> out;
  for (const TurnBy& t : turns) {
    const TurnLimit* first = t.first();
    if (!first) continue;
    const Argument setup("setup", t.setup), name("name", nameOf(c, t.setup)), at = metres("at", first->at_m);
    if (first->by == TurnLimit::By::Plan)
      out.push_back(finding("stops-first", {setup, name, {"what", Term{"stop-" + first->what}}, at}, {"setup", t.setup}));
    else
      out.push_back(finding(first->by == TurnLimit::By::Flown ? "stops-first-link" : "stops-first-predicted",
                            {setup, name, {"link", first->link}, at}, {"setup", t.setup}));
  }
  return out;
}

}  // namespace distanz::analysis
