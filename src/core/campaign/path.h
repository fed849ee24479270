#pragma once
#include <optional>
#include <string>
#include <vector>

#include "core/course/course.h"

namespace distanz::campaign {

/// What stands close to the ground antenna, and may be in its way.
enum class Beside { Unsaid, Nothing, Person, Vehicle };

struct Station {
  std::optional<double> lat_deg, lon_deg;  ///< none until the pilot says
  double ground_m = 0;                     ///< above mean sea level
  double antenna_height_m = 2;             ///< above ground
  Beside beside = Beside::Unsaid;
  std::optional<double> beside_deg = {};  ///< where it stands as the antenna sees it, clockwise from true north
  std::string unknown = {};                ///< as Campaign::unknown
  /// Where both coordinates are known.
  std::optional<course::Position> position() const {
    return lat_deg && lon_deg ? std::optional(course::Position{*lat_deg, *lon_deg}) : std::nullopt;
  }
  void place(const course::Position& at) {
    lat_deg = at.lat_deg;
    lon_deg = at.lon_deg;
  }
  bool operator==(const Station&) const = default;
};

struct PathPoint {
  course::Position position;
  double height_m = 60;  ///< above the station's ground
  std::string unknown = {};
  bool operator==(const PathPoint&) const = default;
};

/// A mark that can be seen from the air.
struct Post {
  std::string name;
  double along_m = 0;  ///< along the path from its first point
  std::string unknown = {};
  bool operator==(const Post&) const = default;
};

/// A stretch of the path with a name: "the poplars".
struct Segment {
  std::string name;
  double from_m = 0, to_m = 0;  ///< along the path
  std::string unknown = {};
  bool operator==(const Segment&) const = default;
};

constexpr const char* kFirstPathId = "path";  ///< of the path that short forms speak of

/// A measured path.
struct Path {
  std::string id;
  std::string name;
  std::vector<PathPoint> points;  ///< outward
  double post_spacing_m = 250;    ///< of posts every so far
  std::vector<Post> posts;        ///< besides those
  std::vector<Segment> segments;
  std::string unknown = {};
  bool operator==(const Path&) const = default;
};

}  // namespace distanz::campaign
