// The plan of the flights: how many, in which order, battery, wind, limits, and the list before them.
#include <QCheckBox>
#include <QListWidget>
#include <QMenu>

#include "core/campaign/kit.h"
#include "app/plan/order_view.h"
#include "app/session.h"
#include "formats/files.h"

using namespace distanz;
using namespace distanz::app;
using namespace distanz::app::test;
using Catch::Matchers::Contains;

namespace {

struct Plan : Session {
  Plan() {
    window.workspace()->showStageNamed("plan");
    type("station", "46.91, 20.96");
    type("pathDistance", "3 km");
    type("pathBearing", "90");
    click(window, "page_flights");
  }
  void type(const char* field, const char* text) {
    distanz::app::test::type(child<QLineEdit>(window, field), text);
  }
  QString shown(const char* field) { return child<QLineEdit>(window, field).text(); }
  const std::vector<lanes::OrderBlock>& blocks() { return child<OrderView>(window, "orderView").blocks(); }
  std::string letters() {
    std::string out;
    for (const lanes::OrderBlock& b : blocks()) out += b.letter.toStdString();
    return out;
  }
};

}  // namespace

TEST_CASE("plan: battery and wind are typed with their units and tell how far, and when not to fly") {
  Plan p;
  CHECK_THAT(p.allFindings(), Contains("Enter airspeed, consumption and battery"));
  p.type("planAirspeed", "54 km/h");
  CHECK(p.campaign().plan.airspeed_mps == 15);
  CHECK(p.shown("planAirspeed") == "15 m/s");
  p.type("planUse", "100");
  p.type("planBattery", "0.6 Ah");
  CHECK(p.campaign().plan.battery_mah == 600);
  CHECK_THAT(p.allFindings(), Contains("A: the battery allows a turn at 2.10 km") && Contains("A: turn at 2.10 km at the latest (battery"));
  p.type("planWind", "16");
  p.type("planWindFrom", "270");
  CHECK_THAT(p.allFindings(), Contains("Do not fly"));
  p.document().undo();
  waitFor("undo", [&] { return !p.campaign().plan.wind_from_deg; });
  p.type("planWind", "200000");  // refused beside the field, nothing changes
  CHECK(p.campaign().plan.wind_mps == 16);
  p.type("planFarthest", "1 km");
  CHECK_THAT(p.allFindings(), Contains("1.00 km is allowed") && Contains("simulator"));
}

TEST_CASE("plan: the order is drawn in blocks, gets its clock times, and another seed draws another") {
  Plan p;
  const std::size_t setups = p.campaign().setups.size();
  p.type("planPairs", "6");
  REQUIRE(p.blocks().size() == 6 * setups);
  CHECK(p.blocks().front().when.isEmpty());
  p.type("planBegin", "630");
  CHECK(p.shown("planBegin") == "06:30");
  CHECK(p.campaign().plan.begin_s == 6.5 * 3600);
  p.type("planBegin", "at dawn");
  CHECK(p.campaign().plan.begin_s == 6.5 * 3600);
  CHECK(p.shown("planBegin") == "06:30");
  CHECK_THAT(child<QLabel>(p.window, "banner").text().toStdString(), Contains("not a time of day"));
  p.type("planAirspeed", "15");
  CHECK(p.blocks().front().when == "06:30");
  p.type("planBatteries", "3");
  CHECK(p.blocks().front().battery == 1);
  const std::string first = p.letters();
  bool other = false;
  for (const char* seed : {"2", "3", "4", "5"}) {
    p.type("planSeed", seed);
    other = other || p.letters() != first;
  }
  CHECK(other);
  p.type("planSeed", "1");
  CHECK(p.letters() == first);
  p.prompts.save = QString::fromStdString((p.dir / "order.csv").string());
  trigger(p.window, "exportCsv");
  CHECK_THAT(formats::readFile(p.dir / "order.csv"), Contains("place,setup,block") && Contains(",23400,"));
  p.prompts.save = QString::fromStdString((p.dir / "card.svg").string());
  trigger(p.window, "exportSvg");
  CHECK_THAT(formats::readFile(p.dir / "card.svg"), Contains("06:30") && Contains("Failsafe") && Contains("3.00 km"));
  p.prompts.save = QString::fromStdString((p.dir / "card.pdf").string());
  trigger(p.window, "exportPdf");
  CHECK_THAT(formats::readFile(p.dir / "card.pdf"), Contains("%PDF"));
}

TEST_CASE("plan: what the prediction counts is chosen beside the path, and changes the range") {
  Plan p;
  p.window.workspace()->showStageNamed("kit");
  click(p.window, "page_links");
  p.type("sensitivity", "-108 dBm");
  click(p.window, "page_chain");
  p.type("value-power_dbm", "100 mW");
  campaign::Campaign antennas = p.campaign();
  for (const campaign::Slot* end : {&campaign::kTransmitGain, &campaign::kReceiveGain})
    campaign::setValueAt(antennas, "A", "control", *end, 0);
  REQUIRE(p.document().edit(step("Antennas"), antennas));
  p.window.workspace()->showStageNamed("plan");
  click(p.window, "page_path");
  const auto range = [&] { return p.document().planned().limiting("A") ? *p.document().planned().limiting("A")->range_m : 0.0; };
  const double plain = range();
  REQUIRE(plain > 0);
  p.type("flightHeight", "10 m");
  choose(p.window, "planGround", "wet");
  CHECK(p.campaign().plan.ground == campaign::GroundKind::Wet);
  const double reflected = range();
  CHECK(reflected < plain);
  choose(p.window, "planSchool", "deygout");
  CHECK(p.campaign().plan.obstruction);
  CHECK(range() < reflected);
  choose(p.window, "planSchool", "");
  CHECK_FALSE(p.campaign().plan.obstruction);
  p.type("planRain", "40");
  CHECK(p.campaign().plan.rain_mm_h == 40);
  child<QCheckBox>(p.window, "planGases").click();
  CHECK(p.campaign().plan.gases);
  CHECK(range() < reflected);
  CHECK_THAT(p.allFindings(), Contains("10 m more height"));
}

TEST_CASE("plan: what a sentence offers is done with one click, and taken back") {
  Plan p;
  p.window.workspace()->showStageNamed("kit");
  click(p.window, "addSetup");
  p.window.workspace()->showStageNamed("plan");
  p.type("planPairs", "3");
  waitFor("the offer", [&] { return p.window.findChild<QPushButton*>("planSoMany"); });
  click(p.window, "planSoMany");
  waitFor("the number", [&] { return p.campaign().planned_pairs > 3; });
  CHECK_THAT(p.allFindings(), !Contains("for an 80 % chance"));
  p.document().undo();
  waitFor("undo", [&] { return p.campaign().planned_pairs == 3; });
}

TEST_CASE("plan: nothing is ticked by default; a tick keeps time and name, and is taken back") {
  Plan p;
  auto& list = child<QListWidget>(p.window, "preflight");
  REQUIRE(list.count() > 10);
  for (int i = 0; i < list.count(); ++i) CHECK(list.item(i)->checkState() == Qt::Unchecked);
  QTest::keyClicks(&child<QLineEdit>(p.window, "preflightWho"), "spotter");
  list.item(0)->setCheckState(Qt::Checked);
  waitFor("the tick", [&] { return p.campaign().plan.ticks.size() == 1; });
  CHECK(p.campaign().plan.ticks[0].who == "spotter");
  CHECK(p.campaign().plan.ticks[0].at.size() == 16);
  CHECK_THAT(list.item(0)->text().toStdString(), Contains("spotter"));
  list.item(1)->setCheckState(Qt::Checked);
  waitFor("another", [&] { return p.campaign().plan.ticks.size() == 2; });
  list.item(0)->setCheckState(Qt::Unchecked);
  waitFor("the tick gone", [&] { return p.campaign().plan.ticks.size() == 1; });
  p.document().undo();
  waitFor("undo", [&] { return p.campaign().plan.ticks.size() == 2; });
  CHECK(list.item(0)->checkState() == Qt::Checked);
  CHECK_THAT(p.allFindings(), Contains("Pre-flight list:"));
  campaign::Campaign old = p.campaign();
  for (campaign::Tick& t : old.plan.ticks) t.at = "2020-01-01T06:00";
  REQUIRE(p.document().edit(step("Old"), old));
  CHECK_THAT(p.allFindings(), Contains("2 of") && Contains("on another day"));
  click(p.window, "clearTicks");
  CHECK(p.campaign().plan.ticks.empty());
}

TEST_CASE("plan: labels for blind judging are drawn, saved for both who need them, and stay sealed until opened") {
  Plan p;
  p.type("planPairs", "3");
  auto& button = child<QPushButton>(p.window, "blind_labels");
  const auto choose_in_menu = [&](const char* name) {
    emit button.menu()->aboutToShow();
    child<QAction>(*button.menu(), name).trigger();
  };
  choose_in_menu("labels_draw");
  CHECK(p.campaign().plan.labels_seed > 0);
  CHECK_THAT(p.allFindings(), Contains("stays sealed"));
  p.prompts.save = QString::fromStdString((p.dir / "judge.csv").string());
  choose_in_menu("labels_judge");
  const std::string judge = formats::readFile(p.dir / "judge.csv");
  CHECK_THAT(judge, Contains("label,grade") && !Contains("A1"));
  p.prompts.save = QString::fromStdString((p.dir / "names.csv").string());
  choose_in_menu("labels_names");
  CHECK_THAT(formats::readFile(p.dir / "names.csv"), Contains("A1,"));
  choose_in_menu("labels_open");
  CHECK_FALSE(p.campaign().plan.labels_opened.empty());
  CHECK_THAT(p.allFindings(), Contains("are not blind"));
  const int seed = p.campaign().plan.labels_seed;
  choose_in_menu("labels_draw");
  CHECK(p.campaign().plan.labels_seed != seed);
  CHECK(p.campaign().plan.labels_opened.empty());
}

TEST_CASE("plan: what stands beside the antenna is said, and told where it is in the way") {
  Plan p;
  p.window.workspace()->showStageNamed("plan");
  click(p.window, "page_ground");
  choose(p.window, "planBeside", "vehicle");
  CHECK(p.campaign().station.beside == campaign::Beside::Vehicle);
  p.type("planBesideAt", "85");
  CHECK(p.campaign().station.beside_deg == 85);
  const bool low = p.campaign().station.antenna_height_m < 2;
  click(p.window, "page_path");
  if (!low) p.type("antennaHeight", "1.6 m");
  CHECK_THAT(p.allFindings(), Contains("stands between the ground antenna and the path"));
  p.type("antennaHeight", "3 m");
  CHECK_THAT(p.allFindings(), !Contains("stands between the ground antenna and the path"));
}
