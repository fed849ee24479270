#pragma once
#include <QPointF>

#include "core/course/ahead.h"
#include "core/course/local_plane.h"

namespace distanz::app {

/// How the ground lies on the map: the station at a place of the widget, a bearing pointing right.
struct MapFrame {
  course::LocalPlane plane;
  QPointF station_px;
  double right_deg = 90;  ///< the bearing that points right; 90: north is up
  double px_per_m = 0.1;

  QPointF px(const course::Flat& f) const {
    const course::Ahead a = course::aheadOf(f, right_deg);
    return station_px + QPointF(a.along_m, a.right_m) * px_per_m;
  }
  QPointF px(const course::Position& p) const { return px(plane.flat(p)); }
  course::Flat flat(const QPointF& at) const {
    return course::flatOf({(at.x() - station_px.x()) / px_per_m, (at.y() - station_px.y()) / px_per_m},
                          right_deg);
  }
  course::Position position(const QPointF& at) const { return plane.position(flat(at)); }
  bool sameView(const MapFrame& o) const {
    return station_px == o.station_px && right_deg == o.right_deg && px_per_m == o.px_per_m &&
           plane.position({}) == o.plane.position({});
  }
};

}  // namespace distanz::app
