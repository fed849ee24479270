#pragma once
#include "app/plan/path_form.h"
#include "app/plan/path_view.h"
#include "app/shared/lane_plot.h"
#include "app/shared/stage.h"

namespace distanz::app {

/// Station, far post and height; the path from above, and over the shared axis the predicted signal and the
/// clearance.
class PlanStage : public Stage, public Exportable {
  Q_OBJECT
 public:
  explicit PlanStage(Document& document, QWidget* parent = nullptr);
  std::vector<Finding> findings() const override;
  std::optional<Finding> lacks() const override;
  bool savePng(const QString& file) override { return m_lanes->savePng(file); }
  bool saveSvg(const QString& file) override { return m_lanes->saveSvg(file); }
  bool savePdf(const QString& file) override { return m_lanes->savePdf(file); }
  QSize paperSize() const override { return m_lanes->size(); }
  void paintPaper(QPainter& painter) const override { m_lanes->paintPaper(painter); }
  QByteArray csv() const override;

 protected:
  void showEvent(QShowEvent*) override;

 private:
  /// Draws anew, or notes that it must once the stage is shown.
  void refresh();

  PathForm* m_form;
  PathView* m_path;
  LanePlot* m_lanes;
  bool m_stale = true;
};

}  // namespace distanz::app
