// Other languages and units: everything that is said is reached by a translation, and follows the switches.
#include "words/language.h"

#include <QAbstractButton>
#include <QBuffer>
#include <QComboBox>
#include <QFileInfo>
#include <QLabel>
#include <QMenuBar>
#include <QMessageBox>
#include <QRegularExpression>
#include <QSettings>
#include <QSvgGenerator>
#include <QTableView>
#include <QTextBrowser>
#include <QTranslator>
#include <QXmlStreamReader>
#include <catch2/catch.hpp>

#include "app/session.h"
#include "app/shared/lane_plot.h"
#include "app/shared/preferences.h"
#include "app/window/stages.h"
#include "words/style.h"

using namespace distanz::app;
using namespace distanz::app::test;
using Catch::Matchers::Contains;

namespace {

/// A language whose only letter is an ø: what is left of others was not translated.
class OneLetter : public QTranslator {
 public:
  QString translate(const char*, const char* source, const char*, int n) const override {
    QString out;
    const QString text = QString::fromUtf8(source).replace("%n", QString::number(n));
    QChar inside;  // of a gap or a tag
    for (const QChar c : text) {
      if (c == '{' || c == '<') inside = c;
      out += inside.isNull() && c.isLetter() ? QChar(0xf8) : c;
      if (c == '}' || c == '>') inside = {};
    }
    return out.replace("&øøøø;", "&nbsp;");
  }
  bool isEmpty() const override { return false; }
};

/// What is drawn as text, whoever draws it.
QStringList drawn(const std::function<void(QPaintDevice&)>& draw, QSize size) {
  QByteArray bytes;
  QBuffer buffer(&bytes);
  QSvgGenerator svg;
  svg.setOutputDevice(&buffer);
  svg.setSize(size);
  draw(svg);
  QStringList out;
  QXmlStreamReader xml(bytes);
  while (!xml.atEnd())
    if (xml.readNext() == QXmlStreamReader::StartElement && xml.name() == QString("text"))
      out << xml.readElementText();
  return out;
}

/// Everything that a pilot could read or have read out in a window.
QStringList said(QWidget& window) {
  QStringList out = drawn([&](QPaintDevice& d) { window.render(&d); }, window.size());
  out << window.windowTitle();
  for (auto* w : window.findChildren<QWidget*>()) {
    out << w->toolTip() << w->accessibleName() << w->accessibleDescription();
    if (auto* edit = qobject_cast<QLineEdit*>(w)) out << edit->placeholderText();
    if (auto* box = qobject_cast<QComboBox*>(w))
      for (int i = 0; i < box->count(); ++i) out << box->itemText(i);
    if (auto* label = qobject_cast<QLabel*>(w)) out << label->text();
    if (auto* button = qobject_cast<QAbstractButton*>(w)) out << button->text();
    if (auto* plot = qobject_cast<LanePlot*>(w)) {
      QXmlStreamReader xml(QByteArray::fromStdString(svgText(*plot, plot->size())));
      while (!xml.atEnd())
        if (xml.readNext() == QXmlStreamReader::StartElement && xml.name() == QString("text"))
          out << xml.readElementText();
    }
  }
  for (auto* action : window.findChildren<QAction*>()) out << action->text() << action->toolTip();
  return out;
}

/// What is left of a text without what was translated, units, the pilot's own names, and figures.
QString untranslated(QString text, QStringList own) {
  std::sort(own.begin(), own.end(), [](const QString& a, const QString& b) { return a.size() > b.size(); });
  text.remove(QRegularExpression("<[^>]*>"));
  for (const QString& name : own) text.remove(name);
  text.remove(QRegularExpression("\\S*/\\S*"));  // a file
  text.remove(QRegularExpression(
      "\\b(dBm|dBi|dB|km|m|ft|mi|mW|W|GHz|MHz|Mbit/s|Hz|s|min|Ctrl|Shift|Alt|Distanz|PNG|SVG|CSV)\\b"));
  static const QRegularExpression letters("[A-Za-z]{2,}");
  const auto found = letters.match(text);
  return found.hasMatch() ? text : QString();
}

struct Speaking {
  OneLetter language;
  Speaking() { QCoreApplication::installTranslator(&language); }
  ~Speaking() { QCoreApplication::removeTranslator(&language); }
};

struct PreferencesRestored {
  ~PreferencesRestored() {
    keepPreferences({});
    speakAsPreferred();
  }
};

}  // namespace

TEST_CASE("language: in a made-up one, nothing that can be read anywhere is left in English") {
  const Speaking speaking;
  Session s;
  s.import(s.logs(2, 4));
  waitAnalysed(s.window);
  s.document().pick(500);
  QStringList own{"control", "video", "field", "Print patch", "Helix",   "A1",
                  "A2",      "B1",    "B2",    ".csv",        ".distanz"};
  for (const auto& setup : s.campaign().setups)
    own << QString::fromStdString(setup.name) << QString::fromStdString(setup.differs);
  own << QString::fromStdString(s.campaign().title);
  for (const auto& language : distanz::words::languages())
    own << QString::fromUtf8(language.name);  // each in itself
  own.removeAll(QString());
  QStringList left;
  for (const StageInfo& stage : stageTable()) {
    s.window.workspace()->showStageNamed(stage.id);
    settle();
    for (const QString& text : said(s.window))
      if (const QString rest = untranslated(text, own); !rest.isEmpty())
        left << stage.id + QString(": ") + text;
  }
  left.removeDuplicates();
  INFO(left.join("\n").toStdString());
  CHECK(left.isEmpty());
}

TEST_CASE("language: start, import, voiding and About speak it, too") {
  const Speaking speaking;
  const QStringList own{"English", "Deutsch", "Mirren canal demo", "Mirren canal", "A1",
                        "field",   ".csv",    ".distanz",          "control",      "video"};
  const auto check = [&](QWidget& window) {
    for (const QString& text : said(window)) {
      CAPTURE(text.toStdString());
      CHECK(untranslated(text, own).isEmpty());
    }
  };
  ScriptedPrompts none;
  MainWindow window(none);
  window.show();
  check(window);
  trigger(window, "about");
  auto* about = window.findChild<QMessageBox*>();
  REQUIRE(about);
  CHECK(untranslated(about->text(), own).isEmpty());
  about->close();
  static_cast<QWidget&>(window).close();
  Session s;
  s.import(s.logs(1, 4));
  s.window.importLogs(s.logs(1, 2));
  auto& dialog = child<ImportDialog>(s.window, "importDialog");
  waitFor("the columns", [&] { return dialog.findChildren<QComboBox*>().size() > 3; });
  QStringList columns = own;
  for (const auto& log : s.logs(1, 2)) columns << QFileInfo(log).fileName();
  auto& table = child<QTableWidget>(dialog, "importColumns");
  for (int row = 0; row < table.rowCount(); ++row) columns << table.item(row, 0)->text();  // a log's own
  for (const QString& text : said(dialog)) {
    CAPTURE(text.toStdString());
    CHECK(untranslated(text, columns).isEmpty());
  }
}

TEST_CASE(
    "switches: units and power change what is shown and what a bare number means, at once and for the next "
    "time") {
  const PreferencesRestored restored;
  Session s;
  s.import(s.logs(2, 4));
  s.window.workspace()->showStageNamed("plan");
  type(child<QLineEdit>(s.window, "station"), "46.91, 20.96");
  type(child<QLineEdit>(s.window, "antennaHeight"), "3.048");
  CHECK(child<QLineEdit>(s.window, "antennaHeight").text() == "3.05 m");
  trigger(s.window, "units_imperial");
  waitFor("feet", [&] {
    return s.window.findChild<QLineEdit*>("antennaHeight") &&
           child<QLineEdit>(s.window, "antennaHeight").text() == "10 ft";
  });
  CHECK(s.window.workspace()->current() != nullptr);
  type(child<QLineEdit>(s.window, "antennaHeight"), "20");  // as it is shown: feet
  CHECK(s.campaign().station.antenna_height_m == Approx(6.096));
  CHECK(preferences().units == distanz::words::Units::Imperial);
  s.window.workspace()->showStageNamed("compare");
  CHECK_THAT(s.allFindings(), Contains(" mi") && !Contains(" km"));
  trigger(s.window, "power_dbm");
  waitFor("dBm", [&] { return distanz::words::style().power == distanz::words::Power::Dbm; });
  s.window.workspace()->showStageNamed("kit");
  auto& power = child<QLineEdit>(s.window, "value-power_dbm");
  type(power, "20");
  CHECK(power.text() == "20 dBm");
}

TEST_CASE(
    "language: German is spoken at a switch, numbers with a comma, the help page too; English comes back") {
  const PreferencesRestored restored;
  Session s;
  s.import(s.logs(2, 4));
  waitAnalysed(s.window);
  trigger(s.window, "language_de");
  waitFor("German",
          [&] { return child<QAction>(s.window, "newCampaign").text() == QString("&Neue Kampagne ..."); });
  s.window.workspace()->showStageNamed("compare");
  CHECK_THAT(s.allFindings(), Contains("Reichweite") && Contains("Flüge") && !Contains("range"));
  CHECK(QRegularExpression("\\d,\\d\\d km").match(QString::fromStdString(s.allFindings())).hasMatch());
  for (const StageInfo& stage : stageTable()) CHECK(titleOf(stage) != QString("Runs"));
  trigger(s.window, "howItDecides");
  auto& page = child<QDialog>(s.window, "helpPage");
  CHECK(page.windowTitle() == "Wie Distanz entscheidet");
  CHECK(child<QTextBrowser>(page, "helpText").toPlainText().contains("Mindestsignal"));
  page.close();
  trigger(s.window, "language_en");
  waitFor("English",
          [&] { return child<QAction>(s.window, "newCampaign").text() == QString("&New campaign ..."); });
}

TEST_CASE("language: every text that is spoken in German has the gaps of the English one") {
  QFile file(QString(DISTANZ_TRANSLATIONS) + "/distanz_de.ts");
  REQUIRE(file.open(QIODevice::ReadOnly));
  QXmlStreamReader xml(&file);
  const QRegularExpression gap("\\{([a-z_]+)|%(\\d|n)");
  const auto gaps = [&](const QString& text) {
    QStringList out;
    for (auto i = gap.globalMatch(text); i.hasNext();) out << i.next().captured(0);
    out.sort();
    return out;
  };
  QString source;
  int told = 0;
  while (!xml.atEnd()) {
    if (xml.readNext() != QXmlStreamReader::StartElement) continue;
    if (xml.name() == QString("source")) source = xml.readElementText();
    if (xml.name() == QString("translation")) {
      CAPTURE(source.toStdString());
      CHECK(xml.attributes().value("type").isEmpty());  // neither unfinished nor gone
    }
    if (xml.name() == QString("numerusform") ||
        (xml.name() == QString("translation") && !source.contains("%n"))) {
      const QString text = xml.readElementText();
      CAPTURE(source.toStdString(), text.toStdString());
      CHECK_FALSE(text.isEmpty());
      CHECK(gaps(text) == gaps(source));
      ++told;
    }
  }
  CHECK(told > 700);
}
