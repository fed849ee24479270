#include "formats/tracks_xml.h"

#include <algorithm>
#include <array>
#include <pugixml.hpp>

#include "core/log/recording.h"
#include "formats/fields.h"
#include "formats/record_table.h"

namespace distanz::formats {
namespace {

constexpr int kDeepest = 64;

std::string_view localName(pugi::xml_node node) {
  const std::string_view name = node.name();
  return name.substr(name.find(':') == std::string_view::npos ? 0 : name.find(':') + 1);
}

bool begins(std::string_view bytes, std::string_view element) {
  const auto first = bytes.find_first_not_of(" \t\r\n\xEF\xBB\xBF");
  return first != std::string_view::npos && bytes[first] == '<' && bytes.substr(0, 8192).find(element) != std::string_view::npos;
}

void load(pugi::xml_document& document, std::string_view bytes) {
  if (bytes.size() > kMostTrack_bytes)
    throw InputError(finding("track-too-large", {{"megabytes", bytes.size() >> 20}, {"most", kMostTrack_bytes >> 20}}));
  const auto read = document.load_buffer(bytes.data(), bytes.size(), pugi::parse_default & ~pugi::parse_escapes);
  if (!read)
    throw InputError(finding("track-broken", {{"line", 1 + std::size_t(std::count(bytes.begin(), bytes.begin() + std::min<std::ptrdiff_t>(read.offset, std::ptrdiff_t(bytes.size())), '\n'))},
                                              {"reason", read.description()}}));
}

/// Calls each(node) for every element of that local name, however deep down to kDeepest. @return false: stopped
template <class Each>
bool eachElement(pugi::xml_node in, std::string_view name, const Each& each, int depth = 0) {
  for (pugi::xml_node child : in.children()) {
    if (child.type() != pugi::node_element) continue;
    if (localName(child) == name) {
      if (!each(child)) return false;
    } else if (depth < kDeepest && !eachElement(child, name, each, depth + 1)) {
      return false;
    }
  }
  return true;
}

NamedValue number(const char* name, const char* unit, double value) {
  return {.name = name, .text = {}, .unit = unit, .number = value};
}

void addTime(const char* text, LogRecord& record) {
  const double at = parseDateTime(text).seconds;
  record.values.push_back({.name = "time", .text = {}, .unit = {}, .number = at, .is_time = true});
}

/// Elements that hold text and no others, by their names.
void addLeaves(pugi::xml_node in, LogRecord& record, int depth = 0) {
  for (pugi::xml_node child : in.children()) {
    if (child.type() != pugi::node_element || record.values.size() >= kMostColumns) continue;
    const std::string_view text = child.text().get();
    if (child.first_child().type() == pugi::node_element && depth < kDeepest)
      addLeaves(child, record, depth + 1);
    else if (!text.empty())
      record.values.push_back({.name = localName(child), .text = text, .unit = {}});
  }
}

const char* textOfChild(pugi::xml_node in, std::string_view name) {
  for (pugi::xml_node child : in.children())
    if (localName(child) == name) return child.text().get();
  return "";
}

void addPoint(pugi::xml_node point, LogRecord& record) {
  record.values.clear();
  record.offset = std::size_t(std::max<std::ptrdiff_t>(point.offset_debug(), 0));
  addTime(textOfChild(point, "time"), record);
  record.values.push_back(number("latitude", "deg", parseNumber(point.attribute("lat").value(), false)));
  record.values.push_back(number("longitude", "deg", parseNumber(point.attribute("lon").value(), false)));
  for (pugi::xml_node child : point.children()) {
    const std::string_view name = localName(child), text = child.text().get();
    if (name == "ele") record.values.push_back({.name = "altitude msl", .text = text, .unit = "m"});
    if (name == "sat") record.values.push_back({.name = "satellites", .text = text, .unit = {}});
    if (name == "speed") record.values.push_back({.name = "speed", .text = text, .unit = "m/s"});
    if (name == "course") record.values.push_back({.name = "heading", .text = text, .unit = "deg"});
    if (name == "extensions") addLeaves(child, record);
  }
}

void eachGpxPoint(std::string_view bytes, const TakeRecord& take, RecordFaults& faults) {
  pugi::xml_document document;
  load(document, bytes);
  LogRecord record;
  bool any = false;
  eachElement(document, "trkpt", [&](pugi::xml_node point) {
    addPoint(point, record);
    if (std::isfinite(record.values.front().number)) {
      any = true;
      return take(record);
    }
    faults.add("point-without-time", record.offset);
    return true;
  });
  if (!any) throw InputError(finding("track-without-times"));
}

/// One value of an array beside a track, as many as it has places.
struct Beside {
  std::string_view name;
  std::vector<std::string_view> values;
};

void addArrays(pugi::xml_node track, std::vector<Beside>& out) {
  eachElement(track, "SimpleArrayData", [&](pugi::xml_node array) {
    Beside one{array.attribute("name").value(), {}};
    for (pugi::xml_node value : array.children())
      if (localName(value) == "value") one.values.push_back(value.text().get());
    if (!one.name.empty() && out.size() < kMostColumns) out.push_back(std::move(one));
    return true;
  });
}

/// Of "20.96 46.91 120".
std::array<double, 3> coordinates(std::string_view text) {
  std::array<double, 3> out{NAN, NAN, NAN};
  for (double& v : out) {
    const auto begin = text.find_first_not_of(" ,");
    if (begin == std::string_view::npos) break;
    text.remove_prefix(begin);
    const std::string_view one = text.substr(0, text.find_first_of(" ,"));
    v = parseNumber(one, false);
    text.remove_prefix(one.size());
  }
  return out;
}

/// @param any set where one of its places has a time @return false: no more are wanted
bool takeTrack(pugi::xml_node track, const TakeRecord& take, RecordFaults& faults, bool& any) {
  std::vector<const char*> when;
  std::vector<std::string_view> where;
  for (pugi::xml_node child : track.children()) {
    if (localName(child) == "when") when.push_back(child.text().get());
    if (localName(child) == "coord") where.push_back(child.text().get());
  }
  std::vector<Beside> beside;
  addArrays(track, beside);
  const bool above_ground = std::string_view(textOfChild(track, "altitudeMode")) == "relativeToGround";
  const bool told_beside = above_ground && std::any_of(beside.begin(), beside.end(), [](const Beside& b) { return b.name == log::channel::kHeight; });
  LogRecord record;
  record.offset = std::size_t(std::max<std::ptrdiff_t>(track.offset_debug(), 0));
  for (std::size_t i = 0; i < when.size(); ++i) {
    record.values.clear();
    addTime(when[i], record);
    if (!std::isfinite(record.values.front().number)) {
      faults.add("point-without-time", record.offset);
      continue;
    }
    if (i < where.size()) {  // longitude first
      const auto [lon, lat, alt] = coordinates(where[i]);
      record.values.push_back(number("latitude", "deg", lat));
      record.values.push_back(number("longitude", "deg", lon));
      if (!told_beside) record.values.push_back(number(above_ground ? "height" : "altitude msl", "m", alt));
    }
    for (const Beside& b : beside)
      if (i < b.values.size()) record.values.push_back({.name = b.name, .text = b.values[i], .unit = {}});
    any = true;
    if (!take(record)) return false;
  }
  return true;
}

void eachKmlPoint(std::string_view bytes, const TakeRecord& take, RecordFaults& faults) {
  pugi::xml_document document;
  load(document, bytes);
  bool any = false;
  eachElement(document, "Track", [&](pugi::xml_node track) { return takeTrack(track, take, faults, any); });
  if (!any) throw InputError(finding("track-without-times"));
}

}  // namespace

bool isGpx(std::string_view bytes) {
  return begins(bytes, "<gpx");
}
bool isKml(std::string_view bytes) {
  return begins(bytes, "<kml");
}

std::unique_ptr<LogTable> openGpx(std::string_view bytes) {
  return openRecords(bytes, eachGpxPoint);
}
std::unique_ptr<LogTable> openKml(std::string_view bytes) {
  return openRecords(bytes, eachKmlPoint);
}

}  // namespace distanz::formats
