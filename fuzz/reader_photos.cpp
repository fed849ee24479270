// Any bytes held to be a photo become pixels within limits, or a plain one of them, or are refused. The library is the child's,
// without its cage.
#include "harness.h"
#include "reader/child/decoder.h"
#include "reader/protocol.h"

using namespace distanz;
using namespace distanz::reader;

extern "C" const Decoder* distanz_decoder();

DISTANZ_FUZZ(data) {
  static const Decoder* decoder = [] {
    const Decoder* made = distanz_decoder();
    made->makeReady(Request::Kind::Photo);
    return made;
  }();
  if (data.empty()) return;
  const auto bytes = std::string_view(data).substr(1);
  if (static_cast<unsigned char>(data[0]) % 4 == 0) {
    const std::string plain = decoder->decode(bytes, {.kind = Request::Kind::PlainPhoto, .name = "a.jpg", .most_px = 64});
    fuzz::require(plain.empty() || plain.starts_with("\xff\xd8"), "a JPEG");
    return;
  }
  const PhotoRead read = photoOf(decoder->decode(bytes, {.kind = Request::Kind::Photo, .name = "a.jpg", .most_px = 64}));
  fuzz::require(read.fault != Fault::None || (read.width <= 64 && read.height <= 64), "no larger than asked for");
}
