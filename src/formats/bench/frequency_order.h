#pragma once
#include <cstddef>
#include <vector>

#include "core/finding/finding.h"

namespace distanz::formats {

/// Which rows of a file to keep, and in which order, so that frequencies rise: of those at one frequency the
/// first. Empty where all stand as they should. @param problems is told what was wrong
std::vector<std::size_t> orderOf(const std::vector<double>& frequency_mhz, std::vector<Finding>& problems);

template <class T>
void reorder(std::vector<T>& values, const std::vector<std::size_t>& order) {
  if (values.empty() || order.empty()) return;
  std::vector<T> out;
  out.reserve(order.size());
  for (std::size_t i : order) out.push_back(values[i]);
  values = std::move(out);
}

}  // namespace distanz::formats
