// Any bytes held to be a question to the reader, or one of its answers, are what they can be, or are refused.
#include <cmath>

#include "harness.h"
#include "reader/protocol.h"
#include "reader/wire.h"

using namespace distanz;
using namespace distanz::reader;

namespace {

template <class Parse, class Holds>
void check(std::string_view bytes, Parse parse, Holds holds) {
  try {
    holds(parse(bytes));
  } catch (const Garbled&) {
  }
}

}  // namespace

DISTANZ_FUZZ(data) {
  if (data.empty()) return;
  const std::string_view rest = std::string_view(data).substr(1);
  switch (static_cast<unsigned char>(data[0]) % 4) {
    case 0:
      return check(rest, rasterOf, [](const RasterRead& r) {
        fuzz::require(r.fault != Fault::None || r.height_m.size() == std::size_t(r.rows) * std::size_t(r.columns), "a height for each cell");
        fuzz::require(asBytes(rasterOf(asBytes(r))) == asBytes(r), "it is the same again");
      });
    case 1:
      return check(rest, vectorOf, [](const VectorRead& r) {
        for (const VectorFeature& f : r.features)
          for (const auto& ring : f.rings)
            for (const Vertex& v : ring) fuzz::require(std::abs(v.lat_deg) <= 90 && std::abs(v.lon_deg) <= 360, "it lies on earth");
      });
    case 2:
      return check(rest, photoOf, [](const PhotoRead& r) {
        fuzz::require(r.fault != Fault::None || r.rgba.size() == std::size_t(4) * std::size_t(r.width) * std::size_t(r.height), "a colour for each pixel");
      });
    default:
      return check(rest, requestOf, [](const Request& r) { fuzz::require(r.most_px >= 0 && r.most_px <= kMostPixels, "a size that is answered"); });
  }
}
