#pragma once
#include <cstddef>
#include <vector>

namespace distanz::log {

/// Rows to be put behind a row of the log.
struct Filling {
  std::size_t after, rows;
};

/// Values with as many others put in as there are rows missing.
template <class T>
std::vector<T> widened(const std::vector<T>& values, const std::vector<Filling>& fillings, T with) {
  std::vector<T> out;
  std::size_t from = 0;
  for (const Filling& f : fillings) {
    out.insert(out.end(), values.begin() + static_cast<std::ptrdiff_t>(from),
               values.begin() + static_cast<std::ptrdiff_t>(f.after + 1));
    out.insert(out.end(), f.rows, with);
    from = f.after + 1;
  }
  out.insert(out.end(), values.begin() + static_cast<std::ptrdiff_t>(from), values.end());
  return out;
}

/// The rows put in lie evenly between those around them. @param wide as widened() gives it
void layEvenly(std::vector<double>& wide, const std::vector<Filling>& fillings);

}  // namespace distanz::log
