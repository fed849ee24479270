#include "lanes/paper/order_paper.h"

#include <QPainter>
#include <algorithm>

#include "words/phrases.h"
#include "words/quantity.h"

namespace distanz::lanes {
namespace {

constexpr double kWidest_px = 64, kHighest_px = 56, kApart_px = 2, kBetweenBlocks_px = 10, kLeast_px = 12;

double widthOf(const std::vector<OrderBlock>& blocks, std::size_t from, std::size_t to, double each) {
  double width = 0;
  for (std::size_t i = from; i < to; ++i)
    width += each + (i + 1 < to ? (blocks[i + 1].block != blocks[i].block ? kBetweenBlocks_px : kApart_px) : 0);
  return width;
}

}  // namespace

std::vector<OrderBlock> flownBlocks(const campaign::Campaign& c) {
  std::vector<const campaign::Run*> runs;
  for (const campaign::Run& r : c.runs)
    if (r.void_reason.empty() && campaign::setupIndex(c, r.setup) >= 0) runs.push_back(&r);
  std::stable_sort(runs.begin(), runs.end(),
                   [](const campaign::Run* a, const campaign::Run* b) { return a->order < b->order; });
  std::vector<int> of_setup(c.setups.size());
  std::vector<OrderBlock> out;
  for (const campaign::Run* r : runs) {
    OrderBlock b;
    b.mark = campaign::setupIndex(c, r->setup);
    b.letter = QString::fromStdString(campaign::letterOf(c, std::size_t(b.mark)));
    b.block = of_setup[std::size_t(b.mark)]++;
    b.flown = true;
    out.push_back(std::move(b));
  }
  return out;
}

std::vector<OrderBlock> orderBlocks(const campaign::Campaign& c, const plan::FlightPlan& plan) {
  std::vector<OrderBlock> out;
  for (std::size_t i = 0; i < plan.order.size(); ++i) {
    const plan::OrderedRun& r = plan.order[i];
    const bool fits = i < plan.schedule.runs.size();
    OrderBlock b;
    b.mark = campaign::setupIndex(c, plan.setups[std::size_t(r.setup)]);
    b.letter = QString::fromStdString(b.mark < 0 ? plan.setups[std::size_t(r.setup)]  // all of them at once
                                                 : campaign::letterOf(c, std::size_t(b.mark)));
    b.block = r.block;
    b.fits = fits;
    if (fits && plan.timed) b.when = words::clock(plan.schedule.runs[i].begin_s);
    if (fits) b.battery = plan.schedule.runs[i].battery;
    out.push_back(std::move(b));
  }
  return out;
}

std::vector<QRectF> orderPlaces(const std::vector<OrderBlock>& blocks, const QRectF& area) {
  if (blocks.empty()) return {};
  for (std::size_t rows = 1; rows <= 4; ++rows) {
    const std::size_t in_row = (blocks.size() + rows - 1) / rows;
    const double room = area.width() - widthOf(blocks, 0, std::min(in_row, blocks.size()), 0) - kBetweenBlocks_px;
    const double each = std::min(kWidest_px, room / double(in_row)),
                 high = std::min(kHighest_px, (area.height() - 6 * double(rows - 1)) / double(rows));
    const double wanted = rows < 4 ? 40 : kLeast_px;
    if (each < wanted) continue;
    std::vector<QRectF> out;
    double x = area.left(), y = area.top();
    for (std::size_t i = 0; i < blocks.size(); ++i) {
      if (i > 0 && i % in_row == 0) {
        x = area.left();
        y += high + 6;
      } else if (i > 0) {
        x += blocks[i].block != blocks[i - 1].block ? kBetweenBlocks_px : kApart_px;
      }
      out.emplace_back(x, y, each, high);
      x += each;
    }
    return out;
  }
  return {};
}

void paint(QPainter& p, const QRectF& area, const std::vector<OrderBlock>& blocks, const Look& look) {
  const std::vector<QRectF> places = orderPlaces(blocks, area);
  for (std::size_t i = 0; i < places.size(); ++i) {
    const OrderBlock& b = blocks[i];
    const QRectF& r = places[i];
    const QColor colour = look.setup(std::max(b.mark, 0), 2).color();
    const double cap = std::min(4.0, r.height() / 8);
    p.setPen(QPen(b.fits ? colour : look.muted, 1.5));
    p.setBrush(b.flown ? QBrush(colour) : b.fits ? QBrush(look.surface) : QBrush(Qt::NoBrush));
    p.drawRoundedRect(r.adjusted(1, cap, -1, -1), 4, 4);
    p.setBrush(colour);
    p.setPen(Qt::NoPen);
    if (b.fits) p.drawRect(QRectF(r.center().x() - r.width() / 6, r.top(), r.width() / 3, cap));  // a battery's pole
    QPen dash = look.setup(std::max(b.mark, 0), 3);
    if (b.flown) dash.setColor(look.surface);
    p.setPen(dash);
    p.drawLine(QPointF(r.left() + 6, r.bottom() - 5), QPointF(r.right() - 6, r.bottom() - 5));
    p.setPen(b.flown ? look.surface : b.fits ? colour : look.muted);
    p.setFont(look.font(type::kLead, true));
    const bool roomy = r.height() >= 44 && r.width() >= 38;
    p.drawText(QRectF(r.left(), r.top() + cap, r.width(), roomy ? 22 : r.height() - cap - 8), Qt::AlignCenter,
               p.fontMetrics().elidedText(b.letter, Qt::ElideRight, int(r.width()) - 4));
    if (!roomy) continue;
    p.setPen(look.muted);
    p.setFont(look.font(type::kSmall, false));
    const QString below = !b.when.isEmpty()  ? b.when
                          : b.battery > 0    ? words::term("short-battery") + QString::number(b.battery)
                                             : QString();
    p.drawText(QRectF(r.left(), r.top() + cap + 22, r.width(), r.height() - cap - 32), Qt::AlignCenter, below);
  }
}

}  // namespace distanz::lanes
