#include "reader/child/decoder.h"
#include "reader/child/library.h"
#include "reader/protocol.h"

namespace distanz::reader {
namespace {

std::string decode(std::string_view file, const Request& request) {
  switch (request.kind) {
    case Request::Kind::Raster:
      return asBytes(readRaster(file, request));
    case Request::Kind::Vector:
      return asBytes(readVector(file, request));
    default:
      return asGeoTiff(rasterOf(file));
  }
}

}  // namespace
}  // namespace distanz::reader

extern "C" __attribute__((visibility("default"))) const distanz::reader::Decoder* distanz_decoder() {
  static const distanz::reader::Decoder decoder{distanz::reader::makeReady, distanz::reader::decode};
  return &decoder;
}
