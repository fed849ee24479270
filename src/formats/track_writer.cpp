#include "formats/track_writer.h"

#include <fmt/format.h>

#include <cmath>
#include <nlohmann/json.hpp>
#include <pugixml.hpp>
#include <sstream>
#include <vector>

#include "core/finding/error.h"
#include "core/text/text.h"
#include "formats/json_fields.h"

namespace distanz::formats {
namespace {

struct Point {
  double lat_deg, lon_deg, height_m;
};

std::vector<Point> pointsOf(const log::Recording& r) {
  const auto *lat = r.find(log::channel::kLatitude), *lon = r.find(log::channel::kLongitude),
             *height = r.find(log::channel::kHeight);
  std::vector<Point> points;
  if (lat && lon)
    for (std::size_t i = 0; i < r.rows(); ++i) {
      const bool fix =
          std::isfinite((*lat)[i]) && std::isfinite((*lon)[i]) && ((*lat)[i] != 0 || (*lon)[i] != 0);
      if (fix) points.push_back({(*lat)[i], (*lon)[i], height ? (*height)[i] : NAN});
    }
  if (points.empty()) throw InputError(finding("no-track-to-write"));
  return points;
}

std::string textOf(const pugi::xml_document& document) {
  std::ostringstream out;
  document.save(out, " ");
  return out.str();
}

std::string gpx(const std::vector<Point>& points, const std::string& name) {
  pugi::xml_document document;
  pugi::xml_node root = document.append_child("gpx");
  root.append_attribute("version") = "1.1";
  root.append_attribute("creator") = "Distanz";
  root.append_attribute("xmlns") = "http://www.topografix.com/GPX/1/1";
  pugi::xml_node track = root.append_child("trk");
  track.append_child("name").text() = name.c_str();
  pugi::xml_node segment = track.append_child("trkseg");
  for (const Point& p : points) {
    pugi::xml_node node = segment.append_child("trkpt");
    node.append_attribute("lat") = fmt::format("{}", p.lat_deg).c_str();
    node.append_attribute("lon") = fmt::format("{}", p.lon_deg).c_str();
  }
  return textOf(document);
}

std::string kml(const std::vector<Point>& points, const std::string& name) {
  pugi::xml_document document;
  pugi::xml_node root = document.append_child("kml");
  root.append_attribute("xmlns") = "http://www.opengis.net/kml/2.2";
  pugi::xml_node place = root.append_child("Document").append_child("Placemark");
  place.append_child("name").text() = name.c_str();
  pugi::xml_node line = place.append_child("LineString");
  line.append_child("altitudeMode").text() = "relativeToGround";
  std::string coordinates;
  for (const Point& p : points)
    coordinates += fmt::format("{},{},{} ", p.lon_deg, p.lat_deg, std::isfinite(p.height_m) ? p.height_m : 0);
  line.append_child("coordinates").text() = coordinates.c_str();
  return textOf(document);
}

std::string geoJson(const std::vector<Point>& points, const std::string& name) {
  nlohmann::json coordinates = nlohmann::json::array();
  for (const Point& p : points) coordinates.push_back({p.lon_deg, p.lat_deg});
  const nlohmann::json feature = {{"type", "Feature"},
                                  {"properties", {{"name", name}}},
                                  {"geometry", {{"type", "LineString"}, {"coordinates", coordinates}}}};
  return jsonText(nlohmann::json{{"type", "FeatureCollection"}, {"features", {feature}}}) + "\n";
}

}  // namespace

std::string writeTrack(const log::Recording& recording, const std::string& title, TrackFormat format) {
  const std::string name = text::forTerminal(title);  // XML knows no control characters
  const std::vector<Point> points = pointsOf(recording);
  switch (format) {
    case TrackFormat::Gpx:
      return gpx(points, name);
    case TrackFormat::Kml:
      return kml(points, name);
    case TrackFormat::GeoJson:
      return geoJson(points, name);
  }
  return {};
}

}  // namespace distanz::formats
