#pragma once
#include <functional>
#include <memory>

#include "core/campaign/campaign.h"
#include "core/course/ahead.h"
#include "core/course/local_plane.h"
#include "core/terrain/ground.h"

namespace distanz::test {

/// Ground of 10 m cells around the station, by distance along the first path's bearing and to its right.
inline std::shared_ptr<const terrain::Ground> groundOf(const campaign::Campaign& c,
                                                       const std::function<double(double, double)>& height,
                                                       std::vector<terrain::Layer> layers = {}) {
  const course::Position station = *c.station.position();
  const double bearing = course::between(station, campaign::firstPath(c).back().position).bearing_deg;
  const course::LocalPlane plane(station);
  constexpr int kCells = 700;
  terrain::Grid g{"made", station.lat_deg + 0.0315, station.lon_deg - 0.045, 0.00009, 0.00013, kCells, kCells,
                  {}};
  for (int r = 0; r < kCells; ++r)
    for (int k = 0; k < kCells; ++k) {
      const auto at = course::aheadOf(
          plane.flat({g.north_deg - g.step_lat_deg * r, g.west_deg + g.step_lon_deg * k}), bearing);
      g.height_m.push_back(float(height(at.along_m, at.right_m)));
    }
  return std::make_shared<const terrain::Ground>(
      std::vector{std::make_shared<const terrain::Grid>(std::move(g))}, std::move(layers));
}

/// Across the path from one distance to another, 400 m wide.
inline terrain::Layer strip(const campaign::Campaign& c, terrain::Layer::Role role, double from_m,
                            double to_m, double height_m) {
  const course::Position station = *c.station.position();
  const double bearing = course::between(station, campaign::firstPath(c).back().position).bearing_deg;
  const auto at = [&](double ahead, double right) {
    return course::destination(course::destination(station, {ahead, bearing}), {right, bearing + 90});
  };
  terrain::Feature f{terrain::Feature::Kind::Area,
                     "strip",
                     height_m > 0 ? std::optional(height_m) : std::nullopt,
                     {{at(from_m, -200), at(to_m, -200), at(to_m, 200), at(from_m, 200), at(from_m, -200)}}};
  return {role, "strips", std::nullopt, {f}};
}

}  // namespace distanz::test
