#pragma once
#include <QGridLayout>
#include <QWidget>
#include <functional>

#include "app/shared/checked_edit.h"
#include "app/shared/document.h"
#include "app/shared/quantity_edit.h"

namespace distanz::app {

/// The fields of the path: station and far post by coordinates, or the far post by distance and bearing.
class PathForm : public QWidget {
  Q_OBJECT
 public:
  explicit PathForm(Document& document, QWidget* parent = nullptr);

 private:
  using Get = std::function<std::optional<double>(const campaign::Campaign&)>;
  using Set = std::function<void(campaign::Campaign&, double)>;
  /// What must be known before a field can be filled in: where something is as seen from the station needs
  /// one.
  enum class Needs { Nothing, Station };
  void addStation();
  void addFarPost();
  void place(int row, int column, const QString& caption, QWidget* field);
  using GetPosition = std::function<std::optional<course::Position>(const campaign::Campaign&)>;
  using SetPosition = std::function<void(campaign::Campaign&, const course::Position&)>;
  void position(int row, int column, const char* name, const QString& label, const GetPosition& get,
                const SetPosition& set, Needs needs = Needs::Nothing);
  void add(int row, int column, const char* name, const QString& label, quantity::Kind kind,
           QuantityEdit::Limits limits, Get get, Set set, Needs needs = Needs::Nothing);

  Document& m_document;
  QGridLayout* m_grid;
};

}  // namespace distanz::app
