#pragma once
#include <optional>

#include "app/shared/checked_edit.h"
#include "core/quantity/parse.h"

namespace distanz::app {

/// A field for one value with its unit, typed as people type it.
class QuantityEdit : public CheckedEdit {
  Q_OBJECT
 public:
  struct Limits {
    double low, high;
  };
  /// @param optional an empty field means "not given" and is no mistake
  QuantityEdit(quantity::Kind kind, Limits limits, bool optional, QWidget* parent = nullptr);

  /// Shows a value without telling committed().
  void show(std::optional<double> value);

 signals:
  void committed(std::optional<double> value);

 protected:
  QString take(const QString& text) override;

 private:
  quantity::Kind m_kind;
  Limits m_limits;
  bool m_optional;
  std::optional<double> m_value;
};

}  // namespace distanz::app
