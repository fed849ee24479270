#include "app/shared/checked_edit.h"

#include <QEvent>
#include <QScrollArea>
#include <QStyle>
#include <QTimer>
#include <QVBoxLayout>
#include <algorithm>
#include <utility>

#include "app/shared/text.h"
#include "app/shared/theme.h"

namespace distanz::app {

constexpr int kReasonWidth_px = 220;

/// What floating things stand on: whatever scrolls with the field, else its window.
static QWidget* groundOf(QWidget* field) {
  QWidget* at = field;
  while (at->parentWidget() && !at->isWindow() &&
         !qobject_cast<QScrollArea*>(at->parentWidget()->parentWidget()))
    at = at->parentWidget();
  return at;
}

CheckedEdit::CheckedEdit(QWidget* parent)
    : QWidget(parent), m_field(new QLineEdit(this)), m_reason(plainLabel()) {
  auto* layout = new QVBoxLayout(this);
  layout->setContentsMargins(0, 0, 0, 0);
  layout->addWidget(m_field);
  m_field->setFont(theme::figureFont(theme::kBody));
  m_field->installEventFilter(this);
  m_reason->setParent(this);
  m_reason->setObjectName("reason");
  m_reason->setProperty("refused", true);
  m_reason->setWordWrap(true);
  m_reason->hide();
  setFocusProxy(m_field);
  connect(m_field, &QLineEdit::editingFinished, this, &CheckedEdit::check);
}

CheckedEdit::~CheckedEdit() {
  m_field->disconnect(this);  // it loses the focus on the way, and nobody is left to look at its text
  delete m_reason;
}

bool CheckedEdit::eventFilter(QObject* watched, QEvent* event) {
  if (event->type() == QEvent::FocusIn)
    m_select_all = true;  // by the first click, however it came to have the focus
  // After the release, which would place the cursor; not where the pilot has dragged over a part.
  if (event->type() == QEvent::MouseButtonRelease && std::exchange(m_select_all, false) &&
      !m_field->hasSelectedText())
    QTimer::singleShot(0, m_field, &QLineEdit::selectAll);
  return QWidget::eventFilter(watched, event);
}

void CheckedEdit::hideEvent(QHideEvent* event) {
  if (m_reason) m_reason->hide();
  QWidget::hideEvent(event);
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
  if (reason.isEmpty()) {
    m_reason->hide();
  } else {
    QWidget* ground = groundOf(this);
    if (m_reason->parentWidget() != ground) m_reason->setParent(ground);
    m_reason->setFixedWidth(std::max(width(), kReasonWidth_px));
    m_reason->adjustSize();
    const QPoint below = m_field->mapTo(ground, QPoint(0, m_field->height() + 2));
    m_reason->move(std::clamp(below.x(), 0, std::max(0, ground->width() - m_reason->width())), below.y());
    m_reason->raise();
    m_reason->show();
  }
  m_field->setToolTip(plainTip(reason));
  const bool refused = !reason.isEmpty();
  if (m_field->property("refused").toBool() == refused) return;
  m_field->setProperty("refused", refused);  // the style sheet looks at it, but only when told to
  m_field->style()->unpolish(m_field);
  m_field->style()->polish(m_field);
}

}  // namespace distanz::app
