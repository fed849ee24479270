#pragma once
#include <deque>
#include <functional>

#include "app/bench/record_book.h"
#include "app/bench/record_intake.h"
#include "app/shared/stage.h"

class QLabel;
class QPushButton;
class QStackedWidget;
class QButtonGroup;

namespace distanz::app {

class GroundGuide;
class LiveBar;
class ReadingsEditor;
class RecordForm;
class ElidedLabel;
class ResultView;
class Shelf;

/// The bench: a shelf of records, the chosen one large, what went into it a click away.
class BenchStage : public Stage, public Exportable {
  Q_OBJECT
 public:
  explicit BenchStage(Document& document, QWidget* parent = nullptr);
  void finish() override;

  std::vector<Finding> findings() const override;
  std::optional<Finding> lacks() const override;
  Finding has() const override;
  bool optional() const override { return true; }
  void showRecord(const std::string& record) override;
  bool takesFiles() const override;
  bool takesDropped(const QStringList& files) const override;
  /// For the record shown: sweeps, traces, pictures, or readings as a table. Sweeps without a record for them make one.
  void takeFiles(const QStringList& files) override;
  QString pageName() const override { return {}; }
  std::optional<Finding> answer() const override;
  QSize paperSize() const override;
  void paintPaper(QPainter& painter) const override;
  QByteArray csv() const override;

  const std::string& chosen() const { return m_chosen; }

 protected:
  void showEvent(QShowEvent* event) override;

 private:
  QWidget* workbench();
  QWidget* entries();
  QWidget* emptyState();
  void choose(const std::string& record);
  void refresh();
  void addRecord(campaign::RecordKind kind);
  void removeRecord();
  void takeOver();
  /// Beside the part: what was applied to it, and a way back, until something else is looked at or done.
  void showApplied();
  /// The result (0), or what went in (1).
  void turnTo(int side);
  void askForFiles();
  void readNext();
  void takeHeard(const QString& record, const QString& name, const QByteArray& bytes);
  void showGuide(const campaign::Record& record);
  void settleFiles();
  /// Out of the campaign again: a sweep as Touchstone, whatever it came as.
  void saveFile(int file);

  RecordBook m_book;
  QFutureWatcher<TakenFiles> m_intake;
  std::deque<std::function<TakenFiles()>> m_waiting;  ///< to be read
  bool m_reading = false;
  std::string m_chosen;
  Shelf* m_shelf;
  QStackedWidget* m_pages;
  QLabel* m_title;
  QPushButton *m_take, *m_remove, *m_take_back;
  ElidedLabel* m_applied_told;
  struct Applied {
    Finding step;
    std::string part;               ///< id
    std::optional<Finding> before;  ///< the last step while the file is busy
    bool kept = false;
  };
  std::optional<Applied> m_applied;  ///< to the part, as the last step
  QButtonGroup* m_tabs;
  QStackedWidget* m_sides;
  ResultView* m_result;
  RecordForm* m_form;
  ReadingsEditor* m_readings;
  GroundGuide* m_guide;
  LiveBar* m_live;
};

}  // namespace distanz::app
