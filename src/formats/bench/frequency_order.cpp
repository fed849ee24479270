#include "formats/bench/frequency_order.h"

#include <algorithm>
#include <functional>
#include <numeric>

namespace distanz::formats {

std::vector<std::size_t> orderOf(const std::vector<double>& f, std::vector<Finding>& problems) {
  if (std::adjacent_find(f.begin(), f.end(), std::greater_equal<>()) == f.end()) return {};
  std::vector<std::size_t> order(f.size());
  std::iota(order.begin(), order.end(), std::size_t{0});
  if (!std::is_sorted(f.begin(), f.end())) {
    std::stable_sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) { return f[a] < f[b]; });
    problems.push_back(finding("sweep-unsorted"));
  }
  const auto twice =
      std::unique(order.begin(), order.end(), [&](std::size_t a, std::size_t b) { return f[a] == f[b]; });
  if (twice != order.end())
    problems.push_back(
        finding("sweep-duplicates", {{"count", static_cast<std::size_t>(order.end() - twice)}}));
  order.erase(twice, order.end());
  return order;
}

}  // namespace distanz::formats
