#include "core/analysis/findings/has.h"

#include <algorithm>

#include "core/analysis/findings/named.h"

namespace distanz::analysis {

Finding kitHas(const campaign::Campaign& c) {
  return finding("has-setups", {{"setups", c.setups.size()}});
}

Finding benchHas(const campaign::Campaign& c) {
  return c.records.empty() ? finding("has-no-records") : finding("has-records", {{"records", c.records.size()}});
}

Finding planHas(const campaign::Campaign& c) {
  const auto course = campaign::courseOf(c);
  return course ? finding("has-path", {metres("distance", course->farPost_m())}) : finding("has-no-path");
}

Finding runsHas(const campaign::Campaign& c) {
  if (c.runs.empty()) return finding("has-no-runs");
  const auto excluded = std::count_if(c.runs.begin(), c.runs.end(), [](const campaign::Run& r) { return !r.void_reason.empty(); });
  if (excluded == 0) return finding("has-runs", {{"runs", c.runs.size()}});
  return finding("has-runs-excluded", {{"runs", c.runs.size()}, {"excluded", int(excluded)}});
}

Finding compareHas(const Answers& a) {
  return a.answers.empty() ? finding("has-not-compared") : finding("has-compared", {{"setups", a.answers.size()}});
}

}  // namespace distanz::analysis
