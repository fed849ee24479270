#include "lanes/paper/frame.h"

#include <QFontMetricsF>
#include <QPainter>
#include <algorithm>

#include "lanes/paper/text_paper.h"

namespace distanz::lanes {
namespace {

constexpr int kSide = 16, kTitle = 30, kPage = 18, kVerdict = 26, kSetups = 24, kLimit = 18, kMade = 24, kLeastWidth = 640;
constexpr double kBadge_px = 16, kSample_px = 26, kApart_px = 20;

double widthOf(const Frame::Setup& s, const Look& look) {
  return kBadge_px + kSample_px + 12 + QFontMetricsF(look.font(type::kSmall, false)).horizontalAdvance(s.name) + kApart_px;
}

/// Rows of setups: each with its letter, line and name.
std::vector<std::vector<const Frame::Setup*>> rowsOf(const Frame& f, double width, const Look& look) {
  std::vector<std::vector<const Frame::Setup*>> rows;
  double x = width;
  for (const Frame::Setup& s : f.setups) {
    const double wide = widthOf(s, look);
    if (rows.empty() || x + wide > width) rows.emplace_back(), x = 0;
    rows.back().push_back(&s);
    x += wide;
  }
  return rows;
}

int headOf(const Frame& f, double width, const Look& look) {
  return kTitle + kPage + (f.verdict.isEmpty() ? 0 : kVerdict) + kSetups * int(rowsOf(f, width, look).size()) +
         (f.limit.isEmpty() ? 0 : kLimit) + 6;
}

}  // namespace

QSize framed(const Frame& f, QSize inside, const Look& look) {
  const int width = std::max(inside.width(), kLeastWidth);
  return {width, inside.height() + headOf(f, width - 2 * kSide, look) + kMade};
}

void paintFramed(QPainter& p, const Frame& f, QSize size, const Look& look, const std::function<void(QPainter&)>& inside) {
  p.fillRect(QRectF({}, QSizeF(size)), look.paper);
  const double width = size.width() - 2 * kSide;
  double y = 6;
  const auto row = [&](int height, const QString& text, const QColor& colour, const QFont& font) {
    line(p, QRectF(kSide, y, width, height), text, colour, font);
    y += height;
  };
  row(kTitle - 6, f.title, look.ink, look.font(type::kTitle, true));
  row(kPage, f.page, look.muted, look.font(type::kSmall, false));
  if (!f.verdict.isEmpty()) row(kVerdict, f.verdict, look.ink, look.font(type::kLead, true));
  for (const auto& setups : rowsOf(f, width, look)) {
    double x = kSide;
    for (const Frame::Setup* s : setups) {
      const QRectF badge(x, y + 4, kBadge_px, kBadge_px);
      p.setPen(Qt::NoPen);
      p.setBrush(look.setup(s->mark, 1).color());
      p.drawRoundedRect(badge, 3, 3);
      line(p, badge, s->letter, look.paper, look.font(type::kSmall, true), Qt::AlignHCenter);
      p.setPen(look.setup(s->mark, 2));
      p.drawLine(QPointF(x + kBadge_px + 5, y + 12), QPointF(x + kBadge_px + 5 + kSample_px, y + 12));
      const double wide = widthOf(*s, look);
      line(p, QRectF(x + kBadge_px + kSample_px + 12, y, wide - kApart_px - kBadge_px - kSample_px - 8, kSetups), s->name, look.ink, look.font(type::kSmall, false));
      x += wide;
    }
    y += kSetups;
  }
  if (!f.limit.isEmpty()) row(kLimit, f.limit, look.muted, look.font(type::kSmall, false));
  p.save();
  p.translate(0, headOf(f, width, look));
  p.setBrush(Qt::NoBrush);  // what draws inside finds a fresh painter
  p.setPen(look.ink);
  inside(p);
  p.restore();
  line(p, QRectF(kSide, size.height() - kMade, width, kMade), f.made, look.muted, look.font(type::kSmall, false));
}

}  // namespace distanz::lanes
