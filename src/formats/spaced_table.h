#pragma once
#include <optional>
#include <string>
#include <string_view>

namespace distanz::formats {

/// A table whose columns are parted by nothing but spaces, with tabs in their place; none for any other text. Where a column
/// holds single spaces ("2026-11-24 14:03:22") two or more part the columns, in the header as in the rows.
std::optional<std::string> tabbedForm(std::string_view bytes);

}  // namespace distanz::formats
