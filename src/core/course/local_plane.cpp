#include "core/course/local_plane.h"

#include "core/finding/error.h"

namespace distanz::course {

void requirePosition(const Position& p) {
  if (!(std::abs(p.lat_deg) <= 90)) throw DomainError("-90 <= latitude <= 90");
  if (!(std::abs(p.lon_deg) <= 360)) throw DomainError("-360 <= longitude <= 360");
}

LocalPlane::LocalPlane(const Position& origin) {
  requirePosition(origin);
  m_frame.Reset(origin.lat_deg, origin.lon_deg, 0);
}

Flat LocalPlane::flat(const Position& position) const {
  double east = 0, north = 0, up = 0;
  m_frame.Forward(position.lat_deg, position.lon_deg, 0, east, north, up);
  return {east, north};
}

Position LocalPlane::position(const Flat& flat) const {
  Position out;
  double under = 0, height = 0;
  for (int i = 0; i < 4; ++i) {  // the ellipsoid falls away under the plane
    m_frame.Reverse(flat.east_m, flat.north_m, under, out.lat_deg, out.lon_deg, height);
    under -= height;
  }
  return out;
}

}  // namespace distanz::course
