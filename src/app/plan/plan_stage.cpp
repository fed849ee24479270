#include "app/plan/plan_stage.h"

#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/analysis/findings/advice.h"
#include "core/text/text.h"
#include "lanes/plan_lanes.h"

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
  connect(m_lanes, &LanePlot::picked, &document, [&document](double d) { document.pick(d); });
  connect(&document, &Document::pickedChanged, this,
          [this] { m_lanes->setPicked(this->document().picked()); });
  connect(&document, &Document::changed, this, &PlanStage::refresh);
  connect(&document, &Document::analysisChanged, this, &PlanStage::refresh);
  refresh();
}

void PlanStage::showEvent(QShowEvent*) {
  if (m_stale) refresh();
}

void PlanStage::refresh() {
  emit findingsChanged();
  m_stale = !isVisible();
  if (m_stale) return;
  m_lanes->draw(lanes::planLanes(document().campaign(), document().planned(), document().axisEnd_m()));
  m_lanes->setPicked(document().picked());
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
