#include "core/bench/stations.h"

#include <algorithm>
#include <cmath>
#include <set>

#include "core/estimate/distribution.h"
#include "core/finding/error.h"

namespace distanz::bench {
namespace {

constexpr double kLogKm = 3, kLeastSd_db = 0.5;  // levels are read in whole decibels or so

double tOf(const StationFit& fit) {
  return estimate::tQuantile(0.975, static_cast<double>(fit.readings) - 2);
}

}  // namespace

std::optional<StationFit> stationFit(const std::vector<StationReading>& readings) {
  std::set<double> distances;
  double x_sum = 0, y_sum = 0;
  for (const StationReading& r : readings) {
    requirePositive(r.distance_m, "distance_m");
    requireFinite(r.level_dbm, "level_dbm");
    distances.insert(r.distance_m);
    x_sum += std::log10(r.distance_m);
    y_sum += r.level_dbm;
  }
  if (readings.size() < kStationReadings || distances.size() < 3 || *distances.rbegin() < kStationSpan * *distances.begin())
    return std::nullopt;
  const auto n = static_cast<double>(readings.size());
  StationFit out;
  out.readings = readings.size();
  out.near_m = *distances.begin();
  out.far_m = *distances.rbegin();
  out.mean_log = x_sum / n;
  const double y_mean = y_sum / n;
  double xy = 0;
  for (const StationReading& r : readings) {
    const double x = std::log10(r.distance_m) - out.mean_log;
    out.sum_square += x * x;
    xy += x * (r.level_dbm - y_mean);
  }
  const double slope = xy / out.sum_square;
  double square = 0;
  for (const StationReading& r : readings) {
    const double off = r.level_dbm - y_mean - slope * (std::log10(r.distance_m) - out.mean_log);
    square += off * off;
  }
  out.sd_db = std::max(std::sqrt(square / (n - 2)), kLeastSd_db);
  const double half = tOf(out) * out.sd_db / std::sqrt(out.sum_square);
  out.exponent = {-slope / 10, (-slope - half) / 10, (-slope + half) / 10};
  out.at_1km_dbm = y_mean + slope * (kLogKm - out.mean_log);
  out.falls = *out.exponent.low > 0;
  return out;
}

std::optional<StationReach> stationReach(const StationFit& fit, double level_dbm, double below_sd) {
  requireFinite(level_dbm, "level_dbm");
  if (!fit.falls) return std::nullopt;
  const double slope = -10 * fit.exponent.estimate;
  const double wanted = level_dbm + below_sd * fit.sd_db;
  const double middle = fit.at_1km_dbm + slope * (fit.mean_log - kLogKm);
  // (middle + slope u - wanted)^2 = t^2 s^2 (1/n + u^2 / Sxx), u = log10 d less its mean.
  const double ts = tOf(fit) * fit.sd_db, c = middle - wanted;
  const double a = slope * slope - ts * ts / fit.sum_square, b = 2 * slope * c,
               e = c * c - ts * ts / static_cast<double>(fit.readings);
  StationReach out;
  out.estimate_m = std::pow(10, fit.mean_log - c / slope);
  const double root = b * b - 4 * a * e;
  if (!(a > 0) || !(root >= 0)) return out;
  out.low_m = std::pow(10, fit.mean_log + (-b - std::sqrt(root)) / (2 * a));
  out.high_m = std::pow(10, fit.mean_log + (-b + std::sqrt(root)) / (2 * a));
  return out;
}

}  // namespace distanz::bench
