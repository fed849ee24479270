#include "app/compare/readout_strip.h"

#include <QPainter>

#include "app/shared/badge.h"
#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/analysis/result/reading.h"
#include "core/log/channel.h"
#include "words/quantity.h"

namespace distanz::app {
namespace {

constexpr std::size_t kMostRead = 6;  // setups that fit side by side

/// Draws a figure with its unit in muted ink after it; returns where it ends.
double figure(QPainter& p, double x, const QRectF& row, const QString& value, const QString& unit) {
  p.setFont(theme::figureFont(theme::kLead, true));
  p.setPen(theme::tokens().ink);
  const double width = p.fontMetrics().horizontalAdvance(value);
  p.drawText(QRectF(x, row.top(), width + 2, row.height()), Qt::AlignVCenter, value);
  p.setFont(theme::bodyFont(theme::kSmall));
  p.setPen(theme::tokens().muted);
  const double unit_width = p.fontMetrics().horizontalAdvance(unit);
  p.drawText(QRectF(x + width + 4, row.top() + 2, unit_width + 2, row.height()), Qt::AlignVCenter, unit);
  return x + width + unit_width + 16;
}

}  // namespace

ReadoutStrip::ReadoutStrip(Document& document, QWidget* parent) : QWidget(parent), m_document(document) {
  setFixedHeight(58);
  setObjectName("readout");
  setAccessibleName(tr("Readings at the picked distance"));
  for (auto signal : {&Document::pickedChanged, &Document::analysisChanged})
    connect(&document, signal, this, [this] { update(); });
}

void ReadoutStrip::setLink(const std::string& link) {
  m_link = link;
  update();
}

void ReadoutStrip::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  const auto& t = theme::tokens();
  p.setFont(theme::bodyFont(theme::kSmall));
  p.setPen(t.muted);
  const QRectF top(theme::kAxisLeft, 2, width() - theme::kAxisLeft, 16);
  if (!m_document.picked()) {
    p.setFont(theme::bodyFont(theme::kBody));
    p.drawText(QRectF(theme::kAxisLeft, 0, width() - theme::kAxisLeft, height()), Qt::AlignVCenter,
               tr("Click a distance here or on the rule to read every setup there"));
    return;
  }
  p.drawText(top, Qt::AlignVCenter,
             tr("Mean of all runs at %1 (±%2)")
                 .arg(distanceLabel(*m_document.picked()), distanceLabel(analysis::kReadWithin_m)));
  auto readings =
      analysis::readAt(m_document.analysedCampaign(), m_document.analysis(), m_link, *m_document.picked());
  if (readings.size() > kMostRead) readings.resize(kMostRead);
  const double pitch = (width() - theme::kAxisLeft) / double(std::max<std::size_t>(readings.size(), 1));
  for (std::size_t i = 0; i < readings.size(); ++i) {
    const QRectF row(theme::kAxisLeft + pitch * double(i), 20, pitch, 34);
    paintBadge(p, QRectF(row.left(), row.center().y() - 11, 22, 22),
               campaign::letterOf(m_document.analysedCampaign(), i), theme::setupColour(int(i)));
    const analysis::Reading& r = readings[i];
    double x = row.left() + 30;
    if (r.runs == 0) {
      p.setFont(theme::bodyFont(theme::kBody));
      p.setPen(t.muted);
      p.drawText(QRectF(x, row.top(), pitch - 32, row.height()), Qt::AlignVCenter, tr("not flown here"));
      continue;
    }
    for (const log::ChannelInfo* c : log::laneChannels())
      if (const auto mean = r.mean(c->name); mean && x < row.right() - 84)
        x = figure(p, x, row, words::number(*mean, c->unit == quantity::Unit::Percent ? 0 : 1),
                   QString::fromUtf8(quantity::symbolOf(c->unit).data()));
  }
}

}  // namespace distanz::app
