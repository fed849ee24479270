// Reference campaigns with answers computed by an independent implementation of the estimator
// (tests/data/golden).
#include <catch2/catch.hpp>
#include <cmath>
#include <fmt/format.h>
#include <fstream>
#include <nlohmann/json.hpp>
#include <sstream>

#include "core/estimate/comparison.h"
#include "core/estimate/critical_level.h"
#include "core/estimate/first_failure.h"
#include "core/estimate/passage.h"

using namespace distanz::estimate;
using Catch::Matchers::WithinAbs;
using Catch::Matchers::WithinRel;
using nlohmann::json;

namespace {

struct Flight {
  int setup;
  std::vector<double> time, distance, rssi, lq;
  FlightSamples samples() const { return {time, distance, rssi, {}, {}}; }
};

std::vector<Flight> readCampaign(const std::string& name) {
  std::vector<Flight> flights;
  for (char setup = 'A'; setup <= 'D'; ++setup)
    for (int run = 1;; ++run) {
      std::ifstream in(std::string(DISTANZ_TEST_DATA "/golden/") + name + "/" + setup + "_" +
                       fmt::to_string(run) + ".csv");
      if (!in) break;
      Flight f{setup - 'A', {}, {}, {}, {}};
      std::string line;
      std::getline(in, line);
      while (std::getline(in, line)) {
        std::replace(line.begin(), line.end(), ',', ' ');
        std::istringstream row(line);
        double t, d, y, q;
        row >> t >> d >> y >> q;
        f.time.push_back(t), f.distance.push_back(d), f.rssi.push_back(y), f.lq.push_back(q);
      }
      flights.push_back(std::move(f));
    }
  REQUIRE(!flights.empty());
  return flights;
}

json readAnswer(const std::string& name) {
  return json::parse(std::ifstream(std::string(DISTANZ_TEST_DATA "/golden/") + name + ".json"));
}

void checkRange(const RangeEstimate& got, const json& want) {
  CHECK_THAT(got.estimate_m, WithinRel(want["est"].get<double>(), 1e-4));
  CHECK_THAT(got.low_m, WithinRel(want["lo"].get<double>(), 1e-4));
  CHECK_THAT(got.high_m, WithinRel(want["hi"].get<double>(), 1e-4));
  CHECK_THAT(got.lower95_m, WithinRel(want["lower95"].get<double>(), 1e-4));
  CHECK_THAT(got.df, WithinRel(want["df"].get<double>(), 1e-4));
}

std::string nameOf(Verdict v, const json& pair) {
  switch (v) {
    case Verdict::ABetter:
      return pair["a"].get<std::string>() + " better";
    case Verdict::BBetter:
      return pair["b"].get<std::string>() + " better";
    case Verdict::NoPracticalDifference:
      return "no practical difference";
    case Verdict::Undecided:
      return "undecided";
  }
  return {};
}

void checkPair(const Comparison& got, const json& want) {
  INFO("pair " << want["a"] << want["b"]);
  CHECK_THAT(got.delta_db.estimate, WithinAbs(want["delta"].get<double>(), 1e-3));
  CHECK_THAT(got.delta_db.low, WithinAbs(want["lo"].get<double>(), 1e-3));
  CHECK_THAT(got.delta_db.high, WithinAbs(want["hi"].get<double>(), 1e-3));
  CHECK_THAT(got.ratio->estimate, WithinRel(want["ratio"].get<double>(), 1e-4));
  CHECK_THAT(got.ratio->low, WithinRel(want["ratio_lo"].get<double>(), 1e-4));
  CHECK_THAT(got.ratio->high, WithinRel(want["ratio_hi"].get<double>(), 1e-4));
  CHECK_THAT(got.ratio90.low, WithinRel(want["ratio90"][0].get<double>(), 1e-4));
  CHECK_THAT(got.ratio90.high, WithinRel(want["ratio90"][1].get<double>(), 1e-4));
  CHECK_THAT(got.p_a_longer, WithinRel(want["p_a_longer"].get<double>(), 1e-4));
  CHECK_THAT(got.p_a_more, WithinRel(want["p_a_more_than_margin"].get<double>(), 1e-4));
  CHECK_THAT(got.p_b_more, WithinRel(want["p_b_more_than_margin"].get<double>(), 1e-4));
  CHECK(nameOf(got.verdict, want) == want["verdict"].get<std::string>());
  CHECK(got.more_pairs == (want["more_pairs"].is_null() ? 0 : want["more_pairs"].get<int>()));
  CHECK(got.gap_trend.has_value() == !want["gap_trend"].is_null());
  if (got.gap_trend) {
    CHECK_THAT(got.gap_trend->db_per_decade,
               WithinRel(want["gap_trend"]["db_per_decade"].get<double>(), 1e-4));
    CHECK_THAT(got.gap_trend->p, WithinRel(want["gap_trend"]["p"].get<double>(), 1e-4));
  }
}

void checkModel(const SignalModel& m, const json& want) {
  CHECK_THAT(m.line.exponent(), WithinAbs(want["n"].get<double>(), 6e-5));
  CHECK_THAT(m.line.exponentSd(), WithinAbs(want["n_sd"].get<double>(), 6e-5));
  CHECK_THAT(m.line.exponentData(), WithinAbs(want["n_data"].get<double>(), 6e-5));
  CHECK_THAT(m.line.exponentDataSd(), WithinAbs(want["n_data_sd"].get<double>(), 6e-5));
  CHECK_THAT(std::sqrt(m.flight_var_db2), WithinAbs(want["s_run"].get<double>(), 6e-5));
  CHECK_THAT(std::sqrt(m.line.place_var_db2), WithinAbs(want["s_place"].get<double>(), 6e-5));
  CHECK_THAT(std::sqrt(m.within_var_db2), WithinAbs(want["s_within"].get<double>(), 6e-5));
  CHECK_THAT(m.total_sd_db, WithinAbs(want["s_total"].get<double>(), 6e-5));
  CHECK(static_cast<int>(m.flights.size()) == want["R"].get<int>());
  CHECK(static_cast<int>(m.places.size()) == want["K"].get<int>());
}

std::vector<ModelFlight> reduced(const std::vector<Flight>& flights, std::optional<double> floor) {
  std::vector<ModelFlight> out;
  for (const Flight& f : flights) out.push_back({f.setup, cellsOf(f.samples(), floor)});
  return out;
}

}  // namespace

TEST_CASE("reference campaigns: ranges, comparisons and model agree with the independent answers") {
  const std::string name = GENERATE(as<std::string>{}, "g1.ystar-100", "g2.ystar-100", "g2.lq70",
                                    "g3.ystar-100", "g3.floor-101", "g4.ystar-100");
  CAPTURE(name);
  const std::vector<Flight> flights = readCampaign(name.substr(0, 2));
  const json answer = readAnswer(name);
  std::optional<double> floor;
  if (name == "g3.floor-101") {
    floor = -101.0;
  } else {
    FloorFinder finder;
    for (const Flight& f : flights) finder.add(f.samples());
    floor = finder.floor_dbm();
  }
  const auto reduced_flights = reduced(flights, floor);
  const SignalModels models = fitSignalModels(reduced_flights);
  REQUIRE(models.components.size() == 1);
  const SignalModel& model = models.components.front();
  checkModel(model, answer["models"][0]);

  CriticalLevel critical{-100, 0};
  if (name == "g2.lq70") {
    // Its level was found by holding quality against single seconds, which is no longer done.
    critical = {answer["critical_level"].get<double>(),
                std::pow(answer["critical_level_sd"].get<double>(), 2)};
  }
  for (const auto& [id, want] : answer["setups"].items()) {
    CAPTURE(id);
    const int setup = id[0] - 'A';
    CHECK_THAT(model.level_dbm(setup, 1000), WithinRel(want["level_at_1km"].get<double>(), 1e-4));
    checkRange(usableRange(model, setup, 0, critical), want["R50"]);
    checkRange(usableRange(model, setup, defaults::kDependableZ, critical), want["R95"]);
  }
  for (const json& want : answer["pairs"])
    checkPair(compare(model, want["a"].get<std::string>()[0] - 'A', want["b"].get<std::string>()[0] - 'A'),
              want);
}

TEST_CASE("reference campaigns: usable all the way on the path agrees with an independent prototype") {
  const std::string name = GENERATE("g1", "g2", "g3", "g4");
  CAPTURE(name);
  const std::vector<Flight> flights = readCampaign(name);
  FloorFinder finder;
  for (const Flight& f : flights) finder.add(f.samples());
  const SignalModels models = fitSignalModels(reduced(flights, finder.floor_dbm()));
  const SignalModel& model = models.components.front();
  const json answer = readAnswer(name + ".path");
  for (const auto& [id, want] : answer["setups"].items()) {
    CAPTURE(id);
    const double flown = want["farthest_flown_m"].get<double>();
    const Stretches stretches = stretchesOf(model, 0, flown);
    const PathDraws draws = drawPath(model, stretches, {-100, 0}, 7);
    const Passage passage = passageOf(draws, id[0] - 'A', draws.level_db.at(id[0] - 'A'),
                                      newFlights(stretches.count(), draws.neighbour_correlation, 9), flown);
    const auto agrees = [&](const WayRange& got, const json& w) {
      // Stepwise there, and only to be compared where it lies inside what was flown. Ends of the intervals
      // may sit between two holes, where another seed takes the other one.
      const auto near = [&](double mine, const char* key, double least_m, double share) {
        const double theirs = w[key].get<double>();
        if (theirs < flown) CHECK_THAT(mine, WithinAbs(theirs, std::max(least_m, share * theirs)));
      };
      near(got.estimate_m, "estimate", defaults::kCellWidth_m, 0.04);
      near(got.low_m, "low", 4 * defaults::kCellWidth_m, 0.04);
      near(got.high_m, "high", 4 * defaults::kCellWidth_m, 0.04);
    };
    agrees(rangeOf(passage, 0.5), want["typical_range_m"]);
    agrees(rangeOf(passage, 0.95), want["dependable_range_m"]);
  }
}

TEST_CASE("reference campaigns: distances of first failure agree with the independent answers") {
  const std::string name =
      GENERATE(as<std::string>{}, "g1.ystar-100", "g2.lq70", "g3.ystar-100", "g4.ystar-100");
  CAPTURE(name);
  const json answer = readAnswer(name)["link_quality"];
  std::vector<FirstFailure> failures;
  for (const Flight& f : readCampaign(name.substr(0, 2))) {
    const double turn = cellsOf(f.samples(), std::nullopt).turn_s;
    const auto failure = firstFailure(f.setup, f.time, f.distance, f.lq, turn, 70);
    REQUIRE(failure);
    failures.push_back(*failure);
  }
  const ReachModel reach = fitReach(failures);
  CHECK_THAT(reach.log_sd, WithinRel(answer["sigma"].get<double>(), 5e-3));
  for (const auto& [id, want] : answer["setups"].items()) {
    CAPTURE(id);
    const ReachEstimate& got = reach.setups.at(id[0] - 'A');
    CHECK(got.failures == want["failures"].get<int>());
    CHECK(got.flights == want["runs"].get<int>());
    CHECK_THAT(got.farthest_m, WithinRel(want["farthest"].get<double>(), 5e-3));
    REQUIRE(got.typical_m.has_value() == !want["D50"].is_null());
    if (got.typical_m) {
      CHECK_THAT(got.typical_m->estimate, WithinRel(want["D50"].get<double>(), 5e-3));
      CHECK_THAT(got.typical_m->low, WithinRel(want["lo"].get<double>(), 5e-3));
      CHECK_THAT(got.typical_m->high, WithinRel(want["hi"].get<double>(), 5e-3));
      CHECK_THAT(got.lower95_m, WithinRel(want["lower95"].get<double>(), 5e-3));
    }
    REQUIRE(got.at_least_m.has_value() == !want["beyond"].is_null());
    if (got.at_least_m) {
      CHECK_THAT(*got.at_least_m, WithinRel(want["beyond"]["at_least"].get<double>(), 5e-3));
      CHECK_THAT(got.at_least_confidence, WithinAbs(want["beyond"]["confidence"].get<double>(), 1e-12));
    }
  }
  CHECK(reach.ratios.size() == answer["pairs"].size());
  for (const json& want : answer["pairs"]) {
    const Interval& got =
        reach.ratios.at({want["a"].get<std::string>()[0] - 'A', want["b"].get<std::string>()[0] - 'A'});
    CHECK_THAT(got.estimate, WithinRel(want["ratio"].get<double>(), 5e-3));
    CHECK_THAT(got.low, WithinRel(want["lo"].get<double>(), 5e-3));
    CHECK_THAT(got.high, WithinRel(want["hi"].get<double>(), 5e-3));
  }
}
