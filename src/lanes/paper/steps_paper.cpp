#include "lanes/paper/steps_paper.h"

#include <fmt/format.h>

#include <QPainter>
#include <algorithm>
#include <cmath>

#include "core/analysis/findings/beyond.h"
#include "core/analysis/reduce/reduction.h"
#include "core/log/channel.h"
#include "core/text/text.h"
#include "lanes/paper/text_paper.h"
#include "lanes/said.h"
#include "words/phrases.h"
#include "words/quantity.h"

namespace distanz::lanes {
namespace {

using quantity::Unit;

constexpr double kStepHead_px = 28, kStepRow_px = 34, kStepFreezeRow_px = 68, kStepTableRow_px = 19, kStepGap_px = 18, kStepLeft_px = 190, kStepAxis_px = 22;

std::vector<const analysis::StepsOnLink*> stepsOf(const StepsSheet& s) {
  std::vector<const analysis::StepsOnLink*> out;
  for (const auto& step : s.analysis.steps)
    if (step.link == s.link) out.push_back(&step);
  return out;
}

std::vector<const analysis::FreezesOnLink*> freezesOf(const StepsSheet& s) {
  std::vector<const analysis::FreezesOnLink*> out;
  for (const auto& f : s.analysis.freezes)
    if (f.link == s.link) out.push_back(&f);
  return out;
}

/// Runs whose logs tell charge or voltage.
std::vector<std::size_t> chargedRuns(const StepsSheet& s) {
  std::vector<std::size_t> out;
  for (std::size_t i = 0; i < s.campaign.runs.size() && i < s.analysis.reductions.size(); ++i) {
    const log::EnergyUse& e = s.analysis.reductions[i].energy;
    if (std::isfinite(e.total_mah) || std::isfinite(e.first_v)) out.push_back(i);
  }
  return out;
}

struct StepAxis {
  double left, width, end_m;
  double x(double m) const { return left + width * std::clamp(m / std::max(end_m, 1.0), 0.0, 1.0); }
};

void drawStepAxis(QPainter& p, const StepAxis& axis, double top, double bottom, const Look& look) {
  const words::Marks marks = words::distanceMarks(axis.end_m / std::max(axis.width / 110, 1.0), axis.end_m);
  for (double m = 0; m <= axis.end_m; m += marks.step_m) {
    p.setPen(QPen(look.hairline, 1));
    p.drawLine(QPointF(axis.x(m), top), QPointF(axis.x(m), bottom));
    line(p, QRectF(axis.x(m) - 40, bottom + 2, 80, 14), marks.text(m), look.muted, look.font(type::kSmall, false), Qt::AlignHCenter);
  }
}

void sectionHead(QPainter& p, double top, double width, const QString& title, const QString& note, const Look& look) {
  const double used = line(p, QRectF(0, top, width, 20), title, look.ink, look.font(type::kBody, true));
  line(p, QRectF(used + 12, top + 1, width - used - 12, 20), note, look.muted, look.font(type::kSmall, false));
}

QString valueText(const std::string& channel, double value) {
  const log::ChannelInfo* about = log::channelInfo("link." + channel);
  return about && about->unit != Unit::None ? words::quantity(value, about->unit, -1) : words::shortNumber(value, 2);
}

QString sharesText(const analysis::StepsOnLink& s) {
  QStringList out;
  for (const auto& [value, share] : s.share) out << Said::tr("%1: %2").arg(valueText(s.channel, value), words::quantity(100 * share, Unit::Percent, 0));
  return out.join("   ");
}

void drawStep(QPainter& p, const QRectF& row, const analysis::StepsOnLink& s, const StepsSheet& sheet, const StepAxis& axis, const Look& look) {
  const int mark = campaign::setupIndex(sheet.campaign, s.setup);
  setupTitle(p, QRectF(row.left(), row.top(), kStepLeft_px - 8, 18), sheet.campaign, s.setup, look);
  QString what = words::channel(s.channel);
  if (s.power_mw) what = Said::tr("%1, at %2").arg(what, words::power(*s.power_mw));
  line(p, QRectF(row.left() + 24, row.top() + 16, kStepLeft_px - 32, 15), what, look.muted, look.font(type::kSmall, false));
  const QColor colour = look.setup(mark, 1).color();
  const double y = row.top() + 9;
  if (s.first_m) {
    p.setPen(QPen(colour, 3));
    p.drawLine(QPointF(axis.x(s.first_m->low), y), QPointF(axis.x(s.first_m->high), y));
    p.setBrush(look.surface);
    p.setPen(QPen(colour, 2));
    p.drawEllipse(QPointF(axis.x(s.first_m->estimate), y), 5, 5);
  } else {
    const double from = axis.x(s.at_least_m.value_or(s.farthest_m));
    p.setPen(QPen(colour, 2, s.at_least_m ? Qt::SolidLine : Qt::DotLine));
    p.drawLine(QPointF(axis.left, y), QPointF(from, y));
    p.drawPolyline(QPolygonF{QPointF(from - 5, y - 5), QPointF(from, y), QPointF(from - 5, y + 5)});
  }
  const QString told = s.first_m ? Said::tr("first at %1 (%2), %3 of %4 flights").arg(words::distance(s.first_m->estimate), words::span(s.first_m->low, s.first_m->high)).arg(s.stepped).arg(s.flights)
                       : s.at_least_m ? Said::tr("at least %1, %2 of %3 flights changed").arg(words::distance(*s.at_least_m)).arg(s.stepped).arg(s.flights)
                                      : Said::tr("%1 of %2 flights changed, flown to %3").arg(s.stepped).arg(s.flights).arg(words::distance(s.farthest_m));
  const double used = line(p, QRectF(axis.left, row.top() + 16, axis.width * 0.6, 15), told, look.ink, look.font(type::kSmall, false));
  line(p, QRectF(axis.left + used + 16, row.top() + 16, axis.width - used - 16, 15), sharesText(s), look.muted, look.font(type::kSmall, false), Qt::AlignRight);
}

void drawFreezes(QPainter& p, const QRectF& row, const analysis::FreezesOnLink& f, const StepsSheet& sheet, const StepAxis& axis, double most, const Look& look) {
  setupTitle(p, QRectF(row.left(), row.top(), kStepLeft_px - 8, 18), sheet.campaign, f.setup, look);
  if (f.per_km) {
    const bool none = f.freezes == 0;
    line(p, QRectF(row.left() + 24, row.top() + 17, kStepLeft_px - 32, 15),
         none ? Said::tr("none in %1").arg(words::distance(f.flown_m)) : Said::tr("every %1").arg(words::distance(f.every_m().estimate)), look.ink, look.font(type::kSmall, true));
    line(p, QRectF(row.left() + 24, row.top() + 32, kStepLeft_px - 32, 15),
         none ? Said::tr("at most one per %1 (95 %)").arg(words::distance(f.every_m().low))
              : Said::tr("95 %: %1").arg(words::span(f.every_m().low, f.every_m().high)),
         look.ink, look.font(type::kSmall, false));
    if (f.lost_m && f.regained_m)
      line(p, QRectF(row.left() + 24, row.top() + 46, kStepLeft_px - 32, 15), Said::tr("lost %1, regained %2").arg(words::distance(*f.lost_m), words::distance(*f.regained_m)), look.muted, look.font(type::kSmall, false));
  }
  const double bottom = row.bottom() - 8, room = row.height() - 14;
  p.setPen(QPen(look.muted, 1));
  p.drawLine(QPointF(axis.left, bottom), QPointF(axis.left + axis.width, bottom));
  const QColor colour = look.setup(campaign::setupIndex(sheet.campaign, f.setup), 1).color();
  for (const analysis::FreezesPer100m& s : f.stretches) {
    if (!(s.rate() > 0)) continue;
    const double high = room * s.rate() / most;
    p.fillRect(QRectF(axis.x(s.from_m) + 1, bottom - high, std::max(axis.x(s.from_m + 100) - axis.x(s.from_m) - 2, 2.0), high), colour);
  }
}

double mostFreezes(const std::vector<const analysis::FreezesOnLink*>& freezes) {
  double most = 0.5;
  for (const auto* f : freezes)
    for (const auto& s : f->stretches)
      most = std::max(most, s.rate());
  return most;
}

QStringList chargeRow(const StepsSheet& s, std::size_t run) {
  const log::EnergyUse& e = s.analysis.reductions[run].energy;
  const auto figure = [](double v, int decimals) { return std::isfinite(v) ? words::number(v, decimals) : QStringLiteral("–"); };
  const double wind = analysis::headwindOut_mps(e);
  return {QString::fromStdString(s.campaign.runs[run].id), figure(e.out_mah_km, 0), figure(e.back_mah_km, 0), figure(e.both_mah_km, 0), figure(e.total_mah, 0),
          std::isfinite(wind) ? words::quantity(wind, Unit::MetrePerSecond, 1) : QStringLiteral("–"),
          std::isfinite(e.first_v) ? Said::tr("%1 to %2").arg(words::number(e.first_v, 1), words::quantity(e.lowest_v, Unit::Volt, 1)) : QStringLiteral("–")};
}

void drawCharge(QPainter& p, double top, double width, const StepsSheet& s, const Look& look) {
  const QStringList heads{Said::tr("run"), Said::tr("outbound, mAh/km"), Said::tr("inbound, mAh/km"), Said::tr("both, mAh/km"), Said::tr("total, mAh"), Said::tr("headwind outbound"), Said::tr("battery, first to lowest")};
  const double each = (width - 60) / double(heads.size() - 1);
  const auto cell = [&](int column, double y) { return QRectF(column == 0 ? 0 : 60 + (column - 1) * each, y, column == 0 ? 56 : each - 8, kStepTableRow_px); };
  for (int k = 0; k < heads.size(); ++k) line(p, cell(k, top), heads[k], look.muted, look.font(type::kSmall, false), k == 0 ? Qt::AlignLeft : Qt::AlignRight);
  double y = top + kStepTableRow_px;
  for (const std::size_t run : chargedRuns(s)) {
    p.setPen(QPen(look.hairline, 1));
    p.drawLine(QPointF(0, y), QPointF(width, y));
    const QStringList row = chargeRow(s, run);
    for (int k = 0; k < row.size(); ++k) line(p, cell(k, y), row[k], look.ink, look.font(type::kSmall, k == 0), k == 0 ? Qt::AlignLeft : Qt::AlignRight);
    y += kStepTableRow_px;
  }
}

double sectionOf(std::size_t rows, double row_px, double below_px) {
  return rows == 0 ? 0 : kStepHead_px + double(rows) * row_px + below_px + kStepGap_px;
}

}  // namespace

double heightOf(const StepsSheet& s, double) {
  const std::size_t charged = chargedRuns(s).size();
  return sectionOf(stepsOf(s).size(), kStepRow_px, kStepAxis_px) + sectionOf(freezesOf(s).size(), kStepFreezeRow_px, kStepAxis_px) + sectionOf(charged, kStepTableRow_px, kStepTableRow_px);
}

void paint(QPainter& p, double width, const StepsSheet& s, const Look& look) {
  p.setRenderHint(QPainter::Antialiasing);
  const StepAxis axis{kStepLeft_px, width - kStepLeft_px - 8, s.end_m};
  double y = 0;
  if (const auto steps = stepsOf(s); !steps.empty()) {
    sectionHead(p, y, width, Said::tr("First change, outbound"), Said::tr("ring: usual   bar: 95 %   arrow: no change that far"), look);
    y += kStepHead_px;
    drawStepAxis(p, axis, y, y + double(steps.size()) * kStepRow_px, look);
    for (const auto* step : steps) {
      drawStep(p, QRectF(0, y, width, kStepRow_px), *step, s, axis, look);
      y += kStepRow_px;
    }
    y += kStepAxis_px + kStepGap_px;
  }
  if (const auto freezes = freezesOf(s); !freezes.empty()) {
    const double most = mostFreezes(freezes);
    sectionHead(p, y, width, Said::tr("Video freezes"), Said::tr("bars: freezes per 100 m flown there (highest %1)").arg(words::number(most, 1)), look);
    y += kStepHead_px;
    drawStepAxis(p, axis, y, y + double(freezes.size()) * kStepFreezeRow_px, look);
    for (const auto* f : freezes) {
      drawFreezes(p, QRectF(0, y, width, kStepFreezeRow_px), *f, s, axis, most, look);
      y += kStepFreezeRow_px;
    }
    y += kStepAxis_px + kStepGap_px;
  }
  if (!chargedRuns(s).empty()) {
    sectionHead(p, y, width, Said::tr("Battery"), Said::tr("wind along the path, from the speeds outbound and inbound"), look);
    drawCharge(p, y + kStepHead_px, width, s, look);
  }
}

std::string csvOf(const StepsSheet& s) {
  const auto number = [](std::optional<double> v) { return v && std::isfinite(*v) ? fmt::format("{:.3f}", *v) : std::string(); };
  std::string out = "setup,link,channel,power_mw,flights,stepped,first_m,first_low_m,first_high_m,at_least_m\n";
  for (const auto* t : stepsOf(s))
    out += fmt::format("{},{},{},{},{},{},{},{},{},{}\n", text::csvField(t->setup), text::csvField(t->link), t->channel, number(t->power_mw), t->flights, t->stepped,
                       t->first_m ? number(t->first_m->estimate) : "", t->first_m ? number(t->first_m->low) : "", t->first_m ? number(t->first_m->high) : "", number(t->at_least_m));
  out += "\nsetup,link,from_m,flown_m,freezes\n";
  for (const auto* f : freezesOf(s))
    for (const auto& stretch : f->stretches) out += fmt::format("{},{},{:.0f},{:.1f},{}\n", text::csvField(f->setup), text::csvField(f->link), stretch.from_m, stretch.flown_m, stretch.freezes);
  out += "\nrun,out_mah_km,back_mah_km,both_mah_km,total_mah,headwind_out_mps,first_v,lowest_v\n";
  for (const std::size_t run : chargedRuns(s)) {
    const log::EnergyUse& e = s.analysis.reductions[run].energy;
    out += fmt::format("{},{},{},{},{},{},{},{}\n", text::csvField(s.campaign.runs[run].id), number(e.out_mah_km), number(e.back_mah_km), number(e.both_mah_km), number(e.total_mah),
                       number(analysis::headwindOut_mps(e)), number(e.first_v), number(e.lowest_v));
  }
  return out;
}

}  // namespace distanz::lanes
