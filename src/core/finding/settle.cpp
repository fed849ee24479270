#include "core/finding/settle.h"

#include <algorithm>
#include <iterator>
#include <map>
#include <optional>

namespace distanz {
namespace {

std::optional<double> number(const Finding& f, std::string_view key) {
  const Argument* a = f.find(key);
  const auto* m = a ? std::get_if<Measure>(&a->value) : nullptr;
  return m ? std::optional(m->value) : std::nullopt;
}

/// A flight beyond a limit that is no link: no flight goes there, tested or not.
bool beyondTheTurn(const Finding& stands, const Finding& gives_way) {
  const auto turn = number(stands, "at"), to = number(gives_way, "to");
  return turn && to && *to > *turn;
}

bool beyondWhatIsAllowed(const Finding& stands, const Finding& gives_way) {
  const auto limit = number(stands, "limit"), to = number(gives_way, "to");
  return limit && to && *to > *limit;
}

bool beyondSight(const Finding& stands, const Finding& gives_way) {
  const auto sight = number(stands, "sight"), to = number(gives_way, "to");
  return sight && to && *to > *sight;
}

constexpr Exclusion kExclusions[] = {
    // The way: what terrain says stands over what flat ground says.
    {"path-hits", "path-clear"},
    {"path-close", "path-clear"},
    {"height-wanted", "path-clear"},
    {"height-never", "path-clear"},
    {"height-never", "height-wanted"},
    {"height-never", "height-clears"},
    {"height-wanted", "height-clears"},
    {"path-hits", "height-clears"},
    {"path-never-clear", "path-clear"},
    {"path-too-low", "path-clear"},
    {"path-shaded", "path-clear"},
    {"legs-deep", "legs-differ", "setup,link"},
    {"legs-deep", "legs-turn", "setup,link"},
    // May it be flown?
    {"wind-no-return", "wind-helps-out"},
    {"wind-no-return", "wind-helps-back"},
    {"wind-no-return", "battery-carries"},
    {"wind-no-return", "battery-turns"},
    {"wind-no-return", "fly-to"},
    {"wind-no-return", "fly-to-beyond"},
    {"wind-no-return", "preflight-done"},
    {"wind-helps-out", "wind-helps-back"},
    {"wind-no-way-out", "wind-helps-back"},
    {"ground-held-in-plan", "preflight-done"},
    {"ground-held-in-plan", "fly-to"},
    {"battery-empty", "battery-turns", "setup"},
    {"battery-empty", "battery-carries", "setup"},
    {"battery-turns", "battery-carries", "setup"},
    {"limit-distance", "limits-kept"},
    {"limit-height", "limits-kept"},
    {"limit-sight", "limits-kept"},
    {"limits-wanted", "limits-kept"},
    {"limit-distance", "fly-to", "", beyondWhatIsAllowed},
    {"limit-sight", "fly-to", "", beyondSight},
    {"stops-first", "fly-to", "", beyondTheTurn},
    {"preflight-open", "preflight-done"},
    {"preflight-stale", "preflight-done"},
    {"pairs-never", "pairs-too-few"},
    {"pairs-too-few", "pairs-tell"},
    {"pairs-never", "pairs-tell"},
    {"eirp-over", "eirp-within", "link"},
    {"kit-described", "kit-and-path-described"},
    // What flights say stands over what physics says.
    {"flown-below", "flown-as-predicted", "setup,link"},
    {"flown-above", "flown-as-predicted", "setup,link"},
    {"flown-below", "flown-above", "setup,link"},
    {"range-none", "range-dependable", "setup"},
    {"range-none", "range-at-least", "setup"},
    {"range-unknown", "range-dependable", "setup"},
    {"not-flown", "range-dependable", "setup"},
    {"not-flown", "range-at-least", "setup"},
    {"back-weaker", "back-stronger", "setup"},
    {"never-seen-failing", "no-critical-level", "link"},
    {"plan-with-at-least", "plan-with", "setup"},
    // One verdict a pair: the one that claims less stands.
    {"nothing-to-compare", "undecided", "a,b"},
    {"nothing-to-compare", "no-practical-difference", "a,b"},
    {"undecided", "no-practical-difference", "a,b"},
    {"undecided", "pair-stopped", "a,b"},
    {"undecided", "pair-stopped-apart", "a,b"},
    {"nothing-to-compare", "pair-stopped-apart", "a,b"},
    {"nothing-to-compare", "pair-stopped", "a,b"},
    {"better-alone", "better", "better,worse"},
    {"probably-farther", "better", "better,worse"},
    {"probably-farther", "better-alone", "better,worse"},
    {"segment-undecided", "segment-same", "segment,link,a,b"},
    // Besides the range.
    {"side-blind", "side-even", "setup,link"},
    {"freezes-rate", "freezes-none", "setup,link"},
    {"step-first", "step-later", "setup,link,what"},
    {"step-first", "step-seldom", "setup,link,what"},
    {"energy-stops", "energy-allows", "setup"},
    // The bench: a fault stands over a pass.
    {"ground-do-not-fly", "ground-fly"},
    {"ground-do-not-fly", "ground-look-into"},
    {"ground-look-into", "ground-fly"},
    {"look-fault", "look-fine"},
    {"look-open", "look-fine"},
    {"claim-clashes", "claims-agree"},
    {"misses-channel", "fits-channel", "frequency"},
    {"cable-radiates", "cable-still"},
    {"traces-differ", "traces-alike"},
    {"trim-unsure", "trim-centred"},
    {"trim-unsure", "trim-off"},
    {"trim-off", "trim-centred"},
    {"turn-wrong-hand", "turn-gain"},
    {"turn-too-near", "turn-gain"},
    {"walk-unsure", "walk-farther"},
    {"walk-unsure", "walk-nearer"},
    {"swap-too-few", "swap-better"},
    {"swap-too-few", "swap-worse"},
    {"swap-unclear", "swap-better"},
    {"swap-unclear", "swap-worse"},
    {"interference-third", "interference-none"},
    {"interference-second", "interference-none"},
    {"interference-harmonic", "interference-none"},
    {"channel-hit", "channel-free", "channel"},
};

bool sameThing(std::string_view keys, const Finding& a, const Finding& b) {
  while (!keys.empty()) {
    const std::string_view key = keys.substr(0, keys.find(','));
    keys.remove_prefix(std::min(key.size() + 1, keys.size()));
    const Argument *x = a.find(key), *y = b.find(key);
    if (!x || !y || !(x->value == y->value)) return false;
  }
  return true;
}

bool names(std::string_view key) {
  return key == "setup" || key == "name" || key == "link";
}

/// The texts of two arguments, where both are texts.
std::pair<std::string*, const std::string*> texts(Argument& into, const Argument& other) {
  return {std::get_if<std::string>(&into.value), std::get_if<std::string>(&other.value)};
}

/// What two findings that say the same differ in.
enum class Differ { Setup, Link };

/// None where they say different things, or differ in setup and link at once: joined they would pair each
/// with each.
std::optional<Differ> alike(const Finding& a, const Finding& b) {
  if (a.code != b.code || a.arguments.size() != b.arguments.size() || a.more != b.more || a.why != b.why ||
      !a.run().empty())
    return std::nullopt;
  bool setup = false, link = false;
  for (std::size_t i = 0; i < a.arguments.size(); ++i) {
    const Argument &x = a.arguments[i], &y = b.arguments[i];
    if (x.key != y.key) return std::nullopt;
    if (x.value == y.value) continue;
    if (!names(x.key) || !std::holds_alternative<std::string>(x.value) ||
        !std::holds_alternative<std::string>(y.value))
      return std::nullopt;
    (x.key == "link" ? link : setup) = true;
  }
  if (setup == link) return std::nullopt;
  return setup ? Differ::Setup : Differ::Link;
}

void join(Finding& into, const Finding& other) {
  for (std::size_t i = 0; i < into.arguments.size(); ++i) {
    const auto [mine, theirs] = texts(into.arguments[i], other.arguments[i]);
    if (mine && theirs && *mine != *theirs) *mine += ", " + *theirs;
  }
  if (into.subject != other.subject) into.subject = {};
}

}  // namespace

std::span<const Exclusion> exclusions() {
  return kExclusions;
}

bool exclude(const Exclusion& rule, const Finding& stands, const Finding& gives_way) {
  return stands.code == rule.stands && gives_way.code == rule.gives_way &&
         sameThing(rule.about, stands, gives_way) && (!rule.when || rule.when(stands, gives_way));
}

std::vector<Finding> consistent(const std::vector<Finding>& findings) {
  static const std::multimap<std::string_view, const Exclusion*> kByGivingWay = [] {
    std::multimap<std::string_view, const Exclusion*> all;
    for (const Exclusion& rule : kExclusions) all.emplace(rule.gives_way, &rule);
    return all;
  }();
  std::vector<Finding> out;
  std::copy_if(findings.begin(), findings.end(), std::back_inserter(out), [&](const Finding& f) {
    const auto [begin, end] = kByGivingWay.equal_range(f.code);
    return std::none_of(begin, end, [&](const auto& rule) {
      return std::any_of(findings.begin(), findings.end(),
                         [&](const Finding& other) { return exclude(*rule.second, other, f); });
    });
  });
  return out;
}

std::vector<Finding> settled(const std::vector<Finding>& findings) {
  struct Group {
    std::vector<Finding> of;       // each as it was found
    std::optional<Differ> differ;  // in what they differ
  };
  std::vector<Finding> out;
  std::vector<Group> groups;
  for (const Finding& f : consistent(findings)) {
    const auto group = std::find_if(groups.begin(), groups.end(), [&](const Group& g) {
      const auto differ = alike(g.of.front(), f);
      return g.of.front() == f || (differ && (!g.differ || g.differ == differ));
    });
    if (group == groups.end()) {
      out.push_back(f);
      groups.push_back({{f}, {}});
    } else if (std::find(group->of.begin(), group->of.end(), f) == group->of.end()) {
      group->differ = alike(group->of.front(), f);
      group->of.push_back(f);
      join(out[std::size_t(group - groups.begin())], f);
    }
  }
  return out;
}

}  // namespace distanz
