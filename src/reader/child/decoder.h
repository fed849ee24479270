#pragma once
#include <string>
#include <string_view>

#include "reader/read.h"

/// Decoders lie in modules beside the reader, so that it starts without the libraries that it is not asked for.
namespace distanz::reader {

struct Decoder {
  void (*makeReady)(Request::Kind kind);  ///< while files can still be opened
  /// In the cage. @return the answer, as bytes
  std::string (*decode)(std::string_view file, const Request& request);
};

/// Name of the one function a module gives out.
constexpr const char* kDecoderEntry = "distanz_decoder";
using DecoderEntry = const Decoder* (*)();

/// The decoder for that kind, its module loaded; null where it is not there.
const Decoder* decoderFor(Request::Kind kind);

}  // namespace distanz::reader
