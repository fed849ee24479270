#pragma once
#include <optional>
#include <set>
#include <string>
#include <vector>

#include "core/campaign/campaign.h"
#include "formats/log_import.h"

namespace distanz::formats {

/// What a log tells of itself before it is brought in.
struct LogSurvey {
  std::optional<Finding> refused;    ///< why it cannot be brought in by itself
  std::optional<double> begins_s;    ///< s since 1970 on the log's own clock; none where it tells no date
  double lasts_s = 0;
  double farthest_m = 0;             ///< 0 where nothing places it
  std::set<std::string> channels;    ///< that were matched: "control.rssi_dbm", "lat_deg"
  campaign::Ended ended = campaign::Ended::Unknown;  ///< guessed: the link went, or fell below its limit, far out
};
/// Reads all of it. @throws ReadCancelled
LogSurvey survey(GivenLog log, const campaign::Campaign& campaign, const Progress& progress = {});

/// Why a flight ended, as far as the log shows it: a link silent, or below its usable limit, at the far end of the way
/// out. Unknown where neither.
campaign::Ended endedBy(const log::Recording& recording, const log::Track& track,
                        const std::vector<campaign::Link>& links);

/// Logs of one flight: for each the one that it goes with, or -1. Those of one name go together unless their clocks
/// say otherwise; those of other names where their clocks agree and one tells of links what the other does not.
struct ToPair {
  std::string file;
  LogSurvey told;
};
std::vector<int> pairsOf(const std::vector<ToPair>& logs);

}  // namespace distanz::formats
