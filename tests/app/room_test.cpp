// Small screens, many setups, large fonts: nothing is cut off.
#include <QStackedWidget>
#include <catch2/catch.hpp>

#include "app/scale.h"
#include "app/session.h"
#include "app/shared/findings_column.h"
#include "app/shared/lane_plot.h"
#include "app/shared/range_rule.h"
#include "app/shared/theme.h"
#include "app/window/stages.h"

using namespace distanz::app;
using namespace distanz::app::test;

namespace {

/// A session with so many setups, none of them flown.
struct Many : Session {
  explicit Many(int setups) {
    distanz::campaign::Campaign next = campaign();
    while (int(next.setups.size()) < setups) {
      distanz::campaign::Setup s;
      s.id = distanz::campaign::freeSetupId(next);
      s.name = "Setup " + s.id;
      next.setups.push_back(s);
    }
    REQUIRE(document().edit(step("Many"), next));
  }
};

bool shows(const QImage& picture, QColor colour) {
  for (int y = 0; y < picture.height(); ++y)
    for (int x = 0; x < picture.width(); ++x)
      if (picture.pixelColor(x, y) == colour) return true;
  return false;
}

}  // namespace

TEST_CASE("window: every stage fits a screen of 910 by 500, as one of 1366 by 768 is at a scale of 1.5",
          "[regression]") {
  Many s(3);
  for (const StageInfo& stage : stageTable()) {
    s.window.workspace()->showStageNamed(stage.id);
    if (auto* flights = s.window.findChild<QPushButton*>("page_flights")) flights->click();
    s.window.resize(1280, 800);
    QCoreApplication::processEvents();
    for (int width = 1240; width >= 910; width -= 30) {  // as a hand drags it
      s.window.resize(width, 500);
      QCoreApplication::processEvents();
    }
    CAPTURE(stage.id, s.window.width(), s.window.height());
    CHECK(s.window.minimumSizeHint().width() <= 910);
    CHECK(s.window.minimumSizeHint().height() <= 500);
    CHECK(s.window.height() <= 500);
  }
}

TEST_CASE("range rule: eight setups are all there; more are reached by scrolling, and it says so",
          "[regression]") {
  Many s(8);
  auto& rule = child<RangeRule>(s.window, "rangeRule");
  s.window.resize(1280, 770);  // with a title bar
  QCoreApplication::processEvents();
  const QImage picture = rule.grab().toImage();
  for (int mark = 0; mark < 8; ++mark) {
    CAPTURE(mark);
    CHECK(shows(picture, theme::setupColour(mark)));
  }
  CHECK(rule.geometry().bottom() <= s.window.height());
  Many more(12);
  auto& long_rule = child<RangeRule>(more.window, "rangeRule");
  CHECK(long_rule.firstShown() == 0);
  QWheelEvent wheel(QPointF(300, 80), long_rule.mapToGlobal(QPointF(300, 80)), {}, QPoint(0, -360),
                    Qt::NoButton, {}, Qt::NoScrollPhase, false);
  QCoreApplication::sendEvent(&long_rule, &wheel);
  CHECK(long_rule.firstShown() > 0);
  for (int i = 0; i < 20; ++i) QTest::keyClick(&long_rule, Qt::Key_Down);
  CHECK(long_rule.firstShown() == 12 - long_rule.rowsShown());
  for (int i = 0; i < 20; ++i) QTest::keyClick(&long_rule, Qt::Key_Up);
  CHECK(long_rule.firstShown() == 0);
}

TEST_CASE("window: where it is narrow the column of findings folds away, and is a click off") {
  Session s;
  s.window.resize(1280, 800);
  QCoreApplication::processEvents();
  auto& column = child<QWidget>(s.window, "findings");
  auto& open = child<QPushButton>(s.window, "openFindings");
  CHECK(column.isVisible());
  CHECK_FALSE(open.isVisible());
  s.window.resize(920, 600);
  QCoreApplication::processEvents();
  CHECK_FALSE(column.isVisible());
  REQUIRE(open.isVisible());
  QTest::mouseClick(&open, Qt::LeftButton);
  CHECK(column.isVisible());
  QTest::mouseClick(&open, Qt::LeftButton);
  CHECK_FALSE(column.isVisible());
  s.window.resize(1280, 800);
  QCoreApplication::processEvents();
  CHECK(column.isVisible());
}

TEST_CASE("scale: all grows with the system's font, nothing shrinks below what can be read") {
  CHECK(scaleFor(10) == 1);
  CHECK(scaleFor(8) == 1);
  CHECK(scaleFor(15) == Approx(1.5));
  CHECK(scaleFor(40) == 2);
  CHECK(scaleFor(-1) == 1);  // a font that tells no size in points
}

TEST_CASE("analysis: its progress is shown while it runs, and gone once it is done") {
  Session s;
  auto& bar = child<QProgressBar>(s.window, "analysing");
  waitAnalysed(s.window);
  emit s.document().progressed(0.2);
  CHECK_FALSE(bar.isVisible());  // a short one does not flicker
  s.window.workspace()->setPatience(0);
  emit s.document().progressed(0.4);
  CHECK(bar.isVisible());
  CHECK(bar.value() == 400);
  s.import(s.logs(2, 4));
  waitAnalysed(s.window);
  waitFor("the bar to go", [&] { return !bar.isVisible(); });
}

TEST_CASE("column: heading, titles, texts and what can be clicked share one left edge", "[regression]") {
  Session s;
  s.import(s.logs(3, 4));
  waitAnalysed(s.window);
  for (const StageInfo& stage : stageTable()) {
    s.window.workspace()->showStageNamed(stage.id);
    auto& column = child<FindingsColumn>(s.window, "findings");
    settle();
    for (auto* label : column.findChildren<QLabel*>()) {
      CAPTURE(stage.id, label->text().toStdString());
      const int left = label->mapTo(&column, QPoint(label->contentsMargins().left(), 0)).x();
      CHECK(left == theme::kColumnText);
    }
  }
}
