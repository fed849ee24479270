#include "app/window/workspace.h"

#include <QHBoxLayout>
#include <QVBoxLayout>
#include <algorithm>

#include "app/compare/compare_stage.h"
#include "app/kit/kit_stage.h"
#include "app/plan/plan_stage.h"
#include "app/runs/runs_stage.h"
#include "app/shared/theme.h"
#include "app/shared/void_run.h"

namespace distanz::app {

Workspace::Workspace(Document& document, QWidget* parent)
    : QWidget(parent),
      m_document(document),
      m_views(new QStackedWidget),
      m_findings(new FindingsColumn),
      m_rule(new RangeRule(m_document)) {
  m_entries = {{tr("Kit"), "kit"}, {tr("Plan"), "plan"}, {tr("Runs"), "runs"}, {tr("Compare"), "compare"}};
  m_stages.resize(m_entries.size());
  m_rail = new StageRail(m_entries);
  auto* outer = new QHBoxLayout(this);
  outer->setContentsMargins(0, 0, 0, 0);
  outer->setSpacing(0);
  outer->addWidget(m_rail);
  auto* right = new QVBoxLayout;
  right->setSpacing(0);
  auto* top = new QHBoxLayout;
  top->setSpacing(0);
  top->addWidget(m_views, 1);
  top->addWidget(m_findings);
  right->addLayout(top, 1);
  right->addWidget(m_rule);
  outer->addLayout(right, 1);
  connect(m_findings, &FindingsColumn::voidRequested, this,
          [this](const QString& run) { voidOrCount(this, m_document, run.toStdString()); });
  connect(m_rail, &StageRail::chosen, this, &Workspace::showStage);
  m_views->addWidget(new QWidget);  // until a stage is chosen: the first one added would be shown, and laid out for nothing
  m_building.setInterval(0);
  connect(&m_building, &QTimer::timeout, this, &Workspace::buildNext);
  m_building.start();
}

void Workspace::buildNext() {
  const auto next = std::find(m_stages.begin(), m_stages.end(), nullptr);
  if (next == m_stages.end()) return m_building.stop();
  const int stage = int(next - m_stages.begin());
  build(stage);
  // The first stage that still lacks something is where work goes on.
  if (!m_shown && (stage + 1 == stages() || !m_stages[size_t(stage)]->lacks().isEmpty())) showStage(stage);
}

void Workspace::build(int stage) {
  Stage*& slot = m_stages[size_t(stage)];
  if (slot) return;
  slot = make(stage);
  m_views->addWidget(slot);
  connect(slot, &Stage::findingsChanged, this, [this, stage, made = slot] {
    if (made == current()) refreshFindings();
    m_rail->setLacks(stage, made->lacks());
  });
  m_rail->setLacks(stage, slot->lacks());
}

Stage* Workspace::make(int stage) {
  const QString name = m_entries[size_t(stage)].icon;
  if (name == "kit") return new KitStage(m_document);
  if (name == "plan") return new PlanStage(m_document);
  if (name == "runs") {
    auto* runs = new RunsStage(m_document);
    connect(runs, &RunsStage::importRequested, this, &Workspace::importRequested);
    return runs;
  }
  auto* compare = new CompareStage(m_document);
  connect(compare, &CompareStage::runRequested, this, [this](const QString& run) {
    showStageNamed("runs");
    if (auto* runs = dynamic_cast<RunsStage*>(current())) runs->select(run.toStdString());
  });
  return compare;
}

Stage* Workspace::current() const {
  return m_shown;
}

int Workspace::currentStage() const {
  const auto found = std::find(m_stages.begin(), m_stages.end(), m_shown);
  return m_shown ? int(found - m_stages.begin()) : -1;
}

void Workspace::showStage(int stage) {
  build(stage);
  m_shown = m_stages[size_t(stage)];
  m_views->setCurrentWidget(m_shown);
  m_rail->setCurrent(stage);
  refreshFindings();
  emit stageChanged();
}

void Workspace::showStageNamed(const QString& icon) {
  for (std::size_t i = 0; i < m_entries.size(); ++i)
    if (m_entries[i].icon == icon) showStage(int(i));
}

void Workspace::refreshFindings() {
  if (m_shown) m_findings->show(tr("What matters here"), m_shown->findings());
}

}  // namespace distanz::app
