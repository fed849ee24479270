#pragma once
#include <string_view>
#include <vector>

#include "formats/record_table.h"

namespace distanz::formats {

/// Takes the values that a piece of text names, in any order: "Alt: 12.5 m", "lq=98%", "[sats: 12]", "D 12.3m,
/// H 4m", "GPS (46.91, 20.96)", a bare "2026-11-24 06:31:02" as "datetime". Tags in angle brackets are passed over.
/// @param out is added to; its texts lie within `text`
void addNamedValues(std::string_view text, std::vector<NamedValue>& out);

}  // namespace distanz::formats
