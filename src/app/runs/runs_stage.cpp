#include "app/runs/runs_stage.h"

#include <QClipboard>
#include <QDateTime>
#include <QFile>
#include <QGuiApplication>
#include <QHeaderView>
#include <QLabel>
#include <QMenu>
#include <QShortcut>
#include <QVBoxLayout>
#include <QtConcurrent>
#include <algorithm>

#include "app/runs/flown_menu.h"
#include "app/runs/hand_log_dialog.h"
#include "app/runs/marks_dialog.h"
#include "app/shared/elided_label.h"
#include "app/shared/head_buttons.h"
#include "app/shared/path_of.h"
#include "app/shared/table_text.h"
#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "app/shared/void_run.h"
#include "core/analysis/findings/has.h"
#include "core/analysis/findings/advice.h"
#include "core/analysis/reduce/reduction.h"
#include "core/analysis/result/campaign_analysis.h"
#include "core/campaign/post_distance.h"
#include "core/log/run_facts.h"
#include "formats/files.h"
#include "words/phrases.h"
#include "words/quantity.h"
#include "words/say.h"

namespace distanz::app {

RunsStage::RunsStage(Document& document, QWidget* parent)
    : Stage(document, parent),
      m_model(new RunTable(document, this)),
      m_sorted(new QSortFilterProxyModel(this)),
      m_find(new QLineEdit),
      m_table(new QTableView),
      m_strip(new RunStrip),
      m_void(new QPushButton(tr("Exclude ..."))),
      m_remove(new QPushButton(tr("Remove"))) {
  auto* layout = new QVBoxLayout(this);
  layout->setContentsMargins(16, 12, 16, 8);
  layout->setSpacing(8);
  layout->addLayout(headRow());
  setUpTable();
  m_body = new QWidget;
  auto* body = new QVBoxLayout(m_body);
  body->setContentsMargins(0, 0, 0, 0);
  body->setSpacing(8);
  body->addWidget(m_table, 4);
  body->addWidget(m_strip, 5);
  layout->addWidget(m_body, 1);
  connectAll();
  if (!document.campaign().runs.empty()) m_table->selectRow(0);
  showSelected();
}

QPushButton* RunsStage::readingsMenu() {
  QPushButton* button =
      menuButton(tr("Readings"), "readingsMenu", tr("Readings called out or read off a recording, by post, distance or time"));
  QMenu* menu = button->menu();
  QAction* write = menu->addAction(tr("Type row by row ..."));
  write->setObjectName("writeReadings");
  connect(write, &QAction::triggered, this, [this] {
    if (!m_hand_log) m_hand_log = new HandLogDialog(0, this);
    m_hand_log->setLastPost(campaign::lastPost(document().campaign()));
    if (m_hand_log->exec() != QDialog::Accepted) return;  // what was typed stays there
    const QString typed = m_hand_log->csv();
    m_hand_log->clear();
    bringInText(tr("readings"), typed);
  });
  QAction* paste = menu->addAction(tr("Paste a table"));
  paste->setObjectName("pasteReadings");
  connect(paste, &QAction::triggered, this, &RunsStage::paste);
  return button;
}

QHBoxLayout* RunsStage::headRow() {
  auto* row = new QHBoxLayout;
  auto* import = new QPushButton(tr("Import logs ..."));
  import->setObjectName("bringIn");
  theme::markNext(*import);
  row->addWidget(import);
  row->addWidget(readingsMenu());
  auto* keys = new QShortcut(QKeySequence::Paste, this);
  keys->setContext(Qt::WidgetWithChildrenShortcut);
  connect(keys, &QShortcut::activated, this, &RunsStage::paste);
  m_kept = new QPushButton;
  m_kept->setObjectName("takeUpImport");
  m_kept->hide();
  connect(m_kept, &QPushButton::clicked, this, &Stage::importTakenUp);
  row->addWidget(m_kept);
  auto* hint = new ElidedLabel(tr("or drop logs on the window"));
  hint->setProperty("muted", true);
  row->addWidget(hint, 1);
  m_find->setObjectName("findRuns");
  m_find->setPlaceholderText(tr("find runs"));
  m_find->setAccessibleName(tr("Show only runs with this text"));
  m_find->setClearButtonEnabled(true);
  m_find->setMaximumWidth(150);
  row->addWidget(m_find);
  m_void->setObjectName("voidRun");
  m_void->setToolTip(tr("Keep the run but do not count it, with a reason; or include it again"));
  m_remove->setObjectName("removeRun");
  row->addWidget(flownMenu(this, document(), [this] { return selectedRuns(); }));
  row->addWidget(m_void);
  row->addWidget(m_remove);
  connect(import, &QPushButton::clicked, this, [this] { emit importRequested({}); });
  return row;
}

QByteArray RunsStage::csv() const {
  return tableCsv(*m_model);
}

void RunsStage::find() {
  m_find->setFocus(Qt::ShortcutFocusReason);
  m_find->selectAll();
}

void RunsStage::showKeptImport(int logs) {
  m_kept->setVisible(logs > 0);
  m_kept->setText(tr("Go on importing %1").arg(words::counted("logs", logs)));
}

void RunsStage::setUpTable() {
  m_table->setObjectName("runTable");
  m_sorted->setSourceModel(m_model);
  m_sorted->setSortRole(RunTable::kSortRole);
  m_sorted->setFilterKeyColumn(-1);
  m_sorted->setFilterCaseSensitivity(Qt::CaseInsensitive);
  m_table->setModel(m_sorted);
  m_table->setSortingEnabled(true);
  m_table->horizontalHeader()->setSortIndicatorClearable(true);
  m_table->sortByColumn(-1, Qt::AscendingOrder);  // as they were brought in, until a heading is clicked
  m_table->setItemDelegate(new RunDelegate(document(), this));
  m_table->setSelectionBehavior(QAbstractItemView::SelectRows);
  m_table->setTabKeyNavigation(false);  // Tab goes on to what comes next
  m_table->setSelectionMode(QAbstractItemView::ExtendedSelection);
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
    const QString heading = m_model->headerData(i, Qt::Horizontal, Qt::DisplayRole).toString();
    m_table->setColumnWidth(i, std::max(widths[i], m_table->horizontalHeader()->fontMetrics().horizontalAdvance(heading) + 18));
  }
}

void RunsStage::connectAll() {
  connect(m_void, &QPushButton::clicked, this, [this] { voidOrCount(this, document(), selectedRuns()); });
  connect(m_find, &QLineEdit::textChanged, this, [this](const QString& text) {
    m_sorted->setFilterFixedString(text);
    showSelected();
  });
  connect(m_remove, &QPushButton::clicked, this, &RunsStage::removeSelected);
  connect(m_strip, &RunStrip::turnMoved, this, &RunsStage::moveTurn);
  connect(m_strip, &RunStrip::cutMoved, this, &RunsStage::cut);
  connect(m_strip, &RunStrip::furtherMoved, this, &RunsStage::moveFurther);
  connect(m_strip, &RunStrip::markWanted, this, [this](double time_s) {
    campaign::Campaign next = document().campaign();
    addMark(next, m_selected, time_s);
    document().edit(finding("mark-run", {}, {"run", m_selected}), next);
  });
  connect(&m_look, &QFutureWatcher<Looked>::finished, this, &RunsStage::showLook);
  connect(m_table->selectionModel(), &QItemSelectionModel::currentRowChanged, this,
          [this](const QModelIndex& now) {
            const int row = m_sorted->mapToSource(now).row();
            if (now.isValid() && size_t(row) < document().campaign().runs.size())
              m_selected = document().campaign().runs[size_t(row)].id;
            showSelected();
          });
  connect(&document(), &Document::changed, this, &RunsStage::showSelected);
  connect(&document(), &Document::analysisChanged, this, [this] {
    if (m_look.isFinished()) showLook();  // what was found out about the run stands on its strip
    emit findingsChanged();
  });
}

/// What is on the clipboard becomes a file like any other, so that the campaign keeps it as it was.
void RunsStage::paste() {
  const QString text = QGuiApplication::clipboard()->text();
  if (text.trimmed().isEmpty()) {
    emit document().refused(tr("Nothing to paste. Copy the rows of a table with its headings first."));
    return;
  }
  bringInText(tr("pasted"), text);
}

void RunsStage::bringInText(const QString& name, const QString& text) {
  const QString file = m_pasted.filePath(QString("%1 %2.csv").arg(name, QDateTime::currentDateTime().toString("yyyy-MM-dd HH.mm.ss")));
  try {
    formats::writeFile(pathOf(file), text.toStdString());
  } catch (const std::exception& e) {
    emit document().refused(words::sentence(e));
    return;
  }
  emit importRequested({file});
}

void RunsStage::showRun(const std::string& run) {
  m_selected = run;
  showSelected();
}

std::vector<std::string> RunsStage::selectedRuns() const {
  std::vector<std::string> out;
  for (const QModelIndex& index : m_table->selectionModel()->selectedRows())
    if (const int row = m_sorted->mapToSource(index).row(); size_t(row) < document().campaign().runs.size())
      out.push_back(document().campaign().runs[size_t(row)].id);
  return out;
}

void RunsStage::showLook() {
  if (m_look.future().resultCount() == 0) return;
  std::optional<RunStrip::Shown> shown;
  if (const Looked looked = m_look.result()) {
    shown = *looked;
    if (const auto* reduction = reductionOf(m_selected)) {
      shown->warnings = warningsOf(*reduction);
      shown->facts += lostAndRegained(*reduction);
    }
  }
  m_strip->show(shown);
}

void RunsStage::showSelected() {
  const auto& runs = document().campaign().runs;
  if (!campaign::findRun(document().campaign(), m_selected) && !runs.empty()) m_selected = runs.back().id;  // what came last
  const campaign::Run* run = campaign::findRun(document().campaign(), m_selected);
  if (!run) {
    m_void->setEnabled(false);
    m_remove->setEnabled(false);
    m_look.setFuture({});
    m_strip->show(std::nullopt);
    return;
  }
  m_void->setText(run->void_reason.empty() ? tr("Exclude ...") : tr("Include again"));
  const int row = m_sorted->mapFromSource(m_model->index(int(run - document().campaign().runs.data()), 0)).row();
  if (row >= 0 && m_table->currentIndex().row() != row) m_table->selectRow(row);
  m_void->setEnabled(row >= 0);  // what nobody sees in the table is not removed
  m_remove->setEnabled(row >= 0);
  m_look.setFuture(QtConcurrent::run([run = *run, c = document().campaign(), samples = document().samples(),
                                      colour = theme::setupColour(std::max(document().markOf(run->setup), 0))]() -> Looked {
    try {
      Looked out = look(run, c, *samples);
      out->colour = colour;
      return out;
    } catch (const std::exception&) {
      return nullptr;  // the reason stands in the table
    }
  }));
}

namespace {

/// The four that are mixed up, each by its name.
QString distancesText(const log::Distances& d) {
  QStringList out;
  const std::pair<double, QString> named[] = {{d.horizontal_m, RunsStage::tr("from the station %1")}, {d.slant_m, RunsStage::tr("slant %1")},
                                              {d.along_m, RunsStage::tr("along the path %1")}, {d.travelled_m, RunsStage::tr("travelled %1")}};
  for (const auto& [metres, text] : named)
    if (std::isfinite(metres)) out << text.arg(words::distance(metres));
  return out.isEmpty() ? QString() : RunsStage::tr("farthest: %1").arg(out.join(", "));
}

}  // namespace

RunsStage::Looked RunsStage::look(const campaign::Run& run, const campaign::Campaign& c, const store::SampleFile& samples) {
  const auto kept = samples.recording(run, c);
  const auto by_posts = analysis::placed(c, run, *kept);
  const log::Recording& whole = by_posts ? *by_posts : *kept;
  const auto cut = analysis::cutOut(run, whole);
  const log::Recording& rows = cut ? *cut : whole;
  const auto path = campaign::courseOf(c, run.path);
  const bool unplaced = log::isUnplaced(rows);
  const auto trackOf = [&](const log::Recording& r) { return unplaced ? log::unplacedTrack(r) : analysis::trackOf(run, r, path ? &*path : nullptr); };
  const auto links = campaign::linkIds(c);
  const log::Track own = trackOf(rows);
  const auto out = std::make_shared<RunStrip::Shown>();
  out->title = tr("Run %1 over time%2")
                   .arg(QString::fromStdString(run.id), run.turn_begin_s ? tr(", turn moved by hand") : QString());
  out->strip = log::stripOf(rows, own, links);
  if (cut) out->strip = log::stripOfPart(log::stripOf(whole, trackOf(whole), links), out->strip);
  out->turn = own.turn;
  out->unplaced = unplaced;
  for (const campaign::Mark& m : run.marks) out->marks.emplace_back(m.time_s, words::distance(m.along_m));
  if (!run.marks_like.empty()) out->facts << tr("places from run %1").arg(QString::fromStdString(run.marks_like));
  out->facts << distancesText(log::farthestDistances(rows, own, c.station.antenna_height_m));
  out->from_s = run.from_s;
  out->to_s = run.to_s;
  out->first_log = QString::fromStdString(run.source().file);
  out->facts << (whole.started.empty() ? out->first_log
                                       : tr("%1, begun %2").arg(out->first_log, QString::fromStdString(whole.started)));
  for (const Finding& fact : log::runFacts(rows, own, links)) out->facts << words::sentence(fact);
  for (std::size_t i = 1; i < run.sources.size(); ++i) {
    const campaign::Source& s = run.sources[i];
    const double sd_s = s.clock_sd_s.value_or(NAN);
    out->further.push_back({QString::fromStdString(s.file), s.clock_offset_s, std::nullopt, sd_s, log::onPath_m(sd_s, rows)});
  }
  return out;
}

const analysis::RunReduction* RunsStage::reductionOf(const std::string& run) const {
  const auto& runs = document().analysedCampaign().runs;
  const auto& reductions = document().analysis().reductions;
  const auto at = std::find_if(runs.begin(), runs.end(), [&](const campaign::Run& r) { return r.id == run; });
  const auto index = size_t(at - runs.begin());
  return at != runs.end() && index < reductions.size() ? &reductions[index] : nullptr;
}

QStringList RunsStage::lostAndRegained(const analysis::RunReduction& run) {
  QStringList out;
  for (const auto& [link, reduced] : run.links) {
    if (!reduced.events.lost_at_m) continue;
    const QString name = QString::fromStdString(link), lost = words::distance(*reduced.events.lost_at_m);
    out << (reduced.events.regained_at_m
                ? tr("%1 lost at %2, regained at %3").arg(name, lost, words::distance(*reduced.events.regained_at_m))
                : tr("%1 lost at %2").arg(name, lost));
  }
  return out;
}

QStringList RunsStage::warningsOf(const analysis::RunReduction& run) {
  QStringList out;
  if (run.refused) out << words::sentence(*run.refused);
  for (const Finding& f : run.problems) out << words::sentence(f);
  return out;
}

void RunsStage::editRun(const char* step, const std::function<void(campaign::Run&)>& change) {
  campaign::Campaign next = document().campaign();
  campaign::Run* run = campaign::findRun(next, m_selected);
  if (!run) return;
  change(*run);
  document().edit(finding(step, {}, {"run", m_selected}), next);
}

void RunsStage::cut(std::optional<double> from_s, std::optional<double> to_s) {
  editRun("cut-run", [&](campaign::Run& run) { run.from_s = from_s, run.to_s = to_s; });
}

void RunsStage::moveFurther(int index, double by_s) {
  editRun("move-clock", [&](campaign::Run& run) {
    campaign::Source& moved = run.sources.at(std::size_t(index) + 1);
    moved.clock_offset_s += by_s;
    moved.clock_sd_s.reset();
  });
}

void RunsStage::moveTurn(double begin_s, double end_s) {
  editRun("move-turn", [&](campaign::Run& run) { run.turn_begin_s = begin_s, run.turn_end_s = end_s; });
}

void RunsStage::removeSelected() {
  campaign::Campaign next = document().campaign();
  const std::vector<std::string> gone = selectedRuns();
  if (gone.empty()) return;
  std::erase_if(next.runs, [&](const campaign::Run& r) { return std::find(gone.begin(), gone.end(), r.id) != gone.end(); });
  document().edit(gone.size() == 1 ? finding("remove-run", {}, {"run", gone.front()}) : finding("remove-runs", {{"runs", gone.size()}}),
                  next);
}

std::vector<Finding> RunsStage::findings() const {
  const auto& d = document();
  return analysis::runsAdvice(d.campaign().runs.empty() ? d.campaign() : d.analysedCampaign(), d.analysis());
}

Finding RunsStage::has() const {
  return analysis::runsHas(document().campaign());
}

std::optional<Finding> RunsStage::lacks() const {
  return analysis::runsLacks(document().campaign());
}

}  // namespace distanz::app
