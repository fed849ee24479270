// What leaves is told before it goes and can stay; what was open can be forgotten; names need not be UTF-8.
#include <QCheckBox>
#include <QFile>
#include <QSettings>

#include "app/session.h"
#include "formats/files.h"
#include "support/told.h"

using namespace distanz;
using namespace distanz::app;
using namespace distanz::app::test;
using Catch::Matchers::Contains;

namespace {

campaign::Campaign told(campaign::Campaign c) {
  c.station.place({46.91, 20.96});
  c.plan.ticks = {{"battery", "2026-11-24 06:31", "Imre", {}}};
  return c;
}

}  // namespace

TEST_CASE("copy: places and names are named before they go, and stay behind where they are unticked") {
  Session s;
  s.document().edit(step("Place"), told(s.campaign()));
  const auto copy = s.dir / "copy.distanz";
  s.prompts.save = QString::fromStdString(copy.string());
  trigger(s.window, "saveCopy");
  CHECK_FALSE(std::filesystem::exists(copy));  // nothing goes unasked
  auto& ask = child<QDialog>(s.window, "leaving");
  auto& places = child<QCheckBox>(ask, "leavePlaces");
  auto& words = child<QCheckBox>(ask, "leaveWords");
  CHECK(places.isVisible());
  CHECK(words.text().contains("(1)"));
  CHECK_FALSE(child<QCheckBox>(ask, "leavePhotos").isVisible());  // there are none
  places.setChecked(false);
  words.setChecked(false);
  click(ask, "leavingSave");
  waitFor("the copy", [&] { return std::filesystem::exists(copy); });
  const auto is = store::CampaignFile::open(copy, store::Access::ReadOnly).campaign();
  CHECK(is.plan.ticks[0].who.empty());
  CHECK(is.station.position()->lat_deg != 46.91);
  CHECK(s.campaign().plan.ticks[0].who == "Imre");  // here nothing changed
}

TEST_CASE("copy: nothing is asked where nothing tells more than the radio, and nothing is written where the pilot thinks better of it") {
  Session s;
  s.prompts.save = QString::fromStdString(s.dir / "plain.distanz");
  trigger(s.window, "saveCopy");
  waitFor("the copy", [&] { return std::filesystem::exists(s.dir / "plain.distanz"); });
  s.document().edit(step("Place"), told(s.campaign()));
  s.prompts.save = QString::fromStdString(s.dir / "folder");
  trigger(s.window, "exportFolder");
  child<QDialog>(s.window, "leaving").reject();
  settle();
  CHECK_FALSE(std::filesystem::exists(s.dir / "folder"));
}

TEST_CASE("start view: the list of recent campaigns is cleared, the campaigns stay") {
  Session s;
  trigger(s.window, "closeCampaign");
  REQUIRE(QSettings().contains("recent"));
  click(s.window, "forgetRecent");
  waitFor("it to be gone", [&] { return !s.window.findChild<QPushButton*>("forgetRecent"); });
  CHECK_FALSE(QSettings().contains("recent"));
  CHECK(std::filesystem::exists(s.dir / "field.distanz"));
}

TEST_CASE("window: a campaign and a log whose names are not UTF-8 are opened and brought in", "[regression]") {
  Session s;
  const auto file = s.dir / "caf\xe9.distanz", log = s.dir / "caf\xe9.csv";
  store::CampaignFile::create(file, s.campaign());
  std::filesystem::copy_file(s.logs(1, 3)[0].toStdString(), log);
  s.window.open(QFile::decodeName(QByteArray::fromStdString(file.string())));
  waitFor("the campaign", [&] { return s.window.workspace() && s.document().path() == file; });
  CHECK_FALSE(s.document().readOnlyReason());
  s.import({QFile::decodeName(QByteArray::fromStdString(log.string()))});
  CHECK(s.campaign().runs.size() == 1);
  trigger(s.window, "closeCampaign");
  CHECK(s.window.findChild<QPushButton*>("forgetRecent"));  // it is known again
}
