#include "words/style.h"

#include <mutex>

namespace distanz::words {
namespace {

struct Current {
  std::mutex guard;
  Style style;
};

Current& current() {
  static Current now;
  return now;
}

}  // namespace

Style style() {
  const std::lock_guard lock(current().guard);
  return current().style;
}

void setStyle(const Style& style) {
  const std::lock_guard lock(current().guard);
  current().style = style;
}

}  // namespace distanz::words
