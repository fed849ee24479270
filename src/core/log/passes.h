#pragma once
#include <cmath>
#include <optional>
#include <span>
#include <vector>

#include "core/log/dropouts.h"

namespace distanz::log {

/// A named stretch of the path.
struct Stretch {
  double from_m = 0, to_m = 0;  ///< along the path, from_m < to_m
};

/// One time through it.
struct Pass {
  std::size_t stretch = 0;
  int lap = 1;      ///< through this stretch, from 1
  bool out = true;  ///< along the path; else against it
  double begin_s = 0, end_s = 0;
  std::size_t begin = 0, end = 0;  ///< rows [begin, end)
};

constexpr double kPassShare = 0.5;    ///< of a stretch that a pass leads through, at least
constexpr double kPassLeft_s = 2;     ///< outside for no longer: still the same pass
constexpr double kPassPause_s = 60;   ///< nor between two readings that both lie in it: nobody writes faster by hand
constexpr std::size_t kProfile = 24;  ///< pieces that a stretch is drawn in

/// In the order in which they began. @param along_m of each row, NaN where unknown
std::vector<Pass> passesOf(std::span<const double> time_s, std::span<const double> along_m, std::span<const Stretch> stretches);

/// What a pass is told in: the best that the log has of it.
enum class PassFigure {
  Signal,  ///< dBm
  Scale,   ///< a receiver's own scale
  Bitrate  ///< Mbit/s
};

/// What a link was like in one pass.
struct PassSeen {
  PassFigure figure = PassFigure::Signal;
  double mean = NAN, worst_second = NAN;  ///< of that figure; NaN where there was none
  double usable_share = NAN;              ///< of its time in which the rule held; NaN where nothing tells
  int dropouts = 0;                       ///< that began in it
  std::vector<float> profile = {};        ///< mean figure over each of kProfile pieces of the stretch; NaN where none
};
/// @param signal the figure, empty where there is none @param dropouts of the whole flight; none where the rule cannot be held to it
PassSeen seenIn(const Pass& pass, const Stretch& stretch, std::span<const double> time_s, std::span<const double> along_m,
                std::span<const double> signal, const std::optional<std::span<const Dropout>>& dropouts);

}  // namespace distanz::log
