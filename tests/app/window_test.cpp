// The real window from the start view to the verdict, as a pilot would go.
#include <QComboBox>
#include <QInputDialog>
#include <QLineEdit>
#include <QPushButton>
#include <QStandardPaths>
#include <QSvgRenderer>
#include <QTableView>
#include <QTableWidget>
#include <QTimer>
#include <fmt/format.h>

#include "app/compare/compare_stage.h"
#include "app/runs/run_strip.h"
#include "app/runs/run_table.h"
#include "app/runs/import_rows.h"
#include "app/session.h"
#include "app/window/stages.h"
#include "core/analysis/result/campaign_analysis.h"
#include "core/campaign/kit.h"
#include "formats/files.h"
#include "formats/interchange.h"

using namespace distanz;
using namespace distanz::app;
using namespace distanz::app::test;
using Catch::Matchers::Contains;
using distanz::test::TempDir;

TEST_CASE("window: from an empty campaign to a verdict, kept, undone and exported") {
  Session s;
  // Kit: values as people type them; a wrong one is refused beside the field and changes nothing.
  type(child<QLineEdit>(s.window, "name_A"), "Print patch");
  type(child<QLineEdit>(s.window, "name_B"), "Six-turn helix");
  type(child<QLineEdit>(s.window, "name_A"), "Print patch");  // chosen again
  type(child<QLineEdit>(s.window, "value-power_dbm"), "250 mW");
  click(s.window, "page_links");
  type(child<QLineEdit>(s.window, "sensitivity"), "-104 dBm");
  CHECK(s.campaign().setups[0].name == "Print patch");
  CHECK(s.campaign().links[0].sensitivity_dbm == -104.0);
  CHECK(campaign::valueAt(s.campaign(), s.campaign().setups[0].links.at("control"), campaign::kTransmitPower)
            .value() == Approx(23.979).margin(0.001));
  auto& frequency = child<QLineEdit>(s.window, "frequency");
  type(frequency, "5.8 GHx");
  CHECK(s.campaign().links[0].frequency_mhz == 2440);
  CHECK(frequency.property("refused").toBool());
  CHECK_THAT(frequency.toolTip().toStdString(), Contains("not a unit"));
  type(frequency, "2.45 GHz");
  CHECK(s.campaign().links[0].frequency_mhz == 2450);
  CHECK_FALSE(frequency.property("refused").toBool());

  // Plan: far post by distance and bearing.
  s.window.workspace()->showStageNamed("plan");
  CHECK_FALSE(child<QLineEdit>(s.window, "pathDistance").isEnabled());
  CHECK_THAT(s.allFindings(), Contains("Set the station"));
  type(child<QLineEdit>(s.window, "station"), "46.91, 20.96");
  type(child<QLineEdit>(s.window, "pathDistance"), "3.5 km");
  type(child<QLineEdit>(s.window, "pathBearing"), "54");
  REQUIRE(campaign::firstPath(s.campaign()).size() == 2);
  CHECK(course::between(s.campaign().station.position().value(),
                        campaign::firstPath(s.campaign()).back().position)
            .distance_m == Approx(3500).margin(0.1));
  CHECK_THAT(s.allFindings(), Contains("clear"));

  // Runs: six logs in, setups guessed from their names.
  s.window.workspace()->showStageNamed("runs");
  s.import(s.logs(3, 7));
  CHECK(s.campaign().runs.size() == 6);
  CHECK(s.campaign().runs[1].setup == "B");
  CHECK(s.campaign().runs[5].order == 6);

  // Compare: the verdict in sentences, readings at a picked distance, exports.
  s.window.workspace()->showStageNamed("compare");
  CHECK_THAT(s.allFindings(), Contains("Six-turn helix reaches farther than Print patch"));
  s.document().pick(1200);
  for (const auto& [action, ending] : std::vector<std::pair<const char*, const char*>>{
           {"exportPng", ".png"}, {"exportSvg", ".svg"}, {"exportCsv", ".csv"}}) {
    s.prompts.save = QString::fromStdString(s.dir / "view") + ending;
    trigger(s.window, action);
    CHECK(std::filesystem::file_size(s.prompts.save.toStdString()) > 1000);
  }
  CHECK(QImage(QString::fromStdString(s.dir / "view.png")).width() > 800);
  CHECK(QSvgRenderer(QString::fromStdString(s.dir / "view.svg")).isValid());
  CHECK_THAT(distanz::test::slurp(s.dir / "view.csv"), Contains("A1,A,out,"));

  // Keep: undo takes the import back, redo brings it again; the interchange folder gives the same campaign.
  trigger(s.window, "undo");
  CHECK(s.campaign().runs.empty());
  trigger(s.window, "redo");
  CHECK(s.campaign().runs.size() == 6);
  s.prompts.save = QString::fromStdString(s.dir / "folder");
  sendAway(s.window, "exportFolder");
  waitFor("the folder", [&] { return std::filesystem::exists(s.dir / "folder"); });
  CHECK(formats::openInterchange(s.dir / "folder").campaign == s.campaign());
}

TEST_CASE("window: a bad log is refused in the dialog with the reason, and nothing is imported") {
  Session s;
  distanz::test::spill(s.dir / "A1.csv", "time_s,distance_m,rssi_dbm\n0,5,-60\n9,50,-61\n3,70,-62\n");
  ImportDialog& dialog = s.dialog({QString::fromStdString(s.dir / "A1.csv")});
  QTest::mouseClick(&child<QPushButton>(dialog, "importButton"), Qt::LeftButton);
  const auto told = [&] { return child<QTableWidget>(dialog, "importLogs").item(0, ImportState)->text().toStdString(); };
  waitFor("the refusal", [&] { return child<QLabel>(dialog, "importMessage").text().contains("Not imported"); });
  CHECK_THAT(told(), Contains("time runs backwards") && Contains("line 4"));
  CHECK_THAT(told(), !Contains("A1.csv"));  // it stands beside it
  CHECK(s.campaign().runs.empty());
  CHECK(dialog.isVisible());
}

TEST_CASE("window: a binary file cannot even be chosen for import, and says why") {
  Session s;
  distanz::test::spill(s.dir / "x.csv", std::string("\x7f"
                                                    "ELF\0\0\1",
                                                    8));
  ImportDialog& dialog = s.dialog({QString::fromStdString(s.dir / "x.csv")});
  CHECK_FALSE(child<QPushButton>(dialog, "importButton").isEnabled());
  CHECK_THAT(child<QTableWidget>(dialog, "importLogs").item(0, 1)->text().toStdString(),
             Contains("binary file"));
}

TEST_CASE("window: a column match is shown, corrected by hand, and the correction holds") {
  Session s;
  distanz::test::spill(s.dir / "B7.csv", "time_s;a;Dist(ft)\n0;-60;30\n10;-65;900\n20;-61;30\n");
  ImportDialog& dialog = s.dialog({QString::fromStdString(s.dir / "B7.csv")});
  CHECK(s.meaning(dialog, "Dist(ft)") == "distance_m");
  CHECK(s.meaning(dialog, "a").empty());  // named with its values, and used for nothing
  CHECK_THAT(child<QTableWidget>(dialog, "importColumns").item(2, 3)->text().toStdString(), Contains("-60"));
  s.mean(dialog, "a", "control.rssi_dbm");
  QTest::mouseClick(&child<QPushButton>(dialog, "importButton"), Qt::LeftButton);
  waitFor("the import", [&] { return s.campaign().runs.size() == 1; });
  CHECK(s.campaign().runs[0].setup == "B");
  CHECK(s.campaign().runs[0].source().columns.at("control.rssi_dbm") == "a");
  waitAnalysed(s.window);
  CHECK(s.document().analysis().runs[0].farthest_m == Approx(900 * 0.3048).margin(0.01));
}

TEST_CASE("window: what only its values tell is offered as a guess, and counts once it is chosen") {
  Session s;
  std::string log = "ms;d;x\n";
  for (int i = 0; i < 30; ++i)
    log += fmt::to_string(i * 1000) + ";" + fmt::to_string(30 + 40 * i) + ";" + fmt::to_string(-60 - i % 25) + "\n";
  distanz::test::spill(s.dir / "B7.csv", log);
  ImportDialog& dialog = s.dialog({QString::fromStdString(s.dir / "B7.csv")});
  CHECK(s.meaning(dialog, "ms").empty());  // offered, not taken
  CHECK_THAT(s.meaningOf(dialog, "ms").currentText().toStdString(), Contains("perhaps time"));
  if (qEnvironmentVariableIsSet("DISTANZ_LOOK")) dialog.grab().save(qEnvironmentVariable("DISTANZ_LOOK"));
  s.mean(dialog, "ms", "time_s");
  s.mean(dialog, "d", "distance_m");
  s.mean(dialog, "x", "control.rssi_dbm");
  QTest::mouseClick(&child<QPushButton>(dialog, "importButton"), Qt::LeftButton);
  waitFor("the import", [&] { return s.campaign().runs.size() == 1; });
  CHECK(s.campaign().runs[0].source().columns.at("time_s") == "ms");
}

TEST_CASE("window: a power whose unit nobody knows is asked for, and the answer holds") {
  Session s;
  distanz::test::spill(s.dir / "B7.csv",
                       "time_s,rssi_dbm,distance_m,TX power\n0,-60,30,20\n10,-65,900,20\n20,-61,30,20\n");
  ImportDialog& dialog = s.dialog({QString::fromStdString(s.dir / "B7.csv")});
  auto& unit = child<QComboBox>(dialog, "unit_control.power_mw");
  const int dbm = unit.findText("dBm");
  unit.setCurrentIndex(dbm);
  emit unit.activated(dbm);
  QTest::mouseClick(&child<QPushButton>(dialog, "importButton"), Qt::LeftButton);
  waitFor("the import", [&] { return s.campaign().runs.size() == 1; });
  CHECK(s.campaign().runs[0].source().columns.at("control.power_mw") == "TX power [dBm]");
}

TEST_CASE("window: cancelling an import leaves nothing behind") {
  Session s;
  std::string big = "time_s,distance_m,rssi_dbm\n";
  for (int i = 0; i < 900000; ++i)
    big += fmt::to_string(i) + "," + fmt::to_string(20 + i % 900) + ",-" + fmt::to_string(60 + i % 40) + "\n";
  distanz::test::spill(s.dir / "A1.csv", big);
  ImportDialog& dialog = s.dialog({QString::fromStdString(s.dir / "A1.csv")});
  QTest::mouseClick(&child<QPushButton>(dialog, "importButton"), Qt::LeftButton);
  QTest::mouseClick(&child<QPushButton>(dialog, "importCancel"), Qt::LeftButton);
  waitFor("the import to stop", [&] { return child<QLabel>(dialog, "importMessage").text().contains("Stopped"); });
  CHECK(dialog.waiting() == 1);  // it can be begun anew
  CHECK(s.campaign().runs.empty());
  campaign::Run run;
  run.editSource().sha256 = formats::sha256(big);
  CHECK_FALSE(s.document().samples()->has(run));
  CHECK_FALSE(child<QAction>(s.window, "undo").text().contains("Import"));
}

TEST_CASE("window: the same log twice is refused") {
  Session s;
  const QStringList files = s.logs(1, 3);
  s.import(files);
  ImportDialog& dialog = s.dialog({files[0]});
  QTest::mouseClick(&child<QPushButton>(dialog, "importButton"), Qt::LeftButton);
  waitFor("the refusal", [&] {
    return child<QTableWidget>(dialog, "importLogs").item(0, ImportState)->text().contains("already, as run A1");
  });
  CHECK(s.campaign().runs.size() == 2);
}

TEST_CASE(
    "window: runs are edited in the table, cut by hand, voided with a reason, removed, and all of it "
    "undone") {
  Session s;
  s.import(s.logs(2, 3));
  s.window.workspace()->showStageNamed("runs");
  auto& table = child<QTableView>(s.window, "runTable");
  auto* model = table.model();
  REQUIRE(model->rowCount() == 4);
  CHECK(model->setData(model->index(0, RunTable::EndedWhy), int(campaign::Ended::Battery), Qt::EditRole));
  CHECK(model->setData(model->index(0, RunTable::Notes), "gusty", Qt::EditRole));
  CHECK(model->setData(model->index(0, RunTable::SetupOf), "B", Qt::EditRole));
  CHECK_FALSE(model->setData(model->index(0, RunTable::Order), "first", Qt::EditRole));
  CHECK(s.campaign().runs[0].ended == campaign::Ended::Battery);
  CHECK(s.campaign().runs[0].setup == "B");
  table.selectRow(1);
  auto& cutter = child<RunStrip>(s.window, "runStrip");
  waitFor("the track", [&] { return cutter.isEnabled() && cutter.width() > 100; });
  const auto before = s.campaign().runs[1];
  CHECK_FALSE(before.turn_begin_s);
  waitFor("the turn to move", [&] {
    QTest::keyClick(&cutter, Qt::Key_Left);
    return s.campaign().runs[1].turn_begin_s.has_value();
  });
  waitAnalysed(s.window);
  QTest::mouseClick(&child<QPushButton>(s.window, "voidRun"), Qt::LeftButton);
  auto& ask = child<QInputDialog>(s.window, "voidReason");
  ask.setTextValue("loose connector");
  ask.accept();
  CHECK(s.campaign().runs[1].void_reason == "loose connector");
  waitAnalysed(s.window);
  CHECK_FALSE(s.document().analysis().runs[1].used);
  QTest::mouseClick(&child<QPushButton>(s.window, "removeRun"), Qt::LeftButton);
  CHECK(s.campaign().runs.size() == 3);
  waitKept(s.window);
  while (s.document().undoable() && !s.document().undoable()->code.starts_with("import")) trigger(s.window, "undo");
  CHECK(s.campaign().runs.size() == 4);
  CHECK(s.campaign().runs[0].notes.empty());
}

TEST_CASE("runs: sorted as people count, found, and only what is seen is removed; a reason once given stands") {
  Session s;
  s.import(s.logs(1, 3));
  s.window.workspace()->showStageNamed("runs");
  auto& table = child<QTableView>(s.window, "runTable");
  auto* rows = table.model();
  REQUIRE(rows->rowCount() == 2);
  campaign::Campaign named = s.campaign();
  named.runs[0].id = "A10";
  named.runs[1].id = "A2";
  named.runs[1].void_reason = "rain";
  REQUIRE(s.document().edit(distanz::test::step("name"), named));
  table.sortByColumn(RunTable::Name, Qt::AscendingOrder);
  CHECK(rows->index(0, RunTable::Name).data().toString() == "A2");
  table.sortByColumn(-1, Qt::AscendingOrder);
  table.selectRow(0);
  child<QLineEdit>(s.window, "findRuns").setText("A2");
  CHECK(rows->rowCount() == 1);
  table.clearSelection();
  table.setCurrentIndex({});
  child<QLineEdit>(s.window, "findRuns").setText("no such run");
  CHECK_FALSE(child<QPushButton>(s.window, "removeRun").isEnabled());
  child<QLineEdit>(s.window, "findRuns").clear();
  table.selectAll();
  QTest::mouseClick(&child<QPushButton>(s.window, "voidRun"), Qt::LeftButton);
  auto& ask = child<QInputDialog>(s.window, "voidReason");
  ask.setTextValue("loose connector");
  ask.accept();
  CHECK(s.campaign().runs[0].void_reason == "loose connector");
  CHECK(s.campaign().runs[1].void_reason == "rain");
}

TEST_CASE("window: a distance picked anywhere is picked everywhere") {
  Session s;
  s.import(s.logs(2, 3));
  auto& rule = child<RangeRule>(s.window, "rangeRule");
  const DistanceAxis axis = rule.axis();
  QTest::mouseClick(&rule, Qt::LeftButton, {}, QPoint(int(axis.x(1500)), 60));
  REQUIRE(s.document().picked());
  CHECK(*s.document().picked() == Approx(1500).margin(axis.end_m / 400));
  QTest::keyClick(&rule, Qt::Key_Right);
  CHECK(*s.document().picked() == Approx(1520).margin(axis.end_m / 400));
  QTest::keyClick(&rule, Qt::Key_Escape);
  CHECK_FALSE(s.document().picked());
}

TEST_CASE("window: files that cannot be opened are told of and leave the window as it was") {
  Session s;
  distanz::test::spill(s.dir / "foreign.distanz", "not a campaign at all");
  s.window.open(QString::fromStdString(s.dir / "foreign.distanz"));
  auto& banner = child<QLabel>(s.window, "banner");
  waitFor("the refusal", [&] { return !s.window.opening() && banner.isVisible(); });
  CHECK_THAT(banner.accessibleName().toStdString(), Contains("foreign.distanz: is not a Distanz campaign"));
  CHECK(s.window.workspace() != nullptr);
  s.window.open(QString::fromStdString(s.dir / "gone.distanz"));
  waitFor("the refusal", [&] { return banner.accessibleName().contains("gone.distanz"); });
  CHECK_THAT(banner.accessibleName().toStdString(), Contains("still there"));
}

TEST_CASE("window: the demo opens analysed, in light and in dark, and the window keeps answering meanwhile") {
  ScriptedPrompts prompts;
  MainWindow window(prompts);
  window.show();
  std::filesystem::remove_all(
      QStandardPaths::writableLocation(QStandardPaths::AppDataLocation).toStdString());  // it is made anew
  int beats = 0;
  QTimer heart;
  QObject::connect(&heart, &QTimer::timeout, [&] { beats += window.opening(); });
  heart.start(2);
  QTest::mouseClick(&child<QPushButton>(window, "startDemo"), Qt::LeftButton);
  CHECK(window.opening());
  waitFor("the demo", [&] { return window.workspace() != nullptr; });
  CHECK(beats >= 10);  // flying and writing it takes a hundred times as long
  waitAnalysed(window);
  CHECK(window.workspace()->document().campaign().setups.size() == 3);
  CHECK(dynamic_cast<CompareStage*>(window.workspace()->current()) != nullptr);
  trigger(window, "dark");
  waitAnalysed(window);
  CHECK(dynamic_cast<CompareStage*>(window.workspace()->current()) != nullptr);
  trigger(window, "dark");
  trigger(window, "closeCampaign");
  CHECK(window.workspace() == nullptr);
  CHECK(child<QPushButton>(window, "startDemo").isVisible());
}

TEST_CASE(
    "window: links and setups come and go, undoable; an interchange folder opens as a campaign beside it") {
  Session s;
  click(s.window, "page_links");
  QTest::mouseClick(&child<QPushButton>(s.window, "addVideo"), Qt::LeftButton);
  REQUIRE(s.campaign().links.size() == 2);
  CHECK(s.campaign().links[1].kind == campaign::LinkKind::Video);
  QTest::mouseClick(&child<QPushButton>(s.window, "addSetup"), Qt::LeftButton);
  CHECK(s.campaign().setups.back().id == "C");
  QTest::mouseClick(&child<QPushButton>(s.window, "removeLink_video"), Qt::LeftButton);
  CHECK(s.campaign().links.size() == 1);
  trigger(s.window, "undo");
  CHECK(s.campaign().links.size() == 2);
  s.import(s.logs(1, 3));
  s.prompts.save = QString::fromStdString(s.dir / "folder");
  sendAway(s.window, "exportFolder");
  waitFor("the folder", [&] { return std::filesystem::exists(s.dir / "folder"); });
  const campaign::Campaign before = s.campaign();
  s.prompts.folder = s.prompts.save;
  trigger(s.window, "importFolder");
  waitFor("the folder's campaign", [&] { return s.document().path().filename() == "folder.distanz"; });
  CHECK(s.campaign() == before);
}

TEST_CASE("window: every field and button has a name for those who listen") {
  Session s;
  for (const StageInfo& stage : stageTable()) {
    s.window.workspace()->showStageNamed(stage.id);
    for (auto* field : s.window.workspace()->current()->findChildren<QLineEdit*>()) {
      CAPTURE(stage, field->objectName().toStdString());
      CHECK_FALSE(field->accessibleName().isEmpty());
    }
    for (auto* button : s.window.workspace()->current()->findChildren<QPushButton*>())
      CHECK_FALSE((button->accessibleName() + button->text()).isEmpty());
  }
}
