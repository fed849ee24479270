#include "app/runs/runs_stage.h"

#include <QHeaderView>
#include <QLabel>
#include <QVBoxLayout>
#include <QtConcurrent>
#include <algorithm>

#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "app/shared/void_run.h"
#include "core/analysis/findings/advice.h"
#include "core/analysis/reduce/reduction.h"

namespace distanz::app {

RunsStage::RunsStage(Document& document, QWidget* parent)
    : Stage(document, parent),
      m_model(new RunTable(document, this)),
      m_table(new QTableView),
      m_cutter(new LegCutter),
      m_void(new QPushButton(tr("Void ..."))),
      m_remove(new QPushButton(tr("Remove"))) {
  auto* layout = new QVBoxLayout(this);
  layout->setContentsMargins(16, 12, 16, 8);
  layout->setSpacing(8);
  layout->addLayout(headRow());
  setUpTable();
  layout->addWidget(m_table, 3);
  layout->addWidget(m_cutter, 2);
  connectAll();
  if (!document.campaign().runs.empty()) m_table->selectRow(0);
  showSelected();
}

QHBoxLayout* RunsStage::headRow() {
  auto* row = new QHBoxLayout;
  auto* import = new QPushButton(tr("Bring logs in ..."));
  import->setObjectName("bringIn");
  import->setProperty("next", true);
  row->addWidget(import);
  auto* hint = plainLabel(tr("or drop logs anywhere on the window"));
  hint->setProperty("muted", true);
  row->addWidget(hint);
  row->addStretch();
  m_void->setObjectName("voidRun");
  m_void->setToolTip(tr("Keep the run but do not count it, with a reason; or count it again"));
  m_remove->setObjectName("removeRun");
  row->addWidget(m_void);
  row->addWidget(m_remove);
  connect(import, &QPushButton::clicked, this, &RunsStage::importRequested);
  return row;
}

void RunsStage::setUpTable() {
  m_table->setObjectName("runTable");
  m_table->setModel(m_model);
  m_table->setItemDelegate(new RunDelegate(document(), this));
  m_table->setSelectionBehavior(QAbstractItemView::SelectRows);
  m_table->setTabKeyNavigation(false);  // Tab goes on to what comes next
  m_table->setSelectionMode(QAbstractItemView::SingleSelection);
  m_table->setEditTriggers(QAbstractItemView::DoubleClicked | QAbstractItemView::EditKeyPressed |
                           QAbstractItemView::SelectedClicked);
  m_table->verticalHeader()->hide();
  m_table->verticalHeader()->setDefaultSectionSize(28);
  m_table->setShowGrid(false);
  m_table->setWordWrap(false);
  m_table->setAlternatingRowColors(true);
  m_table->horizontalHeader()->setStretchLastSection(true);
  const int widths[] = {40, 42, 42, 50, 134, 72, 66, 64, 62, 78, 56, 58, 60};
  for (int i = 0; i < int(std::size(widths)); ++i) {
    const int heading = m_table->horizontalHeader()->sectionSizeHint(i);
    m_table->setColumnWidth(i, std::max(widths[i], heading));
  }
}

void RunsStage::connectAll() {
  connect(m_void, &QPushButton::clicked, this, [this] { voidOrCount(this, document(), m_selected); });
  connect(m_remove, &QPushButton::clicked, this, &RunsStage::removeSelected);
  connect(m_cutter, &LegCutter::moved, this, &RunsStage::moveTurn);
  connect(&m_track, &QFutureWatcher<Track>::finished, this, [this] {
    const Track t = m_track.result();
    m_cutter->show(t ? std::optional(*t) : std::nullopt);
  });
  connect(m_table->selectionModel(), &QItemSelectionModel::currentRowChanged, this,
          [this](const QModelIndex& now) {
            if (now.isValid() && size_t(now.row()) < document().campaign().runs.size())
              m_selected = document().campaign().runs[size_t(now.row())].id;
            showSelected();
          });
  connect(&document(), &Document::changed, this, &RunsStage::showSelected);
  connect(&document(), &Document::analysisChanged, this, [this] { emit findingsChanged(); });
}

void RunsStage::showRun(const std::string& run) {
  m_selected = run;
  showSelected();
}

std::string RunsStage::selected() const {
  return campaign::findRun(document().campaign(), m_selected) ? m_selected : std::string();
}

void RunsStage::showSelected() {
  const campaign::Run* run = campaign::findRun(document().campaign(), m_selected);
  m_void->setEnabled(run);
  m_remove->setEnabled(run);
  if (!run) {
    m_cutter->show(std::nullopt);
    return;
  }
  m_void->setText(run->void_reason.empty() ? tr("Void ...") : tr("Count it again"));
  const int row = int(run - document().campaign().runs.data());
  if (m_table->currentIndex().row() != row) m_table->selectRow(row);
  const int mark = document().markOf(run->setup);
  m_track.setFuture(QtConcurrent::run([run = *run, c = document().campaign(), samples = document().samples(),
                                       colour = theme::setupColour(std::max(mark, 0))]() -> Track {
    try {
      const auto recording = samples->recording(run, c);
      const auto path = campaign::courseOf(c, run.path);
      log::Track track = analysis::trackOf(run, *recording, path ? &*path : nullptr);
      const bool hand = run.turn_begin_s.has_value();
      const QString title =
          tr("Run %1: distance over time%2")
              .arg(QString::fromStdString(run.id), hand ? tr(", turn moved by hand") : QString());
      return std::make_shared<LegCutter::Shown>(
          LegCutter::Shown{title, colour, recording->time_s, std::move(track.distance_m), track.turn});
    } catch (const std::exception&) {
      return nullptr;  // the reason stands in the table
    }
  }));
}

void RunsStage::moveTurn(double begin_s, double end_s) {
  campaign::Campaign next = document().campaign();
  campaign::Run* run = campaign::findRun(next, m_selected);
  if (!run) return;
  run->turn_begin_s = begin_s;
  run->turn_end_s = end_s;
  document().edit(finding("move-turn", {}, {"run", m_selected}), next);
}

void RunsStage::removeSelected() {
  campaign::Campaign next = document().campaign();
  std::erase_if(next.runs, [&](const campaign::Run& r) { return r.id == m_selected; });
  document().edit(finding("remove-run", {}, {"run", m_selected}), next);
}

std::vector<Finding> RunsStage::findings() const {
  const auto& d = document();
  return analysis::runsAdvice(d.campaign().runs.empty() ? d.campaign() : d.analysedCampaign(), d.analysis());
}

std::optional<Finding> RunsStage::lacks() const {
  return analysis::runsLacks(document().campaign());
}

}  // namespace distanz::app
