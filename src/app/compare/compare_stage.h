#pragma once
#include <QButtonGroup>
#include <QHBoxLayout>
#include <QTimer>

#include "app/compare/compare_sheets.h"
#include "app/shared/stage.h"

class QMenu;
class QPushButton;
class QStackedWidget;

namespace distanz::app {

class LanePlot;
class ReadoutStrip;

/// All runs overlaid by place on the path, and the verdict beside them; and page by page what logs tell beside the range.
class CompareStage : public Stage, public Exportable {
  Q_OBJECT
 public:
  explicit CompareStage(Document& document, QWidget* parent = nullptr);

  std::vector<Finding> findings() const override;
  std::optional<Finding> lacks() const override;
  Finding has() const override;
  std::string chosenLink() const override { return m_chosen; }
  void chooseLink(const std::string& link) override { showLink(link); }
  Headline headline() const override;
  QString pageName() const override;
  std::string pageLink() const override { return link(); }
  std::optional<Finding> answer() const override;
  QSize paperSize() const override;
  void paintPaper(QPainter& painter) const override;
  QByteArray csv() const override;

  /// Link whose lanes are shown.
  std::string link() const;
  void showLink(const std::string& link);

 protected:
  void showEvent(QShowEvent*) override;

 private:
  /// Draws anew, or notes that it must once the stage is shown.
  void refresh();
  void refreshHead();
  QHBoxLayout* tabs();
  void turnTo(ComparePage page);
  QHBoxLayout* headRow();
  void connectAll();
  QPushButton* lanesButton();
  QPushButton* legsButton();
  QPushButton* pairsButton();
  void fillLegs(QMenu* menu);
  void countLegs(campaign::Legs legs);
  void splitByLeg(const std::string& setup);
  void askAboutRun(const QString& run, const QPoint& at);
  std::string limitingLink() const;

  LanePlot* m_plot;
  SheetPage* m_sheet;
  QStackedWidget* m_pages;
  ComparePage m_page = ComparePage::Path;
  std::vector<QWidget*> m_of_path;  ///< what only the path has
  std::vector<QWidget*> m_keys;     ///< what is drawn, page by page
  QPushButton* m_pairs = nullptr;
  std::vector<std::string> m_wanted;  ///< ids of lanes
  ReadoutStrip* m_readout;
  QHBoxLayout* m_links_row;
  QButtonGroup* m_links;
  std::string m_chosen;  ///< empty: the link that limits
  std::string m_shape;   ///< of the head row, which is made anew only where it changes
  bool m_stale = true;
  QTimer m_refresh;
};

}  // namespace distanz::app
