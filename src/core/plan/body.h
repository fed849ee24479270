#pragma once
#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/radio/pattern.h"

/// Directions of the airframe: ahead, right, up.
namespace distanz::plan::body {

struct Vector {
  double ahead = 0, right = 0, up = 0;
};

constexpr double kPerDegree = std::numbers::pi / 180;

inline double dot(const Vector& a, const Vector& b) {
  return a.ahead * b.ahead + a.right * b.right + a.up * b.up;
}
inline Vector cross(const Vector& a, const Vector& b) {
  return {a.right * b.up - a.up * b.right, a.up * b.ahead - a.ahead * b.up,
          a.ahead * b.right - a.right * b.ahead};
}
inline Vector unit(const Vector& a) {
  const double n = std::sqrt(dot(a, a));
  return {a.ahead / n, a.right / n, a.up / n};
}
/// 0 ahead, clockwise from above; above the horizon.
inline Vector toward(double azimuth_deg, double elevation_deg) {
  const double a = azimuth_deg * kPerDegree, e = elevation_deg * kPerDegree;
  return {std::cos(e) * std::cos(a), std::cos(e) * std::sin(a), std::sin(e)};
}
/// A level direction as the airframe sees it that leans to its right.
inline Vector banked(const Vector& v, double bank_deg) {
  const double b = bank_deg * kPerDegree;
  return {v.ahead, v.right * std::cos(b) - v.up * std::sin(b), v.right * std::sin(b) + v.up * std::cos(b)};
}

/// A direction of the airframe in an antenna's own axes; it is bent or fed toward the nose, or upward where
/// it points there itself. @param axis,direction of length 1
inline radio::Direction inAxes(const Vector& axis, const Vector& direction) {
  const Vector reference = std::abs(axis.ahead) < 0.9 ? Vector{1, 0, 0} : Vector{0, 0, 1};
  const Vector side = unit(cross(axis, reference)), front = cross(side, axis);
  return {std::acos(std::clamp(dot(direction, axis), -1.0, 1.0)) / kPerDegree,
          std::atan2(dot(direction, side), dot(direction, front)) / kPerDegree};
}

}  // namespace distanz::plan::body
