#pragma once
#include <QStringList>
#include <QWidget>

#include "app/shared/document.h"
#include "app/shared/lane_plot.h"

namespace distanz::app {

/// The lanes of the Compare stage: signal, what the place gives or takes, link quality, bitrate, dropouts,
/// and residuals on demand.
class CompareLanes : public QWidget {
  Q_OBJECT
 public:
  enum Lane { Signal, Place, Quality, Bitrate, Dropouts, Residuals, kLanes };
  explicit CompareLanes(Document& document, QWidget* parent = nullptr);

  static QString nameOf(Lane lane);
  /// Whether the lane is drawn where the link has anything for it.
  bool wanted(Lane lane) const { return m_wanted[lane]; }
  void want(Lane lane, bool wanted) { m_wanted[lane] = wanted; }

  void draw(const std::string& link);
  LanePlot* plot() const { return m_plot; }

 private:
  bool hasBitrate(const std::string& link) const;
  void drawRuns(const std::string& link);
  void drawRun(std::size_t run, const analysis::LinkReduction& reduced);
  void drawModels(const std::string& link);
  void drawFlights(const analysis::SetupOnLink& result, int mark);
  void drawRules(const std::string& link);
  void drawPlaces(const std::string& link);
  void drawResiduals(const std::string& link);
  void drawDropouts(const std::string& link);
  int markOf(const std::string& setup) const;
  /// Only the first few of very many setups are drawn: lines beyond telling apart say nothing.
  bool drawn(const std::string& setup) const;

  Document& m_document;
  LanePlot* m_plot;
  std::vector<bool> m_wanted;
};

}  // namespace distanz::app
