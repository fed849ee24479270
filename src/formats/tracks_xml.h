#pragma once
#include <memory>
#include <string_view>

#include "core/limits/reading.h"
#include "formats/log_table.h"

namespace distanz::formats {

/// GPX 1.1: the points of its tracks, with whatever their extensions name.
bool isGpx(std::string_view bytes);
/// @throws InputError
std::unique_ptr<LogTable> openGpx(std::string_view bytes);

/// KML: its gx:Track elements, with the arrays beside them.
bool isKml(std::string_view bytes);
/// @throws InputError
std::unique_ptr<LogTable> openKml(std::string_view bytes);

/// What is read of one file: such a file is held in memory as a tree, several times its size.
using limits::kMostTrack_bytes;

}  // namespace distanz::formats
