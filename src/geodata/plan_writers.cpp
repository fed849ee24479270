#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <nlohmann/json.hpp>
#include <pugixml.hpp>
#include <sstream>

#include "core/text/ascii.h"
#include "core/text/text.h"
#include "formats/json_fields.h"
#include "geodata/plan_entries.h"
#include "geodata/plan_files.h"

namespace distanz::geodata {
namespace {

std::string xmlText(const pugi::xml_document& document) {
  std::ostringstream out;
  document.save(out, " ");
  return out.str();
}

void place(pugi::xml_node node, const Vertex& v) {
  node.append_attribute("lat") = fmt::format("{}", v.lat_deg).c_str();
  node.append_attribute("lon") = fmt::format("{}", v.lon_deg).c_str();
  if (std::isfinite(v.height_m)) node.append_child("ele").text() = fmt::format("{}", v.height_m).c_str();
}

/// Points are waypoints, lines are routes; what only we know stands in the extensions.
std::string asGpx(const std::vector<PlanEntry>& entries) {
  pugi::xml_document document;
  pugi::xml_node root = document.append_child("gpx");
  root.append_attribute("version") = "1.1";
  root.append_attribute("creator") = "Distanz";
  root.append_attribute("xmlns") = "http://www.topografix.com/GPX/1/1";
  root.append_attribute("xmlns:distanz") = "urn:distanz:plan:1";
  for (const bool points : {true, false})  // the schema wants waypoints first
    for (const PlanEntry& e : entries) {
      if ((e.points.size() == 1) != points) continue;
      pugi::xml_node node = root.append_child(points ? "wpt" : "rte");
      if (points) place(node, e.points.front());
      node.append_child("name").text() = text::forTerminal(e.name).c_str();
      node.append_child("type").text() = e.what.c_str();
      pugi::xml_node more = node.append_child("extensions");
      more.append_child((std::string("distanz:") + kWhat).c_str()).text() = e.what.c_str();
      for (const auto& [key, value] : e.facts)
        more.append_child(("distanz:" + key).c_str()).text() = value.c_str();
      if (!points)
        for (const Vertex& v : e.points) place(node.append_child("rtept"), v);
    }
  return xmlText(document);
}

std::string asKml(const std::vector<PlanEntry>& entries) {
  pugi::xml_document document;
  pugi::xml_node root = document.append_child("kml");
  root.append_attribute("xmlns") = "http://www.opengis.net/kml/2.2";
  pugi::xml_node folder = root.append_child("Document");
  folder.append_child("name").text() = "Distanz";
  for (const PlanEntry& e : entries) {
    pugi::xml_node mark = folder.append_child("Placemark");
    mark.append_child("name").text() = text::forTerminal(e.name).c_str();
    pugi::xml_node data = mark.append_child("ExtendedData");
    const auto add = [&](const std::string& key, const std::string& value) {
      pugi::xml_node one = data.append_child("Data");
      one.append_attribute("name") = key.c_str();
      one.append_child("value").text() = value.c_str();
    };
    add(kWhat, e.what);
    for (const auto& [key, value] : e.facts) add(key, value);
    pugi::xml_node shape = mark.append_child(e.points.size() == 1 ? "Point" : "LineString");
    const bool heights = std::isfinite(e.points.front().height_m);
    shape.append_child("altitudeMode").text() = heights ? "absolute" : "clampToGround";
    std::string coordinates;
    for (const Vertex& v : e.points)
      coordinates += heights ? fmt::format("{},{},{} ", v.lon_deg, v.lat_deg, v.height_m)
                             : fmt::format("{},{} ", v.lon_deg, v.lat_deg);
    shape.append_child("coordinates").text() = coordinates.c_str();
  }
  return xmlText(document);
}

std::string asGeoJson(const std::vector<PlanEntry>& entries) {
  using json = nlohmann::ordered_json;
  json features = json::array();
  for (const PlanEntry& e : entries) {
    json points = json::array(), properties = {{"name", text::validUtf8(e.name)}, {kWhat, e.what}};
    for (const Vertex& v : e.points) {
      json at = json::array({v.lon_deg, v.lat_deg});
      if (std::isfinite(v.height_m)) at.push_back(v.height_m);
      points.push_back(std::move(at));
    }
    for (const auto& [key, value] : e.facts) properties[key] = value;
    const bool one = e.points.size() == 1;
    features.push_back(
        json{{"type", "Feature"},
             {"properties", properties},
             {"geometry",
              {{"type", one ? "Point" : "LineString"}, {"coordinates", one ? points.front() : points}}}});
  }
  return formats::jsonText(nlohmann::json(json{{"type", "FeatureCollection"}, {"features", features}}), 1) +
         "\n";
}

}  // namespace

std::optional<PlanFormat> planFormatOf(const std::string& name) {
  const std::string ending = text::lower(name.substr(std::min(name.rfind('.'), name.size())));
  if (ending == ".gpx") return PlanFormat::Gpx;
  if (ending == ".kml") return PlanFormat::Kml;
  if (ending == ".geojson" || ending == ".json") return PlanFormat::GeoJson;
  if (ending == ".csv") return PlanFormat::Csv;
  return std::nullopt;
}

std::string writePlan(const campaign::Campaign& campaign, PlanFormat format) {
  const std::vector<PlanEntry> entries = entriesOf(campaign);
  switch (format) {
    case PlanFormat::Gpx:
      return asGpx(entries);
    case PlanFormat::Kml:
      return asKml(entries);
    case PlanFormat::GeoJson:
      return asGeoJson(entries);
    default:
      return planCsv(entries);
  }
}

}  // namespace distanz::geodata
