// Every page of the demo, at two sizes and in both languages: one thing is next, and nothing is cut off.
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QStyleOptionComboBox>
#include <catch2/catch.hpp>

#include "app/session.h"
#include "app/shared/elided_label.h"
#include "app/shared/preferences.h"
#include "app/window/stages.h"
#include "words/language.h"

using namespace distanz::app;
using namespace distanz::app::test;

namespace {

constexpr int kFrame_px = 2 * (6 + 1 + 2);  // padding, border and Qt's own margin of a field

struct German {
  explicit German(bool german) {
    Preferences p = preferences();
    p.language = german ? "de" : "en";
    keepPreferences(p);
    speakAsPreferred();
  }
  ~German() {
    keepPreferences({});
    speakAsPreferred();
  }
};

template <class Widget>
std::vector<Widget*> shown(QWidget& in) {
  std::vector<Widget*> out;
  for (auto* w : in.findChildren<Widget*>())
    if (w->isVisible() && !w->visibleRegion().isEmpty()) out.push_back(w);
  return out;
}

QString named(const QWidget& w, const QString& text) {
  return QString("%1 (%2): %3, %4 px").arg(w.metaObject()->className(), w.objectName(), text).arg(w.width());
}

QRect fieldOf(const QComboBox& box) {
  QStyleOptionComboBox option;
  option.initFrom(&box);
  return box.style()->subControlRect(QStyle::CC_ComboBox, &option, QStyle::SC_ComboBoxEditField, &box);
}

/// What is cut off there, or more than one thing that is next.
QStringList faults(QWidget& window) {
  QStringList out, next;
  const auto wide = [](const QWidget& w, const QString& text) { return w.fontMetrics().horizontalAdvance(text); };
  for (auto* b : shown<QPushButton>(window)) {
    if (b->property("next").toBool()) next << b->text();
    if (!b->text().isEmpty() && b->width() < wide(*b, QString(b->text()).remove('&'))) out << named(*b, b->text());
  }
  if (next.size() > 1) out << "next: " + next.join(", ");
  for (auto* e : shown<QLineEdit>(window)) {
    if (qobject_cast<QComboBox*>(e->parentWidget())) continue;
    if (e->text().isEmpty() && e->width() - kFrame_px < wide(*e, e->placeholderText())) out << named(*e, e->placeholderText());
  }
  for (auto* c : shown<QComboBox>(window))
    if (const auto room = fieldOf(*c); room.width() < wide(*c, c->currentText())) out << named(*c, c->currentText());
  for (auto* l : shown<QLabel>(window))
    if (!l->wordWrap() && !dynamic_cast<ElidedLabel*>(l) && l->width() < l->sizeHint().width()) out << named(*l, l->text());
  return out;
}

/// Goes through all pages of the stage that is shown.
void throughPages(QWidget& window, const std::function<void(const QString&)>& look) {
  const auto settled = [] { settle(); QCoreApplication::processEvents(); };
  settled();
  QStringList pages;
  for (auto* b : shown<QPushButton>(window))
    if (b->isCheckable() && b->group()) pages << b->objectName();
  auto* shelf = window.findChild<QListWidget*>("shelf");
  const int records = shelf && shelf->isVisible() ? shelf->count() : 1;
  for (int r = 0; r < records; ++r) {
    if (records > 1) shelf->setCurrentRow(r);
    look(QString("record %1").arg(r));
    for (const QString& page : pages) {
      auto* b = window.findChild<QPushButton*>(page);
      if (!b || !b->isVisible()) continue;
      b->click();
      settled();
      look(page);
    }
  }
}

}  // namespace

TEST_CASE("screens: one button is next, and no button, field, choice or label is cut off") {
  const bool german = GENERATE(false, true);
  const QSize size = GENERATE(QSize(1280, 768), QSize(1024, 740));
  const German speaking(german);
  ScriptedPrompts prompts;
  MainWindow window(prompts);
  window.resize(size);
  window.show();
  window.openDemo();
  waitFor("the demo", [&] { return window.workspace() && window.workspace()->document().analysed(); }, &window);
  QStringList all;
  for (const StageInfo& stage : stageTable()) {
    window.workspace()->showStageNamed(stage.id);
    throughPages(window, [&](const QString& page) {
      for (const QString& fault : faults(window)) all << QString("%1, %2: %3").arg(stage.id, page, fault);
    });
  }
  all.removeDuplicates();
  INFO((german ? "German " : "English ") << size.width() << "\n" << all.join("\n").toStdString());
  CHECK(all.isEmpty());
}
