#pragma once
#include <optional>
#include <string>

#include "core/campaign/kept_file.h"

namespace distanz::campaign {

enum class LayerRole { Other, Terrain, Trees, Buildings, Water, Roads, KeepOut, Posts };

/// A raster of heights, or a map of things on the ground: its file is kept with the campaign.
struct Layer {
  std::string id, name;
  LayerRole role = LayerRole::Other;
  KeptFile file;
  std::optional<double> height_m;  ///< of what stands there and does not say its own
  bool feet = false;               ///< heights are in feet though the file does not say so
  bool off = false;                ///< neither drawn nor counted
  std::string unknown = {};
  bool operator==(const Layer&) const = default;
};

}  // namespace distanz::campaign
