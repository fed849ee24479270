#include "lanes/paper/segments_paper.h"

#include <fmt/format.h>

#include <QPainter>
#include <algorithm>
#include <cmath>

#include "core/text/text.h"
#include "lanes/paper/text_paper.h"
#include "lanes/said.h"
#include "words/phrases.h"
#include "words/quantity.h"

namespace distanz::lanes {
namespace {

using quantity::Unit;

constexpr double kSegTitle_px = 40, kSegName_px = 24, kSegPlot_px = 74, kSegLine_px = 15, kSegLines = 4, kSegGap_px = 14, kSegLeastColumn_px = 196;
constexpr double kSegRow_px = kSegName_px + kSegPlot_px + kSegLines * kSegLine_px + kSegGap_px;

struct StretchColumn {
  std::string path, segment;
  double from_m, to_m;
};

struct SegmentLayout {
  std::vector<StretchColumn> columns;
  std::vector<std::string> setups;
  std::size_t in_band = 1;  ///< columns beside each other
  double column_px = 0;
};

SegmentLayout segmentLayout(const SegmentsSheet& s, double width) {
  SegmentLayout out;
  for (const campaign::Path& path : s.campaign.paths)
    for (const campaign::Segment& segment : path.segments)
      for (const analysis::SegmentOnLink& on : s.analysis.segments)
        if (on.link == s.link && on.path == path.id && on.segment == segment.name) {
          out.columns.push_back({path.id, segment.name, on.from_m, on.to_m});
          break;
        }
  for (const campaign::Setup& setup : s.campaign.setups)
    if (std::any_of(s.analysis.segments.begin(), s.analysis.segments.end(), [&](const auto& on) { return on.link == s.link && on.setup == setup.id; }))
      out.setups.push_back(setup.id);
  const auto fit = static_cast<std::size_t>(std::max((width + kSegGap_px) / (kSegLeastColumn_px + kSegGap_px), 1.0));
  out.in_band = std::max<std::size_t>(std::min(fit, out.columns.size()), 1);
  out.column_px = std::min((width + kSegGap_px) / double(out.in_band) - kSegGap_px, 420.0);
  return out;
}

const analysis::SegmentOnLink* cellOf(const SegmentsSheet& s, const StretchColumn& column, const std::string& setup) {
  for (const analysis::SegmentOnLink& on : s.analysis.segments)
    if (on.link == s.link && on.setup == setup && on.path == column.path && on.segment == column.segment) return &on;
  return nullptr;
}

constexpr double kMostLines = 6;

struct SignalScale {
  double low = INFINITY, high = -INFINITY, step = 10;
  double y(double value, const QRectF& box) const {
    return box.bottom() - box.height() * std::clamp((value - low) / std::max(high - low, 0.1), 0.0, 1.0);
  }
};

/// One scale for all cells: only so are they compared by eye.
SignalScale signalScale(const SegmentsSheet& s) {
  SignalScale out;
  for (const analysis::SegmentOnLink& on : s.analysis.segments)
    if (on.link == s.link)
      for (const auto& pass : on.passes)
        for (const float v : pass.seen.profile)
          if (std::isfinite(v)) out.low = std::min(out.low, double(v)), out.high = std::max(out.high, double(v));
  if (out.low > out.high) return {-100, -40, 10};
  for (const double step : {0.1, 0.2, 0.5, 1.0, 2.0, 5.0, 10.0, 20.0, 50.0, 100.0, 200.0, 500.0}) {
    out.step = step;
    if (s.figure() == log::PassFigure::Signal && step < 10) continue;
    if (out.high - out.low <= kMostLines * step) break;
  }
  out.low = out.step * std::floor(out.low / out.step);
  out.high = out.step * std::ceil(out.high / out.step);
  return out;
}

void drawPasses(QPainter& p, const QRectF& box, const analysis::SegmentOnLink& on, const SignalScale& scale, const Look& look, int mark) {
  p.fillRect(box, look.surface);
  p.setPen(QPen(look.hairline, 1));
  p.setBrush(Qt::NoBrush);
  p.drawRect(box);
  for (double level = scale.low + scale.step; level < scale.high - scale.step / 2; level += scale.step) p.drawLine(QPointF(box.left(), scale.y(level, box)), QPointF(box.right(), scale.y(level, box)));
  QColor colour = look.setup(mark, 1).color();
  for (const auto& pass : on.passes) {
    QPolygonF way;
    const auto& profile = pass.seen.profile;
    for (std::size_t i = 0; i < profile.size(); ++i)
      if (std::isfinite(profile[i])) way << QPointF(box.left() + box.width() * (double(i) + 0.5) / double(profile.size()), scale.y(profile[i], box));
    QColor thin = colour;
    thin.setAlphaF(0.55F);
    p.setPen(QPen(thin, 1, pass.out ? Qt::SolidLine : Qt::DashLine));
    p.drawPolyline(way);
  }
  if (!on.mean) return;
  const double low = scale.y(on.mean->low, box), high = scale.y(on.mean->high, box), middle = scale.y(on.mean->estimate, box);
  QColor band = colour;
  band.setAlphaF(0.16F);
  p.fillRect(QRectF(box.left(), high, box.width(), low - high), band);
  p.setPen(QPen(colour, 2));
  p.drawLine(QPointF(box.left(), middle), QPointF(box.right(), middle));
}

QString unitText(log::PassFigure figure) {
  return figure == log::PassFigure::Scale ? Said::tr("receiver's own scale")
                                          : QString::fromStdString(std::string(quantity::symbolOf(analysis::unitOf(figure))));
}

QStringList figuresOf(const analysis::SegmentOnLink& on) {
  QStringList out;
  const Unit unit = analysis::unitOf(on.figure);
  out << (on.mean ? withInterval(on.mean->estimate, on.mean->low, on.mean->high, unit, 1) : Said::tr("no signal logged"));
  out << (on.usable_pct ? Said::tr("usable %1 of the time").arg(withInterval(on.usable_pct->estimate, on.usable_pct->low, on.usable_pct->high, Unit::Percent, 0))
                        : Said::tr("usable limit not known"));
  const QString worst = on.worst ? Said::tr("worst second %1").arg(words::quantity(*on.worst, unit, 0)) : QString();
  const QString lost = on.dropouts ? Said::tr("dropouts per pass: %1").arg(words::shortNumber(*on.dropouts, 1)) : QString();
  QStringList both{worst, lost};
  both.removeAll(QString());
  out << both.join(", ");
  out << QString("%1, %2").arg(words::counted("passes", int(on.passes.size())), words::counted("flights", on.flights));
  return out;
}

}  // namespace

double heightOf(const SegmentsSheet& s, double width) {
  const SegmentLayout layout = segmentLayout(s, width);
  const double bands = std::ceil(double(std::max<std::size_t>(layout.columns.size(), 1)) / double(layout.in_band));
  return bands * (kSegTitle_px + double(std::max<std::size_t>(layout.setups.size(), 1)) * kSegRow_px);
}

void paint(QPainter& p, double width, const SegmentsSheet& s, const Look& look) {
  const SegmentLayout layout = segmentLayout(s, width);
  const SignalScale scale = signalScale(s);
  const double band_px = kSegTitle_px + double(layout.setups.size()) * kSegRow_px;
  for (std::size_t i = 0; i < layout.columns.size(); ++i) {
    const StretchColumn& column = layout.columns[i];
    const QRectF title(double(i % layout.in_band) * (layout.column_px + kSegGap_px), double(i / layout.in_band) * band_px, layout.column_px, kSegTitle_px);
    line(p, QRectF(title.left(), title.top(), title.width(), 20), QString::fromStdString(column.segment), look.ink, look.font(type::kBody, true));
    line(p, QRectF(title.left(), title.top() + 19, title.width(), 16), words::span(column.from_m, column.to_m) + "   " + unitText(s.figure()), look.muted, look.font(type::kSmall, false));
    for (std::size_t r = 0; r < layout.setups.size(); ++r) {
      const QRectF cell(title.left(), title.bottom() + double(r) * kSegRow_px, title.width(), kSegRow_px - kSegGap_px);
      setupTitle(p, QRectF(cell.left(), cell.top(), cell.width(), kSegName_px), s.campaign, layout.setups[r], look);
      const QRectF plot(cell.left() + 30, cell.top() + kSegName_px, cell.width() - 30, kSegPlot_px);
      const analysis::SegmentOnLink* on = cellOf(s, column, layout.setups[r]);
      if (!on) {
        line(p, plot, Said::tr("not flown there"), look.muted, look.font(type::kSmall, false), Qt::AlignHCenter);
        continue;
      }
      drawPasses(p, plot, *on, scale, look, campaign::setupIndex(s.campaign, on->setup));
      for (const double level : {scale.low, scale.high})
        line(p, QRectF(cell.left() - 6, level == scale.low ? plot.bottom() - 13 : plot.top(), 32, 13), words::number(level, scale.step < 1 ? 1 : 0), look.muted, look.font(type::kSmall, false), Qt::AlignRight);
      double y = plot.bottom() + 3;
      for (const QString& text : figuresOf(*on)) {
        line(p, QRectF(plot.left(), y, plot.width(), kSegLine_px), text, look.ink, look.font(type::kSmall, false));
        y += kSegLine_px;
      }
    }
  }
}

std::string csvOf(const SegmentsSheet& s) {
  std::string out = "setup,link,path,segment,from_m,to_m,unit,mean,mean_low,mean_high,usable_pct,usable_low_pct,usable_high_pct,worst_second,dropouts_per_pass,passes,flights\n";
  const auto number = [](std::optional<double> v) { return v ? fmt::format("{:.3f}", *v) : std::string(); };
  const auto interval = [&](const std::optional<estimate::Interval>& i) {
    return i ? fmt::format("{:.3f},{:.3f},{:.3f}", i->estimate, i->low, i->high) : std::string(",,");
  };
  for (const analysis::SegmentOnLink& on : s.analysis.segments)
    out += fmt::format("{},{},{},{},{:.1f},{:.1f},{},{},{},{},{},{},{}\n", text::csvField(on.setup), text::csvField(on.link), text::csvField(on.path), text::csvField(on.segment),
                       on.from_m, on.to_m, quantity::symbolOf(analysis::unitOf(on.figure)), interval(on.mean), interval(on.usable_pct), number(on.worst), number(on.dropouts), on.passes.size(), on.flights);
  return out;
}

}  // namespace distanz::lanes
