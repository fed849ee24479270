#pragma once
#include <GeographicLib/LocalCartesian.hpp>

#include "core/course/course.h"

namespace distanz::course {

/// @throws DomainError for a latitude outside -90..90, a longitude outside -360..360, or what is no number
void requirePosition(const Position& position);

/// The plane that touches the ellipsoid at a point, its origin: see Course on how far it is true.
class LocalPlane {
 public:
  /// @throws DomainError as requirePosition()
  explicit LocalPlane(const Position& origin);
  Flat flat(const Position& position) const;
  /// Of the ellipsoid's point over or under a point of the plane, up to some hundred kilometres away: back
  /// within a micrometre (tests/core/course/course_test.cpp).
  Position position(const Flat& flat) const;

 private:
  GeographicLib::LocalCartesian m_frame;
};

}  // namespace distanz::course
