#pragma once
#include <optional>
#include <string>
#include <vector>

#include "core/course/ahead.h"
#include "core/plan/clear_heights.h"
#include "core/plan/prediction.h"
#include "core/plan/stops.h"

namespace distanz::plan {

/// What a plan says, computed once per change of the campaign and shown by every view.
struct Planned {
  std::vector<Prediction> predictions;  ///< see predict()
  std::string link;  ///< predicted to fail first, the one to plan by; the first link where none is
  std::optional<PathClearance> clearance;  ///< of that link; none without a path
  Sights sights;                           ///< null where no ground is known
  std::optional<ClearHeights> heights;     ///< none without a path
  std::vector<double> posts;               ///< see posts()
  std::vector<SetupFlight> flights;        ///< of each setup
  double outward_deg = 0;                  ///< bearing of the far post from the station; 0 without a path
  /// The path's points as seen along that bearing.
  std::vector<course::Ahead> outline;

  /// Of a setup over its links, that with the smallest range. Null where none is predicted.
  const Prediction* limiting(const std::string& setup) const;
};

/// @param reach_m last distance of the shared axis, > 0
/// @param ground null where none is known
/// @param places at which the signal, and the ground to it, are looked at: fewer while something is dragged
Planned planned(const campaign::Campaign& campaign, double reach_m,
                std::shared_ptr<const terrain::Ground> ground = {}, int places = SightLines::kLines);
/// The farthest that any setup is predicted to reach, over its links; 0 where none is.
double farthestPredicted_m(const Planned& planned);
constexpr int kPlacesWhileDragged = 48;

}  // namespace distanz::plan
