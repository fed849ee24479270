#pragma once
#include <cstddef>
#include <limits>
#include <map>
#include <optional>
#include <string>
#include <vector>

/// What lies between Distanz and the library that reads terrain and maps. That library pulls in a hundred
/// others, so it is linked only into a module of its own, which is loaded when a raster or a map is first
/// used. Plain structs, nothing of ours or the library's.
namespace distanz::geodata {

/// Degrees of WGS 84.
struct Box {
  double south_deg = 0, west_deg = 0, north_deg = 0, east_deg = 0;
};

enum class Fault {
  None,
  Unreadable,   ///< no raster or map of a kind that is taken, or cut short: see text
  NoReference,  ///< where on earth it lies is not said
  NoHeights,    ///< a picture, or nothing but holes
  Elsewhere,    ///< too large to be kept whole, and the place that is asked for is not in it
  TooLarge,     ///< more features or corners than are taken
};

/// A raster on parallels and meridians of WGS 84: see terrain::Grid.
struct RasterRead {
  Fault fault = Fault::None;
  std::string text;  ///< the library's words on a fault
  double north_deg = 0, west_deg = 0, step_lat_deg = 0, step_lon_deg = 0;
  int rows = 0, columns = 0;
  std::vector<float> height_m;     ///< NaN where not known
  bool assumed_reference = false;  ///< none is given; the numbers look like degrees
  bool feet = false;               ///< were converted
  bool turned = false;             ///< resampled from another reference system
  bool cut = false;                ///< to the place asked for
  int thinned = 1;                 ///< every so many cells were taken
};

struct Vertex {
  double lat_deg = 0, lon_deg = 0;
  double height_m = std::numeric_limits<double>::quiet_NaN();
};

struct VectorFeature {
  enum class Kind { Point, Line, Area } kind = Kind::Point;
  std::string layer;
  std::map<std::string, std::string> fields;
  std::vector<std::vector<Vertex>> rings;  ///< one, but for areas with holes
};

struct VectorRead {
  Fault fault = Fault::None;
  std::string text;
  std::vector<VectorFeature> features;
};

constexpr std::size_t kMostCells = 20'000'000, kMostFeatures = 200'000, kMostVertices = 2'000'000;

class Module {
 public:
  virtual ~Module() = default;
  /// @param place of interest: of rasters with more than kMostCells only what lies around it is taken
  virtual RasterRead readRaster(const std::string& path, const std::optional<Box>& place) const = 0;
  /// The same from the bytes of a file.
  virtual RasterRead readRasterBytes(const std::string& bytes, const std::string& name) const = 0;
  /// As a compressed GeoTIFF; empty where that fails.
  virtual std::string writeRaster(const RasterRead& raster) const = 0;
  virtual VectorRead readVector(const std::string& bytes, const std::string& name) const = 0;
};

/// Name of the one function the module gives out.
constexpr const char* kEntry = "distanz_geodata_module";
using Entry = const Module* (*)();

}  // namespace distanz::geodata
