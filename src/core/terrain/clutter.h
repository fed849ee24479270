#pragma once
#include <functional>
#include <memory>
#include <vector>

#include "core/terrain/layer.h"

namespace distanz::terrain {

/// What stands on the ground at one place.
struct Standing {
  double height_m = 0;
  bool trees = false;  ///< else it lets nothing through
};

/// Where a line runs through something that stands there.
struct Through {
  double from = 0, to = 0;  ///< shares of the line
  Standing what;
};

/// The edge of something that stands near a line without being met by it.
struct Near {
  double share = 0;     ///< of the line
  double beside_m = 0;  ///< from it
  course::Position at;
  Standing what;
};

/// Trees and buildings of the layers, by their outlines; what has no height stands not. However thin or
/// small, each is met by a line that crosses its outline.
class Clutter {
 public:
  explicit Clutter(const std::vector<Layer>& layers);
  ~Clutter();
  Clutter(const Clutter&) = delete;
  Clutter& operator=(const Clutter&) = delete;

  bool empty() const;
  /// Of several the highest.
  Standing at(const course::Position& position) const;
  struct Met {
    std::vector<Through> through;  ///< by their beginning, each of several that overlap
    std::vector<Near> near;
  };
  /// Along a straight line in the plane of degrees.
  /// @param near_m how near to it counts at a share of it; 0 to ask for nothing beside it @param widest_m its
  /// highest value
  Met along(const course::Position& from, const course::Position& to, double widest_m = 0,
            const std::function<double(double share)>& near_m = {}) const;

  struct Index;

 private:
  std::unique_ptr<const Index> m_index;
};

}  // namespace distanz::terrain
