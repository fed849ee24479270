#pragma once
#include <cmath>
#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/campaign/campaign.h"
#include "core/log/run_facts.h"

namespace distanz::analysis {

/// Where a good figure of a link went to nothing at once on the way out, and stayed away to the turn. A radio at its
/// limit gets worse before it is gone.
struct SharpStop {
  std::string channel;             ///< that stopped first; "freeze": the picture stood still; "rssi_dbm": nothing was heard
  double at_m = 0, along_m = 0;    ///< last good place: from the station, along the path
  double signal_dbm = NAN;         ///< just before
  double signal_beyond_dbm = NAN;  ///< mean while it was away
  bool clean = false;              ///< good all through the last fifth of the way to it
  double beyond_m = 0;             ///< flown on without it
};

/// What one run shows of it on one link.
struct SharpEnd {
  std::optional<SharpStop> stop;
  std::map<std::string, double> good_to_m;  ///< farthest good figure on the way out, by channel as in SharpStop
};

/// @param signal_dbm referred to the setup's power; empty where there is none @param freezes of the link's picture
SharpEnd sharpEnd(const log::Recording& recording, const log::Track& track, const campaign::Link& link,
                  const std::vector<double>& signal_dbm, const std::vector<log::Freeze>& freezes);

}  // namespace distanz::analysis
