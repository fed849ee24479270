#pragma once
#include <map>
#include <optional>
#include <string>

#include "core/campaign/campaign.h"
#include "core/estimate/cells.h"
#include "core/estimate/critical_level.h"
#include "core/estimate/first_failure.h"
#include "core/log/dropouts.h"
#include "core/log/recording.h"
#include "core/log/trace.h"
#include "core/log/track.h"

namespace distanz::analysis {

/// Link quality below which a link without a rule of its own counts as dropped, in %.
constexpr double kDefaultQuality_pct = 50;

/// All that the analysis keeps of one run on one link: a few hundred numbers, whatever the length of the log.
struct LinkReduction {
  bool has_signal = false, has_quality = false, has_bitrate = false;
  estimate::FlightCells cells;  ///< without a floor; see estimate::censorAt
  estimate::FloorFinder floor;
  std::vector<estimate::QualityWindow> quality_windows, bitrate_windows;
  std::optional<estimate::FirstFailure> quality_failure, bitrate_failure;  ///< against the link's rule
  log::LinkEvents events;
  log::LegTraces signal, quality, bitrate;
  double top_bitrate_mbps = 0;
  bool power_changed = false;
};

struct RunReduction {
  std::string refused;  ///< why nothing can be made of the run; empty where it was reduced
  bool from_gnss = false;
  double farthest_m = 0, duration_s = 0;
  log::Turn turn;
  std::vector<Problem> problems;
  std::map<std::string, LinkReduction> links;  ///< by link id; only links the recording has channels of
};

/// Reduces one recording. Never throws for what a log may hold: the reason stands in `refused`.
/// @param course where the samples are put by GNSS; null: by the distance column
RunReduction reduceRun(const campaign::Campaign& campaign, const campaign::Run& run, const log::Recording& recording,
                       const course::Course* course);

}  // namespace distanz::analysis
