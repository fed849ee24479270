#include "app/runs/hand_log_dialog.h"

#include <QHeaderView>
#include <QKeyEvent>
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>
#include <QTimer>
#include <QVBoxLayout>

#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/text/text.h"

namespace distanz::app {
namespace {

/// Headings as logs have them, whatever the language of the window; and what they are called in it.
struct Column {
  const char* heading;
  QString title, tip;
};

std::vector<Column> columns() {
  return {{"post", HandLogDialog::tr("post"), HandLogDialog::tr("its number")},
          {"distance", HandLogDialog::tr("distance"), HandLogDialog::tr("from the station: 450 m, 1.2 km")},
          {"time", HandLogDialog::tr("time"), HandLogDialog::tr("in the recording: 3:27")},
          {"signal", HandLogDialog::tr("signal"), HandLogDialog::tr("-84 dBm")},
          {"quality", HandLogDialog::tr("quality"), HandLogDialog::tr("of the link, in %")},
          {"bars", HandLogDialog::tr("bars"), HandLogDialog::tr("counted; used as quality only")},
          {"voltage", HandLogDialog::tr("volts"), HandLogDialog::tr("of the battery: 15.4 V")},
          {"bitrate", HandLogDialog::tr("bitrate"), HandLogDialog::tr("25 Mbit/s")},
          {"delay", HandLogDialog::tr("delay"), HandLogDialog::tr("40 ms")},
          {"picture", HandLogDialog::tr("picture"), HandLogDialog::tr("grade, 5 is best")},
          {"event", HandLogDialog::tr("event"), HandLogDialog::tr("break-up, dropout, lost, regained, step, failsafe, turned")}};
}

constexpr int kRows = 12, kPost = 0;

}  // namespace

HandLogDialog::HandLogDialog(int last_post, QWidget* parent)
    : QDialog(parent), m_table(new QTableWidget(kRows, int(columns().size()))), m_take(new QPushButton(tr("Import ..."))), m_last_post(last_post) {
  setObjectName("handLogDialog");
  setWindowTitle(tr("Readings, row by row"));
  resize(940, 520);
  auto* layout = new QVBoxLayout(this);
  layout->setContentsMargins(16, 16, 16, 16);
  layout->setSpacing(8);
  auto* hint = plainLabel(tr("Each row needs a post, a distance or a time, and a reading or an event. Enter: next row, with the next post already there. Tab: next column. A smaller number counts back. Events alone (lost, regained, turned) are enough."));
  hint->setWordWrap(true);
  layout->addWidget(hint);
  m_table->setObjectName("handLog");
  m_table->setAccessibleName(windowTitle());
  const auto all = columns();
  for (int k = 0; k < int(all.size()); ++k) {
    auto* head = new QTableWidgetItem(all[size_t(k)].title);
    head->setToolTip(plainTip(all[size_t(k)].tip));
    m_table->setHorizontalHeaderItem(k, head);
  }
  m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
  m_table->horizontalHeader()->setMinimumSectionSize(64);
  m_table->verticalHeader()->setDefaultSectionSize(26);
  m_table->setTabKeyNavigation(true);
  m_table->installEventFilter(this);
  layout->addWidget(m_table, 1);
  auto* row = new QHBoxLayout;
  auto* cancel = new QPushButton(tr("Cancel"));
  cancel->setObjectName("handLogCancel");
  cancel->setAutoDefault(false);
  m_take->setObjectName("handLogTake");
  theme::markNext(*m_take);
  m_take->setAutoDefault(false);  // Enter belongs to the table
  m_take->setEnabled(false);
  row->addStretch();
  row->addWidget(cancel);
  row->addWidget(m_take);
  layout->addLayout(row);
  connect(cancel, &QPushButton::clicked, this, &QDialog::reject);
  connect(m_take, &QPushButton::clicked, this, &QDialog::accept);
  connect(m_table, &QTableWidget::cellChanged, this, [this] { m_take->setEnabled(enough()); });
  m_table->setCurrentCell(0, 0);
  m_table->setFocus();
}

/// Enter, in a cell or while one is typed in: what was typed is kept by the table itself, before the next row is.
bool HandLogDialog::eventFilter(QObject* watched, QEvent* event) {
  if (event->type() == QEvent::KeyPress) {
    const int key = static_cast<QKeyEvent*>(event)->key();
    if (key == Qt::Key_Return || key == Qt::Key_Enter) {
      QTimer::singleShot(0, this, &HandLogDialog::nextRow);
      return true;
    }
  }
  return QDialog::eventFilter(watched, event);
}

QString HandLogDialog::text(int row, int column) const {
  const QTableWidgetItem* item = m_table->item(row, column);
  return item ? item->text().trimmed() : QString();
}

QString HandLogDialog::postAfter(int row) const {
  bool counted = false, counted_before = false;
  const int post = text(row, kPost).toInt(&counted), before = row > 0 ? text(row - 1, kPost).toInt(&counted_before) : 0;
  if (!counted) return {};
  const bool turned = m_last_post > 0 && post >= m_last_post;
  const int next = turned || (counted_before && post < before) ? post - 1 : post + 1;
  return next >= 0 ? QString::number(next) : QString();
}

/// The first column that the row before it has; past the post where that is counted on.
void HandLogDialog::nextRow() {
  const int row = m_table->currentRow();
  if (row + 1 == m_table->rowCount()) m_table->insertRow(row + 1);
  const bool filled = text(row + 1, kPost).isEmpty() ? !postAfter(row).isEmpty() : true;
  if (text(row + 1, kPost).isEmpty() && filled) m_table->setItem(row + 1, kPost, new QTableWidgetItem(postAfter(row)));
  int first = filled ? kPost + 1 : 0;
  while (first < m_table->columnCount() && text(row, first).isEmpty()) ++first;
  if (first == m_table->columnCount()) first = filled && m_table->currentColumn() > kPost ? m_table->currentColumn() : 0;
  m_table->setCurrentCell(row + 1, first);
}

void HandLogDialog::clear() {
  m_table->clearContents();
  m_table->setRowCount(kRows);
  m_table->setCurrentCell(0, 0);
  m_take->setEnabled(false);
}

bool HandLogDialog::enough() const {
  return csv().count('\n') >= 3;  // headings and two rows
}

QString HandLogDialog::csv() const {
  const auto all = columns();
  std::vector<int> used;
  for (int k = 0; k < m_table->columnCount(); ++k)
    for (int row = 0; row < m_table->rowCount(); ++row)
      if (!text(row, k).isEmpty()) {
        used.push_back(k);
        break;
      }
  QStringList lines, heads;
  for (const int k : used) heads << all[size_t(k)].heading;
  lines << heads.join(",");
  for (int row = 0; row < m_table->rowCount(); ++row) {
    QStringList cells;
    bool any = false;
    for (const int k : used) {
      any = any || (k != kPost && !text(row, k).isEmpty());  // a post alone waits for its reading
      // a sign in front is a level here, not a formula
      const std::string cell = text(row, k).toStdString();
      cells << QString::fromStdString(cell.find_first_of(",\"\n") == std::string::npos ? cell : text::csvField(cell));
    }
    if (any) lines << cells.join(",");
  }
  return used.empty() ? QString() : lines.join("\n") + "\n";
}

}  // namespace distanz::app
