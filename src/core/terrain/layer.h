#pragma once
#include <optional>
#include <string>
#include <vector>

#include "core/course/course.h"

namespace distanz::terrain {

/// A point, a line, or an area with its holes, on the ground.
struct Feature {
  enum class Kind { Point, Line, Area } kind = Kind::Line;
  std::string name;
  std::optional<double> height_m;                    ///< of what stands there, above the ground
  std::vector<std::vector<course::Position>> rings;  ///< one but for areas with holes
};

/// What stands or lies on the ground, all of one kind.
struct Layer {
  enum class Role { Other, Trees, Buildings, Water, Roads, KeepOut, Posts } role = Role::Other;
  std::string name;
  std::optional<double> height_m;  ///< of those that do not say their own
  std::vector<Feature> features;
};

}  // namespace distanz::terrain
