#include "app/shared/lane_draw.h"

#include <qcustomplot.h>

#include <cmath>

#include "app/shared/theme.h"

namespace distanz::app {
namespace {

QVector<double> vectorOf(const std::vector<double>& v) {
  return {v.begin(), v.end()};
}

QColor colourOf(const lanes::Ink& ink) {
  using Role = lanes::Ink::Role;
  const auto& t = theme::tokens();
  QColor colour = ink.role == Role::Setup      ? theme::setupColour(ink.mark)
                  : ink.role == Role::Muted    ? t.muted
                  : ink.role == Role::Hairline ? t.hairline
                  : ink.role == Role::Accent   ? t.accent
                                               : t.ink;
  colour.setAlphaF(float(ink.alpha));
  return colour;
}

/// The name of a line: below it, or above where there is no room below.
class FloorLabel : public QCPItemText {
 public:
  FloorLabel(QCustomPlot& plot, const QCPAxisRect& rect) : QCPItemText(&plot), m_rect(rect) {}

 protected:
  void draw(QCPPainter* painter) override {
    const double below = m_rect.bottom() - position->pixelPosition().y();
    const int height = QFontMetrics(font()).height() + padding().top() + padding().bottom();
    setPositionAlignment(Qt::AlignLeft | (below < height ? Qt::AlignBottom : Qt::AlignTop));
    QCPItemText::draw(painter);
  }

 private:
  const QCPAxisRect& m_rect;
};

struct Draw {
  QCustomPlot& plot;
  QCPAxisRect& rect;
  QCPAxis* x = rect.axis(QCPAxis::atBottom);
  QCPAxis* y = rect.axis(QCPAxis::atLeft);

  void line(const lanes::Line& l) const {
    auto* graph = new QCPGraph(x, y);
    graph->setData(vectorOf(l.x), vectorOf(l.y), true);
    QPen pen(colourOf(l.ink), l.width);  // of no width: drawn several times as fast as a stroked line
    if (l.width > 0 && l.ink.role == lanes::Ink::Role::Setup) pen = theme::setupPen(l.ink.mark, l.width);
    graph->setPen(pen);
    graph->setAntialiased(l.width > 0);  // hairlines by the hundred: smoothing them would hold the window up
  }

  void band(const lanes::Band& b) const {
    auto* under = new QCPGraph(x, y);
    auto* over = new QCPGraph(x, y);
    under->setData(vectorOf(b.x), vectorOf(b.low), true);
    over->setData(vectorOf(b.x), vectorOf(b.high), true);
    under->setPen(Qt::NoPen);
    over->setPen(Qt::NoPen);
    QColor fill = colourOf(b.ink);
    fill.setAlphaF(0.22F * float(b.ink.alpha));
    over->setBrush(fill);
    over->setChannelFillGraph(under);
  }

  void floor(const lanes::Floor& f) const {
    const auto& t = theme::tokens();
    auto* ground = new QCPGraph(x, y);
    ground->setData({0, 1e7}, {f.y, f.y}, true);
    ground->setPen(QPen(t.ink, f.hatched ? 1.6 : 0.8));
    auto* bottom = new QCPGraph(x, y);
    bottom->setData({0, 1e7}, {-1e4, -1e4}, true);
    bottom->setPen(Qt::NoPen);
    if (f.hatched) ground->setBrush(QBrush(t.muted, Qt::BDiagPattern));
    if (f.hatched) ground->setChannelFillGraph(bottom);
    auto* text = new FloorLabel(plot, rect);
    write(*text, QString::fromStdString(f.label), theme::bodyFont(theme::kSmall, true), t.ink);
    text->position->setAxes(x, y);
    text->position->setTypeX(QCPItemPosition::ptAxisRectRatio);
    text->position->setTypeY(QCPItemPosition::ptPlotCoords);
    text->position->setCoords(0.006, f.y);
    text->setPadding(QMargins(4, 1, 4, 1));
  }

  void strokes(const lanes::Strokes& s) const {
    auto* curve = new QCPCurve(x, y);
    QVector<double> t, xs, ys;
    for (const lanes::Stroke& k : s.strokes)
      for (const auto& [px, py] :
           {std::pair{k.x0, k.y}, std::pair{k.x1, k.y}, std::pair{k.x1, double(NAN)}}) {
        t << double(t.size());
        xs << px;
        ys << py;  // not a number lifts the pen
      }
    curve->setData(t, xs, ys, true);
    QPen pen(colourOf(s.ink), s.width);
    pen.setCapStyle(Qt::FlatCap);
    curve->setPen(pen);
  }

  void bars(const lanes::Bars& b) const {
    auto* bars = new QCPBars(x, y);
    bars->setWidth(b.width_m);
    bars->setPen(Qt::NoPen);
    bars->setBrush(colourOf(b.ink));
    bars->setAntialiased(false);
    bars->setData(vectorOf(b.x), vectorOf(b.y), true);
  }

  void dots(const lanes::Dots& d) const {
    const auto& t = theme::tokens();
    for (const bool marked : {false, true}) {
      QVector<double> xs, ys;
      for (const lanes::Dot& dot : d.dots)
        if (dot.marked == marked) {
          xs << dot.x;
          ys << dot.y;
        }
      if (xs.isEmpty()) continue;
      auto* graph = new QCPGraph(x, y);
      graph->setData(xs, ys);
      graph->setLineStyle(QCPGraph::lsNone);
      const QPen ring(marked ? t.caution : t.surface, marked ? 2.5 : 1.5);
      graph->setScatterStyle(
          QCPScatterStyle(QCPScatterStyle::ssCircle, ring, colourOf(d.ink), marked ? 12 : 9));
    }
  }

  void write(QCPItemText& text, const QString& words, const QFont& font, const QColor& colour) const {
    text.setClipAxisRect(&rect);  // else it is cut off at the first lane's
    text.position->setAxisRect(&rect);
    text.setText(words);
    text.setFont(font);
    text.setColor(colour);
    text.setBrush(theme::tokens().surface);
  }

  QCPItemText* label(const QString& words, const QFont& font, const QColor& colour) const {
    auto* text = new QCPItemText(&plot);
    write(*text, words, font, colour);
    return text;
  }

  void note(const QString& words) const {
    auto* text = label(words, theme::bodyFont(theme::kBody), theme::tokens().muted);
    text->position->setType(QCPItemPosition::ptAxisRectRatio);
    text->position->setCoords(0.5, 0.5);
    text->setPadding(QMargins(6, 2, 6, 2));
  }
};

}  // namespace

void drawLane(QCustomPlot& plot, QCPAxisRect& rect, const lanes::Lane& lane) {
  const Draw draw{plot, rect};
  for (const lanes::Band& b : lane.bands) draw.band(b);
  for (const lanes::Bars& b : lane.bars) draw.bars(b);
  for (const lanes::Line& l : lane.lines) draw.line(l);
  for (const lanes::Floor& f : lane.floors) draw.floor(f);
  for (const lanes::Strokes& s : lane.strokes) draw.strokes(s);
  for (const lanes::Dots& d : lane.dots) draw.dots(d);
  if (!lane.note.empty()) draw.note(QString::fromStdString(lane.note));
}

}  // namespace distanz::app
