#pragma once
#include <cstddef>
#include <cstdint>
#include <limits>
#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/limits/reading.h"

/// What is asked of the caged child process that decodes foreign files, and what it answers. Plain structs,
/// nothing of a library's.
namespace distanz::reader {

/// Degrees of WGS 84.
struct Box {
  double south_deg = 0, west_deg = 0, north_deg = 0, east_deg = 0;
  bool operator==(const Box&) const = default;
};

enum class Fault : std::uint8_t {
  None,
  Unreadable,   ///< no file of a kind that is taken, or cut short: see text
  NoReference,  ///< where on earth it lies is not said
  NoHeights,    ///< a picture, or nothing but holes
  Elsewhere,    ///< too large to be kept whole, and the place that is asked for is not in it
  TooLarge,     ///< more features, corners or pixels than are taken
};

/// A raster on parallels and meridians of WGS 84: see terrain::Grid.
struct RasterRead {
  Fault fault = Fault::None;
  std::string text;  ///< the library's words on a fault
  double north_deg = 0, west_deg = 0, step_lat_deg = 0, step_lon_deg = 0;
  int rows = 0, columns = 0;
  std::vector<float> height_m = {};     ///< NaN where not known
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
  enum class Kind : std::uint8_t { Point, Line, Area } kind = Kind::Point;
  std::string layer;
  std::map<std::string, std::string> fields;
  std::vector<std::vector<Vertex>> rings;  ///< one, but for areas with holes
};

struct VectorRead {
  Fault fault = Fault::None;
  std::string text;
  std::vector<VectorFeature> features;
};

/// A picture, turned as its file says, no wider and no higher than was asked for.
struct PhotoRead {
  Fault fault = Fault::None;
  int width = 0, height = 0;
  std::vector<std::uint8_t> rgba = {};  ///< 4 x width x height, rows from the top, not premultiplied
};

using limits::kMostCells, limits::kMostFeatures, limits::kMostVertices;
using limits::kMostFields, limits::kLongestField;  ///< of a feature; what is longer is cut
using limits::kMostPixels;                     ///< of a side of what is answered

/// A small file that belongs to another and has its name but for the ending: where a grid lies.
struct Beside {
  std::string ending;  ///< with its dot, lower case
  std::string bytes;
};

struct Request {
  enum class Kind : std::uint8_t { Raster, Vector, Photo, WriteRaster, PlainPhoto } kind = Kind::Raster;
  std::string name;               ///< of the file, without folders: some kinds tell their place by it
  std::optional<Box> place = {};  ///< of interest: of larger rasters only what lies around it is taken
  int most_px = 0;                ///< of a photo's side, 1 to kMostPixels
  std::vector<Beside> beside = {};
};

}  // namespace distanz::reader
