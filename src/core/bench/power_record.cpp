#include "core/bench/power_record.h"

#include <algorithm>
#include <cmath>

#include "core/finding/error.h"

namespace distanz::bench {
namespace {

double mean(const std::vector<PowerReading>& r, std::size_t first, std::size_t end) {
  double sum = 0;
  for (std::size_t i = first; i < end; ++i) sum += r[i].power_dbm;
  return sum / static_cast<double>(end - first);
}

/// Slope of power over supply, dB per volt, by least squares.
std::optional<double> supplySlope(const std::vector<PowerReading>& r) {
  double n = 0, v = 0, p = 0, low = INFINITY, high = -INFINITY;
  for (const PowerReading& x : r)
    if (x.supply_v) {
      n += 1, v += *x.supply_v, p += x.power_dbm;
      low = std::min(low, *x.supply_v), high = std::max(high, *x.supply_v);
    }
  if (n < 3 || high - low < kSupplySpan_v) return std::nullopt;
  double vv = 0, vp = 0;
  for (const PowerReading& x : r)
    if (x.supply_v)
      vv += (*x.supply_v - v / n) * (*x.supply_v - v / n),
          vp += (*x.supply_v - v / n) * (x.power_dbm - p / n);
  return vp / vv;
}

void findThrottling(const std::vector<PowerReading>& r, PowerHistory& out) {
  for (std::size_t i = 1; i < r.size(); ++i) {
    if (r[i - 1].power_dbm - r[i].power_dbm < kThrottle_db) continue;
    const bool stays = std::all_of(
        r.begin() + static_cast<std::ptrdiff_t>(i), r.end(),
        [&](const auto& later) { return later.power_dbm < r[i - 1].power_dbm - kThrottle_db / 2; });
    if (!stays) continue;
    out.throttled_at_s = r[i].time_s;
    out.throttled_at_c = r[i].temperature_c;
    return;
  }
}

PowerHistory historyOf(const std::vector<PowerReading>& r) {
  PowerHistory out;
  const std::size_t n = r.size(), third = std::max<std::size_t>(n / 3, 1);
  out.setting = r.front().setting;
  out.idle = r.front().idle;
  out.readings = n;
  out.span_s = r.back().time_s - r.front().time_s;
  out.first_dbm = r.front().power_dbm;
  out.settled_dbm = mean(r, n - third, n);
  const auto [least, most] = std::minmax_element(
      r.begin(), r.end(), [](const auto& a, const auto& b) { return a.power_dbm < b.power_dbm; });
  out.least_dbm = least->power_dbm;
  out.most_dbm = most->power_dbm;
  out.droop_db = out.most_dbm - out.settled_dbm;
  std::size_t last_off = 0;
  bool off = false;
  for (std::size_t i = 0; i < n; ++i)
    if (std::abs(r[i].power_dbm - out.settled_dbm) > kSettled_db) last_off = i, off = true;
  if (off) out.warm_up_s = r[std::min(last_off + 1, n - 1)].time_s - r.front().time_s;
  findThrottling(r, out);
  out.db_per_volt = supplySlope(r);
  return out;
}

}  // namespace

std::vector<PowerHistory> powerHistories(std::vector<PowerReading> readings) {
  for (const PowerReading& r : readings) {
    requireFinite(r.time_s, "time_s");
    requireFinite(r.power_dbm, "power_dbm");
    requireFinite(r.temperature_c.value_or(0), "temperature_c");
    requireFinite(r.supply_v.value_or(0), "supply_v");
  }
  std::vector<std::vector<PowerReading>> groups;
  for (PowerReading& r : readings) {
    auto group = std::find_if(groups.begin(), groups.end(), [&](const auto& g) {
      return g.front().setting == r.setting && g.front().idle == r.idle;
    });
    if (group == groups.end()) group = groups.insert(groups.end(), std::vector<PowerReading>());
    group->push_back(std::move(r));
  }
  std::vector<PowerHistory> out;
  for (auto& group : groups) {
    std::stable_sort(group.begin(), group.end(),
                     [](const auto& a, const auto& b) { return a.time_s < b.time_s; });
    out.push_back(historyOf(group));
  }
  return out;
}

double nominalShare(double settled_dbm, double nominal_dbm) {
  requireFinite(settled_dbm, "settled_dbm");
  requireFinite(nominal_dbm, "nominal_dbm");
  return std::pow(10, (settled_dbm - nominal_dbm) / 10);
}

}  // namespace distanz::bench
