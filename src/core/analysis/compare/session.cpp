#include "core/analysis/compare/session.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <set>

#include "core/analysis/reduce/reduction.h"
#include "core/log/clock.h"

namespace distanz::analysis {
namespace {

/// Ranks of comparable keys spread over the session; runs with the same key are flown at once.
template <class Key>
std::vector<double> placesOf(const std::vector<Key>& keys, const std::vector<bool>& used) {
  std::set<Key> sorted;
  for (std::size_t i = 0; i < keys.size(); ++i)
    if (used[i]) sorted.insert(keys[i]);
  std::vector<double> out(keys.size(), NAN);
  const double last = std::max<double>(static_cast<double>(sorted.size()) - 1, 1);
  for (std::size_t i = 0; i < keys.size(); ++i)
    if (used[i])
      out[i] = static_cast<double>(std::distance(sorted.begin(), sorted.find(keys[i]))) / last - 0.5;
  return out;
}

/// Flights that no clock can have: of one setup, and begun while another was in the air. Recorders without a clock of their
/// own begin every log at the same moment.
bool cannotBe(const campaign::Campaign& campaign, const std::vector<bool>& used, const Reductions& reductions,
              const std::vector<double>& began_s) {
  std::map<std::string, std::vector<std::size_t>> by_setup;
  for (std::size_t i = 0; i < used.size(); ++i)
    if (used[i]) by_setup[campaign.runs[i].setup].push_back(i);
  for (auto& [setup, runs] : by_setup) {
    std::sort(runs.begin(), runs.end(), [&](std::size_t a, std::size_t b) { return began_s[a] < began_s[b]; });
    for (std::size_t k = 1; k < runs.size(); ++k) {
      const std::size_t before = runs[k - 1], next = runs[k];
      const std::string& flight = campaign.runs[before].flight;
      if (!flight.empty() && flight == campaign.runs[next].flight) continue;
      if (began_s[next] < began_s[before] + reductions[before].duration_s / 2) return true;
    }
  }
  return false;
}

}  // namespace

Session sessionOf(const campaign::Campaign& campaign, const std::vector<bool>& used,
                  const Reductions& reductions) {
  std::vector<int> order;
  std::vector<double> began_s;
  bool all_typed = true, all_clocked = true, any = false;
  for (std::size_t i = 0; i < used.size(); ++i) {
    order.push_back(campaign.runs[i].order);
    began_s.push_back(log::secondsOf(reductions[i].started).value_or(NAN) + reductions[i].begins_s);
    if (!used[i]) continue;
    any = true;
    all_typed = all_typed && order.back() > 0;
    all_clocked = all_clocked && std::isfinite(began_s.back());
  }
  Session out;
  if (any && all_clocked && !cannotBe(campaign, used, reductions, began_s)) {
    out.place = placesOf(began_s, used);
    out.by_clock = !all_typed;
  } else if (any && all_typed) {
    out.place = placesOf(order, used);
  } else {
    out.place.assign(used.size(), NAN);
  }
  return out;
}

}  // namespace distanz::analysis
