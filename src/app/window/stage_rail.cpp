#include "app/window/stage_rail.h"

#include <QAbstractButton>
#include <QKeyEvent>
#include <QPainter>
#include <QVBoxLayout>

#include "app/shared/theme.h"

namespace distanz::app {

class StageRail::Button : public QAbstractButton {
 public:
  Button(const Entry& entry, QWidget* parent) : QAbstractButton(parent), m_icon(entry.icon) {
    setText(entry.name);
    setCheckable(true);
    setAutoExclusive(true);
    setFixedSize(theme::kRail, 84);
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::PointingHandCursor);
  }
  void setState(const QString& has, const QString& lacks) {
    m_has = has;
    m_lacks = lacks;
    const QString said = lacks.isEmpty() ? has : QObject::tr("%1; missing: %2").arg(has, lacks);
    setToolTip(text() + ": " + said);
    setAccessibleDescription(said);
    update();
  }

 protected:
  void paintEvent(QPaintEvent*) override {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const auto& t = theme::tokens();
    if (isChecked()) {
      p.fillRect(rect(), t.surface);
      p.fillRect(QRect(0, 0, 4, height()), t.accent);
    }
    if (hasFocus() && m_by_keyboard) {
      p.setPen(QPen(t.accent, 2));
      p.drawRect(rect().adjusted(2, 2, -2, -2));
    }
    const QColor ink = isChecked() ? t.ink : t.muted;
    theme::icon(m_icon, ink).paint(&p, QRect(width() / 2 - 14, 10, 28, 28));
    p.setPen(ink);
    p.setFont(theme::bodyFont(theme::kBody, isChecked()));
    p.drawText(QRect(0, 40, width(), 18), Qt::AlignCenter, text());
    p.setFont(theme::bodyFont(theme::kSmall));
    p.setPen(m_lacks.isEmpty() ? t.muted : t.accent);
    p.drawText(QRect(2, 57, width() - 4, 26), Qt::AlignHCenter | Qt::AlignTop | Qt::TextWordWrap, m_has);
  }
  void focusInEvent(QFocusEvent* event) override {
    m_by_keyboard = event->reason() == Qt::TabFocusReason || event->reason() == Qt::BacktabFocusReason;
    QAbstractButton::focusInEvent(event);
  }

 private:
  QString m_icon, m_has, m_lacks;
  bool m_by_keyboard = false;
};

StageRail::StageRail(const std::vector<Entry>& entries, QWidget* parent) : QWidget(parent) {
  setFixedWidth(theme::kRail);
  setObjectName("rail");
  auto* layout = new QVBoxLayout(this);
  layout->setContentsMargins(0, 0, 0, 0);
  layout->setSpacing(0);
  for (std::size_t i = 0; i < entries.size(); ++i) {
    auto* button = new Button(entries[i], this);
    button->setObjectName("stage_" + entries[i].icon);
    layout->addWidget(button);
    m_buttons.push_back(button);
    connect(button, &QAbstractButton::clicked, this, [this, i] { emit chosen(int(i)); });
  }
  layout->addStretch();
}

void StageRail::setCurrent(int stage) {
  m_buttons.at(size_t(stage))->setChecked(true);
}
void StageRail::setState(int stage, const QString& has, const QString& lacks) {
  m_buttons.at(size_t(stage))->setState(has, lacks);
}

}  // namespace distanz::app
