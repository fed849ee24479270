#pragma once
#include <QFutureWatcher>
#include <QHBoxLayout>
#include <QPushButton>
#include <QTableView>

#include "app/runs/leg_cutter.h"
#include "app/runs/run_table.h"
#include "app/shared/stage.h"

namespace distanz::app {

/// The runs: bring logs in, say what was flown, see how each was cut into legs.
class RunsStage : public Stage {
  Q_OBJECT
 public:
  explicit RunsStage(Document& document, QWidget* parent = nullptr);
  std::vector<Finding> findings() const override;
  std::optional<Finding> lacks() const override;
  void showRun(const std::string& run) override;

 private:
  using Track = std::shared_ptr<LegCutter::Shown>;
  QHBoxLayout* headRow();
  void setUpTable();
  void connectAll();
  void showSelected();
  void moveTurn(double begin_s, double end_s);
  void removeSelected();
  std::string selected() const;

  RunTable* m_model;
  QTableView* m_table;
  LegCutter* m_cutter;
  QPushButton* m_void;
  QPushButton* m_remove;
  QFutureWatcher<Track> m_track;
  std::string m_selected;
};

}  // namespace distanz::app
