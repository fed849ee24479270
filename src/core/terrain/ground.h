#pragma once
#include <memory>

#include "core/terrain/clutter.h"
#include "core/terrain/walk.h"

namespace distanz::terrain {

/// The ground as the pilot's files know it: heights, and what stands on it.
class Ground {
 public:
  Ground(std::vector<std::shared_ptr<const Grid>> grids, std::vector<Layer> layers);

  /// Of the finest raster that knows the place, metres above mean sea level; NaN where none does. Without any
  /// raster the ground is flat, at 0.
  double height_m(const course::Position& at) const;
  /// The same along a straight line, as terrain::heightsAlong() tells it.
  std::vector<Along> heightsAlong(const course::Position& from, const course::Position& to) const;
  Standing standing(const course::Position& at) const { return m_clutter.at(at); }
  /// What stands on it.
  const Clutter& clutter() const { return m_clutter; }
  /// Of the finest raster; 0 without any.
  double cell_m() const { return m_grids.empty() ? 0 : m_grids.front()->cell_m(); }
  const std::vector<std::shared_ptr<const Grid>>& grids() const { return m_grids; }
  const std::vector<Layer>& layers() const { return m_layers; }

 private:
  std::vector<std::shared_ptr<const Grid>> m_grids;  ///< the finest first
  std::vector<Layer> m_layers;
  Clutter m_clutter;
};

}  // namespace distanz::terrain
