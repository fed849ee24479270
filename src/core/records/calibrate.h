#pragma once
#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/campaign/campaign.h"
#include "core/log/recording.h"

namespace distanz::records {

/// A recording whose links have their level in dBm, where the log told only the receiver's own scale
/// ("control.level") and the newest signal
/// record tells what that means: of the setup's receiver or of no part, with the level of its source. A
/// reading at an end of the scale tells no level.
struct Calibrated {
  std::optional<log::Recording> recording;  ///< none where nothing was added
  std::map<std::string, std::string> by;    ///< record, by link
  std::vector<std::string> waiting;         ///< links with a scale that nobody has calibrated
};
Calibrated calibrated(const campaign::Campaign& campaign, const std::string& setup,
                      const log::Recording& recording);

}  // namespace distanz::records
