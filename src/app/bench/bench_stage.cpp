#include "app/bench/bench_stage.h"

#include <QButtonGroup>
#include <QDateTime>
#include <QElapsedTimer>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QRegularExpression>
#include <QStackedWidget>
#include <QThread>
#include <QtConcurrent>
#include <algorithm>

#include "app/bench/ground_guide.h"
#include "app/bench/live_bar.h"
#include "app/bench/readings_editor.h"
#include "app/bench/record_form.h"
#include "app/bench/result_view.h"
#include "app/bench/shelf.h"
#include "app/shared/elided_label.h"
#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/analysis/findings/has.h"
#include "core/finding/error.h"
#include "formats/bench/readings_table.h"
#include "formats/bench/record_files.h"
#include "lanes/paper/plot_paper.h"
#include "lanes/paper/sheet.h"
#include "words/phrases.h"
#include "words/say.h"

namespace distanz::app {

namespace {

constexpr int kShelf_px = 236;
constexpr std::size_t kMostWaiting = 3;  // files heard and not read yet; then the instrument has to wait
constexpr int kPatience_ms = 600;         // for what was heard to be read, when closing
constexpr int kLook_ms = 5;

std::string nameOf(const campaign::Record& r) {
  return r.name.empty() ? words::term("kind-" + campaign::recordKindWord(r.kind)).toStdString() : r.name;
}

/// By their names, as the analyser gives them.
bool areSweeps(const QStringList& files) {
  static const QRegularExpression kTouchstone("\\.(s[12]p|ts)$", QRegularExpression::CaseInsensitiveOption);
  return !files.isEmpty() && std::all_of(files.begin(), files.end(), [](const QString& f) { return kTouchstone.match(f).hasMatch(); });
}

}  // namespace

BenchStage::BenchStage(Document& document, QWidget* parent)
    : Stage(document, parent),
      m_book(document),
      m_shelf(new Shelf(document, m_book)),
      m_pages(new QStackedWidget) {
  auto* layout = new QHBoxLayout(this);
  layout->setContentsMargins(0, 0, 0, 0);
  layout->setSpacing(0);
  m_shelf->setFixedWidth(kShelf_px);
  layout->addWidget(m_shelf);
  m_pages->addWidget(emptyState());
  m_pages->addWidget(workbench());
  layout->addWidget(m_pages, 1);
  connect(m_shelf, &Shelf::chosen, this, [this](const QString& id) { choose(id.toStdString()); });
  connect(m_shelf, &Shelf::wanted, this, &BenchStage::addRecord);
  connect(&m_intake, &QFutureWatcher<TakenFiles>::finished, this, &BenchStage::settleFiles);
  connect(&m_book, &RecordBook::changed, this, &BenchStage::refresh);
  connect(&document, &Document::changed, this, &BenchStage::refresh);
  if (!document.campaign().records.empty()) m_chosen = document.campaign().records.front().id;
  refresh();
}

void BenchStage::finish() {
  m_live->finish();
  QElapsedTimer waited;
  waited.start();
  while (m_reading && waited.elapsed() < kPatience_ms) {
    if (m_intake.isFinished()) settleFiles();
    else QThread::msleep(kLook_ms);
  }
}

QWidget* BenchStage::emptyState() {
  auto* page = new QWidget;
  auto* layout = new QVBoxLayout(page);
  layout->setContentsMargins(40, 40, 40, 40);
  layout->addStretch();
  auto* what = plainLabel(
      tr("Measure parts before you fly: does the antenna fit its channel, does the transmitter hold its power? Choose a new measurement on the left."));
  what->setWordWrap(true);
  what->setAlignment(Qt::AlignCenter);
  what->setProperty("muted", true);
  layout->addWidget(what);
  layout->addStretch();
  return page;
}

QWidget* BenchStage::workbench() {
  auto* page = new QWidget;
  auto* layout = new QVBoxLayout(page);
  layout->setContentsMargins(16, 12, 16, 8);
  layout->setSpacing(8);
  auto* head = new QHBoxLayout;
  m_title = new ElidedLabel({});
  m_title->setObjectName("recordTitle");
  m_title->setAlignment(Qt::AlignLeft | Qt::AlignVCenter);
  m_title->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
  m_title->setProperty("section", true);
  head->addWidget(m_title, 1);
  m_take = new QPushButton;
  m_take->setObjectName("takeOver");
  m_take->setAccessibleName(tr("Apply to the part"));
  theme::markNext(*m_take);
  m_remove = new QPushButton(tr("Remove"));
  m_remove->setObjectName("removeRecord");
  m_applied_told = new ElidedLabel({});
  m_applied_told->setObjectName("applied");
  m_take_back = new QPushButton(tr("Undo"));
  m_take_back->setObjectName("undoApplied");
  head->addWidget(m_applied_told);
  head->addWidget(m_take_back);
  head->addWidget(m_take);
  head->addWidget(m_remove);
  layout->addLayout(head);
  m_tabs = new QButtonGroup(page);
  auto* tabs = new QHBoxLayout;
  const std::pair<QString, const char*> sides[] = {{tr("Result"), "showResult"},
                                                   {tr("Readings"), "showEntries"}};
  for (const auto& [text, name] : sides) {
    auto* tab = new QPushButton(text);
    tab->setObjectName(name);
    tab->setCheckable(true);
    m_tabs->addButton(tab, int(tabs->count()));
    tabs->addWidget(tab);
  }
  m_tabs->button(0)->setChecked(true);
  tabs->addStretch();
  layout->addLayout(tabs);
  m_sides = new QStackedWidget;
  m_result = new ResultView;
  m_sides->addWidget(m_result);
  m_sides->addWidget(entries());
  layout->addWidget(m_sides, 1);
  connect(m_tabs, &QButtonGroup::idClicked, m_sides, &QStackedWidget::setCurrentIndex);
  connect(m_take, &QPushButton::clicked, this, &BenchStage::takeOver);
  connect(m_take_back, &QPushButton::clicked, this, [this] { document().undo(); });
  connect(m_remove, &QPushButton::clicked, this, &BenchStage::removeRecord);
  connect(m_form, &RecordForm::filesWanted, this, &BenchStage::askForFiles);
  connect(m_readings, &ReadingsEditor::fileWanted, this, &BenchStage::askForFiles);
  connect(m_form, &RecordForm::saveWanted, this, &BenchStage::saveFile);
  connect(m_guide, &GroundGuide::finished, this, [this] { m_readings->setLabel("after"); });
  connect(m_live, &LiveBar::fileHeard, this, &BenchStage::takeHeard);
  return page;
}

/// What went into the record, typed, led through or heard.
QWidget* BenchStage::entries() {
  auto* raw = new QWidget;
  auto* rawLayout = new QVBoxLayout(raw);
  rawLayout->setContentsMargins(0, 0, 0, 0);
  m_form = new RecordForm(document());
  m_readings = new ReadingsEditor(document());
  m_guide = new GroundGuide;
  m_live = new LiveBar(document());
  rawLayout->addWidget(m_form, 3);
  rawLayout->addWidget(m_guide);
  rawLayout->addWidget(m_live);
  rawLayout->addWidget(m_readings, 2);
  return raw;
}

void BenchStage::choose(const std::string& record) {
  m_chosen = record;
  m_applied.reset();
  refresh();
}

void BenchStage::showEvent(QShowEvent*) {
  refresh();
}

void BenchStage::refresh() {
  const auto& c = document().campaign();
  if (!campaign::findRecord(c, m_chosen)) m_chosen = c.records.empty() ? std::string() : c.records.back().id;
  const campaign::Record* record = campaign::findRecord(c, m_chosen);
  if (!isVisible()) return emit findingsChanged();  // laid out once it is looked at
  m_shelf->show(m_chosen);
  m_pages->setCurrentIndex(record ? 1 : 0);
  showApplied();
  if (record) {
    const campaign::Part* part = campaign::findPart(c, record->part);
    QString title = QString::fromStdString(nameOf(*record));
    if (part && !part->name.empty()) title += " \u00b7 " + QString::fromStdString(part->name);
    if (!record->made_at.empty()) title += " \u00b7 " + QString::fromStdString(record->made_at);
    m_title->setText(title);
    m_form->show(m_chosen);
    m_readings->show(m_chosen);
    m_live->show(m_chosen);
    showGuide(*record);
    const JudgedRecord* judged = m_book.find(m_chosen);
    const records::RecordResult result = judged ? judged->result : records::RecordResult();
    m_result->show(result);
    m_take->setVisible(!result.offers.empty() && part);
    if (part && !result.offers.empty())
      m_take->setText(tr("Apply to %1")
                          .arg(withoutKeys(part->name.empty() ? QString::fromStdString(part->id)
                                                              : QString::fromStdString(part->name))));
  }
  emit findingsChanged();
}

void BenchStage::addRecord(campaign::RecordKind kind) {
  campaign::Campaign next = document().campaign();
  campaign::Record record;
  record.id = campaign::freeRecordId(next);
  record.kind = kind;
  record.made_at = QDateTime::currentDateTime().toString("yyyy-MM-dd HH:mm").toStdString();
  next.records.push_back(record);
  m_chosen = record.id;
  if (document().edit(finding("add-record", {{"record", nameOf(record)}}), next)) turnTo(1);
}

void BenchStage::showRecord(const std::string& record) {
  m_chosen = record;
  refresh();
  turnTo(0);
}

void BenchStage::turnTo(int side) {
  m_tabs->button(side)->setChecked(true);
  m_sides->setCurrentIndex(side);
}

void BenchStage::removeRecord() {
  campaign::Campaign next = document().campaign();
  const campaign::Record* record = campaign::findRecord(next, m_chosen);
  if (!record) return;
  const std::string name = nameOf(*record);
  std::erase_if(next.records, [&](const campaign::Record& r) { return r.id == m_chosen; });
  document().edit(finding("remove-record", {{"record", name}}), next);
}

void BenchStage::takeOver() {
  const JudgedRecord* judged = m_book.find(m_chosen);
  const campaign::Record* record = campaign::findRecord(document().campaign(), m_chosen);
  if (!judged || !record || judged->record != *record) return;  // what it offers is being found out
  const Finding step = finding("take-over", {{"record", nameOf(*record)}});
  const std::string part = record->part;
  const std::optional<Finding> before = document().undoable();
  if (!document().edit(step, records::withOffers(document().campaign(), m_chosen, judged->result.offers))) return;
  m_applied = Applied{step, part, before};
  showApplied();
}

void BenchStage::showApplied() {
  // Undo takes back the last step: it is offered as long as that is this one.
  const std::optional<Finding>& last = document().undoable();
  if (m_applied && last == m_applied->step) m_applied->kept = true;
  else if (m_applied && (m_applied->kept || last != m_applied->before)) m_applied.reset();
  const campaign::Part* part = m_applied ? campaign::findPart(document().campaign(), m_applied->part) : nullptr;
  m_applied_told->setVisible(part);
  m_take_back->setVisible(part && m_applied->kept);
  if (part) m_applied_told->setText(tr("Applied to %1.").arg(QString::fromStdString(part->name.empty() ? part->id : part->name)));
}

void BenchStage::askForFiles() {
  const campaign::Record* record = campaign::findRecord(document().campaign(), m_chosen);
  if (!record) return;
  const QString filter =
      record->kind == campaign::RecordKind::Sweep ? tr("Sweeps (*.s1p *.s2p *.ts *.csv *.txt);;All files (*)")
      : record->kind == campaign::RecordKind::Inspection ? tr("Pictures (*.png *.jpg *.jpeg);;All files (*)")
                                                         : tr("Tables (*.csv *.txt);;All files (*)");
  emit filesRequested(tr("Add files"), filter);
}

bool BenchStage::takesDropped(const QStringList& files) const {
  return takesFiles() || areSweeps(files);
}

void BenchStage::takeFiles(const QStringList& files) {
  const campaign::Record* shown = campaign::findRecord(document().campaign(), m_chosen);
  if (areSweeps(files) && (!shown || shown->kind != campaign::RecordKind::Sweep)) addRecord(campaign::RecordKind::Sweep);
  const campaign::Record* record = campaign::findRecord(document().campaign(), m_chosen);
  if (!record || files.isEmpty()) return;
  m_waiting.push_back(
      [files, id = record->id, kind = record->kind] { return app::takeFiles(files, id, kind); });
  readNext();
}

void BenchStage::saveFile(int file) {
  const campaign::Record* r = campaign::findRecord(document().campaign(), m_chosen);
  if (!r || std::size_t(file) >= r->files.size()) return;
  const campaign::KeptFile& kept = r->files[std::size_t(file)];
  try {
    const auto out = formats::recordFileToSave(r->kind, kept, document().samples()->keptBytes(r->id, kept));
    emit saveRequested(QString::fromStdString(out.name), QByteArray::fromStdString(out.bytes));
  } catch (const Error& e) {
    emit document().refused(words::sentence(e));
  }
}

/// One after the other: what is being read is settled before the next.
void BenchStage::readNext() {
  if (m_reading || m_waiting.empty()) return;
  m_reading = true;
  m_intake.setFuture(QtConcurrent::run(std::move(m_waiting.front())));
  m_waiting.pop_front();
}

void BenchStage::takeHeard(const QString& record, const QString& name, const QByteArray& bytes) {
  const campaign::Record* r = campaign::findRecord(document().campaign(), record.toStdString());
  if (!r) return;
  m_waiting.push_back([name, bytes, id = r->id, kind = r->kind] { return takeBytes(name, bytes, id, kind); });
  readNext();
  if (m_waiting.size() >= kMostWaiting) m_live->pause(true);  // until those are kept
}

void BenchStage::showGuide(const campaign::Record& record) {
  m_guide->setVisible(record.kind == campaign::RecordKind::Ground);
  const auto has = [&](const char* label) {
    return std::any_of(record.readings.begin(), record.readings.end(),
                       [&](const campaign::Reading& r) { return r.label == label; });
  };
  m_guide->show(record.setting("duration_s").value_or(60), has("before"), has("after"));
}

void BenchStage::settleFiles() {
  m_reading = false;
  TakenFiles taken = m_intake.result();
  readNext();
  if (m_waiting.empty()) m_live->pause(false);
  if (!taken.refused.isEmpty()) return emit document().refused(taken.refused);
  campaign::Campaign next = document().campaign();
  campaign::Record* record = campaign::findRecord(next, taken.record);
  if (!record) return;  // removed meanwhile
  std::move(taken.files.begin(), taken.files.end(), std::back_inserter(record->files));
  std::move(taken.readings.begin(), taken.readings.end(), std::back_inserter(record->readings));
  document().edit(finding("change-record", {{"record", nameOf(*record)}}), next,
                  std::move(taken.attachments));
  if (!taken.left_out.isEmpty()) emit document().refused(taken.left_out);
}

std::vector<Finding> BenchStage::findings() const {
  const JudgedRecord* judged = m_book.find(m_chosen);
  if (!judged) return {};
  std::vector<Finding> out = judged->result.findings;
  out.insert(out.end(), judged->problems.begin(), judged->problems.end());
  return out;
}

Finding BenchStage::has() const {
  return analysis::benchHas(document().campaign());
}

std::optional<Finding> BenchStage::lacks() const {
  if (document().campaign().records.empty()) return finding("lacks-records");
  return std::nullopt;
}

bool BenchStage::takesFiles() const {
  const campaign::Record* record = campaign::findRecord(document().campaign(), m_chosen);
  return record && app::takesFiles(record->kind);
}

std::optional<Finding> BenchStage::answer() const {
  const std::vector<Finding> all = shownFindings();
  return all.empty() ? std::nullopt : std::optional(all.front());
}
QSize BenchStage::paperSize() const {
  return m_result->paperSize();
}
void BenchStage::paintPaper(QPainter& painter) const {
  m_result->paintPaper(painter, m_title->text());
}
QByteArray BenchStage::csv() const {
  const campaign::Record* record = campaign::findRecord(document().campaign(), m_chosen);
  if (record && !record->readings.empty()) return QByteArray::fromStdString(formats::writeReadings(*record));
  return QByteArray::fromStdString(lanes::csvOf(m_result->plot()));
}

}  // namespace distanz::app
