// What logs tell beside the range, driven in the real window: pages of Compare, courses, marks, readings typed row by row.
#include <fmt/format.h>

#include <QClipboard>
#include <QComboBox>
#include <QLabel>
#include <QMenu>
#include <QTableWidget>
#include <QTimer>

#include "app/compare/compare_stage.h"
#include "app/runs/hand_log_dialog.h"
#include "app/runs/marks_dialog.h"
#include "app/runs/run_strip.h"
#include "app/session.h"
#include "core/dice/random.h"
#include "formats/log_writer.h"
#include "support/flown_log.h"

using namespace distanz;
using namespace distanz::app;
using namespace distanz::app::test;
using Catch::Matchers::Contains;

namespace {

/// Flights over a path with a shed on it, and everything a log can tell.
struct Told : Session {
  Told() {
    auto next = distanz::test::twoOnPath();
    next.paths[0].segments = {{"behind the shed", 200, 320}};
    next.plan.battery_mah = 1500;
    REQUIRE(document().edit(step("Campaign"), next));
    QStringList files;
    dice::Random random(3);
    for (int i = 0; i < 3; ++i)
      for (const char* setup : {"A", "B"}) {
        const std::string name = std::string(setup) + fmt::to_string(i + 1) + ".csv";
        distanz::test::FlownLog flown{700};
        log::Recording r = flown.begin();
        const double weak = *setup == 'A' ? 9 : 0, day = random.normal();
        const auto level = [=](double m) { return -50 - 25 * std::log10(std::max(m, 10.0) / 10) + day - (m > 200 && m < 320 ? weak : 0); };
        flown.add(r, "control.rssi_dbm", [&](double m, bool, double) { return level(m) + random.normal(); });
        flown.add(r, "control.lq_pct", [&](double, bool, double) { return 100; });
        flown.add(r, "control.rate_hz", [&](double m, bool, double) { return m < 450 + 10 * i ? 150 : 50; });
        flown.add(r, "video.bitrate_mbps", [&](double m, bool, double) { return m > 500 && m < 530 ? 0 : 20; });
        flown.add(r, "used_mah", [&](double, bool, double t) { return std::round(2 * t); });
        distanz::test::spill(dir / name, formats::writeLogCsv(r));
        files << QString::fromStdString(dir / name);
      }
    import(files);
    window.workspace()->showStageNamed("compare");
    QCoreApplication::processEvents();
  }
  CompareStage& stage() { return *dynamic_cast<CompareStage*>(window.workspace()->current()); }
  void page(const char* name) {
    click(window, name);
    QCoreApplication::processEvents();
  }
};

}  // namespace

TEST_CASE("compare: named stretches tell setups apart, in sentences, on paper and as a table") {
  Told s;
  s.page("page_stretches");
  s.stage().showLink("control");
  CHECK_THAT(s.allFindings(), Contains("behind the shed: Setup B beats Setup A by"));
  CHECK_THAT(s.stage().csv().toStdString(), Contains("A,control,path,behind the shed,200.0,320.0,"));
  CHECK_THAT(svgText(s.stage(), s.stage().paperSize()), Contains("behind the shed") && Contains("passes, 3 flights"));
  s.page("page_along");
  CHECK_THAT(s.stage().csv().toStdString(), !Contains("usable_pct"));
}

TEST_CASE("compare: steps, freezes and charge stand on their page") {
  Told s;
  s.page("page_steps");
  s.stage().showLink("control");
  CHECK_THAT(s.allFindings(), Contains("packet rate changes at") && Contains("the battery allows a turn"));
  s.stage().showLink("video");
  CHECK_THAT(s.allFindings(), Contains("video freezes every") && Contains("link lasted"));
  CHECK_THAT(s.stage().csv().toStdString(), Contains("from_m,flown_m,freezes") && Contains("out_mah_km"));
  CHECK_THAT(svgText(s.stage(), s.stage().paperSize()), Contains("Video freezes") && Contains("Battery"));
  s.page("page_sides");  // no positions in these logs
  const auto parts = child<QWidget>(s.window, "compareSheet").findChildren<QWidget*>();
  CHECK(std::any_of(parts.begin(), parts.end(), [](const QWidget* w) { return w->accessibleName().contains("No log with positions"); }));
}

TEST_CASE("runs: chosen runs become a course, which leaves the range and can be taken back") {
  Told s;
  REQUIRE(s.document().analysis().setups.size() > 0);
  s.window.workspace()->showStageNamed("runs");
  child<QTableView>(s.window, "runTable").selectAll();
  QMenu* menu = child<QPushButton>(s.window, "flownMenu").menu();
  emit menu->aboutToShow();
  child<QAction>(*menu, "flown_course").trigger();
  waitAnalysed(s.window);
  CHECK(s.document().analysis().setups.empty());
  CHECK_FALSE(s.document().analysis().segments.empty());
  trigger(s.window, "undo");
  waitAnalysed(s.window);
  CHECK(s.document().analysis().setups.size() > 0);
}

TEST_CASE("runs: a log without any place is brought in as a course, marked on its strip and in its list") {
  Session s;
  auto next = distanz::test::twoOnPath();
  next.paths[0].segments = {{"behind the shed", 260, 480}};
  REQUIRE(s.document().edit(step("Campaign"), next));
  std::string log = "time,RSSI [dBm]\n";
  for (int t = 0; t <= 100; ++t) log += fmt::format("{},{}\n", t, -60 - t % 7);
  distanz::test::spill(s.dir / "A1.csv", log);
  ImportDialog& dialog = s.dialog({QString::fromStdString(s.dir / "A1.csv")});
  auto& told = child<QLabel>(dialog, "importTold");
  waitFor("the refusal", [&] { return told.text().contains("position") || told.text().contains("distance"); });
  auto& flown = child<QComboBox>(dialog, "flownAs");
  flown.setCurrentIndex(1);
  emit flown.activated(1);
  waitFor("the look", [&] { return told.text().isEmpty(); });
  QTest::mouseClick(&child<QPushButton>(dialog, "importButton"), Qt::LeftButton);
  waitFor("the import", [&] { return s.campaign().runs.size() == 1; });
  waitAnalysed(s.window);
  CHECK(s.document().analysis().runs[0].why_not->code == "place-later");
  s.window.workspace()->showStageNamed("runs");
  auto& strip = child<RunStrip>(s.window, "runStrip");
  waitFor("the strip", [&] { return !strip.grab().isNull(); });
  emit strip.markWanted(10);  // what M at the pointer does
  emit strip.markWanted(40);
  REQUIRE(s.campaign().runs[0].marks.size() == 2);
  CHECK(s.campaign().runs[0].marks[0].along_m == 0);
  CHECK(s.campaign().runs[0].marks[1].along_m == 250);
  auto* marks = new MarksDialog(s.document(), s.campaign().runs[0].id, &s.window);
  marks->show();
  click(*marks, "marks_add");
  auto& table = child<QTableWidget>(*marks, "marks_table");
  REQUIRE(table.rowCount() == 3);
  table.item(2, 0)->setText("1:30");
  table.item(2, 1)->setText("600 m");
  CHECK(s.campaign().runs[0].marks[2].time_s == 90);
  CHECK(s.campaign().runs[0].marks[2].along_m == 600);
  table.item(2, 1)->setText("over there");
  CHECK(s.campaign().runs[0].marks[2].along_m == 600);
  waitAnalysed(s.window);
  CHECK(s.document().analysis().runs[0].in_segments);
  REQUIRE(s.document().analysis().segments.size() == 1);
  CHECK(s.document().analysis().segments[0].segment == "behind the shed");
  delete marks;
}

TEST_CASE("runs: a run is laid on another over the same course, shown how well, and placed when that is accepted") {
  Session s;
  REQUIRE(s.document().edit(step("Campaign"), distanz::test::twoOnPath()));
  dice::Random random(9);
  std::vector<double> ground;
  for (double a = 0; ground.size() < 900;) ground.push_back(-60 - 0.01 * double(ground.size()) + (a = 0.97 * a + random.normal()));
  std::string placed = "time,distance [m],RSSI [dBm]\n", lost = "time,RSSI [dBm]\n";
  for (int t = 0; t < 160; ++t) placed += fmt::format("{},{},{:.1f}\n", t, 20 + 5 * t, ground[std::size_t(20 + 5 * t)]);
  for (int t = 0; t < 200; ++t) lost += fmt::format("{},{:.1f}\n", t, ground[std::size_t(20 + 4 * t)] + 6 + 0.5 * random.normal());
  distanz::test::spill(s.dir / "A1.csv", placed);
  distanz::test::spill(s.dir / "B1.csv", lost);
  s.import({QString::fromStdString(s.dir / "A1.csv")});
  ImportDialog& dialog = s.dialog({QString::fromStdString(s.dir / "B1.csv")});
  auto& flown = child<QComboBox>(dialog, "flownAs");
  flown.setCurrentIndex(1);
  emit flown.activated(1);
  QTest::mouseClick(&child<QPushButton>(dialog, "importButton"), Qt::LeftButton);
  waitFor("the import", [&] { return s.campaign().runs.size() == 2; });
  MarksDialog marks(s.document(), "B1", &s.window);
  marks.show();
  click(marks, "likePropose");
  waitFor("the proposal", [&] { return child<QPushButton>(marks, "likeTake").isEnabled(); });
  CHECK_THAT(child<QLabel>(marks, "likeTold").text().toStdString(), Contains("Follows run A1") && Contains("%"));
  CHECK(s.campaign().runs[1].marks.empty());  // not before it is accepted
  click(marks, "likeTake");
  REQUIRE(s.campaign().runs[1].marks.size() > 10);
  CHECK(s.campaign().runs[1].marks_like == "A1");
  for (const campaign::Mark& m : s.campaign().runs[1].marks) CHECK(m.along_m == Approx(20 + 4 * m.time_s).margin(40));
}

TEST_CASE("runs: figures called out are typed one a post: a figure, Enter, a figure, out to the last post and back") {
  HandLogDialog dialog(3);
  dialog.show();
  auto& table = child<QTableWidget>(dialog, "handLog");
  const auto type = [&](const char* text) {
    const int row = table.currentRow();
    for (const char* c = text; *c; ++c) QTest::keyClick(c == text ? static_cast<QWidget*>(&table) : table.focusWidget(), *c);
    QTest::keyClick(dialog.focusWidget() ? dialog.focusWidget() : &table, Qt::Key_Return);
    waitFor("the next row", [&] { return table.currentRow() == row + 1; });
  };
  table.setItem(0, 0, new QTableWidgetItem("1"));
  table.setCurrentCell(0, 3);
  for (const char* called : {"-60", "-71", "-80", "-70", "-61"}) type(called);
  CHECK(dialog.csv() == "post,signal\n1,-60\n2,-71\n3,-80\n2,-70\n1,-61\n");
  // Back at the station; the row that waits for a figure is none.
  CHECK(table.item(5, 0)->text() == "0");
  dialog.reject();  // by Escape, say
  dialog.show();
  CHECK(dialog.csv().count('\n') == 6);
  dialog.clear();
  CHECK(dialog.csv().isEmpty());
}

TEST_CASE("runs: readings are typed row by row with the keyboard alone, and come in like any log") {
  HandLogDialog dialog;
  dialog.show();
  auto& table = child<QTableWidget>(dialog, "handLog");
  CHECK_FALSE(child<QPushButton>(dialog, "handLogTake").isEnabled());
  const auto put = [&](int row, int column, const char* text) {
    auto* item = new QTableWidgetItem(text);
    table.setItem(row, column, item);
  };
  table.setCurrentCell(0, 0);
  QTest::keyClick(&table, Qt::Key_1);  // typing opens the cell
  QTest::keyClick(table.focusWidget() ? table.focusWidget() : &table, Qt::Key_Return);
  waitFor("the next row", [&] { return table.currentRow() == 1; });
  REQUIRE(table.item(0, 0));
  CHECK(table.item(0, 0)->text() == "1");
  CHECK(table.item(1, 0)->text() == "2");  // the next post is there already
  put(0, 0, "1"), put(0, 3, "-62 dBm"), put(1, 0, "2"), put(1, 3, "-70 dBm"), put(2, 0, "4"), put(2, 10, "lost");
  CHECK(child<QPushButton>(dialog, "handLogTake").isEnabled());
  CHECK(dialog.csv() == "post,signal,event\n1,-62 dBm,\n2,-70 dBm,\n4,,lost\n");
  Session s;
  REQUIRE(s.document().edit(step("Campaign"), distanz::test::twoOnPath()));
  distanz::test::spill(s.dir / "A1.csv", dialog.csv().toStdString());
  s.import({QString::fromStdString(s.dir / "A1.csv")});
  CHECK(s.document().analysis().runs[0].farthest_m == Approx(1000));
}
