// What it costs to drag a point of the path over a raster of 3601 x 3601 cells with four setups and two
// links: each move until map, profile and prediction are drawn anew. And to open such a raster. drag_waypoint
// [MOVES]
#include <sys/resource.h>

#include <QApplication>
#include <QLabel>
#include <QMouseEvent>
#include <QPushButton>
#include <QTemporaryDir>
#include <QTest>
#include <algorithm>
#include <chrono>
#include <cmath>
#include <cstdio>
#include <fstream>
#include <optional>

#include "app/plan/map_view.h"
#include "app/shared/theme.h"
#include "app/window/main_window.h"
#include "core/campaign/kit.h"
#include "formats/interchange.h"
#include "geodata/ground_files.h"
#include "store/exchange.h"

using namespace distanz;
namespace fs = std::filesystem;

namespace {

double since_ms(const std::chrono::steady_clock::time_point& begin) {
  return std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - begin).count();
}

long peak_mb() {
  rusage usage{};
  getrusage(RUSAGE_SELF, &usage);
  return usage.ru_maxrss / 1024;
}

/// Hills on several scales, as one-second heights from 46 to 47 north.
void writeTile(const fs::path& file) {
  constexpr int kCells = 3601;
  std::string bytes;
  bytes.reserve(std::size_t(kCells) * kCells * 2);
  for (int r = 0; r < kCells; ++r)
    for (int c = 0; c < kCells; ++c) {
      const double h = 220 + 90 * std::sin(r / 310.0) * std::cos(c / 270.0) +
                       25 * std::sin(r / 37.0 + c / 51.0) + 6 * std::sin(r / 5.0) * std::sin(c / 7.0);
      const int v = int(std::lround(h));
      bytes += char(v >> 8);
      bytes += char(v & 0xff);
    }
  std::ofstream(file, std::ios::binary) << bytes;
}

campaign::Campaign fourSetups() {
  campaign::Campaign c;
  c.title = "drag";
  c.station.place({46.5, 20.5});
  for (const char* id : {"control", "video"}) {
    campaign::Link l;
    l.id = id;
    l.frequency_mhz = *id == 'c' ? 2440 : 5800;
    l.sensitivity_dbm = *id == 'c' ? -108 : -97;
    c.links.push_back(l);
  }
  for (const char* id : {"A", "B", "C", "D"}) {
    campaign::Setup s;
    s.id = id;
    c.setups.push_back(s);
    for (const char* link : {"control", "video"})
      campaign::setValueAt(c, id, link, campaign::kTransmitPower, 14 + *id - 'A');
  }
  const auto at = [&](double d, double bearing) {
    return course::destination(*c.station.position(), {d, bearing});
  };
  campaign::editFirstPath(c).points = {
      {*c.station.position(), 120}, {at(2000, 40), 120}, {at(5000, 50), 120}};
  c.plan.obstruction = c.plan.woodland = true;
  return c;
}

void move(app::MapView& map, QEvent::Type type, const QPointF& at) {
  const auto button = type == QEvent::MouseMove ? Qt::NoButton : Qt::LeftButton;
  QMouseEvent event(type, at, map.mapToGlobal(at), button,
                    type == QEvent::MouseButtonRelease ? Qt::NoButton : Qt::LeftButton, Qt::NoModifier);
  QApplication::sendEvent(&map, &event);
}

int measure(const fs::path& folder, int moves) {
  campaign::Campaign c = fourSetups();
  auto begin = std::chrono::steady_clock::now();
  geodata::TakenLayer taken = geodata::takeLayer(folder / "N46E020.hgt", c);
  std::printf("the raster read and packed for the campaign: %.0f ms, %.1f MB kept\n", since_ms(begin),
              double(taken.bytes.size()) / 1e6);
  taken.layer.id = "terrain";
  c.layers = {taken.layer};
  formats::writeInterchange(folder / "made", c, {},
                            [&](const std::string&, const campaign::KeptFile&) { return taken.bytes; });
  store::fromInterchange(folder / "made", folder / "drag.distanz");
  taken = {};

  app::SystemPrompts prompts;
  app::MainWindow window(prompts);
  window.resize(1280, 800);
  window.show();
  window.open(QString::fromStdString((folder / "drag.distanz").string()));
  begin = std::chrono::steady_clock::now();
  if (!QTest::qWaitFor([&] { return window.workspace() && window.workspace()->document().ground().ground(); },
                       60000))
    return 1;
  std::printf("campaign opened with its raster: %.0f ms\n", since_ms(begin));
  if (!QTest::qWaitFor([&] { return window.workspace()->document().analysed(); }, 60000)) return 1;
  window.workspace()->showStageNamed("plan");
  QTest::qWait(200);
  auto* map = window.findChild<app::MapView*>("mapView");
  const auto from = map->pxOf(campaign::firstPath(window.workspace()->document().campaign())[1].position);
  if (!map || !from) return 1;
  move(*map, QEvent::MouseButtonPress, *from);
  std::vector<double> ms, computed_ms;
  for (int i = 0; i < moves; ++i) {
    const QPointF to = *from + QPointF(60 * std::sin(i / 9.0), 45 * std::sin(i / 13.0 + 0.3));
    begin = std::chrono::steady_clock::now();
    move(*map, QEvent::MouseMove, to);
    computed_ms.push_back(since_ms(begin));
    for (int k = 0; k < 3; ++k)
      QCoreApplication::processEvents();  // plots are drawn when nothing else is to do
    ms.push_back(since_ms(begin));
  }
  move(*map, QEvent::MouseButtonRelease, *from);
  std::sort(ms.begin(), ms.end());
  std::sort(computed_ms.begin(), computed_ms.end());
  std::printf(
      "%d moves of a point: %.1f ms median, %.1f ms at worst (%ld over 16 ms), %.1f ms of the median to "
      "compute; %ld MB at the most\n",
      moves, ms[ms.size() / 2], ms.back(), long(ms.end() - std::upper_bound(ms.begin(), ms.end(), 16.0)),
      computed_ms[computed_ms.size() / 2], peak_mb());
  return 0;
}

}  // namespace

int main(int argc, char** argv) {
  QApplication app(argc, argv);
  QApplication::setApplicationName("distanz-bench");
  app::theme::loadFonts();
  app::theme::apply();
  const QTemporaryDir folder;
  const fs::path path = folder.path().toStdString();
  writeTile(path / "N46E020.hgt");
  return measure(path, argc > 1 ? std::atoi(argv[1]) : 500);
}
