#include "app/runs/marks_dialog.h"

#include <QVBoxLayout>
#include <QtConcurrent>
#include <algorithm>
#include <cmath>

#include "app/shared/path_table.h"
#include "app/shared/text.h"
#include "core/analysis/findings/beyond.h"
#include "core/analysis/reduce/place_like.h"
#include "core/campaign/typed_marks.h"
#include "words/quantity.h"
#include "words/say.h"

namespace distanz::app {
namespace {

void inOrder(std::vector<campaign::Mark>& marks) {
  std::stable_sort(marks.begin(), marks.end(), [](const auto& a, const auto& b) { return a.time_s < b.time_s; });
}

campaign::Mark* markOf(campaign::Campaign& c, const std::string& id, int row) {
  campaign::Run* run = campaign::findRun(c, id);
  return run && row >= 0 && size_t(row) < run->marks.size() ? &run->marks[size_t(row)] : nullptr;
}

}  // namespace

void addMark(campaign::Campaign& c, const std::string& id, double time_s) {
  campaign::Run* run = campaign::findRun(c, id);
  if (!run) return;
  double before = NAN, before_s = -INFINITY;
  for (const campaign::Mark& m : run->marks)
    if (m.time_s <= time_s && m.time_s > before_s) before = m.along_m, before_s = m.time_s;
  run->marks.push_back({time_s, campaign::nextPost_m(c, *run, before)});
  run->marks_like.clear();
  inOrder(run->marks);
}

MarksDialog::MarksDialog(Document& document, std::string run, QWidget* parent)
    : QDialog(parent), m_document(document), m_run(std::move(run)), m_like(new QComboBox), m_told(plainLabel()), m_propose(new QPushButton(tr("Propose"))), m_take(new QPushButton(tr("Apply these places"))) {
  setObjectName("marksDialog");
  setWindowTitle(tr("Mark posts of run %1").arg(QString::fromStdString(m_run)));
  resize(520, 560);
  auto* layout = new QVBoxLayout(this);
  layout->setContentsMargins(16, 16, 16, 16);
  layout->setSpacing(8);
  auto* hint = plainLabel(tr("Times: 3:27 or 207. Places: a post's number or name, or 450 m along the path. Speed counts as steady between two marks. On the strip in Runs, key M marks the next post."));
  hint->setWordWrap(true);
  layout->addWidget(hint);
  layout->addWidget(list(), 1);
  layout->addLayout(likeRow());
  m_told->setWordWrap(true);
  m_told->setObjectName("likeTold");
  layout->addWidget(m_told);
  auto* close = new QPushButton(tr("Close"));
  close->setObjectName("marksClose");
  connect(close, &QPushButton::clicked, this, &QDialog::accept);
  layout->addWidget(close, 0, Qt::AlignRight);
  connect(&m_found, &QFutureWatcher<Found>::finished, this, &MarksDialog::showFound);
}

QWidget* MarksDialog::list() {
  const auto run = [id = m_run](const campaign::Campaign& c) { return campaign::findRun(c, id); };
  PathTable::Rows rows;
  rows.count = [run](const campaign::Campaign& c) { return run(c) ? int(run(c)->marks.size()) : 0; };
  rows.add = [id = m_run](campaign::Campaign& c) {
    const campaign::Run* r = campaign::findRun(c, id);
    constexpr double kUsual_s = 20;
    addMark(c, id, r && !r->marks.empty() ? r->marks.back().time_s + kUsual_s : 0);
  };
  rows.remove = [id = m_run](campaign::Campaign& c, int row) {
    campaign::Run* r = campaign::findRun(c, id);
    if (!r || row < 0 || size_t(row) >= r->marks.size()) return false;
    r->marks.erase(r->marks.begin() + row);
    return true;
  };
  rows.step = "mark-run";
  rows.run = m_run;
  rows.goes_on = true;
  const auto cell = [run](const campaign::Campaign& c, int row) -> const campaign::Mark* {
    const campaign::Run* r = run(c);
    return r && size_t(row) < r->marks.size() ? &r->marks[size_t(row)] : nullptr;
  };
  std::vector<PathTable::Column> columns{
      {tr("time"), [cell](const campaign::Campaign& c, int row) { return cell(c, row) ? QString::fromStdString(campaign::markTimeText(cell(c, row)->time_s)) : QString(); },
       [id = m_run](campaign::Campaign& c, int row, const QString& text) {
         const campaign::TypedNumber typed = campaign::parseMarkTime(text.toStdString());
         if (typed.problem) return words::sentence(*typed.problem);
         if (campaign::Mark* m = markOf(c, id, row)) m->time_s = typed.value, inOrder(campaign::findRun(c, id)->marks);
         return QString();
       }},
      {tr("place"), [cell](const campaign::Campaign& c, int row) { return cell(c, row) ? words::exactly(cell(c, row)->along_m, quantity::Unit::Metre) : QString(); },
       [id = m_run](campaign::Campaign& c, int row, const QString& text) {
         const campaign::Run* r = campaign::findRun(c, id);
         if (!r) return QString();
         const campaign::TypedNumber typed = campaign::parseMarkPlace(text.toStdString(), c, *r);
         if (typed.problem) return words::sentence(*typed.problem);
         if (campaign::Mark* m = markOf(c, id, row)) m->along_m = typed.value;
         return QString();
       }}};
  return new PathTable(m_document, "marks", tr("Posts passed"), tr("Add a row for each post passed, or match the run to another one below."), std::move(rows), std::move(columns));
}

QLayout* MarksDialog::likeRow() {
  auto* row = new QHBoxLayout;
  row->addWidget(plainLabel(tr("Match to run")));
  m_like->setObjectName("likeRun");
  for (const campaign::Run& r : m_document.campaign().runs)
    if (r.id != m_run) m_like->addItem(QString::fromStdString(r.id), QString::fromStdString(r.id));
  row->addWidget(m_like, 1);
  m_propose->setObjectName("likePropose");
  m_take->setObjectName("likeTake");
  m_take->setEnabled(false);
  m_propose->setEnabled(m_like->count() > 0);
  row->addWidget(m_propose);
  row->addWidget(m_take);
  connect(m_propose, &QPushButton::clicked, this, &MarksDialog::propose);
  connect(m_take, &QPushButton::clicked, this, &MarksDialog::take);
  return row;
}

void MarksDialog::propose() {
  const campaign::Campaign& c = m_document.campaign();
  const campaign::Run *run = campaign::findRun(c, m_run), *other = campaign::findRun(c, m_like->currentData().toString().toStdString());
  if (!run || !other) return;
  m_take->setEnabled(false);
  m_told->setText(tr("Matching ..."));
  m_found.setFuture(QtConcurrent::run([c, run = *run, other = *other, samples = m_document.samples()]() -> Found {
    try {
      return analysis::placedLike(c, run, *samples->recording(run, c), other, *samples->recording(other, c));
    } catch (const std::exception&) {
      return std::nullopt;
    }
  }));
}

void MarksDialog::showFound() {
  const Found found = m_found.result();
  const words::Said said = words::say(analysis::likenessTold(found, m_like->currentData().toString().toStdString()));
  m_told->setText(said.title + ". " + said.text);
  m_take->setEnabled(found && found->tells());
}

void MarksDialog::take() {
  campaign::Campaign next = m_document.campaign();
  campaign::Run* run = campaign::findRun(next, m_run);
  const Found found = m_found.result();
  if (!run || !found) return;
  run->marks = analysis::marksOf(*found);
  run->marks_like = m_like->currentData().toString().toStdString();
  m_document.edit(finding("mark-run", {}, {"run", m_run}), next);
}

}  // namespace distanz::app
