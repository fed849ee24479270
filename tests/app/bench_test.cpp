// The bench, as a hand drives it: records are made, filled, read from files, taken over, taken back.
#include <QComboBox>
#include <QLabel>
#include <QListWidget>
#include <QTableView>
#include <catch2/catch.hpp>
#include <set>

#include "app/bench/bench_stage.h"
#include "app/bench/ground_guide.h"
#include "app/bench/reading_timer.h"
#include "app/session.h"
#include "formats/bench/record_files.h"
#include "formats/files.h"
#include "standin/instrument.h"
#include "standin/server.h"
#include "support/file_lock.h"

using namespace distanz;
using namespace distanz::app;
using namespace distanz::app::test;
using Catch::Matchers::Contains;

namespace {

struct Bench : Session {
  Bench() { window.workspace()->showStageNamed("bench"); }
  BenchStage& stage() { return *dynamic_cast<BenchStage*>(window.workspace()->current()); }
  void make(const char* kind) {
    const std::size_t before = campaign().records.size();
    child<QAction>(window, (std::string("new-") + kind).c_str()).trigger();
    waitFor("the record", [&] { return campaign().records.size() == before + 1; });
  }
  const campaign::Record& record() { return *campaign::findRecord(campaign(), stage().chosen()); }
  void type(const char* field, const QString& text) {
    auto& edit = child<QLineEdit>(window, field);
    edit.setFocus();
    edit.selectAll();
    QTest::keyClicks(&edit, text);
    QTest::keyClick(&edit, Qt::Key_Return);
  }
  void waitFinding(const std::string& code) {
    waitFor(code.c_str(), [&] {
      for (const Finding& f : stage().findings())
        if (f.code == code) return true;
      return false;
    });
  }
};

}  // namespace

TEST_CASE("bench: a record is made, typed into, judged, taken back and given again") {
  Bench s;
  CHECK(s.stage().optional());
  CHECK(s.stage().findings().empty());
  s.make("swap");
  CHECK(s.record().kind == campaign::RecordKind::Swap);
  CHECK(s.record().made_at.size() == 16);
  s.waitFinding("readings-few");
  for (int i = 0; i < 4; ++i)
    for (int value : {9, 1}) s.type("read-value", QString::number(value));  // on and off take turns
  REQUIRE(s.record().readings.size() == 8);
  CHECK(s.record().readings[0].label == "on");
  CHECK(s.record().readings[7].label == "off");
  s.waitFinding("swap-better");
  s.type("read-value", "loud");
  CHECK(child<QLabel>(s.window, "readingRefusal").isVisibleTo(&s.window));
  CHECK(s.record().readings.size() == 8);
  auto& table = child<QTableView>(s.window, "readings");
  table.model()->setData(table.model()->index(0, 1), "7.5");
  CHECK_FALSE(table.model()->flags(table.model()->index(0, 0)) & Qt::ItemIsEditable);  // on and off are given
  CHECK(s.record().readings[0].value("value") == 7.5);
  s.document().undo();
  waitFor("undo", [&] { return s.record().readings[0].value("value") == 9; });
  table.selectRow(7);
  table.setFocus();
  QTest::keyClick(&table, Qt::Key_Delete);
  CHECK(s.record().readings.size() == 7);
  const auto records = s.campaign().records;
  QTest::mouseClick(&child<QPushButton>(s.window, "removeRecord"), Qt::LeftButton);
  CHECK(s.campaign().records.empty());
  s.document().undo();
  waitFor("undo", [&] { return s.campaign().records == records; });
}

TEST_CASE("bench: sweeps come from files, with a role, and say what they cost; what is no sweep is refused") {
  Bench s;
  const auto free = s.dir / "free.s1p", held = s.dir / "held.s1p", bad = s.dir / "bad.s1p";
  formats::writeFile(free, "# MHz S MA R 50\n2430 0.1 0\n2450 0.1 0\n");
  formats::writeFile(held, "# MHz S MA R 50\n2430 0.5 80\n2450 0.5 80\n");
  formats::writeFile(bad, "# MHz H MA R 50\n1 2 3\n");
  s.make("sweep");
  s.prompts.files = {QString::fromStdString(free.string()), QString::fromStdString(held.string())};
  QTest::mouseClick(&child<QPushButton>(s.window, "addFiles"), Qt::LeftButton);
  waitFor("files", [&] { return s.record().files.size() == 2; });
  CHECK(s.document().samples()->keptBytes(s.record().id, s.record().files[1]) == formats::readFile(held));
  choose(s.window, "fileRole0", "free");
  choose(s.window, "fileRole1", "held");
  s.waitFinding("cable-radiates");
  s.waitFinding("fits-channel");
  s.prompts.files = {QString::fromStdString(bad.string())};
  QTest::mouseClick(&child<QPushButton>(s.window, "addFiles"), Qt::LeftButton);
  waitFor("the refusal", [&] { return child<QLabel>(s.window, "banner").text().contains("bad.s1p"); });
  CHECK(s.record().files.size() == 2);
  CHECK_THAT(child<QLabel>(s.window, "banner").text().toStdString(),
             Contains("bad.s1p") && Contains("S parameters"));
  s.stage().takeFiles({QString::fromStdString((s.dir / "none.s1p").string())});
  waitFor("the refusal", [&] { return child<QLabel>(s.window, "banner").text().contains("none.s1p"); });
  CHECK(s.record().files.size() == 2);
}

TEST_CASE("bench: what was measured goes into the part with one click, and back") {
  Bench s;
  campaign::Campaign next = s.campaign();
  campaign::Part sender;
  sender.id = "tx";
  sender.kind = campaign::PartKind::Transmitter;
  sender.name = "Sender";
  sender.values["power_dbm"] = {.value = 24};
  next.parts.push_back(sender);
  REQUIRE(s.document().edit(step("Part"), next));
  s.make("power");
  auto& part = child<QComboBox>(s.window, "recordPart");
  part.setCurrentIndex(part.findData("tx"));
  emit part.activated(part.currentIndex());
  CHECK(s.record().part == "tx");
  s.type("set-nominal_dbm", "250 mW");
  CHECK(s.record().setting("nominal_dbm").value_or(0) == Approx(23.98).margin(0.01));
  child<QComboBox>(s.window, "readingLabel").setEditText("250 mW");
  for (int t : {0, 60, 120}) {
    child<QLineEdit>(s.window, "read-time_s").setText(QString::number(t));
    s.type("read-power_dbm", "100 mW");
  }
  s.waitFinding("power-share");
  auto& take = child<QPushButton>(s.window, "takeOver");
  waitFor("the offer", [&] { return take.isVisibleTo(&s.window); });
  QTest::mouseClick(&take, Qt::LeftButton);
  const auto& value = campaign::findPart(s.campaign(), "tx")->values.at("power_dbm");
  CHECK(value.value == Approx(20).margin(0.01));
  CHECK(value.origin == campaign::Origin::Measured);
  CHECK(value.record == s.record().id);
  // Said beside the part, with the way back; gone once it was taken.
  auto& applied = child<QLabel>(s.window, "applied");
  REQUIRE(applied.isVisibleTo(&s.window));
  CHECK_THAT(applied.text().toStdString(), Contains("Applied to Sender"));
  QTest::mouseClick(&child<QPushButton>(s.window, "undoApplied"), Qt::LeftButton);
  waitFor("undo", [&] { return campaign::findPart(s.campaign(), "tx")->values.at("power_dbm").value == 24; });
  waitFor("nothing applied", [&] { return !applied.isVisibleTo(&s.window); });
  // What was done since would be taken back instead: no way back is offered then.
  waitFor("the offer again", [&] { return take.isVisibleTo(&s.window); });
  {
    // While another program holds the file it is said, too; the way back is there once the step is.
    waitKept(s.window);
    distanz::test::Lock lock(s.dir / "field.distanz");
    QTest::mouseClick(&take, Qt::LeftButton);
    REQUIRE(s.document().waiting());
    CHECK(applied.isVisibleTo(&s.window));
    CHECK_FALSE(child<QPushButton>(s.window, "undoApplied").isVisibleTo(&s.window));
  }
  waitFor("the way back", [&] { return child<QPushButton>(s.window, "undoApplied").isVisibleTo(&s.window); });
  REQUIRE(applied.isVisibleTo(&s.window));
  s.type("set-nominal_dbm", "400 mW");
  waitFor("something else done", [&] { return !applied.isVisibleTo(&s.window); });
  CHECK(campaign::findPart(s.campaign(), "tx")->values.at("power_dbm").value == Approx(20).margin(0.01));
}

TEST_CASE("bench: a sweep dropped without a record for it makes one; a second goes into the same") {
  Bench s;
  const auto sweep = [&](const char* name) {
    formats::writeFile(s.dir / name, "# MHz S MA R 50\n2430 0.1 0\n2450 0.1 0\n");
    return QStringList{QString::fromStdString((s.dir / name).string())};
  };
  const QStringList first = sweep("first.s1p");
  CHECK(s.stage().takesDropped(first));
  CHECK_FALSE(s.stage().takesDropped({"a flight.csv"}));  // a log, which goes to the import
  s.stage().takeFiles(first);
  waitFor("the record", [&] { return s.campaign().records.size() == 1 && s.record().files.size() == 1; });
  CHECK(s.record().kind == campaign::RecordKind::Sweep);
  s.stage().takeFiles(sweep("second.S1P"));
  waitFor("the second", [&] { return s.record().files.size() == 2; });
  CHECK(s.campaign().records.size() == 1);
  s.make("walk");
  s.stage().takeFiles(first);
  waitFor("another record", [&] { return s.campaign().records.size() == 3; });
}

TEST_CASE("bench: every kind can be made, shown on both sides, and saved; the shelf chooses") {
  Bench s;
  for (std::size_t k = 0; k < campaign::recordKindWords().size(); ++k) {
    const std::string word = campaign::recordKindWord(static_cast<campaign::RecordKind>(k));
    CAPTURE(word);
    s.make(word.c_str());
    CHECK(campaign::recordKindWord(s.record().kind) == word);
    QTest::mouseClick(&child<QPushButton>(s.window, "showResult"), Qt::LeftButton);
    QTest::mouseClick(&child<QPushButton>(s.window, "showEntries"), Qt::LeftButton);
    for (const auto& f : campaign::recordFields(s.record().kind, false))
      child<QLineEdit>(s.window, ("set-" + std::string(f.key)).c_str());
  }
  auto& shelf = child<QListWidget>(s.window, "shelf");
  REQUIRE(shelf.count() == int(campaign::recordKindWords().size()));
  shelf.setCurrentRow(2);
  CHECK(s.stage().chosen() == shelf.item(2)->data(Qt::UserRole).toString().toStdString());
  CHECK(svgText(s.stage(), s.stage().paperSize()).find("<svg") != std::string::npos);
  CHECK(s.stage().csv().size() > 5);
}

TEST_CASE("bench: a table of readings is taken in, and the rows that were left out are told") {
  Bench s;
  const auto file = s.dir / "walk.csv";
  formats::writeFile(file, "label,distance\nBefore,100\nafter,120\nlater,130\nafter,far\n");
  s.make("walk");
  s.prompts.files = {QString::fromStdString(file.string())};
  QTest::mouseClick(&child<QPushButton>(s.window, "readingsFile"), Qt::LeftButton);
  waitFor("readings", [&] { return s.record().readings.size() == 2; });
  CHECK(s.record().readings[0].label == "before");
  CHECK_THAT(child<QLabel>(s.window, "banner").text().toStdString(),
             Contains("walk.csv") && Contains("before, after"));
  CHECK(s.stage().takesFiles());
  s.make("claims");
  CHECK_FALSE(s.stage().takesFiles());
}

TEST_CASE("bench: a record is filled live from an instrument, in steps that can be taken back") {
  Bench s;
  s.make("power");
  const QStringList lines =
      QString::fromStdString(standin::tell("power", "throttling", 5)).trimmed().split('\n');
  standin::Server server(lines, 1);
  s.type("liveAddress", server.serveTcp(0).toUtf8().constData());
  waitFor("the readings", [&] { return s.record().readings.size() == size_t(lines.size()) - 1; });
  s.waitFinding("power-throttles");
  waitFor("the end", [&] { return child<QPushButton>(s.window, "fillLive").text() == "Fill live"; });
  s.document().undo();
  waitFor("undo", [&] { return s.record().readings.size() < size_t(lines.size()) - 1; });
  s.type("liveAddress", "127.0.0.1:1");
  waitFor("the refusal", [&] { return child<QLabel>(s.window, "banner").text().contains("127.0.0.1:1"); });
}

TEST_CASE("bench: a sweep arrives live as a file of its record") {
  Bench s;
  s.make("sweep");
  QStringList lines = QString::fromStdString(standin::tell("sweep", "mistuned", 5)).trimmed().split('\n');
  const qsizetype points = lines.size() - 1;
  standin::Server server(lines << QString(), 1);
  s.type("liveAddress", server.serveTcp(0).toUtf8().constData());
  waitFor("the sweep", [&] { return s.record().files.size() == 1; });
  const auto read =
      formats::readRecordFile(campaign::RecordKind::Sweep, s.record().files[0],
                              s.document().samples()->keptBytes(s.record().id, s.record().files[0]));
  CHECK(read.data.sweep->frequency_mhz.size() == size_t(points));
}

TEST_CASE("bench: the timer calls for each reading at its time, and no other") {
  ReadingTimer timer({0, 2, 5}, 10);
  std::vector<double> due;
  QObject::connect(&timer, &ReadingTimer::due, [&](double at) { due.push_back(at); });
  timer.show();
  click(timer, "callReadings");
  CHECK(due == std::vector<double>{0});
  waitFor("all", [&] { return due.size() == 3 && !timer.running(); });
  CHECK(due == std::vector<double>{0, 2, 5});
}

TEST_CASE("bench: a ground check is led through all attitudes, counters before and after") {
  GroundGuide guide(10);
  guide.QWidget::show();
  guide.show(60, false, false);
  CHECK_FALSE(child<QPushButton>(guide, "startGround").isEnabled());
  guide.show(60, true, false);
  bool finished = false;
  QObject::connect(&guide, &GroundGuide::finished, [&] { finished = true; });
  click(guide, "startGround");
  std::set<QString> seen;
  waitFor("the end", [&] {
    if (guide.running()) seen.insert(child<QLabel>(guide, "attitude").text());
    return finished;
  });
  CHECK(seen.size() >= 6);
  CHECK(child<QLabel>(guide, "attitude").text().contains("after"));
  Bench s;
  s.make("ground");
  CHECK_FALSE(child<QPushButton>(s.window, "startGround").isEnabled());
}

TEST_CASE("bench: a file that came while another program held the campaign is judged once it is kept", "[regression]") {
  Bench s;
  const auto table = s.dir / "sweep.csv";
  formats::writeFile(table, "frequency_mhz,vswr\n2430,1.5\n2440,1.3\n2450,1.6\n");
  s.make("sweep");
  waitKept(s.window);
  distanz::test::Lock lock(s.dir / "field.distanz");
  s.stage().takeFiles({QString::fromStdString(table.string())});
  waitFor("the file", [&] { return s.record().files.size() == 1; });
  REQUIRE(s.document().waiting());
  lock.release();
  s.waitFinding("fits-channel");
}

TEST_CASE("bench: a record is printed, and its sweep leaves the campaign as Touchstone") {
  Bench s;
  const auto table = s.dir / "sweep.csv", out = s.dir / "out.s1p", paper = s.dir / "paper.pdf";
  formats::writeFile(table, "frequency_mhz,vswr\n2430,1.5\n2440,1.3\n2450,1.6\n");
  s.make("sweep");
  s.stage().takeFiles({QString::fromStdString(table.string())});
  waitFor("the file", [&] { return s.record().files.size() == 1; });
  s.prompts.save = QString::fromStdString(out.string());
  click(s.window, "saveFile0");
  CHECK_THAT(formats::readFile(out), Contains("# MHz S RI R 50") && Contains("2440"));
  s.waitFinding("fits-channel");
  s.prompts.save = QString::fromStdString(paper.string());
  trigger(s.window, "print");
  CHECK(formats::readFile(paper).starts_with("%PDF"));
}

TEST_CASE("bench: what was heard is kept when the window is closed while it is filled", "[regression]") {
  Bench s;
  s.make("power");
  const QStringList lines = QString::fromStdString(standin::tell("power", "", 5)).trimmed().split('\n');
  standin::Server slow(lines, 400);
  s.type("liveAddress", slow.serveTcp(0).toUtf8().constData());
  waitFor("some", [&] { return child<QLabel>(s.window, "liveState").text().startsWith("2 "); });
  const auto file = s.document().path();
  trigger(s.window, "closeCampaign");
  const auto kept = store::CampaignFile::open(file, store::Access::ReadOnly).campaign();
  CHECK(kept.records.front().readings.size() >= 2);
}

TEST_CASE("bench: sweeps that arrive close upon each other are all kept", "[regression]") {
  Bench s;
  s.make("sweep");
  QStringList lines;
  for (int i = 0; i < 3; ++i)
    lines << "# MHz S MA R 50" << QString("2430 0.%1 0").arg(i + 1) << "2450 0.1 0" << QString();
  standin::Server server(lines, 1);
  s.type("liveAddress", server.serveTcp(0).toUtf8().constData());
  waitFor("all", [&] { return s.record().files.size() == 3; });
}
