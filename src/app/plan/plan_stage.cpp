#include "app/plan/plan_stage.h"

#include <QVBoxLayout>
#include <algorithm>

#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/analysis/findings/advice.h"
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
  return QByteArray::fromStdString(plan::predictionsCsv(document().planned().predictions));
}

}  // namespace distanz::app
