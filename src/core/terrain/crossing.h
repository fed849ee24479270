#pragma once
#include <vector>

#include "core/terrain/ground.h"

namespace distanz::terrain {

/// Where a path meets something on the ground for the first time.
struct Crossing {
  const Layer* layer = nullptr;
  const Feature* feature = nullptr;
  double along_m = 0;  ///< the path, from its first point
};

/// Lines and areas of a role that a path goes over, in the order of the path, each once, kMostCrossings at
/// most.
/// @param lengths_m of its legs, one fewer than its points
std::vector<Crossing> crossings(const Ground& ground, Layer::Role role,
                                const std::vector<course::Position>& path,
                                const std::vector<double>& lengths_m);
constexpr std::size_t kMostCrossings = 50;

}  // namespace distanz::terrain
