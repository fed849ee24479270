#pragma once
#include <QPainter>
#include <QWidget>
#include <vector>

#include "app/shared/document.h"
#include "core/finding/finding.h"
#include "core/finding/settle.h"

namespace distanz::app {

/// One stage of the work: its view, what matters there, and how complete it is.
class Stage : public QWidget {
  Q_OBJECT
 public:
  explicit Stage(Document& document, QWidget* parent = nullptr) : QWidget(parent), m_document(document) {
    setObjectName("stage");
  }

  virtual std::vector<Finding> findings() const = 0;
  /// What is shown of them at once: see core/finding/settle.h.
  std::vector<Finding> shownFindings() const { return settled(findings()); }
  /// What the page says first and large, one line each, and below it smaller; nothing where its first finding says it.
  struct Headline {
    std::vector<Finding> large, small;
  };
  virtual Headline headline() const { return {}; }
  /// What is there, in a word or two.
  virtual Finding has() const = 0;
  /// What this stage still lacks; none where it is complete.
  virtual std::optional<Finding> lacks() const = 0;
  /// Of the stages that show one link at a time: the one that the pilot chose; empty where none was.
  virtual std::string chosenLink() const { return {}; }
  virtual void chooseLink(const std::string& link) { (void)link; }
  /// Brings one record of the bench before the pilot's eyes, where the stage shows records.
  virtual void showRecord(const std::string& record) { (void)record; }
  /// Brings one run before the pilot's eyes, where the stage shows runs.
  virtual void showRun(const std::string& run) { (void)run; }
  /// True where work does not wait for this stage: a campaign can go without it.
  virtual bool optional() const { return false; }
  /// True where files dropped on the window belong to what this stage shows.
  virtual bool takesFiles() const { return false; }
  /// The same for these files, dropped: a stage may know by their names that they are its own.
  virtual bool takesDropped(const QStringList& files) const {
    (void)files;
    return takesFiles();
  }
  /// The campaign is about to be closed: keeps what is under way.
  virtual void finish() {}
  /// Does what one of its findings offers.
  virtual void carryOut(const Finding& finding) { (void)finding; }
  /// Begins a search, where the stage holds something to be searched.
  virtual void find() {}
  /// So many logs wait in an import that was closed; 0: none.
  virtual void showKeptImport(int logs) { (void)logs; }
  virtual void takeFiles(const QStringList& files) { (void)files; }

  Document& document() const { return m_document; }

 signals:
  void findingsChanged();
  void importRequested(const QStringList& files);  ///< none: of the pilot's choice
  void importTakenUp();                            ///< the one that was closed
  void filesRequested(const QString& title, const QString& filter);  ///< for takeFiles()
  void saveRequested(const QString& name, const QByteArray& bytes);  ///< as a file of the pilot's choice
  void recordRequested(const QString& record);                       ///< to see it on the Bench
  void runRequested(const QString& run);                             ///< to see it in Runs

 private:
  Document& m_document;
};

/// A stage whose main view can be saved as picture and as data: as the bytes of a file, which one place writes
/// (see MainWindow::exportView()).
class Exportable {
 public:
  virtual ~Exportable() = default;
  /// What is drawn on paper, and how large it is, px.
  virtual QSize paperSize() const = 0;
  virtual void paintPaper(QPainter& painter) const = 0;
  virtual QByteArray csv() const = 0;
  /// The page that is shown, in words; the link that it is of, empty where it is of all.
  virtual QString pageName() const = 0;
  virtual std::string pageLink() const { return {}; }
  /// A page that has no drawing of its own is painted as it stands in the window. Null: paintPaper().
  virtual QWidget* plainPage() const { return nullptr; }
  /// What is said of the page, its first sentence; none where it has no answer.
  virtual std::optional<Finding> answer() const { return std::nullopt; }
  /// The page is a sheet of its own that says all this itself.
  virtual bool isSheet() const { return false; }
  /// Files that it saves besides tell where is flown: the path. What it draws does not.
  virtual bool tellsPlaces() const { return false; }
};

}  // namespace distanz::app
