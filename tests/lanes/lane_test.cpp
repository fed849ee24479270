// Lanes as data: their places, what lies under a pointer, and what is made of a campaign.
#include "lanes/lane.h"

#include <QGuiApplication>
#include <QPdfWriter>
#include <QXmlStreamReader>
#include <catch2/catch.hpp>
#include <cmath>

#include "core/analysis/result/reading.h"
#include "core/log/channel.h"
#include "core/plan/planned.h"
#include "core/simulate/scenario.h"
#include "lanes/compare_lanes.h"
#include "lanes/plan_lanes.h"
#include "support/analyse_simulated.h"
#include "support/planned.h"
#include "support/scenarios.h"
#include "words/phrases.h"
#include "words/style.h"

using namespace distanz;
using namespace distanz::lanes;

namespace {

Lane lane(const char* id, int weight, int keep) {
  Lane out;
  out.id = id;
  out.weight = weight;
  out.keep = keep;
  return out;
}

Lanes four() {
  return {
      1000,
      {lane("signal", 46, 100), lane("place", 15, 45), lane("quality", 18, 58), lane("dropouts", 17, 50)}};
}

const Lane* find(const Lanes& all, const std::string& id) {
  for (const Lane& l : all.lanes)
    if (l.id == id) return &l;
  return nullptr;
}

}  // namespace

TEST_CASE("lanes: with room they share the height by weight, without overlap and within it") {
  const double height = GENERATE(300.0, 340.0, 437.0, 800.0, 2000.0);
  const Lanes all = four();
  const auto places = layoutOf(all, height);
  REQUIRE(places.size() == 4);
  double end = 0;
  for (const Slot& s : places) {
    CHECK(s.top >= end + kTitle_px - 1e-9);
    CHECK(s.height >= kLeastLane_px - 1e-9);
    end = s.top + s.height;
  }
  CHECK(end <= height - kScale_px + 1e-9);
  CHECK(places[0].height > places[1].height);
  if (height > 430) CHECK(places[0].height / places[2].height == Approx(46.0 / 18).epsilon(0.001));
}

TEST_CASE("lanes: where there is no room the least important go first, the signal never", "[regression]") {
  const Lanes all = four();
  std::size_t before = 4;
  for (double height = 300; height > 0; height -= 10) {
    const auto places = layoutOf(all, height);
    REQUIRE(places.size() >= 1);
    CHECK(places.size() <= before);
    before = places.size();
    CHECK(all.lanes[places.front().lane].id == "signal");
    if (places.size() == 3)
      CHECK(std::none_of(places.begin(), places.end(), [](const Slot& s) { return s.lane == 1; }));
  }
  CHECK(before == 1);
}

TEST_CASE("lanes: the nearest line and dot within reach are found, and only those with a name") {
  Lane l;
  l.lines.push_back({{0, 100, 200}, {-50, -60, -80}, {}, 0, "A1"});
  l.lines.push_back({{0, 100, 200}, {-55, -65, -85}, {}, 0, "A2"});
  l.lines.push_back({{0, 200}, {-52, -82}, {}, 2});
  l.dots.push_back({{{200, -80, "A1"}}, {}});
  CHECK(lineAt(l, 50, -56, 10, 3)->name == "A1");  // at -55 there
  CHECK(lineAt(l, 50, -59, 10, 3)->name == "A2");
  CHECK(lineAt(l, 50, -56, 10, 3)->y == Approx(-55));
  CHECK_FALSE(lineAt(l, 50, -70, 10, 3));
  CHECK_FALSE(lineAt(l, 300, -80, 10, 3));
  CHECK_FALSE(lineAt(l, -5, -50, 10, 3));
  CHECK(dotAt(l, 205, -79, 10, 3)->name == "A1");
  CHECK_FALSE(dotAt(l, 205, -70, 10, 3));
  CHECK_FALSE(lineAt({}, 0, 0, 1, 1));
}

TEST_CASE("lanes of a comparison: runs, estimates, rules and dropouts of the link that is looked at") {
  const auto flown = simulate::simulate(test::twoSetups(3, 4), 5);
  const auto a = test::analyseSimulated(flown);
  std::vector<std::string> all;
  for (const Offered& o : offeredLanes()) all.push_back(o.id);
  const Lanes made = compareLanes(flown.campaign, a, "control", all);
  const Lane* signal = find(made, "rssi_dbm");
  REQUIRE(signal);
  CHECK(signal->unit == "dBm");
  CHECK(std::count_if(signal->lines.begin(), signal->lines.end(),
                      [](const Line& l) { return l.name == "A1"; }) == 2);  // out and back
  CHECK(signal->bands.size() == 2);
  REQUIRE(signal->dots.size() == 2);
  CHECK(signal->dots[0].dots.size() == 3);
  CHECK(signal->floors.size() == 1);
  for (const Line& l : signal->lines)
    for (double v : l.y) CHECK(v >= signal->low);
  CHECK(find(made, "lq_pct")->high == 104);
  CHECK(find(made, "dropouts")->rows.size() == 2);
  CHECK(find(made, "residuals")->low == -find(made, "residuals")->high);
  CHECK_FALSE(find(made, "delay_ms"));  // nothing recorded it
  CHECK(compareLanes(flown.campaign, a, "control", {"lq_pct"}).lanes.size() == 1);
}

TEST_CASE("lanes of a comparison: what a run that does not count lost is not drawn as its setup's") {
  auto flown = simulate::simulate(test::twoSetups(2, 4), 5);
  const auto strokesOf = [&] {
    const Lanes made = compareLanes(flown.campaign, test::analyseSimulated(flown), "control", {"dropouts"});
    return made.lanes.at(0).strokes.at(0).strokes.size();
  };
  const std::size_t all = strokesOf();
  campaign::findRun(flown.campaign, "A1")->void_reason = "gusts";
  const std::size_t without = strokesOf();
  REQUIRE(without > 0);
  CHECK(without < all);
  campaign::findRun(flown.campaign, "A2")->method = campaign::Method::Course;
  CHECK(strokesOf() == 0);
}

TEST_CASE(
    "lanes: a channel that a log holds and the table gives a lane is drawn, read off and written, with no "
    "line of code",
    "[property]") {
  auto flown = simulate::simulate(test::twoSetups(1, 4), 5);
  for (auto& r : flown.recordings)
    r.columns.push_back({"control.snr_db", std::vector<double>(r.rows(), 12.5)});
  const auto a = test::analyseSimulated(flown);
  const Lanes made = compareLanes(flown.campaign, a, "control", {"snr_db"});
  REQUIRE(made.lanes.size() == 1);
  CHECK(made.lanes[0].unit == "dB");
  CHECK(made.lanes[0].lines.size() == 2);  // the middle of each setup
  CHECK(made.lanes[0].bands.size() == 2);
  CHECK(compareLanes(flown.campaign, a, "control", {"snr_db", "flights"}).lanes[0].lines.size() == 6);
  CHECK(analysis::readAt(flown.campaign, a, "control", 400)[0].mean("snr_db") == Approx(12.5));
  CHECK(analysis::lanesCsv(flown.campaign, a, "control").find(",snr_db") != std::string::npos);
}

TEST_CASE("lanes: the share of flights that still hold falls from all to none, with the ranges marked on it") {
  const auto flown = simulate::simulate(test::twoSetups(3), 5);
  const auto a = test::analyseSimulated(flown);
  const Lanes made = compareLanes(flown.campaign, a, "control", {"holds"});
  REQUIRE(made.lanes.size() == 1);
  const Lane& lane = made.lanes[0];
  for (const Line& l : lane.lines) {
    if (l.name.empty()) continue;
    CHECK(l.y.front() == 100);
    CHECK(std::is_sorted(l.y.rbegin(), l.y.rend()));
  }
  REQUIRE(lane.dots.size() == 2);
  for (std::size_t s = 0; s < 2; ++s) {
    const analysis::SetupAnswer& answer = a.answers[s];
    REQUIRE(lane.dots[s].dots.size() == 2);
    CHECK(lane.dots[s].dots[0].x == *answer.dependable.estimate_m);
    CHECK(lane.dots[s].dots[1].x == *answer.typical.estimate_m);
    CHECK_FALSE(dotAt(lane, lane.dots[s].dots[0].x, 95, 10, 5));  // a mark, nothing to click
  }
}

TEST_CASE("channels: each has its plain words") {
  for (const log::ChannelInfo& c : log::channels())
    CHECK(words::term("channel-" + std::string(c.name)) !=
          QString::fromStdString("channel-" + std::string(c.name)));
  CHECK(words::channel("control.rssi_dbm") == "control signal");
  CHECK(words::channel("lat_deg") == "latitude");
}

TEST_CASE("lanes of a plan: what is predicted, or what to enter first") {
  const campaign::Campaign c = test::planned();
  const Lanes made = planLanes(c, plan::planned(c, 3000), 3000);
  REQUIRE(made.lanes.size() == 2);
  CHECK_FALSE(made.lanes[0].lines.empty());
  CHECK(made.lanes[1].bands.size() == 4);  // zone, its inner part, what stands on the ground, the ground
  CHECK(made.lanes[1].lines.size() == 5);  // ray, ground, rule, needed, flight
  const campaign::Campaign empty;
  const Lanes none = planLanes(empty, plan::planned(empty, 1000), 1000);
  CHECK_FALSE(none.lanes[0].note.empty());
  CHECK_FALSE(none.lanes[1].note.empty());
}

TEST_CASE("lanes of a plan: heights are told in feet where the pilot thinks in them") {
  const campaign::Campaign c = test::planned();
  const Lanes metric = planLanes(c, plan::planned(c, 3000), 3000);
  words::setStyle({QLocale(QLocale::English), words::Units::Imperial, words::Power::Milliwatt});
  const Lanes feet = planLanes(c, plan::planned(c, 3000), 3000);
  words::setStyle({});
  CHECK(feet.lanes[1].unit == "ft");
  CHECK(feet.lanes[1].high == Approx(metric.lanes[1].high / 0.3048));
  CHECK(feet.lanes[1].lines[0].y.back() == Approx(metric.lanes[1].lines[0].y.back() / 0.3048));
}
