#include "app/runs/import_dialog.h"

#include <QFileInfo>
#include <QHeaderView>
#include <QVBoxLayout>
#include <QtConcurrent>
#include <algorithm>

#include "app/runs/match_text.h"
#include "app/shared/path_of.h"
#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "formats/antennas.h"
#include "formats/column_guess.h"
#include "words/phrases.h"
#include "words/say.h"

namespace distanz::app {
namespace {

constexpr int kEachAntenna = -2;

QTableWidget* table(const QStringList& heads, const char* name) {
  auto* t = new QTableWidget(0, int(heads.size()));
  t->setObjectName(name);
  t->setHorizontalHeaderLabels(heads);
  t->verticalHeader()->hide();
  t->setEditTriggers(QAbstractItemView::NoEditTriggers);
  t->setSelectionBehavior(QAbstractItemView::SelectRows);
  t->setSelectionMode(QAbstractItemView::SingleSelection);
  t->horizontalHeader()->setStretchLastSection(true);
  t->verticalHeader()->setDefaultSectionSize(32);
  return t;
}

}  // namespace

ImportDialog::ImportDialog(Document& document, const QStringList& files, QWidget* parent)
    : QDialog(parent),
      m_document(document),
      m_importer(document),
      m_table(table({tr("log"), tr("becomes"), tr("setup flown"), tr("flown as"), tr("why it ended"), tr("notes")}, "importLogs")),
      m_matches(table({tr("what it is"), tr("column of the log"), tr("unit"), tr("first values")},
                      "importMatches")),
      m_strip(new RunStrip),
      m_split(new QCheckBox),
      m_told(plainLabel()),
      m_matches_title(plainLabel()),
      m_message(plainLabel()),
      m_progress(new QProgressBar),
      m_import(new QPushButton(tr("Import"))),
      m_cancel(new QPushButton(tr("Cancel"))) {
  setObjectName("importDialog");
  setWindowTitle(tr("Bring logs in"));
  resize(1080, 740);
  layOut();
  connectAll();
  for (const QString& file : files) look(file);
  fillLogs();
}

void ImportDialog::layOut() {
  auto* layout = new QVBoxLayout(this);
  layout->setContentsMargins(16, 16, 16, 16);
  layout->setSpacing(8);
  layout->addWidget(m_table, 2);
  m_matches_title->setProperty("section", true);
  layout->addWidget(m_matches_title);
  layout->addWidget(m_matches, 3);
  m_told->setWordWrap(true);
  m_told->setObjectName("importTold");
  m_split->setObjectName("importSplit");
  m_split->hide();
  layout->addWidget(m_told);
  layout->addWidget(m_split);
  layout->addWidget(m_strip, 3);
  m_message->setWordWrap(true);
  m_message->setObjectName("importMessage");
  layout->addWidget(m_message);
  auto* row = new QHBoxLayout;
  row->addWidget(m_progress, 1);
  row->addStretch();
  row->addWidget(m_cancel);
  row->addWidget(m_import);
  layout->addLayout(row);
  m_progress->hide();
  m_import->setProperty("next", true);
  m_import->setObjectName("importButton");
  m_cancel->setObjectName("importCancel");
  m_import->setDefault(true);
}

void ImportDialog::connectAll() {
  connect(m_import, &QPushButton::clicked, this, &ImportDialog::begin);
  connect(m_cancel, &QPushButton::clicked, this, &ImportDialog::reject);
  connect(m_table, &QTableWidget::currentCellChanged, this, [this](int r) {
    fillMatches(r);
    lookAgain();
  });
  connect(&m_look, &QFutureWatcher<LogLook>::finished, this, [this] { showLook(m_look.result()); });
  connect(m_split, &QCheckBox::toggled, this, [this](bool on) {
    if (const int at = leader(); at >= 0) m_logs[size_t(at)].pending.split = on;
  });
  connect(m_strip, &RunStrip::cutMoved, this, [this](std::optional<double> from, std::optional<double> to) {
    if (const int at = leader(); at >= 0) m_logs[size_t(at)].pending.from_s = from, m_logs[size_t(at)].pending.to_s = to;
  });
  connect(m_strip, &RunStrip::turnMoved, this, [this](double begin_s, double end_s) {
    if (const int at = leader(); at >= 0) m_logs[size_t(at)].pending.turn = log::Turn{begin_s, end_s};
  });
  connect(m_strip, &RunStrip::furtherMoved, this, &ImportDialog::moveFurther);
  connect(&m_importer, &Importer::progressed, this,
          [this](double share) { m_progress->setValue(int(share * 100)); });
  connect(&m_importer, &Importer::done, this, [this] { accept(); });
  connect(&m_importer, &Importer::cancelled, this, [this] { QDialog::reject(); });
  connect(&m_importer, &Importer::failed, this, [this](const QString& reason) {
    setBusy(false);
    m_message->setProperty("refused", true);
    m_message->setStyleSheet(QString("color: %1;").arg(theme::tokens().stop.name()));
    m_message->setText(tr("%1. Nothing was imported.").arg(reason));
  });
}

std::string ImportDialog::guessSetup(const QString& file) const {
  const std::string name = QFileInfo(file).completeBaseName().toStdString();
  const auto& setups = m_document.campaign().setups;
  for (const auto& s : setups)
    if (name.starts_with(s.id) &&
        (name.size() == s.id.size() || !std::isalpha(static_cast<unsigned char>(name[s.id.size()]))))
      return s.id;
  return setups.empty() ? std::string() : setups.front().id;
}

void ImportDialog::look(const QString& file) {
  Looked looked;
  looked.pending.file = file;
  looked.pending.setup = guessSetup(file);
  looked.pending.ended = campaign::Ended::TurnedBack;
  if (const auto path = campaign::courseOf(m_document.campaign()); path && path->closed()) looked.pending.method = campaign::Method::Course;
  try {
    looked.head = formats::headOf(pathOf(file));
    const formats::Remembered before = formats::rememberedCorrections(m_document.campaign(), looked.head);
    looked.pending.corrections = before.columns;
    looked.matched_as = before.run;
  } catch (const Error& e) {
    looked.fault = words::sentence(e);
  }
  m_logs.push_back(std::move(looked));
}

void ImportDialog::fillLogs() {
  m_table->setRowCount(int(m_logs.size()));
  bool all_readable = !m_logs.empty();
  for (int i = 0; i < int(m_logs.size()); ++i) {
    Looked& l = m_logs[size_t(i)];
    m_table->setItem(i, 0, new QTableWidgetItem(nameOf(l.pending)));
    if (!l.fault.isEmpty()) {
      all_readable = false;
      m_table->setSpan(i, 1, 1, 5);
      auto* fault = new QTableWidgetItem(l.fault);
      fault->setForeground(theme::tokens().stop);
      fault->setToolTip(plainTip(l.fault));
      m_table->setItem(i, 1, fault);
      continue;
    }
    m_table->setCellWidget(i, 1, withBox(i));
    auto* setup = new QComboBox;
    for (const auto& s : m_document.campaign().setups)
      setup->addItem(QString("%1  %2").arg(QString::fromStdString(s.id), QString::fromStdString(s.name)),
                     QString::fromStdString(s.id));
    setup->setCurrentIndex(setup->findData(QString::fromStdString(l.pending.setup)));
    connect(setup, &QComboBox::currentIndexChanged, this, [this, i, setup] {
      m_logs[size_t(i)].pending.setup = setup->currentData().toString().toStdString();
    });
    setup->setEnabled(l.pending.with < 0);  // what goes with another is of that one's setup
    m_table->setCellWidget(i, 2, setup);
    m_table->setCellWidget(i, 3, methodBox(i));
    auto* ended = new QComboBox;
    for (const campaign::Ended reason : kReasons) ended->addItem(endedText(reason), int(reason));
    ended->setCurrentIndex(ended->findData(int(l.pending.ended)));
    connect(ended, &QComboBox::currentIndexChanged, this, [this, i, ended] {
      m_logs[size_t(i)].pending.ended = campaign::Ended(ended->currentData().toInt());
    });
    ended->setEnabled(l.pending.with < 0);
    m_table->setCellWidget(i, 4, ended);
    auto* notes = new QLineEdit;
    notes->setPlaceholderText(tr("wind, weather, battery, anything odd"));
    connect(notes, &QLineEdit::textChanged, this,
            [this, i](const QString& text) { m_logs[size_t(i)].pending.notes = text.toStdString(); });
    notes->setEnabled(l.pending.with < 0);
    m_table->setCellWidget(i, 5, notes);
  }
  m_table->setColumnWidth(0, 152);
  m_table->setColumnWidth(1, 204);
  m_table->setColumnWidth(2, 164);
  m_table->setColumnWidth(3, 132);
  m_table->setColumnWidth(4, 184);
  m_import->setEnabled(all_readable && !m_document.campaign().setups.empty());
  if (m_document.campaign().setups.empty())
    m_message->setText(tr("Describe the setup that was flown in Kit first."));
  if (!m_logs.empty()) m_table->setCurrentCell(0, 0);
}

void ImportDialog::refill(int row) {
  fillLogs();
  m_table->setCurrentCell(row, 0);
  fillMatches(row);
  lookAgain();
}

QString ImportDialog::titleOf(const Looked& l) {
  const QString name = QFileInfo(l.pending.file).fileName();
  if (l.pending.antenna > 0)
    return tr("Columns of %1 for antenna %2 alone: what the link tells of all antennas together is left out").arg(name).arg(l.pending.antenna);
  return l.matched_as.empty() ? tr("Columns of %1, as they were recognised: correct what is wrong").arg(name)
                              : tr("Columns of %1, as they were corrected for run %2: look whether that holds")
                                    .arg(name, QString::fromStdString(l.matched_as));
}

void ImportDialog::fillMatches(int row) {
  m_matches->setRowCount(0);
  if (row < 0 || row >= int(m_logs.size()) || !m_logs[size_t(row)].fault.isEmpty()) return;
  const Looked& l = m_logs[size_t(row)];
  m_matches_title->setText(titleOf(l));
  const auto& links = m_document.campaign().links;
  const auto matches = formats::matchColumns(l.head, links, l.pending.corrections);
  auto channels = formats::knownChannels(links);
  const auto guesses = formats::guessColumns(l.head, links, matches);
  const auto in = [](const auto& list, const std::string& channel) {
    return std::find_if(list.begin(), list.end(), [&](const auto& m) { return m.channel == channel; });
  };
  const auto matched = [&](const std::string& channel) { return in(matches, channel); };
  const bool combined =
      matched("lat_lon") != matches.end();  // a position is offered once: as one column, or as two
  std::erase_if(channels, [&](const std::string& c) {
    return combined ? c == "lat_deg" || c == "lon_deg" : c == "lat_lon";
  });
  const auto guessed = std::stable_partition(channels.begin(), channels.end(),
                                             [&](const std::string& c) { return matched(c) != matches.end(); });
  std::stable_partition(guessed, channels.end(),
                        [&](const std::string& c) { return in(guesses, c) != guesses.end(); });
  for (const std::string& channel : channels) {
    const int at = m_matches->rowCount();
    m_matches->insertRow(at);
    const auto m = matched(channel);
    auto* what = new QTableWidgetItem(words::channel(channel));
    what->setToolTip(plainTip(QString::fromStdString(channel)));
    m_matches->setItem(at, 0, what);
    auto* box = new QComboBox;
    box->setObjectName("match_" + QString::fromStdString(channel));
    box->addItem(tr("–  not in this log"), -1);
    for (int c = 0; c < int(l.head.header.size()); ++c)
      box->addItem(QString::fromStdString(l.head.header[size_t(c)]), c);
    box->setCurrentIndex(m == matches.end() ? 0 : box->findData(m->column));
    connect(box, &QComboBox::activated, this, [this, row, channel, box, header = l.head.header] {
      const int column = box->currentData().toInt();
      correct(row, channel, column < 0 ? std::string() : header[size_t(column)]);
    });
    m_matches->setCellWidget(at, 1, box);
    if (const auto said = l.pending.corrections.find(channel); said != l.pending.corrections.end() && said->second.empty()) {
      box->setItemText(0, tr("–  left out"));
    } else if (const auto g = in(guesses, channel); m == matches.end() && g != guesses.end()) {
      box->setItemText(0, tr("?  perhaps %1").arg(QString::fromStdString(g->header)));
      m_matches->setItem(at, 2, new QTableWidgetItem(tr("a guess")));
      showValues(at, l.head, g->column);
    }
    if (m == matches.end()) continue;
    if (formats::needsUnit(*m))
      m_matches->setCellWidget(at, 2, unitBox(row, *m));
    else if (!dayOrderText(m->unit).isEmpty() && (m->day_order != formats::DayOrderBy::Known || l.pending.corrections.contains(channel)))
      m_matches->setCellWidget(at, 2, dayOrderBox(row, *m));
    else
      m_matches->setItem(at, 2, new QTableWidgetItem(unitText(matches, *m)));
    showValues(at, l.head, m->column);
  }
  m_matches->setColumnWidth(0, 190);
  m_matches->setColumnWidth(1, 240);
  m_matches->setColumnWidth(2, 160);
}

void ImportDialog::showValues(int at, const formats::TableHead& head, int column) {
  constexpr std::size_t kShown = 4;
  QStringList values;
  for (std::size_t r = 0; r < std::min(head.preview.size(), kShown); ++r)
    if (size_t(column) < head.preview[r].size())
      values << QString::fromStdString(head.preview[r][size_t(column)]);
  m_matches->setItem(at, 3, new QTableWidgetItem(values.join("   ")));
}

/// Asks for the unit that a column does not tell.
QComboBox* ImportDialog::unitBox(int row, const formats::ColumnMatch& match) {
  auto* box = new QComboBox;
  box->setObjectName("unit_" + QString::fromStdString(match.channel));
  box->addItem(tr("which unit?"));
  for (const char* unit : {"mW", "dBm", "W"}) box->addItem(unit);
  connect(box, &QComboBox::activated, this, [this, row, box, match](int chosen) {
    if (chosen > 0) correct(row, match.channel, match.header + " [" + box->currentText().toStdString() + "]");
  });
  return box;
}

/// Offers the other reading of dates like 05/11/2026.
QComboBox* ImportDialog::dayOrderBox(int row, const formats::ColumnMatch& match) {
  auto* box = new QComboBox;
  box->setObjectName("unit_" + QString::fromStdString(match.channel));
  for (const std::string_view order : {formats::kMonthFirst, formats::kDayFirst})
    box->addItem(dayOrderText(order), QString::fromUtf8(order.data(), qsizetype(order.size())));
  box->setCurrentIndex(match.unit == formats::kDayFirst);
  connect(box, &QComboBox::activated, this, [this, row, box, match] {
    correct(row, match.channel, match.header + " [" + box->currentData().toString().toStdString() + "]");
  });
  return box;
}

void ImportDialog::correct(int row, const std::string& channel, const std::string& name) {
  Looked& l = m_logs[size_t(row)];
  for (Looked& other :
       m_logs)  // logs of one recorder look alike: the correction holds for all that have the column
    if (other.fault.isEmpty() && other.head.header == l.head.header && other.pending.antenna == l.pending.antenna)
      other.pending.corrections[channel] = name;
  fillMatches(row);
  lookAgain();
}

QComboBox* ImportDialog::methodBox(int row) {
  auto* box = new QComboBox;
  box->setObjectName("flownAs");
  box->setToolTip(tr("A course counts on its named stretches only, and may lack positions: its posts are marked afterwards"));
  box->addItem(tr("along the path"), int(campaign::Method::PathFlight));
  box->addItem(tr("a course"), int(campaign::Method::Course));
  box->setCurrentIndex(box->findData(int(m_logs[size_t(row)].pending.method)));
  box->setEnabled(m_logs[size_t(row)].pending.with < 0);
  connect(box, &QComboBox::activated, this, [this, row, box] {
    m_logs[size_t(row)].pending.method = campaign::Method(box->currentData().toInt());
    lookAgain();
  });
  return box;
}

/// A run of its own, or more about the run of another log that is brought in with it.
QComboBox* ImportDialog::withBox(int row) {
  auto* box = new QComboBox;
  box->setObjectName("with_" + QString::number(row));
  const PendingLog& own = m_logs[size_t(row)].pending;
  const auto antennas = antennasAt(row).size();
  box->addItem(antennas > 1 ? tr("a run, best of %1 antennas").arg(antennas) : tr("a run of its own"), -1);
  if (antennas > 1) box->addItem(tr("a run per antenna"), kEachAntenna);
  for (int i = 0; i < int(m_logs.size()) && own.antenna == 0; ++i)
    if (i != row && m_logs[size_t(i)].fault.isEmpty() && m_logs[size_t(i)].pending.antenna == 0)
      box->addItem(tr("goes with %1").arg(QFileInfo(m_logs[size_t(i)].pending.file).fileName()), i);
  box->setCurrentIndex(std::max(box->findData(own.antenna > 0 ? kEachAntenna : own.with), 0));
  connect(box, &QComboBox::activated, this, [this, row, box] {
    const int with = box->currentData().toInt();
    PendingLog& log = m_logs[size_t(row)].pending;
    if (with == kEachAntenna) return tellAntennasApart(row);
    if (log.antenna > 0) return putTogether(row);
    log.with = with;
    log.offset_s.reset();
    for (Looked& other : m_logs)
      if (with >= 0 && other.pending.with == row) other.pending.with = with;
    if (with >= 0) m_logs[size_t(with)].pending.with = -1;
    refill(row);
  });
  return box;
}

std::vector<int> ImportDialog::antennasAt(int row) const {
  const Looked& l = m_logs[size_t(row)];
  return formats::antennasOf(formats::matchColumns(l.head, m_document.campaign().links, l.pending.antenna > 0 ? l.together : l.pending.corrections));
}

void ImportDialog::tellAntennasApart(int row) {
  const std::vector<int> antennas = antennasAt(row);
  if (m_logs[size_t(row)].pending.antenna > 0 || antennas.size() < 2) return;
  for (Looked& other : m_logs)  // what went with it as a whole does not go with one antenna
    if (other.pending.with == row) other.pending.with = -1;
  const auto& c = m_document.campaign();
  Looked whole = m_logs[size_t(row)];
  whole.together = whole.pending.corrections;
  const auto matches = formats::matchColumns(whole.head, c.links, whole.pending.corrections);
  const std::string flight = campaign::freeFlight(c, QFileInfo(whole.pending.file).completeBaseName().toStdString());
  const auto first = std::max(campaign::setupIndex(c, whole.pending.setup), 0);
  for (std::size_t i = 0; i < antennas.size(); ++i) {
    if (i > 0)
      m_logs.push_back(whole);
    else
      m_logs[size_t(row)] = whole;
    PendingLog& log = (i > 0 ? m_logs.back() : m_logs[size_t(row)]).pending;
    log.with = -1;
    log.antenna = antennas[i];
    log.flight = flight;
    log.corrections = formats::onlyAntenna(matches, antennas[i], whole.pending.corrections);
    log.setup = c.setups[(size_t(first) + i) % c.setups.size()].id;
  }
  refill(row);
}

void ImportDialog::putTogether(int row) {
  const QString file = m_logs[size_t(row)].pending.file;
  const auto first = std::find_if(m_logs.begin(), m_logs.end(), [&](const Looked& l) { return l.pending.file == file && l.pending.antenna > 0; });
  const int kept = int(first - m_logs.begin());
  for (int i = int(m_logs.size()) - 1; i > kept; --i) {
    if (m_logs[size_t(i)].pending.file != file || m_logs[size_t(i)].pending.antenna == 0) continue;
    m_logs.erase(m_logs.begin() + i);
    for (Looked& other : m_logs)
      if (other.pending.with > i) --other.pending.with;
  }
  PendingLog& log = m_logs[size_t(kept)].pending;
  log.antenna = 0;
  log.flight.clear();
  log.corrections = m_logs[size_t(kept)].together;
  refill(kept);
}

int ImportDialog::leader() const {
  const int row = m_table->currentRow();
  if (row < 0 || row >= int(m_logs.size())) return -1;
  const int with = m_logs[size_t(row)].pending.with;
  return with >= 0 ? with : row;
}

std::vector<PendingLog> ImportDialog::chosenGroup() const {
  const int first = leader();
  std::vector<PendingLog> out;
  if (first < 0 || !m_logs[size_t(first)].fault.isEmpty()) return out;
  out.push_back(m_logs[size_t(first)].pending);
  for (const Looked& l : m_logs)
    if (l.pending.with == first) out.push_back(l.pending);
  return out;
}

void ImportDialog::lookAgain() {
  std::vector<PendingLog> group = chosenGroup();
  if (group.empty()) {
    m_strip->show(std::nullopt);
    return;
  }
  m_told->setText(tr("Looking at %1 ...").arg(QFileInfo(group.front().file).fileName()));
  *m_look_stop = true;
  m_look_stop = std::make_shared<std::atomic<bool>>(false);
  m_look.setFuture(QtConcurrent::run([group = std::move(group), c = m_document.campaign(), stop = m_look_stop, closing = m_document.closing()] {
    return lookAt(group, c, [&](double) { return !*stop && !*closing; });
  }));
}

void ImportDialog::showLook(const LogLook& look) {
  auto shown = look.shown;
  if (const int first = leader(); shown && first >= 0)
    shown->colour = theme::setupColour(std::max(m_document.markOf(m_logs[size_t(first)].pending.setup), 0));
  m_strip->show(shown);
  m_told->setText(look.told);
  m_told->setVisible(!look.told.isEmpty());
  m_told->setStyleSheet(look.refused ? QString("color: %1;").arg(theme::tokens().stop.name()) : QString());
  const int at = leader();
  const bool unseen = !look.shown && !look.refused;
  m_split->setVisible(at >= 0 && (unseen || look.flights.size() > 1));
  if (at < 0) return;
  m_split->setText(unseen ? tr("Make a run of each flight that it holds")
                          : tr("It holds %1 flights: make a run of each").arg(look.flights.size()));
  m_split->setChecked(m_logs[size_t(at)].pending.split);
}

void ImportDialog::moveFurther(int index, double by_s) {
  const int first = leader();
  if (!m_look.isFinished()) return;  // what is shown is about to change
  const LogLook look = m_look.result();
  if (!look.shown || index >= int(look.shown->further.size())) return;
  int nth = 0;
  for (Looked& l : m_logs)
    if (l.pending.with == first && nth++ == index)
      l.pending.offset_s = l.pending.offset_s.value_or(look.shown->further[size_t(index)].begin_s) + by_s;
  lookAgain();
}

void ImportDialog::begin() {
  std::vector<PendingLog> logs;
  for (const Looked& l : m_logs) logs.push_back(l.pending);
  m_message->clear();
  setBusy(true);
  m_importer.start(logs);
}

void ImportDialog::setBusy(bool busy) {
  m_progress->setValue(0);
  m_progress->setVisible(busy);
  for (QWidget* w :
       {static_cast<QWidget*>(m_table), static_cast<QWidget*>(m_matches), static_cast<QWidget*>(m_import)})
    w->setEnabled(!busy);
}

void ImportDialog::reject() {
  if (m_importer.running())
    m_importer.cancel();
  else
    QDialog::reject();
}

}  // namespace distanz::app
