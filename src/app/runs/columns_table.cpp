#include "app/runs/columns_table.h"

#include <QComboBox>
#include <QHeaderView>
#include <algorithm>

#include "app/runs/match_text.h"
#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "formats/column_guess.h"
#include "formats/column_match.h"
#include "words/phrases.h"

namespace distanz::app {
namespace {

constexpr std::size_t kMostColumns = 200;  // more would take long to lay out; they are matched all the same
constexpr std::size_t kValuesShown = 4;

QString valuesText(const formats::TableHead& head, int column) {
  QStringList values;
  for (std::size_t r = 0; r < std::min(head.preview.size(), kValuesShown); ++r)
    if (std::size_t(column) < head.preview[r].size()) values << QString::fromStdString(head.preview[r][std::size_t(column)]);
  return values.join("   ");
}

QString meaningText(const formats::ColumnMatch& m) {
  const QString name = words::channel(m.channel);
  return m.antenna > 0 ? ColumnsTable::tr("%1, antenna %2").arg(name).arg(m.antenna) : name;
}

const formats::ColumnMatch* of(const std::vector<formats::ColumnMatch>& all, int column) {
  const auto found = std::find_if(all.begin(), all.end(), [&](const auto& m) { return m.column == column; });
  return found == all.end() ? nullptr : &*found;
}

}  // namespace

ColumnsTable::ColumnsTable(ImportList& list, QWidget* parent) : QTableWidget(0, 4, parent), m_list(list) {
  setObjectName("importColumns");
  setAccessibleName(tr("Columns of the log"));
  setHorizontalHeaderLabels({tr("column"), tr("means"), tr("unit"), tr("first values")});
  verticalHeader()->hide();
  verticalHeader()->setDefaultSectionSize(30);
  setEditTriggers(QAbstractItemView::NoEditTriggers);
  setSelectionMode(QAbstractItemView::NoSelection);
  setTabKeyNavigation(false);
  horizontalHeader()->setStretchLastSection(true);
  setWordWrap(false);
  setColumnWidth(0, 130);
  setColumnWidth(1, 176);
  setColumnWidth(2, 104);
  connect(&list, &ImportList::corrected, this, [this](int row) {
    if (row == m_row) refresh();
  });
}

void ColumnsTable::show(int row) {
  m_row = row;
  refresh();
}

/// Settled once for a log: nothing moves under the pointer.
void ColumnsTable::settleOrder(const std::vector<formats::ColumnMatch>& matches) {
  const ListedLog& l = m_list.at(m_row);
  if (const QString log = nameOf(l.pending); log == std::exchange(m_of, log) && m_order.size() == std::min(l.head.header.size(), kMostColumns)) return;
  m_order.clear();
  for (int c = 0; c < int(l.head.header.size()); ++c) m_order.push_back(c);
  std::stable_partition(m_order.begin(), m_order.end(), [&](int c) { return of(matches, c) != nullptr; });
  if (m_order.size() > kMostColumns) m_order.resize(kMostColumns);
}

void ColumnsTable::refresh() {
  if (m_row < 0 || m_row >= m_list.size() || !m_list.at(m_row).fault.isEmpty()) return setRowCount(0);
  const ListedLog& l = m_list.at(m_row);
  const auto matches = m_list.matchesOf(m_row);
  const auto guesses = formats::guessColumns(l.head, m_list.campaign().links, matches);
  settleOrder(matches);
  setRowCount(int(m_order.size()));
  for (int at = 0; at < int(m_order.size()); ++at) {
    const int c = m_order[std::size_t(at)];
    const formats::ColumnMatch *match = of(matches, c), *guess = match ? nullptr : of(guesses, c);
    auto* name = new QTableWidgetItem(QString::fromStdString(l.head.header[std::size_t(c)]));
    name->setForeground(match ? theme::tokens().ink : theme::tokens().muted);
    name->setToolTip(plainTip(name->text()));
    setItem(at, 0, name);
    setCellWidget(at, 1, meaningBox(c, matches, match, guess));
    removeCellWidget(at, 2);
    setItem(at, 2, new QTableWidgetItem);
    if (match && formats::needsUnit(*match))
      setCellWidget(at, 2, unitBox(*match));
    else if (match && !dayOrderText(match->unit).isEmpty() && (match->day_order != formats::DayOrderBy::Known || l.pending.corrections.contains(match->channel)))
      setCellWidget(at, 2, dayOrderBox(*match));
    else if (match)
      item(at, 2)->setText(unitText(matches, *match));
    auto* values = new QTableWidgetItem(valuesText(l.head, c));
    values->setForeground(match ? theme::tokens().ink : theme::tokens().muted);
    setItem(at, 3, values);
  }
}

QComboBox* ColumnsTable::meaningBox(int column, const std::vector<formats::ColumnMatch>& matches,
                                    const formats::ColumnMatch* match, const formats::ColumnMatch* guess) {
  auto* box = new QComboBox;
  box->setObjectName("means_" + QString::number(column));
  box->setAccessibleName(tr("Meaning of column %1").arg(QString::fromStdString(m_list.at(m_row).head.header[std::size_t(column)])));
  box->addItem(guess ? tr("?  perhaps %1").arg(words::channel(guess->channel)) : tr("\u2013  not used"), QString());
  std::vector<std::string> channels = formats::knownChannels(m_list.campaign().links);
  const auto taken = [&](const std::string& c) {
    return std::any_of(matches.begin(), matches.end(), [&](const auto& m) { return m.channel == c; });
  };
  std::stable_partition(channels.begin(), channels.end(), [&](const auto& c) { return !taken(c); });
  if (match) box->addItem(meaningText(*match), QString::fromStdString(match->channel));
  for (const std::string& c : channels)
    if (!match || match->channel != c) box->addItem(words::channel(c), QString::fromStdString(c));
  box->setCurrentIndex(match ? 1 : 0);
  connect(box, &QComboBox::activated, this, [this, column, box] {
    m_list.setMeaning(m_row, column, box->currentData().toString().toStdString());
  });
  return box;
}

/// Asks for the unit that a column does not tell.
QWidget* ColumnsTable::unitBox(const formats::ColumnMatch& match) {
  auto* box = new QComboBox;
  box->setObjectName("unit_" + QString::fromStdString(match.channel));
  box->addItem(tr("which unit?"));
  for (const char* unit : {"mW", "dBm", "W"}) box->addItem(unit);
  connect(box, &QComboBox::activated, this, [this, box, match](int chosen) {
    if (chosen > 0) m_list.setUnit(m_row, match, box->currentText().toStdString());
  });
  return box;
}

/// Offers the other reading of dates like 05/11/2026.
QWidget* ColumnsTable::dayOrderBox(const formats::ColumnMatch& match) {
  auto* box = new QComboBox;
  box->setObjectName("unit_" + QString::fromStdString(match.channel));
  for (const std::string_view order : {formats::kMonthFirst, formats::kDayFirst})
    box->addItem(dayOrderText(order), QString::fromUtf8(order.data(), qsizetype(order.size())));
  box->setCurrentIndex(match.unit == formats::kDayFirst);
  connect(box, &QComboBox::activated, this, [this, box, match] {
    m_list.setUnit(m_row, match, box->currentData().toString().toStdString());
  });
  return box;
}

}  // namespace distanz::app
