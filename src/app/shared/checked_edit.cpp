#include "app/shared/checked_edit.h"

#include <QStyle>
#include <QVBoxLayout>

#include "app/shared/text.h"
#include "app/shared/theme.h"

namespace distanz::app {

CheckedEdit::CheckedEdit(QWidget* parent) : QWidget(parent), m_field(new QLineEdit(this)), m_reason(plainLabel()) {
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
  connect(m_field, &QLineEdit::editingFinished, this, &CheckedEdit::check);
}

void CheckedEdit::showText(const QString& text) {
  if (m_field->hasFocus() && m_field->isModified()) return;
  m_shown = text;
  m_field->setText(text);
  refuse({});
}

void CheckedEdit::check() {
  const QString text = m_field->text().trimmed();
  if (text == m_shown) return refuse({});
  const QString problem = take(text);
  if (!problem.isEmpty()) return refuse(problem);
  m_field->setModified(false);
  refuse({});
  emit accepted();
}

void CheckedEdit::refuse(const QString& reason) {
  if (m_reason->text() == reason) return;
  m_reason->setText(reason);
  m_reason->setVisible(!reason.isEmpty());
  m_field->setToolTip(plainTip(reason));
  const bool refused = !reason.isEmpty();
  if (m_field->property("refused").toBool() == refused) return;
  m_field->setProperty("refused", refused);  // the style sheet looks at it, but only when told to
  m_field->style()->unpolish(m_field);
  m_field->style()->polish(m_field);
}

}  // namespace distanz::app
