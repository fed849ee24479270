#include "core/estimate/cells.h"

#include <algorithm>
#include <cmath>

#include "core/estimate/robust.h"
#include "core/finding/error.h"

namespace distanz::estimate {
namespace {

bool finiteRow(const FlightSamples& f, std::size_t i) {
  return std::isfinite(f.time_s[i]) && std::isfinite(f.distance_m[i]) && std::isfinite(f.rssi_dbm[i]) &&
         std::isfinite(f.placeAt(i));
}

void requireEqualLengths(const FlightSamples& f) {
  if (f.time_s.size() != f.distance_m.size() || f.time_s.size() != f.rssi_dbm.size())
    throw DomainError("time, distance and rssi of one length");
  if (!f.shift_db.empty() && f.shift_db.size() != f.time_s.size())
    throw DomainError("shift_db as long as the flight, or empty");
  if (!f.along_m.empty() && f.along_m.size() != f.time_s.size())
    throw DomainError("along_m as long as the flight, or empty");
}

struct Sample {
  int cell;
  bool back;
  double log_distance;
  double rssi_dbm;
  double shift_db;
};

/// A clipped cell is only known to lie below this.
double censoredBound(double floor_dbm, const Cell& cell) {
  return floor_dbm + defaults::kCensorAbove_db + cell.shift_db;
}

std::optional<Cell> summarise(std::span<const Sample> samples, std::optional<double> floor_dbm,
                              std::vector<double>& scratch) {
  const auto count = samples.size();
  if (count < static_cast<std::size_t>(defaults::kMinSamplesPerCell)) return std::nullopt;
  scratch.clear();
  double sum = 0, shift = 0, lowest = INFINITY;
  std::size_t clipped = 0, saturated = 0, at_lowest = 0;
  for (const Sample& s : samples) {
    scratch.push_back(s.rssi_dbm + s.shift_db);
    sum += s.log_distance;
    shift += s.shift_db;
    lowest = std::min(lowest, s.rssi_dbm);
    clipped += floor_dbm && s.rssi_dbm <= *floor_dbm + defaults::kFloorTolerance_db;
    saturated += s.rssi_dbm >= defaults::kCeiling_dbm - defaults::kFloorTolerance_db;
  }
  const double limit = defaults::kClippedShare * static_cast<double>(count);
  if (static_cast<double>(saturated) > limit) return std::nullopt;
  Cell cell;
  cell.index = samples.front().cell;
  cell.log_distance = sum / static_cast<double>(count);
  cell.censored = static_cast<double>(clipped) > limit;
  cell.level_dbm = trimmedMean(scratch, defaults::kTrim);
  cell.shift_db = shift / static_cast<double>(count);
  cell.lowest_dbm = lowest;
  for (const Sample& s : samples) at_lowest += s.rssi_dbm <= lowest + defaults::kFloorTolerance_db;
  cell.lowest_share = static_cast<double>(at_lowest) / static_cast<double>(count);
  if (cell.censored) cell.level_dbm = censoredBound(*floor_dbm, cell);
  return cell;
}

}  // namespace

int placeIndex(double place_m, double width_m) {
  constexpr double kBound = defaults::kPlacesOfAPath / 2;
  return static_cast<int>(std::clamp(std::floor(place_m / width_m), -kBound, kBound - 1));
}

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

namespace {

/// The samples that count, by cell and in time order within it.
std::vector<Sample> samplesOf(const FlightSamples& flight, FlightCells& whole, double width_m) {
  for (std::size_t i = 0; i < flight.time_s.size(); ++i)
    if (finiteRow(flight, i) && flight.distance_m[i] > whole.farthest_m) {
      whole.farthest_m = flight.distance_m[i];
      whole.turn_s = flight.time_s[i];
    }
  const double turn_begin = flight.turn_begin_s.value_or(whole.turn_s - defaults::kTurnHalfWidth_s);
  const double turn_end = flight.turn_end_s.value_or(whole.turn_s + defaults::kTurnHalfWidth_s);
  std::vector<Sample> samples;
  samples.reserve(flight.time_s.size());
  for (std::size_t i = 0; i < flight.time_s.size(); ++i) {
    if (!finiteRow(flight, i)) continue;
    const double t = flight.time_s[i], d = flight.distance_m[i], shift = flight.shiftAt(i);
    if ((t >= turn_begin && t <= turn_end) || d < defaults::kNearField_m || d > defaults::kNoUpperLimit_m ||
        !std::isfinite(shift))
      continue;
    samples.push_back(
        {placeIndex(flight.placeAt(i), width_m), t > turn_end, std::log10(d), flight.rssi_dbm[i], shift});
  }
  std::stable_sort(samples.begin(), samples.end(),
                   [](const Sample& a, const Sample& b) { return a.cell < b.cell; });
  return samples;
}

struct Summariser {
  std::optional<double> floor_dbm;
  std::vector<double> scratch = {};
  void operator()(std::span<const Sample> samples, FlightCells& into) {
    const auto cell = summarise(samples, floor_dbm, scratch);
    if (!cell) return;
    into.cells.push_back(*cell);
    into.uncensored += !cell->censored;
  }
};

}  // namespace

LegCells legCellsOf(const FlightSamples& flight, std::optional<double> floor_dbm, double width_m) {
  requireEqualLengths(flight);
  requirePositive(width_m, "width_m");
  LegCells out;
  const std::vector<Sample> samples = samplesOf(flight, out.both, width_m);
  for (FlightCells* leg : {&out.out, &out.back}) {
    leg->farthest_m = out.both.farthest_m;
    leg->turn_s = out.both.turn_s;
  }
  Summariser add{floor_dbm};
  for (auto first = samples.begin(); first != samples.end();) {
    const auto last =
        std::find_if(first, samples.end(), [&](const Sample& s) { return s.cell != first->cell; });
    const auto turned = std::find_if(first, last, [](const Sample& s) { return s.back; });
    add({first, last}, out.both);
    add({first, turned}, out.out);
    add({turned, last}, out.back);
    first = last;
  }
  return out;
}

FlightCells cellsOf(const FlightSamples& flight, std::optional<double> floor_dbm, double width_m) {
  return legCellsOf(flight, floor_dbm, width_m).both;
}

void censorAt(FlightCells& flight, double floor_dbm) {
  for (Cell& cell : flight.cells) {
    if (cell.censored || cell.lowest_dbm > floor_dbm + defaults::kFloorTolerance_db ||
        cell.lowest_share <= defaults::kClippedShare)
      continue;
    cell.censored = true;
    cell.level_dbm = censoredBound(floor_dbm, cell);
    --flight.uncensored;
  }
}

}  // namespace distanz::estimate
