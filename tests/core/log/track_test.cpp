#include "core/log/track.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/log/dropouts.h"
#include "core/log/trace.h"
#include "support/told.h"

using namespace distanz;
using namespace distanz::log;
using Catch::Matchers::Contains;
using Catch::Matchers::WithinAbs;

namespace {

/// Out to `farthest` and back at 10 m/s, a row every 0.1 s, by a distance column.
Recording flight(double farthest) {
  Recording r;
  r.columns.push_back({"distance_m", {}});
  const double turn = farthest / 10;
  for (int i = 0; i * 0.1 <= 2 * turn + 1e-9; ++i) {
    const double t = i * 0.1;
    r.time_s.push_back(t);
    r.columns[0].values.push_back(t <= turn ? 10 * t : farthest - 10 * (t - turn));
  }
  return r;
}

const course::Position kPilot{46.91, 20.96};

Recording withGnss(const Recording& by_distance, double bearing = 54) {
  Recording r;
  r.time_s = by_distance.time_s;
  r.columns = {{"lat_deg", {}}, {"lon_deg", {}}};
  for (const double d : *by_distance.find("distance_m")) {
    const auto p = course::destination(kPilot, {d, bearing});
    r.columns[0].values.push_back(p.lat_deg);
    r.columns[1].values.push_back(p.lon_deg);
  }
  return r;
}

course::Course path() {
  return course::Course(kPilot, {kPilot, course::destination(kPilot, {2000, 54})});
}

}  // namespace

TEST_CASE("track: the turn is cut four seconds about the farthest row") {
  const Track t = trackOf(flight(1000), nullptr);
  CHECK_FALSE(t.from_gnss);
  CHECK_THAT(t.farthest_m, WithinAbs(1000, 1e-6));
  CHECK_THAT(t.turn.begin_s, WithinAbs(96, 0.11));
  CHECK_THAT(t.turn.end_s, WithinAbs(104, 0.11));
  CHECK(t.problems.empty());
  CHECK(trackOf(flight(1000), nullptr, Turn{50, 60}).turn == Turn{50, 60});
}

TEST_CASE("track: GNSS and the distance column agree") {
  const Recording by_distance = flight(1000);
  const course::Course c = path();
  const Track t = trackOf(withGnss(by_distance), &c);
  REQUIRE(t.from_gnss);
  for (std::size_t i = 0; i < t.distance_m.size(); i += 37)
    CHECK_THAT(t.distance_m[i], WithinAbs((*by_distance.find("distance_m"))[i], 0.01));
  CHECK_THAT(t.off_path_share, WithinAbs(0, 1e-12));
}

TEST_CASE("track: flying another line is noticed") {
  const course::Course c = path();
  const Track t = trackOf(withGnss(flight(1000), 80), &c);
  CHECK(t.off_path_share > 0.5);
  REQUIRE(t.problems.size() == 1);
  CHECK(t.problems[0].code == "off-path");
}

TEST_CASE("track: rows at 0/0 and single jumps are left out and told, not believed") {
  Recording r = withGnss(flight(1000));
  for (int i = 0; i < 50; ++i) r.columns[0].values[size_t(i)] = r.columns[1].values[size_t(i)] = 0;
  r.columns[0].values[700] += 1;  // 111 km off for one row
  const course::Course c = path();
  const Track t = trackOf(r, &c);
  CHECK_THAT(t.farthest_m, WithinAbs(1000, 0.5));
  REQUIRE(t.problems.size() == 2);
  CHECK(t.problems[0].code == "gnss-no-fix");
  CHECK(t.problems[1].code == "position-jumps");
  CHECK_THAT(t.distance_m[700], WithinAbs(700, 1));  // bridged from its neighbours
}

TEST_CASE("track: positions logged more slowly than rows are interpolated") {
  Recording r = flight(500);
  for (std::size_t i = 0; i < r.rows(); ++i)
    if (i % 10) r.columns[0].values[i] = NAN;
  const Track t = trackOf(r, nullptr);
  CHECK_THAT(t.distance_m[123], WithinAbs(123, 1e-6));
}

TEST_CASE("track: what cannot be placed is refused with the reason") {
  const course::Course c = path();
  Recording none;
  none.time_s = {0, 1};
  none.columns = {{"control.rssi_dbm", {-60, -61}}};
  CHECK_REFUSED(trackOf(none, &c), Contains("no position"));
  Recording zero = withGnss(flight(500));
  for (auto& column : zero.columns)
    for (double& v : column.values) v = 0;
  CHECK_REFUSED(trackOf(zero, &c), Contains("never had a fix"));
  Recording still = flight(500);
  for (double& v : still.columns[0].values) v = 120;
  CHECK_REFUSED(trackOf(still, nullptr), Contains("never changes"));
  Recording wild = withGnss(flight(500));
  for (std::size_t i = 0; i < wild.rows(); i += 2) wild.columns[0].values[i] += 0.5;
  CHECK_REFUSED(trackOf(wild, &c), Contains("jumps"));
  CHECK_REFUSED(trackOf(withGnss(flight(500)), nullptr), Contains("no path is set"));
  Recording hasty = flight(500);  // kilometres by a clock whose unit is wrong
  for (double& t : hasty.time_s) t *= 1e-6;
  CHECK_REFUSED(trackOf(hasty, nullptr), Contains("correct the unit"));
}

TEST_CASE("dropouts: where the quality falls below the rule, lost and regained apart") {
  const Recording r = flight(1000);
  std::vector<double> quality;
  for (std::size_t i = 0; i < r.rows(); ++i) {
    const double d = (*r.find("distance_m"))[i];
    const bool back = r.time_s[i] > 100;
    quality.push_back(d > (back ? 700 : 850) ? 20 : 100);  // comes back only much nearer
  }
  const LinkEvents e =
      linkEvents(r.time_s, *r.find("distance_m"), std::vector<RulePart>{{quality, 70}}, {96, 104});
  REQUIRE(e.dropouts.size() == 1);
  REQUIRE(e.lost_at_m);
  REQUIRE(e.regained_at_m);
  CHECK_THAT(*e.lost_at_m, WithinAbs(850, 15));
  CHECK_THAT(*e.regained_at_m, WithinAbs(700, 15));
}

TEST_CASE("dropouts: silence counts, a steady link has none, a link that stays lost is never regained") {
  const Recording r = flight(300);
  const auto& d = *r.find("distance_m");
  std::vector<double> quality(r.rows(), 100.0);
  CHECK(linkEvents(r.time_s, d, std::vector<RulePart>{{quality, 70}}, {26, 34}).dropouts.empty());
  for (std::size_t i = 200; i < 240; ++i) quality[i] = 0;  // as heardIn() leaves a silence
  const LinkEvents silent = linkEvents(r.time_s, d, std::vector<RulePart>{{quality, 70}}, {26, 34});
  REQUIRE(silent.dropouts.size() == 1);
  CHECK_THAT(silent.dropouts[0].end_s - silent.dropouts[0].begin_s, WithinAbs(4, 0.3));
  std::fill(quality.begin() + 250, quality.end(), 0.0);
  const LinkEvents lost = linkEvents(r.time_s, d, std::vector<RulePart>{{quality, 70}}, {26, 34});
  CHECK(lost.lost_at_m);
  CHECK_FALSE(lost.regained_at_m);
}

TEST_CASE(
    "dropouts: with several parts of a rule the first that fails loses the link, the last that holds again "
    "regains it",
    "[regression]") {
  const Recording r = flight(1000);
  const auto& d = *r.find("distance_m");
  std::vector<double> quality, bitrate;
  for (std::size_t i = 0; i < r.rows(); ++i) {
    const bool back = r.time_s[i] > 100;
    quality.push_back(d[i] > (back ? 900 : 600) ? 20 : 100);
    bitrate.push_back(i % 10 != 0 ? NAN : d[i] > (back ? 500 : 800) ? 1 : 20);  // logged once a second
  }
  const std::vector<RulePart> both{{quality, 70}, {bitrate, 4}}, other{{bitrate, 4}, {quality, 70}};
  const LinkEvents e = linkEvents(r.time_s, d, both, {96, 104});
  REQUIRE(e.lost_at_m);
  REQUIRE(e.regained_at_m);
  CHECK_THAT(*e.lost_at_m, WithinAbs(600, 15));
  CHECK_THAT(*e.regained_at_m, WithinAbs(500, 15));
  CHECK(linkEvents(r.time_s, d, other, {96, 104}).lost_at_m == e.lost_at_m);
  CHECK(linkEvents(r.time_s, d, std::vector<RulePart>{}, {96, 104}).dropouts.empty());
}

TEST_CASE("dropouts: a part that is logged every two seconds does not break one dropout into many",
          "[regression]") {
  const Recording r = flight(1000);
  const auto& d = *r.find("distance_m");
  std::vector<double> quality(r.rows(), 100.0), bitrate;
  for (std::size_t i = 0; i < r.rows(); ++i) bitrate.push_back(i % 20 != 0 ? NAN : d[i] > 700 ? 1 : 20);
  const LinkEvents e = linkEvents(r.time_s, d, std::vector<RulePart>{{quality, 70}, {bitrate, 4}}, {96, 104});
  REQUIRE(e.dropouts.size() == 1);
  REQUIRE(e.regained_at_m);
  CHECK_THAT(*e.lost_at_m, WithinAbs(700, 25));
  CHECK_THAT(*e.regained_at_m, WithinAbs(700, 25));
}

TEST_CASE("the rule now: the part whose last second lies below it, none for what was not heard") {
  std::vector<double> time, good, bad;
  for (int i = 0; i < 100; ++i) {
    time.push_back(0.1 * i);
    good.push_back(100);
    bad.push_back(i < 95 ? 100 : 0);
  }
  const auto broken = [&](const std::vector<double>& a, const std::vector<double>& b) {
    return brokenNow(time, std::vector<RulePart>{{a, 70}, {b, 70}});
  };
  CHECK_FALSE(broken(good, good));
  CHECK(broken(good, bad) == std::size_t{1});
  CHECK(broken(bad, good) == std::size_t{0});
  std::fill(bad.begin() + 70, bad.end(), NAN);
  CHECK_FALSE(broken(good, bad));
}

TEST_CASE("dropouts: what lies wholly inside the turn is counted, but the link was not lost") {
  const Recording r = flight(1000);
  std::vector<double> quality(r.rows(), 100.0);
  for (std::size_t i = 980; i < 1020; ++i) quality[i] = 0;
  const LinkEvents e =
      linkEvents(r.time_s, *r.find("distance_m"), std::vector<RulePart>{{quality, 70}}, {96, 104});
  CHECK(e.dropouts.size() == 1);
  CHECK_FALSE(e.lost_at_m);
  CHECK_FALSE(e.regained_at_m);
}

TEST_CASE("traces: means per stretch, the way out and back apart, the turn left out") {
  const Recording r = flight(500);
  std::vector<double> value;
  for (const double t : r.time_s) value.push_back(t < 50 ? 1 : 2);
  const LegTraces legs = tracesOf(r.time_s, *r.find("distance_m"), value, {46, 54}, 10);
  REQUIRE(legs.out.value.size() == 46);
  REQUIRE(legs.back.value.size() == 46);
  CHECK(std::all_of(legs.out.value.begin(), legs.out.value.end(), [](double v) { return v == 1; }));
  CHECK(std::all_of(legs.back.value.begin(), legs.back.value.end(), [](double v) { return v == 2; }));
  CHECK_THAT(legs.out.distance_m[3], WithinAbs(35, 1e-9));
  CHECK_THROWS(tracesOf(r.time_s, *r.find("distance_m"), value, {46, 54}, 0));
}

namespace {

/// Out for 600 m, then round the station at that distance for 400 m of arc chords: one distance, many places.
Recording aroundTheStation(course::Course& made) {
  std::vector<course::Position> points{kPilot};
  for (int bearing = 0; bearing <= 60; bearing += 10)
    points.push_back(course::destination(kPilot, {600, double(bearing)}));
  made = course::Course(kPilot, points);
  Recording r;
  r.columns = {{"lat_deg", {}}, {"lon_deg", {}}};
  const auto add = [&](const course::Position& p) {
    r.time_s.push_back(double(r.time_s.size()) * 0.2);
    r.columns[0].values.push_back(p.lat_deg);
    r.columns[1].values.push_back(p.lon_deg);
  };
  for (double d = 0; d <= 600; d += 2) add(course::destination(kPilot, {d, 0}));
  for (double bearing = 0; bearing <= 60; bearing += 0.2) add(course::destination(kPilot, {600, bearing}));
  return r;
}

}  // namespace

TEST_CASE("track: on a bent path two places at one distance are two places") {
  course::Course c = path();
  const Recording r = aroundTheStation(c);
  const Track t = trackOf(r, &c);
  REQUIRE(t.along_m.size() == r.rows());
  CHECK_THAT(t.distance_m[350], WithinAbs(t.distance_m[550], 3));
  CHECK(t.along_m[550] - t.along_m[350] > 300);
  CHECK_THAT(t.along_m[200], WithinAbs(t.distance_m[200], 1));  // as long as it is straight
}
