#include "app/plan/order_view.h"

#include <QPainter>

#include "app/shared/lane_plot.h"

namespace distanz::app {
namespace {

constexpr int kRow_px = 64;
constexpr std::size_t kOneRow = 18;  // blocks: more would be too narrow for their times

}  // namespace

OrderView::OrderView(QWidget* parent) : QWidget(parent) {
  setObjectName("orderView");
  setAccessibleName(tr("Order of the flights"));
  setFixedHeight(kRow_px);
}

void OrderView::show(std::vector<lanes::OrderBlock> blocks) {
  m_blocks = std::move(blocks);
  QStringList said;
  for (const lanes::OrderBlock& b : m_blocks) said << (b.when.isEmpty() ? b.letter : b.letter + " " + b.when);
  setFixedHeight(m_blocks.size() > kOneRow ? 2 * kRow_px : kRow_px);
  setAccessibleDescription(said.join(", "));
  update();
}

void OrderView::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  lanes::paint(p, QRectF(rect()).adjusted(1, 1, -1, -1), m_blocks, lanesLook());
}

}  // namespace distanz::app
