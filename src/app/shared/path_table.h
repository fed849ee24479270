#pragma once
#include <QWidget>
#include <functional>
#include <vector>

#include "app/shared/document.h"

class QLabel;
class QTableWidget;

namespace distanz::app {

/// A short list of the path that is edited in place: its points, posts, or segments. What is typed wrong is
/// told below, and the old value comes back.
class PathTable : public QWidget {
  Q_OBJECT
 public:
  using Campaign = campaign::Campaign;
  struct Column {
    QString title;
    std::function<QString(const Campaign&, int row)> text;
    /// @return why it is refused, or nothing. Null: only shown
    std::function<QString(Campaign&, int row, const QString& text)> take;
  };
  struct Rows {
    std::function<int(const Campaign&)> count;
    std::function<void(Campaign&)> add;  ///< at the end
    std::function<bool(Campaign&, int row)> remove;
    const char* step = "lay-path";  ///< what an edit is called, see words/steps_texts
    std::string run = {};           ///< that the step is about
    bool goes_on = false;           ///< Enter leads to the next cell, behind the last one to a new row
  };
  /// @param name of the object; its table is named so with "_table", its buttons "_add" and "_remove"
  PathTable(Document& document, const QString& name, const QString& title, const QString& when_empty,
            Rows rows, std::vector<Column> columns, QWidget* parent = nullptr);

 private:
  void refresh();
  void taken(int row, int column);
  void goOn(int row, int column);
  Finding step() const;
  void edit(const std::function<bool(Campaign&)>& what);

  Document& m_document;
  Rows m_of;
  std::vector<Column> m_columns;
  QTableWidget* m_table;
  QLabel *m_reason, *m_empty;
  bool m_filling = false;
};

/// A length typed in a cell, in metres. @return why it is none, or nothing
QString lengthTyped(const QString& text, double low_m, double high_m, double& value_m);

}  // namespace distanz::app
