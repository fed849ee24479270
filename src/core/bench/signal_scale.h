#pragma once
#include <optional>
#include <vector>

namespace distanz::bench {

/// One reading of a receiver's own scale (volts, percent, bars) at a known level.
struct ScaleReading {
  double level_db = 0;  ///< dBm, or dB of the strongest where that is not known
  double value = 0;
};

/// A receiver's own scale against the level: a monotone curve between its floor and its ceiling.
struct SignalScale {
  struct Point {
    double value = 0, level_db = 0;
  };
  std::vector<Point> points;  ///< values rising, none twice; levels rise throughout, or fall throughout
  bool falling = false;       ///< less on the scale is more signal
  double floor_db = 0;        ///< below this level the scale does not move
  double ceiling_db = 0;      ///< above this neither
  bool floor_seen = false, ceiling_seen = false;  ///< else the scale may go on beyond what was tried
  double sd_db = 0;    ///< of one reading, about the curve, as level; NaN with fewer than kScatterLeast left
  double step_db = 0;  ///< levels that the scale cannot tell apart, at most: the widest gap between points
};
constexpr std::size_t kScatterLeast = 3;  ///< readings more than points on the curve

/// The curve that fits best among those that never turn. None where the scale does not move over 3 dB and
/// more, or readings stand at fewer than 3 levels. @throws DomainError for numbers that are not finite
std::optional<SignalScale> scaleOf(const std::vector<ScaleReading>& readings);

/// Level of a value, straight between points: the floor at and beyond its end where that was seen, NaN beyond
/// what was tried elsewhere. @param scale with points
double levelAt(const SignalScale& scale, double value);

/// True for a value at or beyond the floor or ceiling: the level is at most, or at least, so much.
bool atFloor(const SignalScale& scale, double value);
bool atCeiling(const SignalScale& scale, double value);

}  // namespace distanz::bench
