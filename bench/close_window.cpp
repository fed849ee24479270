// How long a window takes to close, for each kind of work that may be under way.
#include <QElapsedTimer>
#include <cstdio>

#include "app/closing_scenes.h"

using namespace distanz::app;
using namespace distanz::app::test;

TEST_CASE("close_window") {
  for (const Scene& scene : kScenes) {
    auto session = std::make_unique<Session>();
    scene.begin(*session);
    QElapsedTimer clock;
    clock.start();
    static_cast<QWidget&>(session->window).close();
    const qint64 gone_ms = clock.elapsed();
    session.reset();
    std::printf("  %-48s gone after %4lld ms, all of it after %4lld ms\n", scene.name, gone_ms, clock.elapsed());
    std::fflush(stdout);
    waitFor("the reader to end", [] { return !readerRuns(); });
  }
}
