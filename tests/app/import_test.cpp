// The import dialog with several logs of one flight, and several flights of one log.
#include <fmt/format.h>

#include <QCheckBox>
#include <QClipboard>
#include <QComboBox>
#include <catch2/catch.hpp>

#include "app/harness.h"
#include "app/runs/import_dialog.h"
#include "app/session.h"
#include "core/analysis/result/campaign_analysis.h"
#include "support/wandering.h"

using namespace distanz;
using namespace distanz::app;
using namespace distanz::app::test;
using Catch::Matchers::Contains;

namespace {

void choose(QComboBox& box, int index) {
  box.setCurrentIndex(index);
  emit box.activated(index);
}

}  // namespace

TEST_CASE("import dialog: a log that goes with another is laid on its clock and becomes part of its run") {
  Session s;
  dice::Random random(4);
  std::string radio = "time,distance [m],RSSI [dBm]\n", video = "time;distance [m];bitrate [Mbit/s]\n";
  const auto d = distanz::test::wanderingFlight(random, 1200, 0.2);
  for (std::size_t i = 0; i < d.size(); ++i) {
    radio += fmt::format("{:.1f},{:.1f},{:.1f}\n", double(i) / 5, std::abs(d[i] + random.normal()), distanz::test::wanderingLevel_dbm(d[i]) + random.normal());
    if (i >= 60 && i % 5 == 0) video += fmt::format("{};{:.1f};{}\n", (i - 60) / 5, std::abs(d[i] + random.normal()), d[i] < 900 ? 25 : 2);
  }
  distanz::test::spill(s.dir / "A1.csv", radio);
  distanz::test::spill(s.dir / "video.csv", video);
  ImportDialog& dialog = s.dialog({QString::fromStdString(s.dir / "A1.csv"), QString::fromStdString(s.dir / "video.csv")});
  choose(child<QComboBox>(dialog, "with_1"), 1);
  auto& told = child<QLabel>(dialog, "importTold");
  waitFor("the clocks to be laid together", [&] { return told.text().contains("clock laid to within"); });
  CHECK_THAT(told.text().toStdString(), Contains("video.csv") && Contains("of path"));
  QTest::mouseClick(&child<QPushButton>(dialog, "importButton"), Qt::LeftButton);
  waitFor("the import", [&] { return s.campaign().runs.size() == 1; });
  REQUIRE(s.campaign().runs[0].sources.size() == 2);
  CHECK(s.campaign().runs[0].sources[1].clock_offset_s == Approx(12).margin(0.15));
  REQUIRE(s.campaign().runs[0].sources[1].clock_sd_s);  // said again on the run's strip
  CHECK(*s.campaign().runs[0].sources[1].clock_sd_s < 0.5);
  waitAnalysed(s.window);
  CHECK(s.document().analysis().runs[0].used);
}

TEST_CASE("import dialog: a log that cannot be laid says so, and is taken where the pilot lays it") {
  Session s;
  distanz::test::spill(s.dir / "A1.csv", "time,distance [m],RSSI [dBm]\n0,30,-50\n30,500,-70\n60,900,-80\n90,500,-72\n120,30,-50\n");
  distanz::test::spill(s.dir / "video.csv", "time;bitrate [Mbit/s]\n0;25\n40;10\n80;25\n");
  ImportDialog& dialog = s.dialog({QString::fromStdString(s.dir / "A1.csv"), QString::fromStdString(s.dir / "video.csv")});
  choose(child<QComboBox>(dialog, "with_1"), 1);
  auto& told = child<QLabel>(dialog, "importTold");
  waitFor("the refusal", [&] { return told.text().contains("cannot tell"); });
  auto& strip = child<RunStrip>(dialog, "runStrip");
  QTest::keyClick(&strip, Qt::Key_Right, Qt::AltModifier);
  waitFor("the look anew", [&] { return !told.text().contains("cannot tell") && !told.text().contains("Looking"); });
  QTest::mouseClick(&child<QPushButton>(dialog, "importButton"), Qt::LeftButton);
  waitFor("the import", [&] { return s.campaign().runs.size() == 1; });
  CHECK(s.campaign().runs[0].sources.at(1).clock_offset_s == Approx(0.1));
}

TEST_CASE("import dialog: dates that may tell the day or the month first are read as chosen, and that is kept") {
  Session s;
  std::string log = "Date,Time,distance [m],RSSI [dBm]\n";
  for (int i = 0; i <= 50; ++i) log += fmt::format("05/11/2026,06:31:{:02},{},{}\n", i, 20 * (i <= 25 ? i : 50 - i), -40 - (i <= 25 ? i : 50 - i));
  distanz::test::spill(s.dir / "A1.csv", log);
  ImportDialog& dialog = s.dialog({QString::fromStdString(s.dir / "A1.csv")});
  auto& order = child<QComboBox>(dialog, "unit_date");
  CHECK(order.currentText() == "month/day/year");
  choose(order, 1);
  CHECK(child<QComboBox>(dialog, "unit_date").currentText() == "day/month/year");
  QTest::mouseClick(&child<QPushButton>(dialog, "importButton"), Qt::LeftButton);
  waitFor("the import", [&] { return s.campaign().runs.size() == 1; });
  CHECK(s.campaign().runs[0].source().columns.at("date") == "Date [d/m/y]");
}

TEST_CASE("import dialog: a log of two antennas becomes a run for each, of one flight; and is put together again") {
  Session s;
  std::string log = "time,distance [m],1RSS [dBm],2RSS [dBm],LQ [%]\n";
  for (int i = 0; i <= 400; ++i) {
    const double d = i <= 200 ? 5.0 * i : 5.0 * (400 - i);
    log += fmt::format("{},{},{:.1f},{:.1f},100\n", i, d, -40 - 0.04 * d, -37 - 0.04 * d);
  }
  distanz::test::spill(s.dir / "A1.csv", log);
  ImportDialog& dialog = s.dialog({QString::fromStdString(s.dir / "A1.csv")});
  auto& table = child<QTableWidget>(dialog, "importLogs");
  choose(child<QComboBox>(dialog, "with_0"), 1);
  REQUIRE(table.rowCount() == 2);
  CHECK_THAT(table.item(1, 0)->text().toStdString(), Contains("antenna 2"));
  waitFor("the quality of both to be left out", [&] { return child<QComboBox>(dialog, "match_control.lq_pct").currentText().contains("left out"); });
  choose(child<QComboBox>(dialog, "with_1"), 0);
  REQUIRE(table.rowCount() == 1);
  // Put together again it has all it had, and what was corrected meanwhile on the whole log stays through telling apart.
  waitFor("the quality of both", [&] { return child<QComboBox>(dialog, "match_control.lq_pct").currentText() == "LQ [%]"; });
  choose(child<QComboBox>(dialog, "match_control.lq_pct"), 0);
  choose(child<QComboBox>(dialog, "with_0"), 1);
  choose(child<QComboBox>(dialog, "with_0"), 0);
  waitFor("the correction", [&] { return child<QComboBox>(dialog, "match_control.lq_pct").currentText().contains("left out"); });
  choose(child<QComboBox>(dialog, "with_0"), 1);
  REQUIRE(table.rowCount() == 2);
  QTest::mouseClick(&child<QPushButton>(dialog, "importButton"), Qt::LeftButton);
  waitFor("the import", [&] { return s.campaign().runs.size() == 2; });
  const auto& runs = s.campaign().runs;
  CHECK(runs[0].setup != runs[1].setup);
  CHECK(runs[0].flight == "A1");
  CHECK(runs[1].flight == "A1");
  CHECK(runs[0].source().columns.at("control.rssi_dbm") == "1RSS [dBm]");
  CHECK(runs[1].source().columns.at("control.rssi_dbm") == "2RSS [dBm]");
  waitAnalysed(s.window);
  CHECK(s.document().analysis().runs[0].used);
  CHECK(s.document().analysis().runs[1].used);
}

TEST_CASE("import dialog: readings are pasted from a spreadsheet, and kept as they were") {
  Session s;
  s.window.workspace()->showStageNamed("runs");
  QGuiApplication::clipboard()->setText("distance\tsignal\tevent\n100\t-55\t\n500\t-70\t\n900\t-80\tbreak-up\n1000\t\tlost\n1050\t\tturned\n800\t-78\tregained\n");
  child<QAction>(s.window, "pasteReadings").trigger();
  auto& dialog = child<ImportDialog>(s.window, "importDialog");
  waitFor("the look", [&] { return !child<QLabel>(dialog, "importTold").text().contains("Looking"); });
  QTest::mouseClick(&child<QPushButton>(dialog, "importButton"), Qt::LeftButton);
  waitFor("the import", [&] { return s.campaign().runs.size() == 1; });
  CHECK(s.campaign().runs[0].source().file.starts_with("pasted"));
  waitAnalysed(s.window);
  CHECK(s.document().analysis().runs[0].farthest_m == Approx(1050));
  QGuiApplication::clipboard()->clear();
}

TEST_CASE("import dialog: a match that was corrected once is remembered for logs with the same columns") {
  Session s;
  const std::string odd = "time_s;a;Dist(ft)\n0;-60;30\n10;-65;900\n20;-61;30\n";
  distanz::test::spill(s.dir / "B7.csv", odd);
  distanz::test::spill(s.dir / "B8.csv", odd + "30;-62;40\n");
  distanz::test::spill(s.dir / "B9.csv", "time_s;b;Dist(ft)\n0;-60;30\n10;-65;900\n");
  ImportDialog& dialog = s.dialog({QString::fromStdString(s.dir / "B7.csv")});
  auto& signal = child<QComboBox>(dialog, "match_control.rssi_dbm");
  choose(signal, signal.findText("a"));
  QTest::mouseClick(&child<QPushButton>(dialog, "importButton"), Qt::LeftButton);
  waitFor("the import", [&] { return s.campaign().runs.size() == 1; });
  ImportDialog& again = s.dialog({QString::fromStdString(s.dir / "B8.csv")});
  CHECK(child<QComboBox>(again, "match_control.rssi_dbm").currentText() == "a");
  again.close();
  QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
  ImportDialog& other = s.dialog({QString::fromStdString(s.dir / "B9.csv")});
  CHECK(child<QComboBox>(other, "match_control.rssi_dbm").currentData().toInt() == -1);
  other.close();
}

TEST_CASE("import dialog: flights of one log are offered apart") {
  Session s;
  dice::Random random(5);
  std::string log = "time,distance [m],height [m],RSSI [dBm]\n";
  double t = 0;
  for (const double out_m : {700, 1100}) {
    for (int i = 0; i < 100; ++i, t += 0.2) log += fmt::format("{:.1f},2,0,-40\n", t);
    for (const double at : distanz::test::wanderingFlight(random, out_m, 0.2)) {
      log += fmt::format("{:.1f},{:.1f},40,{:.1f}\n", t, at, distanz::test::wanderingLevel_dbm(at) + random.normal());
      t += 0.2;
    }
  }
  distanz::test::spill(s.dir / "B2.csv", log);
  ImportDialog& dialog = s.dialog({QString::fromStdString(s.dir / "B2.csv")});
  auto& split = child<QCheckBox>(dialog, "importSplit");
  waitFor("the offer", [&] { return split.isVisible(); });
  CHECK_THAT(split.text().toStdString(), Contains("2 flights"));
  split.setChecked(true);
  QTest::mouseClick(&child<QPushButton>(dialog, "importButton"), Qt::LeftButton);
  waitFor("the import", [&] { return s.campaign().runs.size() == 2; });
  CHECK(s.campaign().runs[0].to_s < s.campaign().runs[1].from_s);
  waitAnalysed(s.window);
  for (const auto& run : s.document().analysis().runs) CHECK(run.used);
  trigger(s.window, "undo");
  CHECK(s.campaign().runs.empty());
}

TEST_CASE("import dialog: what a time is written in is told in words") {
  Session s;
  std::string log = "Zeit;Entfernung (Meter);Signal\n";
  for (int i = 0; i < 200; ++i) log += fmt::format("{}:{:02};{};{}\n", i / 60, i % 60, 20 + 5 * i, -50 - i / 8);
  distanz::test::spill(s.dir / "A1.csv", log);
  ImportDialog& dialog = s.dialog({QString::fromStdString(s.dir / "A1.csv")});
  const auto& matches = child<QTableWidget>(dialog, "importMatches");
  CHECK(matches.item(0, 2)->text() == "minutes and seconds");
  CHECK(matches.item(1, 2)->text() == "m");
}
