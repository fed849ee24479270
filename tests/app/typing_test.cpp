// Forms typed through without looking: every key arrives, every value is there after the file is opened again.
#include <QCheckBox>
#include <QLabel>
#include <QListWidget>
#include <QMenu>
#include <QPointer>
#include <catch2/catch.hpp>
#include <map>
#include <set>

#include "app/kit/chain_page.h"
#include "app/kit/chain_view.h"
#include "app/session.h"
#include "app/shared/quantity_edit.h"
#include "app/shared/tab_order.h"

using namespace distanz;
using namespace distanz::app;
using namespace distanz::app::test;

namespace {

/// What the campaign does not keep: searches, a course before it is laid out, a row of readings before it is one.
bool isTool(const QString& name) {
  return name == "searchParts" || name == "findRuns" || name.startsWith("course") || name.startsWith("read-") ||
         name.startsWith("live") || name == "preflightWho";
}

/// Something that the field takes; each text once, so that none is found in another's place.
QString valueFor(const QLineEdit& field, int n) {
  const QString name = field.objectName();
  if (name == "station" || name == "farPost") return QString("46.9%1, 20.9%1").arg(n % 100, 2, 10, QChar('0'));
  if (name == "recordDate") return "2026-04-12T06:30";
  if (name.startsWith("modes_")) return QString("%1 Hz: -112 dBm").arg(50 + n);
  if (name == "planBegin" || name == "planEnd") return QString("%1:30").arg(n % 24, 2, 10, QChar('0'));
  if (qobject_cast<QuantityEdit*>(field.parentWidget())) return QString::number(2 + n % 4);
  return QString("typed %1").arg(n);
}

struct Typist : Session {
  int n = 0;
  std::size_t typed = 0, refused = 0;

  Typist() {
    window.activateWindow();
    REQUIRE(QTest::qWaitForWindowActive(&window));
  }

  /// Every field below, from the first to the last by Tab alone. @param watch the event loop runs after each key
  std::map<QString, QString> through(QWidget& form, bool watch) {
    std::map<QString, QString> out;
    const auto stops = tabStops(&form);
    REQUIRE(!stops.empty());
    window.activateWindow();
    REQUIRE(QTest::qWaitForWindowActive(&window));
    stops.front()->setFocus();
    std::set<QWidget*> seen;
    for (int i = 0; i < 400; ++i) {
      QWidget* now = QApplication::focusWidget();
      REQUIRE(now);  // the focus is never lost
      if (!form.isAncestorOf(now) || !seen.insert(now).second) break;
      auto* field = qobject_cast<QLineEdit*>(now);
      if (field && !field->isReadOnly() && !isTool(field->objectName())) {
        const QString text = valueFor(*field, n++), name = field->objectName();
        INFO("typing \"" << text.toStdString() << "\" into " << name.toStdString());
        field->selectAll();
        for (const QChar c : text) {
          QTest::keyClick(QApplication::focusWidget(), c.toLatin1());
          if (watch) QCoreApplication::processEvents();
        }
        REQUIRE(QApplication::focusWidget() == field);
        REQUIRE(field->text() == text);
        out[name] = text;
        ++typed;
      }
      INFO("leaving " << now->metaObject()->className() << " " << now->objectName().toStdString());
      QTest::keyClick(QApplication::focusWidget(), Qt::Key_Tab);
      REQUIRE(QApplication::focusWidget());
      if (watch) QCoreApplication::processEvents();
    }
    waitKept(window);
    return out;
  }

  /// What the fields show now. A refused one keeps its text and says why.
  std::map<QString, QString> shown(QWidget& form, const std::map<QString, QString>& typed_in) {
    std::map<QString, QString> out;
    for (const auto& [name, text] : typed_in) {
      INFO("field " << name.toStdString() << ", typed " << text.toStdString());
      auto* field = form.findChild<QLineEdit*>(name);
      REQUIRE(field);
      if (field->property("refused").toBool()) {
        ++refused;
        CHECK(field->text() == text);
        continue;
      }
      // "2" comes back as "2 dBi": no digit and no letter of it is missing. Modes are put in their own form.
      CHECK((name.startsWith("modes_") ? field->text().contains(text.section(' ', 0, 0)) : field->text().startsWith(text.left(4))));
      out[name] = field->text();
    }
    return out;
  }

  void reopen() {
    const QString file = QString::fromStdString(document().path().string());
    child<QAction>(window, "closeCampaign").trigger();
    window.open(file);
    waitFor("the campaign", [&] { return window.workspace() && window.workspace()->current(); });
    waitAnalysed(window);
    window.activateWindow();
    REQUIRE(QTest::qWaitForWindowActive(&window));
  }
  QWidget& stage(const char* id) {
    window.workspace()->showStageNamed(id);
    settle();
    return *window.workspace()->current();
  }
  /// Chooses an element of the chain.
  void grab(std::string_view what) {
    auto& view = child<ChainView>(window, "chainView");
    view.setFocus();
    for (int i = 0; i < 20 && view.drawing().chain.elements[size_t(view.drawing().chosen)].what != what; ++i)
      QTest::keyClick(&view, Qt::Key_Right);
    for (int i = 0; i < 20 && view.drawing().chain.elements[size_t(view.drawing().chosen)].what != what; ++i)
      QTest::keyClick(&view, Qt::Key_Left);
    REQUIRE(view.drawing().chain.elements[size_t(view.drawing().chosen)].what == what);
  }
};

/// A page, opened by its tab.
void turnTo(Typist& t, const char* stage, const char* page) {
  t.stage(stage);
  if (page) click(t.window, page);
  settle();
}

void typeAndReopen(Typist& t, bool watch, const std::function<QWidget&()>& form) {
  const auto typed = t.through(form(), watch);
  REQUIRE(!typed.empty());
  const auto before = t.shown(form(), typed);
  t.reopen();
  const auto after = t.shown(form(), before);
  CHECK(before == after);
}

}  // namespace

TEST_CASE("typing: every page of fields, blind and at once") {
  Typist t;
  const bool watch = GENERATE(false, true);
  const std::pair<const char*, const char*> pages[] = {
      {"plan", "page_path"}, {"plan", "page_flights"}, {"kit", "page_links"}, {"kit", "page_chain"}};
  for (const auto& [stage, page] : pages) {
    INFO(stage << " " << page);
    typeAndReopen(t, watch, [&, stage = stage, page = page]() -> QWidget& {
      turnTo(t, stage, page);
      return *t.window.workspace()->current();
    });
  }
  CHECK(t.typed > 40);
  CHECK(t.refused < t.typed / 8);
}

TEST_CASE("typing: every element of a chain, where no part is yet") {
  Typist t;
  for (const char* what : {"power", "tx-cable", "tx-filter", "tx-antenna", "rx-antenna", "rx-filter", "rx-cable", "receiver"}) {
    INFO(what);
    typeAndReopen(t, false, [&]() -> QWidget& {
      turnTo(t, "kit", "page_chain");
      t.grab(what);
      auto& all = *child<ChainPage>(t.window, "").findChild<QPushButton*>("allValues");
      if (all.isVisible() && all.text() == "All values") QTest::mouseClick(&all, Qt::LeftButton);
      return *child<ChainPage>(t.window, "").findChild<QWidget*>("partPanel");
    });
  }
  CHECK(t.typed > 25);
}

TEST_CASE("typing: a part by itself, of every kind") {
  Typist t;
  for (const char* kind : {"antenna", "transmitter", "receiver", "cable", "airframe", "battery"}) {
    INFO(kind);
    turnTo(t, "kit", "page_parts");
    child<QAction>(t.window, (std::string("new_") + kind).c_str()).trigger();
    waitKept(t.window);
    typeAndReopen(t, false, [&]() -> QWidget& {
      turnTo(t, "kit", "page_parts");
      auto& list = child<QListWidget>(t.window, "parts");
      list.setCurrentRow(list.count() - 1);
      auto& view = child<QWidget>(t.window, "partsView");
      auto& all = *view.findChild<QPushButton*>("allValues");
      if (all.isVisible() && all.text() == "All values") QTest::mouseClick(&all, Qt::LeftButton);
      return *view.findChild<QWidget*>("partPanel");
    });
  }
}

TEST_CASE("typing: every kind of record") {
  Typist t;
  for (const auto& word : campaign::recordKindWords()) {
    INFO(word.word);
    t.stage("bench");
    child<QAction>(t.window, (std::string("new-") + word.word).c_str()).trigger();
    waitKept(t.window);
    settle();
    typeAndReopen(t, false, [&]() -> QWidget& {
      t.stage("bench");
      t.window.workspace()->current()->showRecord(t.campaign().records.back().id);
      click(t.window, "showEntries");
      settle();
      return child<QWidget>(t.window, "recordForm");
    });
  }
}

TEST_CASE("typing: a field is left by a click on another setup, and what was typed is of the first") {
  Typist t;
  turnTo(t, "kit", "page_chain");
  t.grab("power");
  auto& power = child<QLineEdit>(t.window, "value-power_dbm");
  power.setFocus();
  QTest::keyClicks(&power, "100 mW");
  QTest::mouseClick(&child<QLineEdit>(t.window, "name_B"), Qt::LeftButton);
  waitKept(t.window);
  const auto* ends = campaign::findEnds(t.campaign(), "A", "control");
  REQUIRE(ends);
  CHECK(campaign::valueAt(t.campaign(), *ends, campaign::kTransmitPower) == Approx(20));
  const auto* other = campaign::findEnds(t.campaign(), "B", "control");
  CHECK((!other || !campaign::valueAt(t.campaign(), *other, campaign::kTransmitPower)));
  CHECK(child<QLineEdit>(t.window, "value-power_dbm").text().isEmpty());  // B's own
}

TEST_CASE("typing: undo is seen in the field that was typed, and it is not typed again on leaving") {
  Typist t;
  turnTo(t, "kit", "page_chain");
  auto& name = child<QLineEdit>(t.window, "name_A");
  type(name, "Patch");
  REQUIRE(t.campaign().setups[0].name == "Patch");
  name.setFocus();
  t.document().undo();
  waitFor("undo", [&] { return t.campaign().setups[0].name != "Patch"; });
  CHECK(name.text() != "Patch");
  child<QLineEdit>(t.window, "name_B").setFocus();
  settle();
  CHECK(t.campaign().setups[0].name != "Patch");
}

TEST_CASE("typing: the last field typed is kept when the window is closed over it") {
  Typist t;
  turnTo(t, "kit", "page_chain");
  auto& name = child<QLineEdit>(t.window, "name_A");
  name.setFocus();
  name.selectAll();
  QTest::keyClicks(&name, "Patch");
  t.reopen();
  CHECK(t.campaign().setups[0].name == "Patch");
}

TEST_CASE("typing: the keyboard goes as the eye does, and shows where it is") {
  Typist t;
  turnTo(t, "kit", "page_chain");
  const auto stops = tabStops(t.window.workspace());
  const auto at = [&](QWidget& w) { return std::find(stops.begin(), stops.end(), &w) - stops.begin(); };
  CHECK(at(child<QWidget>(t.window, "name_A")) < at(child<QWidget>(t.window, "name_B")));
  CHECK(at(child<QWidget>(t.window, "name_B")) < at(child<QWidget>(t.window, "chainView")));
  CHECK(at(child<QWidget>(t.window, "page_chain")) < at(child<QWidget>(t.window, "name_A")));
  for (const char* id : {"kit", "bench", "plan", "runs", "compare"}) {
    t.stage(id);
    std::vector<QPointer<QWidget>> all;
    for (QWidget* stop : tabStops(t.window.workspace())) all.emplace_back(stop);
    for (const QPointer<QWidget>& stop : all) {
      if (!stop) continue;
      INFO(id << ": " << stop->metaObject()->className() << " " << stop->objectName().toStdString());
      if (!stop->isVisible() || stop->visibleRegion().isEmpty()) continue;
      child<QWidget>(t.window, "rangeRule").setFocus();
      if (stop->objectName() == "rangeRule") continue;
      settle();
      const QImage without = t.window.grab().toImage();
      stop->setFocus(Qt::TabFocusReason);
      settle();
      CHECK(t.window.grab().toImage() != without);
    }
  }
}
