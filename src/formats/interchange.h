#pragma once
#include <filesystem>
#include <functional>
#include <string>

#include "formats/campaign_json.h"
#include "formats/log_import.h"

namespace distanz::formats {

/// An interchange folder: campaign.json beside the logs it names.
struct InterchangeFolder {
  campaign::Campaign campaign;
  std::vector<Finding> problems;
  std::filesystem::path folder;
};

/// Reads campaign.json; logs stay on disk until asked for.
/// @throws InputError: no campaign.json, a faulty one, a log outside the folder
InterchangeFolder openInterchange(const std::filesystem::path& folder);

/// Bytes of one of a run's logs. @throws InputError naming run and file
std::string readRunLog(const InterchangeFolder& folder, const campaign::Run& run,
                       const campaign::Source& source);

/// Bytes of a file of a record or part. @throws InputError naming it
std::string readKeptBytes(const InterchangeFolder& folder, const campaign::KeptFile& file);
/// Of what, by id, and which of its files.
using KeptBytesOf = std::function<std::string(const std::string& owner, const campaign::KeptFile&)>;

/// Writes campaign.json and every log and kept file (asked from `bytes_of` and
/// `kept_bytes_of`) into a folder that is new or empty. Runs of one
/// log share a file; file names are made unique. On failure nothing of what it began is left.
/// @throws InputError naming the file and the reason
void writeInterchange(const std::filesystem::path& folder, campaign::Campaign campaign,
                      const BytesOf& bytes_of, const KeptBytesOf& kept_bytes_of = {});

/// Gives every source the SHA-256 of its log as it lies in the folder; none where that cannot be read.
void addSha256(InterchangeFolder& folder);

/// True where the path is a folder holding a campaign.json.
bool isInterchange(const std::filesystem::path& path);

}  // namespace distanz::formats
