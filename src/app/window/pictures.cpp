#include "app/window/pictures.h"

#include <QAction>
#include <QCoreApplication>
#include <QDialog>
#include <QDir>
#include <QElapsedTimer>
#include <QEventLoop>
#include <QImage>
#include <QListWidget>
#include <QPainter>
#include <QPixmap>
#include <QPushButton>
#include <QTemporaryDir>
#include <QTimer>
#include <functional>

#include "app/kit/chain_view.h"
#include "app/window/main_window.h"
#include "app/window/picture.h"
#include "app/window/stages.h"
#include "formats/files.h"

namespace distanz::app {
namespace {

constexpr int kShownPart = 6;  ///< of the demo: a patch
constexpr int kPatience_ms = 30000;
constexpr const char* kContactSheet = "contact-sheet.png";

void settle(int ms) {
  QEventLoop loop;
  QTimer::singleShot(ms, &loop, &QEventLoop::quit);
  loop.exec();
}

/// Once it no longer changes, however busy the machine is.
QPixmap stillOf(QWidget& widget) {
  QElapsedTimer clock;
  clock.start();
  QImage before;
  while (clock.elapsed() < kPatience_ms) {
    settle(60);
    QImage now = widget.grab().toImage();
    if (now == before) break;
    before = std::move(now);
  }
  return QPixmap::fromImage(before);
}

/// All pages side by side, to see whether one hand drew them. Not one of the pictures: a look at all of them.
void saveContactSheet(const QStringList& files, const QString& to) {
  constexpr int kColumns = 3, kWide = 640, kHigh = 400, kGap = 8;
  const int rows = int(files.size() + kColumns - 1) / kColumns;
  QImage sheet(kColumns * (kWide + kGap), rows * (kHigh + kGap), QImage::Format_RGB32);
  sheet.fill(Qt::darkGray);
  QPainter p(&sheet);
  for (int i = 0; i < files.size(); ++i) {
    const QImage page = QImage(files[i]).scaled(kWide, kHigh, Qt::KeepAspectRatio, Qt::SmoothTransformation);
    p.drawImage(i % kColumns * (kWide + kGap), i / kColumns * (kHigh + kGap), page);
  }
  p.end();
  sheet.save(to);
}

void press(MainWindow& window, const char* name) {
  if (auto* button = window.findChild<QPushButton*>(name)) button->click();
}

/// The antenna of the chain that is shown: the ground's after the path, the other before it.
void turnKit(MainWindow& window, int ground) {
  auto* chain = window.findChild<ChainView*>("chainView");
  for (std::size_t i = 0; chain && i < chain->drawing().chain.elements.size(); ++i)
    if (std::string_view(chain->drawing().chain.elements[i].what) == (ground ? "rx-antenna" : "tx-antenna"))
      return emit chain->chosen(int(i));
}

/// Another record of the bench, or the same one's entries.
void turnBench(MainWindow& window, int record, const char* side) {
  if (auto* shelf = window.findChild<QListWidget*>("shelf")) shelf->setCurrentRow(record);
  if (auto* button = window.findChild<QPushButton*>(side)) button->click();
}

/// The stage as it is exported.
void saveSheet(MainWindow& window, const QString& file) {
  Workspace& w = *window.workspace();
  const Picture sheet = pictureOf(*w.current(), titleOf(stageTable()[size_t(w.currentStage())]));
  formats::writeFile(file.toStdString(), lanes::pngOf(sheet.size, sheet.draw).toStdString());
}

/// The page that says how it is decided.
void saveHelp(MainWindow& window, const QString& file) {
  if (auto* open = window.findChild<QAction*>("howItDecides")) open->trigger();
  if (auto* page = window.findChild<QDialog*>("helpPage")) {
    stillOf(*page).save(file);
    page->close();
  }
}

/// The import dialog, shown with the first run's own log.
void saveImportDialog(MainWindow& window, const QString& file) {
  Document& document = window.workspace()->document();
  const QTemporaryDir folder;
  if (document.campaign().runs.empty() || !folder.isValid()) return;
  const campaign::Run& run = document.campaign().runs.front();
  const QString log = folder.filePath(QString::fromStdString(run.source().file));
  formats::writeFile(log.toStdString(), document.samples()->logBytes(run));
  window.importLogs({log});
  if (auto* dialog = window.findChild<QDialog*>("importDialog")) {
    stillOf(*dialog).save(file);
    dialog->close();
  }
}

/// Opened, analysed, its ground read; or nothing opened at all.
void awaitCampaign(MainWindow& window) {
  while (window.opening()) settle(20);
  settle(20);  // the made campaign is opened from the event loop
  if (!window.workspace()) return;
  const Document& document = window.workspace()->document();
  QElapsedTimer clock;
  clock.start();
  while ((!document.analysed() || document.ground().reading()) && clock.elapsed() < kPatience_ms) settle(20);
}

/// The other pages of Compare.
void savePages(MainWindow& window, const std::function<void(const QString&)>& save) {
  press(window, "page_stretches");
  save("compare-sections");
  press(window, "page_sides");
  save("compare-direction");
  press(window, "page_steps");
  save("compare-steps");
  press(window, "page_along");
}

}  // namespace

QStringList savePictures(MainWindow& window, const QString& folder) {
  QDir().mkpath(folder);
  QStringList files;
  const auto save = [&](const QString& name) {
    files << QDir(folder).filePath(name + ".png");
    stillOf(window).save(files.back());
  };
  awaitCampaign(window);
  if (!window.workspace()) {
    save("start");
    return files;
  }
  window.workspace()->document().pick(1200);
  for (const StageInfo& stage : stageTable()) {
    window.workspace()->showStageNamed(stage.id);
    if (std::string_view(stage.id) == "kit") {
      press(window, "chainLink_video");
      turnKit(window, 1);
    }
    save(stage.id);
  }
  window.workspace()->showStageNamed("plan");
  press(window, "page_ground");
  save("plan-ground");
  press(window, "page_flights");
  save("plan-flights");
  files << QDir(folder).filePath("plan-card.png");
  saveSheet(window, files.back());
  press(window, "page_path");
  window.workspace()->showStageNamed("kit");
  press(window, "chainLink_video");
  turnKit(window, 0);
  press(window, "sideMount");
  save("kit-mounting");
  press(window, "page_differs");
  save("kit-differs");
  press(window, "page_parts");
  if (auto* parts = window.findChild<QListWidget*>("parts")) parts->setCurrentRow(kShownPart);
  save("kit-parts");
  press(window, "page_chain");
  window.workspace()->showStageNamed("bench");
  turnBench(window, 6, "showEntries");
  save("bench-ground");
  turnBench(window, 3, "showResult");
  save("bench-turntable");
  window.workspace()->showStageNamed("compare");
  savePages(window, save);
  files << QDir(folder).filePath("import.png");
  saveImportDialog(window, files.back());
  files << QDir(folder).filePath("how-it-decides.png");
  saveHelp(window, files.back());
  saveContactSheet(files, QDir(folder).filePath(kContactSheet));
  return files;
}

}  // namespace distanz::app
