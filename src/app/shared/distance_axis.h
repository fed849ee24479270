#pragma once

namespace distanz::app {

/// The shared distance axis in pixels: every lane, plan view and the range rule put a distance at the same
/// place.
struct DistanceAxis {
  double left_px = 0, right_px = 1;
  double end_m = 1000;
  double x(double distance_m) const { return left_px + (right_px - left_px) * distance_m / end_m; }
  double distance_m(double x_px) const { return (x_px - left_px) / (right_px - left_px) * end_m; }
};

}  // namespace distanz::app
