#include <QActionGroup>
#include <QApplication>
#include <QFileInfo>
#include <QMenuBar>
#include <QMessageBox>
#include <QTimer>

#include "app/shared/bound_fields.h"
#include "app/shared/copying.h"
#include "app/shared/preferences.h"
#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "app/window/help_page.h"
#include "app/window/main_window.h"
#include "app/window/stages.h"
#include "words/language.h"
#include "words/say.h"

namespace distanz::app {

void MainWindow::buildMenus() {
  menuBar()->clear();
  qDeleteAll(menuBar()->findChildren<QMenu*>(QString(), Qt::FindDirectChildrenOnly));
  m_needs_campaign.clear();
  m_needs_view.clear();
  addFileActions();
  addEditActions();
  addViewActions();
}

QAction* MainWindow::action(QMenu* menu, const char* name, const QString& text, const QKeySequence& key,
                            void (MainWindow::*run)()) {
  QAction* a = menu->addAction(text);
  a->setObjectName(name);
  a->setShortcut(key);
  if (!key.isEmpty()) a->setToolTip(QString("%1 (%2)").arg(text, key.toString(QKeySequence::NativeText)));
  connect(a, &QAction::triggered, this, [this, run] {
    if (m_workspace)
      fields::finishTyping(m_workspace);  // what is under the cursor belongs to what is saved or taken back
    (this->*run)();
  });
  return a;
}

void MainWindow::addFileActions() {
  QMenu* file = menuBar()->addMenu(tr("&File"));
  action(file, "newCampaign", tr("&New campaign ..."), QKeySequence::New, &MainWindow::newCampaign);
  action(file, "openCampaign", tr("&Open ..."), QKeySequence::Open, &MainWindow::chooseCampaign);
  m_recent = file->addMenu(tr("Open &recent"));
  m_recent->setObjectName("recentMenu");
  fillRecent();
  action(file, "openDemo", tr("Open the &demo"), {}, &MainWindow::openDemo);
  file->addSeparator();
  m_needs_campaign << action(file, "importLogs", tr("Import &logs ..."), Qt::CTRL | Qt::Key_I,
                             &MainWindow::chooseLogs);
  action(file, "importFolder", tr("Open an interchange &folder ..."), {}, &MainWindow::importFolder);
  m_needs_campaign << action(file, "saveCopy", tr("Save a &copy as ..."), QKeySequence::SaveAs,
                             &MainWindow::saveCopy);
  m_needs_campaign << action(file, "exportFolder", tr("&Export as interchange folder ..."), {},
                             &MainWindow::exportFolder);
  file->addSeparator();
  m_needs_view << action(file, "exportPng", tr("Save view as &PNG ..."), Qt::CTRL | Qt::SHIFT | Qt::Key_P,
                         &MainWindow::exportPng);
  m_needs_view << action(file, "exportSvg", tr("Save view as &SVG ..."), {}, &MainWindow::exportSvg);
  m_needs_view << action(file, "exportPdf", tr("Save view as P&DF ..."), {}, &MainWindow::exportPdf);
  m_needs_view << action(file, "exportCsv", tr("Save view's data as &CSV ..."), Qt::CTRL | Qt::Key_E,
                         &MainWindow::exportCsv);
  m_needs_view << action(file, "print", tr("P&rint view ..."), QKeySequence::Print, &MainWindow::printView);
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
  edit->addSeparator();
  // Of what has the focus: what is being typed stays as it is.
  const auto plain = [&](const char* name, const QString& text, const QKeySequence& key, auto run) {
    QAction* a = edit->addAction(text);
    a->setObjectName(name);
    a->setShortcut(key);
    connect(a, &QAction::triggered, this, run);
  };
  plain("copy", tr("Copy"), QKeySequence::Copy, &Copying::copy);
  plain("selectAll", tr("Select all"), QKeySequence::SelectAll, &Copying::selectAll);
  plain("find", tr("Find"), QKeySequence::Find, [this] {
    if (m_workspace && m_workspace->current()) m_workspace->current()->find();
  });
}

void MainWindow::addViewActions() {
  QMenu* view = menuBar()->addMenu(tr("&View"));
  for (int i = 0; i < int(stageTable().size()); ++i) {
    QAction* a = view->addAction(titleOf(stageTable()[size_t(i)]));
    if (i < 9) a->setShortcut(QKeySequence(Qt::CTRL | Qt::Key(Qt::Key_1 + i)));
    connect(a, &QAction::triggered, this, [this, i] {
      if (m_workspace) m_workspace->showStage(i);
    });
    m_needs_campaign << a;
  }
  view->addSeparator();
  action(view, "dark", tr("Light or dark theme"), Qt::CTRL | Qt::Key_D, &MainWindow::toggleDark);
  QMenu* themes = view->addMenu(tr("&Theme"));
  auto* group = new QActionGroup(themes);
  for (const auto& [theme, text] :
       {std::pair(Preferences::Theme::System, tr("As the system")),
        std::pair(Preferences::Theme::Light, tr("Light")), std::pair(Preferences::Theme::Dark, tr("Dark"))}) {
    QAction* a = themes->addAction(text);
    a->setObjectName("theme_" + wordOf(theme));
    a->setCheckable(true);
    a->setChecked(preferences().theme == theme);
    group->addAction(a);
    connect(a, &QAction::triggered, this, [this, theme = theme] { chooseTheme(theme); });
  }
  addSpeechActions(view);
  QMenu* help = menuBar()->addMenu(tr("&Help"));
  action(help, "howItDecides", tr("&How Distanz decides"), QKeySequence::HelpContents,
         &MainWindow::howItDecides);
  action(help, "about", tr("&About Distanz"), {}, &MainWindow::about);
}

void MainWindow::addChoices(QMenu* menu, const QString& title, const QString& chosen,
                            const std::vector<Choice>& choices,
                            void (*choose)(Preferences&, const QString&)) {
  QMenu* sub = menu->addMenu(title);
  auto* group = new QActionGroup(sub);
  for (const Choice& c : choices) {
    QAction* a = sub->addAction(c.text);
    a->setObjectName(c.name + "_" + c.value);
    a->setCheckable(true);
    a->setChecked(c.value == chosen);
    group->addAction(a);
    connect(a, &QAction::triggered, this, [this, choose, value = c.value] {
      Preferences p = preferences();
      choose(p, value);
      keepPreferences(p);
      speakAsPreferred();
      remakeAll();
    });
  }
}

void MainWindow::addSpeechActions(QMenu* view) {
  const Preferences p = preferences();
  addChoices(view, tr("&Units"), p.units == words::Units::Imperial ? "imperial" : "metric",
             {{"units", "metric", tr("Metres and kilometres")}, {"units", "imperial", tr("Feet and miles")}},
             [](Preferences& kept, const QString& value) {
               kept.units = value == "imperial" ? words::Units::Imperial : words::Units::Metric;
             });
  addChoices(view, tr("&Power"), p.power == words::Power::Dbm ? "dbm" : "mw",
             {{"power", "mw", tr("mW")}, {"power", "dbm", tr("dBm")}},
             [](Preferences& kept, const QString& value) {
               kept.power = value == "dbm" ? words::Power::Dbm : words::Power::Milliwatt;
             });
  std::vector<Choice> languages{{"language", {}, tr("The system's")}};
  for (const words::Language& l : words::languages())
    languages.push_back({"language", l.code, QString::fromUtf8(l.name)});
  addChoices(view, tr("&Language"), p.language, languages,
             [](Preferences& kept, const QString& value) { kept.language = value; });
}

void MainWindow::remake() {
  m_banner->hide();
  const bool open = m_workspace;
  const int stage = open ? m_workspace->currentStage() : 0;
  if (open) dropPages();  // the campaign stays open; only its views are made anew
  theme::dress(*this);
  buildMenus();
  open ? showWorkspace(stage) : showStart();
}

/// Colours and words are those of the program: every window follows. Once the click is over: the menu that was chosen from
/// goes, too.
void MainWindow::remakeAll() {
  for (QWidget* widget : QApplication::topLevelWidgets())
    if (auto* window = qobject_cast<MainWindow*>(widget)) QTimer::singleShot(0, window, &MainWindow::remake);
}

void MainWindow::toggleDark() {
  chooseTheme(theme::scheme() == theme::Scheme::Light ? Preferences::Theme::Dark : Preferences::Theme::Light);
}

void MainWindow::chooseTheme(Preferences::Theme chosen) {
  Preferences p = preferences();
  p.theme = chosen;
  keepPreferences(p);
  colourAsPreferred();
  theme::apply();
  remakeAll();
}

void MainWindow::howItDecides() {
  auto* page = new HelpPage(tr("How Distanz decides"), ":/distanz/help/how-distanz-decides.md", this);
  page->setAttribute(Qt::WA_DeleteOnClose);
  page->show();
}

void MainWindow::about() {
  auto* box = new QMessageBox(
      QMessageBox::NoIcon, tr("About Distanz"),
      tr("<b>Distanz %1</b><p>How far each radio setup reaches, which is better, and how sure that is.</p>"
         "<p>Free software under the GNU General Public License, version 3 or later.</p>")
          .arg(QApplication::applicationVersion()),
      QMessageBox::Ok, this);
  box->setAttribute(Qt::WA_DeleteOnClose);
  box->open();
}

/// Two campaigns of one name are told apart by where they lie.
QString MainWindow::titleNow() const {
  const Document& d = m_workspace->document();
  const QString title = QString::fromStdString(d.campaign().title),
                file = QString::fromStdString(d.path().string());
  const QString name = QFileInfo(file).completeBaseName();
  QString shown =
      title == name || title.isEmpty() ? name : QString("%1 (%2)").arg(title, QFileInfo(file).fileName());
  if (m_named_twice) shown += " \u2013 " + QFileInfo(file).absolutePath();
  return tr("%1 – Distanz").arg(shown);
}

void MainWindow::refreshActions() {
  for (QAction* a : m_needs_campaign) a->setEnabled(m_workspace);
  const bool view = m_workspace && dynamic_cast<Exportable*>(m_workspace->current());
  for (QAction* a : m_needs_view) a->setEnabled(view);
  const auto told = [](const std::optional<Finding>& step) {
    return step ? withoutKeys(words::sentence(*step)) : QString();
  };
  const QString undo = m_workspace ? told(m_workspace->document().undoable()) : QString();
  const QString redo = m_workspace ? told(m_workspace->document().redoable()) : QString();
  m_undo->setEnabled(!undo.isEmpty());
  m_undo->setText(undo.isEmpty() ? tr("Undo") : tr("Undo: %1").arg(undo));
  m_redo->setEnabled(!redo.isEmpty());
  m_redo->setText(redo.isEmpty() ? tr("Redo") : tr("Redo: %1").arg(redo));
  if (m_workspace) setWindowTitle(titleNow());
}

}  // namespace distanz::app
