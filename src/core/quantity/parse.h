#pragma once
#include <optional>
#include <string_view>

#include "core/finding/finding.h"
#include "core/quantity/unit.h"

namespace distanz::quantity {

/// What a typed value measures. The unit named is the canonical one that parse() returns.
enum class Kind {
  Length,     ///< m
  Power,      ///< dBm (mW and W accepted)
  Level,      ///< dBm, received level or sensitivity
  Gain,       ///< dBi (dB accepted, dBd = dBi - 2.15)
  Loss,       ///< dB ("1/30" of the power accepted)
  Frequency,  ///< MHz
  Bitrate,    ///< Mbit/s
  Percent,    ///< %
  Angle,      ///< degrees
  Speed,      ///< m/s
  Charge,     ///< mAh
  Time,       ///< s ("2 min", "1:30" accepted)
  Number      ///< no unit
};

/// Outcome of reading one typed value: either a value, or a problem to show beside the field.
struct Parsed {
  double value = 0;                ///< canonical unit; meaningful only where there is no problem
  std::optional<Finding> problem;  ///< why it was refused and what to type instead; none where it was read
  explicit operator bool() const { return !problem; }
};

/// Reads a value as people type it: "250 mW", "24 dBm", "5,8 GHz", "1.2 km + 300 m", "2*30 m". A bare number
/// is taken in the unit `bare`, or in the canonical one. Sums keep to quantities that add: lengths, losses,
/// angles, and a level plus or minus dB.
Parsed parse(Kind kind, std::string_view text, std::optional<Unit> bare = {});

/// As parse(), refusing values outside [low, high] (canonical unit) with a finding that names the limits.
Parsed parseWithin(Kind kind, std::string_view text, double low, double high, std::optional<Unit> bare = {});

/// The unit that parse() returns values in.
Unit canonicalUnit(Kind kind);

}  // namespace distanz::quantity
