#include "lanes/paper/rule_key.h"

#include <QFontMetricsF>
#include <QPainter>
#include <algorithm>
#include <vector>

#include "lanes/paper/rule_bars.h"
#include "lanes/paper/text_paper.h"
#include "lanes/said.h"

namespace distanz::lanes {
namespace {

struct Entry {
  RuleSign sign;
  QString text;
};

std::vector<Entry> entriesOf(const Rule& rule) {
  std::vector<Entry> out;
  const auto any = [&](auto is) { return std::any_of(rule.rows.begin(), rule.rows.end(), is); };
  if (rule.any_flown) {
    out.push_back({RuleSign::Solid, Said::tr("95 % of flights get this far")});
    out.push_back({RuleSign::Fade, Said::tr("uncertain")});
    out.push_back({RuleSign::Median, Said::tr("half of flights")});
    out.push_back({RuleSign::Flown, Said::tr("flown")});
  }
  if (any([](const RuleRow& r) { return r.predicted_m.has_value(); }))
    out.push_back({RuleSign::Predicted, Said::tr("predicted")});
  if (any([](const RuleRow& r) { return !r.holes.empty(); })) out.push_back({RuleSign::Gap, Said::tr("fails here")});
  if (any([](const RuleRow& r) { return !r.turn.empty(); })) out.push_back({RuleSign::Turn, Said::tr("turn here")});
  return out;
}

}  // namespace

void paintRuleKey(QPainter& p, const QRectF& area, const Rule& rule, const Look& look) {
  constexpr double kSign_px = 26, kBeside_px = 6, kApart_px = 16;
  const QFont font = look.font(type::kSmall, false);
  const QFontMetricsF metrics(font, p.device());
  double x = area.left();
  for (const Entry& e : entriesOf(rule)) {
    const double width = kSign_px + kBeside_px + metrics.horizontalAdvance(e.text) + 2;
    if (x + width > area.right()) return;
    paintRuleSign(p, e.sign, QRectF(x, area.center().y() - 5, kSign_px, 10), look.muted, look);
    line(p, QRectF(x + kSign_px + kBeside_px, area.top(), width - kSign_px, area.height()), e.text, look.muted, font);
    x += width + kApart_px;
  }
  if (rule.links.empty()) return;
  QStringList links;
  for (const std::string& l : rule.links) links << QString::fromStdString(l);
  const QString over = rule.links.size() == 1 ? Said::tr("Ranges: %1 link.").arg(links.front())
                                              : Said::tr("Ranges: first link to fail of %1.").arg(links.join(", "));
  if (x + metrics.horizontalAdvance(over) <= area.right())
    line(p, QRectF(x, area.top(), area.right() - x, area.height()), over, look.muted, font, Qt::AlignRight);
}

}  // namespace distanz::lanes
