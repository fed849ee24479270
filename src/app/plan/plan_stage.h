#pragma once
#include <QFutureWatcher>

#include "app/plan/layer_intake.h"
#include "app/plan/map_view.h"
#include "app/plan/path_form.h"
#include "app/shared/lane_plot.h"
#include "app/shared/stage.h"
#include "core/analysis/findings/turn_by.h"

class QLayout;
class QStackedWidget;

namespace distanz::app {

class FlightsPage;
class GroundPage;
class PointsPage;

/// Station, far post and height; the path from above, and over the shared axis the predicted signal and the
/// profile. On pages beside it the path point by point, terrain and maps with what the prediction counts of them, and the flights: how many,
/// in which order, what is done before them.
class PlanStage : public Stage, public Exportable {
  Q_OBJECT
 public:
  explicit PlanStage(Document& document, QWidget* parent = nullptr);
  std::vector<Finding> findings() const override;
  std::optional<Finding> lacks() const override;
  Finding has() const override;
  void carryOut(const Finding& finding) override;
  bool takesFiles() const override;
  void takeFiles(const QStringList& files) override;
  QString pageName() const override;
  QWidget* plainPage() const override;
  std::optional<Finding> answer() const override;
  bool isSheet() const override { return onFlights(); }
  QSize paperSize() const override;
  void paintPaper(QPainter& painter) const override;
  QByteArray csv() const override;
  bool tellsPlaces() const override { return m_pages->currentIndex() == 1; }

 protected:
  void showEvent(QShowEvent*) override;

 private:
  /// Draws anew, or notes that it must once the stage is shown.
  void refresh();
  void drawLanes();
  void settleLayers();
  bool onFlights() const;
  std::vector<analysis::TurnBy> turns() const;
  QLayout* tabs();

  PathForm* m_form;
  MapView* m_map;
  LanePlot* m_lanes;
  PointsPage* m_points;
  GroundPage* m_ground;
  FlightsPage* m_flights;
  QStackedWidget* m_pages;
  QFutureWatcher<TakenLayers> m_taking;
  std::vector<Finding> m_notes;  ///< of the layers taken last
  bool m_stale = true, m_path_wanted = false;
};

}  // namespace distanz::app
