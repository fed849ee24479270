#pragma once
#include <filesystem>
#include <functional>

#include "core/campaign/leaving.h"
#include "core/finding/error.h"
#include "store/campaign_file.h"
#include "store/sample_file.h"

namespace distanz::store {

/// Makes a campaign file of an interchange folder, logs and all; it appears whole, in one step. @param
/// progress share done; false stops
/// @throws InputError; on failure no file is left
std::vector<Finding> fromInterchange(const std::filesystem::path& folder, const std::filesystem::path& file,
                                     const std::function<bool(double)>& progress = {});

/// What goes along when a campaign leaves, and how a photo is made plain (see reader::plainPhoto()).
struct Leave {
  campaign::Leaving along = {};
  std::function<std::string(const std::string& bytes, const std::string& name)> plain = {};
};

/// Writes a campaign file as an interchange folder (new or empty), which appears whole. The file is only
/// read.
/// @throws InputError; on failure nothing is left
void toInterchange(const std::filesystem::path& file, const std::filesystem::path& folder, const Leave& leave = {});

/// Writes the campaign as it is in memory to another file, with every log that can still be read from the
/// open one, even where that file was deleted, replaced or cut. Logs whose places stay behind become tables of what was
/// read of them. @return ids of runs and others whose logs or files are lost
/// @throws InputError; nothing is then left
std::vector<std::string> saveCopy(const campaign::Campaign& campaign, const SampleFile& samples,
                                  const std::filesystem::path& file, const Leave& leave = {});

}  // namespace distanz::store
