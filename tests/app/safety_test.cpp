// The window when something goes wrong around it: other programs, locked and lost files, jobs that end under
// a dialog, texts that are markup.
#include <QTableView>
#include <QTextDocument>

#include "app/runs/run_table.h"
#include "app/session.h"
#include "app/window/stages.h"
#include "formats/files.h"
#include "store/exchange.h"
#include "support/file_lock.h"
#include "support/told.h"

using namespace distanz;
using namespace distanz::app;
using namespace distanz::app::test;
using Catch::Matchers::Contains;
using distanz::test::Lock;

namespace {

campaign::Campaign named(campaign::Campaign c, const std::string& name) {
  c.setups.at(0).name = name;
  return c;
}

store::CampaignFile elsewhere(Session& s) {
  return store::CampaignFile::open(s.dir / "field.distanz", store::Access::ReadWrite);
}

std::string onDisk(const std::filesystem::path& file) {
  return store::CampaignFile::open(file, store::Access::ReadOnly).campaign().setups.at(0).name;
}

std::string told(Session& s) {
  auto& banner = child<QLabel>(s.window, "banner");
  return banner.isVisible() ? banner.accessibleName().toStdString() : std::string();
}

/// A tool tip that shows as it was typed: plain, or escaped.
bool isText(const QString& tip) {
  return !Qt::mightBeRichText(tip) || !tip.contains('<');
}

}  // namespace

TEST_CASE("window: what another program changes is taken in, and the selection stays", "[regression]") {
  Session s;
  s.import(s.logs(2, 3));
  s.window.workspace()->showStageNamed("runs");
  auto& table = child<QTableView>(s.window, "runTable");
  table.selectRow(2);
  store::CampaignFile other = elsewhere(s);
  campaign::Campaign next = named(other.campaign(), "From elsewhere");
  next.runs[0].notes = "seen elsewhere";
  other.edit(step("Elsewhere"), next);
  waitFor("the change", [&] { return s.campaign().setups[0].name == "From elsewhere"; });
  CHECK(s.campaign().runs[0].notes == "seen elsewhere");
  CHECK(table.currentIndex().row() == 2);
  CHECK(s.document().undoable() == step("Elsewhere"));
  trigger(s.window, "undo");
  CHECK(onDisk(s.dir / "field.distanz").empty());
}

TEST_CASE("window: an edit of what another program just changed is refused, and theirs is shown",
          "[regression]") {
  Session s;
  store::CampaignFile other = elsewhere(s);
  const campaign::Campaign before = s.campaign();
  other.edit(step("Elsewhere"), named(other.campaign(), "Theirs"));
  s.document().edit(step("Mine"), named(before, "Mine"));
  waitKept(s.window);
  CHECK_THAT(told(s), Contains("another program has changed the same part"));
  CHECK(s.campaign().setups[0].name == "Theirs");
  CHECK(onDisk(s.dir / "field.distanz") == "Theirs");
}

TEST_CASE("window: a locked file does not freeze it; the edit is kept as soon as the file is free",
          "[regression]") {
  Session s;
  Lock lock(s.dir / "field.distanz");
  CHECK(s.document().edit(step("Name"), named(s.campaign(), "While locked")));
  CHECK(s.document().waiting());  // here the lock still stands
  CHECK_THAT(told(s), Contains("Not saved yet"));
  CHECK(s.campaign().setups[0].name == "While locked");
  CHECK(s.document().edit(step("Name"), named(s.campaign(), "And again")));
  lock.release();
  waitFor("the edits", [&] { return !s.document().waiting(); });
  CHECK(told(s).empty());
  CHECK(onDisk(s.dir / "field.distanz") == "And again");
  trigger(s.window, "undo");
  CHECK(s.campaign().setups[0].name == "While locked");
}

TEST_CASE("window: what is added and then named while the file is locked is kept, both", "[regression]") {
  Session s;
  Lock lock(s.dir / "field.distanz");
  campaign::Campaign next = s.campaign();
  const std::size_t there = next.setups.size();
  next.setups.push_back({campaign::freeSetupId(next), "", ""});
  CHECK(s.document().edit(step("Add"), next));
  REQUIRE(s.document().waiting());
  next = s.campaign();
  next.setups.back().name = "Stub pair";
  CHECK(s.document().edit(step("Name"), next));
  lock.release();
  waitFor("the edits", [&] { return !s.document().waiting(); });
  CHECK(told(s) == "");
  const auto kept = store::CampaignFile::open(s.dir / "field.distanz", store::Access::ReadOnly).campaign();
  REQUIRE(kept.setups.size() == there + 1);
  CHECK(kept.setups.back().name == "Stub pair");
  CHECK(kept.setups.back().uuid.size() == 36);
  CHECK(s.campaign() == kept);
}

TEST_CASE("window: an edit that waited and is refused in the end says so, and the refusal stays to be read",
          "[regression]") {
  Session s;
  Lock lock(s.dir / "field.distanz");
  CHECK(s.document().edit(step("Name"), named(s.campaign(), "Mine")));
  REQUIRE(s.document().waiting());
  // The program that held the file has changed the same part.
  lock.db.exec(
      "UPDATE entity SET body = json_set(body, '$.name', 'Theirs') WHERE kind = 'setup' AND id = 'A'");
  lock.db.exec("UPDATE meta SET value = value + 1");
  lock.db.exec("COMMIT");
  waitFor("the answer", [&] { return !s.document().waiting(); });
  CHECK_THAT(told(s), Contains("another program has changed the same part"));
  CHECK(s.campaign().setups[0].name == "Theirs");
}

TEST_CASE("window: a copy is not saved over the campaign that is open", "[regression]") {
  Session s;
  REQUIRE(s.document().edit(step("Name"), named(s.campaign(), "Precious")));
  s.prompts.save = QString::fromStdString(s.dir / "field.distanz");
  sendAway(s.window, "saveCopy");
  CHECK_THAT(told(s), Contains("is open now"));
  trigger(s.window, "undo");  // the history is still there
  CHECK(onDisk(s.dir / "field.distanz").empty());
  s.prompts.save = QString::fromStdString(s.dir / "copy.distanz");
  sendAway(s.window, "saveCopy");
  waitFor("the copy", [&] { return std::filesystem::exists(s.dir / "copy.distanz"); });
  CHECK(store::CampaignFile::open(s.dir / "copy.distanz", store::Access::ReadOnly).campaign() ==
        s.campaign());
}

TEST_CASE("window: a locked file is opened when it is free, and the window lives meanwhile", "[regression]") {
  Session s;
  { store::CampaignFile::create(s.dir / "other.distanz", s.campaign()); }
  Lock lock(s.dir / "other.distanz");
  s.window.open(QString::fromStdString(s.dir / "other.distanz"));
  int beats = 0;
  QTimer heart;
  QObject::connect(&heart, &QTimer::timeout, [&] { ++beats; });
  heart.start(5);
  waitFor("some beats", [&] { return beats > 20; });
  CHECK(s.window.opening());
  CHECK(s.document().path().filename() == "field.distanz");
  lock.release();
  waitFor("the other campaign", [&] { return s.document().path().filename() == "other.distanz"; });
}

TEST_CASE(
    "window: a file that is gone, replaced or cut is told of before an edit counts, and all of it can be "
    "saved elsewhere",
    "[regression]") {
  Session s;
  s.import(s.logs(1, 3));
  const campaign::Campaign before = s.campaign();
  const auto file = s.dir / "field.distanz";
  const int how = GENERATE(0, 1, 2);
  switch (how) {
    case 0:
      std::filesystem::remove(file);
      break;
    case 1:
      distanz::test::spill(s.dir / "x", "another file");
      std::filesystem::rename(s.dir / "x", file);
      break;
    case 2:
      std::filesystem::resize_file(file, std::filesystem::file_size(file) - 4096);
      break;
  }
  s.document().edit(step("Name"), named(before, "Lost"));
  waitKept(s.window);
  CHECK(s.campaign() == before);
  CHECK(s.document().fileLost());
  CHECK_THAT(child<QLabel>(s.window, "banner").text().toStdString(), Contains("Save a copy as"));
  s.prompts.save = QString::fromStdString(s.dir / "saved.distanz");
  sendAway(s.window, "saveCopy");
  waitFor("work to go on in the copy", [&] { return s.document().path().filename() == "saved.distanz"; });
  CHECK(s.campaign() == before);
  if (how < 2)  // of a file that was cut, only what was in memory is left, and that is said
    CHECK(s.document().samples()->logBytes(before.runs[0]).size() > 1000);
  else
    CHECK_THAT(told(s), Contains("could not be read: A1, B1"));
  CHECK(s.document().edit(step("Name"), named(before, "Goes on")));
}

TEST_CASE(
    "window: a new campaign takes the place of a file only when it is whole, and never of one that is open",
    "[regression]") {
  Session s;
  REQUIRE(s.document().edit(step("Name"), named(s.campaign(), "Precious")));
  const auto makeNew = [&] {  // where the script says
    trigger(s.window, "newCampaign");
    click(s.window, "newElsewhere");
    click(s.window, "newVideo");
    QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
  };
  makeNew();  // it answers with the open file's name
  waitFor("the refusal", [&] { return !told(s).empty(); });
  CHECK_THAT(told(s), Contains("is open now"));
  CHECK(onDisk(s.dir / "field.distanz") == "Precious");
  { store::CampaignFile::create(s.dir / "old.distanz", named(s.campaign(), "Old")); }
  s.prompts.save = QString::fromStdString(s.dir / "old.distanz");
  makeNew();
  waitFor("the new campaign", [&] { return s.document().path().filename() == "old.distanz"; });
  CHECK(s.campaign().setups[0].name.empty());
  REQUIRE(s.campaign().links.size() == 1);
  CHECK(s.campaign().links[0].kind == campaign::LinkKind::Video);
}

TEST_CASE("window: a folder that was opened before is not silently answered with the file made then",
          "[regression]") {
  Session s;
  s.import(s.logs(1, 3));
  store::toInterchange(s.dir / "field.distanz", s.dir / "folder");
  s.window.open(QString::fromStdString(s.dir / "folder"));
  waitFor("the folder", [&] { return s.document().path().filename() == "folder.distanz"; });
  s.window.open(QString::fromStdString(s.dir / "field.distanz"));
  waitFor("the field", [&] { return s.document().path().filename() == "field.distanz"; });
  s.window.open(QString::fromStdString(s.dir / "folder"));
  CHECK_THAT(told(s), Contains("folder.distanz exists already"));
  CHECK_FALSE(s.window.opening());
  emit child<QLabel>(s.window, "banner")
      .linkActivated("open:" + QString::fromStdString(s.dir / "folder.distanz"));
  waitFor("the file", [&] { return s.document().path().filename() == "folder.distanz"; });
}

TEST_CASE("window: light and dark are changed on the open campaign, which is not opened again",
          "[regression]") {
  Session s;
  Document* const document = &s.document();
  const int stage = 2;
  s.window.workspace()->showStage(stage);
  std::filesystem::rename(s.dir / "field.distanz", s.dir / "away.distanz");
  trigger(s.window, "dark");
  CHECK(&s.document() == document);
  CHECK(s.window.workspace()->currentStage() == stage);
  std::filesystem::rename(s.dir / "away.distanz", s.dir / "field.distanz");
  trigger(s.window, "dark");
  CHECK(s.document().edit(step("Name"), named(s.campaign(), "Still here")));
}

TEST_CASE("window: a job that ends under an open dialog waits until that is closed", "[regression]") {
  Session s;
  { store::CampaignFile::create(s.dir / "other.distanz", s.campaign()); }
  const QStringList logs = s.logs(1, 3);
  s.window.open(QString::fromStdString(s.dir / "other.distanz"));
  ImportDialog& dialog = s.dialog({logs[0]});
  int beats = 0;
  QTimer heart;
  QObject::connect(&heart, &QTimer::timeout, [&] { ++beats; });
  heart.start(5);
  waitFor("the job to have ended", [&] { return beats > 60; });
  CHECK(s.document().path().filename() == "field.distanz");
  QTest::mouseClick(&child<QPushButton>(dialog, "importButton"), Qt::LeftButton);
  waitFor("the import", [&] { return s.document().path().filename() == "other.distanz"; });
  CHECK(store::CampaignFile::open(s.dir / "field.distanz", store::Access::ReadOnly).campaign().runs.size() ==
        1);
}

TEST_CASE("window: names, notes, columns and files are text, never markup", "[regression]") {
  Session s;
  const std::string markup = "<img src='file:///etc/passwd'><b>x</b>&lt;";
  s.import(s.logs(1, 3));
  campaign::Campaign next = named(s.campaign(), markup);
  next.title = markup;
  next.setups[0].differs = markup;
  for (auto& run : next.runs) run.notes = run.flight = markup;
  next.runs[0].void_reason = markup;
  REQUIRE(s.document().edit(step(markup), next));
  waitAnalysed(s.window);
  for (const StageInfo& stage : stageTable()) {
    s.window.workspace()->showStageNamed(stage.id);
    QCoreApplication::processEvents();
    for (auto* label : s.window.findChildren<QLabel*>()) {
      CAPTURE(stage, label->objectName().toStdString(), label->text().toStdString());
      CHECK((label->textFormat() == Qt::PlainText || label->objectName() == "banner"));
    }
    for (auto* widget : s.window.findChildren<QWidget*>()) CHECK(isText(widget->toolTip()));
  }
  auto* model = child<QTableView>(s.window, "runTable").model();
  for (int column = 0; column < model->columnCount(); ++column)
    CHECK(isText(model->data(model->index(0, column), Qt::ToolTipRole).toString()));
  s.window.open(QString::fromStdString("/nowhere/" + markup));
  waitFor("the refusal", [&] { return !told(s).empty(); });
  CHECK_FALSE(child<QLabel>(s.window, "banner").text().contains("<img"));
  CHECK(child<QAction>(s.window, "undo").text().contains("<img"));  // as typed
}

TEST_CASE("window: a failing disk is told once, nothing is lost, and it works again when the disk does",
          "[regression]") {
  Session s;
  const campaign::Campaign before = s.campaign();
  std::filesystem::create_directory(s.dir / "field.distanz-journal");  // no journal can be written
  s.document().edit(step("Name"), named(before, "Lost"));
  waitKept(s.window);
  CHECK_FALSE(told(s).empty());
  CHECK(s.campaign() == before);
  CHECK_FALSE(s.document().fileLost());
  std::filesystem::remove(s.dir / "field.distanz-journal");
  CHECK(s.document().edit(step("Name"), named(before, "Kept")));
  waitKept(s.window);
  CHECK(onDisk(s.dir / "field.distanz") == "Kept");
}
