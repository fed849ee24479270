// One axis: rule, lanes, map and profile have a distance at the same pixel at every size of the window.
#include <QFrame>
#include <catch2/catch.hpp>

#include "app/plan/map_view.h"
#include "app/session.h"
#include "app/shared/lane_plot.h"
#include "app/shared/range_rule.h"
#include "lanes/paper/rule_paper.h"

using namespace distanz;
using namespace distanz::app;
using namespace distanz::app::test;

namespace {

/// Where a picked distance is drawn as a vertical line within a view, in pixels of the window: the column that changes
/// most when it is picked. -1 where none does.
int lineAt(MainWindow& window, const QWidget& view, const QImage& without, const QImage& with) {
  const QRect area(view.mapTo(&window, QPoint(0, 0)), view.size());
  int best = -1, most = area.height() / 4;
  for (int x = area.left(); x <= area.right() && x < with.width(); ++x) {
    int changed = 0;
    for (int y = std::max(area.top(), 0); y <= area.bottom() && y < with.height(); ++y)
      changed += with.pixel(x, y) != without.pixel(x, y);
    if (changed > most) most = changed, best = x;
  }
  return best;
}

struct Flown : Session {
  Flown() {
    import(logs(2, 4));
    window.workspace()->showStageNamed("plan");
    type(child<QLineEdit>(window, "station"), "46.91, 20.96");
    type(child<QLineEdit>(window, "pathDistance"), "3 km");
    type(child<QLineEdit>(window, "pathBearing"), "54");
    waitAnalysed(window);
  }
  void check(const std::vector<QWidget*>& views) {
    auto& rule = child<RangeRule>(window, "rangeRule");
    document().pick(std::nullopt);
    settle();
    const QImage without = window.grab().toImage();
    const double at_m = document().axisEnd_m() * 0.41;
    document().pick(at_m);
    settle();
    const QImage with = window.grab().toImage();
    const int expected = lineAt(window, rule, without, with);
    REQUIRE(expected > 0);
    CHECK(std::abs(expected - std::floor(rule.mapTo(&window, QPoint(0, 0)).x() + rule.axis().x(at_m))) <= 1);
    for (QWidget* view : views) {
      INFO(view->objectName().toStdString());
      CHECK(std::abs(lineAt(window, *view, without, with) - expected) <= 1);
    }
  }
};

}  // namespace

TEST_CASE("axis: a distance stands at one pixel in rule, lanes and profile, at five sizes, folded or not") {
  Flown s;
  const QSize sizes[] = {{1280, 768}, {1024, 768}, {1920, 1080}, {853, 533}, {1041, 700}};
  for (const QSize size : sizes) {
    s.window.resize(size);
    settle();
    INFO(size.width() << " x " << size.height());
    CHECK(s.window.width() == size.width());
    CHECK(s.window.height() == size.height());
    auto& open = child<QPushButton>(s.window, "openFindings");
    for (const bool opened : {false, true}) {
      if (opened && !open.isVisible()) continue;
      if (open.isVisible()) open.setChecked(opened);
      INFO((opened ? "column opened" : "as it is"));
      s.window.workspace()->showStageNamed("compare");
      settle();
      s.check({&child<LanePlot>(s.window, "lanes")});
      s.window.workspace()->showStageNamed("plan");
      click(s.window, "page_path");
      settle();
      auto* profile = s.window.workspace()->current()->findChild<LanePlot*>();
      REQUIRE(profile);
      s.check({profile});
      auto& map = child<MapView>(s.window, "mapView");
      const auto station = map.pxOf(*s.campaign().station.position());
      const auto post = map.pxOf(s.campaign().paths.front().points.back().position);
      REQUIRE((station && post));
      const double left = map.mapTo(&s.window, QPoint(0, 0)).x();
      auto& rule = child<RangeRule>(s.window, "rangeRule");
      const double rule_left = rule.mapTo(&s.window, QPoint(0, 0)).x();
      const DistanceAxis a = rule.axis();
      CHECK(left + station->x() == Approx(rule_left + a.x(0)).margin(1));
      CHECK(left + post->x() == Approx(rule_left + a.x(3000)).margin(1));
    }
  }
}

TEST_CASE("narrow: the verdict stays as a line, and no button lies on another") {
  Flown s;
  for (const QSize size : {QSize(1024, 768), QSize(853, 533)}) {
    s.window.resize(size);
    for (const char* id : {"kit", "bench", "plan", "runs", "compare"}) {
      s.window.workspace()->showStageNamed(id);
      settle();
      INFO(id << " at " << size.width());
      auto& line = child<QLabel>(s.window, "verdict");
      CHECK(line.isVisible());
      const auto first = s.window.workspace()->current()->findings();
      if (!first.empty()) CHECK_FALSE(line.text().isEmpty());
      auto& open = child<QPushButton>(s.window, "openFindings");
      REQUIRE(open.isVisible());
      const QRect area(open.mapTo(&s.window, QPoint(0, 0)), open.size());
      for (auto* other : s.window.findChildren<QPushButton*>()) {
        if (other == &open || !other->isVisible()) continue;
        const QRegion seen = other->visibleRegion().translated(other->mapTo(&s.window, QPoint(0, 0)));
        CHECK_FALSE(seen.intersects(area));
      }
    }
  }
}

TEST_CASE("range rule: the key is open at first, folded by a click, and stays as it was left") {
  Session s;
  auto& rule = child<RangeRule>(s.window, "rangeRule");
  CHECK(rule.keyShown());
  const int open = rule.height();
  click(s.window, "ruleKey");
  CHECK_FALSE(rule.keyShown());
  CHECK(rule.height() < open);
  Session later;
  CHECK_FALSE(child<RangeRule>(later.window, "rangeRule").keyShown());
  click(later.window, "ruleKey");
}

TEST_CASE("range rule: it grows where it is the answer") {
  Flown s;
  s.window.resize(1280, 768);
  auto& rule = child<RangeRule>(s.window, "rangeRule");
  settle();
  const int small = rule.height();
  s.window.workspace()->showStageNamed("compare");
  settle();
  CHECK(rule.height() > small);
}
