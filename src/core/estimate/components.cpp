#include "core/estimate/components.h"

#include <algorithm>
#include <numeric>

namespace distanz::estimate {
namespace {

struct Forest {
  std::vector<std::size_t> parent;
  explicit Forest(std::size_t n) : parent(n) { std::iota(parent.begin(), parent.end(), std::size_t{0}); }
  std::size_t root(std::size_t i) {
    while (parent[i] != i) i = parent[i] = parent[parent[i]];
    return i;
  }
};

bool linked(const FlightCells& a, const FlightCells& b) {
  int shared = 0;
  for (auto i = a.cells.begin(), j = b.cells.begin(); i != a.cells.end() && j != b.cells.end();) {
    if (i->index < j->index) {
      ++i;
    } else if (j->index < i->index) {
      ++j;
    } else {
      shared += !i->censored && !j->censored;
      if (shared >= defaults::kMinSharedCells) return true;
      ++i, ++j;
    }
  }
  return false;
}

}  // namespace

std::vector<std::vector<int>> connectedFlights(const std::vector<ModelFlight>& flights,
                                               const std::vector<int>& candidates) {
  Forest forest(candidates.size());
  for (std::size_t i = 0; i < candidates.size(); ++i)
    for (std::size_t j = 0; j < i; ++j) {
      const std::size_t a = forest.root(i), b = forest.root(j);
      if (a == b) continue;
      const ModelFlight &one = flights[static_cast<std::size_t>(candidates[i])],
                        &other = flights[static_cast<std::size_t>(candidates[j])];
      if (one.scale == other.scale && linked(one.cells, other.cells))
        forest.parent[std::max(a, b)] = std::min(a, b);
    }
  std::vector<std::vector<int>> groups;
  std::vector<int> group_of(candidates.size(), -1);
  for (std::size_t i = 0; i < candidates.size(); ++i) {
    int& group = group_of[forest.root(i)];
    if (group < 0) {
      group = static_cast<int>(groups.size());
      groups.emplace_back();
    }
    groups[static_cast<std::size_t>(group)].push_back(candidates[i]);
  }
  return groups;
}

}  // namespace distanz::estimate
