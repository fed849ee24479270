#pragma once
#include <QPointF>
#include <cmath>

#include "core/course/local_plane.h"

namespace distanz::app {

/// How the ground lies on the map: the station at a place of the widget, a bearing pointing right.
struct MapFrame {
  course::LocalPlane plane;
  QPointF station_px;
  double right_deg = 90;  ///< the bearing that points right; 90: north is up
  double px_per_m = 0.1;

  QPointF px(const course::Flat& f) const {
    const double turn = right_deg * kRadians;
    const double ahead = f.east_m * std::sin(turn) + f.north_m * std::cos(turn),
                 right = f.east_m * std::cos(turn) - f.north_m * std::sin(turn);
    return station_px + QPointF(ahead, right) * px_per_m;
  }
  QPointF px(const course::Position& p) const { return px(plane.flat(p)); }
  course::Flat flat(const QPointF& at) const {
    const double turn = right_deg * kRadians, ahead = (at.x() - station_px.x()) / px_per_m,
                 right = (at.y() - station_px.y()) / px_per_m;
    return {ahead * std::sin(turn) + right * std::cos(turn), ahead * std::cos(turn) - right * std::sin(turn)};
  }
  course::Position position(const QPointF& at) const { return plane.position(flat(at)); }
  bool sameView(const MapFrame& o) const {
    return station_px == o.station_px && right_deg == o.right_deg && px_per_m == o.px_per_m &&
           plane.position({}) == o.plane.position({});
  }

 private:
  static constexpr double kRadians = 3.14159265358979323846 / 180;
};

}  // namespace distanz::app
