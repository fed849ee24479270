#pragma once
#include <filesystem>
#include <string>
#include <vector>

#include "core/campaign/campaign.h"
#include "formats/log_reader.h"
#include "formats/log_table.h"

namespace distanz::cli {

/// A campaign with one control and one video link, for looking at a log outside any campaign.
campaign::Campaign logCampaign();

/// A log that is looked at outside any campaign.
struct LogLookedAt {
  std::string format;
  formats::TableHead head;
  std::vector<formats::ColumnMatch> matches;
  formats::LogRead read;
};
/// @param maps as typed: CHANNEL=COLUMN @throws InputError naming the file
/// Of corrections for several logs, those that each can follow: whose column it has. One that none of them has stays with
/// all, and is refused there.
std::vector<std::vector<std::string>> mapsFor(const std::vector<std::filesystem::path>& logs, const std::vector<std::string>& maps);
LogLookedAt lookAt(const std::filesystem::path& log, const std::vector<std::string>& maps);

}  // namespace distanz::cli
