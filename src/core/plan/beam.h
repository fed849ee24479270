#pragma once
#include <optional>

#include "core/campaign/campaign.h"
#include "core/plan/seen.h"
#include "core/radio/pattern.h"

namespace distanz::plan {

/// What the measured path and the sky above the station subtend in the pattern of the ground antenna. A beam
/// points level along the bearing of the far post; what radiates all around stands upright. Angles are from
/// its axis, in degrees.
struct BeamLook {
  double near_deg = 0, far_deg = 0;    ///< of the flight line, where it is nearest and at the far post
  double above_db = 0, behind_db = 0;  ///< under its peak: straight up; level, away from the path
  bool main_throughout = false;        ///< all of the path does
  std::optional<double> main_from_m;   ///< from here on all of the path lies within 3 dB of the peak
  std::optional<double> blind_to_m;    ///< nearer than this the path is kBlind_db and more below the peak
  double worst_db = 0;                 ///< under its peak, on the path beyond kNear_m
};
constexpr double kBlind_db = 10;
constexpr double kNear_m = 20;  ///< what is nearer is not asked

/// Where a point of the flight line lies in the pattern of the ground antenna: see BeamLook.
radio::Direction directionOf(const SeenAt& seen, bool beam);

/// None without a path. @param mast_m height of the antenna above the station's ground
std::optional<BeamLook> beamLook(const campaign::Campaign& campaign, const radio::Pattern& pattern, bool beam,
                                 double mast_m);

}  // namespace distanz::plan
