#pragma once
#include <QDialog>

class QPushButton;
class QTableWidget;

namespace distanz::app {

/// Readings typed while watching a recording or listening, row by row: Enter leads to the next row, Tab to the next
/// column. What it makes is a table like any other.
class HandLogDialog : public QDialog {
  Q_OBJECT
 public:
  explicit HandLogDialog(QWidget* parent = nullptr);
  /// The columns that have anything in them, with their headings.
  QString csv() const;

 protected:
  bool eventFilter(QObject* watched, QEvent* event) override;

 private:
  void nextRow();
  bool enough() const;

  QTableWidget* m_table;
  QPushButton* m_take;
};

}  // namespace distanz::app
