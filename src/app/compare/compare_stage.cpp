#include "app/compare/compare_stage.h"

#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "app/compare/readout_strip.h"
#include "app/shared/theme.h"
#include "core/analysis/reading.h"

namespace distanz::app {

CompareStage::CompareStage(Document& document, QWidget* parent)
    : Stage(document, parent),
      m_lanes(new LanePlot),
      m_readout(new ReadoutStrip(document)),
      m_links_row(new QHBoxLayout),
      m_links(new QButtonGroup(this)) {
  auto* layout = new QVBoxLayout(this);
  layout->setContentsMargins(0, 8, 0, 0);
  layout->setSpacing(0);
  m_links_row->setContentsMargins(theme::kAxisLeft, 0, theme::kAxisRight, 4);
  m_links_row->setSpacing(4);
  layout->addLayout(m_links_row);
  layout->addWidget(m_readout);
  layout->addWidget(m_lanes, 1);
  m_lanes->setObjectName("lanes");
  m_signal = m_lanes->addLane(tr("Signal"), tr("dBm"), 46);
  m_quality = m_lanes->addLane(tr("Link quality"), tr("%"), 20);
  m_bitrate = m_lanes->addLane(tr("Bitrate"), tr("Mbit/s"), 20);
  m_dropouts = m_lanes->addLane(tr("Dropouts: strokes where the link was below the rule"), {}, 20);
  connect(m_lanes, &LanePlot::picked, &document, [&document](double d) { document.pick(d); });
  connect(&document, &Document::pickedChanged, this, [this] { m_lanes->setPicked(this->document().picked()); });
  connect(&document, &Document::analysisChanged, this, &CompareStage::refresh);
  connect(&document, &Document::changed, this, &CompareStage::refreshLinks);
  refreshLinks();
  refresh();
}

std::string CompareStage::limitingLink() const {
  const auto& a = document().analysis();
  const analysis::SetupOnLink* least = nullptr;
  for (const auto& s : document().analysedCampaign().setups)
    if (const auto* l = a.limiting(s.id);
        l && (!least || l->typical.estimate_m.value_or(INFINITY) < least->typical.estimate_m.value_or(INFINITY)))
      least = l;
  if (least) return least->link;
  return document().campaign().links.empty() ? std::string() : document().campaign().links.front().id;
}

std::string CompareStage::link() const {
  return campaign::findLink(document().campaign(), m_chosen) ? m_chosen : limitingLink();
}

void CompareStage::showLink(const std::string& link) {
  m_chosen = link;
  refresh();
}

void CompareStage::refreshLinks() {
  while (QLayoutItem* item = m_links_row->takeAt(0)) {
    delete item->widget();
    delete item;
  }
  for (const campaign::Link& l : document().campaign().links) {
    auto* button = new QPushButton(tr("%1 link").arg(QString::fromStdString(l.id)));
    button->setCheckable(true);
    button->setObjectName("link_" + QString::fromStdString(l.id));
    m_links->addButton(button);
    m_links_row->addWidget(button);
    connect(button, &QPushButton::clicked, this, [this, id = l.id] { showLink(id); });
  }
  m_links_row->addStretch();
  auto* key = new QLabel(tr("thin: single runs   thick: estimate with its 95 % band"));
  key->setProperty("small", true);
  m_links_row->addWidget(key);
}

void CompareStage::showEvent(QShowEvent*) {
  if (m_stale) refresh();
}

void CompareStage::refresh() {
  emit findingsChanged();
  m_stale = !isVisible();
  if (m_stale) return;
  const auto& d = document();
  for (QAbstractButton* b : m_links->buttons()) b->setChecked(b->objectName() == "link_" + QString::fromStdString(link()));
  m_readout->setLink(link());
  m_lanes->clear();
  m_lanes->setAxisEnd(d.axisEnd_m());
  m_lanes->setRange(m_signal, -120, -40);
  m_lanes->setRange(m_quality, 0, 104);
  if (d.analysis().runs.empty()) {
    m_lanes->note(m_signal,
                  d.analysing() ? tr("Analysing ...") : tr("No run yet: bring logs in at Runs, and they are overlaid here by distance"));
  } else {
    drawRuns();
    drawModels();
    drawDropouts();
  }
  m_lanes->setPicked(d.picked());
}

void CompareStage::drawRuns() {
  const auto& a = document().analysis();
  double low = 0, high = -200, top = 1;
  for (std::size_t i = 0; i < a.reductions.size(); ++i) {
    const auto found = a.reductions[i].links.find(link());
    if (found == a.reductions[i].links.end()) continue;
    drawRun(i, found->second);
    for (const double v : found->second.signal.out.value) low = std::min(low, v), high = std::max(high, v);
    top = std::max(top, found->second.top_bitrate_mbps);
  }
  if (high > low) m_lanes->setRange(m_signal, low - 4, std::min(high, low + 75) + 4);
  m_lanes->setRange(m_bitrate, 0, top * 1.06);
}

void CompareStage::drawRun(std::size_t run, const analysis::LinkReduction& reduced) {
  const auto& c = document().analysedCampaign();
  const bool used = document().analysis().runs[run].used;
  int mark = 0;
  for (std::size_t s = 0; s < c.setups.size(); ++s)
    if (c.setups[s].id == c.runs[run].setup) mark = int(s);
  QPen pen;
  pen.setWidth(0);  // cosmetic: drawn several times as fast as a stroked line
  QColor colour = used ? theme::setupColour(mark) : theme::tokens().muted;
  colour.setAlphaF(used ? 0.5F : 0.25F);
  pen.setColor(colour);
  const std::pair<int, const log::LegTraces*> lanes[] = {
      {m_signal, &reduced.signal}, {m_quality, &reduced.quality}, {m_bitrate, &reduced.bitrate}};
  for (const auto& [lane, legs] : lanes) {
    m_lanes->line(lane, legs->out.distance_m, legs->out.value, pen);
    m_lanes->line(lane, legs->back.distance_m, legs->back.value, pen);
  }
}

void CompareStage::drawModels() {
  const auto& c = document().analysedCampaign();
  std::optional<double> critical;
  for (std::size_t s = 0; s < c.setups.size(); ++s) {
    const auto* result = document().analysis().find(c.setups[s].id, link());
    if (!result) continue;
    m_lanes->band(m_signal, result->curve.distance_m, result->curve.low_dbm, result->curve.high_dbm, theme::setupColour(int(s)));
    m_lanes->line(m_signal, result->curve.distance_m, result->curve.level_dbm, theme::setupPen(int(s), 2.6));
    if (result->critical_dbm) critical = result->critical_dbm;
  }
  if (critical) m_lanes->floor(m_signal, *critical, tr("critical level %1 dBm: below it the rule fails").arg(*critical, 0, 'f', 0));
  const campaign::Link* l = campaign::findLink(c, link());
  if (l && l->rule.lq_min_pct) m_lanes->floor(m_quality, *l->rule.lq_min_pct, tr("rule %1 %").arg(*l->rule.lq_min_pct, 0, 'f', 0));
  if (l && l->rule.bitrate_min_mbps)
    m_lanes->floor(m_bitrate, *l->rule.bitrate_min_mbps, tr("rule %1 Mbit/s").arg(*l->rule.bitrate_min_mbps, 0, 'f', 0));
  if (l && l->kind == campaign::LinkKind::Control) m_lanes->note(m_bitrate, tr("the control link has no bitrate"));
}

void CompareStage::drawDropouts() {
  const auto& c = document().analysedCampaign();
  QStringList names;
  for (std::size_t s = 0; s < c.setups.size(); ++s) {
    names << QString::fromStdString(campaign::letterOf(c, s));
    double offset = -0.3;
    std::vector<LanePlot::Stroke> strokes;
    for (std::size_t i = 0; i < c.runs.size(); ++i) {
      const auto& links = document().analysis().reductions[i].links;
      const auto found = links.find(link());
      if (c.runs[i].setup != c.setups[s].id || found == links.end()) continue;
      for (const log::Dropout& d : found->second.events.dropouts)
        if (std::isfinite(d.begin_m) && std::isfinite(d.end_m))
          strokes.push_back({std::min(d.begin_m, d.end_m) - 3, std::max(d.begin_m, d.end_m) + 3, double(s) + offset});
      offset += 0.6 / std::max<double>(double(c.runs.size()) / double(c.setups.size()), 1);
    }
    QPen pen(theme::setupColour(int(s)), 2);
    pen.setCapStyle(Qt::FlatCap);
    m_lanes->strokes(m_dropouts, strokes, pen);
  }
  m_lanes->setRows(m_dropouts, names);
}

std::vector<analysis::Sentence> CompareStage::findings() const {
  if (!document().analysed()) return {{analysis::Tone::Result, "Analysing", "The verdict appears here in a moment."}};
  return analysis::findings(document().analysedCampaign(), document().analysis());
}

QString CompareStage::lacks() const {
  int flown = 0;
  for (const auto& s : document().campaign().setups) flown += document().analysis().limiting(s.id) != nullptr;
  return flown >= 2 ? QString() : tr("two setups flown");
}

QByteArray CompareStage::csv() const {
  return QByteArray::fromStdString(analysis::lanesCsv(document().analysedCampaign(), document().analysis(), link()));
}

}  // namespace distanz::app
