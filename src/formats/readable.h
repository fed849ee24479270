#pragma once
#include <cstdint>
#include <optional>
#include <string>
#include <string_view>

#include "core/limits/reading.h"

namespace distanz::formats {

/// A log as its readers want it: unpacked where it is .gz or .zip, and in UTF-8 where it is UTF-16 or, since it is
/// no UTF-8, Windows-1252; with line feeds where its lines end in carriage returns only. None where it is that already. @param most no more is unpacked than that: for a look at its head
/// @throws InputError: an archive that is broken, holds no log or several, or is larger than any log
std::optional<std::string> readableForm(std::string_view bytes, std::size_t most = SIZE_MAX);

/// Whether it is a .gz or .zip.
bool isPacked(std::string_view bytes);

using limits::kMostUnpacked_bytes;
/// Logs shrink to a tenth, at best to a fiftieth; what grows more beyond kSmall_bytes is no log.
using limits::kMostGrowth, limits::kSmall_bytes;

}  // namespace distanz::formats
