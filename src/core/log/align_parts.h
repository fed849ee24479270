#pragma once
#include <optional>
#include <string_view>
#include <vector>

#include "core/course/course.h"
#include "core/log/align.h"

/// What core/log/align.h is made of.
namespace distanz::log {

using Series = std::vector<double>;

constexpr double kMadToSd = 1.4826;  ///< of what is normally distributed
constexpr double kAway_s = 8;        ///< so far apart two places of a clock are two

/// Samples that are there, at rising times.
struct Samples {
  Series t, v;
  double step_s = 1;  ///< usual time between two
};

/// Of a channel; speed also from place to place where no column tells it.
Samples samplesOf(const Recording& recording, std::string_view channel);
/// Distance of every fix from one place.
Samples distancesFrom(const Recording& recording, const course::Position& place);
std::optional<course::Position> firstFix(const Recording& recording);

/// Straight between samples, NaN in gaps and outside.
double at(const Samples& samples, double t);

/// Offset and drift with which both fit best, from a first guess of the offset alone. @return false: it went elsewhere
bool refine(const Samples& a, const Samples& b, ClockFit& fit);

/// For channels that are noisy and smooth, as distances are: where the other lies over the first no worse than the noise
/// of both allows, and nowhere else. None where it does not, as for two flights of the same path.
std::optional<ClockFit> fitShapes(const Samples& a, const Samples& b);

}  // namespace distanz::log
