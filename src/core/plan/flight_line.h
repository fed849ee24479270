#pragma once
#include <vector>

#include "core/campaign/campaign.h"

namespace distanz::plan {

/// Where the aircraft is at which distance from the station, along the campaign's first path: of a path that
/// comes nearer again, the way on which it is farther than ever before. Behind the last point it goes on as
/// the station sees it, at that point's height.
class FlightLine {
 public:
  explicit FlightLine(const campaign::Campaign& campaign);
  bool empty() const { return m_points.empty(); }
  /// Distance of the last point; 0 without one.
  double end_m() const { return m_points.empty() ? 0 : m_points.back().distance_m; }
  struct At {
    course::Flat flat;
    double height_m = 0;  ///< above the station's ground
  };
  /// @param distance_m horizontal, from the station
  At at(double distance_m) const;

 private:
  struct Point {
    double distance_m;
    At at;
  };
  std::vector<Point> m_points;  ///< rising distances
};

}  // namespace distanz::plan
