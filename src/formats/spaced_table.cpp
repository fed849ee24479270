#include "formats/spaced_table.h"

#include <algorithm>
#include <cctype>
#include <vector>

#include "formats/csv_layout.h"

namespace distanz::formats {
namespace {

constexpr std::size_t kLookedRows = 5, kLeastColumns = 3, kLooked_bytes = 1 << 16;

std::string tabbed(std::string_view line, std::size_t gap) {
  std::string out;
  while (!line.empty() && line.front() == ' ') line.remove_prefix(1);
  while (!line.empty() && line.back() == ' ') line.remove_suffix(1);
  for (std::size_t i = 0; i < line.size();) {
    const auto end = std::min(line.find_first_not_of(' ', i), line.size());
    if (end - i >= gap)
      out += '\t';
    else
      out.append(line.substr(i, end - i));
    if (end < line.size()) out += line[end];
    i = end + 1;
  }
  return out;
}

bool isTable(std::string_view bytes, std::size_t gap) {
  std::string_view rest = bytes.substr(0, kLooked_bytes);
  std::size_t rows = 0, columns = 0;
  while (!rest.empty() && rows <= kLookedRows) {
    const std::string_view line = takeLine(rest);
    if (isBlankLine(line) || line.front() == '#') continue;
    if (line.find_first_of(",;|\t=") != std::string_view::npos || (rest.empty() && rows > 0)) break;  // the last may be cut
    const std::string row = tabbed(line, gap);
    const auto fields = static_cast<std::size_t>(std::count(row.begin(), row.end(), '\t')) + 1;
    const bool digit = std::any_of(row.begin(), row.end(), [](unsigned char c) { return std::isdigit(c); });
    if (rows == 0) columns = fields;
    if (fields != columns || (rows > 0 && !digit)) return false;
    ++rows;
  }
  return rows > 2 && columns >= kLeastColumns;
}

}  // namespace

std::optional<std::string> tabbedForm(std::string_view bytes) {
  for (const std::size_t gap : {1, 2}) {
    if (!isTable(bytes, gap)) continue;
    std::string out;
    out.reserve(bytes.size());
    for (std::string_view rest = bytes; !rest.empty();) {
      const std::string_view line = takeLine(rest);
      out += line.starts_with('#') ? std::string(line) : tabbed(line, gap);
      out += '\n';
    }
    return out;
  }
  return std::nullopt;
}

}  // namespace distanz::formats
