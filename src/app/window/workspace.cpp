#include "app/window/workspace.h"

#include <QHBoxLayout>
#include <QVBoxLayout>

#include "app/compare/compare_stage.h"
#include "app/kit/kit_stage.h"
#include "app/plan/plan_stage.h"
#include "app/runs/runs_stage.h"
#include "app/shared/theme.h"

namespace distanz::app {

Workspace::Workspace(const std::filesystem::path& file, QWidget* parent)
    : QWidget(parent), m_document(file), m_views(new QStackedWidget), m_findings(new FindingsColumn), m_rule(new RangeRule(m_document)) {
  auto* runs = new RunsStage(m_document);
  connect(runs, &RunsStage::importRequested, this, &Workspace::importRequested);
  m_stages = {new KitStage(m_document), new PlanStage(m_document), runs, new CompareStage(m_document)};
  m_entries = {{tr("Kit"), "kit"}, {tr("Plan"), "plan"}, {tr("Runs"), "runs"}, {tr("Compare"), "compare"}};
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
  for (std::size_t i = 0; i < m_stages.size(); ++i) {
    m_views->addWidget(m_stages[i]);
    connect(m_stages[i], &Stage::findingsChanged, this, [this, i] {
      if (m_views->currentIndex() == int(i)) refreshFindings();
      m_rail->setLacks(int(i), m_stages[i]->lacks());
    });
    m_rail->setLacks(int(i), m_stages[i]->lacks());
  }
  connect(m_rail, &StageRail::chosen, this, &Workspace::showStage);
  // The first stage that still lacks something is where work goes on.
  int first = 0;
  while (first + 1 < int(m_stages.size()) && m_stages[size_t(first)]->lacks().isEmpty()) ++first;
  showStage(first);
}

Stage* Workspace::current() const {
  return m_stages[size_t(m_views->currentIndex())];
}

void Workspace::showStage(int stage) {
  m_views->setCurrentIndex(stage);
  m_rail->setCurrent(stage);
  refreshFindings();
  emit stageChanged();
}

void Workspace::showStageNamed(const QString& icon) {
  for (std::size_t i = 0; i < m_entries.size(); ++i)
    if (m_entries[i].icon == icon) showStage(int(i));
}

void Workspace::refreshFindings() {
  m_findings->show(tr("What matters here"), current()->findings());
}

}  // namespace distanz::app
