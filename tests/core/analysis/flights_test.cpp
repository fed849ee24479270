#include <catch2/catch.hpp>
#include <cmath>
#include <fmt/format.h>

#include "core/analysis/analyse.h"
#include "core/analysis/compare/flown_together.h"
#include "core/analysis/reduce/reduction.h"
#include "core/dice/random.h"
#include "support/analyse_simulated.h"
#include "support/scenarios.h"
#include "support/told.h"

using namespace distanz;
using namespace distanz::analysis;
using Catch::Matchers::Contains;
using Catch::Matchers::WithinAbs;

namespace {

/// @param clock "12:00:00" of one day, or empty for a log without one
RunReduction flown(const std::string& clock, float off_m = 0) {
  RunReduction r;
  if (!clock.empty()) r.started = "2026-11-24 " + clock;
  r.duration_s = 300;
  for (int s = 0; s < 200; ++s)
    r.flown_m.push_back(off_m + 80 + 13.0F * static_cast<float>(s < 100 ? s : 200 - s));
  return r;
}

/// Runs A1, B1, A2, B2 under the flight names given.
campaign::Campaign named(const std::vector<std::string>& names) {
  campaign::Campaign c;
  for (std::size_t i = 0; i < names.size(); ++i) {
    campaign::Run run;
    run.setup = i % 2 == 0 ? "A" : "B";
    run.id = run.setup + fmt::to_string(i / 2 + 1);
    run.flight = names[i];
    c.runs.push_back(run);
  }
  return c;
}

std::vector<int> together(const campaign::Campaign& c, std::vector<RunReduction> r,
                          std::size_t told = 0) {
  const std::vector<bool> used(r.size(), true);
  const FlownTogether t = flownTogether(c, used, Reductions(std::move(r)));
  CHECK(t.told.size() == told);
  return t.flight;
}

}  // namespace

TEST_CASE("flown together: as it was typed, unless clocks or tracks show otherwise") {
  const auto c = named({"1", "1", "2", "2"});
  const std::vector<RunReduction> paired{flown("12:00:00"), flown("12:00:02", 3), flown("12:15:00"),
                                         flown("12:15:01", -3)};
  CHECK(together(c, paired) == std::vector<int>{0, 0, 1, 1});
  // The pilot counted the flights of each setup: one after the other by their clocks.
  const std::vector<RunReduction> in_turns{flown("12:00:00"), flown("12:06:40"), flown("12:15:00"),
                                           flown("12:23:20")};
  CHECK(together(c, in_turns, 2) == std::vector<int>{-1, -1, -1, -1});
  // Without clocks, by where they were.
  std::vector<RunReduction> elsewhere{flown(""), flown("", 60), flown(""), flown("", 2)};
  CHECK(together(c, elsewhere, 1) == std::vector<int>{-1, -1, 0, 0});
  // Clocks that were never set say nothing.
  elsewhere[2].started = "1970-01-01 00:00:05";
  elsewhere[3].started = "2026-11-24 12:00:00";
  CHECK(together(c, elsewhere, 1) == std::vector<int>{-1, -1, 0, 0});
  // One setup is not flown twice at once.
  CHECK(together(named({"1", "2", "1", "3"}), {flown(""), flown(""), flown(""), flown("")}, 1) ==
        std::vector<int>{-1, -1, -1, -1});
}

TEST_CASE("flown together: logs of one time are of one flight, though nobody said so") {
  const auto c = named({"", "", "", "x"});
  CHECK(together(c, {flown("12:00:00"), flown("12:00:01"), flown("12:15:00"), flown("12:15:01")}, 2) ==
        std::vector<int>{1, 1, 0, 0});
  CHECK(together(c, {flown(""), flown(""), flown(""), flown("")}) == std::vector<int>{-1, -1, -1, -1});
}

TEST_CASE("runs: two flights in one log, a pause of the recorder and a second look are found, and right") {
  const auto plain = simulate::simulate(test::twoSetups(3, 4), 3);
  const auto expected = test::analyseSimulated(plain);
  const auto delta = [](const CampaignAnalysis& a) { return a.comparisons.front().delta_db->estimate; };
  const auto warned = [](const CampaignAnalysis& a, const char* code) {
    return std::count_if(a.warnings.begin(), a.warnings.end(),
                         [&](const Finding& f) { return f.code == code; });
  };

  auto two = plain;
  log::Recording shorter = plain.recordings[0];  // behind it a hop to half the distance
  const double rest_s = two.recordings[0].time_s.back() + 30;
  for (double& t : shorter.time_s) t += rest_s;
  for (log::Column& column : shorter.columns)
    if (column.channel == "distance_m")
      for (double& d : column.values) d /= 2;
  two.recordings[0].append(shorter);
  const auto both = test::analyseSimulated(two);
  CHECK(warned(both, "several-flights") == 1);
  CHECK_THAT(delta(both), WithinAbs(delta(expected), 0.2));
  CHECK(both.runs[0].farthest_m == expected.runs[0].farthest_m);
  // A turn moved by hand says which of them is meant.
  two.campaign.runs[0].turn_begin_s = rest_s + expected.reductions[0].turn.begin_s;
  two.campaign.runs[0].turn_end_s = rest_s + expected.reductions[0].turn.end_s;
  CHECK_THAT(test::analyseSimulated(two).runs[0].farthest_m, WithinAbs(expected.runs[0].farthest_m / 2, 5));

  auto paused = plain;
  log::Recording& r = paused.recordings[1];
  const auto& d = *r.find("distance_m");
  std::size_t from = 0, to = 0;
  while (d[from] < 300) ++from;
  while (d[to] < 420) ++to;
  const auto cut = [&](std::vector<double>& v) {
    v.erase(v.begin() + static_cast<std::ptrdiff_t>(from), v.begin() + static_cast<std::ptrdiff_t>(to));
  };
  for (log::Column& column : r.columns) cut(column.values);
  cut(r.time_s);
  const auto pause = test::analyseSimulated(paused);
  CHECK(warned(pause, "log-pauses") == 1);
  CHECK(pause.runs[1].lost_at_m == expected.runs[1].lost_at_m);
  CHECK_THAT(delta(pause), WithinAbs(delta(expected), 0.3));
}

TEST_CASE("bent paths: a range is told along the path, beyond what lies straight away from the station") {
  // Out for 700 m, then round the station for another 900 m; the signal ends on the way round.
  auto flown = simulate::simulate(test::twoSetups(3, 0), 6);
  campaign::Campaign& c = flown.campaign;
  const course::Position station = c.station.position().value();
  std::vector<campaign::PathPoint> points{{station, 60}};
  for (double bearing = 0; bearing <= 75; bearing += 5)
    points.push_back({course::destination(station, {700, bearing}), 60});
  campaign::editFirstPath(c).points = points;
  dice::Random random(4);
  for (log::Recording& r : flown.recordings) {
    r = {};
    r.columns = {{"lat_deg", {}}, {"lon_deg", {}}, {"control.rssi_dbm", {}}};
    const double day = random.normal();
    for (int i = 0; i < 2400; ++i) {
      const double along = (i < 1200 ? i : 2400 - i) * 1600.0 / 1200;
      const course::Position p = course::destination(
          station, along < 700 ? course::DistanceBearing{along, 0}
                               : course::DistanceBearing{700, (along - 700) / 700 * 180 / M_PI});
      r.time_s.push_back(i * 0.1);
      r.columns[0].values.push_back(p.lat_deg);
      r.columns[1].values.push_back(p.lon_deg);
      r.columns[2].values.push_back(-60 - 27 * std::log10(std::max(along, 10.0) / 100) + day +
                                    2 * random.normal() - (along > 1200 ? (along - 1200) / 10 : 0));
    }
  }
  const auto a = test::analyseSimulated(flown);
  CHECK(a.reductions[0].farthest_m < 710);
  CHECK_THAT(a.reductions[0].farthest_along_m, WithinAbs(1600, 30));
  for (const Finding& w : a.warnings) CHECK(w.code != "loops");
  // -104 dBm is met where the hill begins to tell, about 1.3 km along.
  const auto& range = a.answer("A")->typical;
  REQUIRE(range.status == Status::Measured);
  CHECK_THAT(*range.estimate_m, WithinAbs(1340, 60));
  CHECK(*a.answer("A")->dependable.estimate_m > 1100);
}
