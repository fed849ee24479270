#include "app/shared/lane_plot.h"

#include <qcustomplot.h>

#include <QToolTip>
#include <QVBoxLayout>
#include <cmath>

#include "app/shared/copying.h"
#include "app/shared/lane_draw.h"
#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "words/quantity.h"

namespace distanz::app {
namespace {

constexpr double kReach_px = 9;

/// Figures as the rest of the window writes them.
/// Distances as the range rule has them.
class DistanceTicker : public QCPAxisTickerFixed {
 public:
  explicit DistanceTicker(const words::Marks& marks) : m_marks(marks) { setTickStep(marks.step_m); }

 protected:
  QString getTickLabel(double tick, const QLocale&, QChar, int) override { return m_marks.text(tick); }

 private:
  words::Marks m_marks;
};

class FigureTicker : public QCPAxisTicker {
 protected:
  QString getTickLabel(double tick, const QLocale&, QChar, int) override {
    return words::shortNumber(tick, 3);
  }
};

void styleAxis(QCPAxis& axis) {
  const auto& t = theme::tokens();
  axis.setBasePen(QPen(t.hairline));
  axis.setTickPen(QPen(t.hairline));
  axis.setSubTickPen(Qt::NoPen);
  axis.setTickLabelFont(theme::figureFont(theme::kSmall));
  axis.setTickLabelColor(t.muted);
  axis.grid()->setPen(QPen(t.hairline, 1));
  axis.grid()->setZeroLinePen(Qt::NoPen);
}

}  // namespace

lanes::Look lanesLook() {
  const auto& t = theme::tokens();
  return {t.paper,
          t.surface,
          t.ink,
          t.muted,
          t.hairline,
          t.accent,
          t.caution,
          &theme::setupPen,
          &theme::paperFont,
          double(theme::kAxisLeft),
          double(theme::kAxisRight)};
}

/// A lane that has room, and its place.
struct LanePlot::Placed {
  lanes::Slot slot;
  const lanes::Lane* lane;
  QCPAxisRect* rect;
  QCPItemStraightLine* cursor;
  QCPAxis* x() const { return rect->axis(QCPAxis::atBottom); }
  QCPAxis* y() const { return rect->axis(QCPAxis::atLeft); }
};

LanePlot::LanePlot(QWidget* parent) : QWidget(parent), m_plot(new QCustomPlot(this)) {
  auto* layout = new QVBoxLayout(this);
  layout->setContentsMargins(0, 0, 0, 0);
  layout->addWidget(m_plot);
  m_plot->plotLayout()->clear();
  m_plot->plotLayout()->setRowSpacing(0);
  m_plot->setNoAntialiasingOnDrag(true);
  m_plot->setMouseTracking(true);
  markDrawing(this);
  m_plot->installEventFilter(this);
  m_plot->setMinimumHeight(int(lanes::kTitle_px + lanes::kLeastLane_px + lanes::kGap_px));
  // A timer, not a posted call: what is typed comes in between two things that are drawn.
  m_redraw.setSingleShot(true);
  m_redraw.setInterval(0);
  connect(&m_redraw, &QTimer::timeout, this, [this] {
    m_stale = false;
    m_plot->replot(m_moving ? QCustomPlot::rpQueuedRefresh : QCustomPlot::rpImmediateRefresh);
  });
  m_plot->setPlottingHint(QCP::phFastPolylines);
}

LanePlot::~LanePlot() = default;

void LanePlot::draw(lanes::Lanes lanes, bool moving) {
  m_moving = moving;
  m_plot->setNotAntialiasedElements(moving ? QCP::aeAll : QCP::aeNone);
  m_lanes = std::move(lanes);
  m_placed.clear();
  arrange();
}

void LanePlot::follow(SharedAxis& axis) {
  m_axis = &axis;
  connect(&axis, &SharedAxis::moved, this, &LanePlot::arrange);
}

DistanceAxis LanePlot::axis() const {
  const double end_m = m_lanes.end_m;
  return m_axis ? m_axis->in(*this, end_m) : usualAxis(*this, end_m);
}

void LanePlot::arrange() {
  const auto slots_now = lanes::layoutOf(m_lanes, height());
  const bool same = slots_now.size() == m_placed.size() &&
                    std::equal(slots_now.begin(), slots_now.end(), m_placed.begin(),
                               [](const lanes::Slot& s, const auto& p) { return s.lane == p->slot.lane; });
  if (!same) build(slots_now);
  const DistanceAxis a = axis();
  for (std::size_t i = 0; i < slots_now.size() && i < m_placed.size(); ++i) {
    m_placed[i]->slot = slots_now[i];
    const bool last = i + 1 == slots_now.size();
    m_placed[i]->rect->setMargins(QMargins(int(a.left_px), int(lanes::kTitle_px), width() - int(a.right_px), int(last ? lanes::kScale_px : lanes::kGap_px)));
    m_placed[i]->x()->setTickLabels(last);
    const int high = std::max(int(slots_now[i].height), 8);
    m_placed[i]->rect->setMinimumSize(10, high);
    m_placed[i]->rect->setMaximumSize(QWIDGETSIZE_MAX, high);
  }
  setPicked(m_picked);
}

void LanePlot::build(const std::vector<lanes::Slot>& slots_there) {
  m_plot->clearPlottables();
  m_plot->clearItems();
  m_plot->setBackground(theme::tokens().paper);
  m_placed.clear();
  auto& rows = *m_plot->plotLayout();
  // As many lanes as before keep their axes, which cost more to make than to fill anew.
  if (rows.rowCount() != int(slots_there.size())) rows.clear();
  int row = 0;
  for (const lanes::Slot& slot : slots_there) {
    auto* rect = rows.hasElement(row, 0) ? qobject_cast<QCPAxisRect*>(rows.element(row, 0)) : nullptr;
    if (!rect) rows.addElement(row, 0, rect = new QCPAxisRect(m_plot));
    ++row;
    auto placed = std::make_unique<Placed>(Placed{slot, &m_lanes.lanes[slot.lane], rect, nullptr});
    placed->rect->setSizeConstraintRect(QCPLayoutElement::scrInnerRect);
    placed->rect->setAutoMargins(QCP::msNone);
    fill(*placed);
    m_placed.push_back(std::move(placed));
  }
}

void LanePlot::fill(Placed& placed) {
  const lanes::Lane& lane = *placed.lane;
  const auto& t = theme::tokens();
  QCPAxis *x = placed.x(), *y = placed.y();
  placed.rect->setBackground(t.surface);
  for (QCPAxis* axis : placed.rect->axes()) styleAxis(*axis);
  x->setTickLabels(false);
  x->setRange(0, m_lanes.end_m);
  QSharedPointer<QCPAxisTickerFixed> distances(new DistanceTicker(words::distanceMarks(m_lanes.end_m / 9, m_lanes.end_m)));
  x->setTicker(distances);
  if (lane.rows.empty()) {
    y->setTicker(QSharedPointer<QCPAxisTicker>(new FigureTicker));
    y->ticker()->setTickCount(placed.slot.height < 60 ? 2 : 4);
    y->setRangeReversed(false);
    y->setRange(lane.low, lane.high);
    if (lane.low < 0 && lane.high > 0) y->grid()->setZeroLinePen(QPen(t.muted, 1));
  } else {
    QSharedPointer<QCPAxisTickerText> ticker(new QCPAxisTickerText);
    for (std::size_t i = 0; i < lane.rows.size(); ++i)
      ticker->addTick(double(i), QString::fromStdString(lane.rows[i]));
    y->setTicker(ticker);
    y->setRangeReversed(true);
    y->setRange(-0.7, double(lane.rows.size()) - 0.3);
  }
  drawLane(*m_plot, *placed.rect, lane);
  auto* title = new QCPItemText(m_plot);
  title->setClipToAxisRect(false);
  title->position->setAxisRect(placed.rect);
  title->position->setType(QCPItemPosition::ptAxisRectRatio);
  title->position->setCoords(0, 0);
  title->setPositionAlignment(Qt::AlignLeft | Qt::AlignBottom);
  title->setFont(theme::bodyFont(theme::kSmall, true));
  title->setColor(t.muted);
  title->setText(QString::fromStdString(lane.unit.empty() ? lane.title : lane.title + ", " + lane.unit));
  placed.cursor = new QCPItemStraightLine(m_plot);
  placed.cursor->setClipAxisRect(placed.rect);
  placed.cursor->setPen(QPen(t.ink, 1));
  for (QCPItemPosition* point : {placed.cursor->point1, placed.cursor->point2}) {
    point->setAxisRect(placed.rect);
    point->setAxes(x, y);
  }
}

/// For those who hear it: which lanes there are, and what they show at the picked distance.
void LanePlot::speak() {
  QStringList titles, values;
  for (const auto& placed : m_placed) {
    const lanes::Lane& lane = *placed->lane;
    const QString title = QString::fromStdString(lane.title);
    titles << title;
    if (!m_picked) continue;
    QStringList at;
    for (const lanes::Hit& h : lanes::valuesAt(lane, *m_picked))
      at << QString("%1 %2 %3").arg(QString::fromStdString(h.name), words::shortNumber(h.y, 1), QString::fromStdString(lane.unit)).trimmed();
    if (!at.isEmpty()) values << title + ": " + at.join(", ");
  }
  setAccessibleName(tr("Lanes: %1").arg(titles.join(", ")));
  setAccessibleDescription(m_picked ? words::distance(*m_picked) + ". " + values.join("; ") : QString());
}

void LanePlot::setPicked(std::optional<double> distance_m) {
  m_picked = distance_m;
  speak();
  for (const auto& placed : m_placed) {
    placed->cursor->setVisible(distance_m.has_value());
    if (!distance_m) continue;
    placed->cursor->point1->setCoords(*distance_m, 0);
    placed->cursor->point2->setCoords(*distance_m, 1);
  }
  replot();
}

void LanePlot::replot() {
  m_stale = true;
  if (isVisible()) m_redraw.start();
}

void LanePlot::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  if (m_stale) m_redraw.start();
}

void LanePlot::resizeEvent(QResizeEvent* event) {
  QWidget::resizeEvent(event);
  arrange();
}

void LanePlot::paintPaper(QPainter& painter) const {
  lanes::paint(painter, size(), m_lanes, lanesLook());
}

std::optional<LanePlot::Under> LanePlot::under(const QPointF& at) const {
  for (const auto& placed : m_placed) {
    if (!placed->rect->rect()
             .adjusted(-int(kReach_px), -int(kReach_px), int(kReach_px), int(kReach_px))
             .contains(at.toPoint()))
      continue;
    const double x = placed->x()->pixelToCoord(at.x()), y = placed->y()->pixelToCoord(at.y());
    return Under{placed->lane, x, y, std::abs(placed->x()->pixelToCoord(at.x() + kReach_px) - x),
                 std::abs(placed->y()->pixelToCoord(at.y() + kReach_px) - y)};
  }
  return std::nullopt;
}

void LanePlot::press(const QPointF& at, const QPoint& global) {
  const auto u = under(at);
  if (const auto dot = u ? lanes::dotAt(*u->lane, u->x, u->y, u->dx, u->dy) : std::nullopt)
    return emit dotClicked(QString::fromStdString(dot->name), global);
  QCPAxis* axis = m_placed.front()->x();
  emit picked(std::clamp(axis->pixelToCoord(at.x()), 0.0, axis->range().upper));
}

void LanePlot::hover(const QPointF& at, const QPoint& global) {
  const auto u = under(at);
  auto hit = u ? lanes::dotAt(*u->lane, u->x, u->y, u->dx, u->dy) : std::nullopt;
  if (u && !hit) hit = lanes::lineAt(*u->lane, u->x, u->y, u->dx, u->dy);
  if (!hit) return QToolTip::hideText();
  const QString unit = QString::fromStdString(u->lane->unit);
  QToolTip::showText(global,
                     plainTip(tr("%1: %2 %3 at %4")
                                  .arg(QString::fromStdString(hit->name), words::shortNumber(hit->y, 1), unit,
                                       distanceLabel(hit->x))),
                     this);
}

bool LanePlot::eventFilter(QObject* watched, QEvent* event) {
  if (m_placed.empty()) return QWidget::eventFilter(watched, event);
  if (event->type() == QEvent::MouseButtonPress || event->type() == QEvent::MouseMove) {
    const auto* mouse = static_cast<QMouseEvent*>(event);
    if (event->type() == QEvent::MouseButtonPress)
      press(mouse->position(), mouse->globalPosition().toPoint());
    else if (mouse->buttons() & Qt::LeftButton)
      emit picked(std::clamp(m_placed.front()->x()->pixelToCoord(mouse->position().x()), 0.0, m_lanes.end_m));
    else
      hover(mouse->position(), mouse->globalPosition().toPoint());
  }
  return QWidget::eventFilter(watched, event);
}

}  // namespace distanz::app
