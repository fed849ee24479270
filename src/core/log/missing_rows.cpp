#include "core/log/missing_rows.h"

namespace distanz::log {

void layEvenly(std::vector<double>& wide, const std::vector<Filling>& fillings) {
  std::size_t put = 0;
  for (const Filling& f : fillings) {
    const std::size_t first = f.after + put;
    const double before = wide[first], behind = wide[first + f.rows + 1];
    for (std::size_t k = 1; k <= f.rows; ++k)
      wide[first + k] = before + (behind - before) * static_cast<double>(k) / static_cast<double>(f.rows + 1);
    put += f.rows;
  }
}

}  // namespace distanz::log
