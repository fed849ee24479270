#pragma once
#include <map>
#include <string>
#include <vector>

#include "core/finding/finding.h"

namespace distanz::formats {

/// Rows that were left out of a file, told once per kind: the first with its line, the others counted.
class RowFaults {
 public:
  /// @param found of the row, without its line @param line of the file, counted from 1
  void add(Finding found, int line);
  bool any() const { return !m_first.empty(); }
  /// As findings with their line; one that came more than once says how often.
  std::vector<Finding> told() const;
  /// The first that was found: what to say where no row was left.
  const Finding& first() const { return m_first.front(); }

 private:
  std::vector<Finding> m_first;  ///< of each kind, with its line
  std::map<std::string, std::size_t> m_count;
};

}  // namespace distanz::formats
