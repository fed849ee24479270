#pragma once
#include <atomic>
#include <filesystem>
#include <optional>
#include <string>
#include <vector>

#include "core/finding/finding.h"
#include "core/terrain/grid.h"
#include "core/terrain/layer.h"
#include "reader/read.h"

/// Terrain and maps as files hold them, read by the caged child process. All of it throws reader::Stopped
/// where its `stop` is set meanwhile.
namespace distanz::geodata {

using reader::Box, reader::Fault, reader::RasterRead, reader::VectorFeature, reader::VectorRead, reader::Vertex;
using Stop = std::atomic<bool>;

struct TerrainRead {
  terrain::Grid grid;
  std::vector<Finding> notes;  ///< what had to be done to it
};

/// @param place around which a raster too large to be kept whole is cut
/// @throws InputError: no raster, cut short, without a place on earth, without heights, elsewhere
TerrainRead readTerrain(const std::filesystem::path& file, const std::optional<Box>& place, const Stop* stop = nullptr);

/// A raster as it is kept. @param name of its file: some kinds tell their place by it @throws InputError
terrain::Grid terrainFrom(const std::string& bytes, const std::string& name, const Stop* stop = nullptr);
/// As it is kept: a compressed GeoTIFF, metres, WGS 84. @throws InputError
std::string geoTiff(const terrain::Grid& grid, const Stop* stop = nullptr);

/// Points, lines and areas of a map, with all that it says of them. @param name of its file: tells its kind
/// @throws InputError: no map, none on earth, too large
std::vector<VectorFeature> readMap(const std::string& bytes, const std::string& name, const Stop* stop = nullptr);

}  // namespace distanz::geodata
