#include "core/course/simplify.h"

#include <algorithm>
#include <utility>

namespace distanz::course {
namespace {

double apartFrom(const Flat& p, const Flat& a, const Flat& b) {
  const double e = b.east_m - a.east_m, n = b.north_m - a.north_m, square = e * e + n * n;
  const double share =
      square > 0 ? std::clamp(((p.east_m - a.east_m) * e + (p.north_m - a.north_m) * n) / square, 0.0, 1.0)
                 : 0;
  return apart_m(p, {a.east_m + e * share, a.north_m + n * share});
}

}  // namespace

std::vector<std::size_t> simplified(const std::vector<Flat>& line, double tolerance_m) {
  if (line.size() < 3) {
    std::vector<std::size_t> all;
    for (std::size_t i = 0; i < line.size(); ++i) all.push_back(i);
    return all;
  }
  std::vector<bool> kept(line.size(), false);
  kept.front() = kept.back() = true;
  std::vector<std::pair<std::size_t, std::size_t>> open{
      {0, line.size() - 1}};  // not by recursion: a line may be long
  while (!open.empty()) {
    const auto [from, to] = open.back();
    open.pop_back();
    double farthest = tolerance_m;
    std::size_t at = from;
    for (std::size_t i = from + 1; i < to; ++i)
      if (const double d = apartFrom(line[i], line[from], line[to]); d > farthest) {
        farthest = d;
        at = i;
      }
    if (at == from) continue;
    kept[at] = true;
    open.push_back({from, at});
    open.push_back({at, to});
  }
  std::vector<std::size_t> out;
  for (std::size_t i = 0; i < line.size(); ++i)
    if (kept[i]) out.push_back(i);
  return out;
}

}  // namespace distanz::course
