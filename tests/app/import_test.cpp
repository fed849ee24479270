// The import dialog with several logs of one flight, and several flights of one log.
#include <fmt/format.h>

#include <QCheckBox>
#include <QClipboard>
#include <QComboBox>
#include <QMessageBox>
#include <catch2/catch.hpp>

#include "app/harness.h"
#include "app/runs/import_dialog.h"
#include "app/runs/import_rows.h"
#include "app/session.h"
#include "core/analysis/result/campaign_analysis.h"
#include "core/campaign/new_campaign.h"
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
  waitFor("the clocks to be laid together", [&] { return told.text().contains("clock matched within"); });
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
  waitFor("the refusal", [&] { return told.text().contains("cannot be matched"); });
  auto& strip = child<RunStrip>(dialog, "runStrip");
  QTest::keyClick(&strip, Qt::Key_Right, Qt::AltModifier);
  waitFor("the look anew", [&] { return !told.text().contains("cannot be matched") && !told.text().contains("Reading "); });
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
  waitFor("the quality of both to be left out", [&] { return s.meaning(dialog, "LQ [%]").empty(); });
  choose(child<QComboBox>(dialog, "with_1"), 0);
  REQUIRE(table.rowCount() == 1);
  // Put together again it has all it had, and what was corrected meanwhile on the whole log stays through telling apart.
  waitFor("the quality of both", [&] { return s.meaning(dialog, "LQ [%]") == "control.lq_pct"; });
  s.mean(dialog, "LQ [%]", "");
  choose(child<QComboBox>(dialog, "with_0"), 1);
  choose(child<QComboBox>(dialog, "with_0"), 0);
  waitFor("the correction", [&] { return s.meaning(dialog, "LQ [%]").empty(); });
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
  waitFor("the look", [&] { return !child<QLabel>(dialog, "importTold").text().contains("Reading "); });
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
  s.mean(dialog, "a", "control.rssi_dbm");
  QTest::mouseClick(&child<QPushButton>(dialog, "importButton"), Qt::LeftButton);
  waitFor("the import", [&] { return s.campaign().runs.size() == 1; });
  ImportDialog& again = s.dialog({QString::fromStdString(s.dir / "B8.csv")});
  CHECK(s.meaning(again, "a") == "control.rssi_dbm");
  again.close();
  QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
  ImportDialog& other = s.dialog({QString::fromStdString(s.dir / "B9.csv")});
  CHECK(s.meaning(other, "b").empty());
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
  const auto& matches = child<QTableWidget>(dialog, "importColumns");
  CHECK(matches.item(0, 2)->text() == "minutes and seconds");
  CHECK(matches.item(1, 2)->text() == "m");
}

namespace {

/// Out and back at 10 m/s by its positions, from the station of the demo's valley; `extra` rows of text as a log has them.
std::string gnssLog(int farthest_m, const std::string& began = {}, double far_quality = 99) {
  std::string out = began.empty() ? "time_s,lat,lon,RSSI [dBm],LQ [%],Vbat\n" : "date,time,lat,lon,RSSI [dBm],LQ [%],Vbat\n";
  const int half = farthest_m / 10;
  for (int i = 0; i <= 2 * half; ++i) {
    const double d = 10.0 * (i <= half ? i : 2 * half - i);
    const std::string clock = began.empty() ? std::to_string(i) : fmt::format("{},06:{:02}:{:02}", began, 30 + i / 60, i % 60);
    out += fmt::format("{},{:.7f},20.9600000,{:.1f},{},16.1\n", clock, 46.91 + d / 111200, -45 - 0.035 * d + i % 3, d > 0.94 * farthest_m ? far_quality : 99 - i % 2);
  }
  return out;
}

std::string distanceLog(int i) {
  std::string out = "time,distance [m],RSSI [dBm],LQ [%],Odd\n";
  for (int t = 0; t <= 120; ++t) out += fmt::format("{},{},{},99,{}\n", t, 10 * (t <= 60 ? t : 120 - t) + i, -50 - (t <= 60 ? t : 120 - t) / 2 - t % 3, 1000 + t);
  return out;
}

struct Importing : Session {
  QStringList files;
  void put(const std::string& name, const std::string& bytes) {
    distanz::test::spill(dir / name, bytes);
    files << QString::fromStdString(dir / name);
  }
  QTableWidget& logs(ImportDialog& d) { return child<QTableWidget>(d, "importLogs"); }
  void waitRead(ImportDialog& d) {
    waitFor("all to be read", [&] {
      for (int i = 0; i < logs(d).rowCount(); ++i)
        if (logs(d).item(i, ImportState) && logs(d).item(i, ImportState)->text().contains("reading")) return false;
      return true;
    });
  }
};

}  // namespace

TEST_CASE("import dialog: one wrong log does not hold back nine good ones, and stays with its reason") {
  Importing s;
  for (int i = 1; i <= 9; ++i) s.put(fmt::format("{}{}.csv", i % 2 ? "A" : "B", (i + 1) / 2), distanceLog(i));
  s.put("B5.csv", "time,distance [m],RSSI [dBm]\n0,5,-60\n9,50,-61\n3,70,-62\n");
  ImportDialog& dialog = s.dialog(s.files);
  settle();
  auto& table = s.logs(dialog);
  REQUIRE(table.rowCount() == 10);
  CHECK(table.visualItemRect(table.item(9, ImportLog)).bottom() <= table.viewport()->height());  // all ten are seen
  s.waitRead(dialog);
  QTest::mouseClick(&child<QPushButton>(dialog, "importButton"), Qt::LeftButton);
  waitFor("the import", [&] { return s.campaign().runs.size() == 9; });
  waitFor("the rest", [&] { return table.rowCount() == 1; });
  CHECK(dialog.isVisible());
  CHECK(table.item(0, ImportLog)->text() == "B5.csv");
  CHECK_THAT(table.item(0, ImportState)->text().toStdString(), Contains("backwards") && !Contains("B5.csv"));
  CHECK_THAT(child<QLabel>(dialog, "importMessage").text().toStdString(), Contains("9 runs imported") && Contains("1 log"));
  trigger(s.window, "undo");
  CHECK(s.campaign().runs.empty());  // one step
}

TEST_CASE("import dialog: a log is left out, and no end of a flight is claimed that nobody set") {
  Importing s;
  s.put("A1.csv", distanceLog(1));
  s.put("B1.csv", distanceLog(2));
  ImportDialog& dialog = s.dialog(s.files);
  s.waitRead(dialog);
  CHECK(child<QComboBox>(dialog, "ended_0").currentText() == "not set");
  s.logs(dialog).item(1, ImportLog)->setCheckState(Qt::Unchecked);
  QTest::mouseClick(&child<QPushButton>(dialog, "importButton"), Qt::LeftButton);
  waitFor("the import", [&] { return s.campaign().runs.size() == 1; });
  CHECK(s.campaign().runs[0].setup == "A");
  CHECK(s.campaign().runs[0].ended == campaign::Ended::Unknown);
}

TEST_CASE("import dialog: an end that the log shows is a guess, marked as one") {
  Importing s;
  s.put("A1.csv", gnssLog(1500, {}, 20));
  ImportDialog& dialog = s.dialog(s.files);
  waitFor("the guess", [&] { return child<QComboBox>(dialog, "ended_0").currentText().contains("guess"); });
  QTest::mouseClick(&child<QPushButton>(dialog, "importButton"), Qt::LeftButton);
  waitFor("the import", [&] { return s.campaign().runs.size() == 1; });
  CHECK(s.campaign().runs[0].ended == campaign::Ended::QualityLimit);
}

TEST_CASE("import dialog: Escape asks before work is lost, and a closed import is taken up again") {
  Importing s;
  s.put("A1.csv", distanceLog(1));
  ImportDialog& dialog = s.dialog(s.files);
  s.waitRead(dialog);
  QTest::keyClicks(&child<QLineEdit>(dialog, "notes_0"), "gusty");
  QTest::keyClick(&dialog, Qt::Key_Escape);
  REQUIRE(dialog.findChild<QMessageBox*>("importClose"));
  QTest::mouseClick(dialog.findChild<QPushButton*>("importKeep"), Qt::LeftButton);
  CHECK_FALSE(dialog.isVisible());
  s.window.workspace()->showStageNamed("runs");
  auto& again = child<QPushButton>(s.window, "takeUpImport");
  REQUIRE(again.isVisible());
  CHECK_THAT(again.text().toStdString(), Contains("1 log"));
  QTest::mouseClick(&again, Qt::LeftButton);
  REQUIRE(dialog.isVisible());
  CHECK(child<QLineEdit>(dialog, "notes_0").text() == "gusty");
  CHECK_FALSE(again.isVisible());
  QTest::mouseClick(&child<QPushButton>(dialog, "importButton"), Qt::LeftButton);
  waitFor("the import", [&] { return s.campaign().runs.size() == 1; });
  CHECK(s.campaign().runs[0].notes == "gusty");
}

TEST_CASE("import dialog: nothing done is closed without a question") {
  Importing s;
  s.put("A1.csv", distanceLog(1));
  ImportDialog& dialog = s.dialog(s.files);
  QTest::keyClick(&dialog, Qt::Key_Escape);
  CHECK_FALSE(dialog.findChild<QMessageBox*>("importClose"));
  CHECK_FALSE(dialog.isVisible());
}

TEST_CASE("import dialog: same names go together, where their clocks do not say otherwise; the offset has a field") {
  Importing s;
  campaign::Campaign next = s.campaign();
  campaign::addLink(next, campaign::LinkKind::Video);
  REQUIRE(s.document().edit(step("Link"), next));
  std::string video = "date;time;bitrate [Mbit/s]\n";
  for (int i = 0; i <= 240; ++i) video += fmt::format("2026-04-12;06:{:02}:{:02};{}\n", 30 + i / 60, i % 60, i < 90 ? 25 : 12);
  s.put("A1.csv", gnssLog(1500, "2026-04-12"));
  s.put("1-A.srt", video);
  s.put("A2.csv", gnssLog(1400, "2026-04-13"));
  ImportDialog& dialog = s.dialog(s.files);
  waitFor("the pair", [&] { return child<QComboBox>(dialog, "with_1").currentData().toInt() == 0; });
  CHECK(child<QComboBox>(dialog, "with_2").currentData().toInt() == -1);
  CHECK(child<QPushButton>(dialog, "importButton").text() == "Import 2 runs");
  s.logs(dialog).setCurrentCell(1, 0);
  auto& offset = child<QLineEdit>(dialog, "importOffset");
  REQUIRE(offset.isVisible());
  type(offset, "0:05");
  QTest::mouseClick(&child<QPushButton>(dialog, "importButton"), Qt::LeftButton);
  waitFor("the import", [&] { return s.campaign().runs.size() == 2; });
  REQUIRE(s.campaign().runs[0].sources.size() == 2);
  CHECK(s.campaign().runs[0].sources[1].clock_offset_s == Approx(5));
}

TEST_CASE("import dialog: columns keep their place, one serves one channel, and a correction is offered to others") {
  Importing s;
  for (int i = 1; i <= 3; ++i) s.put(fmt::format("A{}.csv", i), distanceLog(i));
  ImportDialog& dialog = s.dialog(s.files);
  s.waitRead(dialog);
  auto& columns = child<QTableWidget>(dialog, "importColumns");
  REQUIRE(columns.rowCount() == 5);
  CHECK(columns.item(4, 0)->text() == "Odd");  // not used: named, with its first values
  CHECK_THAT(columns.item(4, 3)->text().toStdString(), Contains("1000") && Contains("1001"));
  auto& offered = child<QPushButton>(dialog, "importAlike");
  CHECK_FALSE(offered.isVisible());
  s.mean(dialog, "Odd", "used_mah");
  CHECK(columns.item(4, 0)->text() == "Odd");
  REQUIRE(offered.isVisible());
  CHECK_THAT(offered.text().toStdString(), Contains("2 more logs"));
  s.mean(dialog, "Odd", "control.lq_pct");  // what served it before does no longer
  CHECK(s.meaning(dialog, "LQ [%]").empty());
  CHECK(s.meaning(dialog, "Odd") == "control.lq_pct");
  s.mean(dialog, "LQ [%]", "control.lq_pct");
  CHECK(s.meaning(dialog, "Odd").empty());
  s.mean(dialog, "Odd", "used_mah");
  s.logs(dialog).setCurrentCell(1, 0);
  CHECK(s.meaning(dialog, "Odd").empty());  // offered, not applied
  s.logs(dialog).setCurrentCell(0, 0);
  QTest::mouseClick(&offered, Qt::LeftButton);
  s.logs(dialog).setCurrentCell(2, 0);
  CHECK(s.meaning(dialog, "Odd") == "used_mah");
}

TEST_CASE("import dialog: a log of a link that the kit lacks offers that link, and is no other link's meanwhile") {
  Importing s;
  s.put("A1.csv", "time,distance [m],RSSI [dBm],bitrate [Mbit/s]\n0,30,-50,25\n30,500,-70,20\n60,900,-80,9\n90,500,-72,20\n120,30,-50,25\n");
  ImportDialog& dialog = s.dialog(s.files);
  settle();
  CHECK(s.meaning(dialog, "bitrate [Mbit/s]").empty());
  auto& add = child<QPushButton>(dialog, "importAddLink");
  REQUIRE(add.isVisible());
  CHECK_THAT(child<QLabel>(dialog, "importLacking").text().toStdString(), Contains("bitrate"));
  QTest::mouseClick(&add, Qt::LeftButton);
  REQUIRE(s.campaign().links.size() == 2);
  settle();
  CHECK(s.meaning(dialog, "bitrate [Mbit/s]") == "video.bitrate_mbps");
  CHECK_FALSE(add.isVisible());
}

TEST_CASE("import dialog: no station yet, and the first log's take-off and track are offered") {
  Importing s;
  s.put("A1.csv", gnssLog(2000));
  s.put("B1.csv", gnssLog(1800));
  ImportDialog& dialog = s.dialog(s.files);
  auto& place = child<QCheckBox>(dialog, "importPlace");
  waitFor("the offer", [&] { return place.isVisible(); });
  CHECK(place.isChecked());
  CHECK_THAT(place.text().toStdString(), Contains("A1.csv") && Contains("2.00 km"));
  s.waitRead(dialog);
  if (qEnvironmentVariableIsSet("DISTANZ_LOOK")) dialog.grab().save(qEnvironmentVariable("DISTANZ_LOOK"));
  QTest::mouseClick(&child<QPushButton>(dialog, "importButton"), Qt::LeftButton);
  waitFor("the import", [&] { return s.campaign().runs.size() == 2; });
  REQUIRE(s.campaign().station.position());
  CHECK(s.campaign().station.position()->lat_deg == Approx(46.91));
  waitAnalysed(s.window);
  CHECK(s.document().analysis().runs[1].farthest_m == Approx(1800).margin(10));
}

TEST_CASE("import dialog: a setup that was added in Kit meanwhile is offered, one that went is not kept") {
  Importing s;
  s.put("C1.csv", distanceLog(1));
  ImportDialog& dialog = s.dialog(s.files);
  s.waitRead(dialog);
  QTest::keyClicks(&child<QLineEdit>(dialog, "notes_0"), "x");
  QTest::keyClick(&dialog, Qt::Key_Escape);
  QTest::mouseClick(dialog.findChild<QPushButton*>("importKeep"), Qt::LeftButton);
  campaign::Campaign next = s.campaign();
  next.setups.erase(next.setups.begin());  // the one that it was given
  campaign::Setup c;
  c.id = "C";
  next.setups.push_back(c);
  REQUIRE(s.document().edit(step("Setup"), next));
  s.window.workspace()->showStageNamed("runs");
  QTest::mouseClick(&child<QPushButton>(s.window, "takeUpImport"), Qt::LeftButton);
  settle();
  auto& box = child<QComboBox>(dialog, "setup_0");
  CHECK(box.currentData().toString() == "C");
  CHECK(box.findData("A") < 0);
  CHECK(child<QLineEdit>(dialog, "notes_0").text() == "x");
}

TEST_CASE("import dialog: what was read by columns that were corrected since is no answer") {
  Importing s;
  s.put("A1.csv", "t,distance [m],level,LQ [%]\n" + distanceLog(1).substr(distanceLog(1).find('\n') + 1));
  ImportDialog& dialog = s.dialog(s.files);
  s.mean(dialog, "level", "control.rssi_dbm");  // while it is being read
  s.mean(dialog, "t", "time_s");
  s.waitRead(dialog);
  settle();
  s.waitRead(dialog);
  CHECK_THAT(s.logs(dialog).item(0, ImportState)->text().toStdString(), Contains("2 min, out to"));
  QTest::mouseClick(&child<QPushButton>(dialog, "importButton"), Qt::LeftButton);
  waitFor("the import", [&] { return s.campaign().runs.size() == 1; });
}
