#include "core/estimate/live.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <numbers>

#include "core/estimate/comparison.h"
#include "core/estimate/robust.h"
#include "core/finding/error.h"

namespace distanz::estimate {
namespace {

bool placedRow(const FlightSamples& f, std::size_t i) {
  return std::isfinite(f.time_s[i]) && std::isfinite(f.distance_m[i]) && std::isfinite(f.rssi_dbm[i]) &&
         std::isfinite(f.shiftAt(i));
}

struct Offset {
  double mean = 0, variance = 0;
};

/// The flight's level about its setup's mean: what is usual, weighed with the cells so far. Shadowing is
/// correlated along the path, so the cells' mean is worth less than their number.
Offset flightOffset(const SignalModel& model, int setup, const FlightCells& cells) {
  const Offset usual{0, model.flight_var_db2 + model.levelVar_db2(setup)};
  std::map<int, const PlaceLevel*> known;
  for (const PlaceLevel& p : model.places) known[p.index] = &p;
  struct Seen {
    double at_m, off, sd;
  };
  std::vector<Seen> seen;
  for (const Cell& c : cells.cells) {
    if (c.censored) continue;
    const auto place = known.find(c.index);
    const bool here = place != known.end();
    const double expected = here ? place->second->level_dbm : model.line.at(c.log_distance);
    const double own = std::max(model.within_var_db2, 0.25);
    seen.push_back(
        {std::pow(10, c.log_distance), c.level_dbm - model.setups.at(setup).level_db - expected,
         std::sqrt(here ? own * (1 + 1.0 / place->second->flights) : own + model.line.place_var_db2)});
  }
  std::sort(seen.begin(), seen.end(), [](const Seen& a, const Seen& b) { return a.at_m < b.at_m; });
  if (seen.empty()) return usual;
  const auto n = static_cast<double>(seen.size());
  double mean = 0, variance = 0, before = 0;
  for (std::size_t i = 0; i < seen.size(); ++i) {
    mean += seen[i].off / n;
    // In order of distance: what all before share with this one falls off by one factor from one
    // to the next.
    if (i > 0)
      before =
          (before + seen[i - 1].sd) * std::exp(-(seen[i].at_m - seen[i - 1].at_m) / model.line.correlation_m);
    variance += seen[i].sd * (seen[i].sd + 2 * before) / (n * n);
  }
  const double precision = 1 / usual.variance + 1 / variance;
  return {mean / variance / precision, 1 / precision};
}

}  // namespace

double distanceLeft(double distance_m, double reach_m, double heading_off_deg) {
  if (distance_m >= reach_m) return 0;
  const double angle = heading_off_deg * std::numbers::pi / 180, across = distance_m * std::sin(angle);
  if (std::cos(angle) < 0) return INFINITY;  // leads nearer first
  return -distance_m * std::cos(angle) + std::sqrt(reach_m * reach_m - across * across);
}

std::optional<Present> presentOf(const FlightSamples& f) {
  std::size_t last = f.time_s.size();
  while (last > 0 && !placedRow(f, last - 1)) --last;
  if (last == 0) return std::nullopt;
  std::vector<double> recent;
  for (std::size_t i = last; i-- > 0 && f.time_s[i] >= f.time_s[last - 1] - defaults::kLiveWindow_s;)
    if (placedRow(f, i)) recent.push_back(f.rssi_dbm[i] + f.shiftAt(i));
  return Present{f.distance_m[last - 1], trimmedMean(recent, defaults::kTrim)};
}

std::optional<LiveAdvice> adviseLive(const SignalModel& model, int setup, const CriticalLevel& critical,
                                     const FlightCells& cells, const Present& now, double heading_off_deg) {
  requireFinite(heading_off_deg, "heading_off_deg");
  const auto level = model.setups.find(setup);
  if (level == model.setups.end() || signalDoesNotFall(model.line) || !(model.line.coefficient[1] < 0))
    return std::nullopt;
  LiveAdvice out;
  out.distance_m = now.distance_m;
  out.signal_dbm = now.signal_dbm;
  out.margin_db = out.signal_dbm - critical.level_dbm;
  const Offset own = flightOffset(model, level->first, cells);
  out.off_setup_db = own.mean;
  out.off_setup_sd_db = std::sqrt(own.variance);
  const double needed = critical.level_dbm - level->second.level_db - own.mean;
  const auto reach = [&](double reserve_db) {
    return std::pow(10, model.line.logDistanceAt(needed + reserve_db));
  };
  const double there = std::log10(reach(0));
  const double ahead_sd = std::sqrt(own.variance + model.line.place_var_db2 + model.within_var_db2 +
                                    model.line.varianceAt(there) + critical.variance_db2);
  const double dependable = reach(defaults::kDependableZ * ahead_sd);
  out.typical_left_m = distanceLeft(out.distance_m, reach(0), heading_off_deg);
  out.dependable_left_m = distanceLeft(out.distance_m, dependable, heading_off_deg);
  double farthest = cells.farthest_m;
  for (const PlaceLevel& p : model.places) farthest = std::max(farthest, std::pow(10, p.log_distance));
  out.beyond_flown = dependable > defaults::kExtrapolation * farthest;
  return out;
}

std::optional<LiveAdvice> adviseLive(const SignalModel& model, int setup, const CriticalLevel& critical,
                                     const FlightSamples& so_far, double heading_off_deg) {
  const auto now = presentOf(so_far);
  if (!now) return std::nullopt;
  FlightSamples aloft = so_far;  // nothing is cut out as a turn while the flight goes on
  aloft.turn_begin_s = aloft.turn_end_s = INFINITY;
  return adviseLive(model, setup, critical, cellsOf(aloft, std::nullopt), *now, heading_off_deg);
}

}  // namespace distanz::estimate
