#pragma once
#include "geodata/module/module.h"

namespace distanz::geodata {

RasterRead readRasterAt(const std::string& place, const std::optional<Box>& interest);
std::string rasterAsGeoTiff(const RasterRead& raster);
VectorRead readVectorAt(const std::string& place);

/// Makes the library ready once, keeps it off the network and away from side files, and gathers what it says.
class Quietly {
 public:
  Quietly();
  ~Quietly();
  Quietly(const Quietly&) = delete;
  Quietly& operator=(const Quietly&) = delete;
  std::string said() const;
};

}  // namespace distanz::geodata
