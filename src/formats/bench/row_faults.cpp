#include "formats/bench/row_faults.h"

#include "core/finding/error.h"

namespace distanz::formats {

void RowFaults::add(Finding found, int line) {
  if (m_count[found.code]++ > 0) return;
  m_first.push_back(at(std::move(found), line));
}

std::vector<Finding> RowFaults::told() const {
  std::vector<Finding> out = m_first;
  for (Finding& f : out)
    if (const std::size_t n = m_count.at(f.code); n > 1)
      f.more.push_back(finding("rows-alike", {{"count", n - 1}}));
  return out;
}

}  // namespace distanz::formats
