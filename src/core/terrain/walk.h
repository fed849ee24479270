#pragma once
#include <memory>
#include <vector>

#include "core/terrain/grid.h"

namespace distanz::terrain {

/// Where a line over the ground is how high.
struct Along {
  double share = 0;     ///< of the line, from 0 to 1
  double height_m = 0;  ///< NaN where it is not known
};

/// Heights under a straight line, in the plane of degrees, over rasters, the first that knows a place telling
/// it: at both ends, wherever the line comes from one square between four cells into the next, and where the
/// ground is highest inside a square. Between two of them the ground is nowhere higher than the higher of
/// both. Two at one place where rasters meet or end.
std::vector<Along> heightsAlong(const std::vector<std::shared_ptr<const Grid>>& grids,
                                const course::Position& from, const course::Position& to);

/// Straight between two places along a line; NaN where either is not known. @param along not empty, shares
/// not falling
double heightAt(const std::vector<Along>& along, double share);

}  // namespace distanz::terrain
