#include "core/estimate/growing_cells.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/dice/random.h"

using namespace distanz;
using namespace distanz::estimate;
using Catch::Matchers::WithinAbs;

TEST_CASE("growing cells: at any moment what the whole flight so far gives, at any rate") {
  const double rate_hz = GENERATE(10.0, 1.0, 0.05);
  CAPTURE(rate_hz);
  dice::Random random(2);
  std::vector<double> time, distance, level;
  GrowingCells growing;
  for (int i = 0; i < 150 * rate_hz; ++i) {
    time.push_back(i / rate_hz);
    distance.push_back(13 * time.back());
    level.push_back(-50 - 27 * std::log10(std::max(distance.back(), 10.0) / 100) + random.normal());
    growing.add(distance.back(), distance.back(), level.back(), 0);
    if (i % 50 != 0) continue;
    FlightSamples flight{time, distance, level, 1e6, 1e6};
    const FlightCells whole = cellsOf(flight, std::nullopt);
    const FlightCells& so_far = growing.cells();
    REQUIRE(so_far.cells.size() == whole.cells.size());
    for (std::size_t k = 0; k < whole.cells.size(); ++k) {
      CHECK(so_far.cells[k].index == whole.cells[k].index);
      CHECK_THAT(so_far.cells[k].level_dbm, WithinAbs(whole.cells[k].level_dbm, 1e-9));
    }
  }
  CHECK(growing.cells().usable());
}
