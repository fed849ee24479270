#include "core/log/unheard_values.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <optional>

#include "core/log/quantile.h"

namespace distanz::log {
namespace {

constexpr double kApart_db = 6;  // an impossible low value lies so far below everything heard
constexpr double kLow_dbm = -95;
constexpr double kApartAbove_db = 15;  // and one that is not positive, but nearly so, above it
constexpr double kNearlyPositive_dbm = -20;
constexpr int kApartRows = 3;

// A value that stands still this long, and would do so by chance once in a million logs.
constexpr double kStill_s = 3;
constexpr std::size_t kStillRows = 4;
constexpr double kChance = 1e-6;
constexpr double kFewRows = 20;  // tell nothing of chance
constexpr double kMoved_m = 20;
constexpr int kFloorRuns = 3;  // a receiver's floor is met more than once on the way
constexpr double kMetresPerDegree = 111'000;

using Values = std::vector<double>;

struct Extremes {
  double low = INFINITY, next_low = INFINITY;
  double high = -INFINITY, next_high = -INFINITY;
  int low_rows = 0, high_rows = 0, negative = 0, other = 0;
};

Extremes extremesOf(const Values& values) {
  Extremes e;
  for (double v : values) {
    if (!std::isfinite(v)) continue;
    ++(v < 0 ? e.negative : e.other);
    if (v >= 0) continue;
    if (v < e.low)
      e.next_low = e.low, e.low = v, e.low_rows = 1;
    else if (v == e.low)
      ++e.low_rows;
    else
      e.next_low = std::min(e.next_low, v);
    if (v > e.high)
      e.next_high = e.high, e.high = v, e.high_rows = 1;
    else if (v == e.high)
      ++e.high_rows;
    else
      e.next_high = std::max(e.next_high, v);
  }
  return e;
}

/// Marks the rows whose reading no receiver gives.
void findImpossible(const Values& signal, LinkRows& out) {
  const Extremes e = extremesOf(signal);
  if (e.negative <= e.other) return;  // another scale: not for here to say
  const bool low = e.low < kLow_dbm && e.low_rows >= kApartRows && std::isfinite(e.next_low) &&
                   e.next_low - e.low >= kApart_db;
  const bool high = e.high_rows >= kApartRows && std::isfinite(e.next_high) && e.high > kNearlyPositive_dbm &&
                    e.high - e.next_high >= kApartAbove_db;
  for (std::size_t i = 0; i < signal.size(); ++i) {
    const double v = signal[i];
    if (!(v >= 0 || (low && v == e.low) || (high && v == e.high))) continue;
    out.signal_impossible[i] = true;
    out.impossible = v;
  }
}

bool same(double a, double b) {
  return a == b || (std::isnan(a) && std::isnan(b));
}

/// Rows in which nothing of a link changes.
struct Run {
  std::size_t first, rows;
};

std::vector<Run> runsOf(const std::vector<const Values*>& columns, std::size_t rows) {
  std::vector<Run> out;
  for (std::size_t i = 0; i < rows; ++i) {
    const bool stands = i > 0 && std::all_of(columns.begin(), columns.end(),
                                             [&](const Values* c) { return same((*c)[i], (*c)[i - 1]); });
    if (stands)
      ++out.back().rows;
    else
      out.push_back({i, 1});
  }
  return out;
}

/// How often chance alone would make a run of so many rows, by how often the shorter ones stand still.
class Chance {
 public:
  explicit Chance(const std::vector<Run>& runs) {
    for (const Run& r : runs) ++m_runs_of[r.rows];
  }
  double expected(std::size_t rows) {
    const auto [known, fresh] = m_expected.emplace(rows, INFINITY);
    if (!fresh) return known->second;
    double still = 0, all = 0;
    for (auto r = m_runs_of.begin(); r != m_runs_of.end() && r->first < rows; ++r) {
      still += static_cast<double>(r->second * (r->first - 1));
      all += static_cast<double>(r->second * r->first);
    }
    if (all < kFewRows) return known->second;
    const double p = still / all;
    return known->second = all * (1 - p) * std::pow(p, static_cast<double>(rows - 1));
  }

 private:
  std::map<std::size_t, std::size_t> m_runs_of;  ///< by their rows
  std::map<std::size_t, double> m_expected;
};

struct Places {
  const Values *distance, *lat, *lon;
  static bool moves(const Values* v, std::size_t from, std::size_t to, double metres) {
    if (!v) return false;
    double low = INFINITY, high = -INFINITY;
    for (std::size_t i = from; i < to; ++i)
      if (std::isfinite((*v)[i])) low = std::min(low, (*v)[i]), high = std::max(high, (*v)[i]);
    return high - low > metres;
  }
  bool known() const { return distance || (lat && lon); }
  bool moved(std::size_t from, std::size_t to, double metres) const {
    return moves(distance, from, to, metres) || moves(lat, from, to, metres / kMetresPerDegree) ||
           moves(lon, from, to, metres / kMetresPerDegree);
  }
};

/// The receiver's floor, which is met again and again on the way, as a last value is not; none where none is.
std::optional<double> floorOf(const Values& signal, const std::vector<Run>& runs) {
  double lowest = INFINITY;
  for (double v : signal)
    if (std::isfinite(v)) lowest = std::min(lowest, v);
  const auto at_it =
      std::count_if(runs.begin(), runs.end(), [&](const Run& r) { return signal[r.first] == lowest; });
  return at_it > kFloorRuns ? std::optional(lowest) : std::nullopt;
}

double middleOf(const Values& values, const LinkRows& out) {
  Values known;
  for (std::size_t i = 0; i < values.size(); ++i)
    if (std::isfinite(values[i]) && !out.signal_impossible[i]) known.push_back(values[i]);
  return quantile(std::move(known), 0.5);
}

void findRepeated(const Recording& r, const Values& signal, const std::vector<const Values*>& columns,
                  LinkRows& out) {
  std::vector<const Values*> moving;
  for (const Values* c : columns)
    if (!onlyValue(*c)) moving.push_back(c);
  if (std::find(moving.begin(), moving.end(), &signal) == moving.end()) return;
  const Places places{r.find(channel::kDistance), r.find(channel::kLatitude), r.find(channel::kLongitude)};
  const std::vector<Run> runs = runsOf(moving, r.rows());
  const double middle = middleOf(signal, out);
  const auto floor = floorOf(signal, runs);
  Chance chance(runs);
  for (const Run& run : runs) {
    const std::size_t end = run.first + run.rows;
    if (run.rows < kStillRows || r.time_s[end - 1] - r.time_s[run.first] < kStill_s) continue;
    if (!(signal[run.first] <= middle) || out.signal_impossible[run.first]) continue;
    const bool stands = places.known() && !places.moved(run.first, end, 0);
    if (!stands && !places.moved(run.first, end, kMoved_m)) continue;
    if (floor == signal[run.first] || chance.expected(run.rows) > kChance) continue;
    // The first of them was heard.
    for (std::size_t i = run.first + 1; i < end; ++i) out.rows[i] = Row::Repeated;
  }
}

}  // namespace

LinkRows rowsOfLink(const Recording& r, const std::string& link) {
  std::vector<const Values*> columns;
  for (const std::string_view quantity : {channel::kRssi, channel::kQuality, channel::kBitrate})
    if (const Values* c = r.find(linkChannel(link, quantity))) columns.push_back(c);
  LinkRows out;
  if (columns.empty()) return out;
  out.rows.assign(r.rows(), Row::Nothing);
  out.signal_impossible.assign(r.rows(), false);
  const Values *signal = r.find(linkChannel(link, channel::kRssi)),
               *quality = r.find(linkChannel(link, channel::kQuality));
  if (signal) findImpossible(*signal, out);
  for (std::size_t i = 0; i < r.rows(); ++i) {
    const bool broken = quality && ((*quality)[i] < 0 || (*quality)[i] > kTopQuality_pct);
    const bool carried = std::any_of(columns.begin(), columns.end(),
                                     [&](const Values* c) { return c != signal && !broken && (*c)[i] > 0; });
    if (broken || (out.signal_impossible[i] && !carried))
      out.rows[i] = Row::Impossible;
    else if (std::any_of(columns.begin(), columns.end(),
                         [&](const Values* c) { return std::isfinite((*c)[i]); }))
      out.rows[i] = Row::Heard;
  }
  if (signal) findRepeated(r, *signal, columns, out);
  return out;
}

}  // namespace distanz::log
