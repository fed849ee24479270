#pragma once
#include <filesystem>
#include <functional>

#include "core/quantity/error.h"
#include "store/campaign_file.h"

namespace distanz::store {

/// Makes a campaign file of an interchange folder, logs and all. @param progress share done; false stops
/// @throws InputError; on failure no file is left
std::vector<Problem> fromInterchange(const std::filesystem::path& folder, const std::filesystem::path& file,
                                     const std::function<bool(double)>& progress = {});

/// Writes a campaign file as an interchange folder (new or empty). @throws InputError; on failure nothing is left
void toInterchange(const std::filesystem::path& file, const std::filesystem::path& folder);

}  // namespace distanz::store
