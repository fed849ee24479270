#pragma once
#include <optional>
#include <string>
#include <string_view>

#include "core/campaign/record.h"
#include "core/finding/finding.h"

namespace distanz::formats {

/// Readings that arrive line by line: first the header, as readReadings() knows it, then a reading a line.
/// What comes before a header that can be understood is passed over; a header may come again.
class ReadingLines {
 public:
  explicit ReadingLines(campaign::RecordKind kind) : m_kind(kind) {}
  /// None where the line is no reading.
  std::optional<campaign::Reading> take(std::string_view line);
  /// Why the latest line that looked like a reading was none.
  const std::optional<Finding>& problem() const { return m_problem; }
  bool headed() const { return !m_header.empty(); }

 private:
  campaign::RecordKind m_kind;
  std::string m_header;
  std::optional<Finding> m_problem;
};

}  // namespace distanz::formats
