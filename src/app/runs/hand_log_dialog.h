#pragma once
#include <QDialog>

class QPushButton;
class QTableWidget;

namespace distanz::app {

/// Readings typed while watching a recording or listening, row by row: Enter leads to the next row, Tab to the next
/// column. Where posts are counted the next post's number is there already, outbound up to the last, then back: one person
/// flies and calls, the other types a figure and Enter. What it makes is a table like any other. What was typed stays until
/// it is taken.
class HandLogDialog : public QDialog {
  Q_OBJECT
 public:
  /// @param last_post number of the last one on the path; 0: nobody knows
  explicit HandLogDialog(int last_post = 0, QWidget* parent = nullptr);
  void setLastPost(int last_post) { m_last_post = last_post; }
  void clear();
  /// The columns that have anything in them, with their headings.
  QString csv() const;

 protected:
  bool eventFilter(QObject* watched, QEvent* event) override;

 private:
  void nextRow();
  QString text(int row, int column) const;
  /// That follows the one in a row; empty where none is counted there.
  QString postAfter(int row) const;
  bool enough() const;

  QTableWidget* m_table;
  QPushButton* m_take;
  int m_last_post;
};

}  // namespace distanz::app
