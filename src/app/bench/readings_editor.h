#pragma once
#include <QWidget>
#include <string>
#include <vector>

#include "app/shared/document.h"

class QComboBox;
class QLineEdit;
class QTableWidget;

namespace distanz::app {

/// What was read off, in rows: typed one after the other, corrected in place, taken away.
class ReadingsEditor : public QWidget {
  Q_OBJECT
 public:
  explicit ReadingsEditor(Document& document, QWidget* parent = nullptr);
  void show(const std::string& record);

 signals:
  void fileWanted();  ///< readings from a table

 private:
  void build(campaign::RecordKind kind);
  void fill();
  void addRow();
  void change(int row, int column);
  void removeSelected();
  void edit(const std::function<void(campaign::Record&)>& set);
  /// A number typed for a field; refused beside the rows, where it is none.
  std::optional<double> numberFrom(const QString& text, const campaign::RecordField& field);

  Document& m_document;
  std::string m_record;
  int m_kind = -1;
  std::vector<campaign::RecordField> m_fields;
  QTableWidget* m_table = nullptr;
  QComboBox* m_label = nullptr;
  std::vector<QLineEdit*> m_entries;
  class QLabel* m_refusal = nullptr;
  bool m_filling = false;
};

}  // namespace distanz::app
