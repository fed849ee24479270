#include "core/plan/stops.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace distanz::plan {
namespace {

constexpr double kSamePlace_m = 1;

/// Distance from the station of a place so far along the legs.
double distanceAt(const std::vector<Leg>& legs, double along_m) {
  course::Flat at{};
  for (const Leg& leg : legs) {
    const double goes = std::min(leg.length_m, along_m), track = leg.track_deg * std::numbers::pi / 180;
    at.east_m += goes * std::sin(track);
    at.north_m += goes * std::cos(track);
    along_m -= goes;
  }
  return course::apart_m({}, at);
}

std::optional<double> capacityOf(const campaign::Campaign& c, const campaign::Setup& s) {
  if (c.plan.battery_mah) return c.plan.battery_mah;
  const campaign::Part* battery = campaign::findPart(c, s.battery);
  return battery ? battery->value("capacity_mah") : std::nullopt;
}

/// The nearest of what ends a flight.
struct Nearest {
  std::string what, link;
  double at_m = INFINITY;
  void take(const std::string& other, const std::optional<double>& at, const std::string& of_link = {}) {
    if (!at || *at >= at_m) return;
    what = other;
    link = of_link;
    at_m = *at;
  }
};

void findStop(const campaign::Campaign& c, const std::vector<Prediction>& predictions,
              const std::optional<ClearHeights>& heights, const std::optional<double>& far_m, SetupFlight& f) {
  Nearest turn;
  if (f.energy && f.energy->turn_m && !f.energy->whole_path) turn.take("battery", f.battery_m);
  if (heights) turn.take("terrain", heights->hits_at_m);
  turn.take("farthest", c.plan.farthest_m);
  turn.take("sight", c.plan.sight_m);
  if (std::isfinite(turn.at_m) && (!far_m || turn.at_m < *far_m)) {
    f.turn = turn.what;
    f.turn_m = turn.at_m;
  }
  Nearest stop;
  for (const Prediction& p : predictions)
    if (p.setup == f.setup) stop.take("link", p.range_m, p.link);
  if (!turn.what.empty()) stop.take(turn.what, turn.at_m);
  stop.take("path", far_m);
  if (!std::isfinite(stop.at_m)) return;
  f.stop = stop.what;
  f.link = stop.link;
  f.stop_m = stop.at_m;
}

}  // namespace

std::vector<Leg> legsOf(const course::Course& course) {
  std::vector<Leg> out;
  course::Flat at{};
  for (const course::Flat& next : course.points()) {
    const double length = course::apart_m(at, next);
    if (length > kSamePlace_m)
      out.push_back({length, std::atan2(next.east_m - at.east_m, next.north_m - at.north_m) * 180 / std::numbers::pi});
    at = next;
  }
  return out;
}

Wind windOf(const campaign::PlanSettings& p, const std::vector<Leg>& legs) {
  const double against_home = legs.empty() ? 0 : std::fmod(legs.front().track_deg + 540, 360);
  return {p.wind_from_deg.value_or(against_home), p.wind_mps.value_or(0)};
}

std::vector<SetupFlight> setupFlights(const campaign::Campaign& c, const std::vector<Prediction>& predictions,
                                      const std::optional<ClearHeights>& heights) {
  const auto course = campaign::courseOf(c);
  const std::vector<Leg> legs = course ? legsOf(*course) : std::vector<Leg>();
  const campaign::PlanSettings& p = c.plan;
  std::vector<SetupFlight> out;
  for (const campaign::Setup& s : c.setups) {
    SetupFlight f;
    f.setup = s.id;
    const auto capacity = capacityOf(c, s);
    if (p.airspeed_mps && p.use_mah_km && capacity && !legs.empty()) {
      const Battery battery{*capacity, p.reserve_pct / 100, p.beside_mah};
      f.usable_mah = std::max(battery.usable_mah(), 0.0);
      f.energy = energyOf(legs, {*p.use_mah_km, *p.airspeed_mps}, battery, windOf(p, legs));
      f.battery_m = distanceAt(legs, f.energy->turn_m.value_or(0));
    }
    findStop(c, predictions, heights, course ? std::optional(course->farPost_m()) : std::nullopt, f);
    out.push_back(std::move(f));
  }
  return out;
}

}  // namespace distanz::plan
