#include "lanes/paper/plan_card.h"

#include <QPainter>
#include <algorithm>

#include "core/plan/preflight.h"
#include "lanes/paper/order_paper.h"
#include "lanes/said.h"
#include "words/phrases.h"
#include "words/quantity.h"
#include "words/say.h"

namespace distanz::lanes {
namespace {

constexpr double kCardMargin = 40, kBox = 11, kCardGap = 12;
constexpr std::size_t kMostRows = 40, kMostSetups = 12;

/// A sheet that is filled from the top.
struct CardSheet {
  QPainter& p;
  const Look& look;
  double y = kCardMargin;

  double width() const { return kPlanCard.width() - 2 * kCardMargin; }
  void head(const QString& text) {
    y += kCardGap;
    p.setPen(Qt::black);
    p.setFont(look.font(type::kLead, true));
    p.drawText(QRectF(kCardMargin, y, width(), 20), Qt::AlignLeft | Qt::AlignVCenter, text);
    y += 21;
    p.setPen(QPen(Qt::black, 1));
    p.drawLine(QPointF(kCardMargin, y), QPointF(kCardMargin + width(), y));
    y += 5;
  }
  /// One line, cut where it is too long. @return its height
  double line(double x, double wide, const QString& words, int pixels, bool strong = false) {
    p.setFont(look.font(pixels, strong));
    return text(x, wide, p.fontMetrics().elidedText(words, Qt::ElideRight, int(wide)), pixels, strong);
  }
  /// @return height of the text
  double text(double x, double wide, const QString& words, int pixels, bool strong = false) {
    p.setPen(Qt::black);
    p.setFont(look.font(pixels, strong));
    QRectF used;
    p.drawText(QRectF(x, y, wide, kPlanCard.height()), Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap, words, &used);
    return used.height();
  }
  void box(double x, double top, bool ticked) {
    p.setPen(QPen(Qt::black, 1.2));
    p.setBrush(Qt::NoBrush);
    p.drawRect(QRectF(x, top, kBox, kBox));
    if (!ticked) return;
    p.setPen(QPen(Qt::black, 1.8));
    p.drawPolyline(QPolygonF{{x + 2, top + 6}, {x + 4.5, top + 9}, {x + 9.5, top + 1.5}});
  }
};

QString nameOf(const campaign::Campaign& c, const std::string& setup) {
  const campaign::Setup* s = campaign::findSetup(c, setup);
  const int at = campaign::setupIndex(c, setup);
  if (at < 0) return QString::fromStdString(setup);  // all of them at once
  const QString letter = QString::fromStdString(campaign::letterOf(c, std::size_t(at)));
  return s && !s->name.empty() ? letter + "  " + QString::fromStdString(s->name) : letter;
}

void path(CardSheet& s, const campaign::Campaign& c, const plan::Planned& planned) {
  const auto course = campaign::courseOf(c);
  s.y += s.line(kCardMargin, s.width(), QString::fromStdString(c.title), 22, true) + 4;
  if (!course) return;
  double low = 1e9, high = 0;
  for (const campaign::PathPoint& p : campaign::firstPath(c)) {
    low = std::min(low, p.height_m);
    high = std::max(high, p.height_m);
  }
  const auto fact = [](const char* term, const QString& value) { return words::term(term) + " " + value; };
  QStringList facts{fact("card-far-post", words::distance(course->farPost_m())),
                    fact("card-bearing", words::quantity(planned.outward_deg, quantity::Unit::Degree, 0)),
                    fact("card-height", words::exactly(high, quantity::Unit::Metre) + (low < high ? " / " + words::exactly(low, quantity::Unit::Metre) : QString())),
                    fact("card-mast", words::exactly(c.station.antenna_height_m, quantity::Unit::Metre))};
  s.y += s.text(kCardMargin, s.width(), facts.join("   \u00b7   "), 15) + 2;
}

/// "video link: 95 % of flights get there", "visual line of sight".
QString reasonOf(const analysis::TurnLimit& limit) {
  if (limit.by == analysis::TurnLimit::By::Plan) return words::term("stop-" + limit.what);
  const QString link = QString::fromStdString(limit.link);
  return limit.by == analysis::TurnLimit::By::Flown ? Said::tr("%1 link: 95 % of flights get there").arg(link)
                                                    : Said::tr("%1 link, predicted: 95 % of flights").arg(link);
}

void turns(CardSheet& s, const campaign::Campaign& c, const std::vector<analysis::TurnBy>& turns) {
  s.head(words::term("card-turns"));
  const double number = kCardMargin + s.width() * 0.36, reason = kCardMargin + s.width() * 0.53, wide = s.width() * 0.47;
  for (std::size_t i = 0; i < std::min(turns.size(), kMostSetups); ++i) {
    const analysis::TurnLimit *first = turns[i].first(), *other = turns[i].other();
    s.line(kCardMargin, s.width() * 0.34, nameOf(c, turns[i].setup), 16, true);
    const double high = s.line(number, s.width() * 0.16, first ? words::distance(first->at_m) : Said::tr("unknown"), 22, true);
    const double said = first ? s.line(reason, wide, reasonOf(*first), 14) : 0;
    if (other) {
      s.y += said;
      s.line(reason, wide, Said::tr("then %1: %2").arg(words::distance(other->at_m), reasonOf(*other)), 12);
      s.y -= said;
    }
    s.y += std::max(high, 2 * said) + 3;
  }
}

void order(CardSheet& s, const campaign::Campaign& c, const plan::FlightPlan& plan) {
  if (plan.order.empty()) return;
  s.head(words::term("card-order"));
  const std::size_t rows = std::min(plan.order.size(), kMostRows), columns = rows > 12 ? 2 : 1,
                    each = (rows + columns - 1) / columns;
  const double wide = s.width() / double(columns) - 10, top = s.y, high = rows > 24 ? 18 : 22;
  const auto blocks = orderBlocks(c, plan);
  for (std::size_t i = 0; i < rows; ++i) {
    const double x = kCardMargin + double(i / each) * (wide + 20);
    s.y = top + double(i % each) * high;
    s.box(x, s.y + 3, false);
    QString row = blocks[i].when.isEmpty() ? QString::number(i + 1) : blocks[i].when;
    s.text(x + 20, 50, row, 14);
    s.line(x + 70, wide - 130, nameOf(c, plan.setups[std::size_t(plan.order[i].setup)]), 14, true);
    if (blocks[i].battery > 0)
      s.text(x + wide - 55, 55, words::term("short-battery") + QString::number(blocks[i].battery), 14);
  }
  s.y = top + double(each) * high + 2;
}

void callOuts(CardSheet& s, const plan::Planned& planned) {
  s.head(words::term("card-calls"));
  QStringList posts;
  const std::size_t step = std::max<std::size_t>(planned.posts.size() / 14, 1);
  for (std::size_t i = step - 1; i < planned.posts.size(); i += step) posts << words::distance(planned.posts[i]);
  s.y += s.text(kCardMargin, s.width(), posts.join("   "), 14) + 3;
  s.y += s.text(kCardMargin, s.width(), words::term("card-events"), 14) + 2;
}

void list(CardSheet& s, const campaign::Campaign& c, const std::string& today) {
  s.head(words::term("card-list"));
  const auto items = plan::preflightOf(c);
  const double wide = (s.width() - 20) / 2, top = s.y, room = kPlanCard.height() - kCardMargin - top;
  for (int pixels = 17; pixels >= 7; --pixels) {
    s.p.setFont(s.look.font(pixels, false));
    double heights = 0, tallest = 0;
    std::vector<double> high;
    for (const plan::PreflightItem& i : items) {
      high.push_back(s.p.boundingRect(QRectF(0, 0, wide - 20, 1000), Qt::TextWordWrap, words::sentence(i.what)).height() + 4);
      heights += high.back();
      tallest = std::max(tallest, high.back());
    }
    if (heights / 2 + tallest > room && pixels > 7) continue;
    double y[2] = {top, top};
    for (std::size_t i = 0; i < items.size(); ++i) {
      const int column = y[0] - top < heights / 2 - 0.5 ? 0 : 1;
      s.y = y[column];
      const double x = kCardMargin + column * (wide + 20);
      s.box(x, s.y + 1, items[i].tick && items[i].tick->at.starts_with(today));
      s.text(x + 18, wide - 20, words::sentence(items[i].what), pixels);
      y[column] += high[i];
    }
    s.y = std::max(y[0], y[1]);
    return;
  }
}

}  // namespace

void paintPlanCard(QPainter& painter, const campaign::Campaign& campaign, const plan::Planned& planned,
                   const plan::FlightPlan& plan, const std::vector<analysis::TurnBy>& by, const Look& look,
                   const std::string& today) {
  painter.fillRect(QRectF({}, QSizeF(kPlanCard)), Qt::white);
  CardSheet sheet{painter, look};
  path(sheet, campaign, planned);
  turns(sheet, campaign, by);
  order(sheet, campaign, plan);
  callOuts(sheet, planned);
  list(sheet, campaign, today);
}

}  // namespace distanz::lanes
