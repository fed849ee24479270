#pragma once
#include <QModelIndexList>
#include <QString>

class QAbstractItemView;
class QAbstractItemModel;

namespace distanz::app {

/// Cells as text, with their headings, for a spreadsheet: tabs between columns, a line per row.
QString tableText(const QAbstractItemView& view, QModelIndexList cells);
/// The whole table as CSV.
QByteArray tableCsv(const QAbstractItemModel& model);

}  // namespace distanz::app
