#pragma once
#include "core/campaign/campaign.h"
#include "core/plan/body.h"
#include "core/records/record_result.h"

namespace distanz::plan {

/// How an antenna sits on the airframe, and how it then radiates: seen from above (0 ahead, clockwise) and
/// from the right-hand side (0 ahead, 90 up).
struct Mounting {
  using Point = body::Vector;
  Point place, axis;  ///< where it sits, -1..1 of the airframe; unit vector along which it points
  bool placed = false, pointed = false;
  std::vector<double> top_db, side_db;  ///< under its peak, each whole degree 0..359; empty where no pattern
                                        ///< is known
  std::optional<records::Sector> top_shade, side_shade;  ///< where the airframe is in the way
  std::vector<Finding> findings;
};

/// Half the angle that the airframe hides, by what is near: a shell of plastic, or carbon, battery and what
/// lies inside; and the most it may take there. How much it takes nobody can tell without a measurement: a
/// prediction is anything from nothing to that lower.
constexpr double kShade_deg = 35, kDeepShade_deg = 60, kShadeMost_db = 6, kDeepShadeMost_db = 15;

/// What the airframe hides of an antenna.
struct AirframeShade {
  Mounting::Point toward;  ///< of length 1
  double half_deg = 0, most_db = 0;
  /// The most that it takes from a direction of length 1; 0 outside of it.
  double most_dbAt(const body::Vector& direction) const;
};
/// None where its place is not said.
std::optional<AirframeShade> shadeOf(const campaign::Mount& mount);

Mounting mountingOf(const campaign::Campaign& campaign, const campaign::Link& link,
                    const campaign::SetupLink& ends);

}  // namespace distanz::plan
