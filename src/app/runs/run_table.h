#pragma once
#include <QAbstractTableModel>
#include <QStyledItemDelegate>

#include "app/shared/document.h"

namespace distanz::analysis {
struct RunResult;
}

namespace distanz::app {

/// The runs as rows; setup, order, flight, reason of the end and notes are edited in place.
class RunTable : public QAbstractTableModel {
  Q_OBJECT
 public:
  enum Column {
    Name,
    SetupOf,
    Order,
    Flight,
    EndedWhy,
    Reduced,
    Farthest,
    Dropouts,
    LostAt,
    RegainedAt,
    Gap,
    Counts,
    Notes,
    kColumns
  };
  /// What a column is sorted by: numbers where it shows numbers.
  static constexpr int kSortRole = Qt::UserRole + 1;
  explicit RunTable(Document& document, QObject* parent = nullptr);

  int rowCount(const QModelIndex& parent = {}) const override;
  int columnCount(const QModelIndex& parent = {}) const override;
  QVariant data(const QModelIndex& index, int role) const override;
  QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
  Qt::ItemFlags flags(const QModelIndex& index) const override;
  bool setData(const QModelIndex& index, const QVariant& value, int role) override;

 private:
  QVariant text(const campaign::Run& run, int column) const;
  QVariant sortedBy(const campaign::Run& run, int column) const;
  const analysis::RunResult* result(const campaign::Run& run) const;
  Document& m_document;
};

/// Choices for setup and reason of the end.
class RunDelegate : public QStyledItemDelegate {
 public:
  RunDelegate(Document& document, QObject* parent) : QStyledItemDelegate(parent), m_document(document) {}
  QWidget* createEditor(QWidget* parent, const QStyleOptionViewItem& option,
                        const QModelIndex& index) const override;
  void setEditorData(QWidget* editor, const QModelIndex& index) const override;
  void setModelData(QWidget* editor, QAbstractItemModel* model, const QModelIndex& index) const override;
  void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override;

 private:
  Document& m_document;
};

}  // namespace distanz::app
