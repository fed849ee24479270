#include <algorithm>
#include <cmath>

#include "core/analysis/compare/own_breaks.h"
#include "core/analysis/compare/ways.h"
#include "core/campaign/differ.h"

namespace distanz::analysis {

using namespace estimate;

namespace {

/// Whatever fails first, and what every link leaves open, of one setup.
struct SetupWay {
  int setup = -1;
  std::vector<const LinkWays*> links;  ///< that can be told of
  WayRange typical;                    ///< over all of them
};

Passage overAll(const SetupWay& way) {
  std::vector<const Passage*> passages;
  for (const LinkWays* l : way.links) passages.push_back(&l->passages.at(way.setup));
  return firstOf(passages);
}

/// Which of the links fails first on the whole, and which would be next.
void nameLinks(const SetupWay& way, const std::vector<const SetupOnLink*>& links, SetupAnswer& out) {
  const SetupOnLink *least = nullptr, *next = nullptr;
  for (const SetupOnLink* s : links) {
    if (!s->typical.estimate_m) {
      out.unknown_links.push_back(s->link);
      continue;
    }
    if (!least || s->sought_m() < least->sought_m()) {
      next = least;
      least = s;
    } else if (!next || s->sought_m() < next->sought_m()) {
      next = s;
    }
  }
  if (!least) return;
  out.link = least->link;
  if (!next) return;
  out.next_link = next->link;
  if (!least->typical.tellsEstimate() || !next->typical.tellsEstimate()) return;
  const auto of = [&](const std::string& link) -> const WayRange& {
    const auto found =
        std::find_if(way.links.begin(), way.links.end(), [&](const LinkWays* l) { return l->link == link; });
    return (*found)->typical.at(way.setup);
  };
  out.next_factor = compareDraws(of(out.next_link), of(out.link)).ratio;
}

SetupAnswer answerOf(SetupWay& way, const std::string& setup, const std::vector<const SetupOnLink*>& links) {
  SetupAnswer out;
  out.setup = setup;
  nameLinks(way, links, out);
  for (const SetupOnLink* s : links) out.farthest_m = std::max(out.farthest_m, s->farthest_m);
  if (way.links.empty()) {
    out.typical = links.front()->typical;
    out.dependable = links.front()->dependable;
    return out;
  }
  const Passage all = overAll(way);
  double farthest = INFINITY;  // with all of them
  bool may_go_on = true;
  for (const LinkWays* l : way.links) {
    farthest = std::min(farthest, l->farthest_m.at(way.setup));
    may_go_on = may_go_on && !l->level.contains(way.setup);
  }
  way.typical = rangeOf(all, 0.5);
  const WayRange dependable = rangeOf(all, defaults::kDependability);
  out.typical = answerFrom(way.typical, farthest, may_go_on);
  out.dependable = answerFrom(dependable, farthest, may_go_on);
  out.plan_m = out.dependable.at_least_m;
  out.survival = survivalOf(all);
  return out;
}

/// Typical range of the second where the first is as drawn, over all links.
WayRange typicalBeside(const SetupWay& a, const SetupWay& b, const std::vector<const PairOnLink*>& on_links) {
  std::vector<Passage> joint;
  std::vector<const Passage*> all;
  joint.reserve(b.links.size());
  for (const LinkWays* l : b.links) {
    const auto paired = std::find_if(on_links.begin(), on_links.end(), [&](const PairOnLink* p) {
      return p->link == l->link && p->paired_flights > 0 && l->together_of.contains(a.setup);
    });
    if (paired == on_links.end()) {
      all.push_back(&l->passages.at(b.setup));
      continue;
    }
    joint.push_back(besides(*l, a.setup, b.setup, **paired));
    all.push_back(&joint.back());
  }
  return joint.empty() ? b.typical : rangeOf(firstOf(all), 0.5);
}

/// Without the links on which nobody can tell antenna from transmitter.
SetupWay comparable(const SetupWay& way, const std::vector<std::string>& hidden) {
  SetupWay out{way.setup, {}, way.typical};
  for (const LinkWays* l : way.links)
    if (std::find(hidden.begin(), hidden.end(), l->link) == hidden.end()) out.links.push_back(l);
  if (!out.links.empty() && out.links.size() < way.links.size()) out.typical = rangeOf(overAll(out), 0.5);
  return out;
}

void takeFrom(const PairOnLink& only, SetupPair& pair) {
  pair.ratio = only.ratio;
  pair.verdict = only.verdict;
  pair.p_a_longer = only.p_a_longer, pair.p_a_more = only.p_a_more, pair.p_b_more = only.p_b_more;
  pair.p_value = only.p_value;
  pair.level = only.level;
  pair.stopped_m = only.stopped_m;
}

/// Where only one link differs, its verdict is the pair's.
void preferOwnLink(const campaign::Campaign& campaign, const std::vector<const PairOnLink*>& on_links, SetupPair& pair) {
  const auto own = campaign::onlyLinkThatDiffers(campaign, pair.a, pair.b);
  if (!own) return;
  const auto of = std::find_if(on_links.begin(), on_links.end(), [&](const PairOnLink* p) { return p->link == *own; });
  if (of == on_links.end() || (!(*of)->delta_db && !(*of)->ratio && !(*of)->elsewhere_ratio)) return;
  pair.own_link = *own;
  if (on_links.size() < 2) return;
  pair.together = SetupPair::Together{pair.ratio, pair.verdict};
  takeFrom(**of, pair);
}

void addPair(const campaign::Campaign& campaign, const SetupWay& way_a, const SetupWay& way_b, std::vector<const PairOnLink*> on_links,
             CampaignAnalysis& result) {
  SetupPair pair;
  pair.a = on_links.front()->a;
  pair.b = on_links.front()->b;
  pair.pairs = on_links.front()->pairs;
  for (const PairOnLink* p : on_links) {
    (p->power_unknown ? pair.hidden_links : pair.links).push_back(p->link);
    pair.pairs = std::min(pair.pairs, p->pairs);
  }
  std::erase_if(on_links, [](const PairOnLink* p) { return p->power_unknown; });
  const SetupWay a = comparable(way_a, pair.hidden_links), b = comparable(way_b, pair.hidden_links);
  if (on_links.size() == 1 && a.links.size() <= 1 && b.links.size() <= 1) {
    takeFrom(*on_links.front(), pair);
  } else if (!on_links.empty() && !a.links.empty() && !b.links.empty()) {
    Comparison c = compareDraws(a.typical, typicalBeside(a, b, on_links));
    c.spread_assumed =
        std::any_of(on_links.begin(), on_links.end(), [](const PairOnLink* p) { return p->spread_assumed; });
    pair.ratio = c.ratio;
    pair.p_a_longer = c.p_a_longer, pair.p_a_more = c.p_a_more, pair.p_b_more = c.p_b_more;
    pair.p_value = c.p_value;
    pair.level = lookAlpha(pair.pairs, campaign.planned_pairs);
    pair.verdict = verdictAt(c, pair.level);
    for (const PairOnLink* p : on_links)
      if (p->stopped_m && !pair.ratio) pair.stopped_m = std::min(*p->stopped_m, pair.stopped_m.value_or(INFINITY));
  }
  preferOwnLink(campaign, on_links, pair);
  agree(pair, result.practical_threshold);
  result.setup_comparisons.push_back(std::move(pair));
}

}  // namespace

void addSetupAnswers(const campaign::Campaign& campaign, const std::vector<LinkWays>& ways,
                     CampaignAnalysis& result) {
  std::map<std::string, std::vector<const SetupOnLink*>> by_setup;
  for (std::size_t i = 0; i < result.setups.size(); ++i) {
    const SetupOnLink& s = result.setups[i];
    result.setup_at[{s.setup, s.link}] = i;
    by_setup[s.setup].push_back(&s);
  }
  std::vector<SetupWay> all;
  for (std::size_t s = 0; s < campaign.setups.size(); ++s) {
    const std::string& id = campaign.setups[s].id;
    const auto links = by_setup.find(id);
    if (links == by_setup.end()) continue;
    SetupWay& way = all.emplace_back();
    way.setup = static_cast<int>(s);
    for (const LinkWays& l : ways)
      if (l.passages.contains(way.setup)) way.links.push_back(&l);
    result.answer_at[id] = result.answers.size();
    result.answers.push_back(answerOf(way, id, links->second));
  }
  std::map<std::string, const SetupWay*> way_of;
  for (const SetupWay& way : all) way_of[campaign.setups[static_cast<std::size_t>(way.setup)].id] = &way;
  // The pairs that were compared on any link, in their order there: of very many setups not all are.
  std::vector<std::vector<const PairOnLink*>> pairs;
  std::map<std::pair<std::string, std::string>, std::size_t> place;
  for (const PairOnLink& p : result.comparisons) {
    const auto [found, fresh] = place.emplace(std::pair(p.a, p.b), pairs.size());
    if (fresh) pairs.emplace_back();
    pairs[found->second].push_back(&p);
  }
  for (const auto& on_links : pairs)
    addPair(campaign, *way_of.at(on_links.front()->a), *way_of.at(on_links.front()->b), on_links, result);
  holdForAll(result.setup_comparisons);
}

}  // namespace distanz::analysis
