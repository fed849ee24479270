// Closing ends, whatever is under way. bench/close_window measures how long it takes.
#include <QElapsedTimer>

#include "app/closing_scenes.h"

using namespace distanz::app;
using namespace distanz::app::test;

namespace {

/// Closing may take so many times as opening took: on a busy machine both take longer. What waited for a reader took ten seconds.
constexpr int kTimes = 10;

}  // namespace

TEST_CASE("closing: the window ends at once, whatever is under way", "[regression]") {
  for (const Scene& scene : kScenes) {
    INFO("while " << scene.name);
    QElapsedTimer clock;
    clock.start();
    auto session = std::make_unique<Session>();
    const qint64 opened_ms = clock.elapsed();
    scene.begin(*session);
    clock.restart();
    session.reset();
    CHECK(clock.elapsed() < kTimes * opened_ms);
    waitFor("the reader to end", [] { return !readerRuns(); });
  }
}

TEST_CASE("closing: what an instrument sent until then is kept", "[regression]") {
  auto session = std::make_unique<Session>();
  for (const Scene& scene : kScenes)
    if (std::string(scene.name).starts_with("an instrument")) scene.begin(*session);
  const auto seen = session->campaign().records.back().files.size();
  session->window.workspace()->finish();
  waitKept(session->window);
  const auto kept = distanz::store::CampaignFile::open(session->dir / "field.distanz", distanz::store::Access::ReadOnly).campaign();
  CHECK(kept.records.back().files.size() >= seen);
}
