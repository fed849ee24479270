#include "app/shared/quantity_edit.h"

#include <QStyle>
#include <QVBoxLayout>
#include <cmath>

#include "app/shared/theme.h"

namespace distanz::app {

QuantityEdit::QuantityEdit(quantity::Kind kind, Limits limits, bool optional, QWidget* parent)
    : QWidget(parent), m_kind(kind), m_limits(limits), m_optional(optional), m_field(new QLineEdit(this)), m_reason(new QLabel(this)) {
  auto* layout = new QVBoxLayout(this);
  layout->setContentsMargins(0, 0, 0, 0);
  layout->setSpacing(2);
  layout->addWidget(m_field);
  layout->addWidget(m_reason);
  m_field->setFont(theme::figureFont(12));
  m_reason->setProperty("refused", true);
  m_reason->setWordWrap(true);
  m_reason->hide();
  setFocusProxy(m_field);
  connect(m_field, &QLineEdit::editingFinished, this, &QuantityEdit::check);
}

void QuantityEdit::show(std::optional<double> value) {
  if (m_field->hasFocus() && m_field->isModified()) return;
  m_shown = value ? QString::fromStdString(quantity::format(m_kind, *value)) : QString();
  m_field->setText(m_shown);
  refuse({});
}

void QuantityEdit::check() {
  const QString text = m_field->text().trimmed();
  if (text == m_shown) return refuse({});
  if (text.isEmpty() && m_optional) {
    m_field->setModified(false);
    refuse({});
    m_shown.clear();
    emit committed(std::nullopt);
    return;
  }
  const quantity::Parsed parsed = quantity::parseWithin(m_kind, text.toStdString(), m_limits.low, m_limits.high);
  if (!parsed) return refuse(QString::fromStdString(parsed.problem));
  m_field->setModified(false);
  show(parsed.value);
  emit committed(parsed.value);
}

void QuantityEdit::refuse(const QString& reason) {
  if (m_reason->text() == reason) return;
  m_reason->setText(reason);
  m_reason->setVisible(!reason.isEmpty());
  m_field->setToolTip(reason);
  const bool refused = !reason.isEmpty();
  if (m_field->property("refused").toBool() == refused) return;
  m_field->setProperty("refused", refused);  // the style sheet looks at it, but only when told to
  m_field->style()->unpolish(m_field);
  m_field->style()->polish(m_field);
}

}  // namespace distanz::app
