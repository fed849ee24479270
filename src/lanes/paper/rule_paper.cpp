#include "lanes/paper/rule_paper.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

#include "lanes/paper/rule_bars.h"
#include "lanes/paper/rule_key.h"
#include "lanes/paper/text_paper.h"
#include "lanes/said.h"
#include "words/quantity.h"

namespace distanz::lanes {
namespace {

constexpr double kLeastRow_px = 12, kMostRow_px = 32, kGrownRow_px = 44, kLowRow_px = 26, kOver_px = 13, kFoot_px = 6;
constexpr double kTwoLines_px = 26;  // a number and its interval under it
constexpr double kFlag_px = 68, kMarkApart_px = 64;

class Painted {
 public:
  Painted(QPainter& p, const QRectF& area, const Rule& rule, const RuleLayout& layout, const Look& look)
      : m_p(p), m_area(area), m_rule(rule), m_layout(layout), m_look(look) {}

  void all() {
    ruler();
    if (m_rule.rows.empty()) {
      line(m_p, QRectF(m_layout.left_px, m_area.top() + kRuleHead_px, m_layout.right_px - m_layout.left_px, 40),
           Said::tr("Each setup gets a bar here."), m_look.muted, m_look.font(type::kBody, false), Qt::AlignCenter);
      return;
    }
    if (beside()) heads();
    const double pitch = rulePitch(m_rule.rows.size(), m_area.height(), m_layout);
    const int rows = ruleRows(m_rule.rows.size(), m_area.height(), m_layout);
    for (int i = 0; i < rows; ++i) {
      const RuleRow& row = m_rule.rows[std::size_t(m_layout.first + i)];
      const QRectF at(m_area.left(), m_area.top() + kRuleHead_px + pitch * i, m_area.width(), pitch);
      badge(row, at);
      if (beside() && pitch >= kGrownRow_px) name(row, at);
      const QRectF bar = beside() || pitch < kLowRow_px ? at : at.adjusted(0, kOver_px, 0, 0);
      paintRuleBar(m_p, row, {m_layout.left_px, m_layout.right_px, m_rule.end_m}, bar, m_look);
      if (beside())
        numbers(row, at);
      else if (bar != at)
        numbersOverBar(row, at);
    }
    picked();
    if (m_layout.key) key();
  }

 private:
  bool beside() const { return m_area.right() - m_layout.numbers_px >= kLeastNumbers_px; }
  double x(double distance_m) const {
    return m_layout.left_px + (m_layout.right_px - m_layout.left_px) * distance_m / m_rule.end_m;
  }
  int large() const { return m_layout.grown ? type::kTitle : type::kLead; }
  int small() const { return m_layout.grown ? type::kLead : type::kBody; }

  void ruler();
  void heads();
  void badge(const RuleRow& row, const QRectF& at);
  void name(const RuleRow& row, const QRectF& at);
  void numbers(const RuleRow& row, const QRectF& at);
  void forecast(const RuleRow& row, const QRectF& area);
  void range(const QRectF& area, const analysis::RangeAnswer& range);
  void numbersOverBar(const RuleRow& row, const QRectF& at);
  void picked();
  void key();
  QRectF column(const QRectF& row, int n) const;

  QPainter& m_p;
  QRectF m_area;
  const Rule& m_rule;
  const RuleLayout& m_layout;
  const Look& m_look;
};

void Painted::ruler() {
  const double base = m_area.top() + kRuleHead_px - 6;
  m_p.setPen(QPen(m_look.ink, 1.4));
  m_p.drawLine(QPointF(x(0), base), QPointF(x(m_rule.posts.empty() ? m_rule.end_m : m_rule.posts.back()), base));
  for (const double post : m_rule.posts)
    if (post <= m_rule.end_m) m_p.drawLine(QPointF(x(post), base - 5), QPointF(x(post), base));
  m_p.drawLine(QPointF(x(0), base - 9), QPointF(x(0), base));
  const words::Marks marks =
      words::distanceMarks(m_rule.end_m * kMarkApart_px / (m_layout.right_px - m_layout.left_px), m_rule.end_m);
  for (double d = 0; d <= m_rule.end_m; d += marks.step_m) {
    if (m_layout.picked_m && std::abs(x(d) - x(*m_layout.picked_m)) < kMarkApart_px) continue;  // under the flag
    line(m_p, QRectF(x(d) - 40, m_area.top() + 2, 80, 16), d == 0 ? Said::tr("station") : marks.text(d), m_look.muted,
         m_look.font(type::kSmall, false), Qt::AlignCenter);
  }
}

QRectF Painted::column(const QRectF& row, int n) const {
  const double all = m_area.right() - m_layout.numbers_px - 8, each = all / 3;
  return {m_layout.numbers_px + each * n, row.top(), each - 4, row.height()};
}

void Painted::heads() {
  const QString heads[] = {m_rule.any_flown ? Said::tr("plan with") : QString(), Said::tr("95 %"), Said::tr("50 %")};
  for (int n = 0; n < 3; ++n)
    line(m_p, column(QRectF(0, m_area.top() + 6, 0, 16), n), heads[n], m_look.muted, m_look.font(type::kSmall, true));
}

void Painted::badge(const RuleRow& row, const QRectF& at) {
  const double side = std::min(at.height() - 1, m_layout.grown ? 26.0 : 20.0);
  const QRectF area(m_layout.left_px - 30, at.center().y() - side / 2, side, side);
  m_p.setPen(Qt::NoPen);
  m_p.setBrush(m_look.setup(row.mark, 1).color());
  m_p.drawRoundedRect(area, 4, 4);
  line(m_p, area, QString::fromStdString(row.letter), m_look.paper, m_look.font(int(side * 0.62), true), Qt::AlignCenter);
}

/// Over its bar, where a row is high enough for both.
void Painted::name(const RuleRow& row, const QRectF& at) {
  line(m_p, QRectF(m_layout.left_px + 2, at.top() - 3, m_layout.right_px - m_layout.left_px - 2, kOver_px), QString::fromStdString(row.name), m_look.ink,
       m_look.font(type::kSmall, false));
}

void Painted::range(const QRectF& area, const analysis::RangeAnswer& r) {
  const bool two = area.height() >= kTwoLines_px;
  const QRectF top = two ? area.adjusted(0, 0, 0, -area.height() / 2 + 2) : area;
  if (r.status == analysis::Status::Withheld) {
    line(m_p, area, Said::tr("not enough data"), m_look.muted, m_look.font(type::kSmall, false));
    return;
  }
  const bool bound = r.status == analysis::Status::AtLeast;
  const QString told = words::distance(r.told_m());
  line(m_p, bound || !two ? area : top, bound ? "\u2265 " + told : told, m_look.ink,
       m_look.font(std::min(small(), int(area.height())), false));
  if (two && !bound && r.low_m)
    line(m_p, area.adjusted(0, area.height() / 2 - 1, 0, 0), words::span(*r.low_m, r.high_m.value_or(INFINITY)),
         m_look.muted, m_look.font(type::kSmall, false));
}

void Painted::numbers(const RuleRow& row, const QRectF& at) {
  if (!row.flown) return forecast(row, at);
  const QRectF first = column(at, 0);
  if (row.plan_m)
    line(m_p, first, words::distance(*row.plan_m), m_look.ink, m_look.font(std::min(large(), int(at.height())), true));
  else
    line(m_p, first, Said::tr("not yet"), m_look.muted, m_look.font(small(), false));
  range(column(at, 1), row.dependable);
  range(column(at, 2), row.typical);
}

/// Before it flew: what is predicted, muted, since no flight has shown it.
void Painted::forecast(const RuleRow& row, const QRectF& at) {
  const QString what = row.courses_only ? Said::tr("courses only") : Said::tr("not flown");
  if (!row.sure || !row.predicted_m) {
    line(m_p, column(at, 0), what, m_look.muted, m_look.font(type::kSmall, false));
    return;
  }
  line(m_p, column(at, 0), row.courses_only ? what : Said::tr("predicted"), m_look.muted, m_look.font(type::kSmall, false));
  const bool two = at.height() >= kTwoLines_px;
  const auto upper = [&](const QRectF& c) { return two ? c.adjusted(0, 0, 0, -c.height() / 2 + 2) : c; };
  line(m_p, upper(column(at, 1)), words::distance(row.sure->dependable_m), m_look.muted,
       m_look.font(std::min(small(), int(at.height())), false));
  line(m_p, upper(column(at, 2)), words::distance(*row.predicted_m), m_look.muted,
       m_look.font(std::min(small(), int(at.height())), false));
  if (two)
    line(m_p, column(at, 2).adjusted(0, at.height() / 2 - 1, 0, 0), words::span(row.sure->low_m, row.sure->high_m),
         m_look.muted, m_look.font(type::kSmall, false));
}

/// No room beside the bars: the same numbers above each, in one line.
void Painted::numbersOverBar(const RuleRow& row, const QRectF& at) {
  QStringList told;
  if (!row.name.empty()) told << QString::fromStdString(row.name);
  if (row.plan_m) told << Said::tr("plan with %1").arg(words::distance(*row.plan_m));
  const auto add = [&](const QString& name, const analysis::RangeAnswer& r) {
    if (r.status != analysis::Status::Withheld)
      told << name + (r.status == analysis::Status::AtLeast ? " \u2265 " : " ") + words::distance(r.told_m());
  };
  add(Said::tr("95 %"), row.dependable);
  add(Said::tr("50 %"), row.typical);
  if (!row.flown && row.predicted_m) told << Said::tr("predicted %1").arg(words::distance(*row.predicted_m));
  if (told.size() <= (row.name.empty() ? 0 : 1)) told << (row.flown ? Said::tr("not enough data") : Said::tr("not flown"));
  line(m_p, QRectF(m_layout.left_px + 2, at.top(), m_layout.right_px - m_layout.left_px - 2, kOver_px), told.join(" \u00b7 "),
       m_look.ink, m_look.font(type::kSmall, true));
}

void Painted::picked() {
  if (!m_layout.picked_m || *m_layout.picked_m > m_rule.end_m) return;
  const double at = x(*m_layout.picked_m);
  m_p.setPen(QPen(m_look.ink, 1));
  m_p.drawLine(QPointF(at, m_area.top() + 18), QPointF(at, m_area.bottom() - (m_layout.key ? kRuleKey_px : 0)));
  const QRectF flag(at - kFlag_px / 2, m_area.top() + 1, kFlag_px, 17);
  m_p.setBrush(m_look.ink);
  m_p.drawRoundedRect(flag, 3, 3);
  line(m_p, flag, words::distance(*m_layout.picked_m), m_look.paper, m_look.font(type::kSmall, true), Qt::AlignCenter);
}

void Painted::key() {
  paintRuleKey(m_p, QRectF(m_layout.left_px, m_area.bottom() - kRuleKey_px, m_area.right() - m_layout.left_px - 8, kRuleKey_px),
               m_rule, m_look);
}

double wanted(const RuleLayout& layout) {
  return layout.low ? kLowRow_px : layout.grown ? kGrownRow_px : kMostRow_px;
}

double room(double height, const RuleLayout& layout) {
  return height - kRuleHead_px - kFoot_px - (layout.key ? kRuleKey_px : 0);
}

}  // namespace

double ruleHeight(std::size_t setups, const RuleLayout& layout) {
  const double rows = std::clamp<double>(double(setups), 2, layout.grown ? 4 : 3);
  return kRuleHead_px + kFoot_px + rows * wanted(layout) + (layout.key ? kRuleKey_px : 0);
}

int ruleRows(std::size_t setups, double height, const RuleLayout& layout) {
  return std::min(int(setups), std::max(int(room(height, layout) / kLeastRow_px), 1));
}

double rulePitch(std::size_t setups, double height, const RuleLayout& layout) {
  return std::min(room(height, layout) / std::max(ruleRows(setups, height, layout), 1), wanted(layout));
}

void paint(QPainter& p, const QRectF& area, const Rule& rule, const RuleLayout& layout, const Look& look) {
  p.save();
  p.setRenderHint(QPainter::Antialiasing);
  Painted(p, area, rule, layout, look).all();
  p.restore();
}

}  // namespace distanz::lanes
