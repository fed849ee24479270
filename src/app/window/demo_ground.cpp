#include "app/window/demo_ground.h"

#include <cmath>
#include <nlohmann/json.hpp>

#include "core/course/ahead.h"
#include "core/course/local_plane.h"
#include "geodata/geodata.h"

namespace distanz::app {
namespace {

using json = nlohmann::ordered_json;
using Ring = std::vector<course::Ahead>;

/// Places along the canal and to its right, as positions.
class Valley {
 public:
  explicit Valley(const campaign::Campaign& c)
      : m_plane(*c.station.position()),
        m_bearing_deg(
            course::between(*c.station.position(), campaign::firstPath(c).back().position).bearing_deg),
        m_station(*c.station.position()) {}

  course::Position at(const course::Ahead& a) const {
    return m_plane.position(course::flatOf(a, m_bearing_deg));
  }
  /// Above the sea: a flat floor that falls along the canal, rising to both sides, a low knoll beside it.
  double height_m(const course::Position& p) const {
    const course::Ahead a = course::aheadOf(m_plane.flat(p), m_bearing_deg);
    const double side = std::abs(a.right_m) / 650,
                 knoll = std::hypot((a.along_m - 2050) / 260, (a.right_m - 90) / 170),
                 ripple = 0.7 * std::sin(a.along_m / 210) * std::cos(a.right_m / 160);
    return 84 - 0.0012 * a.along_m + 34 * (1 - std::exp(-side * side)) + 13 * std::exp(-knoll * knoll) +
           ripple;
  }
  terrain::Grid grid() const {
    constexpr double kStep_deg = 0.0002;
    terrain::Grid g{"mirren-valley",
                    m_station.lat_deg + 0.032,
                    m_station.lon_deg - 0.022,
                    kStep_deg,
                    kStep_deg * 1.4,
                    250,
                    270,
                    {}};
    for (int r = 0; r < g.rows; ++r)
      for (int c = 0; c < g.columns; ++c)
        g.height_m.push_back(float(
            std::round(height_m({g.north_deg - g.step_lat_deg * r, g.west_deg + g.step_lon_deg * c}) * 10) /
            10));
    return g;
  }
  json feature(const char* type, const char* name, const Ring& ring, double height = 0) const {
    json line = json::array();
    for (const course::Ahead& a : ring) {
      const course::Position p = at(a);
      line.push_back({std::round(p.lon_deg * 1e6) / 1e6, std::round(p.lat_deg * 1e6) / 1e6});
    }
    json properties = {{"name", name}};
    if (height > 0) properties["height"] = height;
    const bool area = std::string_view(type) == "Polygon";
    return {{"type", "Feature"},
            {"properties", properties},
            {"geometry", {{"type", type}, {"coordinates", area ? json::array({line}) : line}}}};
  }

 private:
  course::LocalPlane m_plane;
  double m_bearing_deg;
  course::Position m_station;
};

Ring box(double from_m, double to_m, double left_m, double right_m) {
  return {{from_m, left_m}, {to_m, left_m}, {to_m, right_m}, {from_m, right_m}, {from_m, left_m}};
}

std::string collection(const std::vector<json>& features) {
  return json{{"type", "FeatureCollection"}, {"features", json(features)}}.dump(1) + "\n";
}

}  // namespace

void addDemoGround(campaign::Campaign& c, std::map<std::string, std::string>& files) {
  using campaign::LayerRole;
  const Valley valley(c);
  const auto add = [&](const char* id, const char* name, LayerRole role, const char* file,
                       std::string bytes) {
    campaign::Layer layer;
    layer.id = id;
    layer.name = name;
    layer.role = role;
    layer.file.file = file;
    files[file] = std::move(bytes);
    c.layers.push_back(std::move(layer));
  };
  add("terrain", "Mirren valley", LayerRole::Terrain, "mirren-valley.tif", geodata::geoTiff(valley.grid()));
  add("orchards", "Orchards", LayerRole::Trees, "orchards.geojson",
      collection({valley.feature("Polygon", "upper orchard", box(420, 1150, -330, -70), 5),
                  valley.feature("Polygon", "lower orchard", box(1450, 1850, 60, 300), 5),
                  valley.feature("Polygon", "poplars", box(2330, 2900, -46, -30), 22)}));
  add("canal", "Canal", LayerRole::Water, "canal.geojson",
      collection({valley.feature("LineString", "canal", {{-400, 14}, {900, 12}, {3600, 16}})}));
  add("roads", "Farm roads", LayerRole::Roads, "farm-roads.geojson",
      collection({valley.feature("LineString", "orchard road",
                                 {{1290, -700}, {1260, -120}, {1310, 60}, {1240, 700}})}));
  add("yard", "Keep out", LayerRole::KeepOut, "keep-out.geojson",
      collection({valley.feature("Polygon", "farmyard", box(1560, 1800, -300, -120))}));
  c.plan.obstruction = c.plan.woodland = true;
  campaign::editFirstPath(c).segments = {{"orchard", 420, 1150, {}}, {"poplars", 2330, 2900, {}}};
}

}  // namespace distanz::app
