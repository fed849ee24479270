// From an empty window with six logs that the program never saw to the answer: every click, drop and field is counted.
#include <fmt/format.h>

#include <QCheckBox>
#include <QDropEvent>
#include <QLabel>
#include <QMimeData>
#include <QUrl>
#include <catch2/catch.hpp>
#include <cmath>

#include "app/harness.h"
#include "app/runs/import_dialog.h"
#include "app/window/windows.h"
#include "core/log/recording.h"
#include "core/simulate/scenario.h"
#include "support/scenarios.h"
#include "support/temp_dir.h"

using namespace distanz;
using namespace distanz::app;
using namespace distanz::app::test;
using Catch::Matchers::Contains;

namespace {

constexpr int kMostActs = 25;

struct Pilot {
  explicit Pilot(MainWindow& w) : window(w) {}
  MainWindow& window;
  int acts = 0;

  void click(QWidget& on) {
    ++acts;
    INFO("act " << acts << ": " << on.objectName().toStdString());
    REQUIRE(on.isVisible());
    REQUIRE(on.isEnabled());
    QTest::mouseClick(&on, Qt::LeftButton);
  }
  void click(const char* name) { click(child<QWidget>(window, name)); }
  /// A click into a field, the keys, and Tab are one act.
  void type(const char* name, const QString& text) {
    ++acts;
    auto& field = child<QLineEdit>(window, name);
    QTest::mouseClick(&field, Qt::LeftButton);
    field.selectAll();
    QTest::keyClicks(&field, text);
    QTest::keyClick(&field, Qt::Key_Tab);
  }
  void drop(const QStringList& files) {
    ++acts;
    QMimeData mime;
    QList<QUrl> urls;
    for (const QString& f : files) urls << QUrl::fromLocalFile(f);
    mime.setUrls(urls);
    QDragEnterEvent enter(QPoint(400, 300), Qt::CopyAction, &mime, Qt::LeftButton, {});
    QApplication::sendEvent(&window, &enter);
    QDropEvent event(QPointF(400, 300), Qt::CopyAction, &mime, Qt::LeftButton, {});
    QApplication::sendEvent(&window, &event);
  }
};

/// A flight as a recorder of its own might have written it: north of a station that the program was never told.
struct Flight {
  std::vector<double> time_s, distance_m, signal_dbm, quality_pct;
  double lat(std::size_t i) const { return 46.91 + distance_m[i] / 111'195.0; }
};

std::vector<Flight> flights() {
  const auto flown = simulate::simulate(distanz::test::twoSetups(3, 7), 31);
  std::vector<Flight> out;
  for (const log::Recording& r : flown.recordings)
    out.push_back({r.time_s, *r.find("distance_m"), *r.find("control.rssi_dbm"), *r.find("control.lq_pct")});
  return out;
}

}  // namespace

TEST_CASE("first answer: from an empty window and six logs, one of them wrong, to the verdict in few acts") {
  distanz::test::TempDir dir;
  const std::vector<Flight> f = flights();  // A, B, A, B, A, B
  const auto rows = [](const Flight& flight, auto line) {
    std::string out;
    for (std::size_t i = 0; i < flight.time_s.size(); i += 2) out += line(flight, i);
    return out;
  };
  const auto spill = [&](const char* name, const std::string& bytes) { distanz::test::spill(dir / name, bytes); };
  spill("patch 1.csv", "Time (s),Latitude,Longitude,RSSI (dBm),LQ (%)\n" + rows(f[0], [](const Flight& x, std::size_t i) {
          return fmt::format("{:.2f},{:.7f},20.96,{:.1f},{:.0f}\n", x.time_s[i], x.lat(i), x.signal_dbm[i], x.quality_pct[i]);
        }));
  spill("helix 1.csv", "t [ms];lat;lon;signal [dBm];link quality\n" + rows(f[1], [](const Flight& x, std::size_t i) {
          return fmt::format("{:.0f};{:.7f};20.96;{:.0f};{:.0f}\n", 1000 * x.time_s[i], x.lat(i), x.signal_dbm[i], x.quality_pct[i]);
        }));
  spill("patch 2.jsonl", rows(f[2], [](const Flight& x, std::size_t i) {
          return fmt::format("{{\"time_s\":{:.2f},\"lat\":{:.7f},\"lon\":20.96,\"rssi_dbm\":{:.1f},\"lq\":{:.0f}}}\n", x.time_s[i], x.lat(i), x.signal_dbm[i],
                             x.quality_pct[i]);
        }));
  spill("helix 2.csv", "time;distance;rssi;lq\n;;;\n");  // cut off: nothing was written
  spill("patch 3.csv", "Time (s),Latitude,Longitude,RSSI (dBm),LQ (%)\n" + rows(f[4], [](const Flight& x, std::size_t i) {
          return fmt::format("{:.2f},{:.7f},20.96,{:.1f},{:.0f}\n", x.time_s[i], x.lat(i), x.signal_dbm[i], x.quality_pct[i]);
        }));
  spill("helix 3.csv", "time_s,lat_deg,lon_deg,rssi_dbm,lq_pct\n" + rows(f[5], [](const Flight& x, std::size_t i) {
          return fmt::format("{:.2f},{:.7f},20.96,{:.1f},{:.0f}\n", x.time_s[i], x.lat(i), x.signal_dbm[i], x.quality_pct[i]);
        }));
  QStringList logs;
  for (const char* name : {"patch 1.csv", "helix 1.csv", "patch 2.jsonl", "helix 2.csv", "patch 3.csv", "helix 3.csv"})
    logs << QString::fromStdString(dir / name);

  ScriptedPrompts prompts;
  prompts.save = QString::fromStdString(dir / "mine.distanz");
  MainWindow window(prompts);
  window.show();
  Pilot pilot(window);
  pilot.click("startNew");
  pilot.click("newControl");
  waitFor("the campaign", [&] { return window.workspace() && window.workspace()->current(); }, &window);
  window.activateWindow();  // no window manager gives it back after the dialog
  settle();
  pilot.type("name_A", "Patch");
  pilot.type("name_B", "Helix");
  Document& document = window.workspace()->document();
  REQUIRE(document.campaign().setups[1].name == "Helix");
  pilot.drop(logs);
  auto& dialog = child<ImportDialog>(window, "importDialog");
  waitFor("the logs to be looked at", [&] { return child<QPushButton>(dialog, "importButton").isEnabled(); });
  waitFor("station and path to be offered", [&] { return child<QCheckBox>(dialog, "importPlace").isVisible(); });
  if (auto& place = child<QCheckBox>(dialog, "importPlace"); !place.isChecked()) pilot.click(place);
  pilot.click("importButton");
  waitFor("five runs", [&] { return document.campaign().runs.size() == 5; }, &window);
  REQUIRE(dialog.isVisible());  // what is wrong stays, with its reason
  CHECK_THAT(child<QLabel>(dialog, "importMessage").text().toStdString(), Contains("Not imported: 1 log"));
  pilot.click("importCancel");
  if (QWidget* asks = QApplication::activeModalWidget())
    if (auto* drop = asks->findChild<QPushButton*>("importDrop")) pilot.click(*drop);
  waitAnalysed(window);
  pilot.click("stage_compare");
  auto& verdict = child<QLabel>(window, "verdict");
  settle();
  INFO(verdict.text().toStdString() << (QApplication::activeModalWidget() ? " behind a dialog" : "") << ", stage " << window.workspace()->currentStage());
  waitFor("the answer", [&] { return verdict.isVisible() && verdict.text().contains("Helix"); }, &window);
  INFO(verdict.text().toStdString() << ", " << pilot.acts << " acts");
  CHECK_THAT(verdict.text().toStdString(), (Contains("Helix") && Contains("farther")) || Contains("as far as Patch"));
  CHECK(pilot.acts <= kMostActs);
  CHECK(pilot.acts >= 8);  // nothing was done behind the pilot's back
  std::printf("acts from an empty window to the answer: %d\n", pilot.acts);
  for (const auto& run : document.campaign().runs) CHECK((run.setup == "A" || run.setup == "B"));
}
