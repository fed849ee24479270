#include "formats/bench/reading_lines.h"

#include <algorithm>

#include "core/finding/error.h"
#include "formats/bench/readings_table.h"

namespace distanz::formats {
namespace {

bool hasNumber(std::string_view line) {
  return std::any_of(line.begin(), line.end(), [](char c) { return c >= '0' && c <= '9'; });
}

/// Whether a line begins with a number, as readings without a label do, or ends in one.
bool looksLikeReading(std::string_view line) {
  return hasNumber(line.substr(0, 2)) || (!line.empty() && line.back() >= '0' && line.back() <= '9');
}

/// Why a line is no header of such readings; none where it is.
std::optional<Finding> whyNoHeader(const std::string& line, campaign::RecordKind kind) {
  std::string row = "0";
  const auto delimiter = std::find_if(line.begin(), line.end(), [](char c) {
    return std::string_view(",;\t|").find(c) != std::string_view::npos;
  });
  if (delimiter != line.end())
    for (const char c : line)
      if (c == *delimiter) row += std::string(1, c) + "0";
  try {
    readReadings(line + "\n" + row + "\n", kind);
  } catch (const InputError& e) {
    for (const char* of_the_row : {"readings-label", "readings-number", "readings-out-of-bounds"})
      if (e.found.code == of_the_row) return std::nullopt;
    return e.found;
  }
  return std::nullopt;
}

}  // namespace

std::optional<campaign::Reading> ReadingLines::take(std::string_view line) {
  if (line.empty() || line.front() == '#') return std::nullopt;
  if (!looksLikeReading(line) || m_header.empty()) {
    const auto why = whyNoHeader(std::string(line), m_kind);
    if (!why) m_header = std::string(line) + "\n";
    m_problem = m_header.empty() ? why : std::nullopt;
    if (!why || m_header.empty()) return std::nullopt;
  }
  try {
    m_problem.reset();
    return readReadings(m_header + std::string(line) + "\n", m_kind).readings.front();
  } catch (const InputError& e) {
    m_problem = e.found;
    return std::nullopt;
  }
}

}  // namespace distanz::formats
