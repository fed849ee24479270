// The stand-in's instruments: their files are read, their faults found, and what they serve arrives line by
// line.
#include <QCoreApplication>
#include <QTcpServer>
#include <QTcpSocket>
#include <QTest>
#include <QTimer>
#include <catch2/catch.hpp>
#include <sstream>

#include "formats/bench/reading_lines.h"
#include "formats/bench/readings_table.h"
#include "formats/bench/record_files.h"
#include "formats/files.h"
#include "live/line_source.h"
#include "standin/command.h"
#include "standin/instrument.h"
#include "standin/server.h"
#include "support/judged.h"
#include "support/patience.h"
#include "support/temp_dir.h"
#include "words/say.h"

using namespace distanz;
using campaign::RecordKind;
using Catch::Matchers::Contains;

namespace {

struct Ran {
  int code;
  std::string out, err;
};

Ran run(const std::vector<std::string>& arguments) {
  std::ostringstream out, err;
  const int code = standin::run(arguments, out, err);
  return {code, out.str(), err.str()};
}

campaign::Record filled(RecordKind kind, const std::string& fault) {
  campaign::Record r;
  r.id = "r1";
  r.kind = kind;
  r.readings = formats::readReadings(standin::tell(campaign::recordKindWord(kind), fault, 5), kind).readings;
  return r;
}

/// What a place tells, until it is done.
QStringList heardFrom(const QString& place, int lines) {
  live::LineSource source(place);
  QStringList heard;
  QObject::connect(&source, &live::LineSource::line,
                   [&](const QByteArray& text) { heard << QString::fromUtf8(text); });
  source.start();
  CHECK(QTest::qWaitFor([&] { return heard.size() >= lines; }, distanz::test::kPatience_ms));
  return heard;
}

}  // namespace

TEST_CASE("stand-in: every instrument writes a file that its record takes, and refuses what it has not") {
  const test::TempDir dir;
  for (const standin::Instrument& i : standin::instruments()) {
    CAPTURE(i.kind, i.fault);
    const auto file =
        dir / (std::string(i.kind) + i.fault + (std::string(i.kind) == "sweep" ? ".s1p" : ".csv"));
    const Ran r = run(*i.fault ? std::vector<std::string>{"write", i.kind, file.string(), "--fault", i.fault}
                               : std::vector<std::string>{"write", i.kind, file.string()});
    CHECK(r.code == 0);
    const auto kind = *campaign::recordKindFromWord(i.kind);
    const std::string bytes = formats::readFile(file);
    if (campaign::fileRoles(kind).empty())
      CHECK_FALSE(formats::readReadings(bytes, kind).readings.empty());
    else
      CHECK_NOTHROW(formats::readRecordFile(kind, {file.filename().string(), {}, {}, {}}, bytes));
  }
  CHECK_THAT(run({"list"}).out, Contains("blind-side") && Contains("throttling"));
  CHECK(run({"write", "kettle", (dir / "k.csv").string()}).code == 1);
  CHECK_THAT(run({"write", "power", (dir / "k.csv").string(), "--fault", "rust"}).err, Contains("rust"));
  CHECK(run({"serve"}).code == 2);
}

TEST_CASE("stand-in: the planted faults are found by the records, and a sound instrument has none") {
  const campaign::Campaign c = test::oneChannel();
  const auto told = [&](RecordKind kind, const char* fault, std::map<std::string, double> settings = {}) {
    campaign::Record r = filled(kind, fault);
    r.settings = std::move(settings);
    return records::judge({.campaign = c, .record = r});
  };
  CHECK(test::has(told(RecordKind::Power, "throttling"), "power-throttles"));
  CHECK_FALSE(test::has(told(RecordKind::Power, ""), "power-throttles"));
  CHECK(test::has(told(RecordKind::Ground, "blind-side", {{"duration_s", 60}}), "ground-do-not-fly"));
  CHECK_FALSE(test::has(told(RecordKind::Ground, "", {{"duration_s", 60}}), "ground-do-not-fly"));
  const std::map<std::string, double> reference{{"reference_gain_dbi", 2.15}, {"reference_level_db", -46.5}};
  CHECK(test::has(told(RecordKind::Turntable, "left-hand", reference), "turn-wrong-hand"));
  CHECK_FALSE(test::has(told(RecordKind::Turntable, "", reference), "turn-wrong-hand"));
}

TEST_CASE("stand-in: readings arrive over TCP and on a pseudo-terminal, line by line") {
  const QStringList lines = QString::fromStdString(standin::tell("power", "", 5)).trimmed().split('\n');
  standin::Server tcp(lines, 1), pty(lines, 1);
  CHECK(heardFrom(tcp.serveTcp(0), int(lines.size())) == lines);
  CHECK(heardFrom(pty.servePty(), int(lines.size())) == lines);
}

TEST_CASE("live lines: what is no place, nobody answers, or sends without end is told and ends") {
  for (const QString& place :
       {QString("nowhere"), QString("host:99999"), QString("127.0.0.1:1"), QString("/dev/no-such-line")}) {
    CAPTURE(place.toStdString());
    live::LineSource source(place);
    std::optional<Finding> why;
    QObject::connect(&source, &live::LineSource::ended, [&](const std::optional<Finding>& w) { why = w; });
    source.start();
    CHECK(QTest::qWaitFor([&] { return why.has_value(); }, distanz::test::kPatience_ms));
    if (why) CHECK(words::sentence(*why).contains(place.left(9)));
  }
  standin::Server endless({QString(live::kLongestLine + 10, 'x')}, 1);
  live::LineSource source(endless.serveTcp(0));
  std::optional<Finding> why;
  QObject::connect(&source, &live::LineSource::ended, [&](const std::optional<Finding>& w) { why = w; });
  source.start();
  CHECK(QTest::qWaitFor([&] { return why.has_value(); }, distanz::test::kPatience_ms));
  CHECK(why->code == "live-line-too-long");
}

TEST_CASE(
    "reading lines: a header, then a reading a line; chatter before it and wrong rows are passed over") {
  formats::ReadingLines lines(RecordKind::Power);
  CHECK_FALSE(lines.take("meter ready"));
  CHECK(lines.problem());
  CHECK_FALSE(lines.take("0,23.1"));  // no header yet
  CHECK_FALSE(lines.headed());
  CHECK_FALSE(lines.take("time_s,power_dbm"));
  CHECK(lines.headed());
  const auto first = lines.take("0,23.1");
  REQUIRE(first);
  CHECK(first->value("power_dbm") == 23.1);
  CHECK_FALSE(lines.take("x,y7"));
  CHECK(lines.problem()->code == "readings-number");
  CHECK(lines.take("15,22.9"));
  CHECK_FALSE(lines.take("time_s,Power [mW]"));  // another unit from here on
  CHECK(lines.take("30,200")->value("power_dbm").value() == Approx(23.01).margin(0.01));
}
