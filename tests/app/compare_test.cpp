// The Compare stage driven in the real window: why, lanes, legs, flights that stand out.
#include <QCheckBox>
#include <QInputDialog>
#include <QLabel>
#include <QMenu>
#include <QTextBrowser>
#include <QTimer>

#include "app/compare/compare_stage.h"
#include "app/runs/run_table.h"
#include "app/session.h"
#include "app/shared/lane_plot.h"
#include "core/analysis/result/campaign_analysis.h"
#include "support/told.h"

using namespace distanz;
using namespace distanz::app;
using namespace distanz::app::test;
using Catch::Matchers::Contains;

namespace {

/// Three flights each, far enough for the quality to fail, with the sensitivity known.
struct Compared : Session {
  explicit Compared(const simulate::Scenario& scenario = distanz::test::twoSetups(3, 7)) {
    auto next = campaign();
    next.links[0].sensitivity_dbm = -104;
    next.links[0].rule = {{}, 0.0, {}};
    REQUIRE(document().edit(step("Sensitivity"), next));
    import(logs(scenario));
    window.workspace()->showStageNamed("compare");
    QCoreApplication::processEvents();
  }
  CompareStage& stage() { return *dynamic_cast<CompareStage*>(window.workspace()->current()); }
  std::string svg() {
    return svgText(stage(), stage().paperSize());
  }
  /// Opens a menu button's menu as a click does, and takes one of its actions.
  void choose(const char* button, const char* action) {
    QMenu* menu = child<QPushButton>(window, button).menu();
    REQUIRE(menu != nullptr);
    emit menu->aboutToShow();
    child<QAction>(*menu, action).trigger();
  }
};

/// Answers the dialog that asks why a run does not count.
void answerWith(MainWindow& window, const QString& text) {
  auto& ask = child<QInputDialog>(window, "voidReason");
  ask.setTextValue(text);
  ask.accept();
  QCoreApplication::sendPostedEvents(&ask, QEvent::DeferredDelete);
}

}  // namespace

TEST_CASE("compare: every verdict says why, closes again, and stays open when the answer is made anew") {
  Compared s;
  CHECK(s.window.findChild<QPushButton*>("why") == nullptr);  // a line each, until one is opened
  QTest::mouseClick(&child<QAbstractButton>(s.window, "entry"), Qt::LeftButton);
  CHECK(s.window.findChild<QLabel*>("whyText") == nullptr);
  QTest::mouseClick(&child<QPushButton>(s.window, "why"), Qt::LeftButton);
  CHECK_THAT(child<QLabel>(s.window, "whyText").text().toStdString(),
             Contains("dB per factor 10") && Contains("3 flights"));
  auto next = s.campaign();
  next.links[0].rule.margin_db = 2.0;
  REQUIRE(s.document().edit(step("Margin"), next));
  waitAnalysed(s.window);
  waitFor("the reasons again", [&] { return s.window.findChild<QLabel*>("whyText") != nullptr; });
  QTest::mouseClick(&child<QPushButton>(s.window, "why"), Qt::LeftButton);
  CHECK(s.window.findChild<QLabel*>("whyText") == nullptr);
}

TEST_CASE("compare: lanes are chosen; residuals on demand, no bitrate lane where there is no bitrate") {
  Compared s;
  CHECK_THAT(s.svg(), !Contains("Gain or loss of each place") && !Contains("Residuals") && !Contains("Bitrate"));
  s.choose("lanesMenu", "lane_residuals");
  CHECK_THAT(s.svg(), Contains("Residuals"));
  s.choose("lanesMenu", "lane_place");
  CHECK_THAT(s.svg(), Contains("Gain or loss of each place"));
  s.choose("lanesMenu", "lane_place");
  CHECK_THAT(s.svg(), !Contains("Gain or loss of each place"));
}

TEST_CASE("compare: the planned number of pairs is edited beside the lanes, and the verdict follows") {
  Compared s(distanz::test::twoSetups(3, 7));
  CHECK_THAT(s.allFindings(), Contains("3 of 5 pairs flown"));
  s.choose("pairsMenu", "pairs_3");
  CHECK(s.campaign().planned_pairs == 3);
  waitAnalysed(s.window);
  CHECK_THAT(s.allFindings(), Contains("as planned, after 3 pairs"));
  trigger(s.window, "undo");
  CHECK(s.campaign().planned_pairs == 5);
}

TEST_CASE("compare: legs count apart, or become setups compared within each flight; both can be undone") {
  auto scenario = distanz::test::twoSetups(3, 7);
  scenario.back_db["A"]["control"] = -5;
  Compared s(scenario);
  CHECK_THAT(s.allFindings(), Contains("weaker inbound"));
  s.choose("legsMenu", "legs_out");
  for (const auto& run : s.campaign().runs) CHECK(run.legs == campaign::Legs::Out);
  waitAnalysed(s.window);
  CHECK_THAT(s.allFindings(), !Contains("weaker inbound"));
  trigger(s.window, "undo");
  CHECK(s.campaign().runs[0].legs == campaign::Legs::Both);
  s.choose("legsMenu", "split_A");
  REQUIRE(s.campaign().setups.size() == 3);
  waitAnalysed(s.window);
  CHECK_THAT(s.allFindings(), Contains("outbound reaches 1.33× as far as A, inbound") && Contains("both aboard"));
  trigger(s.window, "undo");
  CHECK(s.campaign().setups.size() == 2);
  CHECK(s.campaign().runs.size() == 6);
}

TEST_CASE(
    "compare: a flight that stands out is offered for voiding, with a reason, and can be counted again") {
  auto scenario = distanz::test::twoSetups(3, 7);
  scenario.runs[4].level_offset_db = -16;  // A3
  Compared s(scenario);
  CHECK_THAT(s.allFindings(), Contains("Farthest off is run A3"));
  waitFor("all sentences", [&] { return s.window.findChild<QPushButton*>("void_A3") != nullptr; });
  QTest::mouseClick(&child<QPushButton>(s.window, "void_A3"), Qt::LeftButton);
  answerWith(s.window, "connector found loose");
  CHECK(campaign::findRun(s.campaign(), "A3")->void_reason == "connector found loose");
  waitAnalysed(s.window);
  CHECK(s.document().analysis().find("A", "control")->runs_used == 2);
  CHECK_THAT(s.allFindings(), !Contains("Farthest off"));
  trigger(s.window, "undo");
  CHECK(campaign::findRun(s.campaign(), "A3")->void_reason.empty());
}

TEST_CASE("compare: a flight's dot offers the run, and voiding without a reason is refused") {
  Compared s;
  auto& plot = child<LanePlot>(s.window, "lanes");
  emit plot.dotClicked("B2", QPoint(300, 300));
  auto& menu = child<QMenu>(s.window, "runMenu");
  REQUIRE(menu.actions().size() == 4);
  CHECK_THAT(menu.actions()[0]->text().toStdString(), Contains("B2: ") && Contains("dB against the mean"));
  menu.actions()[3]->trigger();
  answerWith(s.window, " ");
  CHECK(campaign::findRun(s.campaign(), "B2")->void_reason.empty());
  menu.actions()[2]->trigger();
  CHECK(dynamic_cast<CompareStage*>(s.window.workspace()->current()) == nullptr);
  menu.close();
}

TEST_CASE("kit: sensitivities per mode and automatic power are typed, refused with the reason, and undone") {
  Session s;
  s.window.workspace()->showStageNamed("kit");
  click(s.window, "page_links");
  auto& modes = child<QLineEdit>(s.window, "modes_control");
  type(modes, "50 Hz: loud");
  CHECK(modes.property("refused").toBool());
  CHECK(s.campaign().links[0].modes.empty());
  type(modes, "50 Hz: -112 dBm; 150: -107 dBm");
  REQUIRE(s.campaign().links[0].modes.size() == 2);
  CHECK(s.campaign().links[0].modes[1].sensitivity_dbm == -107);
  CHECK(modes.text() == "50: -112 dBm; 150: -107 dBm");
  click(s.window, "page_chain");
  QTest::mouseClick(&child<QCheckBox>(s.window, "automaticPower"), Qt::LeftButton, {}, QPoint(8, 10));
  CHECK(s.campaign().setups[0].links.at("control").automatic_power);
  trigger(s.window, "undo");
  trigger(s.window, "undo");
  CHECK(s.campaign().links[0].modes.empty());
  CHECK(modes.text().isEmpty());
}

TEST_CASE("runs: reduced power is typed in the table, as dB or as a share; nonsense is refused") {
  Compared s;
  s.window.workspace()->showStageNamed("runs");
  RunTable table(s.document());
  const QModelIndex cell = table.index(0, RunTable::Reduced);
  CHECK(table.setData(cell, "1/100", Qt::EditRole));
  CHECK(s.campaign().runs[0].reduced_db.at("control") == Approx(20));
  CHECK(cell.data().toString() == "20 dB");
  CHECK_FALSE(table.setData(cell, "plenty", Qt::EditRole));
  CHECK(s.campaign().runs[0].reduced_db.at("control") == Approx(20));
  waitAnalysed(s.window);
  CHECK(s.document().analysis().reduced.size() == 1);
}

TEST_CASE("help: the page that says how Distanz decides") {
  MainWindow* window = nullptr;
  Session s;
  window = &s.window;
  trigger(*window, "howItDecides");
  CHECK_THAT(child<QTextBrowser>(*window, "helpText").toPlainText().toStdString(),
             Contains("reliable range") && Contains("both"));
}
