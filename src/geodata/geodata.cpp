#include "geodata/geodata.h"

#include <cmath>

#include "core/finding/error.h"
#include "core/limits/reading.h"
#include "formats/files.h"
#include "reader/ask.h"

namespace distanz::geodata {
namespace {

namespace fs = std::filesystem;

/// Small files that tell where a grid lies; beside the grid, with its name.
constexpr const char* kBeside[] = {".prj", ".hdr", ".tfw", ".bpw", ".blw"};
using limits::kLargestBeside;

std::vector<reader::Beside> besideOf(const fs::path& file) {
  std::vector<reader::Beside> out;
  for (const char* ending : kBeside) {
    std::error_code none;
    const fs::path other = fs::path(file).replace_extension(ending);
    if (fs::is_regular_file(other, none) && fs::file_size(other, none) <= kLargestBeside && !none) out.push_back({ending, formats::readFile(other)});
  }
  return out;
}

[[noreturn]] void refuse(Fault fault, const std::string& text, const std::string& file, bool raster) {
  const auto as = [&](const char* code) { return InputError(finding(code, {{"file", file}})); };
  switch (fault) {
    case Fault::NoReference:
      throw as(raster ? "raster-no-reference" : "map-no-reference");
    case Fault::NoHeights:
      throw as("raster-no-heights");
    case Fault::Elsewhere:
      throw as("raster-elsewhere");
    case Fault::TooLarge:
      throw as("map-too-large");
    default:
      throw InputError(finding(raster ? "raster-unreadable" : "map-unreadable",
                               {{"file", file}, {"reason", text.empty() ? "?" : text}}));
  }
}

/// The library leaves the heights of GPX lines to the layers of their points.
void raise(std::vector<VectorFeature>& features, const std::string& lines, const std::string& points) {
  std::vector<double> heights;
  for (const VectorFeature& f : features)
    if (f.layer == points && f.kind == VectorFeature::Kind::Point)
      heights.push_back(f.rings.front().front().height_m);
  std::size_t vertices = 0, at = 0;
  for (const VectorFeature& f : features)
    if (f.layer == lines)
      for (const auto& ring : f.rings) vertices += ring.size();
  if (vertices != heights.size()) return;
  for (VectorFeature& f : features)
    if (f.layer == lines)
      for (auto& ring : f.rings)
        for (Vertex& v : ring) v.height_m = heights[at++];
}

terrain::Grid gridOf(RasterRead& r, const std::string& name) {
  return {name,           r.north_deg, r.west_deg, r.step_lat_deg,
          r.step_lon_deg, r.rows,      r.columns,  std::move(r.height_m)};
}

}  // namespace

TerrainRead readTerrain(const fs::path& file, const std::optional<Box>& place, const Stop* stop) {
  const std::string name = file.filename().string();
  const reader::Request request{.kind = reader::Request::Kind::Raster, .name = name, .place = place, .beside = besideOf(file)};
  RasterRead r = reader::readRaster(request, reader::File(formats::openToRead(file)), stop);
  if (r.fault != Fault::None) refuse(r.fault, r.text, name, true);
  TerrainRead out;
  const Argument of("file", name);
  if (r.assumed_reference) out.notes.push_back(finding("raster-degrees-assumed", {of}));
  if (r.feet) out.notes.push_back(finding("raster-was-feet", {of}));
  if (r.turned) out.notes.push_back(finding("raster-turned", {of}));
  if (r.cut) out.notes.push_back(finding("raster-cut", {of}));
  if (r.thinned > 1) out.notes.push_back(finding("raster-thinned", {of, {"every", r.thinned}}));
  out.grid = gridOf(r, name);
  return out;
}

terrain::Grid terrainFrom(const std::string& bytes, const std::string& name, const Stop* stop) {
  RasterRead r = reader::readRaster({.kind = reader::Request::Kind::Raster, .name = name}, reader::File(bytes), stop);
  if (r.fault != Fault::None) refuse(r.fault, r.text, name, true);
  return gridOf(r, name);
}

std::string geoTiff(const terrain::Grid& g, const Stop* stop) {
  RasterRead r;
  r.north_deg = g.north_deg;
  r.west_deg = g.west_deg;
  r.step_lat_deg = g.step_lat_deg;
  r.step_lon_deg = g.step_lon_deg;
  r.rows = g.rows;
  r.columns = g.columns;
  r.height_m = g.height_m;
  std::string out = reader::rasterAsGeoTiff(r, stop);
  if (out.empty()) throw InputError(finding("raster-unreadable", {{"file", g.name}, {"reason", "GeoTIFF"}}));
  return out;
}

std::vector<VectorFeature> readMap(const std::string& bytes, const std::string& name, const Stop* stop) {
  VectorRead r = reader::readVector({.kind = reader::Request::Kind::Vector, .name = name}, reader::File(bytes), stop);
  if (r.fault != Fault::None) refuse(r.fault, r.text, name, false);
  raise(r.features, "routes", "route_points");
  raise(r.features, "tracks", "track_points");
  std::erase_if(r.features, [](const VectorFeature& f) {
    return f.layer == "route_points" || f.layer == "track_points";
  });
  return std::move(r.features);
}

}  // namespace distanz::geodata
