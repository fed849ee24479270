#pragma once
#include <optional>
#include <string>
#include <vector>

#include "core/plan/clear_heights.h"
#include "core/plan/energy.h"
#include "core/plan/prediction.h"

namespace distanz::plan {

/// What one setup's battery allows, and what ends its flight first.
struct SetupFlight {
  std::string setup;
  std::optional<Energy> energy;  ///< none where speed, consumption or battery is not known
  double usable_mah = 0;
  double battery_m = 0;  ///< distance from the station at which it turns the aircraft
  std::string stop;  ///< "link", "battery", "terrain", "farthest", "sight", "path"; empty where nothing is known
  std::string link;  ///< where it is a link
  double stop_m = 0;
  /// The first of these that is no link and not the end of the path.
  std::string turn;
  double turn_m = 0;
};

/// Of every setup. @param heights only where the ground is known
std::vector<SetupFlight> setupFlights(const campaign::Campaign& campaign, const std::vector<Prediction>& predictions,
                                      const std::optional<ClearHeights>& heights);

/// Straight pieces of a path from the station outward, the way to where it begins among them.
std::vector<Leg> legsOf(const course::Course& course);
/// As planned; where nobody says where it comes from, it blows against the way home.
Wind windOf(const campaign::PlanSettings& plan, const std::vector<Leg>& legs);

}  // namespace distanz::plan
