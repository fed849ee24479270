// Every text of the program, in every language, by the rules of voice.h; and those rules themselves.
#include <QDir>
#include <QFile>
#include <QXmlStreamReader>
#include <catch2/catch.hpp>

#include "core/finding/catalogue.h"
#include "words/texts.h"
#include "words/voice.h"

using namespace distanz;
using namespace distanz::test;

namespace {

struct Message {
  QString context, source;
  QStringList says;  ///< its forms
};

/// What is said, by language; what the program says itself is English.
std::map<QString, std::vector<Message>> everyMessage() {
  std::map<QString, std::vector<Message>> out;
  const QDir folder(DISTANZ_TRANSLATIONS);
  for (const QString& name : folder.entryList({"distanz_*.ts"})) {
    QFile file(folder.filePath(name));
    REQUIRE(file.open(QIODevice::ReadOnly));
    std::vector<Message> messages;
    QString context;
    for (QXmlStreamReader xml(&file); !xml.atEnd();) {
      if (xml.readNext() != QXmlStreamReader::StartElement) continue;
      if (xml.name() == u"name") context = xml.readElementText();
      if (xml.name() == u"message") messages.push_back({context, {}, {}});
      if (xml.name() == u"source") messages.back().source = xml.readElementText();
      if (xml.name() == u"translation") {
        const QString said = xml.readElementText(QXmlStreamReader::IncludeChildElements).trimmed();
        messages.back().says = said.split('\n', Qt::SkipEmptyParts);
      }
    }
    out[name.section('_', 1).section('.', 0, 0)] = messages;
  }
  return out;
}

void require(const QStringList& complaints) {
  for (const QString& c : complaints) FAIL_CHECK(c.toStdString());
}

}  // namespace

TEST_CASE("voice: what breaks a rule is seen, and what keeps it is not") {
  using voice::complaints, voice::pairComplaints;
  CHECK(voice::words("Fly {more:pairs-more}: {a} and {b}") == 5);
  CHECK(voice::words("Range ratio {ratio} (95 %: {low}–{high}).") == 3);
  CHECK(voice::sentences("Fly it again. Or not? See 1.5 km.").size() == 3);
  CHECK(complaints("Fly 2 more of each.", "en").isEmpty());
  CHECK(complaints("The dependable range is short", "en").size() == 1);
  CHECK(complaints("Die Strecke versagt", "de").size() == 1);
  CHECK(complaints("One two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen "
                   "seventeen eighteen nineteen",
                   "en")
            .size() == 1);
  CHECK(pairComplaints("A title that goes on for so long that nobody reads it to its end", "It ends.").size() == 1);
  CHECK(pairComplaints("Do not fly", "Do not fly: it does not come back.").size() == 1);
  CHECK(pairComplaints("{name}: not flown", "{name}, not flown yet.").size() == 1);
  CHECK(pairComplaints("", "{setup} is like {setup}.").size() == 1);
}

TEST_CASE("voice: every text that a person sees, in each language") {
  const auto all = everyMessage();
  REQUIRE(all.count("de") == 1);
  for (const auto& [language, messages] : all) {
    REQUIRE(messages.size() > 5);
    for (const Message& m : messages) {
      if (language == "de") require(voice::complaints(m.source, "en"));
      for (const QString& says : m.says) require(voice::complaints(says, language));
    }
  }
}

TEST_CASE("voice: titles are one line, and no finding names its subject twice") {
  const auto all = everyMessage();
  std::map<QString, QString> german;
  for (const Message& m : all.at("de"))
    if (m.context == "finding") german[m.source] = m.says.join(' ');
  int read = 0;
  for (const FindingInfo& kind : allFindings()) {
    const words::Text* text = words::textOf(kind.code);
    if (!text) continue;
    ++read;
    const QString title = QString::fromUtf8(text->title), rest = QString::fromUtf8(text->text);
    INFO(kind.code);
    require(voice::pairComplaints(title, rest));
    require(voice::pairComplaints(german[title], german[rest]));
  }
  CHECK(read > 400);
}

TEST_CASE("voice: what is read before the first flight keeps the rules too") {
  for (const char* name : {"README.md", "docs/how-distanz-decides.md", "docs/how-distanz-decides.de.md"}) {
    QFile file(QString(DISTANZ_SOURCE) + "/" + name);
    REQUIRE(file.open(QIODevice::ReadOnly));
    QString text = QString::fromUtf8(file.readAll());
    text.remove(QRegularExpression("```.*?```", QRegularExpression::DotMatchesEverythingOption));
    text.remove(QRegularExpression("`[^`]*`"));
    text.replace(QRegularExpression(R"(\]\([^)]*\))"), "]");
    INFO(name);
    for (const QString& block : text.split(QRegularExpression(R"(\n\s*\n|\n\s*[-*|]\s|\n\s*\d+\.\s|\|)"), Qt::SkipEmptyParts))
      require(voice::complaints(QString(block).replace('\n', ' '), QString(name).endsWith(".de.md") ? "de" : "en"));
  }
}

TEST_CASE("voice: the documents beside it use the same words") {
  const QDir docs(DISTANZ_DOCS);
  QStringList files;
  for (const char* folder : {"", "methods/"})
    for (const QString& name : QDir(docs.filePath(folder)).entryList({"*.md"})) files << folder + name;
  REQUIRE(files.size() > 10);
  for (const QString& name : files) {
    if (name.endsWith(".de.md")) continue;
    QFile file(docs.filePath(name));
    REQUIRE(file.open(QIODevice::ReadOnly));
    QString text = QString::fromUtf8(file.readAll());
    text.remove(QRegularExpression("```.*?```|`[^`]*`|<!-- made from.*?<!-- end -->", QRegularExpression::DotMatchesEverythingOption));
    for (const char* word : {R"(\bdependable range)", R"(\btypical range)", R"(\bcritical level)", R"(\bstretch(es)?\b)", R"(\bway (out|back)\b)", R"(\bvoid(ed|s)?\b)", R"(\bgive or take\b)"})
      if (const auto m = QRegularExpression(word).match(text); m.hasMatch()) FAIL_CHECK(name.toStdString() << " says " << m.captured().toStdString());
  }
}
