#include "core/plan/clear_heights.h"

#include <algorithm>
#include <cmath>

#include "core/plan/flown_above.h"
#include "core/radio/clearance.h"

namespace distanz::plan {
namespace {

double lowestMast(const campaign::Campaign& c) {
  double out = c.setups.empty() ? c.station.antenna_height_m : INFINITY;
  for (const campaign::Setup& s : c.setups)
    out = std::min(out, s.mast_m.value_or(c.station.antenna_height_m));
  return out;
}

}  // namespace

std::optional<ClearHeights> clearHeights(const campaign::Campaign& c, const Sights& sights) {
  const auto course = campaign::courseOf(c);
  if (!course || !(course->farPost_m() > 1)) return std::nullopt;
  const double reach = course->farPost_m(), frequency = lowestFrequency_mhz(c), mast = lowestMast(c);
  ClearHeights out;
  out.share_at_far_m = c.plan.height_pct / 100 * reach;
  out.lowest_m = -INFINITY;
  out.least_above_m = INFINITY;
  eachLineTo(reach, c, sights, [&](const SightLine& line) {
    const double d = line.distance_m.back();
    const auto lowest = radio::lowestClearHeight(profileOf(line, mast), frequency, c.plan.earth_factor);
    const double needed = lowest ? std::max(lowest->height_m, line.top_m.back()) : line.top_m.back();
    out.distance_m.push_back(d);
    out.flown_m.push_back(line.aircraft_m);
    out.needed_m.push_back(needed);
    out.share_m.push_back(c.plan.height_pct / 100 * d);
    out.ground_m.push_back(line.ground_m.back());
    out.top_m.push_back(line.top_m.back());
    out.bulge_m.push_back(radio::earthBulge_m(d, std::max(reach - d, 0.0), c.plan.earth_factor));
    if (needed > out.lowest_m) {
      out.lowest_m = needed;
      out.decided_at_m = lowest && lowest->height_m >= needed ? lowest->distance_m : d;
    }
    out.highest_above_ground_m = std::max(out.highest_above_ground_m, line.aircraft_m - line.ground_m.back());
    if (const double above = line.aircraft_m - line.top_m.back(); above < out.least_above_m) {
      out.least_above_m = above;
      out.least_above_at_m = d;
    }
    return true;
  });
  if (!sights || !sights->knowsStation()) return out;
  if (const auto flown = flownAbove(c, sights->ground(), sights->stationGround_m())) {
    out.least_above_m = flown->least_m;
    out.least_above_at_m = flown->least_at_m;
    out.hits_at_m = flown->hits_at_m;
    out.highest_above_ground_m = flown->highest_above_ground_m;
  }
  return out;
}

}  // namespace distanz::plan
