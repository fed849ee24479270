#pragma once
#include <QTableWidget>

#include "app/runs/import_list.h"

namespace distanz::app {

/// The columns of one log: what each means, its unit, its first values. Those that are used come first, the others are
/// named too and can be given a meaning; their order stays while they are corrected.
class ColumnsTable : public QTableWidget {
  Q_OBJECT
 public:
  explicit ColumnsTable(ImportList& list, QWidget* parent = nullptr);
  /// @param row of the list; -1: none
  void show(int row);

 private:
  void refresh();
  QComboBox* meaningBox(int column, const std::vector<formats::ColumnMatch>& matches, const formats::ColumnMatch* match,
                        const formats::ColumnMatch* guess);
  QWidget* unitBox(const formats::ColumnMatch& match);
  QWidget* dayOrderBox(const formats::ColumnMatch& match);
  void settleOrder(const std::vector<formats::ColumnMatch>& matches);

  ImportList& m_list;
  int m_row = -1;
  QString m_of;              ///< the log that the order is of
  std::vector<int> m_order;  ///< columns of the log, top to bottom
};

}  // namespace distanz::app
