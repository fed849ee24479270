#pragma once
#include <QScrollArea>

#include "app/shared/bound_fields.h"
#include "core/campaign/kit.h"

class QGridLayout;
class QVBoxLayout;

namespace distanz::app {

/// Where a part is edited: in a slot of a setup's link, or by itself.
struct PartPlace {
  std::string setup, link;
  const campaign::Slot* slot = nullptr;  ///< null: the part by itself
  std::string part = {};                 ///< id, where there is no slot
  bool operator==(const PartPlace&) const = default;

  /// The part that is there; null where there is none.
  const campaign::Part* find(const campaign::Campaign& campaign) const;
  /// The part to be changed, see campaign::ownPartAt(); null where it is gone.
  campaign::Part* own(campaign::Campaign& campaign) const;
};

/// One part: its name, what is known of it and how, what it is, notes and photos.
class PartPanel : public QScrollArea {
  Q_OBJECT
 public:
  explicit PartPanel(Document& document, QWidget* parent = nullptr);
  void show(const PartPlace& place);

 signals:
  void photosWanted(const QString& part);
  void photoChosen(const QString& part, int photo);
  void recordRequested(const QString& record);

 private:
  void build();
  void addName(QVBoxLayout* column);
  void addTraits(QGridLayout* grid, int& at, const campaign::Part& shown);
  void addValues(QGridLayout* grid, int& at, const campaign::Part& shown);
  QWidget* valueField(const campaign::PartField& field);
  QWidget* originField(const std::string& key, const QString& label, const std::string& record);
  void addEnds(QGridLayout* grid, int& at);
  void addPhotos(QVBoxLayout* column);
  /// Binds a value of the part.
  template <class T, class Get, class Set>
  fields::Bound<T> ofPart(const char* name, const QString& label, Get get, Set set) const;
  template <class T, class Get, class Set>
  fields::Bound<T> ofEnds(const char* name, const QString& label, Get get, Set set) const;
  std::string shapeOf() const;

  Document& m_document;
  PartPlace m_place;
  int m_columns = 4;
  std::string m_shape;  ///< what the fields were made for
};

}  // namespace distanz::app
