#include "app/bench/readings_editor.h"

#include <QApplication>
#include <QComboBox>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QShortcut>
#include <QTableView>
#include <QVBoxLayout>
#include <algorithm>
#include <set>

#include "app/bench/reading_timer.h"
#include "app/bench/readings_model.h"
#include "app/shared/bound_fields.h"
#include "app/shared/text.h"
#include "core/quantity/parse.h"
#include "words/quantity.h"
#include "words/say.h"

namespace distanz::app {
namespace {

constexpr int kMostAcross = 4;  // values

QComboBox* labelBox(campaign::RecordKind kind, QWidget* parent) {
  auto* box = new QComboBox(parent);
  box->setObjectName("readingLabel");
  box->setAccessibleName(ReadingsEditor::tr("What is measured"));
  const auto labels = campaign::readingLabels(kind);
  box->setEditable(labels.empty());
  for (const std::string& l : labels) box->addItem(ReadingsModel::labelText(l), QString::fromStdString(l));
  if (labels.empty()) box->lineEdit()->setPlaceholderText(ReadingsEditor::tr("setting, emitter ..."));
  return box;
}

}  // namespace

ReadingsEditor::ReadingsEditor(Document& document, QWidget* parent)
    : QWidget(parent), m_document(document), m_model(new ReadingsModel(document, this)) {
  setObjectName("readingsEditor");
  auto* layout = new QVBoxLayout(this);
  layout->setContentsMargins(0, 0, 0, 0);
  connect(m_model, &ReadingsModel::typed, this, &ReadingsEditor::change);
  connect(qApp, &QApplication::focusChanged, this, &ReadingsEditor::leave);
}

void ReadingsEditor::show(const std::string& id) {
  const campaign::Record* r = campaign::findRecord(m_document.campaign(), id);
  const bool other = id != m_record;
  if (other && r) leave(QApplication::focusWidget(), this);
  m_record = id;
  if (!r) return setVisible(false);
  if (!other) return;
  build(r->kind);
  m_model->show(id);
}

void ReadingsEditor::makeRefusal() {
  m_refusal = plainLabel();
  m_refusal->setObjectName("readingRefusal");
  m_refusal->setProperty("stop", true);
  QSizePolicy keeps = m_refusal->sizePolicy();
  keeps.setRetainSizeWhenHidden(true);  // what is typed below does not move
  m_refusal->setSizePolicy(keeps);
  m_refusal->hide();
}

/// Each value under its name, a few side by side; the buttons after the last.
QLayout* ReadingsEditor::entryRow(campaign::RecordKind kind) {
  auto* row = new QHBoxLayout;
  auto* entry = new QGridLayout;
  entry->setHorizontalSpacing(8);
  entry->setVerticalSpacing(4);
  const int all = int(m_fields.size()) + 1, rows = (all + kMostAcross - 1) / kMostAcross, across = (all + rows - 1) / rows;
  auto place = [&, at = 0](const QString& caption, QWidget* field) mutable {
    entry->addWidget(fields::captioned(caption, field), at / across, at % across);
    entry->setColumnStretch(at++ % across, 1);
  };
  m_label = labelBox(kind, this);
  place(m_label->accessibleName(), m_label);
  for (const campaign::RecordField& f : m_fields) {
    auto* field = new QLineEdit;
    field->setObjectName("read-" + QString(f.key));
    field->setAccessibleName(ReadingsModel::headOf(f));
    connect(field, &QLineEdit::returnPressed, this, [this] { addRow(Then::Next); });
    place(field->accessibleName(), field);
    m_entries.push_back(field);
  }
  auto* add = new QPushButton(tr("Add"));
  add->setObjectName("addReading");
  connect(add, &QPushButton::clicked, this, [this] { addRow(Then::Next); });
  auto* file = new QPushButton(tr("From file ..."));
  file->setObjectName("readingsFile");
  connect(file, &QPushButton::clicked, this, &ReadingsEditor::fileWanted);
  row->addLayout(entry, 1);
  row->addWidget(add, 0, Qt::AlignBottom);
  row->addWidget(file, 0, Qt::AlignBottom);
  return row;
}

void ReadingsEditor::build(campaign::RecordKind kind) {
  m_fields = campaign::recordFields(kind, true);
  setVisible(!m_fields.empty());
  m_entries.clear();
  if (m_body) {  // goes once the signal that may have come from it is over
    m_body->hide();
    m_body->setParent(nullptr);
    m_body->deleteLater();
  }
  QWidget* body = m_body = new QWidget(this);
  layout()->addWidget(body);
  auto* column = new QVBoxLayout(body);
  column->setContentsMargins(0, 0, 0, 0);
  column->addLayout(entryRow(kind));
  if (kind == campaign::RecordKind::Power) {
    auto* timer = new ReadingTimer({0, 60, 120, 180, 240});
    connect(timer, &ReadingTimer::due, this, [this](double time_s) { prefill("time_s", time_s); });
    column->addWidget(timer);
  }
  makeRefusal();
  column->addWidget(m_refusal);
  m_table = new QTableView;
  m_table->setObjectName("readings");
  m_table->setAccessibleName(tr("Readings"));
  m_table->setModel(m_model);
  m_table->setTabKeyNavigation(false);
  m_table->verticalHeader()->setDefaultSectionSize(26);
  m_table->verticalHeader()->setSectionResizeMode(QHeaderView::Fixed);
  m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
  auto* gone =
      new QShortcut(QKeySequence::Delete, m_table, this, &ReadingsEditor::removeSelected, Qt::WidgetShortcut);
  gone->setObjectName("removeReading");
  column->addWidget(m_table, 1);
}

std::optional<double> ReadingsEditor::numberFrom(const QString& text, const campaign::RecordField& f) {
  const campaign::TypedAs typed = campaign::typedAs(f);
  const auto parsed =
      quantity::parseWithin(typed.kind, text.toStdString(), quantity::convert(f.low, f.unit, typed.unit),
                            quantity::convert(f.high, f.unit, typed.unit), typed.bare);
  m_refusal->setVisible(!parsed);
  if (!parsed) {
    m_refusal->setText(ReadingsModel::headOf(f) + ": " + words::sentence(*parsed.problem));
    return std::nullopt;
  }
  return quantity::convert(parsed.value, typed.unit, f.unit);
}

void ReadingsEditor::edit(const std::function<void(campaign::Record&)>& set) {
  campaign::Campaign next = m_document.campaign();
  campaign::Record* r = campaign::findRecord(next, m_record);
  if (!r) return;
  set(*r);
  m_document.edit(finding("change-record", {{"record", r->name.empty() ? r->id : r->name}}), next);
}

void ReadingsEditor::prefill(const char* key, double value) {
  for (std::size_t k = 0; k < m_fields.size(); ++k)
    if (std::string_view(m_fields[k].key) == key) {
      m_entries[k]->setText(words::exactly(value, m_fields[k].unit));
      m_entries[std::min(k + 1, m_entries.size() - 1)]->setFocus();
    }
}

void ReadingsEditor::setLabel(const std::string& label) {
  const int at = m_label ? m_label->findData(QString::fromStdString(label)) : -1;
  if (at >= 0) m_label->setCurrentIndex(at);
  if (!m_entries.empty()) m_entries.front()->setFocus();
}

void ReadingsEditor::leave(const QWidget* from, const QWidget* to) {
  const auto entry = [this](const QWidget* w) { return std::find(m_entries.begin(), m_entries.end(), w) != m_entries.end(); };
  const QWidget* add = m_body ? m_body->findChild<QPushButton*>("addReading") : nullptr;
  if (!entry(from) || !to || entry(to) || to == m_label || to == add) return;
  if (std::all_of(m_entries.begin(), m_entries.end(), [](const QLineEdit* e) { return e->text().isEmpty(); })) return;
  addRow(Then::Leave);
}

void ReadingsEditor::addRow(Then then) {
  campaign::Reading reading;
  reading.label =
      (m_label->isEditable() ? m_label->currentText().trimmed() : m_label->currentData().toString())
          .toStdString();
  for (std::size_t k = 0; k < m_fields.size(); ++k) {
    const QString text = m_entries[k]->text().trimmed();
    if (text.isEmpty() && !m_fields[k].required) continue;
    const auto v = numberFrom(text, m_fields[k]);
    if (!v) {
      if (then == Then::Leave) return;
      m_entries[k]->setFocus();
      m_entries[k]->selectAll();
      return;
    }
    reading.values[m_fields[k].key] = *v;
  }
  if (reading.values.empty()) return;
  edit([&](campaign::Record& r) { r.readings.push_back(reading); });
  for (QLineEdit* e : m_entries) e->clear();
  if (!m_label->isEditable()) m_label->setCurrentIndex((m_label->currentIndex() + 1) % m_label->count());
  if (m_label->isEditable() && !m_label->currentText().isEmpty() &&
      m_label->findText(m_label->currentText()) < 0)
    m_label->addItem(m_label->currentText());
  if (then == Then::Next) m_entries.front()->setFocus();
  m_table->scrollToBottom();
}

void ReadingsEditor::change(int row, int column, const QString& typed) {
  const QString text = typed.trimmed();
  std::optional<double> value;
  const campaign::RecordField* field = column > 0 ? &m_fields[std::size_t(column) - 1] : nullptr;
  if (field && (!text.isEmpty() || field->required)) {
    value = numberFrom(text, *field);
    if (!value) return;
  }
  edit([&](campaign::Record& r) {
    if (std::size_t(row) >= r.readings.size()) return;
    campaign::Reading& reading = r.readings[std::size_t(row)];
    if (!field)
      reading.label = text.toStdString();
    else if (value)
      reading.values[field->key] = *value;
    else
      reading.values.erase(field->key);
  });
}

void ReadingsEditor::removeSelected() {
  std::set<int, std::greater<>> rows;
  for (const QModelIndex& i : m_table->selectionModel()->selectedIndexes()) rows.insert(i.row());
  if (rows.empty()) return;
  edit([&](campaign::Record& r) {
    for (int row : rows)
      if (std::size_t(row) < r.readings.size()) r.readings.erase(r.readings.begin() + row);
  });
}

}  // namespace distanz::app
