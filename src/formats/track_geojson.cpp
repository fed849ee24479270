#include "formats/track_geojson.h"

#include <deque>
#include <nlohmann/json.hpp>

#include "core/limits/reading.h"
#include "formats/fields.h"
#include "formats/json_fields.h"
#include "formats/record_table.h"

namespace distanz::formats {
namespace {

using json = nlohmann::json;

/// Read into memory as a tree, twenty times its size.
using limits::kMostGeoJson_bytes;

/// The texts that a row's values look at.
class Row {
 public:
  void clear() {
    m_texts.clear();
    record.values.clear();
  }
  void add(const std::string& name, const json& value) {
    if (record.values.size() >= kMostColumns) return;
    m_texts.push_back(name);
    NamedValue v{.name = m_texts.back(), .text = {}, .unit = {}};
    if (value.is_number()) v.number = value.get<double>();
    if (value.is_string()) {
      m_texts.push_back(value.get<std::string>());
      v.text = m_texts.back();
    }
    if (std::isfinite(v.number) || !v.text.empty()) record.values.push_back(v);
  }
  void addPlace(const json& coordinates) {
    if (!coordinates.is_array() || coordinates.size() < 2 || !coordinates[0].is_number() || !coordinates[1].is_number()) return;
    record.values.push_back({.name = "latitude", .text = {}, .unit = "deg", .number = coordinates[1].get<double>()});
    record.values.push_back({.name = "longitude", .text = {}, .unit = "deg", .number = coordinates[0].get<double>()});
    if (coordinates.size() > 2 && coordinates[2].is_number())
      record.values.push_back({.name = "altitude msl", .text = {}, .unit = "m", .number = coordinates[2].get<double>()});
  }
  LogRecord record;

 private:
  std::deque<std::string> m_texts;
};

bool takePoint(const json& geometry, const json& properties, Row& row, const TakeRecord& take) {
  row.clear();
  for (const auto& [name, value] : properties.items()) row.add(name, value);
  row.addPlace(geometry.value("coordinates", json()));
  return take(row.record);
}

const json* timesOf(const json& properties) {
  for (const char* name : {"coordTimes", "times", "time", "timestamps"})
    if (const auto found = properties.find(name); found != properties.end() && found->is_array()) return &*found;
  const auto inner = properties.find("coordinateProperties");
  return inner != properties.end() && inner->is_object() ? timesOf(*inner) : nullptr;
}

bool takeTimedLine(const json& geometry, const json& properties, Row& row, const TakeRecord& take) {
  const json* times = timesOf(properties);
  const auto places = geometry.find("coordinates");
  if (!times || places == geometry.end() || !places->is_array()) return true;
  for (std::size_t i = 0; i < std::min(times->size(), places->size()); ++i) {
    row.clear();
    row.add("time", (*times)[i]);
    for (const auto& [name, value] : properties.items())
      if (value.is_array() && &value != times && value.size() == places->size()) row.add(name, value[i]);
    row.addPlace((*places)[i]);
    if (!take(row.record)) return false;
  }
  return true;
}

bool takeFeature(const json& feature, Row& row, const TakeRecord& take) {
  if (!feature.is_object()) return true;
  const auto geometry = feature.find("geometry"), properties = feature.find("properties");
  if (geometry == feature.end() || !geometry->is_object() || properties == feature.end() || !properties->is_object())
    return true;
  const auto type = geometry->find("type");
  if (type == geometry->end() || !type->is_string()) return true;
  if (*type == "Point") return takePoint(*geometry, *properties, row, take);
  return *type == "LineString" ? takeTimedLine(*geometry, *properties, row, take) : true;
}

void eachFeature(std::string_view bytes, const TakeRecord& take, RecordFaults&) {
  if (bytes.size() > kMostGeoJson_bytes)
    throw InputError(finding("track-too-large", {{"megabytes", bytes.size() >> 20}, {"most", kMostGeoJson_bytes >> 20}}));
  const json all = parseJson(bytes, "GeoJSON");
  Row row;
  bool any = false;
  const TakeRecord taking = [&](const LogRecord& record) {
    any = true;
    return take(record);
  };
  if (all.is_object() && all.contains("features") && all["features"].is_array()) {
    for (const json& feature : all["features"])
      if (!takeFeature(feature, row, taking)) return;
  } else {
    takeFeature(all, row, taking);
  }
  if (!any) throw InputError(finding("track-without-times"));
}

}  // namespace

bool isTrackGeoJson(std::string_view bytes) {
  const auto first = bytes.find_first_not_of(" \t\r\n\xEF\xBB\xBF");
  if (first == std::string_view::npos || bytes[first] != '{') return false;
  const std::string_view head = bytes.substr(first, 4096);
  const auto has = [&](std::string_view text) { return head.find(text) != std::string_view::npos; };
  return (has("\"type\"") && has("\"Feature")) || (has("\"features\"") && has("\"geometry\""));  // whichever comes first
}

std::unique_ptr<LogTable> openTrackGeoJson(std::string_view bytes) {
  return openRecords(bytes, eachFeature);
}

}  // namespace distanz::formats
