#pragma once
#include <QListWidget>

#include "app/bench/record_book.h"

class QPushButton;

namespace distanz::app {

/// The records of the campaign on a shelf, by part, each with a tiny drawing of what it says.
class Shelf : public QWidget {
  Q_OBJECT
 public:
  Shelf(Document& document, const RecordBook& book, QWidget* parent = nullptr);
  /// Shows the campaign's records, one of them chosen.
  void show(const std::string& chosen);

 signals:
  void chosen(const QString& record);
  void wanted(campaign::RecordKind kind);  ///< a new record of that kind

 private:
  QPushButton* newButton();
  void add(const campaign::Record& record);
  Document& m_document;
  QPushButton* m_new;
  QListWidget* m_list;
  std::string m_shown;  ///< what the list was made of: it is made anew where that changes
};

}  // namespace distanz::app
