#pragma once
#include <QWidget>
#include <string>
#include <vector>

#include "app/shared/document.h"

class QComboBox;
class QLineEdit;
class QLabel;
class QTableView;

namespace distanz::app {

class ReadingsModel;

/// What was read off, in rows: typed one after the other, corrected in place, taken away.
class ReadingsEditor : public QWidget {
  Q_OBJECT
 public:
  explicit ReadingsEditor(Document& document, QWidget* parent = nullptr);
  void show(const std::string& record);
  /// Puts a value into the row that is typed, and the caret behind it.
  void prefill(const char* key, double value);
  /// Chooses what is read.
  void setLabel(const std::string& label);

 signals:
  void fileWanted();  ///< readings from a table

 private:
  void build(campaign::RecordKind kind);
  void makeRefusal();
  enum class Then { Next, Leave };
  /// Takes what stands in the entry row as a reading. @param then the next one is typed, or the row was left
  void addRow(Then then);
  /// A row that was typed and left without Add is a reading too.
  void leave(const QWidget* from, const QWidget* to);
  void change(int row, int column, const QString& typed);
  QLayout* entryRow(campaign::RecordKind kind);
  void removeSelected();
  void edit(const std::function<void(campaign::Record&)>& set);
  /// A number typed for a field; refused beside the rows, where it is none.
  std::optional<double> numberFrom(const QString& text, const campaign::RecordField& field);

  Document& m_document;
  ReadingsModel* m_model;
  std::string m_record;
  std::vector<campaign::RecordField> m_fields;
  QWidget* m_body = nullptr;
  QTableView* m_table = nullptr;
  QComboBox* m_label = nullptr;
  std::vector<QLineEdit*> m_entries;
  QLabel* m_refusal = nullptr;
};

}  // namespace distanz::app
