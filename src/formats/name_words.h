#pragma once
#include <string>
#include <vector>

#include "core/campaign/campaign.h"

namespace distanz::formats {

/// Letters and digits of a file's name in runs, in small letters, without its ending: "1-A_patch.csv" has "1", "a",
/// "patch".
std::vector<std::string> nameWords(const std::string& file);

/// Two names of one flight: the same words in any order, but for those that tell what a log is of (video, telemetry).
bool sameFlightByName(const std::string& a, const std::string& b);

/// The setup that a file's name tells by its letter ("A1", "1-A") or its name; empty where it tells none, or several.
std::string setupByName(const std::string& file, const campaign::Campaign& campaign);

}  // namespace distanz::formats
