// Longest time the window did not answer while the demo is opened, analysed, edited and looked at: a 2 ms
// heartbeat, its largest gap.
#include <QApplication>
#include <QElapsedTimer>
#include <QTest>
#include <QTimer>
#include <cstdio>

#include "app/shared/theme.h"
#include "app/window/main_window.h"
#include "app/window/stages.h"

using namespace distanz::app;

namespace {

struct Heart {
  QElapsedTimer clock;
  qint64 last_us = 0, gap_us = 0;
  QTimer timer;
  Heart() {
    clock.start();
    QObject::connect(&timer, &QTimer::timeout, [this] { beat(); });
    timer.start(2);
  }
  void beat() {
    const qint64 now = clock.nsecsElapsed() / 1000;
    if (last_us > 0) gap_us = std::max(gap_us, now - last_us);
    last_us = now;
  }
  void report(const char* what) {
    QTest::qWait(200);
    std::printf("  %-36s longest gap %5.1f ms\n", what, double(gap_us) / 1000);
    gap_us = 0;
  }
};

}  // namespace

int main(int argc, char** argv) {
  QApplication app(argc, argv);
  QApplication::setApplicationName("Distanz");
  QApplication::setOrganizationName("Distanz");
  theme::loadFonts();
  theme::apply();
  SystemPrompts prompts;
  MainWindow window(prompts);
  window.show();
  Heart heart;
  heart.report("start view");
  QTimer::singleShot(0, &window, &MainWindow::openDemo);
  if (!QTest::qWaitFor([&] { return window.workspace() && window.workspace()->document().analysed(); },
                       20000))
    return 1;
  heart.report("demo opened and analysed");
  for (int stage = 0; stage < window.workspace()->stages(); ++stage) {
    QTimer::singleShot(0, [&, stage] { window.workspace()->showStage(stage); });
    heart.report((std::string("stage shown: ") + stageTable()[size_t(stage)].id).c_str());
  }
  for (int i = 0; i < 20; ++i)
    QTimer::singleShot(10 * i, [&, i] { window.workspace()->document().pick(100 * i); });
  heart.report("distance picked, dragging");
  QTimer::singleShot(0, [&] {
    auto next = window.workspace()->document().campaign();
    next.links[0].rule.margin_db = next.links[0].rule.margin_db.value_or(0) + 1;
    window.workspace()->document().edit(distanz::finding("step-said", {{"what", "Margin"}}), next);
  });
  heart.report("rule edited, analysed anew");
  QTimer::singleShot(0, [&] { window.workspace()->document().undo(); });
  heart.report("undone");
}
