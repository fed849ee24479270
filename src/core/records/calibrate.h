#pragma once
#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/bench/signal_scale.h"
#include "core/campaign/campaign.h"
#include "core/log/recording.h"

namespace distanz::records {

/// The scale of a link's receiver as the newest signal record tells it, in dBm: of the setup's receiver, or
/// of no part. None where there is no such record, its source level is not known, or its scale does not move.
struct Calibration {
  std::string record;  ///< id
  bench::SignalScale scale;
};
std::optional<Calibration> calibrationOf(const campaign::Campaign& campaign, const std::string& setup,
                                         const std::string& link);

/// A recording whose links have their level in dBm, where the log told only the receiver's own scale
/// ("control.level") and it was calibrated. A reading at an end of the scale tells no level.
struct Calibrated {
  std::optional<log::Recording> recording;  ///< none where nothing was added
  std::map<std::string, std::string> by;    ///< record, by link
  std::vector<std::string> waiting;         ///< links with a scale that nobody has calibrated
};
Calibrated calibrated(const campaign::Campaign& campaign, const std::string& setup,
                      const log::Recording& recording);

}  // namespace distanz::records
