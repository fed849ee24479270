#include "app/bench/record_form.h"

#include <QComboBox>
#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>

#include "app/shared/bound_fields.h"
#include "app/shared/photo.h"
#include "app/shared/quantity_edit.h"
#include "app/shared/text.h"
#include "core/campaign/record.h"
#include "words/phrases.h"

namespace distanz::app {
namespace {

constexpr int kColumns = 3;

QString said(const std::string& code) {
  return words::term(code);
}

}  // namespace

RecordForm::RecordForm(Document& document, QWidget* parent) : QScrollArea(parent), m_document(document) {
  setObjectName("recordForm");
  setWidgetResizable(true);
  setFrameShape(QFrame::NoFrame);
}

const campaign::Record* RecordForm::record() const {
  return campaign::findRecord(m_document.campaign(), m_record);
}

void RecordForm::edit(const Set& set) {
  campaign::Campaign next = m_document.campaign();
  campaign::Record* r = campaign::findRecord(next, m_record);
  if (!r) return;
  set(*r);
  const std::string name = r->name.empty() ? r->id : r->name;
  m_document.edit(finding("change-record", {{"record", name}}), next);
}

void RecordForm::show(const std::string& id) {
  if (id != m_record) fields::finishTyping(this);  // what is typed is of the record that was shown
  m_record = id;
  const campaign::Record* r = record();
  std::string shape = id, files = id;
  if (r) {
    shape += campaign::recordKindWord(r->kind);
    for (const auto& f : r->files) files += "|" + f.sha256 + f.file + f.role;
  }
  if (shape != std::exchange(m_shape, shape)) {
    build();
    m_files_shown.clear();
  }
  if (files != std::exchange(m_files_shown, files)) showFiles();
}

void RecordForm::build() {
  const campaign::Record* r = record();
  m_files = nullptr;
  auto* content = new QWidget;
  auto* layout = new QVBoxLayout(content);
  layout->setContentsMargins(0, 0, 8, 0);
  layout->setSpacing(8);
  if (r) {
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(12);
    addAbout(grid);
    layout->addLayout(grid);
    addSettings(layout, r->kind);
    addAnswers(layout, r->kind);
    m_files = new QWidget;
    new QVBoxLayout(m_files);
    m_files->layout()->setContentsMargins(0, 0, 0, 0);
    layout->addWidget(m_files);
  }
  layout->addStretch();
  // What stood there goes once the signal that may have come from it is over.
  if (QWidget* old = takeWidget()) old->deleteLater();
  setWidget(content);
}

QWidget* RecordForm::text(const char* name, const QString& label, std::string campaign::Record::*member) {
  const campaign::Record* now = record();
  auto* field = new QLineEdit(now ? QString::fromStdString(now->*member) : QString());
  field->setObjectName(name);
  field->setAccessibleName(label);
  connect(field, &QLineEdit::editingFinished, this, [this, field, member] {
    edit([&](campaign::Record& r) { r.*member = field->text().trimmed().toStdString(); });
  });
  connect(&m_document, &Document::changed, field, [this, field, member] {
    if (const campaign::Record* r = record(); r && !(field->hasFocus() && field->isModified()))
      field->setText(QString::fromStdString(r->*member));
  });
  return fields::captioned(label, field);
}

QWidget* RecordForm::reference(const char* name, const QString& label,
                               std::string campaign::Record::*member) {
  auto* box = new QComboBox;
  box->setObjectName(name);
  box->setAccessibleName(label);
  const auto pick = [this, box, member] {
    const campaign::Campaign& c = m_document.campaign();
    std::vector<fields::Choice> choices{{"", tr("not set")}};
    if (member == &campaign::Record::part)
      for (const campaign::Part& p : c.parts) choices.push_back({p.id, partName(p)});
    else if (member == &campaign::Record::setup)
      for (const campaign::Setup& s : c.setups)
        choices.push_back({s.id, QString::fromStdString(s.name.empty() ? s.id : s.name)});
    else
      for (const campaign::Link& l : c.links) choices.push_back({l.id, QString::fromStdString(l.id)});
    if (const campaign::Record* r = record()) fields::offer(*box, std::move(choices), r->*member);
  };
  pick();
  connect(box, &QComboBox::activated, this, [this, box, member] {
    edit([&](campaign::Record& r) { r.*member = box->currentData().toString().toStdString(); });
  });
  connect(&m_document, &Document::changed, box, pick);
  return fields::captioned(label, box);
}

void RecordForm::addAbout(QGridLayout* grid) {
  grid->addWidget(text("recordName", tr("Name"), &campaign::Record::name), 0, 0);
  grid->addWidget(reference("recordPart", tr("Part"), &campaign::Record::part), 0, 1);
  grid->addWidget(reference("recordLink", tr("Link"), &campaign::Record::link), 0, 2);
  grid->addWidget(text("recordDate", tr("Date"), &campaign::Record::made_at), 1, 0);
  grid->addWidget(text("recordInstrument", tr("Instrument"), &campaign::Record::instrument), 1, 1);
  grid->addWidget(text("recordPlace", tr("Place"), &campaign::Record::place), 1, 2);
  grid->addWidget(reference("recordSetup", tr("Setup"), &campaign::Record::setup), 2, 0);
  grid->addWidget(text("recordNotes", tr("Notes"), &campaign::Record::notes), 2, 1, 1, 2);
}

void RecordForm::addSettings(QVBoxLayout* layout, campaign::RecordKind kind) {
  const auto fields = campaign::recordFields(kind, false);
  if (fields.empty()) return;
  auto* grid = new QGridLayout;
  grid->setHorizontalSpacing(12);
  for (std::size_t i = 0; i < fields.size(); ++i) {
    const campaign::RecordField& f = fields[i];
    const campaign::TypedAs typed = campaign::typedAs(f);
    const quantity::Unit canonical = typed.unit;
    const auto shown = [unit = f.unit, canonical](double v) { return quantity::convert(v, unit, canonical); };
    auto* field = new QuantityEdit(typed.kind, {shown(f.low), shown(f.high)}, true);
    field->field()->setObjectName("set-" + QString(f.key));
    const QString label = said("entry-" + std::string(f.key));
    field->field()->setAccessibleName(label);
    const auto put = [this, field, shown, key = std::string(f.key)] {
      const campaign::Record* r = record();
      const auto value = r ? r->setting(key) : std::nullopt;
      field->show(value ? std::optional(shown(*value)) : std::nullopt);
    };
    put();
    connect(field, &QuantityEdit::committed, this,
            [this, key = std::string(f.key), unit = f.unit, canonical](std::optional<double> value) {
              edit([&](campaign::Record& r) {
                if (value)
                  r.settings[key] = quantity::convert(*value, canonical, unit);
                else
                  r.settings.erase(key);
              });
            });
    connect(&m_document, &Document::changed, field, put);
    const QString symbol = typed.kind == quantity::Kind::Number && f.unit != quantity::Unit::None
                               ? " [" + QString::fromUtf8(quantity::symbolOf(f.unit).data()) + "]"
                               : QString();
    grid->addWidget(fields::captioned(label + symbol, field), int(i) / kColumns, int(i) % kColumns);
  }
  for (int c = 0; c < kColumns; ++c) grid->setColumnStretch(c, 1);
  layout->addLayout(grid);
}

void RecordForm::addAnswers(QVBoxLayout* layout, campaign::RecordKind kind) {
  const auto answers = campaign::recordAnswers(kind);
  if (answers.empty()) return;
  auto* grid = new QGridLayout;
  grid->setHorizontalSpacing(12);
  for (std::size_t i = 0; i < answers.size(); ++i) {
    const campaign::RecordAnswer& asked = answers[i];
    auto* box = new QComboBox;
    const QString label =
        said((kind == campaign::RecordKind::Inspection ? "look-" : "entry-") + std::string(asked.key));
    box->setObjectName("answer-" + QString(asked.key));
    box->setAccessibleName(label);
    box->addItem(tr("not set"), QString());
    for (const char* word : asked.words) box->addItem(said(std::string("word-") + word), QString(word));
    const auto pick = [this, box, key = std::string(asked.key)] {
      if (const campaign::Record* r = record())
        box->setCurrentIndex(std::max(box->findData(QString::fromStdString(r->answer(key))), 0));
    };
    pick();
    connect(box, &QComboBox::activated, this, [this, box, key = std::string(asked.key)] {
      edit([&](campaign::Record& r) {
        const std::string word = box->currentData().toString().toStdString();
        if (word.empty())
          r.answers.erase(key);
        else
          r.answers[key] = word;
      });
    });
    connect(&m_document, &Document::changed, box, pick);
    grid->addWidget(fields::captioned(label, box), int(i) / kColumns, int(i) % kColumns);
  }
  for (int c = 0; c < kColumns; ++c) grid->setColumnStretch(c, 1);
  layout->addLayout(grid);
}

void RecordForm::showFiles() {
  const campaign::Record* r = record();
  if (!m_files || !r) return;
  for (auto* row : m_files->findChildren<QWidget*>(QString(), Qt::FindDirectChildrenOnly)) {
    row->hide();
    row->deleteLater();  // the signal may have come from it
  }
  auto* rows = new QWidget;
  auto* layout = new QVBoxLayout(rows);
  layout->setContentsMargins(0, 0, 0, 0);
  m_files->layout()->addWidget(rows);
  if (campaign::fileRoles(r->kind).empty()) return;
  auto* add = new QPushButton(tr("Add files ..."));
  add->setObjectName("addFiles");
  connect(add, &QPushButton::clicked, this, &RecordForm::filesWanted);
  for (std::size_t i = 0; i < r->files.size(); ++i) {
    auto* row = new QHBoxLayout;
    if (r->kind == campaign::RecordKind::Inspection) {
      auto* picture = plainLabel();
      picture->setObjectName(QString("picture%1").arg(i));
      withPhoto(m_document, r->id, r->files[i], 220, picture, [picture](const QPixmap& read) { picture->setPixmap(read); });
      row->addWidget(picture);
    }
    row->addWidget(plainLabel(QString::fromStdString(r->files[i].file)), 1);
    auto* role = new QComboBox;
    role->setObjectName(QString("fileRole%1").arg(i));
    role->setAccessibleName(tr("Meaning of %1").arg(QString::fromStdString(r->files[i].file)));
    for (const std::string& word : campaign::fileRoles(r->kind))
      role->addItem(said("role-" + word), QString::fromStdString(word));
    role->setCurrentIndex(std::max(role->findData(QString::fromStdString(r->files[i].role)), 0));
    connect(role, &QComboBox::activated, this, [this, role, i] {
      edit([&](campaign::Record& changed) {
        if (i < changed.files.size()) changed.files[i].role = role->currentData().toString().toStdString();
      });
    });
    auto* remove = new QPushButton(tr("Remove"));
    remove->setProperty("flat", true);
    connect(remove, &QPushButton::clicked, this, [this, i] {
      edit([&](campaign::Record& changed) {
        if (i < changed.files.size()) changed.files.erase(changed.files.begin() + std::ptrdiff_t(i));
      });
    });
    auto* save = new QPushButton(tr("Save as ..."));
    save->setObjectName(QString("saveFile%1").arg(i));
    save->setProperty("flat", true);
    connect(save, &QPushButton::clicked, this, [this, i] { emit saveWanted(int(i)); });
    row->addWidget(role);
    row->addWidget(save);
    row->addWidget(remove);
    layout->addLayout(row);
  }
  auto* row = new QHBoxLayout;
  row->addWidget(add);
  row->addStretch();
  layout->addLayout(row);
}

}  // namespace distanz::app
