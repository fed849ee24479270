#include "app/window/workspace.h"

#include <QHBoxLayout>
#include <QVBoxLayout>
#include <algorithm>

#include "app/shared/bound_fields.h"
#include "app/shared/tab_order.h"
#include "app/shared/theme.h"
#include "app/shared/void_run.h"
#include "app/window/stages.h"
#include "words/say.h"

namespace distanz::app {
namespace {

constexpr int kFoldBelow = 1040;  // px: narrower, the findings would squeeze the stage

QString said(const std::optional<Finding>& lacks) {
  return lacks ? words::sentence(*lacks) : QString();
}

}  // namespace

Workspace::Workspace(Document& document, QWidget* parent)
    : QWidget(parent),
      m_document(document),
      m_views(new QStackedWidget),
      m_findings(new FindingsColumn),
      m_rule(new RangeRule(m_document)),
      m_progress(new QProgressBar),
      m_open(new QPushButton(this)) {
  m_stages.resize(stageTable().size());
  std::vector<StageRail::Entry> entries;
  for (const StageInfo& stage : stageTable()) entries.push_back({titleOf(stage), stage.id});
  m_rail = new StageRail(entries);
  layOut();
  connect(m_findings, &FindingsColumn::voidRequested, this,
          [this](const QString& run) { voidOrCount(this, m_document, {run.toStdString()}); });
  // Once the click is over: what is done makes the sentences anew, its button with them.
  connect(m_findings, &FindingsColumn::remedyRequested, this, [this](const Finding& f) {
    QMetaObject::invokeMethod(this, [this, f] { if (m_shown) m_shown->carryOut(f); }, Qt::QueuedConnection);
  });
  connect(&m_document, &Document::progressed, this, &Workspace::showProgress);
  connect(&m_document, &Document::analysisChanged, this, [this] {
    if (!m_document.analysing()) showProgress(1);
  });
  connect(m_rail, &StageRail::chosen, this, &Workspace::showStage);
  m_views->addWidget(
      new QWidget);  // until a stage is chosen: the first one added would be shown, and laid out for nothing
  m_building.setInterval(0);
  connect(&m_building, &QTimer::timeout, this, &Workspace::buildNext);
  m_building.start();
}

void Workspace::layOut() {
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
  m_progress->setObjectName("analysing");
  m_progress->setAccessibleName(tr("Analysing"));
  m_progress->setTextVisible(false);
  m_progress->setFixedHeight(3);
  m_progress->setRange(0, 1000);
  m_progress->hide();
  right->addWidget(m_progress);
  right->addWidget(m_rule);
  outer->addLayout(right, 1);
  m_open->setObjectName("openFindings");
  m_open->setCheckable(true);
  m_open->hide();
  connect(m_open, &QPushButton::toggled, this, &Workspace::fold);
}

void Workspace::showProgress(double share) {
  if (m_progress->value() == 0) m_running.restart();
  m_progress->setValue(share < 1 ? std::max(int(1000 * share), 1) : 0);
  m_progress->setVisible(share < 1 && m_running.elapsed() >= m_patience_ms);
}

void Workspace::fold() {
  const bool narrow = width() < kFoldBelow;
  m_open->setVisible(narrow);
  m_findings->setVisible(!narrow || m_open->isChecked());
  m_open->setText(m_open->isChecked() ? tr("Close") : tr("What matters"));
  m_open->adjustSize();
  const int right = width() - (m_findings->isVisible() ? m_findings->width() : 0);
  m_open->move(right - m_open->width() - 8, 8);
  m_open->raise();
}

void Workspace::resizeEvent(QResizeEvent* event) {
  QWidget::resizeEvent(event);
  fold();
}

bool Workspace::focusNextPrevChild(bool next) {
  QWidget* to = nextTabStop(this, next);
  if (!to) return QWidget::focusNextPrevChild(next);
  to->setFocus(next ? Qt::TabFocusReason : Qt::BacktabFocusReason);
  return true;
}

void Workspace::buildNext() {
  const auto next = std::find(m_stages.begin(), m_stages.end(), nullptr);
  if (next == m_stages.end()) return m_building.stop();
  const int stage = int(next - m_stages.begin());
  build(stage);
  // The first stage that still lacks something is where work goes on.
  const Stage& made = *m_stages[size_t(stage)];
  if (!m_shown && (stage + 1 == stages() || (made.lacks() && !made.optional()))) showStage(stage);
}

void Workspace::build(int stage) {
  Stage*& slot = m_stages[size_t(stage)];
  if (slot) return;
  slot = stageTable()[size_t(stage)].make(m_document);
  m_views->addWidget(slot);
  connect(slot, &Stage::findingsChanged, this, [this, stage, made = slot] {
    if (made == current()) refreshFindings();
    m_rail->setLacks(stage, said(made->lacks()));
  });
  connect(slot, &Stage::importRequested, this, &Workspace::importRequested);
  connect(slot, &Stage::filesRequested, this, &Workspace::filesRequested);
  connect(slot, &Stage::saveRequested, this, &Workspace::saveRequested);
  connect(slot, &Stage::runRequested, this, [this](const QString& run) {
    showStageNamed("runs");
    m_shown->showRun(run.toStdString());
  });
  connect(slot, &Stage::recordRequested, this, [this](const QString& record) {
    showStageNamed("bench");
    m_shown->showRecord(record.toStdString());
  });
  m_rail->setLacks(stage, said(slot->lacks()));
}

void Workspace::finish() {
  fields::finishTyping(this);
  for (Stage* stage : m_stages)
    if (stage) stage->finish();
  m_document.close();
}

Stage* Workspace::current() const {
  return m_shown;
}

int Workspace::currentStage() const {
  const auto found = std::find(m_stages.begin(), m_stages.end(), m_shown);
  return m_shown ? int(found - m_stages.begin()) : -1;
}

void Workspace::showStage(int stage) {
  fields::finishTyping(this);
  build(stage);
  m_shown = m_stages[size_t(stage)];
  m_views->setCurrentWidget(m_shown);
  m_rail->setCurrent(stage);
  refreshFindings();
  emit stageChanged();
}

void Workspace::showStageNamed(const QString& id) {
  for (int i = 0; i < stages(); ++i)
    if (id == stageTable()[size_t(i)].id) showStage(i);
}

void Workspace::refreshFindings() {
  if (m_shown) m_findings->show(tr("What matters here"), m_shown->findings());
}

}  // namespace distanz::app
