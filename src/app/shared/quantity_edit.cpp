#include "app/shared/quantity_edit.h"

#include "words/quantity.h"
#include "words/say.h"

namespace distanz::app {

QuantityEdit::QuantityEdit(quantity::Kind kind, Limits limits, bool optional, QWidget* parent)
    : CheckedEdit(parent), m_kind(kind), m_limits(limits), m_optional(optional) {
  connect(this, &CheckedEdit::accepted, this, [this] {
    show(m_value);
    emit committed(m_value);
  });
}

void QuantityEdit::show(std::optional<double> value) {
  showText(value ? words::field(m_kind, *value) : QString());
}

QString QuantityEdit::take(const QString& text) {
  m_value.reset();
  if (text.isEmpty() && m_optional) return {};
  const quantity::Parsed parsed =
      quantity::parseWithin(m_kind, text.toStdString(), m_limits.low, m_limits.high, words::bareUnit(m_kind));
  if (parsed) m_value = parsed.value;
  return parsed.problem ? words::sentence(*parsed.problem) : QString();
}

}  // namespace distanz::app
