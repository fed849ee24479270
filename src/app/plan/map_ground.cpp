#include "app/plan/map_ground.h"

#include <QPainterPath>
#include <cmath>

#include "app/shared/theme.h"
#include "core/terrain/relief.h"
#include "words/quantity.h"

namespace distanz::app {
namespace {

constexpr int kCell_px = 2, kNodes = 9;  ///< of the relief; places between nodes are found on straight lines
constexpr double kMostSlope = 4;

/// Heights under the cells of the frame.
terrain::Relief reliefOf(const QRect& frame, const MapFrame& view, const terrain::Ground& ground) {
  terrain::Relief out{std::max(frame.width() / kCell_px, 2),
                      std::max(frame.height() / kCell_px, 2),
                      kCell_px / view.px_per_m,
                      {}};
  out.height_m.resize(std::size_t(out.columns) * std::size_t(out.rows));
  course::Position nodes[kNodes][kNodes];
  for (int r = 0; r < kNodes; ++r)
    for (int c = 0; c < kNodes; ++c)
      nodes[r][c] = view.position(QPointF(frame.left() + double(frame.width()) * c / (kNodes - 1),
                                          frame.top() + double(frame.height()) * r / (kNodes - 1)));
  const double lon = nodes[0][0].lon_deg;
  for (auto& row : nodes)
    for (auto& n : row) n.lon_deg = lon + std::remainder(n.lon_deg - lon, 360.0);
  for (int r = 0; r < out.rows; ++r)
    for (int c = 0; c < out.columns; ++c) {
      const double y = (r + 0.5) / out.rows * (kNodes - 1), x = (c + 0.5) / out.columns * (kNodes - 1);
      const int i = std::min(int(y), kNodes - 2), k = std::min(int(x), kNodes - 2);
      const auto between = [&](double course::Position::*what) {
        const double upper = std::lerp(nodes[i][k].*what, nodes[i][k + 1].*what, x - k),
                     lower = std::lerp(nodes[i + 1][k].*what, nodes[i + 1][k + 1].*what, x - k);
        return std::lerp(upper, lower, y - i);
      };
      out.height_m[std::size_t(r) * std::size_t(out.columns) + std::size_t(c)] =
          float(ground.height_m({between(&course::Position::lat_deg), between(&course::Position::lon_deg)}));
    }
  return out;
}

/// Flat country is drawn steeper than it is, so that its rises are seen at all.
double exaggerationOf(const terrain::Relief& r) {
  double sum = 0;
  int n = 0;
  for (int row = 0; row < r.rows; row += 4)
    for (int c = 0; c + 1 < r.columns; c += 4)
      if (const double rise = std::abs(r.at(c + 1, row) - r.at(c, row)); !std::isnan(rise)) {
        sum += rise / r.cell_m;
        ++n;
      }
  return n > 0 && sum > 0 ? std::clamp(0.12 * n / sum, 1.0, 12.0) : 1;
}

QColor blend(const QColor& a, const QColor& b, double share) {
  return QColor::fromRgbF(float(std::lerp(a.redF(), b.redF(), share)),
                          float(std::lerp(a.greenF(), b.greenF(), share)),
                          float(std::lerp(a.blueF(), b.blueF(), share)));
}

struct Look {
  QBrush fill;
  QPen line;
};
Look lookOf(terrain::Layer::Role role) {
  using enum terrain::Layer::Role;
  const auto& t = theme::tokens();
  const bool dark = t.paper.lightnessF() < 0.5;
  const QColor wood = dark ? QColor(0x3E5A43) : QColor(0xB9CBAE),
               water = dark ? QColor(0x2C4A60) : QColor(0xBFD6E4);
  switch (role) {
    case Trees:
      return {wood, QPen(blend(wood, t.ink, 0.3), 1)};
    case Buildings:
      return {blend(t.surface, t.ink, 0.35), QPen(t.muted, 1)};
    case Water:
      return {water, QPen(blend(water, t.ink, 0.2), 2)};
    case Roads:
      return {Qt::NoBrush, QPen(blend(t.surface, t.ink, 0.45), 2.4)};
    case KeepOut:
      return {QBrush(t.stop, Qt::FDiagPattern), QPen(t.stop, 1.4)};
    case Posts:
      return {t.surface, QPen(t.ink, 1.2)};
    default:
      return {Qt::NoBrush, QPen(t.muted, 1)};
  }
}

}  // namespace

void MapGround::draw(QPainter& p, const QRect& frame, const MapFrame& view,
                     const std::shared_ptr<const terrain::Ground>& ground) {
  if (!ground) return;
  if (m_ground != ground || !m_view || !m_view->sameView(view) || m_frame != frame ||
      m_paper != theme::tokens().surface) {
    const bool elsewhere =
        m_ground != ground || !m_view || m_view->plane.position({}) != view.plane.position({});
    m_ground = ground;
    if (elsewhere) look(view);
    m_view = view;
    m_frame = frame;
    m_paper = theme::tokens().surface;
    make(frame, view);
  }
  p.drawImage(frame.topLeft(), m_image);
}

void MapGround::make(const QRect& frame, const MapFrame& view) {
  m_image = QImage(frame.size(), QImage::Format_RGB32);
  m_image.fill(m_paper);
  QPainter p(&m_image);
  p.setRenderHint(QPainter::Antialiasing);
  p.translate(-frame.topLeft());
  if (!m_ground->grids().empty()) drawRelief(p, frame, view);
  drawLayers(p, view);
}

void MapGround::drawRelief(QPainter& p, const QRect& frame, const MapFrame& view) {
  const auto& t = theme::tokens();
  const terrain::Relief relief = reliefOf(frame, view, *m_ground);
  const std::vector<float> shade = terrain::shadeOf(relief, exaggerationOf(relief));
  QImage cells(relief.columns, relief.rows, QImage::Format_RGB32);
  for (int r = 0; r < relief.rows; ++r)
    for (int c = 0; c < relief.columns; ++c) {
      const float s = shade[std::size_t(r) * std::size_t(relief.columns) + std::size_t(c)];
      const double darker =
          std::isnan(s) ? 0 : std::clamp((terrain::kLevelShade - s) * 0.55 + 0.05, 0.0, 0.4);
      cells.setPixelColor(c, r, std::isnan(s) ? t.paper : blend(t.surface, t.ink, darker));
    }
  p.drawImage(frame, cells);
  const double step = terrain::contourStep_m(relief);
  const auto contours = terrain::contoursOf(relief, step);
  p.save();
  p.translate(frame.topLeft() + QPointF(kCell_px, kCell_px) / 2);
  p.setFont(theme::figureFont(theme::kSmall));
  for (const terrain::Contour& line : contours) {
    const bool thick = std::lround(line.height_m / step) % 5 == 0;
    p.setPen(QPen(blend(t.surface, t.ink, thick ? 0.5 : 0.3), thick ? 1.1 : 0.6));
    QVector<QLineF> pieces;
    for (const auto& piece : line.pieces) pieces.push_back(QLineF(piece.x0, piece.y0, piece.x1, piece.y1));
    for (QLineF& l : pieces) l = QLineF(l.p1() * kCell_px, l.p2() * kCell_px);
    p.drawLines(pieces);
    if (!thick || pieces.size() < 40) continue;
    const QPointF at = pieces[pieces.size() / 2].p1();
    const QString label = words::quantity(line.height_m, quantity::Unit::Metre, 0);
    QRectF box(0, 0, p.fontMetrics().horizontalAdvance(label) + 4, 11);
    box.moveCenter(at);
    p.fillRect(box, t.surface);
    p.setPen(t.muted);
    p.drawText(box, Qt::AlignCenter, label);
  }
  p.restore();
}

void MapGround::look(const MapFrame& view) {
  m_shapes.clear();
  for (const terrain::Layer& layer : m_ground->layers())
    for (const terrain::Feature& f : layer.features) {
      Shape shape{layer.role, f.kind, {}, {INFINITY, INFINITY}, {-INFINITY, -INFINITY}};
      for (const auto& ring : f.rings) {
        auto& flat = shape.rings.emplace_back();
        for (const auto& at : ring) {
          flat.push_back(view.plane.flat(at));
          shape.low = {std::min(shape.low.east_m, flat.back().east_m),
                       std::min(shape.low.north_m, flat.back().north_m)};
          shape.high = {std::max(shape.high.east_m, flat.back().east_m),
                        std::max(shape.high.north_m, flat.back().north_m)};
        }
      }
      m_shapes.push_back(std::move(shape));
    }
}

void MapGround::drawLayers(QPainter& p, const MapFrame& view) const {
  for (const Shape& shape : m_shapes) {
    QPolygonF corners;
    for (const course::Flat& at : {shape.low, shape.high, course::Flat{shape.low.east_m, shape.high.north_m},
                                   course::Flat{shape.high.east_m, shape.low.north_m}})
      corners << view.px(at);
    if (!corners.boundingRect().adjusted(-4, -4, 4, 4).intersects(m_frame)) continue;
    QPainterPath path;
    for (const auto& ring : shape.rings) {
      QPolygonF line;
      for (const course::Flat& at : ring) line << view.px(at);
      path.addPolygon(line);
    }
    const Look look = lookOf(shape.role);
    p.setPen(look.line);
    p.setBrush(shape.kind == terrain::Feature::Kind::Line ? QBrush(Qt::NoBrush) : look.fill);
    if (shape.kind == terrain::Feature::Kind::Point)
      p.drawEllipse(path.elementAt(0), 3.0, 3.0);
    else
      p.drawPath(path);
  }
}

}  // namespace distanz::app
