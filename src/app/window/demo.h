#pragma once
#include <filesystem>

namespace distanz::app {

/// Flies the demo scenario in simulation (fixed seed) and keeps it as a campaign file, unless it is there
/// already.
/// @throws Error where the file cannot be written
void makeDemo(const std::filesystem::path& file);

}  // namespace distanz::app
