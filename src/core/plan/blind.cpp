#include "core/plan/blind.h"

#include <fmt/format.h>

#include <algorithm>
#include <set>

#include "core/dice/random.h"
#include "core/text/text.h"

namespace distanz::plan {
namespace {

/// The same on every machine (FNV-1a, 64 bits).
std::uint64_t hashOf(const std::string& text) {
  std::uint64_t hash = 14695981039346656037ULL;
  for (const char c : text) hash = (hash ^ static_cast<unsigned char>(c)) * 1099511628211ULL;
  return hash;
}

/// Names that the flights of a setup will have, in the order they are flown.
class RunNames {
 public:
  explicit RunNames(const campaign::Campaign& c) {
    for (const campaign::Run& r : c.runs) m_taken.insert(r.id);
  }
  std::string next(const std::string& setup) {
    for (int n = 1;; ++n)
      if (std::string id = setup + std::to_string(n); m_taken.insert(id).second) return id;
  }

 private:
  std::set<std::string> m_taken;
};

void addPlanned(const campaign::Campaign& c, const FlightPlan& plan, std::vector<BlindLabel>& out) {
  RunNames names(c);
  for (const OrderedRun& run : plan.order)
    for (const campaign::Setup& s : c.setups)
      if (c.plan.together || s.id == plan.setups[std::size_t(run.setup)]) out.push_back({0, names.next(s.id), s.id});
}

}  // namespace

std::vector<BlindLabel> blindLabels(const campaign::Campaign& c, const FlightPlan& plan) {
  std::vector<BlindLabel> out;
  if (!c.plan.labels_seed) return out;
  for (const campaign::Run& r : c.runs)
    if (r.void_reason.empty()) out.push_back({0, r.id, r.setup});
  addPlanned(c, plan, out);
  constexpr int kLabels = kHighestLabel - kLowestLabel + 1;
  out.resize(std::min(out.size(), std::size_t(kLabels) / 2));
  std::set<int> used;
  for (BlindLabel& l : out) {
    dice::Random random(hashOf(std::to_string(c.plan.labels_seed) + "/" + l.run));
    do l.label = kLowestLabel + int(random.uniform() * kLabels);
    while (!used.insert(l.label).second);
  }
  return out;
}

namespace {

std::vector<BlindLabel> rising(std::vector<BlindLabel> labels) {
  std::sort(labels.begin(), labels.end(), [](const auto& a, const auto& b) { return a.label < b.label; });
  return labels;
}

}  // namespace

std::string judgesSheet(const std::vector<BlindLabel>& labels) {
  std::string out = "label,grade,remarks\n";
  for (const BlindLabel& l : rising(labels)) out += fmt::format("{},,\n", l.label);
  return out;
}

std::string namingSheet(const std::vector<BlindLabel>& labels) {
  std::string out = "run,label\n";
  for (const BlindLabel& l : labels) out += fmt::format("{},{}\n", text::csvField(l.run), l.label);
  return out;
}

std::vector<Finding> toldLabels(const campaign::Campaign& c, const std::vector<BlindLabel>& labels) {
  if (labels.empty()) return {};
  if (c.plan.labels_opened.empty()) return {finding("labels-sealed", {{"count", labels.size()}})};
  Finding out = finding("labels-opened", {{"at", c.plan.labels_opened}});
  for (const BlindLabel& l : rising(labels))
    out.why.push_back(finding("label-is", {{"label", l.label}, {"run", l.run}, {"setup", l.setup}}));
  return {out};
}

}  // namespace distanz::plan
