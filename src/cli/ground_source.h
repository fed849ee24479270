#pragma once
#include <filesystem>

#include "geodata/ground_files.h"

namespace distanz::cli {

/// The ground of a campaign's layers, from its file or folder. What cannot be read is left out and told.
geodata::GroundRead groundOf(const std::filesystem::path& place, const campaign::Campaign& campaign);

}  // namespace distanz::cli
