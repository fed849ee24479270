#include "lanes/paper/text_paper.h"

#include <QFontMetricsF>
#include <QPainter>

#include "lanes/said.h"
#include "words/quantity.h"

namespace distanz::lanes {

double line(QPainter& p, const QRectF& area, const QString& text, const QColor& colour, const QFont& font, Qt::Alignment align) {
  const QFontMetricsF metrics(font, p.device());
  const QString shown = metrics.elidedText(text, Qt::ElideRight, area.width());
  p.setFont(font);
  p.setPen(colour);
  p.drawText(area, int(align | Qt::AlignVCenter), shown);
  return metrics.horizontalAdvance(shown);
}

void setupTitle(QPainter& p, const QRectF& area, const campaign::Campaign& c, const std::string& setup, const Look& look) {
  const int index = campaign::setupIndex(c, setup);
  if (index < 0) return;
  const QRectF badge(area.left(), area.top() + (area.height() - 18) / 2, 18, 18);
  p.setPen(Qt::NoPen);
  p.setBrush(look.setup(index, 1).color());
  p.drawRoundedRect(badge, 3, 3);
  const QString letter = QString::fromStdString(campaign::letterOf(c, std::size_t(index)));
  line(p, badge, letter, look.surface, look.font(type::kSmall, true), Qt::AlignHCenter);
  const QString name = QString::fromStdString(c.setups[std::size_t(index)].name);
  line(p, area.adjusted(24, 0, 0, 0), name, look.ink, look.font(type::kSmall, true));
}

QString withInterval(double estimate, double low, double high, quantity::Unit unit, int decimals) {
  return Said::tr("%1 (%2 to %3)")
      .arg(words::quantity(estimate, unit, decimals), words::number(low, decimals), words::number(high, decimals));
}

}  // namespace distanz::lanes
