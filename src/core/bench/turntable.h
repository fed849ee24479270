#pragma once
#include <optional>
#include <vector>

namespace distanz::bench {

/// One reading of a turn: the antenna turned by an angle against a fixed transmitter.
struct TurnReading {
  double angle_deg = 0;
  double level_db = 0;  ///< dBm, or dB of anything that stays the same
};

struct Lobe {
  double angle_deg = 0;  ///< -180..180 from the peak
  double below_db = 0;   ///< the peak
};

struct Turn {
  double peak_deg = 0, peak_db = 0;  ///< of a parabola through the beam down to half its power
  double width_deg = 0;         ///< between the points 3 dB below; NaN where the turn does not reach them
  double front_to_back_db = 0;  ///< NaN where nothing was read within 15 degrees of straight behind
  std::vector<Lobe> lobes;      ///< beside the main one, strongest first
  double asymmetry_db =
      0;  ///< root mean square of left less right, down to 10 dB below the peak; NaN: no two sides
  std::optional<double> zero_drift_db;  ///< last less first reading at an angle that was come back to
  std::optional<double> gain_dbi;       ///< over the reference antenna, whose gain is known
  bool reflections_suspected = false;   ///< asymmetry or drift above kReflections_db
};
constexpr double kReflections_db = 1.0;

/// What a reference antenna, put in its place, read, and its gain.
struct TurnReference {
  double level_db = 0, gain_dbi = 0;
};

/// @param readings in the order in which they were made @return none for fewer than 5 different angles
/// @throws DomainError for numbers that are not finite
std::optional<Turn> turnOf(const std::vector<TurnReading>& readings,
                           const std::optional<TurnReference>& reference = {});

/// How far the antenna may be turned off its peak to both sides, together, and still lose at most so many
/// dB; 360 where it never loses more, NaN where the turn does not reach the edge. @param spare_db >= 0
double usableAngle_deg(const std::vector<TurnReading>& readings, double spare_db);

}  // namespace distanz::bench
