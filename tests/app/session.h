#pragma once
#include "app/harness.h"
#include "app/runs/import_dialog.h"
#include "formats/log_writer.h"
#include "support/scenarios.h"
#include "support/temp_dir.h"
#include "support/told.h"

namespace distanz::app::test {

using distanz::test::Said;
using distanz::test::said;
using distanz::test::step;
using distanz::test::TempDir;
using distanz::test::told;

/// Window with a new campaign in a folder of its own.
struct Session {
  TempDir dir;
  ScriptedPrompts prompts;
  MainWindow window{prompts};

  Session() {
    window.show();
    prompts.save = QString::fromStdString(dir / "field.distanz");
    QTest::mouseClick(&child<QPushButton>(window, "startNew"), Qt::LeftButton);
    QTest::mouseClick(&child<QPushButton>(window, "newControl"), Qt::LeftButton);
    waitFor("the campaign", [&] { return window.workspace() && window.workspace()->current(); }, &window);
    window.activateWindow();  // no window manager gives it back after the dialog
    waitAnalysed(window);
  }
  Document& document() { return window.workspace()->document(); }
  const campaign::Campaign& campaign() { return document().campaign(); }

  /// Simulated logs on disk, named A1.csv, B1.csv, ...
  QStringList logs(int flights_each, double b_over_a_db) {
    return logs(distanz::test::twoSetups(flights_each, b_over_a_db));
  }
  QStringList logs(const simulate::Scenario& scenario) {
    const auto flown = simulate::simulate(scenario, 31);
    QStringList files;
    for (std::size_t i = 0; i < flown.recordings.size(); ++i) {
      const auto file = dir / flown.campaign.runs[i].source().file;
      distanz::test::spill(file, formats::writeLogCsv(flown.recordings[i]));
      files << QString::fromStdString(file);
    }
    return files;
  }

  /// The box that says what a column of the chosen log means.
  static QComboBox& meaningOf(ImportDialog& dialog, const QString& column) {
    auto& table = child<QTableWidget>(dialog, "importColumns");
    for (int row = 0; row < table.rowCount(); ++row)
      if (table.item(row, 0)->text() == column) return *dynamic_cast<QComboBox*>(table.cellWidget(row, 1));
    FAIL("no column " << column.toStdString());
    throw 0;
  }
  /// Gives a column a meaning; an empty one leaves it out.
  static void mean(ImportDialog& dialog, const QString& column, const char* channel) {
    QComboBox& box = meaningOf(dialog, column);
    const int at = box.findData(QString(channel));
    REQUIRE(at >= 0);
    box.setCurrentIndex(at);
    emit box.activated(at);
  }
  static std::string meaning(ImportDialog& dialog, const QString& column) {
    return meaningOf(dialog, column).currentData().toString().toStdString();
  }
  ImportDialog& dialog(const QStringList& files) {
    QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
    prompts.files = files;
    trigger(window, "importLogs");
    return child<ImportDialog>(window, "importDialog");
  }

  void import(const QStringList& files) {
    const std::size_t before = campaign().runs.size();
    QTest::mouseClick(&child<QPushButton>(dialog(files), "importButton"), Qt::LeftButton);
    waitFor("the import", [&] { return campaign().runs.size() == before + size_t(files.size()); });
    waitAnalysed(window);
    QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
  }

  std::string allFindings() {
    std::string text;
    for (const Finding& f : window.workspace()->current()->findings()) {
      const Said s = said(f);
      text += s.title + " " + s.text + "\n";
    }
    return text;
  }
};

}  // namespace distanz::app::test
