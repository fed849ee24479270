#pragma once
#include "core/course/course.h"

namespace distanz::course {

/// Moves places to where nobody flies: distance and bearing of each from one of them stay as they are, to the
/// nanometre; those between two others to a few millionths.
class Elsewhere {
 public:
  explicit Elsewhere(const Position& from) : m_from(from) {}
  /// @throws DomainError as destination()
  Position moved(const Position& place) const { return destination(kThere, between(m_from, place)); }

  static constexpr Position kThere{1, 1};  ///< in the sea

 private:
  Position m_from;
};

}  // namespace distanz::course
