#include "app/window/workspace.h"

#include <QHBoxLayout>
#include <QStyle>
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

constexpr int kCompactBelow = 620;  // px: lower, the rule shows its bars and nothing else
constexpr int kFoldBelow = 1040;    // px: narrower, the findings would squeeze the stage

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
      m_answer(new AnswerBand) {
  m_stages.resize(stageTable().size());
  std::vector<StageRail::Entry> entries;
  for (const StageInfo& stage : stageTable()) entries.push_back({titleOf(stage), stage.id});
  m_rail = new StageRail(entries);
  layOut();
  connect(m_findings, &FindingsColumn::voidRequested, this,
          [this](const QString& run) { voidOrCount(this, m_document, {run.toStdString()}); });
  // Once the click is over: what is done makes the sentences anew, its button with them.
  connect(m_findings, &FindingsColumn::remedyRequested, this, [this](const Finding& f) {
    QMetaObject::invokeMethod(
        this,
        [this, f] {
          if (m_shown) m_shown->carryOut(f);
        },
        Qt::QueuedConnection);
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
  auto* top = m_top = new QHBoxLayout;
  top->setSpacing(0);
  auto* left = new QVBoxLayout;
  left->setSpacing(0);
  left->addWidget(m_answer);
  left->addWidget(m_views, 1);
  top->addLayout(left, 1);
  top->addWidget(m_findings);
  m_views->installEventFilter(this);
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
  m_answer->hide();
  connect(&m_answer->button(), &QPushButton::toggled, this, &Workspace::fold);
}

void Workspace::showProgress(double share) {
  if (m_progress->value() == 0) m_running.restart();
  m_progress->setValue(share < 1 ? std::max(int(1000 * share), 1) : 0);
  m_progress->setVisible(share < 1 && m_running.elapsed() >= m_patience_ms);
}

void Workspace::fold() {
  const bool narrow = width() < kFoldBelow;
  if (narrow != m_narrow) {
    m_narrow = narrow;
    narrow ? m_top->removeWidget(m_findings) : m_top->addWidget(m_findings);
    m_findings->setProperty("over", narrow);
    m_findings->style()->unpolish(m_findings);
    m_findings->style()->polish(m_findings);
  }
  QPushButton& open = m_answer->button();
  m_findings->setVisible(!narrow || open.isChecked());
  open.setText(open.isChecked() ? tr("Close") : tr("What matters"));
  showAnswer();
  placeDrawer();
  showRule();
}

/// Where there is no room beside the stage the column lies over its right side, as long as it is wanted.
void Workspace::placeDrawer() {
  if (!m_narrow) return;
  const QPoint at = m_views->mapTo(this, QPoint(0, 0));
  m_findings->setGeometry(width() - theme::kColumn, at.y(), theme::kColumn, m_views->height());
  m_findings->raise();
}

void Workspace::showRule() {
  const QString id = m_shown ? stageTable()[size_t(currentStage())].id : "";
  m_rule->showAs(id == "compare", height() < kCompactBelow, m_narrow ? 0 : theme::kColumn);
}

/// The axis spans what the stage shows, whatever stands beside it.
void Workspace::layAxis() {
  const double left = m_views->mapTo(this, QPoint(0, 0)).x();
  m_document.axis().lay(this, left + theme::kAxisLeft, left + m_views->width() - theme::kAxisRight);
}

bool Workspace::eventFilter(QObject* watched, QEvent* event) {
  if (watched == m_views && (event->type() == QEvent::Resize || event->type() == QEvent::Move)) {
    layAxis();
    placeDrawer();
  }
  return QWidget::eventFilter(watched, event);
}

void Workspace::resizeEvent(QResizeEvent* event) {
  QWidget::resizeEvent(event);
  fold();
}

bool Workspace::focusNextPrevChild(bool next) {
  fields::finishTyping(this);  // what that changes is there before the next stop is looked for
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
    m_rail->setState(stage, words::sentence(made->has()), said(made->lacks()));
  });
  connect(slot, &Stage::importRequested, this, &Workspace::importRequested);
  connect(slot, &Stage::importTakenUp, this, &Workspace::importTakenUp);
  slot->showKeptImport(m_kept_import);
  if (!m_link.empty()) slot->chooseLink(m_link);
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
  m_rail->setState(stage, words::sentence(slot->has()), said(slot->lacks()));
}

void Workspace::finish() {
  fields::finishTyping(this);
  for (Stage* stage : m_stages)
    if (stage) stage->finish();
  m_document.close();
}

void Workspace::setKeptImport(int logs) {
  m_kept_import = logs;
  for (Stage* stage : m_stages)
    if (stage) stage->showKeptImport(logs);
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
  showRule();
  refreshFindings();
  emit stageChanged();
}

void Workspace::showStageNamed(const QString& id) {
  for (int i = 0; i < stages(); ++i)
    if (id == stageTable()[size_t(i)].id) showStage(i);
}

KeptView Workspace::view() const {
  KeptView out{stageTable()[size_t(currentStage())].id, m_link};
  for (const Stage* stage : m_stages)
    if (stage && !stage->chosenLink().empty()) out.link = stage->chosenLink();
  return out;
}

void Workspace::show(const KeptView& view) {
  m_link = view.link;
  showStageNamed(view.stage);
}

void Workspace::refreshFindings() {
  if (!m_shown) return;
  const std::vector<Finding> findings = m_shown->shownFindings();
  m_headline = m_shown->headline();
  m_findings->show(tr("What matters here"), findings, m_headline.large.empty());
  m_first = findings.empty() ? std::nullopt : std::optional(findings.front());
  showAnswer();
}

void Workspace::showAnswer() {
  Stage::Headline headline = m_headline;
  const bool own = !headline.large.empty();
  if (!own && m_first) headline.large.push_back(*m_first);
  m_answer->show(headline, !own || height() < kCompactBelow);
  m_answer->button().setVisible(m_narrow);
  m_answer->setVisible(own || m_narrow);
}

}  // namespace distanz::app
