#pragma once
#include <QFutureWatcher>
#include <QLabel>
#include <QMainWindow>
#include <functional>
#include <QPointer>
#include <QStackedWidget>
#include <QThreadPool>
#include <memory>
#include <variant>

#include "app/shared/preferences.h"
#include "app/window/prompts.h"
#include "app/window/workspace.h"
#include "core/campaign/leaving.h"

namespace distanz::app {

class ImportDialog;
struct Picture;

/// The window: a start view, or one open campaign.
class MainWindow : public QMainWindow {
  Q_OBJECT
 public:
  explicit MainWindow(Prompts& prompts, QWidget* parent = nullptr);
  ~MainWindow() override;

  /// Opens a campaign file, or an interchange folder (which becomes a campaign file beside it), in the
  /// background. A refusal is shown; what was open then stays.
  void open(const QString& file);
  /// Makes the demo campaign where needed and opens it.
  void openDemo();
  /// Where another campaign is opened while one is open here. Without it that takes the place of this one.
  void setElsewhere(std::function<MainWindow*(const QString& file)> elsewhere) { m_elsewhere = std::move(elsewhere); }
  /// True where this file is open here.
  bool shows(const QString& file) const;
  /// Something is being made or opened in the background.
  bool opening() const { return m_opening_running; }
  Workspace* workspace() const { return m_workspace; }
  /// Import dialog for logs; none where no campaign is open.
  void importLogs(const QStringList& files);

 protected:
  void closeEvent(QCloseEvent* event) override;
  void dragEnterEvent(QDragEnterEvent* event) override;
  void dropEvent(QDropEvent* event) override;

 private:
  /// In the language that is spoken now.
  void buildMenus();
  void addFileActions();
  void addEditActions();
  void addViewActions();
  void addSpeechActions(QMenu* view);
  struct Choice {
    QString name, value, text;
  };
  /// A menu of which one thing is chosen, and kept.
  void addChoices(QMenu* menu, const QString& title, const QString& chosen,
                  const std::vector<Choice>& choices, void (*choose)(Preferences&, const QString&));
  /// Menus and views anew: other colours, other words.
  void remake();
  static void remakeAll();
  QAction* action(QMenu* menu, const char* name, const QString& text, const QKeySequence& key,
                  void (MainWindow::*run)());
  /// Makes a campaign file where asked to, and opens it, off the interface thread.
  void openLater(const QString& file, const std::function<void()>& make = {}, int first_stage = -1);
  void openingDone();
  /// Shows what was opened, once no dialog is left that belongs to what is shown now.
  void showCampaign(std::shared_ptr<OpenedCampaign> opened);
  void showWorkspace(int stage);
  void dropPages();
  void showStart();
  void newCampaign();
  void makeCampaign(const QString& file, bool replaces, const std::vector<campaign::LinkKind>& compared);
  void chooseCampaign();
  void chooseLogs();
  void takeUpImport();
  void importFolder();
  void exportFolder();
  void saveCopy();
  void writeCopy(const QString& file, const campaign::Leaving& along);
  /// True, and said, where a file about to be written is the one that is open.
  bool refuseOpenFile(const QString& file);
  void inBackground(const std::function<QString()>& work, const std::function<void()>& then = {});
  void exportPng();
  void exportSvg();
  void exportPdf();
  void printView();
  void saveBytes(const QString& name, const QByteArray& bytes);
  void exportCsv();
  void undo();
  void redo();
  void toggleDark();
  void chooseTheme(Preferences::Theme theme);
  void keepThisView();
  void howItDecides();
  void about();
  QString titleNow() const;
  void refreshActions();
  enum class Tone { Stop, Caution, News };
  void say(const QString& message, Tone tone = Tone::Stop, const QString& offer = {},
           const QString& link = {});
  void followBanner(const QString& link);
  void close();
  void remember(const QString& file);
  void forget();  ///< what remember() kept
  QStringList recent() const;
  void fillRecent();
  void exportView(const QString& filter, const QString& ending,
                  const std::function<QByteArray(const Picture& picture, const QString& title)>& bytes);
  void writeExport(const QString& file, const QByteArray& bytes);

  Prompts& m_prompts;
  using Opened =
      std::variant<std::shared_ptr<OpenedCampaign>, QString>;  ///< or why it could not be made or opened
  QFutureWatcher<Opened> m_opening;
  bool m_opening_running = false;
  int m_first_stage = -1;  ///< to show of what is being opened; -1: where work goes on
  QThreadPool m_background;
  std::unique_ptr<Document> m_document;
  QString m_say_when_open;  ///< about the file being opened
  QStackedWidget* m_pages;
  QLabel* m_banner;
  Workspace* m_workspace = nullptr;
  QPointer<ImportDialog> m_import;  ///< open, or closed to be taken up again
  QList<QAction*> m_needs_campaign, m_needs_view;
  QAction *m_undo = nullptr, *m_redo = nullptr;
  QMenu* m_recent = nullptr;
  std::function<MainWindow*(const QString& file)> m_elsewhere;
  bool m_named_twice = false;  ///< another campaign that was open is called the same
};

}  // namespace distanz::app
