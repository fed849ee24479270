#include "app/shared/path_table.h"

#include <QApplication>
#include <QHeaderView>
#include <QPushButton>
#include <QTableWidget>
#include <QTimer>
#include <QVBoxLayout>

#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/finding/error.h"
#include "core/quantity/parse.h"
#include "words/quantity.h"
#include "words/say.h"

namespace distanz::app {

QString lengthTyped(const QString& text, double low_m, double high_m, double& value_m) {
  const quantity::Parsed parsed =
      quantity::parseWithin(quantity::Kind::Length, text.trimmed().toStdString(), low_m, high_m,
                            words::bareUnit(quantity::Kind::Length));
  if (parsed.problem) return words::sentence(*parsed.problem);
  value_m = parsed.value;
  return {};
}

namespace {

/// Its looks, and what stands in it as long as it is empty.
void dress(QTableWidget& table, QLabel& empty) {
  table.horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
  table.horizontalHeader()->setSectionResizeMode(0, QHeaderView::ResizeToContents);
  table.horizontalHeader()->setMinimumSectionSize(70);
  table.verticalHeader()->setDefaultSectionSize(26);
  table.verticalHeader()->setSectionResizeMode(QHeaderView::Fixed);
  table.setSelectionMode(QAbstractItemView::SingleSelection);
  table.setFont(theme::figureFont(theme::kBody));
  table.setWordWrap(false);
  auto* inside = new QVBoxLayout(table.viewport());
  inside->addWidget(&empty);
  inside->addStretch();
  empty.setWordWrap(true);
  empty.setProperty("small", true);
  empty.setAttribute(Qt::WA_TransparentForMouseEvents);
}

}  // namespace

PathTable::PathTable(Document& document, const QString& name, const QString& title, const QString& when_empty,
                     Rows rows, std::vector<Column> columns, QWidget* parent)
    : QWidget(parent),
      m_document(document),
      m_of(std::move(rows)),
      m_columns(std::move(columns)),
      m_table(new QTableWidget),
      m_reason(plainLabel()),
      m_empty(plainLabel(when_empty)) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(4);
  auto* heading = plainLabel(title);
  heading->setFont(theme::bodyFont(theme::kBody, true));
  column->addWidget(heading);
  m_table->setObjectName(name + "_table");
  m_table->setAccessibleName(title);
  m_table->setColumnCount(int(m_columns.size()));
  QStringList titles;
  for (const Column& c : m_columns) titles << c.title;
  m_table->setHorizontalHeaderLabels(titles);
  dress(*m_table, *m_empty);
  column->addWidget(m_table, 1);
  m_reason->setProperty("refused", true);
  m_reason->setWordWrap(true);
  m_reason->hide();
  column->addWidget(m_reason);
  auto* row = new QHBoxLayout;
  auto* add = new QPushButton(tr("Add"));
  add->setObjectName(name + "_add");
  auto* remove = new QPushButton(tr("Remove"));
  remove->setObjectName(name + "_remove");
  row->addWidget(add);
  row->addWidget(remove);
  row->addStretch();
  column->addLayout(row);
  connect(add, &QPushButton::clicked, this, [this] {
    edit([this](Campaign& c) {
      m_of.add(c);
      return true;
    });
  });
  connect(remove, &QPushButton::clicked, this, [this] {
    const int at = m_table->currentRow();
    if (at >= 0) edit([this, at](Campaign& c) { return m_of.remove(c, at); });
  });
  connect(m_table, &QTableWidget::cellChanged, this, &PathTable::taken);
  connect(&document, &Document::changed, this, &PathTable::refresh);
  refresh();
}

void PathTable::edit(const std::function<bool(Campaign&)>& what) {
  Campaign next = m_document.campaign();
  try {
    if (what(next)) m_document.edit(step(), next);
  } catch (const Error& e) {
    m_reason->setText(words::sentence(e));
    m_reason->show();
  }
}

void PathTable::refresh() {
  const Campaign& c = m_document.campaign();
  m_filling = true;
  m_table->setRowCount(m_of.count(c));
  m_empty->setVisible(m_table->rowCount() == 0);
  for (int row = 0; row < m_table->rowCount(); ++row)
    for (int k = 0; k < int(m_columns.size()); ++k) {
      const QString text = m_columns[std::size_t(k)].text(c, row);
      QTableWidgetItem* cell = m_table->item(row, k);
      if (!cell) {
        cell = new QTableWidgetItem;
        m_table->setItem(row, k, cell);
      }
      if (cell->text() != text) cell->setText(text);
      const bool open = bool(m_columns[std::size_t(k)].take);
      cell->setFlags(open ? Qt::ItemIsSelectable | Qt::ItemIsEnabled | Qt::ItemIsEditable
                          : Qt::ItemIsSelectable | Qt::ItemIsEnabled);
    }
  m_filling = false;
}

void PathTable::taken(int row, int column) {
  if (m_filling || row >= m_of.count(m_document.campaign())) return;
  Campaign next = m_document.campaign();
  const QString refused = m_columns[std::size_t(column)].take(next, row, m_table->item(row, column)->text());
  m_reason->setText(refused);
  m_reason->setVisible(!refused.isEmpty());
  if (refused.isEmpty()) m_document.edit(step(), next);
  refresh();
  if (refused.isEmpty() && m_of.goes_on) QTimer::singleShot(0, this, [this, row, column] { goOn(row, column); });
}

/// Only while the keyboard is in the table: who clicked elsewhere is left there.
void PathTable::goOn(int row, int column) {
  if (!m_table->isAncestorOf(QApplication::focusWidget()) && QApplication::focusWidget() != m_table) return;
  if (column + 1 < m_table->columnCount()) {
    ++column;
  } else {
    column = 0;
    if (++row == m_table->rowCount()) edit([this](Campaign& c) {
      m_of.add(c);
      return true;
    });
  }
  m_table->setCurrentCell(row, column);
  if (QTableWidgetItem* cell = m_table->item(row, column)) m_table->editItem(cell);
}

Finding PathTable::step() const {
  return m_of.run.empty() ? finding(m_of.step) : finding(m_of.step, {}, {"run", m_of.run});
}

}  // namespace distanz::app
