#pragma once
#include <QButtonGroup>
#include <QHBoxLayout>

#include "app/shared/lane_plot.h"
#include "app/shared/stage.h"

namespace distanz::app {

class ReadoutStrip;

/// All runs overlaid by place on the path: lanes for signal, link quality, bitrate and dropouts, and the verdict beside them.
class CompareStage : public Stage, public Exportable {
  Q_OBJECT
 public:
  explicit CompareStage(Document& document, QWidget* parent = nullptr);

  std::vector<analysis::Sentence> findings() const override;
  QString lacks() const override;
  bool savePng(const QString& file) override { return m_lanes->savePng(file); }
  bool saveSvg(const QString& file) override { return m_lanes->saveSvg(file); }
  QByteArray csv() const override;

  /// Link whose lanes are shown.
  std::string link() const;
  void showLink(const std::string& link);

 protected:
  void showEvent(QShowEvent*) override;

 private:
  /// Draws anew, or notes that it must once the stage is shown.
  void refresh();
  void refreshLinks();
  void drawRuns();
  void drawRun(std::size_t run, const analysis::LinkReduction& reduced);
  void drawModels();
  void drawDropouts();
  std::string limitingLink() const;

  LanePlot* m_lanes;
  ReadoutStrip* m_readout;
  QHBoxLayout* m_links_row;
  QButtonGroup* m_links;
  std::string m_chosen;  ///< empty: the link that limits
  bool m_stale = true;
  int m_signal, m_quality, m_bitrate, m_dropouts;
};

}  // namespace distanz::app
