#include "app/plan/plan_stage.h"

#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/analysis/findings/advice.h"
#include "core/text/text.h"
#include "words/quantity.h"

namespace distanz::app {

PlanStage::PlanStage(Document& document, QWidget* parent)
    : Stage(document, parent),
      m_form(new PathForm(document)),
      m_path(new PathView(document)),
      m_lanes(new LanePlot) {
  auto* layout = new QVBoxLayout(this);
  layout->setContentsMargins(0, 0, 0, 0);
  layout->setSpacing(4);
  layout->addWidget(m_form);
  layout->addWidget(m_path);
  layout->addWidget(m_lanes, 1);
  m_signal = m_lanes->addLane(tr("Predicted signal"), tr("dBm"), 55);
  m_clearance = m_lanes->addLane(
      tr("Clearance over flat ground with earth bulge: ray and first Fresnel zone"), tr("m"), 45);
  connect(m_lanes, &LanePlot::picked, &document, [&document](double d) { document.pick(d); });
  connect(&document, &Document::pickedChanged, this,
          [this] { m_lanes->setPicked(this->document().picked()); });
  connect(&document, &Document::changed, this, &PlanStage::refresh);
  connect(&document, &Document::analysisChanged, this, &PlanStage::refresh);
  refresh();
}

const campaign::Link* PlanStage::shownLink() const {
  return campaign::findLink(document().campaign(), document().planned().link);
}

void PlanStage::showEvent(QShowEvent*) {
  if (m_stale) refresh();
}

void PlanStage::refresh() {
  emit findingsChanged();
  m_stale = !isVisible();
  if (m_stale) return;
  m_lanes->clear();
  m_lanes->setAxisEnd(document().axisEnd_m());
  m_lanes->setRange(m_signal, -110, -40);
  m_lanes->setRange(m_clearance, 0, 80);
  drawPrediction();
  drawClearance();
  m_lanes->setPicked(document().picked());
}

void PlanStage::drawPrediction() {
  const campaign::Link* link = shownLink();
  bool any = false;
  double low = 0;
  for (const auto& p : document().planned().predictions) {
    if (!link || p.link != link->id) continue;
    any = true;
    const int mark = document().markOf(p.setup);
    m_lanes->line(m_signal, p.distance_m, p.received_dbm, theme::setupPen(mark, 2));
    low = std::min(low, p.received_dbm.back());
  }
  if (!any) {
    m_lanes->note(m_signal, tr("Enter transmit power and antenna gains in Kit to see a prediction"));
    return;
  }
  const auto critical = campaign::criticalFromKit(*link);
  if (critical)
    m_lanes->floor(
        m_signal, *critical,
        tr("%1 link: critical level %2")
            .arg(QString::fromStdString(link->id), words::quantity(*critical, quantity::Unit::Dbm)));
  m_lanes->setRange(m_signal, std::min(low, critical.value_or(low)) - 8, -45);
}

void PlanStage::drawClearance() {
  const auto& c = document().planned().clearance;
  if (!c) {
    m_lanes->note(m_clearance, document().campaign().station.position()
                                   ? tr("Set the far post to see the clearance")
                                   : tr("Set the station and the far post to see the clearance"));
    return;
  }
  const auto& t = theme::tokens();
  std::vector<double> x, ray, low, high, ground, under;
  double top = 0;
  for (const auto& p : c->points) {
    x.push_back(p.distance_m);
    ray.push_back(p.ray_m);
    low.push_back(p.zone_low_m);
    high.push_back(p.zone_high_m);
    ground.push_back(p.bulge_m);
    under.push_back(-20);
    top = std::max(top, p.zone_high_m);
  }
  m_lanes->band(m_clearance, x, low, high, t.accent);
  m_lanes->line(m_clearance, x, ray, QPen(t.accent, 1.6));
  m_lanes->band(m_clearance, x, under, ground, t.ink);
  m_lanes->line(m_clearance, x, ground, QPen(t.ink, 1.6));
  m_lanes->setRange(m_clearance, std::min(-4.0, -top * 0.08), top * 1.1);
}

std::vector<Finding> PlanStage::findings() const {
  return analysis::planAdvice(document().campaign(), document().planned(), document().analysis());
}

std::optional<Finding> PlanStage::lacks() const {
  return analysis::planLacks(document().campaign());
}

QByteArray PlanStage::csv() const {
  QByteArray out("setup,link,distance_m,predicted_dbm\n");
  for (const auto& p : document().planned().predictions)
    for (std::size_t i = 0; i < p.distance_m.size(); ++i)
      out += QString("%1,%2,%3,%4\n")
                 .arg(QString::fromStdString(text::csvField(p.setup)),
                      QString::fromStdString(text::csvField(p.link)))
                 .arg(p.distance_m[i], 0, 'f', 1)
                 .arg(p.received_dbm[i], 0, 'f', 2)
                 .toUtf8();
  return out;
}

}  // namespace distanz::app
