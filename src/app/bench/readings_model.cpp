#include "app/bench/readings_model.h"

#include "words/phrases.h"
#include "words/quantity.h"

namespace distanz::app {

ReadingsModel::ReadingsModel(Document& document, QObject* parent)
    : QAbstractTableModel(parent), m_document(document) {
  connect(&document, &Document::changed, this, [this] { show(m_record); });
}

void ReadingsModel::show(const std::string& id) {
  beginResetModel();
  m_record = id;
  const campaign::Record* r = record();
  m_fields = r ? campaign::recordFields(r->kind, true) : std::vector<campaign::RecordField>();
  endResetModel();
}

const campaign::Record* ReadingsModel::record() const {
  return campaign::findRecord(m_document.campaign(), m_record);
}

int ReadingsModel::rowCount(const QModelIndex& parent) const {
  const campaign::Record* r = record();
  return parent.isValid() || !r ? 0 : int(r->readings.size());
}

int ReadingsModel::columnCount(const QModelIndex& parent) const {
  return parent.isValid() ? 0 : int(m_fields.size()) + 1;
}

QVariant ReadingsModel::data(const QModelIndex& index, int role) const {
  const campaign::Record* r = record();
  if (!r || !index.isValid() || std::size_t(index.row()) >= r->readings.size()) return {};
  const campaign::Reading& reading = r->readings[std::size_t(index.row())];
  if (role == Qt::TextAlignmentRole && index.column() > 0) return int(Qt::AlignRight | Qt::AlignVCenter);
  if (role != Qt::DisplayRole && role != Qt::EditRole) return {};
  if (index.column() == 0) return labelText(reading.label);
  const auto v = reading.value(m_fields[std::size_t(index.column()) - 1].key);
  return v ? words::shortNumber(*v, 4) : QString();
}

QVariant ReadingsModel::headerData(int section, Qt::Orientation orientation, int role) const {
  if (role != Qt::DisplayRole) return {};
  if (orientation == Qt::Vertical) return section + 1;
  return section == 0 ? tr("what") : headOf(m_fields[std::size_t(section) - 1]);
}

Qt::ItemFlags ReadingsModel::flags(const QModelIndex& index) const {
  const campaign::Record* r = record();
  const bool fixed = index.column() == 0 && r && !campaign::readingLabels(r->kind).empty();
  return QAbstractTableModel::flags(index) | (fixed ? Qt::NoItemFlags : Qt::ItemIsEditable);
}

bool ReadingsModel::setData(const QModelIndex& index, const QVariant& value, int role) {
  if (role != Qt::EditRole) return false;
  if (value.toString() != data(index, role).toString())
    emit typed(index.row(), index.column(), value.toString());
  return true;
}

QString ReadingsModel::headOf(const campaign::RecordField& f) {
  const QString symbol = QString::fromUtf8(quantity::symbolOf(f.unit).data());
  return words::term("entry-" + std::string(f.key)) + (symbol.isEmpty() ? QString() : " [" + symbol + "]");
}

QString ReadingsModel::labelText(const std::string& label) {
  const QString known = words::term("role-" + label);
  return known.startsWith("role-") || label.empty() ? QString::fromStdString(label) : known;
}

}  // namespace distanz::app
