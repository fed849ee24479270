#include "core/estimate/critical_level.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "core/finding/error.h"

namespace distanz::estimate {
namespace {

struct Bin {
  double quality_sum = 0;
  int count = 0;
};

/// Two-parameter logistic by iteratively reweighted least squares; none where it does not settle or does not
/// rise.
std::optional<std::pair<double, double>> fitLogistic(const std::map<int, Bin>& bins, double full) {
  double b0 = 0, b1 = 0, centre = 0, weights = 0;
  for (const auto& [level, bin] : bins) {
    centre += level * std::min<double>(bin.count, defaults::kQualityBinWeightCap);
    weights += std::min<double>(bin.count, defaults::kQualityBinWeightCap);
  }
  centre /= weights;
  for (int pass = 0; pass < 100; ++pass) {
    double h00 = 0, h01 = 0, h11 = 0, g0 = 0, g1 = 0;
    for (const auto& [level, bin] : bins) {
      const double n = std::min<double>(bin.count, defaults::kQualityBinWeightCap);
      const double x = level - centre, p = 1 / (1 + std::exp(-(b0 + b1 * x)));
      const double mean = std::clamp(bin.quality_sum / bin.count / full, 0.0, 1.0);
      const double w = n * std::max(p * (1 - p), 1e-9);
      h00 += w, h01 += w * x, h11 += w * x * x;
      g0 += n * (mean - p), g1 += n * (mean - p) * x;
    }
    const double det = h00 * h11 - h01 * h01;
    if (!(det > 1e-12)) return std::nullopt;
    double step0 = (h11 * g0 - h01 * g1) / det, step1 = (h00 * g1 - h01 * g0) / det;
    const double size = std::max(std::abs(step0), std::abs(step1));
    if (size > 5) step0 *= 5 / size, step1 *= 5 / size;  // keeps the first steps inside the curve
    b0 += step0;
    b1 += step1;
    if (size < 1e-10) break;
  }
  if (!(b1 > 0) || !std::isfinite(b0)) return std::nullopt;
  return std::pair{b0 - b1 * centre, b1};
}

std::optional<double> crossing(const std::vector<std::vector<QualityWindow>>& flights, double threshold,
                               double full, std::size_t leave_out) {
  std::map<int, Bin> bins;
  for (std::size_t f = 0; f < flights.size(); ++f) {
    if (f == leave_out) continue;
    for (const QualityWindow& w : flights[f]) {
      Bin& bin = bins[static_cast<int>(std::nearbyint(w.rssi_dbm))];
      bin.quality_sum += w.quality;
      ++bin.count;
    }
  }
  if (!bins.empty()) bins.erase(bins.begin());  // the lowest level is the receiver's floor
  int failing = 0;
  for (const auto& [level, bin] : bins)
    if (bin.quality_sum / bin.count < threshold) failing += bin.count;
  if (static_cast<int>(bins.size()) < defaults::kQualityMinBins || failing < defaults::kQualityMinFailing)
    return std::nullopt;
  const auto fit = fitLogistic(bins, full);
  if (!fit) return std::nullopt;
  const double p = threshold / full;
  return (std::log(p / (1 - p)) - fit->first) / fit->second;
}

}  // namespace

std::vector<QualityWindow> qualityWindows(std::span<const double> time_s, std::span<const double> rssi_dbm,
                                          std::span<const double> quality, double turn_begin_s,
                                          double turn_end_s) {
  std::vector<QualityWindow> out;
  double window = NAN, rssi = 0, q = 0;
  int n = 0;
  const auto flush = [&] {
    if (n > 0) out.push_back({rssi / n, q / n});
    rssi = q = 0;
    n = 0;
  };
  for (std::size_t i = 0; i < time_s.size(); ++i) {
    const double t = time_s[i];
    if (!std::isfinite(t) || !std::isfinite(rssi_dbm[i]) || !std::isfinite(quality[i])) continue;
    if (t >= turn_begin_s && t <= turn_end_s) continue;
    const double now = std::floor(t / defaults::kQualityWindow_s);
    if (now != window) flush();
    window = now;
    rssi += rssi_dbm[i];
    q += quality[i];
    ++n;
  }
  flush();
  return out;
}

std::optional<CriticalLevel> criticalFromQuality(const std::vector<std::vector<QualityWindow>>& flights,
                                                 double threshold, double full) {
  if (!(threshold > 0 && threshold < full)) throw DomainError("0 < threshold < full");
  const auto level = crossing(flights, threshold, full, flights.size());
  if (!level) return std::nullopt;
  std::vector<double> left_out;
  int failing_flights = 0;
  for (std::size_t f = 0; f < flights.size(); ++f) {
    if (std::none_of(flights[f].begin(), flights[f].end(),
                     [&](const QualityWindow& w) { return w.quality < threshold; }))
      continue;
    ++failing_flights;
    if (const auto without = crossing(flights, threshold, full, f)) left_out.push_back(*without);
  }
  const double lone = std::pow(defaults::kCriticalLoneSd_db, 2);
  if (failing_flights < 2 || left_out.size() < 2) return CriticalLevel{*level, lone};
  const double g = static_cast<double>(left_out.size());
  double mean = 0, ss = 0;
  for (double v : left_out) mean += v / g;
  for (double v : left_out) ss += (v - mean) * (v - mean);
  return CriticalLevel{*level, std::max((g - 1) / g * ss, std::pow(defaults::kCriticalMinSd_db, 2))};
}

}  // namespace distanz::estimate
