#pragma once
#include <filesystem>
#include <functional>

#include "core/finding/error.h"
#include "store/campaign_file.h"
#include "store/sample_file.h"

namespace distanz::store {

/// Makes a campaign file of an interchange folder, logs and all; it appears whole, in one step. @param
/// progress share done; false stops
/// @throws InputError; on failure no file is left
std::vector<Finding> fromInterchange(const std::filesystem::path& folder, const std::filesystem::path& file,
                                     const std::function<bool(double)>& progress = {});

/// Writes a campaign file as an interchange folder (new or empty), which appears whole. The file is only
/// read.
/// @throws InputError; on failure nothing is left
void toInterchange(const std::filesystem::path& file, const std::filesystem::path& folder);

/// Writes the campaign as it is in memory to another file, with every log that can still be read from the
/// open one, even where that file was deleted, replaced or cut. @return ids of runs whose logs are lost
/// @throws InputError; nothing is then left
std::vector<std::string> saveCopy(const campaign::Campaign& campaign, const SampleFile& samples,
                                  const std::filesystem::path& file);

}  // namespace distanz::store
