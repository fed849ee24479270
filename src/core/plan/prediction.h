#pragma once
#include <optional>
#include <string>
#include <vector>

#include "core/campaign/campaign.h"
#include "core/plan/leg_losses.h"
#include "core/plan/not_known.h"
#include "core/plan/sight_lines.h"
#include "core/radio/clearance.h"

namespace distanz::plan {

/// Predicted signal of one setup's link over the path, and where it meets the critical level.
struct Prediction {
  std::string setup, link;
  std::vector<double> distance_m;      ///< along the shared axis
  std::vector<double> received_dbm;    ///< as long
  std::optional<double> critical_dbm;  ///< sensitivity + margin; none where the pilot gave no sensitivity
  std::optional<double> range_m;       ///< see PathModel::range_m(); may lie beyond the path
  /// What patterns, mounting and what is in the way take from received_dbm at the far post, which is that
  /// between both peaks; none where neither end says how it radiates or what is in its way.
  std::optional<LegLosses> legs = {};
  /// Between which the level is 95 times of 100, as far as nothing was measured: out or back, with what
  /// NotKnown says and what shades may take; as long as distance_m.
  std::vector<double> low_dbm = {}, high_dbm = {};
  /// The same as distances.
  struct Sure {
    double low_m = 0, high_m = 0;
    double dependable_m = 0;  ///< 95 of 100 new flights keep the rule up to here, out and back
  };
  std::optional<Sure> sure = {};  ///< where range_m is
  std::vector<Unsure> not_known = {};  ///< but the path's own
};

/// Prediction by the PathModel for each setup's link whose transmit power is known. @param reach_m last
/// distance, > 0.
std::vector<Prediction> predict(const campaign::Campaign& campaign, double reach_m, int points = 120,
                                const Sights& sights = {});

/// As a table: setup, link, distance, predicted level.
std::string predictionsCsv(const std::vector<Prediction>& predictions);

struct ClearancePoint {
  double distance_m = 0;
  double ray_m = 0;                 ///< height of the straight ray, aircraft over the far post
  double zone_m = 0, needed_m = 0;  ///< radius of the first Fresnel zone, and what of it must be free
  double ground_m = 0;              ///< with the earth's bulge above the chord, over the station's ground
  double top_m = 0;                 ///< of what stands on it
};

struct PathClearance {
  std::vector<ClearancePoint> points;
  radio::Clearance worst;  ///< with the aircraft over the far post, or at shaded_at_m
  bool clear = false;      ///< 60 % of the first zone is free all along, wherever on it the aircraft is
  std::optional<double> shaded_at_m;  ///< of a clear far post: the first place of the aircraft that is not clear
  std::optional<double>
      clear_to_m;            ///< farthest aircraft distance that is still clear; none where it is never clear
  bool over_ground = false;  ///< known, not flat
  double horizon_m = 0;      ///< over flat ground
  /// Two-ray: beyond it the signal falls faster. None where the ground is known, or too rough to reflect as one.
  std::optional<double> breakpoint_m = {};
};

/// Over the ground as far as it is known to the far post, else over flat ground; the earth's bulge by the
/// plan's earth factor. @param frequency_mhz of the link looked at. @return none where no path is planned.
std::optional<PathClearance> clearance(const campaign::Campaign& campaign, double frequency_mhz,
                                       const Sights& sights = {});

/// Posts along the path: distance of each from the station, every post_spacing_m, the far post included.
std::vector<double> posts(const campaign::Campaign& campaign);

}  // namespace distanz::plan
