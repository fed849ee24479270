// The map of the plan: dragged, drawn, laid out, taken from files, over terrain.
#include <QAction>
#include <QCheckBox>
#include <QMouseEvent>
#include <QTableWidget>

#include "app/plan/map_view.h"
#include "app/session.h"
#include "core/campaign/lay_path.h"
#include "core/plan/planned.h"
#include "formats/files.h"
#include "geodata/geodata.h"

using namespace distanz;
using namespace distanz::app;
using namespace distanz::app::test;
using Catch::Matchers::Contains;

namespace {

struct OnMap : Session {
  OnMap() {
    window.workspace()->showStageNamed("plan");
    type("station", "46.91, 20.96");
    type("pathDistance", "3 km");
    type("pathBearing", "90");
    waitFor("the window", [&] { return map().isVisible(); });
  }
  void type(const char* field, const char* text) {
    distanz::app::test::type(child<QLineEdit>(window, field), text);
  }
  MapView& map() { return child<MapView>(window, "mapView"); }
  const std::vector<campaign::PathPoint>& points() { return campaign::firstPath(campaign()); }
  QPointF px(const course::Position& p) { return *map().pxOf(p); }
  QPointF farPx() { return px(points().back().position); }
  void mouse(QEvent::Type kind, const QPointF& at, bool held) {
    QMouseEvent e(kind, at, map().mapToGlobal(at), kind == QEvent::MouseMove ? Qt::NoButton : Qt::LeftButton,
                  held ? Qt::LeftButton : Qt::NoButton, Qt::NoModifier);
    QApplication::sendEvent(&map(), &e);
  }
  void press(const QPointF& at) { mouse(QEvent::MouseButtonPress, at, true); }
  void drag(const QPointF& to) { mouse(QEvent::MouseMove, to, true); }
  void release(const QPointF& at) { mouse(QEvent::MouseButtonRelease, at, false); }
  /// A level raster with a ridge across the path at a share of a degree.
  QString terrain(double ridge_m) {
    terrain::Grid g{"made", 46.93, 20.94, 0.0002, 0.0003, 200, 300, {}};
    for (int r = 0; r < g.rows; ++r)
      for (int c = 0; c < g.columns; ++c)
        g.height_m.push_back(c > 120 && c < 130 ? float(84 + ridge_m) : 84.0f);
    const auto file = dir / "valley.tif";
    distanz::test::spill(file, geodata::geoTiff(g));
    return QString::fromStdString(file);
  }
  void addLayer(const QString& file) {
    const std::size_t before = campaign().layers.size();
    prompts.files = {file};
    click(window, "page_ground");
    click(window, "add_layer");
    waitFor("the layer", [&] { return campaign().layers.size() == before + 1; });
    waitFor("the ground", [&] { return document().ground().ground() && !document().ground().reading(); });
  }
};

}  // namespace

TEST_CASE("map: what is dragged is shown at once, kept when it is let go, one step to take back") {
  OnMap p;
  const double before_m = campaign::wayOut(p.campaign())->distance_m;
  const QPointF from = p.farPx();
  p.press(from);
  p.drag(from + QPointF(-60, 40));
  CHECK(p.document().previewing());
  CHECK(campaign::wayOut(p.campaign())->distance_m == before_m);  // not kept yet
  CHECK(p.document().planned().outline.back().along_m < before_m - 50);
  p.drag(from + QPointF(-120, 60));
  p.release(from + QPointF(-120, 60));
  CHECK_FALSE(p.document().previewing());
  CHECK(campaign::wayOut(p.campaign())->distance_m < before_m - 100);
  p.document().undo();
  waitFor("undo", [&] { return campaign::wayOut(p.campaign())->distance_m == before_m; });

  p.press(p.farPx());
  p.drag(p.farPx() + QPointF(-90, 0));
  QTest::keyClick(&p.map(), Qt::Key_Escape);  // changed one's mind
  CHECK(campaign::wayOut(p.campaign())->distance_m == before_m);
  p.release(p.farPx());
  CHECK(campaign::wayOut(p.campaign())->distance_m == before_m);
}

TEST_CASE(
    "map: points are added on the path, moved and removed with keys; the station takes its path along") {
  OnMap p;
  const QPointF middle = (p.px(p.points()[0].position) + p.farPx()) / 2;
  p.mouse(QEvent::MouseButtonDblClick, middle, true);
  REQUIRE(p.points().size() == 3);
  CHECK(p.map().chosen() == 1);
  p.map().setFocus();
  const course::Position was = p.points()[1].position;
  QTest::keyClick(&p.map(), Qt::Key_Down);
  CHECK(p.points()[1].position.lat_deg < was.lat_deg);
  QTest::keyClick(&p.map(), Qt::Key_PageDown);
  CHECK(p.map().chosen() == 2);
  QTest::keyClick(&p.map(), Qt::Key_PageUp);
  QTest::keyClick(&p.map(), Qt::Key_Delete);
  CHECK(p.points().size() == 2);
  QTest::keyClick(&p.map(), Qt::Key_Delete);  // two are the least
  CHECK(p.points().size() == 2);
  const QPointF station = p.px(*p.campaign().station.position());
  p.press(station);
  p.drag(station + QPointF(30, -20));
  p.release(station + QPointF(30, -20));
  CHECK(p.campaign().station.position()->lat_deg > 46.91);
  CHECK(p.points()[0].position == *p.campaign().station.position());
}

TEST_CASE("map: it is zoomed about the pointer, panned, and brought back; a click picks the distance") {
  OnMap p;
  const QPointF far = p.farPx();
  QTest::keyClick(&p.map(), Qt::Key_Plus);
  CHECK(p.farPx() != far);
  QTest::keyClick(&p.map(), Qt::Key_0);
  CHECK(p.farPx() == far);
  const QPointF empty = far + QPointF(-300, 50);
  p.press(empty);
  p.drag(empty + QPointF(40, 10));
  p.release(empty + QPointF(40, 10));
  CHECK(std::abs((p.farPx() - far).x() - 40) < 1e-6);
  QTest::keyClick(&p.map(), Qt::Key_0);
  p.press(empty);
  p.release(empty);
  REQUIRE(p.document().picked());
  const double along = (empty.x() - p.px(*p.campaign().station.position()).x()) /
                       (far.x() - p.px(*p.campaign().station.position()).x()) * 3000;
  CHECK(std::abs(*p.document().picked() - along) < 40);  // straight from the station, 50 px beside
}

TEST_CASE("map: terrain added shows under the path, counts where it is told to, and a ridge is told") {
  OnMap p;
  const double level_m = p.document().planned().heights->lowest_m;
  p.addLayer(p.terrain(30));
  CHECK(p.campaign().layers[0].role == campaign::LayerRole::Terrain);
  CHECK(p.document().planned().sights->known_m() > 2900);
  CHECK(p.document().planned().heights->lowest_m > level_m + 25);
  CHECK_THAT(p.allFindings(), Contains("not used in the prediction"));
  choose(p.window, "planSchool", "bullington");
  CHECK(p.campaign().plan.obstruction);
  p.type("flightHeight", "20 m");
  CHECK_THAT(p.allFindings(), Contains("The path hits the ground"));
  click(p.window, "page_ground");
  QTest::mouseClick(&child<QCheckBox>(p.window, "layer_on_layer1"), Qt::LeftButton, {}, {8, 8});
  CHECK(p.campaign().layers[0].off);
  waitFor("no ground", [&] { return !p.document().ground().ground(); });
  CHECK_FALSE(p.document().planned().sights);
  click(p.window, "layer_remove_layer1");
  CHECK(p.campaign().layers.empty());
  p.document().undo();
  waitFor("undo", [&] { return p.campaign().layers.size() == 1; });
}

TEST_CASE("map: files that are no terrain or map are refused and change nothing") {
  OnMap p;
  const auto file = p.dir / "broken.tif";
  distanz::test::spill(file, "no raster");
  QString told;
  QObject::connect(&p.document(), &Document::refused, &p.document(),
                   [&](const QString& reason) { told = reason; });
  p.prompts.files = {QString::fromStdString(file)};
  click(p.window, "page_ground");
  click(p.window, "add_layer");
  waitFor("the refusal", [&] { return !told.isEmpty(); });
  CHECK_THAT(told.toStdString(), Contains("broken.tif is not a readable terrain raster"));
  CHECK(p.campaign().layers.empty());
}

TEST_CASE("points: laid out by a shape, edited in the lists, refused where wrong") {
  OnMap p;
  click(p.window, "page_points");
  auto& shape = child<QComboBox>(p.window, "courseShape");
  shape.setCurrentIndex(3);
  CHECK_FALSE(child<QLineEdit>(p.window, "courseLength").isEnabled());
  p.type("courseDistance", "150 m");
  p.type("courseHeight", "30 m");
  click(p.window, "course_lay");
  REQUIRE(p.points().size() == 37);
  for (const auto& at : p.points())
    CHECK(std::abs(course::between(*p.campaign().station.position(), at.position).distance_m - 150) < 0.01);
  CHECK(p.points()[5].height_m == 30);
  auto& table = child<QTableWidget>(p.window, "points_table");
  REQUIRE(table.rowCount() == 37);
  table.item(0, 1)->setText("45 m");
  CHECK(p.points()[0].height_m == 45);
  table.item(0, 1)->setText("forty");
  CHECK(p.points()[0].height_m == 45);
  CHECK(table.item(0, 1)->text() == "45 m");
  table.item(0, 0)->setText("46.92, 20.97");
  CHECK(p.points()[0].position == course::Position{46.92, 20.97});
  click(p.window, "segments_add");
  auto& segments = child<QTableWidget>(p.window, "segments_table");
  REQUIRE(segments.rowCount() == 1);
  segments.item(0, 0)->setText("behind the shed");
  segments.item(0, 2)->setText("120 m");
  CHECK(p.campaign().paths[0].segments[0].name == "behind the shed");
  CHECK(p.campaign().paths[0].segments[0].to_m == 120);
}

TEST_CASE("points: a path that is being read does not take back what is done meanwhile") {
  OnMap p;
  click(p.window, "page_points");
  const auto file = p.dir / "way.geojson";
  distanz::test::spill(file,
                       R"({"type":"LineString","coordinates":[[20.96,46.91],[20.97,46.92],[20.99,46.93]]})");
  p.prompts.files = {QString::fromStdString(file)};
  click(p.window, "path_take");
  campaign::Campaign next = p.campaign();  // before the reading is settled by the event loop
  next.title = "changed meanwhile";
  CHECK(p.document().edit(finding("change-flights"), next));
  waitFor("the path", [&] { return p.points().size() == 3; });
  CHECK(p.campaign().title == "changed meanwhile");
}

TEST_CASE("points: several paths, one of them planned; saved to a file and taken back") {
  OnMap p;
  click(p.window, "page_points");
  p.type("pathName", "canal");
  click(p.window, "path_new");
  REQUIRE(p.campaign().paths.size() == 2);
  p.type("pathName", "road");
  CHECK(p.campaign().paths[0].name == "road");
  auto& paths = child<QComboBox>(p.window, "paths");
  REQUIRE(paths.count() == 2);
  paths.setCurrentIndex(1);
  emit paths.activated(1);
  CHECK(p.campaign().paths[0].name == "canal");
  p.prompts.save = QString::fromStdString(p.dir / "canal.gpx");
  child<QAction>(p.window, "path_save_gpx").trigger();
  const std::string written = formats::readFile(p.dir / "canal.gpx");
  CHECK_THAT(written, Contains("<gpx") && Contains("canal"));
  const campaign::Path kept = p.campaign().paths[0];
  click(p.window, "course_lay");
  CHECK(p.campaign().paths[0].points != kept.points);
  p.prompts.files = {QString::fromStdString(p.dir / "canal.gpx")};
  click(p.window, "path_take");
  waitFor("the path", [&] { return p.campaign().paths[0].points == kept.points; });
  click(p.window, "path_remove");
  CHECK(p.campaign().paths.size() == 1);
}
