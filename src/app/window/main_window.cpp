#include "app/window/main_window.h"

#include <QApplication>
#include <QDragEnterEvent>
#include <QFileInfo>
#include <QMenuBar>
#include <QMessageBox>
#include <QMimeData>
#include <QSettings>
#include <QStandardPaths>
#include <QStyle>
#include <QVBoxLayout>
#include <QtConcurrent>

#include "app/runs/import_dialog.h"
#include "app/shared/theme.h"
#include "app/start/start_view.h"
#include "app/window/demo.h"
#include "app/window/help_page.h"
#include "formats/files.h"
#include "formats/interchange.h"
#include "store/exchange.h"

namespace distanz::app {

MainWindow::MainWindow(Prompts& prompts, QWidget* parent)
    : QMainWindow(parent), m_prompts(prompts), m_pages(new QStackedWidget), m_banner(new QLabel) {
  setObjectName("mainWindow");
  setWindowIcon(theme::icon("distanz", theme::tokens().ink));
  resize(1280, 800);
  setAcceptDrops(true);
  auto* central = new QWidget;
  auto* layout = new QVBoxLayout(central);
  layout->setContentsMargins(0, 0, 0, 0);
  layout->setSpacing(0);
  m_banner->setObjectName("banner");
  m_banner->setWordWrap(true);
  m_banner->setMargin(8);
  m_banner->setTextInteractionFlags(Qt::LinksAccessibleByMouse | Qt::TextSelectableByMouse);
  m_banner->hide();
  connect(m_banner, &QLabel::linkActivated, m_banner, &QLabel::hide);
  layout->addWidget(m_banner);
  layout->addWidget(m_pages, 1);
  setCentralWidget(central);
  connect(&m_making, &QFutureWatcher<QString>::finished, this, [this] {
    unsetCursor();
    if (const QString why = m_making.result(); why.isEmpty())
      open(m_made);
    else
      say(why);
  });
  addFileActions();
  addEditActions();
  addViewActions();
  showStart();
}

MainWindow::~MainWindow() {
  m_making.waitForFinished();
}

QAction* MainWindow::action(QMenu* menu, const char* name, const QString& text, const QKeySequence& key, void (MainWindow::*run)()) {
  QAction* a = menu->addAction(text);
  a->setObjectName(name);
  a->setShortcut(key);
  if (!key.isEmpty()) a->setToolTip(QString("%1 (%2)").arg(text, key.toString(QKeySequence::NativeText)));
  connect(a, &QAction::triggered, this, run);
  return a;
}

void MainWindow::addFileActions() {
  QMenu* file = menuBar()->addMenu(tr("&File"));
  action(file, "newCampaign", tr("&New campaign ..."), QKeySequence::New, &MainWindow::newCampaign);
  action(file, "openCampaign", tr("&Open ..."), QKeySequence::Open, &MainWindow::chooseCampaign);
  action(file, "openDemo", tr("Open the &demo"), {}, &MainWindow::openDemo);
  file->addSeparator();
  m_needs_campaign << action(file, "importLogs", tr("Bring &logs in ..."), Qt::CTRL | Qt::Key_I, &MainWindow::chooseLogs);
  action(file, "importFolder", tr("Open an interchange &folder ..."), {}, &MainWindow::importFolder);
  m_needs_campaign << action(file, "exportFolder", tr("&Export as interchange folder ..."), {}, &MainWindow::exportFolder);
  file->addSeparator();
  m_needs_view << action(file, "exportPng", tr("Save view as &PNG ..."), Qt::CTRL | Qt::Key_P, &MainWindow::exportPng);
  m_needs_view << action(file, "exportSvg", tr("Save view as &SVG ..."), {}, &MainWindow::exportSvg);
  m_needs_view << action(file, "exportCsv", tr("Save view's data as &CSV ..."), Qt::CTRL | Qt::Key_E, &MainWindow::exportCsv);
  file->addSeparator();
  action(file, "closeCampaign", tr("Close campaign"), QKeySequence::Close, &MainWindow::close);
  QAction* quit = file->addAction(tr("&Quit"));
  quit->setShortcut(QKeySequence::Quit);
  connect(quit, &QAction::triggered, qApp, &QApplication::quit);
}

void MainWindow::addEditActions() {
  QMenu* edit = menuBar()->addMenu(tr("&Edit"));
  m_undo = action(edit, "undo", tr("Undo"), QKeySequence::Undo, &MainWindow::undo);
  m_redo = action(edit, "redo", tr("Redo"), QKeySequence::Redo, &MainWindow::redo);
}

void MainWindow::addViewActions() {
  QMenu* view = menuBar()->addMenu(tr("&View"));
  const QString names[] = {tr("Kit"), tr("Plan"), tr("Runs"), tr("Compare")};
  for (int i = 0; i < int(std::size(names)); ++i) {
    QAction* a = view->addAction(names[i]);
    a->setShortcut(QKeySequence(Qt::CTRL | Qt::Key(Qt::Key_1 + i)));
    connect(a, &QAction::triggered, this, [this, i] {
      if (m_workspace) m_workspace->showStage(i);
    });
    m_needs_campaign << a;
  }
  view->addSeparator();
  action(view, "dark", tr("Light or dark"), Qt::CTRL | Qt::Key_D, &MainWindow::toggleDark);
  QMenu* help = menuBar()->addMenu(tr("&Help"));
  action(help, "howItDecides", tr("&How Distanz decides"), QKeySequence::HelpContents, &MainWindow::howItDecides);
  action(help, "about", tr("&About Distanz"), {}, &MainWindow::about);
}

QStringList MainWindow::recent() const {
  QStringList files;
  for (const QString& f : QSettings().value("recent").toStringList())
    if (QFileInfo::exists(f)) files << f;
  return files;
}

void MainWindow::remember(const QString& file) {
  QStringList files = recent();
  files.removeAll(file);
  files.prepend(file);
  QSettings().setValue("recent", QVariant(files.mid(0, 8)));
}

void MainWindow::showStart() {
  auto* start = new StartView(recent());
  connect(start, &StartView::newRequested, this, &MainWindow::newCampaign);
  connect(start, &StartView::openRequested, this, &MainWindow::chooseCampaign);
  connect(start, &StartView::demoRequested, this, &MainWindow::openDemo);
  connect(start, &StartView::recentRequested, this, [this](const QString& f) { open(f); });
  while (QWidget* page = m_pages->widget(0)) {
    m_pages->removeWidget(page);
    page->deleteLater();
  }
  m_workspace = nullptr;
  m_pages->addWidget(start);
  setWindowTitle(tr("Distanz"));
  refreshActions();
}

bool MainWindow::open(const QString& file) {
  if (formats::isInterchange(file.toStdString())) {
    const QString target = file + ".distanz";
    if (QFileInfo::exists(target)) return open(target);
    makeAndOpen(target, [file, target] { store::fromInterchange(file.toStdString(), target.toStdString()); });
    return true;
  }
  Workspace* fresh = nullptr;
  try {
    fresh = new Workspace(file.toStdString());
  } catch (const Error& e) {
    say(QString::fromUtf8(e.what()));
    return false;
  }
  m_banner->hide();
  while (QWidget* page = m_pages->widget(0)) {
    m_pages->removeWidget(page);
    delete page;
  }
  m_workspace = fresh;
  m_pages->addWidget(fresh);
  Document& d = fresh->document();
  connect(&d, &Document::refused, this, &MainWindow::say);
  connect(&d, &Document::changed, this, &MainWindow::refreshActions);
  connect(fresh, &Workspace::stageChanged, this, &MainWindow::refreshActions);
  connect(fresh, &Workspace::importRequested, this, &MainWindow::chooseLogs);
  if (!d.readOnlyReason().isEmpty()) say(tr("This campaign %1.").arg(d.readOnlyReason()));
  remember(QFileInfo(file).absoluteFilePath());
  refreshActions();
  return true;
}

void MainWindow::openDemo() {
  const QString file = QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + "/Mirren canal demo.distanz";
  if (QFileInfo::exists(file))
    open(file);
  else
    makeAndOpen(file, [file] { makeDemo(file.toStdString()); });
}

void MainWindow::makeAndOpen(const QString& file, const std::function<void()>& make) {
  if (making()) return;
  m_made = file;
  setCursor(Qt::BusyCursor);
  m_making.setFuture(QtConcurrent::run([make]() -> QString {
    try {
      make();
      return {};
    } catch (const std::exception& e) {
      return QString::fromUtf8(e.what());
    }
  }));
}

void MainWindow::newCampaign() {
  const auto file = m_prompts.saveFile(this, tr("New campaign"), tr("campaign.distanz"), tr("Distanz campaigns (*.distanz)"));
  if (!file) return;
  const QString path = file->endsWith(".distanz") ? *file : *file + ".distanz";
  campaign::Campaign c;
  c.title = QFileInfo(path).completeBaseName().toStdString();
  campaign::Link control;
  control.id = "control";
  control.rule.lq_min_pct = 70;
  c.links.push_back(control);
  for (const char* id : {"A", "B"}) {
    campaign::Setup setup;
    setup.id = id;
    c.setups.push_back(setup);
  }
  try {
    QFile::remove(path);  // the dialog asked before replacing
    store::CampaignFile::create(path.toStdString(), c);
  } catch (const Error& e) {
    return say(QString::fromUtf8(e.what()));
  }
  open(path);
  if (m_workspace) m_workspace->showStage(0);
}

void MainWindow::chooseCampaign() {
  if (const auto file = m_prompts.openFile(this, tr("Open a campaign"), tr("Distanz campaigns (*.distanz)"))) open(*file);
}

void MainWindow::chooseLogs() {
  importLogs(m_prompts.openFiles(this, tr("Bring logs in"), tr("Logs (*.csv *.txt *.tsv *.log);;All files (*)")));
}

void MainWindow::importLogs(const QStringList& files) {
  if (files.isEmpty() || !m_workspace) return;
  auto* dialog = new ImportDialog(m_workspace->document(), files, this);
  dialog->setAttribute(Qt::WA_DeleteOnClose);
  connect(dialog, &QDialog::accepted, this, [this] { m_workspace->showStageNamed("runs"); });
  dialog->open();
}

void MainWindow::importFolder() {
  if (const auto folder = m_prompts.openFolder(this, tr("Open an interchange folder"))) open(*folder);
}

void MainWindow::exportFolder() {
  const auto folder = m_prompts.saveFile(this, tr("Export as interchange folder"),
                                         QString::fromStdString(m_workspace->document().path().stem().string()), {});
  if (!folder) return;
  try {
    store::toInterchange(m_workspace->document().path(), folder->toStdString());
  } catch (const Error& e) {
    say(QString::fromUtf8(e.what()));
  }
}

void MainWindow::exportView(const QString& filter, const QString& ending, const std::function<bool(Exportable&, const QString&)>& write) {
  auto* view = m_workspace ? dynamic_cast<Exportable*>(m_workspace->current()) : nullptr;
  if (!view) return;
  const auto file = m_prompts.saveFile(this, tr("Save view"), "distanz" + ending, filter);
  if (!file) return;
  const QString path = file->endsWith(ending) ? *file : *file + ending;
  if (!write(*view, path)) say(tr("%1: cannot be written; choose another folder").arg(path));
}

void MainWindow::exportPng() {
  exportView(tr("PNG pictures (*.png)"), ".png", [](Exportable& v, const QString& f) { return v.savePng(f); });
}

void MainWindow::exportSvg() {
  exportView(tr("SVG drawings (*.svg)"), ".svg", [](Exportable& v, const QString& f) { return v.saveSvg(f) && QFileInfo::exists(f); });
}

void MainWindow::exportCsv() {
  exportView(tr("CSV tables (*.csv)"), ".csv", [](Exportable& v, const QString& f) {
    try {
      formats::writeFile(f.toStdString(), v.csv().toStdString());
    } catch (const Error&) {
      return false;
    }
    return true;
  });
}

void MainWindow::undo() {
  if (m_workspace) m_workspace->document().undo();
}

void MainWindow::redo() {
  if (m_workspace) m_workspace->document().redo();
}

void MainWindow::close() {
  showStart();
}

void MainWindow::toggleDark() {
  theme::setScheme(theme::scheme() == theme::Scheme::Light ? theme::Scheme::Dark : theme::Scheme::Light);
  theme::apply();
  m_banner->hide();
  if (!m_workspace) return showStart();
  const QString file = QString::fromStdString(m_workspace->document().path().string());
  const int stage = m_workspace->currentStage();
  open(file);
  if (stage >= 0) m_workspace->showStage(stage);
}

void MainWindow::howItDecides() {
  auto* page = new HelpPage(tr("How Distanz decides"), ":/distanz/help/how-distanz-decides.md", this);
  page->setAttribute(Qt::WA_DeleteOnClose);
  page->show();
}

void MainWindow::about() {
  QMessageBox::about(this, tr("About Distanz"),
                     tr("<b>Distanz %1</b><p>How far each radio setup carries, which is better, and how sure that is.</p>"
                        "<p>Free software under the GNU General Public License, version 3 or later.</p>")
                         .arg(QApplication::applicationVersion()));
}

void MainWindow::refreshActions() {
  for (QAction* a : m_needs_campaign) a->setEnabled(m_workspace);
  const bool view = m_workspace && dynamic_cast<Exportable*>(m_workspace->current());
  for (QAction* a : m_needs_view) a->setEnabled(view);
  const QString undo = m_workspace ? m_workspace->document().undoable() : QString(),
                redo = m_workspace ? m_workspace->document().redoable() : QString();
  m_undo->setEnabled(!undo.isEmpty());
  m_undo->setText(undo.isEmpty() ? tr("Undo") : tr("Undo: %1").arg(undo));
  m_redo->setEnabled(!redo.isEmpty());
  m_redo->setText(redo.isEmpty() ? tr("Redo") : tr("Redo: %1").arg(redo));
  if (m_workspace) setWindowTitle(tr("%1 – Distanz").arg(QString::fromStdString(m_workspace->document().campaign().title)));
}

void MainWindow::say(const QString& message) {
  const auto& t = theme::tokens();
  m_banner->setStyleSheet(QString("background: %1; color: %2; border-bottom: 2px solid %2;").arg(t.surface.name(), t.stop.name()));
  m_banner->setText(
      QString("%1 &nbsp; <a href=\"#\" style=\"color:%2\">%3</a>").arg(message.toHtmlEscaped(), t.accent.name(), tr("Dismiss")));
  m_banner->setAccessibleName(message);
  m_banner->show();
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
  if (event->mimeData()->hasUrls()) event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event) {
  QStringList logs;
  for (const QUrl& url : event->mimeData()->urls()) {
    const QString file = url.toLocalFile();
    if (file.endsWith(".distanz") || QFileInfo(file).isDir()) {
      open(file);
      return;
    }
    if (!file.isEmpty()) logs << file;
  }
  if (!logs.isEmpty() && !m_workspace) return say(tr("Open or make a campaign first; then drop the logs on it."));
  importLogs(logs);
}

}  // namespace distanz::app
