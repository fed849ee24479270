#pragma once
#include <filesystem>
#include <optional>
#include <string>
#include <vector>

#include "core/finding/finding.h"
#include "core/terrain/grid.h"
#include "core/terrain/layer.h"
#include "geodata/module/module.h"

/// Terrain and maps as files hold them. The library behind it is loaded when one is first asked for.
namespace distanz::geodata {

struct TerrainRead {
  terrain::Grid grid;
  std::vector<Finding> notes;  ///< what had to be done to it
};

/// @param place around which a raster too large to be kept whole is cut
/// @throws InputError: no raster, cut short, without a place on earth, without heights, elsewhere
TerrainRead readTerrain(const std::filesystem::path& file, const std::optional<Box>& place);

/// A raster as it is kept. @param name of its file: some kinds tell their place by it @throws InputError
terrain::Grid terrainFrom(const std::string& bytes, const std::string& name);
/// As it is kept: a compressed GeoTIFF, metres, WGS 84. @throws InputError
std::string geoTiff(const terrain::Grid& grid);

/// Points, lines and areas of a map, with all that it says of them. @param name of its file: tells its kind
/// @throws InputError: no map, none on earth, too large
std::vector<VectorFeature> readMap(const std::string& bytes, const std::string& name);

}  // namespace distanz::geodata
