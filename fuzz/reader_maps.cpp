// Any bytes held to be a raster or a map, under a name that tells its kind, are read within limits, or refused. The library is the
// child's, without its cage.
#include <array>

#include "harness.h"
#include "reader/child/library.h"
#include "reader/protocol.h"

using namespace distanz;
using namespace distanz::reader;

DISTANZ_FUZZ(data) {
  constexpr bool kRasters = DISTANZ_RASTERS;
  static const bool ready = (makeReady(kRasters ? Request::Kind::Raster : Request::Kind::Vector), true);
  fuzz::require(ready, "ready");
  if (data.empty()) return;
  constexpr std::array<const char*, 6> names = kRasters ? std::array{"a.tif", "N46E020.hgt", "a.asc", "a.dt1", "a.bil", "a.grd"}
                                                        : std::array{"a.geojson", "a.gpx", "a.kml", "a.kmz", "a.gpkg", "a.fgb"};
  Request request{.kind = kRasters ? Request::Kind::Raster : Request::Kind::Vector, .name = names[static_cast<unsigned char>(data[0]) % names.size()]};
  const std::string_view bytes = std::string_view(data).substr(1);
  if (kRasters) {
    if (const RasterRead read = readRaster(bytes, request); read.fault == Fault::None) rasterOf(asBytes(read));
  } else {
    if (const VectorRead read = readVector(bytes, request); read.fault == Fault::None) vectorOf(asBytes(read));
  }
}
