#pragma once
#include <QAbstractEventDispatcher>
#include <QApplication>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPrinter>
#include <QPushButton>
#include <QStringList>
#include <QTest>
#include <catch2/catch.hpp>
#include <functional>

#include "app/window/main_window.h"
#include "app/window/prompts.h"
#include "lanes/paper/sheet.h"
#include "support/patience.h"

/// Drives the real window: widgets by object name, waits for conditions, never sleeps.
namespace distanz::app::test {

/// Answers from a script instead of system dialogs.
struct ScriptedPrompts : Prompts {
  QString open, save, folder;
  QStringList files;
  std::optional<QString> openFile(QWidget*, const QString&, const QString&) override { return answer(open); }
  QStringList openFiles(QWidget*, const QString&, const QString&) override { return files; }
  std::optional<QString> saveFile(QWidget*, const QString&, const QString&, const QString&) override {
    return answer(save);
  }
  QString freeCampaignFile() override { return save; }
  std::optional<QString> openFolder(QWidget*, const QString&) override { return answer(folder); }
  bool printer(QWidget*, QPrinter& printer) override {  // into a file
    printer.setOutputFormat(QPrinter::PdfFormat);
    printer.setOutputFileName(save);
    return !save.isEmpty();
  }

 private:
  static std::optional<QString> answer(const QString& text) {
    return text.isEmpty() ? std::nullopt : std::optional(text);
  }
};

/// What a view draws on paper, as the text of an SVG.
template <class View>
std::string svgText(const View& view, QSize size) {
  return lanes::svgOf(size, "Distanz", [&](QPainter& p) { view.paintPaper(p); }).toStdString();
}

template <class Widget>
Widget& child(QObject& parent, const char* name) {
  INFO("looking for " << name);
  auto* found = parent.findChild<Widget*>(name);
  REQUIRE(found != nullptr);
  return *found;
}

inline void waitFor(const char* what, const std::function<bool()>& condition, MainWindow* says = nullptr) {
  const bool came = QTest::qWaitFor(condition, distanz::test::kPatience_ms);
  INFO("waiting for " << what << (says ? "; it says: " + child<QLabel>(*says, "banner").text().toStdString() : ""));
  REQUIRE(came);
}

/// Waits until the event loop has nothing left to do: what was begun is laid out, said and drawn.
inline void settle() {
  waitFor("all to settle", [] {
    QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
    return !QAbstractEventDispatcher::instance()->processEvents(QEventLoop::AllEvents);
  });
}

/// Waits until what was done is on disk or refused: on a busy machine the window goes on before.
inline void waitKept(MainWindow& window) {
  waitFor("the file", [&] { return !window.workspace() || !window.workspace()->document().waiting(); });
}

inline void trigger(MainWindow& window, const char* action) {
  waitKept(window);
  auto& a = child<QAction>(window, action);
  REQUIRE(a.isEnabled());
  a.trigger();
  waitKept(window);
}

/// Saves a copy or a folder with all that it holds.
inline void sendAway(MainWindow& window, const char* action) {
  trigger(window, action);
  for (auto* save : window.findChildren<QPushButton*>("leavingSave"))
    if (save->isVisible()) return save->click();
}

/// Types into a field and leaves it with Return.
inline void type(QLineEdit& field, const char* text) {
  field.setFocus();
  field.selectAll();
  QTest::keyClicks(&field, text);
  QTest::keyClick(&field, Qt::Key_Return);
}

inline void waitAnalysed(MainWindow& window) {
  waitFor("the analysis", [&] {
    Document& d = window.workspace()->document();
    return d.analysed() && !d.analysing() && d.analysedCampaign() == d.campaign();
  });
}

inline void click(QWidget& in, const char* name) {
  QTest::mouseClick(&child<QPushButton>(in, name), Qt::LeftButton);
}

/// Takes a word of a box, as the pilot would.
inline void choose(QWidget& in, const char* box, const char* word) {
  auto& combo = child<QComboBox>(in, box);
  combo.setCurrentIndex(combo.findData(QString(word)));
  emit combo.activated(combo.currentIndex());
}

}  // namespace distanz::app::test
