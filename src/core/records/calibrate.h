#pragma once
#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/bench/signal_scale.h"
#include "core/campaign/campaign.h"
#include "core/log/recording.h"

namespace distanz::records {

/// A receiver's own scale, and the record that tells it.
struct LevelScale {
  std::string record;  ///< id
  bench::SignalScale scale;
};
/// As the newest signal record of a link tells it, of any where none is named: in dBm, or in dB where its source's
/// level is not known. For differences of levels only.
std::optional<LevelScale> levelScaleOf(const campaign::Campaign& campaign, const std::string& link);

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
