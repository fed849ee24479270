#pragma once
#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/finding/finding.h"
#include "core/log/recording.h"

namespace distanz::log {

/// A recording in which it is told where nothing was heard. What logs write then differs: an impossible
/// value (0, -130, 127 dBm), the last value over and over, blanks, or no row at all.
struct HeardLog {
  /// The recording, where anything had to be changed: in silent rows the signal is the level it lies below
  /// (what was last heard), quality and bitrate are 0; where the log had no rows there are some. None: it
  /// stands as it was.
  std::optional<Recording> changed;
  /// Per link, per row; links that were always heard are missing.
  std::map<std::string, std::vector<bool>> silent;
  std::vector<Finding> told;

  const Recording& in(const Recording& as_logged) const { return changed ? *changed : as_logged; }
  const std::vector<bool>* silentOn(const std::string& link) const {
    const auto found = silent.find(link);
    return found == silent.end() ? nullptr : &found->second;
  }
};

/// A log that pauses while the link is well before and after is no dropout, and nothing is put there.
/// @param links whose channels are looked at
HeardLog heardIn(const Recording& recording, const std::vector<std::string>& links);

}  // namespace distanz::log
