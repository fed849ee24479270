// Flights of which little was read: how sure their level is, against simulated flights whose truth is known.
#include <catch2/catch.hpp>
#include <cmath>
#include <vector>

#include "core/dice/random.h"
#include "core/estimate/decomposition.h"
#include "core/estimate/signal_model.h"
#include "support/chance.h"

using namespace distanz;
using namespace distanz::estimate;
using Catch::Matchers::WithinAbs;

namespace {

constexpr double kFading_db = 5, kFlightSd_db = 1.2, kWithinSd_db = 1.5, kPlaceSd_db = 2;
constexpr int kSetups = 2, kFlightsEach = 6;

/// Two equal setups read every 250 m out to 3 km. @param samples per cell
std::vector<ModelFlight> campaignOf(dice::Random& random, int samples) {
  constexpr int kPlaces = 12;
  std::vector<double> place;
  for (int k = 0; k < kPlaces; ++k) place.push_back(kPlaceSd_db * random.normal());
  std::vector<ModelFlight> out;
  for (int f = 0; f < kSetups * kFlightsEach; ++f) {
    ModelFlight flight;
    flight.setup = f % kSetups;
    const double own = kFlightSd_db * random.normal();
    for (int k = 0; k < kPlaces; ++k) {
      const double d = 250.0 * (k + 1);
      Cell cell;
      cell.index = placeIndex(d);
      cell.log_distance = std::log10(d);
      cell.samples = samples;
      cell.variance_db2 = samples > 1 ? kFading_db * kFading_db : 0;
      cell.level_dbm = -50 - 27 * (cell.log_distance - 2) + place[std::size_t(k)] + own + kWithinSd_db * random.normal() +
                       kFading_db / std::sqrt(samples) * random.normal();
      flight.cells.cells.push_back(cell);
      flight.cells.farthest_m = d;
      ++flight.cells.uncensored;
    }
    out.push_back(flight);
  }
  return out;
}

SignalModel modelOf(const std::vector<ModelFlight>& flights) {
  return fitSignalModels(flights).components.at(0);
}

}  // namespace

TEST_CASE("few readings: a flight's scatter is told without what their fading adds, a setup's level with it", "[simulation]") {
  dice::Random random(test::seed(31));
  constexpr int kCampaigns = 1200;
  double flight_var = 0, told_var = 0, squares = 0;
  for (int i = 0; i < kCampaigns; ++i) {
    const SignalModel m = modelOf(campaignOf(random, 1));
    flight_var += m.flight_var_db2 / kCampaigns;
    told_var += (m.levelVar_db2(0) + m.levelVar_db2(1)) / kCampaigns;
    squares += std::pow(m.setups.at(0).level_db - m.setups.at(1).level_db, 2) / kCampaigns;
  }
  CAPTURE(flight_var, told_var, squares);
  // The squares' mean has a standard deviation of sqrt(2 / 1,200) = 4 %: chance takes it by 20 % less than once in 100,000 runs.
  // The prior's 1.35 dB is a little more than these flights' own; with the fading it would be 1.9 dB.
  CHECK(std::sqrt(flight_var) > 1.0);
  CHECK(std::sqrt(flight_var) < 1.5);
  CHECK(told_var / squares > 0.8);
  CHECK(told_var / squares < 1.25);
}

TEST_CASE("few readings: cells of many have nothing added, and weigh whole") {
  dice::Random random(32);
  const SignalModel m = modelOf(campaignOf(random, 40));
  CHECK(m.flight_few_db2 == 0);
  for (const auto& [id, setup] : m.setups) {
    CHECK(setup.few_db2 == 0);
    CHECK(setup.lean_sd_db == 0);
    CHECK(m.levelVar_db2(id) == m.flight_var_db2 / kFlightsEach);
  }
  CHECK(weightOf({0, 0, -80, 0}) == 1);
  CHECK(weightOf({0, 0, -80, defaults::kFullCell_db2}) == 0.5);
  CHECK_THROWS_AS(m.levelVar_db2(7), std::out_of_range);
}

TEST_CASE("few readings: they are put where many would lie, and how far that may be off is told") {
  dice::Random random(33);
  std::vector<ModelFlight> flights = campaignOf(random, 40);
  const SignalModel many = modelOf(flights);
  for (ModelFlight& f : flights)
    if (f.setup == 0)
      for (Cell& c : f.cells.cells) c.samples = 2;
  const SignalModel few = modelOf(flights);
  const auto gap = [](const SignalModel& m) { return m.setups.at(0).level_db - m.setups.at(1).level_db; };
  CHECK_THAT(gap(few) - gap(many), WithinAbs(defaults::kFewLean * kFading_db, 0.05));
  CHECK_THAT(few.setups.at(0).lean_sd_db, WithinAbs(defaults::kFewLeanSd * kFading_db, 1e-9));
  CHECK(few.setups.at(1).lean_sd_db == 0);
  CHECK(few.levelVar_db2(0) > few.levelVar_db2(1));
}
