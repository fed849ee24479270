#include "core/plan/tracking.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/campaign/antenna.h"
#include "core/finding/error.h"
#include "core/plan/told_tracking.h"
#include "support/planned.h"

using namespace distanz;
using namespace distanz::plan;
using Catch::Matchers::WithinAbs;

namespace {

std::vector<SeenAt> flyby(double aside_m, double above_m) {
  std::vector<SeenAt> out;
  for (double d = -500; d <= 3000; d += 1) out.push_back({d + 500, d, aside_m, above_m});
  return out;
}

}  // namespace

TEST_CASE("tracking: the angles of a straight flight, and the rate where it passes") {
  const auto track = trackOf(flyby(30, 0), 15, {});
  const TrackPoint& abeam = track[500];
  CHECK_THAT(abeam.azimuth_deg, WithinAbs(90, 1e-9));
  CHECK_THAT(abeam.away_m, WithinAbs(30, 1e-9));
  CHECK_THAT(abeam.rate_deg_s, WithinAbs(15 / 30.0 * 180 / M_PI, 0.02));  // v / d
  CHECK_THAT(track.back().azimuth_deg, WithinAbs(std::atan2(30, 3000) * 180 / M_PI, 1e-9));
  CHECK_THAT(trackOf(flyby(0, 50), 15, {}).back().elevation_deg, WithinAbs(std::atan2(50, 3000) * 180 / M_PI, 1e-9));
}

TEST_CASE("tracking: errors of place fade with distance, those of the compass stay") {
  const Tracker t{.home_error_m = 5, .height_error_m = 0, .compass_error_deg = 3, .level_error_deg = 0};
  const auto track = trackOf(flyby(10, 0), 15, t);
  for (const TrackPoint& p : track) {
    CHECK(p.error_deg >= 3);
    CHECK_THAT(p.error_deg, WithinAbs(std::hypot(std::atan2(5, p.away_m) * 180 / M_PI, 3), 1e-9));
  }
  const auto from = aimedFrom_m(track, std::hypot(1, 3));
  REQUIRE(from);
  CHECK_THAT(*from - 500, WithinAbs(std::sqrt(std::pow(5 / std::tan(M_PI / 180), 2) - 100), 1.5));
  CHECK_FALSE(aimedFrom_m(track, 2.9));
}

TEST_CASE("tracking: beyond what it can turn, or faster, the beam loses the aircraft") {
  Tracker t;
  t.turn_to_deg = 45;
  auto track = trackOf(flyby(30, 0), 15, t);
  CHECK_FALSE(track.front().followed);  // behind
  CHECK(track.back().followed);
  t = {};
  t.most_rate_deg_s = 20;
  track = trackOf(flyby(30, 0), 15, t);
  CHECK_FALSE(track[500].followed);
  CHECK(track.back().followed);
  t = {};
  t.most_elevation_deg = 60;
  CHECK_FALSE(trackOf(flyby(5, 50), 15, t)[500].followed);
  CHECK_THROWS_AS(trackOf({{}}, 15, {}), DomainError);
  CHECK_THROWS_AS(trackOf(flyby(5, 5), 0, {}), DomainError);
}

TEST_CASE("tracking: told for links that are tracked, with the beam that follows") {
  campaign::Campaign c = test::planned();
  CHECK(toldTracking(c).empty());
  campaign::setValueAt(c, "A", "control", campaign::kTransmitGain, 12);
  auto& ends = c.setups[0].links["control"];
  ends.pointing = campaign::Pointing::Tracked;
  const auto told = toldTracking(c);
  REQUIRE(told.size() == 2);
  CHECK(told[0].code == "tracker-rate");
  CHECK(told[0].why.size() == 1);
  CHECK(told[1].code == "tracker-aims-all");
  campaign::setValueAt(c, "A", "control", campaign::kTransmitGain, 35);  // a beam of three degrees
  CHECK(toldTracking(c)[1].code == "tracker-errs");
  campaign::setValueAt(c, "A", "control", campaign::kTransmitGain, 12);
  campaign::Part* antenna = const_cast<campaign::Part*>(campaign::groundAntenna(c, c.links[0], ends));
  REQUIRE(antenna);
  antenna->values["width_deg"] = {.value = 15};
  for (const Finding& f : toldTracking(c))
    if (const auto* half = f.find("half")) CHECK(std::get<Measure>(half->value).value == 7.5);  // as it was typed
  c.paths.clear();
  CHECK(toldTracking(c).empty());
}

TEST_CASE("tracking: a beam that holds everywhere is told of the whole path, not from 0 m on", "[regression]") {
  campaign::Campaign c = test::planned();
  campaign::setValueAt(c, "A", "control", campaign::kTransmitGain, 12);
  auto& ends = c.setups[0].links["control"];
  ends.pointing = campaign::Pointing::Tracked;
  const_cast<campaign::Part*>(campaign::groundAntenna(c, c.links[0], ends))->values["width_deg"] = {.value = 160};
  const auto told = toldTracking(c);
  REQUIRE(told.size() == 2);
  CHECK(told[1].code != "tracker-errs");
  for (const Finding& f : told)
    if (const auto* from = f.find("from")) CHECK(std::get<Measure>(from->value).value > 0);
}
