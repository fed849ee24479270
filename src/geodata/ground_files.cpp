#include "geodata/ground_files.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <numbers>

#include "core/finding/error.h"
#include "core/text/ascii.h"
#include "formats/files.h"

namespace distanz::geodata {
namespace {

namespace fs = std::filesystem;
using campaign::LayerRole;

constexpr double kAround_m = 5000, kFoot_m = 0.3048;
constexpr const char* kRasters[] = {".tif", ".tiff", ".hgt", ".asc", ".dt0", ".dt1",
                                    ".dt2", ".bil",  ".flt", ".grd", ".dem"};

using text::lower;

bool looksLikeRaster(const fs::path& file) {
  const std::string ending = lower(file.extension().string());
  return std::find(std::begin(kRasters), std::end(kRasters), ending) != std::end(kRasters);
}

LayerRole guessed(const std::string& name) {
  const struct {
    const char* word;
    LayerRole role;
  } words[] = {{"tree", LayerRole::Trees},      {"wood", LayerRole::Trees},      {"forest", LayerRole::Trees},
               {"build", LayerRole::Buildings}, {"house", LayerRole::Buildings}, {"water", LayerRole::Water},
               {"river", LayerRole::Water},     {"canal", LayerRole::Water},     {"lake", LayerRole::Water},
               {"road", LayerRole::Roads},      {"street", LayerRole::Roads},    {"rail", LayerRole::Roads},
               {"keep", LayerRole::KeepOut},    {"forbid", LayerRole::KeepOut},  {"post", LayerRole::Posts},
               {"zone", LayerRole::KeepOut}};
  for (const auto& w : words)
    if (lower(name).find(w.word) != std::string::npos) return w.role;
  return LayerRole::Other;
}

std::optional<double> heightOf(const VectorFeature& f) {
  for (const char* key : {"height_m", "height", "Height", "HEIGHT", "h"})
    if (const auto found = f.fields.find(key); found != f.fields.end()) {
      double value = 0;
      const std::string& text = found->second;
      const auto read = std::from_chars(text.data(), text.data() + text.size(), value);
      if (read.ec == std::errc() && value >= 0 && value < 1000) return value;
    }
  return std::nullopt;
}

std::vector<terrain::Feature> featuresOf(const std::vector<VectorFeature>& read) {
  std::vector<terrain::Feature> out;
  for (const VectorFeature& f : read) {
    terrain::Feature made{static_cast<terrain::Feature::Kind>(f.kind), {}, heightOf(f), {}};
    for (const char* key : {"name", "Name", "NAME"})
      if (const auto found = f.fields.find(key); found != f.fields.end()) made.name = found->second;
    for (const auto& ring : f.rings) {
      std::vector<course::Position> points;
      for (const Vertex& v : ring) points.push_back({v.lat_deg, v.lon_deg});
      made.rings.push_back(std::move(points));
    }
    out.push_back(std::move(made));
  }
  return out;
}

terrain::Layer::Role roleOf(LayerRole role) {
  switch (role) {
    case LayerRole::Trees:
      return terrain::Layer::Role::Trees;
    case LayerRole::Buildings:
      return terrain::Layer::Role::Buildings;
    case LayerRole::Water:
      return terrain::Layer::Role::Water;
    case LayerRole::Roads:
      return terrain::Layer::Role::Roads;
    case LayerRole::KeepOut:
      return terrain::Layer::Role::KeepOut;
    case LayerRole::Posts:
      return terrain::Layer::Role::Posts;
    default:
      return terrain::Layer::Role::Other;
  }
}

std::shared_ptr<const terrain::Grid> inMetres(terrain::Grid grid) {
  for (float& h : grid.height_m) h *= float(kFoot_m);
  return std::make_shared<const terrain::Grid>(std::move(grid));
}

template <class Read>
const Read& once(std::map<std::string, Read>& kept, const campaign::Layer& layer,
                 const std::function<Read()>& read) {
  auto found = layer.file.sha256.empty() ? kept.end() : kept.find(layer.file.sha256);
  if (found == kept.end())
    found = kept.insert_or_assign(layer.file.sha256.empty() ? "?" : layer.file.sha256, read()).first;
  return found->second;
}

}  // namespace

std::optional<Box> placeOf(const campaign::Campaign& c) {
  const auto station = c.station.position();
  if (!station) return std::nullopt;
  Box box{station->lat_deg, station->lon_deg, station->lat_deg, station->lon_deg};
  for (const campaign::PathPoint& p : campaign::firstPath(c)) {
    box.south_deg = std::min(box.south_deg, p.position.lat_deg);
    box.north_deg = std::max(box.north_deg, p.position.lat_deg);
    const double lon = station->lon_deg + std::remainder(p.position.lon_deg - station->lon_deg, 360.0);
    box.west_deg = std::min(box.west_deg, lon);
    box.east_deg = std::max(box.east_deg, lon);
  }
  const double lat = kAround_m / terrain::kMetresOfDegree,
               lon = lat / std::max(std::cos(station->lat_deg * std::numbers::pi / 180), 0.05);
  return Box{box.south_deg - lat, box.west_deg - lon, box.north_deg + lat, box.east_deg + lon};
}

TakenLayer takeLayer(const fs::path& file, const campaign::Campaign& c,
                     const std::optional<LayerRole>& role, const Stop* stop) {
  TakenLayer out;
  out.layer.name = file.stem().string();
  const bool raster = role ? *role == LayerRole::Terrain : looksLikeRaster(file);
  if (raster) {
    TerrainRead read = readTerrain(file, placeOf(c), stop);
    out.layer.role = LayerRole::Terrain;
    out.layer.file.file = formats::safeFileName(file.stem().string() + ".tif");
    out.bytes = geoTiff(read.grid, stop);
    out.notes = std::move(read.notes);
    return out;
  }
  std::error_code ignored;
  if (fs::file_size(file, ignored) > kLargestMap && !ignored)
    throw InputError(finding("map-too-large", {{"file", file.filename().string()}}));
  out.bytes = formats::readFile(file);
  out.layer.file.file = formats::safeFileName(file.filename().string());
  if (readMap(out.bytes, out.layer.file.file, stop).empty())
    throw InputError(finding("map-empty", {{"file", file.filename().string()}}));
  out.layer.role = role.value_or(guessed(out.layer.name));
  return out;
}

campaign::Campaign withLayers(campaign::Campaign c, const std::vector<campaign::Layer>& layers) {
  const auto taken = [&](const std::string& id) {
    return std::any_of(c.layers.begin(), c.layers.end(),
                       [&](const campaign::Layer& l) { return l.id == id; });
  };
  for (campaign::Layer layer : layers) {
    for (int i = 1; layer.id.empty() || taken(layer.id); ++i) layer.id = "layer" + std::to_string(i);
    c.layers.push_back(std::move(layer));
  }
  return c;
}

namespace {

/// No file is at fault, and every other would be refused as well: said once.
bool ofNoFile(const Finding& f) { return f.code == "reader-no-cage" || f.code == "reader-missing"; }

}  // namespace

GroundRead GroundFiles::groundOf(const std::vector<campaign::Layer>& layers, const LayerBytes& bytes_of, const Stop* stop) {
  const auto gone = [&](const auto& kept) {
    return std::none_of(layers.begin(), layers.end(),
                        [&](const campaign::Layer& l) { return l.file.sha256 == kept.first; });
  };
  std::erase_if(m_grids, gone);
  std::erase_if(m_maps, gone);
  std::vector<std::shared_ptr<const terrain::Grid>> grids;
  std::vector<terrain::Layer> maps;
  GroundRead out;
  for (const campaign::Layer& layer : layers) {
    if (layer.off) continue;
    try {
      if (layer.role == LayerRole::Terrain) {
        auto grid = once<std::shared_ptr<const terrain::Grid>>(m_grids, layer, [&] {
          return std::make_shared<const terrain::Grid>(terrainFrom(bytes_of(layer), layer.file.file, stop));
        });
        grids.push_back(layer.feet ? inMetres(*grid) : std::move(grid));
      } else {
        const auto& features = once<std::vector<terrain::Feature>>(
            m_maps, layer, [&] { return featuresOf(readMap(bytes_of(layer), layer.file.file, stop)); });
        maps.push_back({roleOf(layer.role), layer.name, layer.height_m, features});
      }
    } catch (const InputError& e) {
      if (ofNoFile(e.found)) {
        out.problems = {e.found};
        break;
      }
      out.problems.push_back(finding("layer-left-out", {{"layer", layer.name.empty() ? layer.id : layer.name},
                                                        {"why", std::vector{e.found}}}));
    }
  }
  if (!grids.empty() || !maps.empty())
    out.ground = std::make_shared<const terrain::Ground>(std::move(grids), std::move(maps));
  return out;
}

}  // namespace distanz::geodata
