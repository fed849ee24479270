#pragma once
#include <QLabel>
#include <QLineEdit>
#include <QWidget>
#include <optional>

#include "core/quantity/parse.h"

namespace distanz::app {

/// A field for one value with its unit, typed as people type it. A wrong value is refused below the field with the reason, and
/// the campaign keeps the old one.
class QuantityEdit : public QWidget {
  Q_OBJECT
 public:
  struct Limits {
    double low, high;
  };
  /// @param optional an empty field means "not given" and is no mistake
  QuantityEdit(quantity::Kind kind, Limits limits, bool optional, QWidget* parent = nullptr);

  /// Shows a value without telling committed(). Leaves a field alone that is being typed in.
  void show(std::optional<double> value);
  QLineEdit* field() const { return m_field; }

 signals:
  void committed(std::optional<double> value);

 private:
  void check();
  void refuse(const QString& reason);

  quantity::Kind m_kind;
  Limits m_limits;
  bool m_optional;
  QString m_shown;
  QLineEdit* m_field;
  QLabel* m_reason;
};

}  // namespace distanz::app
