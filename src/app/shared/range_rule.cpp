#include "app/shared/range_rule.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPushButton>
#include <QSettings>
#include <QWheelEvent>
#include <cmath>

#include "app/shared/copying.h"
#include "app/shared/lane_plot.h"
#include "app/shared/theme.h"
#include "core/analysis/result/campaign_analysis.h"
#include "core/plan/planned.h"

namespace distanz::app {

constexpr const char* kKeyShown = "ruleKey";

RangeRule::RangeRule(Document& document, QWidget* parent)
    : QWidget(parent), m_document(document), m_key(new QPushButton(tr("Key"), this)) {
  setObjectName("rangeRule");
  setAccessibleName(tr("Range rule"));
  setAccessibleDescription(
      tr("The path as a ruler, with a bar per setup. Left and right arrows pick a distance."));
  setFocusPolicy(Qt::StrongFocus);
  setMouseTracking(true);
  markDrawing(this);
  setToolTip(tr("Click to pick this distance everywhere."));
  m_key->setObjectName("ruleKey");
  m_key->setProperty("quiet", true);
  m_key->setCheckable(true);
  m_key->setChecked(QSettings().value(kKeyShown, true).toBool());
  m_key->setToolTip(tr("What the signs mean"));
  m_key->setFixedSize(m_key->sizeHint().width(), 20);
  connect(m_key, &QPushButton::toggled, this, [this](bool on) {
    QSettings().setValue(kKeyShown, on);
    fit();
  });
  for (auto signal : {&Document::changed, &Document::analysisChanged, &Document::pickedChanged, &Document::previewed, &Document::groundChanged})
    connect(&document, signal, this, [this] {
      fit();
      scrollTo(m_first);
    });
  connect(&document.axis(), &SharedAxis::moved, this, [this] { update(); });
  fit();
}

void RangeRule::showAs(bool grown, bool compact, int numbers_px) {
  m_grown = grown && !compact;
  m_compact = compact;
  m_numbers_px = numbers_px;
  fit();
}

bool RangeRule::keyShown() const {
  return m_key->isChecked() && !m_compact;
}

lanes::RuleLayout RangeRule::layoutNow() const {
  lanes::RuleLayout out;
  const DistanceAxis a = axis();
  out.left_px = a.left_px;
  out.right_px = a.right_px;
  out.numbers_px = width() - (m_numbers_px > 0 ? m_numbers_px - theme::kColumnText : 0);
  out.first = m_first;
  out.grown = m_grown;
  out.low = m_compact;
  out.key = keyShown();
  out.picked_m = m_document.picked();
  return out;
}

void RangeRule::fit() {
  const int height = int(std::ceil(lanes::ruleHeight(m_document.campaign().setups.size(), layoutNow())));
  if (height != minimumHeight()) setFixedHeight(height);
  m_key->setVisible(!m_compact);
  m_key->move(4, this->height() - m_key->height() - 1);
  update();
}

void RangeRule::resizeEvent(QResizeEvent*) {
  fit();
  scrollTo(m_first);
}

void RangeRule::paintEvent(QPaintEvent*) {
  QPainter p(this);
  const auto& t = theme::tokens();
  p.fillRect(rect(), t.surface);
  p.setPen(t.hairline);
  p.drawLine(0, 0, width(), 0);
  lanes::paint(p, QRectF(rect()), lanes::rule(m_document.campaign(), m_document.analysis(), m_document.planned(), m_document.axisEnd_m()),
               layoutNow(), lanesLook());
  drawScroll(p);
  if (hasFocus()) {
    p.setPen(QPen(t.accent, 2));
    p.setBrush(Qt::NoBrush);
    p.drawRect(rect().adjusted(1, 1, -1, -1));
  }
}

int RangeRule::rowsShown() const {
  return lanes::ruleRows(m_document.campaign().setups.size(), height(), layoutNow());
}

void RangeRule::scrollTo(int first) {
  m_first = std::clamp(first, 0, std::max(int(m_document.campaign().setups.size()) - rowsShown(), 0));
  update();
}

/// A bar at the right edge tells which of the rows are seen.
void RangeRule::drawScroll(QPainter& p) const {
  const double all = double(m_document.campaign().setups.size()), rows = rowsShown();
  if (rows >= all) return;
  const double room = height() - lanes::kRuleHead_px - 6 - (keyShown() ? lanes::kRuleKey_px : 0);
  p.setPen(Qt::NoPen);
  p.setBrush(theme::tokens().hairline);
  p.drawRoundedRect(QRectF(width() - 7, lanes::kRuleHead_px + room * m_first / all, 5, room * rows / all), 2, 2);
}

void RangeRule::wheelEvent(QWheelEvent* event) {
  const int steps = event->angleDelta().y() / 120;
  scrollTo(m_first - (steps != 0 ? steps : event->angleDelta().y() < 0 ? -1 : 1));
  event->accept();
}

void RangeRule::pickAt(double x_px) {
  const DistanceAxis a = axis();
  if (x_px > a.right_px + 8) return;
  m_document.pick(std::clamp(a.distance_m(x_px), 0.0, a.end_m));
}

void RangeRule::mousePressEvent(QMouseEvent* event) {
  pickAt(event->position().x());
}

void RangeRule::mouseMoveEvent(QMouseEvent* event) {
  if (event->buttons() & Qt::LeftButton) pickAt(event->position().x());
}

void RangeRule::keyPressEvent(QKeyEvent* event) {
  const double step =
      (event->modifiers() & Qt::ShiftModifier ? 100 : 20) * (event->key() == Qt::Key_Left ? -1 : 1);
  if (event->key() == Qt::Key_Left || event->key() == Qt::Key_Right)
    m_document.pick(std::clamp(m_document.picked().value_or(0) + step, 0.0, m_document.axisEnd_m()));
  else if (event->key() == Qt::Key_Up || event->key() == Qt::Key_Down)
    scrollTo(m_first + (event->key() == Qt::Key_Up ? -1 : 1));
  else if (event->key() == Qt::Key_Escape)
    m_document.pick(std::nullopt);
  else
    QWidget::keyPressEvent(event);
}

}  // namespace distanz::app
