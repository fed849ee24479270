#pragma once
#include <functional>
#include <memory>
#include <string>

namespace distanz::formats {

/// Bytes of a log too large to be held at once, front to back.
class ByteSource {
 public:
  virtual ~ByteSource() = default;
  virtual std::size_t size() const = 0;
  /// What comes next, at most so much; empty at the end. @throws InputError where it can no longer be read, or is not
  /// as long as it was
  virtual std::string next(std::size_t most) = 0;
};

/// Opens the same bytes anew, as often as they are asked for.
using OpenBytes = std::function<std::unique_ptr<ByteSource>()>;

}  // namespace distanz::formats
