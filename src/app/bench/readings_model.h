#pragma once
#include <QAbstractTableModel>
#include <functional>
#include <vector>

#include "app/shared/document.h"

namespace distanz::app {

/// The readings of one record, as they stand in the campaign: first the label, then each number.
class ReadingsModel : public QAbstractTableModel {
  Q_OBJECT
 public:
  explicit ReadingsModel(Document& document, QObject* parent = nullptr);
  void show(const std::string& record);

  int rowCount(const QModelIndex& parent = {}) const override;
  int columnCount(const QModelIndex& parent = {}) const override;
  QVariant data(const QModelIndex& index, int role) const override;
  QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
  Qt::ItemFlags flags(const QModelIndex& index) const override;
  bool setData(const QModelIndex& index, const QVariant& value, int role) override;

  /// "time [s]"
  static QString headOf(const campaign::RecordField& field);
  /// A label in words where it is one of a kind's own.
  static QString labelText(const std::string& label);

 signals:
  void typed(int row, int column, const QString& text);

 private:
  const campaign::Record* record() const;

  Document& m_document;
  std::string m_record;
  std::vector<campaign::RecordField> m_fields;
};

}  // namespace distanz::app
