#include "reader/protocol.h"

#include <algorithm>
#include <cmath>

#include "reader/wire.h"

namespace distanz::reader {
namespace {

constexpr std::size_t kLongestName = 1000, kLongestText = 2000, kMostBeside = 8, kLongestBeside = 100'000;
constexpr double kLastLat_deg = 90.5, kLastLon_deg = 361, kFarthest_m = 100'000;

void put(Writer& out, const Box& box) {
  for (const double v : {box.south_deg, box.west_deg, box.north_deg, box.east_deg}) out.number(v);
}

Box boxFrom(Parser& in) {
  Box box;
  for (double* v : {&box.south_deg, &box.west_deg, &box.north_deg, &box.east_deg}) {
    *v = in.number<double>();
    if (!(std::abs(*v) <= 1000)) throw Garbled();
  }
  return box;
}

void put(Writer& out, Fault fault, const std::string& text) {
  out.number(fault);
  out.text(std::string_view(text).substr(0, kLongestText));
}

}  // namespace

std::string asBytes(const Request& r) {
  Writer out;
  out.number(r.kind);
  out.text(std::string_view(r.name).substr(0, kLongestName));
  out.number(static_cast<std::uint8_t>(r.place.has_value()));
  put(out, r.place.value_or(Box()));
  out.number(static_cast<std::int32_t>(r.most_px));
  out.number(static_cast<std::uint32_t>(r.beside.size()));
  for (const Beside& b : r.beside) {
    out.text(b.ending);
    out.text(b.bytes);
  }
  return out.take();
}

Request requestOf(std::string_view bytes) {
  Parser in(bytes);
  Request r;
  r.kind = in.kind(Request::Kind::PlainPhoto);
  r.name = in.text(kLongestName);
  const bool placed = in.flag();
  const Box place = boxFrom(in);
  if (placed) r.place = place;
  r.most_px = in.number<std::int32_t>();
  if (r.most_px < 0 || r.most_px > kMostPixels) throw Garbled();
  const std::size_t beside = in.count(kMostBeside);
  for (std::size_t i = 0; i < beside; ++i) {
    std::string ending = in.text(kLongestName);
    r.beside.push_back({std::move(ending), in.text(kLongestBeside)});
  }
  in.end();
  return r;
}

std::string asBytes(const RasterRead& r) {
  Writer out;
  put(out, r.fault, r.text);
  for (const double v : {r.north_deg, r.west_deg, r.step_lat_deg, r.step_lon_deg}) out.number(v);
  for (const int v : {r.rows, r.columns, r.thinned}) out.number(static_cast<std::int32_t>(v));
  for (const bool v : {r.assumed_reference, r.feet, r.turned, r.cut}) out.number(static_cast<std::uint8_t>(v));
  out.numbers(r.height_m);
  return out.take();
}

bool onEarth(const RasterRead& r) {
  const double south = r.north_deg - r.step_lat_deg * (r.rows - 1), east = r.west_deg + r.step_lon_deg * (r.columns - 1);
  return r.step_lat_deg > 0 && r.step_lon_deg > 0 && std::abs(r.north_deg) <= kLastLat_deg && std::abs(south) <= kLastLat_deg &&
         std::abs(r.west_deg) <= kLastLon_deg && std::abs(east) <= 2 * kLastLon_deg;
}

RasterRead rasterOf(std::string_view bytes) {
  Parser in(bytes);
  RasterRead r;
  r.fault = in.kind(Fault::TooLarge);
  r.text = in.text(kLongestText);
  for (double* v : {&r.north_deg, &r.west_deg, &r.step_lat_deg, &r.step_lon_deg}) *v = in.number<double>();
  for (int* v : {&r.rows, &r.columns, &r.thinned}) *v = in.number<std::int32_t>();
  for (bool* v : {&r.assumed_reference, &r.feet, &r.turned, &r.cut}) *v = in.flag();
  r.height_m = in.numbers<float>(kMostCells);
  in.end();
  if (r.fault != Fault::None) return {r.fault, std::move(r.text)};
  const bool sizes = r.rows >= 1 && r.columns >= 1 && r.thinned >= 1 && std::size_t(r.rows) <= kMostCells && std::size_t(r.columns) <= kMostCells &&
                     std::size_t(r.rows) * std::size_t(r.columns) == r.height_m.size();
  if (!sizes || !onEarth(r)) throw Garbled();
  for (const float h : r.height_m)
    if (std::abs(h) > kFarthest_m) throw Garbled();  // NaN is a hole
  return r;
}

std::string asBytes(const VectorRead& r) {
  Writer out;
  put(out, r.fault, r.text);
  out.number(static_cast<std::uint32_t>(r.features.size()));
  for (const VectorFeature& f : r.features) {
    out.number(f.kind);
    out.text(std::string_view(f.layer).substr(0, kLongestField));
    out.number(static_cast<std::uint32_t>(std::min(f.fields.size(), kMostFields)));
    std::size_t field = 0;
    for (const auto& [key, value] : f.fields) {
      if (++field > kMostFields) break;
      out.text(std::string_view(key).substr(0, kLongestField));
      out.text(std::string_view(value).substr(0, kLongestField));
    }
    out.number(static_cast<std::uint32_t>(f.rings.size()));
    for (const auto& ring : f.rings) {
      out.number(static_cast<std::uint32_t>(ring.size()));
      for (const Vertex& v : ring)
        for (const double n : {v.lat_deg, v.lon_deg, v.height_m}) out.number(n);
    }
  }
  return out.take();
}

VectorRead vectorOf(std::string_view bytes) {
  Parser in(bytes);
  VectorRead r;
  r.fault = in.kind(Fault::TooLarge);
  r.text = in.text(kLongestText);
  const std::size_t features = in.count(kMostFeatures);
  std::size_t vertices = 0;
  for (std::size_t i = 0; i < features; ++i) {
    VectorFeature f;
    f.kind = in.kind(VectorFeature::Kind::Area);
    f.layer = in.text(kLongestField);
    const std::size_t fields = in.count(kMostFields);
    for (std::size_t k = 0; k < fields; ++k) {
      std::string key = in.text(kLongestField);
      f.fields[std::move(key)] = in.text(kLongestField);
    }
    const std::size_t rings = in.count(kMostVertices);
    for (std::size_t k = 0; k < rings; ++k) {
      const std::size_t corners = in.count(kMostVertices);
      vertices += corners;
      if (vertices > kMostVertices) throw Garbled();
      std::vector<Vertex>& ring = f.rings.emplace_back();
      for (std::size_t c = 0; c < corners; ++c) {
        Vertex v;
        for (double* n : {&v.lat_deg, &v.lon_deg, &v.height_m}) *n = in.number<double>();
        if (!(std::abs(v.lat_deg) <= 90) || !(std::abs(v.lon_deg) <= 360)) throw Garbled();
        ring.push_back(v);
      }
    }
    if (f.rings.empty() || f.rings.front().empty()) throw Garbled();
    r.features.push_back(std::move(f));
  }
  in.end();
  if (r.fault != Fault::None) r.features.clear();
  return r;
}

std::string asBytes(const PhotoRead& r) {
  Writer out;
  out.number(r.fault);
  for (const int v : {r.width, r.height}) out.number(static_cast<std::int32_t>(v));
  out.numbers(r.rgba);
  return out.take();
}

PhotoRead photoOf(std::string_view bytes) {
  Parser in(bytes);
  PhotoRead r;
  r.fault = in.kind(Fault::TooLarge);
  for (int* v : {&r.width, &r.height}) *v = in.number<std::int32_t>();
  r.rgba = in.numbers<std::uint8_t>(std::size_t(4) * kMostPixels * kMostPixels);
  in.end();
  if (r.fault != Fault::None) return {r.fault};
  if (r.width < 1 || r.height < 1 || r.width > kMostPixels || r.height > kMostPixels ||
      std::size_t(4) * std::size_t(r.width) * std::size_t(r.height) != r.rgba.size())
    throw Garbled();
  return r;
}

std::string framed(std::string_view mark, std::string_view bytes) {
  const auto size = static_cast<std::uint64_t>(bytes.size());
  std::string out(mark);
  out.append(reinterpret_cast<const char*>(&size), sizeof size);
  out.append(bytes);
  return out.append(mark);
}

std::size_t lengthIn(std::string_view head, std::string_view mark, std::size_t longest) {
  if (head.size() != kHeadSize || head.substr(0, kMarkSize) != mark) throw Garbled();
  Parser in(head.substr(kMarkSize));
  const auto size = in.number<std::uint64_t>();
  if (size > longest) throw Garbled();
  return size;
}

}  // namespace distanz::reader
