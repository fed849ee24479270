#pragma once
#include <cmath>
#include <memory>
#include <vector>

namespace distanz::course {

struct Position {
  double lat_deg = 0;
  double lon_deg = 0;
  bool operator==(const Position&) const = default;
};

struct DistanceBearing {
  double distance_m = 0;
  double bearing_deg = 0;  ///< clockwise from true north, 0..360
};

/// Point reached from a start on the WGS 84 ellipsoid. @throws DomainError for a latitude outside -90..90 or
/// a non-finite value.
Position destination(const Position& from, const DistanceBearing& way);
/// Geodesic distance and initial bearing on WGS 84 (Karney 2013, error below 15 nm). @throws DomainError as
/// destination().
DistanceBearing between(const Position& from, const Position& to);

/// East and north of the station, metres.
struct Flat {
  double east_m = 0, north_m = 0;
};

/// Straight between two points, metres. Asked several times for every sample of a log.
inline double apart_m(const Flat& a, const Flat& b) {
  const double east = b.east_m - a.east_m, north = b.north_m - a.north_m;
  return std::sqrt(east * east + north * north);
}

/// Where one sample lies relative to station and path.
struct Placement {
  Flat flat;
  double distance_m = 0;  ///< horizontal distance from the station
  double chainage_m = 0;  ///< along the path from its first point, at the nearest point of the path
  /// The same counted from the station where the path begins farther out, and running on past its last point:
  /// what tells places apart.
  double along_m = 0;
  double side_m = 0;  ///< across the path there, positive to the right of the outward direction
};

constexpr double kClosed_m = 30;  ///< a path whose ends lie nearer than this is flown in laps

/// The measured path seen from the station. Horizontal positions are taken in the plane that touches the
/// ellipsoid at the station: a distance d comes out short of the geodesic by d^3 / (6 R^2), 1 cm at 13 km
/// and 3.3 cm at 20 km (tests/core/course/course_test.cpp).
class Course {
 public:
  /// @param points at least two, in outward order. @throws DomainError for fewer, or a bad coordinate.
  Course(const Position& station, const std::vector<Position>& points);
  ~Course();
  Course(Course&&) noexcept;
  Course& operator=(Course&&) noexcept;

  Placement place(const Position& sample) const;
  /// Every stretch of the path that comes nearest there, no farther than `within_m` away, in order along the path:
  /// several where it crosses or passes itself. Empty where it is nowhere so near.
  std::vector<Placement> places(const Flat& sample, double within_m) const;
  /// The nearest place no farther than `window_m` along the path from a chainage.
  Placement placeNear(const Flat& sample, double chainage_m, double window_m) const;
  /// It ends where it began, so that it can be flown lap after lap.
  bool closed() const;
  Flat flat(const Position& position) const;
  /// A place along the path from its first point; its ends for what lies beyond them.
  Flat at(double chainage_m) const;
  Position position(const Flat& flat) const;
  const std::vector<Flat>& points() const;
  /// Along the path, metres.
  double length_m() const;
  /// Horizontal distance of the last point from the station, metres.
  double farPost_m() const;

 private:
  struct Plane;
  double placeOn(std::size_t segment, const Flat& sample, Placement& out, double from_m, double to_m) const;
  std::unique_ptr<Plane> m_plane;
};

}  // namespace distanz::course
