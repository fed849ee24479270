#include "core/estimate/stretch_look.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "core/estimate/robust.h"

namespace distanz::estimate {
namespace {

struct Rows {
  double log_distance = 0, kept = 0;
  int count = 0;
  std::vector<double> level_dbm, silent_dbm;
};

double varianceOf(const std::vector<double>& values) {
  if (values.size() < 2) return 0;
  double mean = 0, squares = 0;
  for (double v : values) mean += v / static_cast<double>(values.size());
  for (double v : values) squares += (v - mean) * (v - mean);
  return squares / static_cast<double>(values.size() - 1);
}

/// Rows that were not heard lie below all that were; where they are too many, so does the middle.
void settleLevel(Rows& rows, double trim, StretchLook& look) {
  const std::size_t all = rows.level_dbm.size() + rows.silent_dbm.size();
  if (all == 0) return;
  look.below =
      static_cast<double>(rows.silent_dbm.size()) > defaults::kClippedShare * static_cast<double>(all);
  if (look.below) {
    look.level_dbm = *std::max_element(rows.silent_dbm.begin(), rows.silent_dbm.end());
    return;
  }
  rows.level_dbm.insert(rows.level_dbm.end(), rows.silent_dbm.size(), -INFINITY);
  look.level_dbm = trimmedMean(rows.level_dbm, trim);
}

}  // namespace

std::vector<StretchLook> looksOf(const FlightSamples& f, std::span<const double> values,
                                 const RuleMeasure& measure, double width_m) {
  std::map<std::pair<bool, int>, Rows> by_place;
  // Quality is told over a while: just after the turn it is still that of the banked aircraft.
  const double levelled_s = *f.turn_end_s + defaults::kQualityWindow_s;
  for (std::size_t i = 0; i < f.time_s.size(); ++i) {
    const double t = f.time_s[i], d = f.distance_m[i];
    if (!std::isfinite(t) || !std::isfinite(d) || !std::isfinite(values[i]) || !std::isfinite(f.placeAt(i)))
      continue;
    if ((t > *f.turn_begin_s && t < levelled_s) || d < defaults::kNearField_m ||
        d > defaults::kNoUpperLimit_m)
      continue;
    Rows& rows = by_place[{t >= *f.turn_end_s && t > *f.turn_begin_s, placeIndex(f.placeAt(i), width_m)}];
    rows.log_distance += std::log10(d);
    rows.kept += measure.of(values[i]);
    ++rows.count;
    if (f.rssi_dbm.empty()) continue;
    if (const double level = f.rssi_dbm[i] + f.shiftAt(i); std::isfinite(level))
      (f.silentAt(i) ? rows.silent_dbm : rows.level_dbm).push_back(level);
  }
  std::vector<StretchLook> out;
  for (auto& [place, rows] : by_place) {
    StretchLook& look = out.emplace_back();
    look.back = place.first;
    look.index = place.second;
    look.log_distance = rows.log_distance / rows.count;
    look.samples = rows.count;
    look.kept = rows.kept / rows.count;
    look.variance_db2 = varianceOf(rows.level_dbm);
    settleLevel(rows, f.trim, look);
  }
  return out;
}

double firstBroken_m(const std::vector<StretchLook>& looks, double wanted, int first_place, double allowed_m) {
  std::optional<int> first;
  int running = 0;
  for (const StretchLook& l : looks) {  // those hardly seen too: rows are missing where a link fails
    if (l.back) continue;
    if (l.kept >= wanted) {
      first.reset();
      running = 0;
      continue;
    }
    if (!first) first = l.index;
    ++running;
    if (running >= 2 && (l.index - *first + 1) * defaults::kCellWidth_m > allowed_m)
      return (*first - first_place) * defaults::kCellWidth_m;
  }
  return INFINITY;
}

std::optional<FirstFailingStretch> firstFailingStretch(const std::vector<StretchLook>& looks, double wanted,
                                                       int first_place, double flown_m) {
  std::vector<double> counts;
  std::optional<FirstFailingStretch> first;
  for (const StretchLook& l : looks)
    if (!l.back) counts.push_back(l.samples);
  if (counts.empty()) return std::nullopt;
  const double enough = defaults::kSeenShare * median(counts);
  for (const StretchLook& l : looks) {
    if (l.back || l.samples < enough || l.kept >= wanted) continue;
    const double begins = std::max((l.index - first_place) * defaults::kCellWidth_m, defaults::kNearField_m);
    if (!first || begins < first->distance_m) first = FirstFailingStretch{begins, true};
  }
  return first ? first : FirstFailingStretch{flown_m, false};
}

}  // namespace distanz::estimate
