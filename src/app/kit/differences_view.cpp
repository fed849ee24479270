#include "app/kit/differences_view.h"

#include <QHeaderView>
#include <QPushButton>
#include <QTableWidget>
#include <QVBoxLayout>
#include <algorithm>

#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/text/text.h"
#include "words/phrases.h"
#include "words/say.h"

namespace distanz::app {
namespace {

bool saysSomething(const plan::Difference& d) {
  return std::any_of(d.cells.begin(), d.cells.end(),
                     [](const Argument& a) { return !words::value(a).isEmpty(); });
}

QString titleOf(const plan::Difference& d) {
  const QString what = words::term("differs-" + d.what);
  return d.link.empty() ? what : QString::fromStdString(d.link) + ": " + what;
}

}  // namespace

DifferencesView::DifferencesView(Document& document, QWidget* parent)
    : QWidget(parent),
      m_document(document),
      m_table(new QTableWidget),
      m_fold(new QPushButton(tr("Show what is the same"))) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  m_table->setObjectName("differences");
  m_table->setAccessibleName(tr("Differences"));
  m_table->setEditTriggers(QAbstractItemView::NoEditTriggers);
  m_table->setSelectionMode(QAbstractItemView::NoSelection);
  m_table->setTabKeyNavigation(false);
  m_table->verticalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
  m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
  m_table->setWordWrap(true);
  column->addWidget(m_table, 1);
  m_fold->setObjectName("foldAlike");
  m_fold->setCheckable(true);
  m_fold->setProperty("flat", true);
  column->addWidget(m_fold, 0, Qt::AlignLeft);
  connect(m_fold, &QPushButton::toggled, this, &DifferencesView::fill);
}

void DifferencesView::refresh() {
  m_differences = plan::differencesOf(m_document.campaign());
  fill();
}

void DifferencesView::fill() {
  const campaign::Campaign& c = m_document.campaign();
  std::vector<const plan::Difference*> rows;
  int alike = 0;
  for (const plan::Difference& d : m_differences.rows) {
    if (!d.differs && !d.nuisance && saysSomething(d)) ++alike;
    if (d.differs || d.nuisance || (m_fold->isChecked() && saysSomething(d))) rows.push_back(&d);
  }
  m_fold->setVisible(alike > 0);
  m_fold->setText(m_fold->isChecked() ? tr("Hide what is the same in all")
                                      : tr("Show %1 more, the same in all").arg(alike));
  m_table->clear();
  const std::size_t setups = std::min(c.setups.size(), plan::kMostCompared);
  m_table->setColumnCount(int(setups));
  m_table->setRowCount(int(rows.size()));
  for (std::size_t i = 0; i < setups; ++i) {
    auto* head =
        new QTableWidgetItem(QString::fromStdString(campaign::letterOf(c, i) + "  " + c.setups[i].name));
    head->setForeground(theme::setupColour(int(i)));
    m_table->setHorizontalHeaderItem(int(i), head);
  }
  for (std::size_t r = 0; r < rows.size(); ++r) {
    m_table->setVerticalHeaderItem(int(r), new QTableWidgetItem(titleOf(*rows[r])));
    for (std::size_t i = 0; i < rows[r]->cells.size(); ++i) {
      const QString text = words::value(rows[r]->cells[i]);
      auto* cell = new QTableWidgetItem(text.isEmpty() ? QString("\u2013") : text);
      cell->setTextAlignment(Qt::AlignLeft | Qt::AlignVCenter);
      cell->setToolTip(plainTip(text));
      QFont font = theme::bodyFont(theme::kBody, rows[r]->differs);
      cell->setFont(font);
      if (rows[r]->nuisance) cell->setForeground(theme::tokens().caution);
      if (!rows[r]->differs && !rows[r]->nuisance) cell->setForeground(theme::tokens().muted);
      m_table->setItem(int(r), int(i), cell);
    }
  }
  m_table->resizeRowsToContents();
}

QByteArray DifferencesView::csv() const {
  const campaign::Campaign& c = m_document.campaign();
  std::string out = "what";
  for (std::size_t i = 0; i < std::min(c.setups.size(), plan::kMostCompared); ++i)
    out += "," + text::csvField(c.setups[i].id);
  for (const plan::Difference& d : m_differences.rows) {
    if (!saysSomething(d)) continue;
    out += "\n" + text::csvField(titleOf(d).toStdString());
    for (const Argument& a : d.cells) out += "," + text::csvField(words::value(a).toStdString());
  }
  return QByteArray::fromStdString(out + "\n");
}

}  // namespace distanz::app
