#pragma once
#include "app/plan/path_form.h"
#include "app/plan/path_view.h"
#include "app/shared/lane_plot.h"
#include "app/shared/stage.h"

class QLayout;
class QStackedWidget;

namespace distanz::app {

class FlightsPage;

/// Station, far post and height; the path from above, and over the shared axis the predicted signal and the
/// clearance. On a page beside it the flights: how many, in which order, what is done before them.
class PlanStage : public Stage, public Exportable {
  Q_OBJECT
 public:
  explicit PlanStage(Document& document, QWidget* parent = nullptr);
  std::vector<Finding> findings() const override;
  std::optional<Finding> lacks() const override;
  void carryOut(const Finding& finding) override;
  bool savePng(const QString& file) override;
  bool saveSvg(const QString& file) override;
  bool savePdf(const QString& file) override;
  QSize paperSize() const override;
  void paintPaper(QPainter& painter) const override;
  QByteArray csv() const override;

 protected:
  void showEvent(QShowEvent*) override;

 private:
  /// Draws anew, or notes that it must once the stage is shown.
  void refresh();
  bool onFlights() const;
  QLayout* tabs();

  PathForm* m_form;
  PathView* m_path;
  LanePlot* m_lanes;
  FlightsPage* m_flights;
  QStackedWidget* m_pages;
  bool m_stale = true;
};

}  // namespace distanz::app
