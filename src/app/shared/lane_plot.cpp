#include "app/shared/lane_plot.h"

#include <qcustomplot.h>

#include <QSvgGenerator>
#include <QVBoxLayout>
#include <cmath>

#include "app/shared/text.h"
#include "app/shared/theme.h"

namespace distanz::app {
namespace {

/// Distances as the rest of the window writes them.
class DistanceTicker : public QCPAxisTicker {
 protected:
  QString getTickLabel(double tick, const QLocale&, QChar, int) override {
    return tick == 0 ? QObject::tr("station") : distanceLabel(tick);
  }
};

QVector<double> vectorOf(const std::vector<double>& v) {
  return {v.begin(), v.end()};
}

}  // namespace

struct LanePlot::Lane {
  QCPAxisRect* rect;
  QCPItemText* title;
  QCPItemStraightLine* cursor;
  int stretch;
  bool shown = true;
};

LanePlot::LanePlot(QWidget* parent) : QWidget(parent), m_plot(new QCustomPlot(this)) {
  auto* layout = new QVBoxLayout(this);
  layout->setContentsMargins(0, 0, 0, 0);
  layout->addWidget(m_plot);
  m_plot->plotLayout()->clear();
  m_plot->plotLayout()->setRowSpacing(4);
  m_plot->setNoAntialiasingOnDrag(true);
  m_plot->installEventFilter(this);
  // A timer, not a posted call: what is typed comes in between two things that are drawn.
  m_redraw.setSingleShot(true);
  m_redraw.setInterval(0);
  connect(&m_redraw, &QTimer::timeout, this, [this] {
    m_stale = false;
    m_plot->replot(QCustomPlot::rpImmediateRefresh);
  });
  m_plot->setPlottingHint(QCP::phFastPolylines);
}

LanePlot::~LanePlot() {
  for (const auto& lane : m_lanes)
    if (!lane->shown) delete lane->rect;  // taken out of the layout that would have done so
}

int LanePlot::addLane(const QString& title, const QString& unit, int stretch) {
  auto lane = std::make_unique<Lane>();
  lane->rect = new QCPAxisRect(m_plot);
  lane->stretch = stretch;
  const int row = static_cast<int>(m_lanes.size());
  m_plot->plotLayout()->addElement(row, 0, lane->rect);
  m_plot->plotLayout()->setRowStretchFactor(row, stretch);
  lane->rect->setAutoMargins(QCP::msTop | QCP::msBottom);
  lane->rect->setMargins(QMargins(theme::kAxisLeft, 0, theme::kAxisRight, 0));
  lane->rect->setMinimumMargins(QMargins(0, 16, 0, 4));
  lane->title = new QCPItemText(m_plot);
  lane->title->setClipToAxisRect(false);
  lane->title->position->setAxisRect(lane->rect);
  lane->title->position->setType(QCPItemPosition::ptAxisRectRatio);
  lane->title->position->setCoords(0, 0);
  lane->title->setPositionAlignment(Qt::AlignLeft | Qt::AlignBottom);
  lane->title->setText(unit.isEmpty() ? title : tr("%1, %2").arg(title, unit));
  lane->cursor = new QCPItemStraightLine(m_plot);
  lane->cursor->setClipAxisRect(lane->rect);
  for (QCPItemPosition* point : {lane->cursor->point1, lane->cursor->point2}) {
    point->setAxisRect(lane->rect);
    point->setAxes(lane->rect->axis(QCPAxis::atBottom), lane->rect->axis(QCPAxis::atLeft));
  }
  lane->cursor->setVisible(false);
  lane->rect->axis(QCPAxis::atBottom)->setTicker(QSharedPointer<QCPAxisTicker>(new DistanceTicker));
  lane->rect->axis(QCPAxis::atBottom)->setTickLabels(false);
  m_lanes.push_back(std::move(lane));
  style();
  return row;
}

void LanePlot::showLanes(const std::vector<bool>& shown) {
  clear();
  QCPLayoutGrid* grid = m_plot->plotLayout();
  for (const auto& lane : m_lanes)
    if (lane->shown) grid->take(lane->rect);
  grid->simplify();
  int row = 0;
  for (std::size_t i = 0; i < m_lanes.size(); ++i) {
    Lane& lane = *m_lanes[i];
    lane.shown = i >= shown.size() || shown[i];
    lane.rect->setVisible(lane.shown);
    lane.title->setVisible(lane.shown);
    if (!lane.shown) {
      lane.cursor->setVisible(false);
      continue;
    }
    grid->addElement(row, 0, lane.rect);
    grid->setRowStretchFactor(row++, lane.stretch);
  }
}

QCPAxis* LanePlot::axisOf(int lane, int type) const {
  return m_lanes[size_t(lane)]->rect->axis(QCPAxis::AxisType(type));
}

void LanePlot::style() {
  const auto& t = theme::tokens();
  m_plot->setBackground(t.paper);
  for (const auto& lane : m_lanes) {
    lane->rect->setBackground(t.surface);
    lane->title->setFont(theme::bodyFont(11, true));
    lane->title->setColor(t.muted);
    lane->cursor->setPen(QPen(t.ink, 1));
    for (QCPAxis* axis : lane->rect->axes()) {
      axis->setBasePen(QPen(t.hairline));
      axis->setTickPen(QPen(t.hairline));
      axis->setSubTickPen(Qt::NoPen);
      axis->setTickLabelFont(theme::figureFont(11));
      axis->setTickLabelColor(t.muted);
      axis->grid()->setPen(QPen(t.hairline, 1));
      axis->grid()->setZeroLinePen(Qt::NoPen);
      axis->ticker()->setTickCount(axis->axisType() == QCPAxis::atLeft ? 4 : 8);
    }
  }
}

void LanePlot::clear() {
  m_plot->clearPlottables();
  m_dots.clear();
  for (int i = m_plot->itemCount() - 1; i >= 0; --i) {
    QCPAbstractItem* item = m_plot->item(i);
    bool ours = false;
    for (const auto& lane : m_lanes) ours = ours || item == lane->title || item == lane->cursor;
    if (!ours) m_plot->removeItem(item);
  }
  style();
}

void LanePlot::setAxisEnd(double end_m) {
  for (const auto& lane : m_lanes) lane->rect->axis(QCPAxis::atBottom)->setRange(0, end_m);
}

void LanePlot::setRange(int lane, double low, double high) {
  QCPAxis* axis = axisOf(lane, QCPAxis::atLeft);
  axis->setRange(low, high);
  if (low < 0 && high > 0) axis->grid()->setZeroLinePen(QPen(theme::tokens().muted, 1));
  if (m_lanes[size_t(lane)]->stretch < 16) axis->ticker()->setTickCount(2);
}

void LanePlot::setRows(int lane, const QStringList& names) {
  QCPAxis* axis = m_lanes[size_t(lane)]->rect->axis(QCPAxis::atLeft);
  QSharedPointer<QCPAxisTickerText> ticker(new QCPAxisTickerText);
  for (int i = 0; i < names.size(); ++i) ticker->addTick(i, names[i]);
  axis->setTicker(ticker);
  axis->setRangeReversed(true);
  axis->setRange(-0.7, double(std::max<qsizetype>(names.size(), 1)) - 0.3);
}

void LanePlot::line(int lane, const std::vector<double>& x, const std::vector<double>& y, const QPen& pen) {
  if (!m_lanes[size_t(lane)]->shown) return;
  QCPAxisRect* rect = m_lanes[size_t(lane)]->rect;
  auto* graph = new QCPGraph(rect->axis(QCPAxis::atBottom), rect->axis(QCPAxis::atLeft));
  graph->setData(vectorOf(x), vectorOf(y), true);
  graph->setPen(pen);
  graph->setAntialiased(pen.width() >
                        0);  // hairlines by the hundred: smoothing them would hold the window up
}

void LanePlot::band(int lane, const std::vector<double>& x, const std::vector<double>& low,
                    const std::vector<double>& high, const QColor& colour) {
  if (!m_lanes[size_t(lane)]->shown) return;
  QCPAxisRect* rect = m_lanes[size_t(lane)]->rect;
  auto* under = new QCPGraph(rect->axis(QCPAxis::atBottom), rect->axis(QCPAxis::atLeft));
  auto* over = new QCPGraph(rect->axis(QCPAxis::atBottom), rect->axis(QCPAxis::atLeft));
  under->setData(vectorOf(x), vectorOf(low), true);
  over->setData(vectorOf(x), vectorOf(high), true);
  under->setPen(Qt::NoPen);
  over->setPen(Qt::NoPen);
  QColor fill = colour;
  fill.setAlphaF(0.22F);
  over->setBrush(fill);
  over->setChannelFillGraph(under);
}

void LanePlot::floor(int lane, double y, const QString& label) {
  if (!m_lanes[size_t(lane)]->shown) return;
  const auto& t = theme::tokens();
  QCPAxisRect* rect = m_lanes[size_t(lane)]->rect;
  QCPAxis *x = rect->axis(QCPAxis::atBottom), *left = rect->axis(QCPAxis::atLeft);
  auto* ground = new QCPGraph(x, left);
  ground->setData({0, 1e7}, {y, y}, true);
  ground->setPen(QPen(t.ink, 1.6));
  auto* bottom = new QCPGraph(x, left);
  bottom->setData({0, 1e7}, {-1e4, -1e4}, true);
  bottom->setPen(Qt::NoPen);
  ground->setBrush(QBrush(t.muted, Qt::BDiagPattern));
  ground->setChannelFillGraph(bottom);
  auto* text = new QCPItemText(m_plot);
  text->setClipAxisRect(rect);
  text->position->setAxisRect(rect);
  text->position->setAxes(x, left);
  text->position->setTypeX(QCPItemPosition::ptAxisRectRatio);
  text->position->setTypeY(QCPItemPosition::ptPlotCoords);
  text->position->setCoords(0.006, y);
  text->setPositionAlignment(Qt::AlignLeft | Qt::AlignTop);
  text->setText(label);
  text->setFont(theme::bodyFont(11, true));
  text->setColor(t.ink);
  text->setBrush(t.surface);
  text->setPadding(QMargins(4, 1, 4, 1));
}

void LanePlot::strokes(int lane, const std::vector<Stroke>& strokes, const QPen& pen) {
  if (!m_lanes[size_t(lane)]->shown) return;
  QCPAxisRect* rect = m_lanes[size_t(lane)]->rect;
  auto* curve = new QCPCurve(rect->axis(QCPAxis::atBottom), rect->axis(QCPAxis::atLeft));
  QVector<double> t, x, y;
  for (const Stroke& s : strokes)
    for (const auto& [px, py] : {std::pair{s.x0, s.y}, std::pair{s.x1, s.y}, std::pair{s.x1, double(NAN)}}) {
      t << double(t.size());
      x << px;
      y << py;  // not a number lifts the pen
    }
  curve->setData(t, x, y, true);
  curve->setPen(pen);
}

void LanePlot::dots(int lane, const std::vector<Dot>& dots, const QColor& colour) {
  if (!m_lanes[size_t(lane)]->shown) return;
  const auto& t = theme::tokens();
  for (const bool marked : {false, true}) {
    QVector<double> x, y;
    for (const Dot& d : dots) {
      if (d.marked != marked) continue;
      x << d.x;
      y << d.y;
      m_dots.push_back({lane, d});
    }
    if (x.isEmpty()) continue;
    auto* graph = new QCPGraph(axisOf(lane, QCPAxis::atBottom), axisOf(lane, QCPAxis::atLeft));
    graph->setData(x, y);
    graph->setLineStyle(QCPGraph::lsNone);
    graph->setScatterStyle(QCPScatterStyle(QCPScatterStyle::ssCircle,
                                           QPen(marked ? t.caution : t.surface, marked ? 2.5 : 1.5), colour,
                                           marked ? 12 : 9));
  }
}

void LanePlot::bars(int lane, const std::vector<double>& x, const std::vector<double>& y, double width_m,
                    const QColor& colour) {
  if (!m_lanes[size_t(lane)]->shown) return;
  auto* bars = new QCPBars(axisOf(lane, QCPAxis::atBottom), axisOf(lane, QCPAxis::atLeft));
  bars->setWidth(width_m);
  bars->setPen(Qt::NoPen);
  bars->setBrush(colour);
  bars->setAntialiased(false);
  bars->setData(vectorOf(x), vectorOf(y), true);
}

const LanePlot::Placed* LanePlot::dotAt(const QPointF& position) const {
  constexpr double kReach_px = 9;
  const Placed* nearest = nullptr;
  double least = kReach_px;
  for (const Placed& p : m_dots) {
    const QPointF at(axisOf(p.lane, QCPAxis::atBottom)->coordToPixel(p.dot.x),
                     axisOf(p.lane, QCPAxis::atLeft)->coordToPixel(p.dot.y));
    const double away = QLineF(at, position).length();
    if (away > least) continue;
    least = away;
    nearest = &p;
  }
  return nearest;
}

void LanePlot::note(int lane, const QString& message) {
  if (!m_lanes[size_t(lane)]->shown) return;
  auto* text = new QCPItemText(m_plot);
  text->setClipAxisRect(m_lanes[size_t(lane)]->rect);  // else it is cut off at the first lane's
  text->position->setAxisRect(m_lanes[size_t(lane)]->rect);
  text->position->setType(QCPItemPosition::ptAxisRectRatio);
  text->position->setCoords(0.5, 0.5);
  text->setText(message);
  text->setBrush(theme::tokens().surface);
  text->setPadding(QMargins(6, 2, 6, 2));
  text->setFont(theme::bodyFont(12));
  text->setColor(theme::tokens().muted);
}

void LanePlot::setPicked(std::optional<double> distance_m) {
  for (const auto& lane : m_lanes) {
    lane->cursor->setVisible(distance_m.has_value() && lane->shown);
    if (!distance_m) continue;
    lane->cursor->point1->setCoords(*distance_m, 0);
    lane->cursor->point2->setCoords(*distance_m, 1);
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

bool LanePlot::savePng(const QString& file) {
  return m_plot->savePng(file, m_plot->width(), m_plot->height(), 2.0);
}

bool LanePlot::saveSvg(const QString& file) {
  QSvgGenerator svg;
  svg.setFileName(file);
  svg.setSize(m_plot->size());
  svg.setViewBox(m_plot->rect());
  svg.setTitle(tr("Distanz"));
  QCPPainter painter;
  if (!painter.begin(&svg)) return false;
  painter.setMode(QCPPainter::pmVectorized);
  painter.fillRect(m_plot->rect(), theme::tokens().paper);
  m_plot->toPainter(&painter, m_plot->width(), m_plot->height());
  return painter.end();
}

bool LanePlot::eventFilter(QObject* watched, QEvent* event) {
  const bool press = event->type() == QEvent::MouseButtonPress, move = event->type() == QEvent::MouseMove;
  if ((press || move) && !m_lanes.empty()) {
    const auto* mouse = static_cast<QMouseEvent*>(event);
    if (const Placed* dot = press ? dotAt(mouse->position()) : nullptr) {
      emit dotClicked(dot->dot.name, mouse->globalPosition().toPoint());
    } else if (mouse->buttons() & Qt::LeftButton) {
      QCPAxis* axis = m_lanes.front()->rect->axis(QCPAxis::atBottom);
      emit picked(std::clamp(axis->pixelToCoord(mouse->position().x()), 0.0, axis->range().upper));
    }
  }
  return QWidget::eventFilter(watched, event);
}

}  // namespace distanz::app
