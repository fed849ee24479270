// Single widgets: what they show, refuse and tell.
#include <QLabel>
#include <QSignalSpy>
#include <QToolTip>
#include <QVBoxLayout>
#include <fmt/format.h>

#include "app/harness.h"
#include "app/runs/run_strip.h"
#include "app/shared/findings_column.h"
#include "app/shared/lane_plot.h"
#include "app/shared/quantity_edit.h"
#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "app/start/start_view.h"
#include "app/window/stage_rail.h"
#include "support/temp_dir.h"
#include "support/told.h"

using namespace distanz;
using namespace distanz::app;
using namespace distanz::app::test;
using Catch::Matchers::Contains;

namespace {

/// Share of pixels that are of a colour, within a little.
double shareOf(const QImage& image, const QColor& colour) {
  int hits = 0;
  for (int y = 0; y < image.height(); ++y)
    for (int x = 0; x < image.width(); ++x) {
      const QColor c = image.pixelColor(x, y);
      hits += std::abs(c.red() - colour.red()) + std::abs(c.green() - colour.green()) +
                  std::abs(c.blue() - colour.blue()) <
              24;
    }
  return double(hits) / (double(image.width()) * image.height());
}

}  // namespace

TEST_CASE("quantity field: a value is told once, in the canonical unit, and shown tidied up") {
  QuantityEdit edit(quantity::Kind::Power, {-60, 60}, true);
  edit.show(20.0);
  CHECK(edit.field()->text() == "100 mW");
  QSignalSpy told(&edit, &QuantityEdit::committed);
  type(*edit.field(), "250mW");
  REQUIRE(told.count() == 1);
  CHECK(told[0][0].value<std::optional<double>>().value() == Approx(23.979).margin(0.001));
  CHECK(edit.field()->text() == "250 mW");
  QTest::keyClick(edit.field(), Qt::Key_Return);
  CHECK(told.count() == 1);
}

TEST_CASE("quantity field: a refusal stands beside the field, and goes with the next good value") {
  QuantityEdit edit(quantity::Kind::Percent, {0.1, 99.9}, false);
  edit.resize(200, 60);
  edit.show(70.0);
  edit.QWidget::show();
  QSignalSpy told(&edit, &QuantityEdit::committed);
  for (const char* wrong : {"170 %", "lots", "70 dBm"}) {
    type(*edit.field(), wrong);
    CHECK(told.count() == 0);
    CHECK(edit.field()->property("refused").toBool());
    CHECK_FALSE(edit.field()->toolTip().isEmpty());
  }
  type(*edit.field(), "80");
  CHECK(told.count() == 1);
  CHECK_FALSE(edit.field()->property("refused").toBool());
}

TEST_CASE("quantity field: empty means not given where that is allowed, and is a mistake elsewhere") {
  QuantityEdit optional(quantity::Kind::Level, {-174, 30}, true),
      required(quantity::Kind::Frequency, {1, 300000}, false);
  optional.show(-100.0);
  required.show(2440.0);
  QSignalSpy told(&optional, &QuantityEdit::committed), silent(&required, &QuantityEdit::committed);
  type(*optional.field(), " ");
  REQUIRE(told.count() == 1);
  CHECK_FALSE(told[0][0].value<std::optional<double>>().has_value());
  type(*required.field(), " ");
  CHECK(silent.count() == 0);
  CHECK(required.field()->property("refused").toBool());
}

namespace {

using distanz::lanes::Ink;
using distanz::lanes::Lane;
using distanz::lanes::Lanes;

Lane signalLane() {
  Lane lane{"signal", "Signal", "dBm", 50, 2, -100, -50};
  return lane;
}

Lane filled(int mark) {
  Lane lane = signalLane();
  const Ink ink{Ink::Role::Setup, mark};
  lane.lines.push_back({{0, 500, 1000}, {-60, -80, -95}, ink, 4, "A1"});
  lane.bands.push_back({{0, 1000}, {-70, -99}, {-55, -90}, ink});
  lane.floors.push_back({-90, "critical level"});
  lane.strokes.push_back({{{100, 200, -75}, {300, 400, -75}}, ink, 3});
  return lane;
}

}  // namespace

TEST_CASE("lanes: lines, bands and floors reach the picture, the data the SVG and the PDF") {
  const distanz::test::TempDir dir;
  LanePlot plot;
  plot.resize(600, 300);
  plot.draw({1000, {signalLane()}});
  const QColor colour = theme::setupColour(1);
  plot.show();
  settle();
  CHECK(shareOf(plot.grab().toImage(), colour) < 1e-6);
  plot.draw({1000, {filled(1)}});
  plot.setPicked(400);
  settle();
  CHECK(shareOf(plot.grab().toImage(), colour) > 1e-3);
  CHECK_THAT(svgText(plot, plot.size()), Contains("critical level") && Contains("<svg"));
  plot.draw({1000, {signalLane()}});
  plot.setPicked(std::nullopt);
  settle();
  CHECK(shareOf(plot.grab().toImage(), colour) < 1e-6);
}

TEST_CASE("lanes: pressing and dragging tell the distance, within the axis; hovering names the run") {
  LanePlot plot;
  plot.resize(600, 200);
  plot.draw({1000, {filled(0)}});
  plot.show();
  QSignalSpy picked(&plot, &LanePlot::picked);
  QWidget* canvas = plot.childAt(300, 100);
  REQUIRE(canvas != nullptr);
  plot.replot();
  QCoreApplication::processEvents();
  const int middle = theme::kAxisLeft + (600 - theme::kAxisLeft - theme::kAxisRight) / 2;
  QTest::mousePress(canvas, Qt::LeftButton, {}, QPoint(middle, 20));
  REQUIRE(picked.count() == 1);
  CHECK(picked[0][0].toDouble() == Approx(500).margin(4));
  QTest::mousePress(canvas, Qt::LeftButton, {}, QPoint(599, 100));
  CHECK(picked[1][0].toDouble() <= 1000);
  QString told;
  for (int y = 4; y < 190 && told.isEmpty(); y += 4) {
    const QPointF at(middle, y);
    QMouseEvent move(QEvent::MouseMove, at, canvas->mapToGlobal(at), Qt::NoButton, Qt::NoButton, {});
    QCoreApplication::sendEvent(canvas, &move);
    QCoreApplication::processEvents();
    told = QToolTip::text();
  }
  CHECK_THAT(told.toStdString(), Contains("A1") && Contains("dBm"));
}

namespace {

RunStrip::Shown outAndBack() {
  RunStrip::Shown shown{"Run A1", Qt::black, {}, {46, 54}, {}, {}, "A1.csv"};
  log::Recording r;
  log::Column distance{"distance_m", {}}, signal{"control.rssi_dbm", {}};
  for (int t = 0; t <= 100; ++t) {
    r.time_s.push_back(t);
    distance.values.push_back(t <= 50 ? t * 10 : 1000 - t * 10);
    signal.values.push_back(-60 - t % 7);
  }
  r.columns = {distance, signal};
  const std::vector<std::string> links{"control"};
  shown.strip = log::stripOf(r, log::trackOf(r, nullptr), links);
  return shown;
}

QPoint onStrip(double time_s, int y = 100) {
  return QPoint(theme::kAxisLeft + int((1200 - theme::kAxisLeft - theme::kAxisRight - 56) * 0.56 * time_s / 100), y);
}

void drag(QWidget& strip, double from_s, double to_s, int y = 100) {
  QTest::mousePress(&strip, Qt::LeftButton, {}, onStrip(from_s, y));
  QTest::mouseMove(&strip, onStrip(to_s, y));
  QTest::mouseRelease(&strip, Qt::LeftButton, {}, onStrip(to_s, y));
}

}  // namespace

TEST_CASE("run strip: edges of the turn are dragged and never cross, keys move them by a second") {
  RunStrip strip;
  strip.resize(1200, 300);
  strip.RunStrip::show(outAndBack());
  strip.QWidget::show();
  QSignalSpy moved(&strip, &RunStrip::turnMoved);
  drag(strip, 46, 40);
  REQUIRE(moved.count() == 1);
  CHECK(moved[0][0].toDouble() == Approx(40).margin(0.3));
  CHECK(moved[0][1].toDouble() == Approx(54));
  QTest::keyClick(&strip, Qt::Key_Right, Qt::ShiftModifier);
  CHECK(moved[1][1].toDouble() == Approx(55));
  for (int i = 0; i < 30; ++i) QTest::keyClick(&strip, Qt::Key_Right);
  CHECK(moved.last()[0].toDouble() <= moved.last()[1].toDouble());
  const auto count = moved.count();
  drag(strip, 20, 30);  // nothing lies there
  CHECK(moved.count() == count);
  strip.RunStrip::show(std::nullopt);
  QTest::keyClick(&strip, Qt::Key_Left);
  CHECK(moved.count() == count);
}

TEST_CASE("run strip: the ends are cut, given back, and never pass each other") {
  RunStrip strip;
  strip.resize(1200, 300);
  strip.RunStrip::show(outAndBack());
  strip.QWidget::show();
  std::optional<double> from, to;
  QObject::connect(&strip, &RunStrip::cutMoved, [&](std::optional<double> f, std::optional<double> t) { from = f, to = t; });
  drag(strip, 0, 12);
  REQUIRE(from);
  CHECK(*from == Approx(12).margin(0.3));
  CHECK_FALSE(to);
  QTest::keyClick(&strip, Qt::Key_Left, Qt::ControlModifier | Qt::ShiftModifier);
  REQUIRE(to);
  CHECK(*to == Approx(99));
  drag(strip, 12, -20);
  CHECK_FALSE(from);
  drag(strip, 99, 3);
  drag(strip, 0, 90);
  REQUIRE(from);
  CHECK(*from < *to);
}

TEST_CASE("run strip: a further log is moved against the first by mouse and keys") {
  RunStrip strip;
  strip.resize(1200, 300);
  RunStrip::Shown shown = outAndBack();
  shown.further = {{"track.gpx", 5, 100}};
  strip.RunStrip::show(shown);
  strip.QWidget::show();
  QSignalSpy moved(&strip, &RunStrip::furtherMoved);
  QTest::keyClick(&strip, Qt::Key_Right, Qt::AltModifier);
  REQUIRE(moved.count() == 1);
  CHECK(moved[0][0].toInt() == 0);
  CHECK(moved[0][1].toDouble() == Approx(0.1));
  drag(strip, 50, 57, 300 - 8);
  REQUIRE(moved.count() == 2);
  CHECK(moved[1][1].toDouble() == Approx(7).margin(0.3));
}

TEST_CASE("findings: a line each, opened by a click; cautions stand in their own place, last; replaced by the next ones") {
  FindingsColumn column;
  const Finding caution = finding("equipment-cap", {}, {"run", "A1"}), flown = finding("not-flown", {{"setup", "B"}, {"name", "Helix (B)"}});
  column.show("What matters here", {caution, flown}, false);
  const auto labels = [&] {
    QStringList all;
    for (auto* label : column.findChildren<QLabel*>()) all << label->text();
    return all.join("|");
  };
  const auto lines = [&] {
    QStringList all;
    for (auto* line : column.findChildren<QAbstractButton*>("entry")) all << line->accessibleName();
    return all.join("|");
  };
  CHECK(labels() == "What matters here|Cautions");
  CHECK(lines() == "Helix (B): not flown yet|Run A1 was stopped by a limit built into the equipment.");
  auto* first = column.findChildren<QAbstractButton*>("entry").front();
  QTest::mouseClick(first, Qt::LeftButton);
  CHECK(labels().contains("Fly it over the path to learn its range."));
  column.show("What matters here", {caution, flown}, false);  // made anew: what was open stays open
  CHECK(labels().contains("Fly it over the path to learn its range."));
  QTest::mouseClick(column.findChildren<QAbstractButton*>("entry").front(), Qt::LeftButton);
  CHECK(labels() == "What matters here|Cautions");
  column.show("Next", {}, false);
  CHECK(labels() == "Next");
  CHECK(column.width() == theme::kColumn);
}

TEST_CASE("start view: recent campaigns are offered and told") {
  StartView view({"/some/where/field.distanz"});
  QSignalSpy recent(&view, &StartView::recentRequested), demo(&view, &StartView::demoRequested);
  for (auto* button : view.findChildren<QPushButton*>())
    if (button->text() == "field") QTest::mouseClick(button, Qt::LeftButton);
  REQUIRE(recent.count() == 1);
  CHECK(recent[0][0].toString() == "/some/where/field.distanz");
  QTest::mouseClick(&child<QPushButton>(view, "startDemo"), Qt::LeftButton);
  CHECK(demo.count() == 1);
}

TEST_CASE("rail: stages are chosen by mouse and key, and say what they lack") {
  StageRail rail({{"Kit", "kit"}, {"Plan", "plan"}});
  rail.show();
  QSignalSpy chosen(&rail, &StageRail::chosen);
  auto& plan = child<QAbstractButton>(rail, "stage_plan");
  QTest::mouseClick(&plan, Qt::LeftButton);
  REQUIRE(chosen.count() == 1);
  CHECK(chosen[0][0].toInt() == 1);
  plan.setFocus();
  QTest::keyClick(&plan, Qt::Key_Space);
  CHECK(chosen.count() == 2);
  rail.setState(1, "no path yet", "a path");
  CHECK_THAT(plan.toolTip().toStdString(), Contains("missing: a path"));
  rail.setCurrent(0);
  CHECK(child<QAbstractButton>(rail, "stage_kit").isChecked());
}

TEST_CASE("words for why a run ended: one for each reason, none twice") {
  QStringList seen;
  for (int i = 0; i <= int(campaign::Ended::EquipmentCap); ++i) {
    const QString text = endedText(campaign::Ended(i));
    CHECK_FALSE(text.isEmpty());
    CHECK_FALSE(seen.contains(text));
    seen << text;
  }
}

TEST_CASE(
    "lanes: a click on a dot tells its name, a click elsewhere picks a distance, a hidden lane has neither") {
  LanePlot plot;
  plot.resize(420, 260);
  Lane dots{"signal", "Signal", "dBm", 50, 2, -100, 0};
  dots.dots.push_back({{{500, -50, "A7", true}}, {Ink::Role::Setup, 0}});
  Lane bars{"place", "Place", "dB", 50, 1, -5, 5};
  bars.bars.push_back({{200, 240}, {-4, 3}, 38, {Ink::Role::Setup, 1}});
  const auto draw = [&](const Lanes& lanes) {
    plot.draw(lanes);
    plot.show();
    QCoreApplication::processEvents();
    plot.grab();
    QCoreApplication::processEvents();
  };
  draw({1000, {dots, bars}});
  auto* canvas = plot.findChildren<QWidget*>().first();
  QSignalSpy told(&plot, &LanePlot::dotClicked), picks(&plot, &LanePlot::picked);
  const auto clickAll = [&] {
    for (int y = 4; y < canvas->height(); y += 8)
      for (int x = 4; x < canvas->width(); x += 8) QTest::mouseClick(canvas, Qt::LeftButton, {}, {x, y});
  };
  clickAll();
  REQUIRE(told.count() >= 1);
  CHECK(told.count() <= 9);  // only close by
  CHECK(told[0][0].toString() == "A7");
  CHECK(picks.count() > 100);
  const QImage both = plot.grab().toImage();
  CHECK(shareOf(both, theme::setupColour(1)) > 0.001);
  draw({1000, {bars}});
  told.clear();
  clickAll();
  CHECK(told.count() == 0);
  CHECK(shareOf(plot.grab().toImage(), theme::setupColour(1)) >
        shareOf(both, theme::setupColour(1)));  // the other lane got its room
}

TEST_CASE("lanes: in a low window the signal stays, the least important fold away, and come back",
          "[regression]") {
  LanePlot plot;
  Lane signal = filled(1);
  signal.keep = 100;
  Lane place{"place", "Place", "dB", 15, 45, -5, 5}, quality{"quality", "Link quality", "%", 18, 58, 0, 100};
  plot.draw({1000, {signal, place, quality}});
  plot.resize(600, 60);
  plot.show();
  QCoreApplication::processEvents();
  CHECK(shareOf(plot.grab().toImage(), theme::setupColour(1)) > 1e-3);
  plot.resize(600, 400);
  QCoreApplication::processEvents();
  plot.grab();
  QCoreApplication::processEvents();
  CHECK(plot.shown().lanes.size() == 3);
  CHECK(shareOf(plot.grab().toImage(), theme::setupColour(1)) > 1e-3);
}

TEST_CASE(
    "column: many sentences follow while the window answers, in their order; a newer text replaces an "
    "older") {
  FindingsColumn column;
  column.resize(theme::kColumn, 600);
  column.QWidget::show();
  std::vector<Finding> many;
  for (std::size_t i = 0; i < 9; ++i) {
    many.push_back(finding("not-flown", {{"setup", "text"}, {"name", "Title " + fmt::to_string(i)}}));
    many.back().why.push_back(distanz::test::step("why " + fmt::to_string(i)));
  }
  const auto titles = [&] {
    QStringList out;
    for (auto* line : column.findChildren<QAbstractButton*>("entry")) out << line->accessibleName();
    return out;
  };
  column.show("What matters", many, false);
  many[0].arguments[1] = {"name", "Title new"};
  column.show("What matters", many, false);
  waitFor("all sentences", [&] { return titles().size() == 9; });
  CHECK(titles().first().startsWith("Title new"));
  CHECK(titles().last().startsWith("Title 8"));
  QSignalSpy asked(&column, &FindingsColumn::voidRequested);
  column.show("What matters",
              {finding("flight-stands-out",
                       {{"link", "video"}, {"off", 9.0, distanz::quantity::Unit::Decibel}}, {"run", "A3"})}, false);
  QTest::mouseClick(&child<QPushButton>(column, "void_A3"), Qt::LeftButton);
  REQUIRE(asked.count() == 1);
  CHECK(asked[0][0].toString() == "A3");
}

TEST_CASE("field: a click selects all of it, so that what is typed replaces it", "[regression]") {
  QuantityEdit edit(distanz::quantity::Kind::Gain, {-40, 60}, true);
  edit.show(0.0);
  edit.resize(200, 40);
  edit.QWidget::show();
  REQUIRE(QTest::qWaitForWindowExposed(&edit));
  QTest::mouseClick(edit.field(), Qt::LeftButton, {}, QPoint(20, 10));
  waitFor("the text to be selected", [&] { return edit.field()->selectedText() == "0 dBi"; });
  QTest::keyClicks(edit.field(), "2");
  CHECK(edit.field()->text() == "2");
}

TEST_CASE("field: a refusal moves nothing away under the pointer, and goes when it is mended",
          "[regression]") {
  QWidget window;
  auto* column = new QVBoxLayout(&window);
  auto* edit = new QuantityEdit(distanz::quantity::Kind::Length, {0, 100}, false);
  auto* below = new QPushButton("next");
  column->addWidget(edit);
  column->addWidget(below);
  window.resize(300, 200);
  window.show();
  REQUIRE(QTest::qWaitForWindowExposed(&window));
  const QRect before = below->geometry();
  type(*edit->field(), "900 m");
  auto& reason = child<QLabel>(window, "reason");
  CHECK(reason.isVisible());
  CHECK(reason.geometry().top() >= edit->field()->mapTo(&window, QPoint(0, edit->field()->height())).y());
  settle();
  CHECK(below->geometry() == before);
  type(*edit->field(), "90 m");
  CHECK_FALSE(reason.isVisible());
}
