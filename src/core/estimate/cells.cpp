#include "core/estimate/cells.h"

#include <algorithm>
#include <cmath>
#include <numeric>

#include "core/quantity/error.h"

namespace distanz::estimate {
namespace {

bool finiteRow(const FlightSamples& f, std::size_t i) {
  return std::isfinite(f.time_s[i]) && std::isfinite(f.distance_m[i]) && std::isfinite(f.rssi_dbm[i]);
}

void requireEqualLengths(const FlightSamples& f) {
  if (f.time_s.size() != f.distance_m.size() || f.time_s.size() != f.rssi_dbm.size())
    throw DomainError("time, distance and rssi must have the same length");
}

struct Sample {
  int cell;
  double log_distance;
  double rssi_dbm;
};

double trimmedMean(std::vector<double>& values) {
  std::sort(values.begin(), values.end());
  const auto cut = static_cast<std::ptrdiff_t>(std::floor(defaults::kTrim * static_cast<double>(values.size())));
  const auto first = values.begin() + cut, last = values.end() - cut;
  return std::accumulate(first, last, 0.0) / static_cast<double>(last - first);
}

std::optional<Cell> summarise(std::span<const Sample> samples, std::optional<double> floor_dbm, std::vector<double>& scratch) {
  const auto count = samples.size();
  if (count < static_cast<std::size_t>(defaults::kMinSamplesPerCell)) return std::nullopt;
  scratch.clear();
  double sum = 0;
  std::size_t clipped = 0, saturated = 0;
  for (const Sample& s : samples) {
    scratch.push_back(s.rssi_dbm);
    sum += s.log_distance;
    clipped += floor_dbm && s.rssi_dbm <= *floor_dbm + defaults::kFloorTolerance_db;
    saturated += s.rssi_dbm >= defaults::kCeiling_dbm - defaults::kFloorTolerance_db;
  }
  const double limit = defaults::kClippedShare * static_cast<double>(count);
  if (static_cast<double>(saturated) > limit) return std::nullopt;
  Cell cell;
  cell.index = samples.front().cell;
  cell.log_distance = sum / static_cast<double>(count);
  cell.censored = static_cast<double>(clipped) > limit;
  cell.level_dbm = trimmedMean(scratch);
  cell.lowest_dbm = scratch.front();
  const auto above = std::upper_bound(scratch.begin(), scratch.end(), cell.lowest_dbm + defaults::kFloorTolerance_db);
  cell.lowest_share = static_cast<double>(above - scratch.begin()) / static_cast<double>(count);
  if (cell.censored) cell.level_dbm = *floor_dbm + defaults::kCensorAbove_db;
  return cell;
}

}  // namespace

void FloorFinder::add(const FlightSamples& flight) {
  requireEqualLengths(flight);
  int streak = 0;
  for (std::size_t i = 0; i < flight.time_s.size(); ++i) {
    if (!finiteRow(flight, i)) continue;
    const double y = flight.rssi_dbm[i];
    if (m_rows == 0 || y < m_lowest) {
      m_lowest = y;
      m_rows = 0;
      m_streak = streak = 0;
    }
    if (y == m_lowest) {
      ++m_rows;
      m_streak = std::max(m_streak, ++streak);
    } else {
      streak = 0;
    }
  }
}

void FloorFinder::merge(const FloorFinder& other) {
  if (other.m_rows == 0 || (m_rows > 0 && other.m_lowest > m_lowest)) return;
  const bool same = m_rows > 0 && other.m_lowest == m_lowest;
  m_rows = same ? m_rows + other.m_rows : other.m_rows;
  m_streak = same ? std::max(m_streak, other.m_streak) : other.m_streak;
  m_lowest = other.m_lowest;
}

std::optional<double> FloorFinder::floor_dbm() const {
  if (m_rows < defaults::kFloorMinRows || m_streak < defaults::kFloorMinStreak) return std::nullopt;
  return m_lowest;
}

FlightCells cellsOf(const FlightSamples& flight, std::optional<double> floor_dbm, double width_m) {
  requireEqualLengths(flight);
  requirePositive(width_m, "width_m");
  FlightCells out;
  for (std::size_t i = 0; i < flight.time_s.size(); ++i)
    if (finiteRow(flight, i) && flight.distance_m[i] > out.farthest_m) {
      out.farthest_m = flight.distance_m[i];
      out.turn_s = flight.time_s[i];
    }
  const double turn_begin = flight.turn_begin_s.value_or(out.turn_s - defaults::kTurnHalfWidth_s);
  const double turn_end = flight.turn_end_s.value_or(out.turn_s + defaults::kTurnHalfWidth_s);
  std::vector<Sample> samples;
  samples.reserve(flight.time_s.size());
  for (std::size_t i = 0; i < flight.time_s.size(); ++i) {
    if (!finiteRow(flight, i)) continue;
    const double t = flight.time_s[i], d = flight.distance_m[i];
    if ((t >= turn_begin && t <= turn_end) || d < defaults::kNearField_m || d > defaults::kNoUpperLimit_m) continue;
    samples.push_back({static_cast<int>(std::floor(d / width_m)), std::log10(d), flight.rssi_dbm[i]});
  }
  std::stable_sort(samples.begin(), samples.end(), [](const Sample& a, const Sample& b) { return a.cell < b.cell; });
  std::vector<double> scratch;
  for (auto first = samples.begin(); first != samples.end();) {
    const auto last = std::find_if(first, samples.end(), [&](const Sample& s) { return s.cell != first->cell; });
    if (const auto cell = summarise({first, last}, floor_dbm, scratch)) {
      out.cells.push_back(*cell);
      out.uncensored += !cell->censored;
    }
    first = last;
  }
  return out;
}

void censorAt(FlightCells& flight, double floor_dbm) {
  for (Cell& cell : flight.cells) {
    if (cell.censored || cell.lowest_dbm > floor_dbm + defaults::kFloorTolerance_db || cell.lowest_share <= defaults::kClippedShare)
      continue;
    cell.censored = true;
    cell.level_dbm = floor_dbm + defaults::kCensorAbove_db;
    --flight.uncensored;
  }
}

}  // namespace distanz::estimate
