#include "core/analysis/result/answer.h"

#include "core/analysis/result/campaign_analysis.h"

namespace distanz::analysis {

const SetupOnLink* Answers::find(const std::string& setup, const std::string& link) const {
  const auto found = setup_at.find({setup, link});
  return found == setup_at.end() ? nullptr : &setups[found->second];
}

bool Answers::showSignal(const std::string& setup, const std::string& link) const {
  const SetupOnLink* on_link = find(setup, link);
  return on_link && !on_link->curve.distance_m.empty();
}

const SetupAnswer* Answers::answer(const std::string& setup) const {
  const auto found = answer_at.find(setup);
  return found == answer_at.end() ? nullptr : &answers[found->second];
}

const SetupOnLink* Answers::limiting(const std::string& setup) const {
  const SetupAnswer* a = answer(setup);
  if (!a) return nullptr;
  return find(setup, a->link.empty() ? a->unknown_links.front() : a->link);
}

std::string Answers::limitingLink() const {
  const SetupOnLink* least = nullptr;
  for (const SetupAnswer& of : answers)
    if (const SetupOnLink* l = limiting(of.setup); l && (!least || l->sought_m() < least->sought_m()))
      least = l;
  return least ? least->link : std::string();
}

const PairOnLink* Answers::deciding(const std::string& a, const std::string& b) const {
  for (const SetupPair& s : setup_comparisons)
    if (s.a == a && s.b == b && !s.own_link.empty())
      for (const PairOnLink& p : comparisons)
        if (p.a == a && p.b == b && p.link == s.own_link) return &p;
  for (const PairOnLink& p : comparisons)
    if (p.a == a && p.b == b && decides(p)) return &p;
  return nullptr;
}

const PairOnLink* Answers::comparable(const std::string& a, const std::string& b) const {
  for (const PairOnLink& p : comparisons)
    if (p.a == a && p.b == b && !p.power_unknown) return &p;
  return nullptr;
}

bool Answers::decides(const PairOnLink& p) const {
  const SetupOnLink *la = limiting(p.a), *lb = limiting(p.b);
  return la && lb && p.link == (la->sought_m() <= lb->sought_m() ? la : lb)->link;
}

const LinkModel* Models::modelOn(const std::string& link) const {
  for (const LinkModel& m : models)
    if (m.link == link) return &m;
  return nullptr;
}

}  // namespace distanz::analysis
