#pragma once
#include <QFutureWatcher>
#include <QLabel>
#include <QMainWindow>
#include <QStackedWidget>
#include <memory>

#include "app/window/prompts.h"
#include "app/window/workspace.h"

namespace distanz::app {

/// The window: a start view, or one open campaign.
class MainWindow : public QMainWindow {
  Q_OBJECT
 public:
  explicit MainWindow(Prompts& prompts, QWidget* parent = nullptr);
  ~MainWindow() override;

  /// Opens a campaign file or an interchange folder (which becomes a campaign file beside it). @return false where it was refused, with the
  /// reason shown
  bool open(const QString& file);
  /// Makes the demo campaign where needed and opens it.
  void openDemo();
  /// Something to open is being made in the background.
  bool making() const { return m_making.isRunning(); }
  Workspace* workspace() const { return m_workspace; }
  /// Import dialog for logs; none where no campaign is open.
  void importLogs(const QStringList& files);

 protected:
  void dragEnterEvent(QDragEnterEvent* event) override;
  void dropEvent(QDropEvent* event) override;

 private:
  void addFileActions();
  void addEditActions();
  void addViewActions();
  QAction* action(QMenu* menu, const char* name, const QString& text, const QKeySequence& key, void (MainWindow::*run)());
  /// Makes a campaign file off the interface thread, then opens it.
  void makeAndOpen(const QString& file, const std::function<void()>& make);
  void showStart();
  void newCampaign();
  void chooseCampaign();
  void chooseLogs();
  void importFolder();
  void exportFolder();
  void exportPng();
  void exportSvg();
  void exportCsv();
  void undo();
  void redo();
  void toggleDark();
  void howItDecides();
  void about();
  void refreshActions();
  void say(const QString& message);
  void close();
  void remember(const QString& file);
  QStringList recent() const;
  void exportView(const QString& filter, const QString& ending, const std::function<bool(Exportable&, const QString&)>& write);

  Prompts& m_prompts;
  QFutureWatcher<QString> m_making;  ///< why it could not be made; empty where it was
  QString m_made;
  QStackedWidget* m_pages;
  QLabel* m_banner;
  Workspace* m_workspace = nullptr;
  QList<QAction*> m_needs_campaign, m_needs_view;
  QAction *m_undo = nullptr, *m_redo = nullptr;
};

}  // namespace distanz::app
