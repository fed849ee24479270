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
  bool silent;
};

/// A clipped cell is only known to lie below this.
double censoredBound(double floor_dbm, const Cell& cell) {
  return floor_dbm + defaults::kCensorAbove_db + cell.shift_db;
}

/// Of one reading on each leg: all there is to tell how single readings fade.
double betweenLegs(std::span<const Sample> samples) {
  std::vector<double> heard;
  for (const Sample& s : samples)
    if (!s.silent) heard.push_back(s.rssi_dbm + s.shift_db);
  return heard.size() == 2 ? std::pow(heard[0] - heard[1], 2) / 2 : 0;
}

/// Sample variance about the mean of each leg, both legs pooled.
double varianceInside(std::span<const Sample> samples) {
  double squares = 0;
  int df = 0;
  for (const bool back : {false, true}) {
    double sum = 0;
    int n = 0;
    for (const Sample& s : samples)
      if (s.back == back && !s.silent) sum += s.rssi_dbm + s.shift_db, ++n;
    for (const Sample& s : samples)
      if (s.back == back && !s.silent) squares += std::pow(s.rssi_dbm + s.shift_db - sum / n, 2);
    df += std::max(n - 1, 0);
  }
  return df > 0 ? squares / df : betweenLegs(samples);
}

struct Summariser {
  const FlightSamples& flight;
  std::optional<double> floor_dbm;
  std::size_t least;
  std::vector<double> scratch = {};
  std::optional<Cell> cellOf(std::span<const Sample> samples);
  void operator()(std::span<const Sample> samples, FlightCells& into) {
    const auto cell = cellOf(samples);
    if (!cell) return;
    into.cells.push_back(*cell);
    into.uncensored += !cell->censored;
  }
};

std::optional<Cell> Summariser::cellOf(std::span<const Sample> samples) {
  const auto count = samples.size();
  if (count < least) return std::nullopt;
  scratch.clear();
  double sum = 0, shift = 0, lowest = INFINITY, highest = -INFINITY, silent_below = -INFINITY;
  std::size_t clipped = 0, saturated = 0, at_lowest = 0, at_highest = 0;
  for (const Sample& s : samples) {
    // Below all that was heard in the cell, wherever that is: it never moves a middle that was heard.
    scratch.push_back(s.silent ? -INFINITY : s.rssi_dbm + s.shift_db);
    sum += s.log_distance;
    shift += s.shift_db;
    if (s.silent)
      silent_below = std::max(silent_below, s.rssi_dbm);
    else
      lowest = std::min(lowest, s.rssi_dbm), highest = std::max(highest, s.rssi_dbm);
    clipped += s.silent || (floor_dbm && s.rssi_dbm <= *floor_dbm + defaults::kFloorTolerance_db);
    saturated += !s.silent && s.rssi_dbm >= flight.ceiling_dbm - defaults::kFloorTolerance_db;
  }
  const double limit = defaults::kClippedShare * static_cast<double>(count);
  if (static_cast<double>(saturated) > limit) return std::nullopt;
  Cell cell;
  cell.index = samples.front().cell;
  cell.log_distance = sum / static_cast<double>(count);
  cell.censored = static_cast<double>(clipped) > limit;
  if (!cell.censored) cell.level_dbm = trimmedMean(scratch, flight.trim);
  cell.shift_db = shift / static_cast<double>(count);
  cell.samples = static_cast<int>(count);
  cell.variance_db2 = varianceInside(samples);
  cell.lowest_dbm = lowest;
  cell.highest_dbm = highest;
  for (const Sample& s : samples) {
    at_lowest += s.silent || s.rssi_dbm <= lowest + defaults::kFloorTolerance_db;
    at_highest += !s.silent && s.rssi_dbm >= highest - defaults::kFloorTolerance_db;
  }
  cell.lowest_share = static_cast<double>(at_lowest) / static_cast<double>(count);
  cell.highest_share = static_cast<double>(at_highest) / static_cast<double>(count);
  if (cell.censored)
    cell.level_dbm =
        std::isfinite(silent_below) ? silent_below + cell.shift_db : censoredBound(*floor_dbm, cell);
  return cell;
}

}  // namespace

int placeIndex(double place_m, double width_m) {
  constexpr double kBound = defaults::kPlacesOfAPath / 2;
  return static_cast<int>(std::clamp(std::floor(place_m / width_m), -kBound, kBound - 1));
}

std::size_t samplesNeeded(std::vector<double> counts) {
  const bool sparse = !counts.empty() && median(std::move(counts)) < defaults::kMinSamplesPerCell;
  return sparse ? 1 : static_cast<std::size_t>(defaults::kMinSamplesPerCell);
}

void FloorFinder::add(const FlightSamples& flight) {
  requireEqualLengths(flight);
  int streak = 0;
  for (std::size_t i = 0; i < flight.time_s.size(); ++i) {
    if (!finiteRow(flight, i) || flight.silentAt(i)) continue;
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

bool byCell(const Sample& a, const Sample& b) {
  return a.cell < b.cell;
}

/// The samples that count, by cell and in time order within it.
struct Samples {
  std::vector<Sample> flown, last;
};

Samples samplesOf(const FlightSamples& flight, FlightCells& whole, double width_m) {
  for (std::size_t i = 0; i < flight.time_s.size(); ++i)
    if (finiteRow(flight, i) && flight.distance_m[i] > whole.farthest_m) {
      whole.farthest_m = flight.distance_m[i];
      whole.turn_s = flight.time_s[i];
    }
  const double turn_begin = flight.turn_begin_s.value_or(whole.turn_s - defaults::kTurnHalfWidth_s);
  const double turn_end = flight.turn_end_s.value_or(whole.turn_s + defaults::kTurnHalfWidth_s);
  const double banking = flight.banking_s.value_or(turn_begin);
  Samples out;
  out.flown.reserve(flight.time_s.size());
  for (std::size_t i = 0; i < flight.time_s.size(); ++i) {
    if (!finiteRow(flight, i)) continue;
    const double t = flight.time_s[i], d = flight.distance_m[i], shift = flight.shiftAt(i);
    if (d < defaults::kNearField_m || d > defaults::kNoUpperLimit_m || !std::isfinite(shift)) continue;
    const bool in_turn = t >= turn_begin && t <= turn_end;
    if (in_turn && t >= banking) continue;
    (in_turn ? out.last : out.flown)
        .push_back({placeIndex(flight.placeAt(i), width_m), t > turn_end, std::log10(d), flight.rssi_dbm[i],
                    shift, flight.silentAt(i)});
  }
  std::stable_sort(out.flown.begin(), out.flown.end(), byCell);
  std::stable_sort(out.last.begin(), out.last.end(), byCell);
  return out;
}

std::size_t leastSamples(const std::vector<Sample>& samples, std::optional<bool> leg) {
  std::vector<double> counts;
  for (std::size_t i = 0; i < samples.size(); ++i) {
    if (leg && samples[i].back != *leg) continue;
    if (counts.empty() || samples[i].cell != samples[i - 1].cell) counts.push_back(0);
    ++counts.back();
  }
  return samplesNeeded(std::move(counts));
}

}  // namespace

LegCells legCellsOf(const FlightSamples& flight, std::optional<double> floor_dbm, double width_m) {
  requireEqualLengths(flight);
  requirePositive(width_m, "width_m");
  LegCells out;
  const auto [samples, last_samples] = samplesOf(flight, out.both, width_m);
  for (FlightCells* leg : {&out.out, &out.back}) {
    leg->farthest_m = out.both.farthest_m;
    leg->turn_s = out.both.turn_s;
  }
  Summariser add{flight, floor_dbm, leastSamples(samples, std::nullopt)},
      add_out{flight, floor_dbm, leastSamples(samples, false)}, add_back{flight, floor_dbm, leastSamples(samples, true)},
      add_last{flight, floor_dbm, 1};
  for (auto first = samples.begin(); first != samples.end();) {
    const auto last =
        std::find_if(first, samples.end(), [&](const Sample& s) { return s.cell != first->cell; });
    const auto turned = std::find_if(first, last, [](const Sample& s) { return s.back; });
    add({first, last}, out.both);
    add_out({first, turned}, out.out);
    add_back({turned, last}, out.back);
    first = last;
  }
  FlightCells before_banking;
  for (auto first = last_samples.begin(); first != last_samples.end();) {
    const auto last =
        std::find_if(first, last_samples.end(), [&](const Sample& s) { return s.cell != first->cell; });
    add_last({first, last}, before_banking);
    first = last;
  }
  out.last = std::move(before_banking.cells);
  return out;
}

FlightCells withLast(const FlightCells& flight, const std::vector<Cell>& last) {
  FlightCells out = flight;
  for (const Cell& c : last) {
    const auto at = std::lower_bound(out.cells.begin(), out.cells.end(), c.index,
                                     [](const Cell& a, int index) { return a.index < index; });
    if (at == out.cells.end() || at->index != c.index) {
      out.cells.insert(at, c);
      out.uncensored += !c.censored;
    } else if (!at->censored && !c.censored) {
      const double share = static_cast<double>(c.samples) / (at->samples + c.samples);
      at->level_dbm += share * (c.level_dbm - at->level_dbm);
      at->log_distance += share * (c.log_distance - at->log_distance);
      at->samples += c.samples;
    }
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
