#include "core/estimate/growing_cells.h"

#include <algorithm>
#include <cmath>

#include "core/estimate/robust.h"

namespace distanz::estimate {
namespace {

/// Sorts what was added into what is sorted already: one by one where it is little.
void merge(std::vector<double>& sorted, std::vector<double>& fresh) {
  constexpr std::size_t kOneByOne = 8;
  if (sorted.capacity() < sorted.size() + fresh.size()) sorted.reserve(2 * (sorted.size() + fresh.size()));
  if (fresh.size() <= kOneByOne) {
    for (const double v : fresh) sorted.insert(std::upper_bound(sorted.begin(), sorted.end(), v), v);
  } else {
    std::sort(fresh.begin(), fresh.end());
    const auto middle = static_cast<std::ptrdiff_t>(sorted.size());
    sorted.insert(sorted.end(), fresh.begin(), fresh.end());
    std::inplace_merge(sorted.begin(), sorted.begin() + middle, sorted.end());
  }
  fresh.clear();
}

}  // namespace

void GrowingCells::add(double distance_m, double place_m, double rssi_dbm, double shift_db) {
  if (!std::isfinite(distance_m) || !std::isfinite(place_m) || !std::isfinite(rssi_dbm)) return;
  m_all.farthest_m = std::max(m_all.farthest_m, distance_m);
  if (!std::isfinite(shift_db) || distance_m < defaults::kNearField_m ||
      distance_m > defaults::kNoUpperLimit_m)
    return;
  const int index = placeIndex(place_m);
  Stretch& s = m_stretches[index];
  if (s.fresh.empty()) m_changed.push_back(index);
  s.fresh.push_back(rssi_dbm + shift_db);
  s.log_distances += std::log10(distance_m);
  s.shifts += shift_db;
  s.saturated += rssi_dbm >= defaults::kCeiling_dbm - defaults::kFloorTolerance_db;
}

std::optional<Cell> GrowingCells::summary(int index, Stretch& s, std::size_t least) const {
  merge(s.level_dbm, s.fresh);
  const auto count = static_cast<double>(s.level_dbm.size());
  if (s.level_dbm.size() < least || static_cast<double>(s.saturated) > defaults::kClippedShare * count)
    return std::nullopt;
  Cell cell;
  cell.index = m_first_place + index;
  cell.log_distance = s.log_distances / count;
  cell.level_dbm = trimmedMeanOfRising(s.level_dbm, defaults::kTrim);
  cell.shift_db = s.shifts / count;
  return cell;
}

/// Whether the log turns out slow, or fast, after all: then every cell is looked at anew.
void GrowingCells::requireSamples() {
  std::vector<double> counts;
  for (const auto& [index, s] : m_stretches)
    counts.push_back(static_cast<double>(s.level_dbm.size() + s.fresh.size()));
  const std::size_t least = samplesNeeded(std::move(counts));
  if (least == m_least) return;
  m_least = least;
  m_changed.clear();
  for (const auto& [index, s] : m_stretches) m_changed.push_back(index);
}

const FlightCells& GrowingCells::cells() {
  if (m_changed.empty()) return m_all;
  requireSamples();
  for (const int index : m_changed) {
    const auto cell = summary(index, m_stretches.at(index), m_least);
    if (cell)
      m_cells[index] = *cell;
    else
      m_cells.erase(index);
  }
  m_changed.clear();
  m_all.cells.clear();
  for (const auto& [index, cell] : m_cells) m_all.cells.push_back(cell);
  m_all.uncensored = static_cast<int>(m_all.cells.size());
  return m_all;
}

}  // namespace distanz::estimate
