#pragma once
#include <QWidget>

#include "app/kit/chain_view.h"
#include "app/kit/part_panel.h"
#include "core/plan/part_pattern.h"

class QButtonGroup;
class QHBoxLayout;
class QLabel;
class QPushButton;
class QStackedWidget;

namespace distanz::app {

class MountPanel;
class PlotCanvas;

/// One setup's link as a chain, what it adds up to, and the element that was grabbed: its part, and how its
/// antenna radiates or sits.
class ChainPage : public QWidget {
  Q_OBJECT
 public:
  explicit ChainPage(Document& document, QWidget* parent = nullptr);
  void show(const std::string& setup);
  void refresh();

  const lanes::ChainDrawing& drawing() const { return m_chain->drawing(); }
  QSize drawingSize() const { return m_chain->size(); }
  const std::string& setup() const { return m_setup; }
  const std::string& link() const { return m_link; }
  /// What matters of what is shown: the antenna's look at the path, its mounting, limits.
  std::vector<Finding> findings() const;

 signals:
  void changed();
  void photosWanted(const QString& part);
  void photoChosen(const QString& part, int photo);
  void recordRequested(const QString& record);

 protected:
  void showEvent(QShowEvent*) override { refresh(); }

 private:
  void layOut();
  void addDetails(QHBoxLayout* row);
  QWidget* mastField(const std::string& setup);
  void showLinks();
  void showDetails();
  void showChain(const campaign::Link& link);
  void showElement(const campaign::Link& link);
  campaign::SetupLink ends() const;
  void choose(int element);
  void offerParts(int element);
  void put(const campaign::Slot& slot, const std::string& part);
  void tellFigures(const plan::Chain& chain);
  void showSide();
  bool mountShown() const;
  QString changeText(const plan::ChainChange& change) const;

  Document& m_document;
  std::string m_setup, m_link, m_links_shown, m_details_shown;
  int m_element = 0;
  std::optional<plan::Chain> m_last;           ///< of what is shown, before its latest change
  std::optional<plan::ChainChange> m_changed;  ///< by the latest change
  std::string m_last_of;
  std::optional<plan::PartPattern> m_pattern;
  ChainView* m_chain;
  PartPanel* m_part;
  MountPanel* m_mount;
  PlotCanvas* m_plot;
  QWidget *m_details, *m_left = nullptr, *m_right = nullptr;
  QHBoxLayout* m_tabs;
  QButtonGroup* m_tab_group;
  QLabel *m_figures, *m_change, *m_facts;
  QPushButton *m_pick, *m_plain_side, *m_mount_side;
  QStackedWidget* m_side;
};

}  // namespace distanz::app
