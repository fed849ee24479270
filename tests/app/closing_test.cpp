// Closing ends, whatever is under way. bench/close_window measures how long it takes.
#include <QElapsedTimer>

#include "app/closing_scenes.h"

using namespace distanz::app;
using namespace distanz::app::test;

namespace {

constexpr int kHang_ms = 8000;  // what never ends is cut off by the reader after nine seconds

}  // namespace

TEST_CASE("closing: the window ends at once, whatever is under way", "[regression]") {
  for (const Scene& scene : kScenes) {
    INFO("while " << scene.name);
    auto session = std::make_unique<Session>();
    scene.begin(*session);
    QElapsedTimer clock;
    clock.start();
    session.reset();
    CHECK(clock.elapsed() < kHang_ms);
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
