#pragma once
#include <string>

namespace distanz::campaign {

/// A file that belongs to a record or a part, kept byte for byte: a sweep, a spectrum, a picture.
struct KeptFile {
  std::string file;    ///< its name
  std::string sha256;  ///< of its bytes; empty before it is kept
  std::string role;    ///< "free", "held", "before"; empty: its own
  std::string unknown = {};
  bool operator==(const KeptFile&) const = default;
};

}  // namespace distanz::campaign
