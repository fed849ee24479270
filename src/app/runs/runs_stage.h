#pragma once
#include <QFutureWatcher>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QSortFilterProxyModel>
#include <QTableView>
#include <QTemporaryDir>

#include "app/runs/run_strip.h"
#include "app/runs/run_table.h"
#include "app/shared/stage.h"

namespace distanz::analysis {
struct RunReduction;
}

namespace distanz::app {

class HandLogDialog;

/// The runs: bring logs in, say what was flown, see how each was cut into legs.
class RunsStage : public Stage, public Exportable {
  Q_OBJECT
 public:
  explicit RunsStage(Document& document, QWidget* parent = nullptr);
  std::vector<Finding> findings() const override;
  std::optional<Finding> lacks() const override;
  Finding has() const override;
  void showRun(const std::string& run) override;
  QSize paperSize() const override { return size(); }
  void paintPaper(QPainter&) const override {}
  QWidget* plainPage() const override { return m_body; }
  QString pageName() const override { return {}; }
  QByteArray csv() const override;
  void showKeptImport(int logs) override;
  void find() override;

 private:
  using Looked = std::shared_ptr<RunStrip::Shown>;
  QHBoxLayout* headRow();
  QPushButton* readingsMenu();
  void setUpTable();
  void connectAll();
  void showSelected();
  void showLook();
  void editRun(const char* step, const std::function<void(campaign::Run&)>& change);
  void paste();
  void bringInText(const QString& name, const QString& text);
  void moveTurn(double begin_s, double end_s);
  void cut(std::optional<double> from_s, std::optional<double> to_s);
  void moveFurther(int index, double by_s);
  static Looked look(const campaign::Run& run, const campaign::Campaign& campaign, const store::SampleFile& samples);
  const analysis::RunReduction* reductionOf(const std::string& run) const;
  static QStringList warningsOf(const analysis::RunReduction& run);
  static QStringList lostAndRegained(const analysis::RunReduction& run);
  void removeSelected();
  std::vector<std::string> selectedRuns() const;

  RunTable* m_model;
  QSortFilterProxyModel* m_sorted;
  QLineEdit* m_find;
  QTableView* m_table;
  RunStrip* m_strip;
  QWidget* m_body = nullptr;  ///< table and strip
  QPushButton* m_kept = nullptr;
  HandLogDialog* m_hand_log = nullptr;  ///< with what was typed and not yet taken
  QPushButton* m_void;
  QPushButton* m_remove;
  QFutureWatcher<Looked> m_look;
  std::string m_selected;
  QTemporaryDir m_pasted;
};

}  // namespace distanz::app
