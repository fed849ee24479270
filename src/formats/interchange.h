#pragma once
#include <filesystem>
#include <functional>
#include <string>

#include "formats/campaign_json.h"

namespace distanz::formats {

/// An interchange folder: campaign.json beside the logs it names.
struct InterchangeFolder {
  campaign::Campaign campaign;
  std::vector<Problem> problems;
  std::filesystem::path folder;
};

/// Reads campaign.json; logs stay on disk until asked for.
/// @throws InputError: no campaign.json, a faulty one, a log outside the folder
InterchangeFolder openInterchange(const std::filesystem::path& folder);

/// Bytes of a run's log. @throws InputError naming run and file
std::string readRunLog(const InterchangeFolder& folder, const campaign::Run& run);

/// Writes campaign.json and every log (asked from `bytes_of`) into a folder that is new or empty. Runs of one log share a file;
/// file names are made unique. On failure nothing of what it began is left.
/// @throws InputError naming the file and the reason
void writeInterchange(const std::filesystem::path& folder, campaign::Campaign campaign,
                      const std::function<std::string(const campaign::Run&)>& bytes_of);

/// SHA-256 of a run's log as it lies in the folder; empty where it cannot be read.
std::string runLogSha256(const InterchangeFolder& folder, const campaign::Run& run);

/// True where the path is a folder holding a campaign.json.
bool isInterchange(const std::filesystem::path& path);

}  // namespace distanz::formats
