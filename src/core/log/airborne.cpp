#include "core/log/airborne.h"

#include <algorithm>
#include <cmath>

#include "core/log/quantile.h"

namespace distanz::log {
namespace {

constexpr double kGap_s = 30;         // without a row for so long: the log was stopped
constexpr double kGap = 5;            // or for so many times what usually lies between two rows: readings noted by hand
constexpr double kOver_s = 2;         // steadies a noisy position
constexpr double kStill_mps = 1;      // slower than this is standing
constexpr double kLanded_s = 8;       // stood so long and low: landed
constexpr double kLandedBlind_s = 20; // the same where no height is logged
constexpr double kLow_m = 4, kLow = 0.15, kAtHome_m = 60, kAtHome = 0.15;

struct Bounds {
  double low = INFINITY, high = -INFINITY;
};
Bounds boundsOf(std::span<const double> values) {
  Bounds out;
  for (const double v : values)
    if (std::isfinite(v)) out = {std::min(out.low, v), std::max(out.high, v)};
  return out;
}

class Rows {
 public:
  Rows(const Recording& r, std::span<const double> distance_m)
      : m_time(r.time_s), m_distance(distance_m), m_speed(r.find(channel::kSpeed)), m_height(r.find(channel::kHeight)) {
    if (!m_height) m_height = r.find("altitude_msl_m");
    if (m_height) {
      const Bounds b = boundsOf(*m_height);
      if (b.high > b.low)
        m_low_m = b.low + std::max(kLow_m, kLow * (b.high - b.low));
      else
        m_height = nullptr;
    }
    m_near_m = std::max(kAtHome_m, kAtHome * boundsOf(distance_m).high);
  }

  std::size_t size() const { return m_time.size(); }
  double time(std::size_t i) const { return m_time[i]; }
  bool tellsMovement() const { return m_speed || std::any_of(m_distance.begin(), m_distance.end(), [](double d) { return std::isfinite(d); }); }

  /// Row that lies kOver_s before; calls come with rising i.
  bool still(std::size_t i) {
    while (m_before + 1 < i && m_time[i] - m_time[m_before + 1] >= kOver_s) ++m_before;
    if (m_speed && std::isfinite((*m_speed)[i])) return (*m_speed)[i] < kStill_mps;
    const double dt = m_time[i] - m_time[m_before], moved = std::abs(m_distance[i] - m_distance[m_before]);
    return dt <= 0 || (std::isfinite(moved) && moved < kStill_mps * dt);
  }

  bool landed(std::size_t begin, std::size_t end) const {
    const double lasted = m_time[end - 1] - m_time[begin];
    double height = 0, distance = 0;
    std::size_t heights = 0, distances = 0;
    for (std::size_t i = begin; i < end; ++i) {
      if (m_height && std::isfinite((*m_height)[i])) height += (*m_height)[i], ++heights;
      if (std::isfinite(m_distance[i])) distance += m_distance[i], ++distances;
    }
    if (heights > 0) return lasted >= kLanded_s && height / double(heights) <= m_low_m;
    return lasted >= kLandedBlind_s && (distances == 0 || distance / double(distances) <= m_near_m);
  }

 private:
  const std::vector<double>& m_time;
  std::span<const double> m_distance;
  const std::vector<double>*m_speed, *m_height;
  double m_low_m = 0, m_near_m = 0;
  std::size_t m_before = 0;
};

void addFlown(std::vector<Airborne>& out, std::size_t begin, std::size_t end) {
  if (end > begin) out.push_back({begin, end});
}

/// Of rows without a gap.
void part(Rows& rows, std::size_t begin, std::size_t end, std::vector<Airborne>& out) {
  std::size_t flown = begin;
  for (std::size_t i = begin; i < end;) {
    if (!rows.still(i)) {
      ++i;
      continue;
    }
    const std::size_t from = i;
    while (i < end && rows.still(i)) ++i;
    if (!rows.landed(from, i)) continue;
    addFlown(out, flown, from);
    flown = i;
  }
  addFlown(out, flown, end);
}

}  // namespace

std::vector<Airborne> airborneIn(const Recording& recording, std::span<const double> distance_m) {
  Rows rows(recording, distance_m);
  std::vector<Airborne> out;
  if (!rows.tellsMovement()) {
    addFlown(out, 0, rows.size());
    return out;
  }
  std::vector<double> steps;
  for (std::size_t i = 1; i < rows.size(); ++i) steps.push_back(rows.time(i) - rows.time(i - 1));
  const double gap_s = steps.empty() ? kGap_s : std::max(kGap_s, kGap * quantile(std::move(steps), 0.5));
  std::size_t begin = 0;
  for (std::size_t i = 1; i <= rows.size(); ++i) {
    if (i < rows.size() && rows.time(i) - rows.time(i - 1) <= gap_s) continue;
    part(rows, begin, i, out);
    begin = i;
  }
  return out;
}

}  // namespace distanz::log
