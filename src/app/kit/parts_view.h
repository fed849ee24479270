#pragma once
#include <QFutureWatcher>
#include <QWidget>

#include "app/kit/part_panel.h"
#include "store/sample_rows.h"

class QLabel;
class QLayout;
class QLineEdit;
class QListWidget;
class QPushButton;

namespace distanz::app {

class PlotCanvas;

/// All parts of the campaign, searched by their words; the chosen one is edited by itself, its pattern beside it. Parts of another
/// campaign file come in with all that is known of them.
class PartsView : public QWidget {
  Q_OBJECT
 public:
  explicit PartsView(Document& document, QWidget* parent = nullptr);
  void refresh();
  /// Brings in the parts of another campaign.
  void takeFrom(const QString& file);
  void find();
  const std::string& chosen() const { return m_chosen; }
  QByteArray csv() const;

 signals:
  void fileWanted();
  void photosWanted(const QString& part);
  void photoChosen(const QString& part, int photo);
  void recordRequested(const QString& record);

 private:
  /// Another campaign, read.
  struct Other {
    campaign::Campaign campaign;
    std::vector<store::Attachment> attachments;
    QString refused;
  };
  void add(campaign::PartKind kind);
  void remove();
  QLayout* drawing();
  void settle();
  void showChosen();

  Document& m_document;
  QLineEdit* m_search;
  QListWidget* m_list;
  QPushButton* m_remove;
  PartPanel* m_panel;
  PlotCanvas* m_plot;  ///< how a chosen antenna radiates
  QLabel* m_facts;
  std::string m_chosen;
  QFutureWatcher<Other> m_reading;
};

}  // namespace distanz::app
