#include "app/plan/plan_stage.h"

#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/plan/prediction.h"
#include "core/text/text.h"

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
  const auto& c = document().campaign();
  if (c.links.empty()) return nullptr;
  // The link that is predicted to fail first is the one to plan by.
  std::string least;
  double range = INFINITY;
  for (const auto& p : plan::predict(c, document().axisEnd_m(), 2))
    if (p.range_m && *p.range_m < range) range = *p.range_m, least = p.link;
  const campaign::Link* found = campaign::findLink(c, least);
  return found ? found : &c.links.front();
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
  for (const auto& p : plan::predict(document().campaign(), document().axisEnd_m())) {
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
        tr("%1 link: critical level %2 dBm").arg(QString::fromStdString(link->id)).arg(*critical, 0, 'f', 0));
  m_lanes->setRange(m_signal, std::min(low, critical.value_or(low)) - 8, -45);
}

void PlanStage::drawClearance() {
  const campaign::Link* link = shownLink();
  const auto c = link ? plan::clearance(document().campaign(), link->frequency_mhz) : std::nullopt;
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

std::vector<analysis::Sentence> PlanStage::findings() const {
  using analysis::Tone;
  std::vector<analysis::Sentence> out;
  const auto& d = document();
  const campaign::Link* link = shownLink();
  const auto c = link ? plan::clearance(d.campaign(), link->frequency_mhz) : std::nullopt;
  const auto text = [](const QString& s) { return s.toStdString(); };
  if (!d.campaign().station.position())
    return {{Tone::Advice, text(tr("Set the station")),
             text(tr("Where you stand and the ground antenna is. Path and distances are seen from there."))}};
  if (!c)
    return {{Tone::Advice, text(tr("Set the far post")),
             text(tr("By its coordinates, or by distance and bearing from the station. Everything after "
                     "hangs on this path."))}};
  if (c->clear)
    out.push_back({Tone::Result, text(tr("The path is clear")),
                   text(tr("60 % of the first Fresnel zone is free all the way at %1. Closest at %2: the ray "
                           "has %3 m, %4 m are needed.")
                            .arg(QString::fromStdString(
                                     quantity::format(quantity::Kind::Frequency, link->frequency_mhz)),
                                 distanceLabel(c->worst.distance_m))
                            .arg(c->worst.ray_m, 0, 'f', 1)
                            .arg(c->worst.needed_m, 0, 'f', 1))});
  else
    out.push_back({Tone::Caution, text(tr("Too low for the far end")),
                   text(tr("At %1 from the station the ray has %2 m where %3 m are needed (60 % of the first "
                           "Fresnel zone). Clear up to "
                           "%4. Fly higher or raise the antenna.")
                            .arg(distanceLabel(c->worst.distance_m))
                            .arg(c->worst.ray_m, 0, 'f', 1)
                            .arg(c->worst.needed_m, 0, 'f', 1)
                            .arg(c->clear_to_m ? distanceLabel(*c->clear_to_m) : tr("nowhere")))});
  for (const auto& p : plan::predict(d.campaign(), d.axisEnd_m(), 2))
    if (p.link == link->id && p.range_m)
      out.push_back({Tone::Result,
                     {},
                     text(tr("%1 is predicted to reach %2 on the %3 link, with exponent %4.")
                              .arg(QString::fromStdString(p.setup), distanceLabel(*p.range_m),
                                   QString::fromStdString(p.link))
                              .arg(d.campaign().plan_exponent))});
  const auto* first =
      d.campaign().setups.empty() ? nullptr : d.analysis().limiting(d.campaign().setups.front().id);
  if (first && first->exponent)
    out.push_back({Tone::Advice, text(tr("Use the flown exponent")),
                   text(tr("The flights so far give %1 (95 %: %2 to %3).")
                            .arg(first->exponent->estimate, 0, 'f', 2)
                            .arg(first->exponent->low, 0, 'f', 2)
                            .arg(first->exponent->high, 0, 'f', 2))});
  out.push_back({Tone::Result,
                 {},
                 text(tr("Radio horizon %1. Beyond %2 the ground reflection makes the signal fall faster.")
                          .arg(distanceLabel(c->horizon_m), distanceLabel(c->breakpoint_m)))});
  out.push_back({Tone::Caution,
                 {},
                 text(tr("Keep sight of the aircraft or an observer where the rules ask for it. Test "
                         "failsafe and return before any range "
                         "run; set the return height above obstacles."))});
  return out;
}

QString PlanStage::lacks() const {
  if (!document().campaign().station.position()) return tr("a station");
  return campaign::courseOf(document().campaign()) ? QString() : tr("a path");
}

QByteArray PlanStage::csv() const {
  QByteArray out("setup,link,distance_m,predicted_dbm\n");
  for (const auto& p : plan::predict(document().campaign(), document().axisEnd_m()))
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
