#include "app/window/main_window.h"

#include <QApplication>
#include <QDragEnterEvent>
#include <QFile>
#include <QFileInfo>
#include <QMimeData>
#include <QSettings>
#include <QStandardPaths>
#include <QTimer>
#include <QVBoxLayout>
#include <QtConcurrent>
#include <algorithm>

#include "app/runs/import_dialog.h"
#include "app/shared/copying.h"
#include "app/shared/path_of.h"
#include "app/shared/preferences.h"
#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "app/start/new_dialog.h"
#include "app/start/start_view.h"
#include "app/window/demo.h"
#include "app/window/kept_view.h"
#include "core/campaign/new_campaign.h"
#include "core/quantity/unit.h"
#include "formats/aside.h"
#include "formats/files.h"
#include "formats/interchange.h"
#include "formats/log_format.h"
#include "store/exchange.h"
#include "words/say.h"

namespace distanz::app {

namespace fs = std::filesystem;

constexpr QSize kLeast(840, 500);  // 1280 by 800 with a font half as large again, less a title bar

namespace {

QString absoluteOf(const Document& d) {
  return QFileInfo(QString::fromStdString(d.path().string())).absoluteFilePath();
}

}  // namespace

MainWindow::MainWindow(Prompts& prompts, QWidget* parent)
    : QMainWindow(parent), m_prompts(prompts), m_pages(new QStackedWidget), m_banner(plainLabel()) {
  setObjectName("mainWindow");
  theme::dress(*this);
  setWindowIcon(theme::icon("distanz", theme::tokens().ink));
  resize(1280, 768);  // with a title bar on a screen of 1280 by 800
  setMinimumSize(kLeast);
  restoreSize(*this);
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
  connect(m_banner, &QLabel::linkActivated, this, &MainWindow::followBanner);
  layout->addWidget(m_banner);
  layout->addWidget(m_pages, 1);
  setCentralWidget(central);
  connect(&m_opening, &QFutureWatcher<Opened>::finished, this, &MainWindow::openingDone);
  new Copying(this);
  buildMenus();
  showStart();
}

MainWindow::~MainWindow() {
  m_background.waitForDone();  // what the pilot wants written is written; an opening is left where it is
  keepThisView();
  dropPages();  // before the document that they show
}

QStringList MainWindow::recent() const {
  QStringList files;
  for (const QString& f : QSettings().value("recent").toStringList())
    if (std::error_code ignored; fs::exists(pathOf(f), ignored)) files << f;
  return files;
}

void MainWindow::remember(const QString& file) {
  QStringList files = recent();
  files.removeAll(file);
  const auto sameName = [&](const QString& other) {
    return QFileInfo(other).completeBaseName() == QFileInfo(file).completeBaseName();
  };
  m_named_twice = std::any_of(files.begin(), files.end(), sameName);
  files.prepend(file);
  QSettings().setValue("recent", QVariant(files.mid(0, 8)));
  keepViewsOf(files.mid(0, 8));
  fillRecent();
}

/// The same as on the start view, from the menu.
void MainWindow::fillRecent() {
  m_recent->clear();
  const QStringList files = recent();
  for (int i = 0; i < files.size(); ++i) {
    const QFileInfo file(files[i]);
    QAction* a =
        m_recent->addAction(QString("%1  \u2013  %2")
                                .arg(withoutKeys(file.completeBaseName()), withoutKeys(file.absolutePath())));
    a->setObjectName(QString("recent_%1").arg(i));
    connect(a, &QAction::triggered, this, [this, open_it = files[i]] { open(open_it); });
  }
  m_recent->setEnabled(!files.isEmpty());
}

void MainWindow::forget() {
  QSettings().remove("recent");
  fillRecent();
  showStart();
}

void MainWindow::showStart() {
  auto* start = new StartView(recent());
  connect(start, &StartView::newRequested, this, &MainWindow::newCampaign);
  connect(start, &StartView::openRequested, this, &MainWindow::chooseCampaign);
  connect(start, &StartView::demoRequested, this, &MainWindow::openDemo);
  connect(start, &StartView::recentRequested, this, [this](const QString& f) { open(f); });
  connect(start, &StartView::forgetRequested, this, &MainWindow::forget,
          Qt::QueuedConnection);  // the button goes with it
  keepThisView();
  dropPages();
  m_document.reset();
  m_pages->addWidget(start);
  setWindowTitle(tr("Distanz"));
  refreshActions();
}

bool MainWindow::shows(const QString& file) const {
  std::error_code ignored;
  return m_document && fs::equivalent(pathOf(file), m_document->path(), ignored);
}

void MainWindow::closeEvent(QCloseEvent* event) {
  keepSize(*this);
  QMainWindow::closeEvent(event);
}

void MainWindow::keepThisView() {
  if (!m_document || !m_workspace || m_workspace->currentStage() < 0) return;
  keepView(absoluteOf(*m_document),
           m_workspace->view());
}

void MainWindow::dropPages() {
  if (m_workspace) m_workspace->finish();  // while all of it is alive
  m_workspace = nullptr;
  while (QWidget* page = m_pages->widget(0)) {
    m_pages->removeWidget(page);
    delete page;
  }
}

void MainWindow::open(const QString& file) {
  const fs::path path = pathOf(file);
  if (!formats::isInterchange(path)) return openLater(file);
  const QString target = file + ".distanz";
  if (QFileInfo::exists(target))
    return say(tr("%1 exists already, from an earlier import of this folder. Open that file. If the folder "
                  "has changed, move the file away and open the folder again.")
                   .arg(target),
               Tone::Caution, tr("Open the file"), "open:" + target);
  openLater(target, [path, target] { store::fromInterchange(path, pathOf(target)); });
}

void MainWindow::openDemo() {
  const QString file =
      QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + "/Mirren canal demo.distanz";
  openLater(file, [file] { makeDemo(pathOf(file)); });
}

void MainWindow::openLater(const QString& file, const std::function<void()>& make, int first_stage) {
  if (m_document && m_elsewhere) {
    MainWindow* other = m_elsewhere(file);
    if (other != this) {  // open here it is read anew: another program may have changed it
      if (!other->shows(file))
        other->openLater(file, make, first_stage);
      else if (make)
        other->refuseOpenFile(file);
      return;
    }
  }
  if (opening()) return say(tr("Another campaign is opening. Try again in a moment."));
  m_opening_running = true;
  m_first_stage = first_stage;
  setCursor(Qt::BusyCursor);
  m_opening.setFuture(QtConcurrent::run([make, file]() -> Opened {
    try {
      if (make) make();
      return openCampaign(pathOf(file));
    } catch (const std::exception& e) {
      return words::sentence(e);
    }
  }));
}

void MainWindow::openingDone() {
  m_opening_running = false;
  unsetCursor();
  const Opened opened = m_opening.result();
  if (const auto* why = std::get_if<QString>(&opened)) {
    m_say_when_open.clear();
    say(*why);
  } else {
    showCampaign(std::get<0>(opened));
  }
}

void MainWindow::showCampaign(std::shared_ptr<OpenedCampaign> opened) {
  if (QApplication::activeModalWidget()) {  // it may hold what would go
    m_opening_running = true;
    QTimer::singleShot(50, this, [this, opened] {
      m_opening_running = false;
      showCampaign(opened);
    });
    return;
  }
  m_banner->hide();
  keepThisView();
  dropPages();
  m_document = std::make_unique<Document>(std::move(opened));
  Document& d = *m_document;
  connect(&d, &Document::refused, this, [this](const QString& why) { say(why); });
  connect(&d, &Document::changed, this, &MainWindow::refreshActions);
  connect(&d, &Document::lost, this,
          [this](const QString& why) { say(why, Tone::Stop, tr("Save a copy as ..."), "copy"); });
  connect(&d, &Document::waitingChanged, this, [this] {
    if (m_document->waiting())
      say(tr("Not saved yet: the campaign file is busy. It is saved as soon as the file is free."),
          Tone::Caution);
    else
      m_banner->hide();
  });
  showWorkspace(m_first_stage);
  if (d.readOnlyReason()) say(words::sentence(inFile(d.path().filename().string(), *d.readOnlyReason())));
  if (const QString told = std::exchange(m_say_when_open, {}); !told.isEmpty()) say(told, Tone::Caution);
  remember(absoluteOf(d));
  refreshActions();
}

void MainWindow::showWorkspace(int stage) {
  m_workspace = new Workspace(*m_document);
  m_pages->addWidget(m_workspace);
  connect(m_workspace, &Workspace::stageChanged, this, &MainWindow::refreshActions);
  connect(m_workspace, &Workspace::importRequested, this,
          [this](const QStringList& files) { files.isEmpty() ? chooseLogs() : importLogs(files); });
  connect(m_workspace, &Workspace::importTakenUp, this, &MainWindow::takeUpImport);
  connect(m_workspace, &Workspace::saveRequested, this, &MainWindow::saveBytes);
  connect(m_workspace, &Workspace::filesRequested, this, [this](const QString& title, const QString& filter) {
    Stage* shown = m_workspace->current();
    const QStringList files = m_prompts.openFiles(this, title, filter);
    if (shown && !files.isEmpty()) shown->takeFiles(files);
  });
  if (stage >= 0)
    m_workspace->showStage(stage);
  else
    m_workspace->show(
        keptView(absoluteOf(*m_document)));
  refreshActions();
}

bool MainWindow::refuseOpenFile(const QString& file) {
  if (!shows(file)) return false;
  say(tr("%1 is open now. Choose another name.").arg(file));
  return true;
}

void MainWindow::newCampaign() {
  auto* dialog = new NewDialog(
      m_prompts.freeCampaignFile(),
      [this] {
        return m_prompts
            .saveFile(this, tr("New campaign"), tr("campaign.distanz"), tr("Distanz campaigns (*.distanz)"))
            .value_or(QString());
      },
      this);
  dialog->setAttribute(Qt::WA_DeleteOnClose);
  connect(dialog, &NewDialog::chosen, this, &MainWindow::makeCampaign);
  dialog->open();
}

void MainWindow::makeCampaign(const QString& file, bool replaces,
                              const std::vector<campaign::LinkKind>& compared) {
  if (refuseOpenFile(file)) return;
  auto c = campaign::newCampaign(QFileInfo(file).completeBaseName().toStdString(), compared);
  if (preferences().units ==
      words::Units::Imperial)  // posts at a round distance for those who think in miles
    campaign::editFirstPath(c).post_spacing_m =
        quantity::convert(0.25, quantity::Unit::Mile, quantity::Unit::Metre);
  // The dialog asked before a file of this very name is replaced.
  const auto existing =
      replaces ? store::CampaignFile::Existing::Replace : store::CampaignFile::Existing::Keep;
  openLater(
      file,
      [path = pathOf(file), c, existing] {
        std::error_code ignored;  // a folder that cannot be made is said by the file that cannot be
        fs::create_directories(path.parent_path(), ignored);
        store::CampaignFile::create(path, c, existing);
      },
      0);
}

void MainWindow::chooseCampaign() {
  if (const auto file = m_prompts.openFile(this, tr("Open a campaign"), tr("Distanz campaigns (*.distanz)")))
    open(*file);
}

void MainWindow::chooseLogs() {
  QStringList patterns;
  for (const formats::LogFormat& format : formats::logFormats()) patterns << format.patterns;
  importLogs(
      m_prompts.openFiles(this, tr("Import logs"), tr("Logs (%1);;All files (*)").arg(patterns.join(' '))));
}

void MainWindow::importLogs(const QStringList& files) {
  if (files.isEmpty() || !m_workspace) return;
  if (m_import && m_import->waiting() > 0) {  // taken up again, with these
    m_import->add(files);
    return takeUpImport();
  }
  m_import = new ImportDialog(*m_document, files, m_workspace);  // goes with what it belongs to
  connect(m_import, &ImportDialog::imported, m_workspace, [this] { m_workspace->showStageNamed("runs"); });
  connect(m_import, &ImportDialog::kept, m_workspace,
          [this] { m_workspace->setKeptImport(m_import->waiting()); });
  connect(m_import, &QDialog::finished, m_import, &QObject::deleteLater);
  m_import->open();
}

void MainWindow::takeUpImport() {
  if (!m_import) return;
  m_workspace->setKeptImport(0);
  m_import->open();
}

void MainWindow::importFolder() {
  if (const auto folder = m_prompts.openFolder(this, tr("Open an interchange folder"))) open(*folder);
}

void MainWindow::inBackground(const std::function<QString()>& work, const std::function<void()>& then) {
  setCursor(Qt::BusyCursor);
  m_background.start([this, work, then] {
    const QString why = work();
    QMetaObject::invokeMethod(
        this,
        [this, why, then] {
          unsetCursor();
          if (!why.isEmpty())
            say(why);
          else if (then)
            then();
        },
        Qt::QueuedConnection);
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

void MainWindow::say(const QString& message, Tone tone, const QString& offer, const QString& link) {
  const auto& t = theme::tokens();
  const auto anchor = [&](const QString& to, const QString& text) {
    return QString(" &nbsp; <a href=\"%1\" style=\"color:%2\">%3</a>")
        .arg(to.toHtmlEscaped(), t.accent.name(), text.toHtmlEscaped());
  };
  const QColor& colour = tone == Tone::Stop ? t.stop : tone == Tone::Caution ? t.caution : t.ink;
  m_banner->setStyleSheet(QString("background: %1; color: %2; border-bottom: 2px solid %2;")
                              .arg(t.surface.name(), colour.name()));
  m_banner->setTextFormat(Qt::RichText);
  m_banner->setText(message.toHtmlEscaped() + (offer.isEmpty() ? QString() : anchor(link, offer)) +
                    anchor("dismiss", tr("Dismiss")));
  m_banner->setAccessibleName(message);
  m_banner->show();
}

void MainWindow::followBanner(const QString& link) {
  m_banner->hide();
  if (link == "copy") saveCopy();
  if (link.startsWith("open:")) openLater(link.mid(5));
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
  if (!logs.isEmpty() && !m_workspace)
    return say(tr("Open or make a campaign first. Then drop the logs on it."));
  Stage* stage = m_workspace ? m_workspace->current() : nullptr;
  if (stage && stage->takesDropped(logs)) return stage->takeFiles(logs);
  importLogs(logs);
}

}  // namespace distanz::app
