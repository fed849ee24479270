#pragma once
#include <QScrollArea>

#include "app/kit/part_cells.h"

class QGridLayout;
class QHBoxLayout;
class QPushButton;
class QVBoxLayout;

namespace distanz::app {

/// One part: its name, what is known of it and how, what it is, notes and photos. What matters most stands
/// first, the rest is unfolded. Made anew only where another place is shown: what is typed changes values, not
/// fields.
class PartPanel : public QScrollArea {
  Q_OBJECT
 public:
  explicit PartPanel(Document& document, QWidget* parent = nullptr);
  void show(const PartPlace& place);
  bool unfolded() const { return m_unfolded; }

 signals:
  void photosWanted(const QString& part);
  void photoChosen(const QString& part, int photo);
  void recordRequested(const QString& record);
  void unfoldedChanged(bool unfolded);

 protected:
  void resizeEvent(QResizeEvent* event) override;

 private:
  void build();
  void addName(QVBoxLayout* column);
  void addFold(QVBoxLayout* column);
  /// What follows the campaign: which fields belong, in how many columns, other setups, photos.
  void refresh();
  void place();
  void showPhotos();

  Document& m_document;
  PartPlace m_place;
  campaign::PartKind m_kind = campaign::PartKind::Antenna;
  bool m_built = false, m_unfolded = false;
  std::vector<PartCell> m_cells;
  std::string m_placed, m_photos_shown;  ///< what the grid and the row of photos were made for
  QGridLayout* m_grid = nullptr;
  QWidget *m_notes = nullptr, *m_photos = nullptr;
  QHBoxLayout* m_photo_row = nullptr;
  QLabel* m_also = nullptr;
  QPushButton* m_fold = nullptr;
};

}  // namespace distanz::app
