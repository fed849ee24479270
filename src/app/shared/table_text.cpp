#include "app/shared/table_text.h"

#include <QAbstractItemView>
#include <QComboBox>
#include <QLineEdit>
#include <algorithm>
#include <map>
#include <set>

#include "core/text/text.h"

namespace distanz::app {
namespace {

/// What a cell shows: its own text, or that of the field that stands in it.
QString cellText(const QAbstractItemView& view, const QModelIndex& cell) {
  if (const QWidget* field = view.indexWidget(cell)) {
    if (const auto* box = qobject_cast<const QComboBox*>(field)) return box->currentText();
    if (const auto* edit = qobject_cast<const QLineEdit*>(field)) return edit->text();
  }
  return cell.data(Qt::DisplayRole).toString();
}

/// A tab or a line end within a cell would make two of it; what a spreadsheet would run is made harmless.
QString plain(QString text) {
  return QString::fromStdString(text::csvField(text.replace('\t', ' ').replace('\n', ' ').replace('\r', ' ').toStdString()));
}

}  // namespace

QString tableText(const QAbstractItemView& view, QModelIndexList cells) {
  std::map<int, std::map<int, QModelIndex>> rows;
  std::set<int> columns;
  for (const QModelIndex& cell : cells) {
    rows[cell.row()][cell.column()] = cell;
    columns.insert(cell.column());
  }
  if (rows.empty()) return {};
  QStringList out, heads;
  for (const int column : columns) heads << plain(view.model()->headerData(column, Qt::Horizontal).toString());
  if (std::any_of(heads.begin(), heads.end(), [](const QString& h) { return !h.isEmpty() && !h.toInt(); })) out << heads.join('\t');
  for (const auto& [row, of_row] : rows) {
    QStringList texts;
    for (const int column : columns) {
      const auto found = of_row.find(column);
      texts << (found == of_row.end() ? QString() : plain(cellText(view, found->second)));
    }
    out << texts.join('\t');
  }
  return out.join('\n') + '\n';
}

QByteArray tableCsv(const QAbstractItemModel& model) {
  std::string out;
  const auto line = [&](auto cell) {
    for (int column = 0; column < model.columnCount(); ++column)
      out += (column ? "," : "") + text::csvField(cell(column).toString().toStdString());
    out += '\n';
  };
  line([&](int column) { return model.headerData(column, Qt::Horizontal); });
  for (int row = 0; row < model.rowCount(); ++row)
    line([&](int column) { return model.index(row, column).data(Qt::DisplayRole); });
  return QByteArray::fromStdString(out);
}

}  // namespace distanz::app
