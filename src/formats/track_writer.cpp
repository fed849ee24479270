#include "formats/track_writer.h"

#include <fmt/format.h>

#include <cmath>
#include <nlohmann/json.hpp>
#include <optional>
#include <pugixml.hpp>
#include <sstream>
#include <vector>

#include "core/finding/error.h"
#include "core/log/clock.h"
#include "core/log/track.h"
#include "core/text/text.h"
#include "formats/json_fields.h"

namespace distanz::formats {
namespace {

/// A recording's rows that have a place, and what else stands in them.
struct Places {
  std::vector<std::size_t> rows;
  const std::vector<double>&lat_deg, &lon_deg;
  const std::vector<double>*above_ground_m, *above_sea_m;
  std::optional<double> start_s;  ///< since 1970, where the recording tells it
  const std::vector<double>& time_s;
  std::vector<const log::Column*> beside;  ///< neither place nor height

  std::string time(std::size_t row) const {
    std::string text = log::rowTimeText(*start_s + time_s[row]);
    if (const auto space = text.find(' '); space != std::string::npos) text[space] = 'T';  // none beyond the calendar
    return text;
  }
};

Places placesOf(const log::Recording& r) {
  const auto *lat = r.find(log::channel::kLatitude), *lon = r.find(log::channel::kLongitude);
  if (!lat || !lon) throw InputError(finding("no-track-to-write"));
  Places out{{}, *lat, *lon, r.find(log::channel::kHeight), r.find("altitude_msl_m"), log::secondsOf(r.started), r.time_s, {}};
  for (std::size_t i = 0; i < r.rows(); ++i)
    if (log::onGlobe((*lat)[i], (*lon)[i])) out.rows.push_back(i);
  if (out.rows.empty()) throw InputError(finding("no-track-to-write"));
  for (const log::Column& c : r.columns)
    if (&c.values != lat && &c.values != lon && &c.values != out.above_sea_m) out.beside.push_back(&c);
  return out;
}

bool has(const std::vector<double>* values, std::size_t row) {
  return values && std::isfinite((*values)[row]);
}

std::string textOf(const pugi::xml_document& document) {
  std::ostringstream out;
  document.save(out, " ");
  return out.str();
}

std::string numberText(double value) {
  return fmt::format("{}", value);
}

std::string gpx(const Places& places, const std::string& name) {
  pugi::xml_document document;
  pugi::xml_node root = document.append_child("gpx");
  root.append_attribute("version") = "1.1";
  root.append_attribute("creator") = "Distanz";
  root.append_attribute("xmlns") = "http://www.topografix.com/GPX/1/1";
  root.append_attribute("xmlns:log") = "urn:distanz:log";
  pugi::xml_node track = root.append_child("trk");
  track.append_child("name").text() = name.c_str();
  pugi::xml_node segment = track.append_child("trkseg");
  for (const std::size_t row : places.rows) {
    pugi::xml_node node = segment.append_child("trkpt");
    node.append_attribute("lat") = numberText(places.lat_deg[row]).c_str();
    node.append_attribute("lon") = numberText(places.lon_deg[row]).c_str();
    if (has(places.above_sea_m, row)) node.append_child("ele").text() = numberText((*places.above_sea_m)[row]).c_str();
    if (places.start_s) node.append_child("time").text() = places.time(row).c_str();
    pugi::xml_node more;
    for (const log::Column* c : places.beside) {
      if (!has(&c->values, row)) continue;
      if (!more) more = node.append_child("extensions");
      more.append_child(("log:" + c->channel).c_str()).text() = numberText(c->values[row]).c_str();
    }
  }
  return textOf(document);
}

/// A place with its height: above the sea where the recording tells it, else above the ground.
std::string kmlPlace(const Places& places, std::size_t row, const char* between) {
  const std::vector<double>* heights = places.above_sea_m ? places.above_sea_m : places.above_ground_m;
  std::string out = fmt::format("{}{}{}", places.lon_deg[row], between, places.lat_deg[row]);
  if (has(heights, row)) out += fmt::format("{}{}", between, (*heights)[row]);
  return out;
}

const char* altitudeMode(const Places& places) {
  return places.above_sea_m ? "absolute" : places.above_ground_m ? "relativeToGround" : "clampToGround";
}

void addKmlTrack(const Places& places, pugi::xml_node root, pugi::xml_node place) {
  root.append_attribute("xmlns:gx") = "http://www.google.com/kml/ext/2.2";
  pugi::xml_node schema = place.parent().insert_child_before("Schema", place);
  schema.append_attribute("id") = "log";
  pugi::xml_node track = place.append_child("gx:Track");
  track.append_child("altitudeMode").text() = altitudeMode(places);
  for (const std::size_t row : places.rows) track.append_child("when").text() = places.time(row).c_str();
  for (const std::size_t row : places.rows) track.append_child("gx:coord").text() = kmlPlace(places, row, " ").c_str();
  pugi::xml_node data = track.append_child("ExtendedData").append_child("SchemaData");
  data.append_attribute("schemaUrl") = "#log";
  for (const log::Column* c : places.beside) {
    pugi::xml_node field = schema.append_child("gx:SimpleArrayField");
    field.append_attribute("name") = c->channel.c_str();
    field.append_attribute("type") = "double";
    pugi::xml_node array = data.append_child("gx:SimpleArrayData");
    array.append_attribute("name") = c->channel.c_str();
    for (const std::size_t row : places.rows) {
      pugi::xml_node value = array.append_child("gx:value");
      if (has(&c->values, row)) value.text() = numberText(c->values[row]).c_str();
    }
  }
}

std::string kml(const Places& places, const std::string& name) {
  pugi::xml_document document;
  pugi::xml_node root = document.append_child("kml");
  root.append_attribute("xmlns") = "http://www.opengis.net/kml/2.2";
  pugi::xml_node place = root.append_child("Document").append_child("Placemark");
  place.append_child("name").text() = name.c_str();
  if (places.start_s) {
    addKmlTrack(places, root, place);
    return textOf(document);
  }
  pugi::xml_node line = place.append_child("LineString");
  line.append_child("altitudeMode").text() = altitudeMode(places);
  std::string coordinates;
  for (const std::size_t row : places.rows) coordinates += kmlPlace(places, row, ",") + " ";
  line.append_child("coordinates").text() = coordinates.c_str();
  return textOf(document);
}

std::string geoJson(const Places& places, const std::string& name) {
  using nlohmann::json;
  json coordinates = json::array(), times = json::array(), properties = {{"name", name}};
  for (const std::size_t row : places.rows) {
    json place = {places.lon_deg[row], places.lat_deg[row]};
    if (has(places.above_sea_m, row)) place.push_back((*places.above_sea_m)[row]);
    coordinates.push_back(std::move(place));
    if (places.start_s) times.push_back(places.time(row));
  }
  if (places.start_s) properties["coordTimes"] = std::move(times);
  for (const log::Column* c : places.beside) {
    json values = json::array();
    for (const std::size_t row : places.rows) values.push_back(has(&c->values, row) ? json(c->values[row]) : json(nullptr));
    properties[c->channel] = std::move(values);
  }
  const json feature = {{"type", "Feature"},
                        {"properties", properties},
                        {"geometry", {{"type", "LineString"}, {"coordinates", coordinates}}}};
  return jsonText(json{{"type", "FeatureCollection"}, {"features", {feature}}}) + "\n";
}

}  // namespace

std::string writeTrack(const log::Recording& recording, const std::string& title, TrackFormat format) {
  const std::string name = text::forTerminal(title);  // XML knows no control characters
  const Places places = placesOf(recording);
  switch (format) {
    case TrackFormat::Gpx:
      return gpx(places, name);
    case TrackFormat::Kml:
      return kml(places, name);
    case TrackFormat::GeoJson:
      return geoJson(places, name);
  }
  return {};
}

}  // namespace distanz::formats
