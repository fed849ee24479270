#include "formats/head_preview.h"

#include <cmath>

#include "formats/fields.h"

namespace distanz::formats {

std::vector<double> previewNumbers(const TableHead& layout, int column) {
  std::vector<double> out;
  for (const auto& row : layout.preview)
    if (static_cast<std::size_t>(column) < row.size())
      if (const double v = parseNumber(row[static_cast<std::size_t>(column)], layout.decimal_comma);
          std::isfinite(v))
        out.push_back(v);
  return out;
}

std::string previewText(const TableHead& layout, int column) {
  for (const auto& row : layout.preview)
    if (static_cast<std::size_t>(column) < row.size() && !row[static_cast<std::size_t>(column)].empty())
      return row[static_cast<std::size_t>(column)];
  return {};
}

}  // namespace distanz::formats
