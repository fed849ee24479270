#include "app/runs/import_dialog.h"

#include <QFileInfo>
#include <QHeaderView>
#include <QLineEdit>
#include <QMessageBox>
#include <QVBoxLayout>
#include <QtConcurrent>
#include <algorithm>

#include "app/runs/import_rows.h"
#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "words/phrases.h"
#include "words/quantity.h"
#include "words/say.h"

namespace distanz::app {
namespace {

constexpr int kRow_px = 30, kRowsSeen = 10;
constexpr double kMostOffset_s = 1e6;

QPushButton* offerButton(const char* name) {
  auto* button = new QPushButton;
  button->setObjectName(name);
  button->setProperty("flat", true);
  button->hide();
  return button;
}

}  // namespace

ImportDialog::ImportDialog(Document& document, const QStringList& files, QWidget* parent)
    : QDialog(parent),
      m_document(document),
      m_list(document),
      m_importer(document),
      m_table(new QTableWidget(0, kImportColumns)),
      m_columns(new ColumnsTable(m_list)),
      m_strip(new RunStrip),
      m_split(new QCheckBox),
      m_place(new QCheckBox),
      m_told(plainLabel()),
      m_title(plainLabel()),
      m_message(plainLabel()),
      m_lacking(plainLabel()),
      m_add_link(offerButton("importAddLink")),
      m_alike(offerButton("importAlike")),
      m_clock(new QWidget),
      m_offset(new QuantityEdit(quantity::Kind::Time, {-kMostOffset_s, kMostOffset_s}, true)),
      m_progress(new QProgressBar),
      m_import(new QPushButton(tr("Import"))),
      m_cancel(new QPushButton(tr("Close"))) {
  setObjectName("importDialog");
  setWindowTitle(tr("Import logs"));
  resize(1240, 740);
  layOut();
  connectAll();
  m_list.add(files);
}

void ImportDialog::layOut() {
  auto* layout = new QVBoxLayout(this);
  layout->setContentsMargins(16, 12, 16, 12);
  layout->setSpacing(8);
  setUpImportTable(*m_table);
  m_table->verticalHeader()->setDefaultSectionSize(kRow_px);
  m_table->setMinimumHeight(96);
  layout->addWidget(m_table, 6);
  layout->addLayout(offers());
  layout->addLayout(below(), 5);
  m_message->setWordWrap(true);
  m_message->setObjectName("importMessage");
  auto* row = new QHBoxLayout;
  row->addWidget(m_message, 1);
  row->addWidget(m_progress, 1);
  row->addWidget(m_cancel);
  row->addWidget(m_import);
  layout->addLayout(row);
  m_progress->hide();
  theme::markNext(*m_import);
  m_import->setObjectName("importButton");
  m_cancel->setObjectName("importCancel");
  m_cancel->setAutoDefault(false);
  m_import->setDefault(true);
}

/// What can be settled for all logs at once, in a row whose height stays.
QLayout* ImportDialog::offers() {
  auto* row = new QHBoxLayout;
  row->addStrut(30);
  m_place->setObjectName("importPlace");
  m_place->hide();
  m_lacking->setObjectName("importLacking");
  m_lacking->hide();
  row->addWidget(m_place);
  row->addWidget(m_lacking);
  row->addWidget(m_add_link);
  row->addStretch();
  row->addWidget(m_alike);
  return row;
}

QLayout* ImportDialog::below() {
  auto* row = new QHBoxLayout;
  row->setSpacing(16);
  auto* left = new QVBoxLayout;
  m_title->setProperty("section", true);
  left->addWidget(m_title);
  left->addWidget(m_columns, 1);
  row->addLayout(left, 6);
  auto* right = new QVBoxLayout;
  m_told->setWordWrap(true);
  m_told->setObjectName("importTold");
  m_split->setObjectName("importSplit");
  m_split->hide();
  auto* clock = new QHBoxLayout(m_clock);
  clock->setContentsMargins(0, 0, 0, 0);
  auto* caption = plainLabel(tr("Starts after the first log"));
  clock->addWidget(caption);
  clock->addWidget(m_offset);
  clock->addStretch();
  m_offset->field()->setObjectName("importOffset");
  m_offset->field()->setAccessibleName(caption->text());
  m_offset->field()->setPlaceholderText(tr("automatic"));
  m_clock->hide();
  right->addWidget(m_told);
  right->addWidget(m_split);
  right->addWidget(m_clock);
  right->addWidget(m_strip, 1);
  row->addLayout(right, 7);
  return row;
}

void ImportDialog::connectAll() {
  connect(m_import, &QPushButton::clicked, this, &ImportDialog::begin);
  connect(m_cancel, &QPushButton::clicked, this, &ImportDialog::reject);
  connect(m_table, &QTableWidget::currentCellChanged, this, [this](int now, int, int before, int) {
    if (now != before) choose(now);
  });
  connect(m_table, &QTableWidget::itemChanged, this, [this](QTableWidgetItem* item) {
    if (item->column() != ImportLog || !(item->flags() & Qt::ItemIsUserCheckable)) return;
    m_list.at(item->row()).pending.wanted = item->checkState() == Qt::Checked;
    m_list.touch();
    showButton();
  });
  connect(&m_list, &ImportList::changed, this, &ImportDialog::fillLogs);
  connect(&m_list, &ImportList::corrected, this, [this](int) {
    showOffers();
    lookAgain();
  });
  connect(m_add_link, &QPushButton::clicked, this, [this] {
    m_list.addLacking();
    choose(row());
  });
  connect(m_alike, &QPushButton::clicked, this, [this] { m_list.correctAlike(row()); });
  connect(m_place, &QCheckBox::toggled, this, [this](bool on) {
    m_list.wantOffer(on);
    lookAgain();
  });
  connect(&m_look, &QFutureWatcher<LogLook>::finished, this, [this] { showLook(m_look.result()); });
  connect(m_split, &QCheckBox::toggled, this, [this](bool on) {
    if (const int at = m_list.leaderOf(row()); at >= 0) m_list.at(at).pending.split = on;
  });
  connect(m_offset, &QuantityEdit::committed, this, [this](std::optional<double> offset_s) {
    m_list.at(row()).pending.offset_s = offset_s;
    m_list.touch();
    lookAgain();
  });
  connect(m_strip, &RunStrip::cutMoved, this, [this](std::optional<double> from, std::optional<double> to) {
    if (const int at = m_list.leaderOf(row()); at >= 0) m_list.at(at).pending.from_s = from, m_list.at(at).pending.to_s = to, m_list.touch();
  });
  connect(m_strip, &RunStrip::turnMoved, this, [this](double begin_s, double end_s) {
    if (const int at = m_list.leaderOf(row()); at >= 0) m_list.at(at).pending.turn = log::Turn{begin_s, end_s}, m_list.touch();
  });
  connect(m_strip, &RunStrip::furtherMoved, this, &ImportDialog::moveFurther);
  connect(&m_importer, &Importer::progressed, this, [this](double share) { m_progress->setValue(int(share * 100)); });
  connect(&m_importer, &Importer::done, this, &ImportDialog::settle);
  connect(&m_importer, &Importer::cancelled, this, [this] {
    setBusy(false);
    m_message->setText(tr("Stopped. Nothing was imported."));
  });
  connect(&m_importer, &Importer::failed, this, [this](const QString& reason) {
    setBusy(false);
    m_message->setStyleSheet(QString("color: %1;").arg(theme::tokens().stop.name()));
    m_message->setText(tr("Nothing was imported: %1").arg(reason));
  });
}

void ImportDialog::fillLogs() {
  QStringList shape;
  for (const ListedLog& l : m_list.logs()) shape << nameOf(l.pending) + QString::number(l.pending.with) + QString::number(l.pending.antenna) + l.fault;
  for (const auto& s : m_document.campaign().setups) shape << QString::fromStdString(s.id + " " + s.name);
  const int kept = std::max(row(), 0);
  if (const QString now = shape.join('\n'); now != std::exchange(m_filled, now)) {
    const QSignalBlocker quiet(m_table);
    m_table->setRowCount(0);
    m_table->setRowCount(m_list.size());
    for (int i = 0; i < m_list.size(); ++i) fillRow(i);
  }
  m_table->setMaximumHeight(kRow_px * std::clamp(m_list.size(), 2, kRowsSeen) + 32);
  for (int i = 0; i < m_list.size(); ++i) tellState(i);
  showOffers();
  showButton();
  if (m_list.size() == 0) return choose(-1);
  m_table->setCurrentCell(std::min(kept, m_list.size() - 1), 0);
  choose(row());
}

void ImportDialog::showEvent(QShowEvent* event) {
  QDialog::showEvent(event);
  m_message->clear();
  m_list.refresh();  // the kit may have changed while it was closed
}

void ImportDialog::fillRow(int i) {
  const ListedLog& l = m_list.at(i);
  auto* name = new QTableWidgetItem(nameOf(l.pending));
  name->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable | (l.fault.isEmpty() ? Qt::ItemIsUserCheckable : Qt::NoItemFlags));
  if (l.fault.isEmpty()) name->setCheckState(l.pending.wanted ? Qt::Checked : Qt::Unchecked);
  name->setToolTip(plainTip(l.pending.file));
  m_table->setItem(i, ImportLog, name);
  m_table->setItem(i, ImportState, new QTableWidgetItem);
  if (!l.fault.isEmpty()) {
    m_table->setItem(i, ImportWith, new QTableWidgetItem);
    m_table->setSpan(i, ImportWith, 1, kImportColumns - ImportWith);
    return;
  }
  m_table->setCellWidget(i, ImportWith, withBox(i));
  if (l.pending.with >= 0) return;  // what goes with another is of that one's setup
  m_table->setCellWidget(i, ImportSetup, setupBox(i));
  m_table->setCellWidget(i, ImportMethod, methodBox(i));
  m_table->setCellWidget(i, ImportEnded, endedBox(i));
  m_table->setCellWidget(i, ImportNotes, notesField(i));
}

QWidget* ImportDialog::withBox(int i) {
  QComboBox* box = importWithBox(m_list, i);
  connect(box, &QComboBox::activated, this, [this, i, box] {
    const int with = box->currentData().toInt();
    if (with == kEachAntenna) return m_list.tellAntennasApart(i);
    if (m_list.at(i).pending.antenna > 0) return m_list.putTogether(i);
    m_list.setWith(i, with);
  });
  return box;
}

QWidget* ImportDialog::setupBox(int i) {
  auto* box = new QComboBox;
  box->setObjectName("setup_" + QString::number(i));
  box->setAccessibleName(tr("Setup flown in %1").arg(nameOf(m_list.at(i).pending)));
  for (const auto& s : m_document.campaign().setups)
    box->addItem(QString("%1  %2").arg(QString::fromStdString(s.id), QString::fromStdString(s.name)), QString::fromStdString(s.id));
  box->setCurrentIndex(box->findData(QString::fromStdString(m_list.at(i).pending.setup)));
  connect(box, &QComboBox::activated, this, [this, i, box] {
    m_list.at(i).pending.setup = box->currentData().toString().toStdString();
    m_list.touch();
    lookAgain();
  });
  return box;
}

QWidget* ImportDialog::methodBox(int i) {
  auto* box = new QComboBox;
  box->setObjectName("flownAs");
  box->setAccessibleName(tr("How %1 was flown").arg(nameOf(m_list.at(i).pending)));
  box->setToolTip(tr("A course counts in its named sections only. It may lack positions: mark its posts afterwards."));
  box->addItem(tr("along the path"), int(campaign::Method::PathFlight));
  box->addItem(tr("a course"), int(campaign::Method::Course));
  box->setCurrentIndex(box->findData(int(m_list.at(i).pending.method)));
  connect(box, &QComboBox::activated, this, [this, i, box] {
    m_list.at(i).pending.method = campaign::Method(box->currentData().toInt());
    m_list.touch();
    lookAgain();
  });
  return box;
}

QWidget* ImportDialog::endedBox(int i) {
  auto* box = new QComboBox;
  box->setObjectName("ended_" + QString::number(i));
  box->setAccessibleName(tr("Why %1 ended").arg(nameOf(m_list.at(i).pending)));
  for (const campaign::Ended reason : kReasons)
    box->addItem(endedText(reason), int(reason));
  showEnded(*box, m_list.at(i));
  connect(box, &QComboBox::activated, this, [this, i, box] {
    ListedLog& l = m_list.at(i);
    l.pending.ended = campaign::Ended(box->currentData().toInt());
    l.ended_guessed = false;
    l.ended_set = true;
    m_list.touch();
    showEnded(*box, l);
  });
  return box;
}

QWidget* ImportDialog::notesField(int i) {
  auto* notes = new QLineEdit(QString::fromStdString(m_list.at(i).pending.notes));
  notes->setObjectName("notes_" + QString::number(i));
  notes->setAccessibleName(tr("Notes on %1").arg(nameOf(m_list.at(i).pending)));
  notes->setPlaceholderText(tr("e.g. wind"));
  connect(notes, &QLineEdit::textEdited, this, [this, i](const QString& text) {
    m_list.at(i).pending.notes = text.toStdString();
    m_list.touch();
  });
  return notes;
}

void ImportDialog::tellState(int i) {
  const ListedLog& l = m_list.at(i);
  QTableWidgetItem* item = m_table->item(i, l.fault.isEmpty() ? ImportState : ImportWith);
  const ImportStateText told = importState(l);
  item->setText(told.text);
  item->setForeground(told.refused ? theme::tokens().stop : theme::tokens().muted);
  item->setToolTip(plainTip(told.text));
  if (auto* ended = m_table->findChild<QComboBox*>("ended_" + QString::number(i))) showEnded(*ended, l);
}

void ImportDialog::showOffers() {
  const auto lacks = m_list.lacking();
  m_lacking->setVisible(lacks.has_value());
  m_add_link->setVisible(lacks.has_value());
  if (lacks) {
    QStringList columns;
    for (const std::string& c : lacks->columns) columns << QString::fromStdString(c);
    const bool video = lacks->kind == campaign::LinkKind::Video;
    m_lacking->setText((video ? tr("Of a video link, which the kit lacks: %1.") : tr("Of a control link, which the kit lacks: %1.")).arg(columns.mid(0, 3).join(", ")));
    m_add_link->setText(video ? tr("Add a video link") : tr("Add a control link"));
  }
  const auto& offer = m_list.offer();
  m_place->setVisible(offer && !m_document.campaign().station.position());
  if (offer) {
    const QSignalBlocker quiet(m_place);
    m_place->setChecked(m_list.offerWanted());
    m_place->setText(tr("Station and path from %1: take-off, %2 out").arg(offer->log, words::distance(offer->length_m)));
  }
  const auto alike = row() >= 0 && row() < m_list.size() ? m_list.alike(row()) : std::vector<int>();
  m_alike->setVisible(!alike.empty());
  m_alike->setText(tr("Use these columns for %1").arg(words::counted("logs-more", int(alike.size()))));
}

void ImportDialog::showButton() {
  const int runs = m_list.toImport();
  const bool setups = !m_document.campaign().setups.empty();
  m_import->setEnabled(runs > 0 && setups && !m_importer.running());
  m_import->setText(runs > 1 ? tr("Import %1").arg(words::counted("runs", runs)) : tr("Import"));
  if (!setups) m_message->setText(tr("Add the setup that was flown in Kit first."));
}

void ImportDialog::choose(int row) {
  m_columns->show(row < m_list.size() ? row : -1);
  const bool there = row >= 0 && row < m_list.size() && m_list.at(row).fault.isEmpty();
  m_title->setText(there ? importTitle(m_list.at(row)) : QString());
  showClock();
  showOffers();
  lookAgain();
}

/// Of a log that goes with another: when it begins on that one's clock.
void ImportDialog::showClock() {
  const bool further = row() >= 0 && row() < m_list.size() && m_list.at(row()).pending.with >= 0;
  m_clock->setVisible(further);
  if (further) m_offset->show(m_list.at(row()).pending.offset_s);
}

void ImportDialog::lookAgain() {
  std::vector<PendingLog> group = m_list.groupOf(row());
  if (group.empty()) {
    m_strip->show(std::nullopt);
    m_told->clear();
    return;
  }
  m_told->setText(tr("Reading %1 ...").arg(QFileInfo(group.front().file).fileName()));
  *m_look_stop = true;
  m_look_stop = std::make_shared<std::atomic<bool>>(false);
  m_look.setFuture(QtConcurrent::run([group = std::move(group), c = m_list.campaign(), stop = m_look_stop, closing = m_document.closing()] {
    return lookAt(group, c, [&](double) { return !*stop && !*closing; });
  }));
}

void ImportDialog::showLook(const LogLook& look) {
  const int first = m_list.leaderOf(row());
  auto shown = look.shown;
  if (shown && first >= 0) shown->colour = theme::setupColour(std::max(m_document.markOf(m_list.at(first).pending.setup), 0));
  m_strip->show(shown);
  m_told->setText(look.told);
  m_told->setStyleSheet(look.refused ? QString("color: %1;").arg(theme::tokens().stop.name()) : QString());
  const bool unseen = !look.shown && !look.refused;
  m_split->setVisible(first >= 0 && (unseen || look.flights.size() > 1));
  if (first < 0) return;
  m_split->setText(unseen ? tr("Make a run of each of its flights")
                          : tr("Make a run of each of its %1 flights").arg(look.flights.size()));
  m_split->setChecked(m_list.at(first).pending.split);
}

void ImportDialog::moveFurther(int index, double by_s) {
  const int first = m_list.leaderOf(row());
  if (!m_look.isFinished()) return;  // what is shown is about to change
  const LogLook look = m_look.result();
  if (!look.shown || index >= int(look.shown->further.size())) return;
  int nth = 0;
  for (int i = 0; i < m_list.size(); ++i)
    if (PendingLog& log = m_list.at(i).pending; log.with == first && nth++ == index)
      log.offset_s = log.offset_s.value_or(look.shown->further[size_t(index)].begin_s) + by_s;
  m_list.touch();
  showClock();
  lookAgain();
}

void ImportDialog::begin() {
  m_list.keepOffer();
  std::vector<PendingLog> logs;
  for (const ListedLog& l : m_list.logs()) logs.push_back(l.pending);
  m_message->clear();
  m_message->setStyleSheet({});
  setBusy(true);
  m_importer.start(logs);
}

void ImportDialog::settle(int runs, const std::vector<Importer::Refused>& refused, const QStringList&) {
  setBusy(false);
  std::vector<std::pair<int, QString>> rows;
  for (const Importer::Refused& r : refused) rows.emplace_back(r.log, r.why);
  m_list.settle(rows);
  if (runs > 0) emit imported();
  if (m_list.toImport() == 0 && refused.empty()) return accept();
  m_message->setStyleSheet(refused.empty() ? QString() : QString("color: %1;").arg(theme::tokens().stop.name()));
  QStringList told;
  if (runs > 0) told << tr("%1 imported.").arg(words::counted("runs", runs));
  if (!refused.empty()) told << tr("Not imported: %1. See the reason beside it.").arg(words::counted("logs", int(refused.size())));
  m_message->setText(told.join(' '));
}

void ImportDialog::setBusy(bool busy) {
  m_progress->setValue(0);
  m_progress->setVisible(busy);
  for (QWidget* w : {static_cast<QWidget*>(m_table), static_cast<QWidget*>(m_columns), static_cast<QWidget*>(m_import)})
    w->setEnabled(!busy);
  m_cancel->setText(busy ? tr("Stop") : tr("Close"));
}

/// What was done here is not thrown away unasked.
void ImportDialog::reject() {
  if (m_importer.running()) return m_importer.cancel();
  if (!m_list.touched() || m_list.size() == 0) return QDialog::reject();
  auto* ask = new QMessageBox(QMessageBox::NoIcon, tr("Close the import?"), tr("These logs are not imported yet."), QMessageBox::NoButton, this);
  ask->setObjectName("importClose");
  ask->setAttribute(Qt::WA_DeleteOnClose);
  QPushButton* keep = ask->addButton(tr("Keep for later"), QMessageBox::AcceptRole);
  QPushButton* drop = ask->addButton(tr("Discard"), QMessageBox::DestructiveRole);
  ask->addButton(tr("Go on importing"), QMessageBox::RejectRole);
  keep->setObjectName("importKeep");
  drop->setObjectName("importDrop");
  connect(keep, &QPushButton::clicked, this, [this] {
    hide();
    emit kept();
  });
  connect(drop, &QPushButton::clicked, this, [this] { QDialog::reject(); });
  ask->open();
}

}  // namespace distanz::app
