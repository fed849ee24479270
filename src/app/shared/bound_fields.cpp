#include "app/shared/bound_fields.h"

#include <QApplication>
#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QVBoxLayout>
#include <algorithm>

#include "app/shared/text.h"
#include "core/campaign/record.h"

namespace distanz::app::fields {

QLabel* small(const QString& text) {
  auto* label = plainLabel(text);
  label->setProperty("small", true);
  return label;
}

QWidget* captioned(const QString& caption, QWidget* field) {
  auto* box = new QWidget;
  auto* layout = new QVBoxLayout(box);
  layout->setContentsMargins(0, 0, 0, 0);
  layout->setSpacing(4);
  layout->addWidget(small(caption));
  layout->addWidget(field);
  layout->addStretch();
  box->setSizePolicy(QSizePolicy::Ignored,
                     QSizePolicy::Preferred);  // columns of one width, whatever stands in them
  return box;
}

namespace {

template <class T>
void edit(Document& document, const Bound<T>& bound, const T& value) {
  if (bound.get(document.campaign()) == value) return;
  campaign::Campaign next = document.campaign();
  bound.set(next, value);
  document.edit(bound.step, next);
}

}  // namespace

QuantityEdit* numberField(Document& document, const Bound<std::optional<double>>& bound,
                          const std::string& key, quantity::Unit unit, double low, double high,
                          const QString& hint) {
  const campaign::TypedAs typed = campaign::typedAs(key, unit);
  const auto shown = [typed, unit](std::optional<double> v) {
    return v ? std::optional(quantity::convert(*v, unit, typed.unit)) : v;
  };
  auto* field = new QuantityEdit(typed.kind, {*shown(low), *shown(high)}, true);
  field->field()->setObjectName(bound.name);
  field->field()->setAccessibleName(bound.label);
  field->field()->setPlaceholderText(hint);
  const auto refresh = [&document, field, get = bound.get, shown] {
    field->show(shown(get(document.campaign())));
  };
  refresh();
  QObject::connect(field, &QuantityEdit::committed, field,
                   [&document, bound, typed, unit](std::optional<double> v) {
                     edit(document, bound, v ? std::optional(quantity::convert(*v, typed.unit, unit)) : v);
                   });
  QObject::connect(&document, &Document::changed, field, refresh);
  return field;
}

QLineEdit* textField(Document& document, const Bound<std::string>& bound) {
  auto* field = new QLineEdit(QString::fromStdString(bound.get(document.campaign())));
  field->setObjectName(bound.name);
  field->setAccessibleName(bound.label);
  field->setPlaceholderText(bound.label);
  QObject::connect(field, &QLineEdit::editingFinished, field, [&document, field, bound] {
    field->setModified(false);  // from here on it follows the campaign, also where it keeps the focus
    edit(document, bound, field->text().trimmed().toStdString());
  });
  QObject::connect(&document, &Document::changed, field, [&document, field, get = bound.get] {
    if (!(field->hasFocus() && field->isModified()))
      field->setText(QString::fromStdString(get(document.campaign())));
  });
  return field;
}

QCheckBox* flagField(Document& document, const Bound<bool>& bound) {
  auto* box = new QCheckBox(bound.label);
  box->setObjectName(bound.name);
  const auto refresh = [&document, box, get = bound.get] { box->setChecked(get(document.campaign())); };
  refresh();
  QObject::connect(box, &QCheckBox::clicked, box, [&document, bound](bool on) { edit(document, bound, on); });
  QObject::connect(&document, &Document::changed, box, refresh);
  return box;
}

void offer(QComboBox& box, std::vector<Choice> choices, const std::string& word) {
  const auto is = [&](const Choice& c) { return c.word == word; };
  if (std::none_of(choices.begin(), choices.end(), is))
    choices.push_back({word, QString::fromStdString(word)});  // of a later version
  for (int i = 0; i < int(choices.size()); ++i) {
    if (i >= box.count()) box.addItem({});
    if (box.itemText(i) != choices[size_t(i)].text) box.setItemText(i, choices[size_t(i)].text);
    box.setItemData(i, QString::fromStdString(choices[size_t(i)].word));
  }
  while (box.count() > int(choices.size())) box.removeItem(box.count() - 1);
  box.setCurrentIndex(int(std::find_if(choices.begin(), choices.end(), is) - choices.begin()));
}

QComboBox* choiceField(Document& document, const Bound<std::string>& bound,
                       const std::vector<Choice>& choices) {
  return choiceField(document, bound, [choices](const campaign::Campaign&) { return choices; });
}

QComboBox* choiceField(Document& document, const Bound<std::string>& bound,
                       const std::function<std::vector<Choice>(const campaign::Campaign&)>& choices) {
  auto* box = new QComboBox;
  box->setObjectName(bound.name);
  box->setAccessibleName(bound.label);
  const auto refresh = [&document, box, get = bound.get, choices] {
    offer(*box, choices(document.campaign()), get(document.campaign()));
  };
  refresh();
  QObject::connect(box, &QComboBox::activated, box, [&document, box, bound](int) {
    edit(document, bound, box->currentData().toString().toStdString());
  });
  QObject::connect(&document, &Document::changed, box, refresh);
  return box;
}

void finishTyping(const QWidget* form) {
  auto* field = qobject_cast<QLineEdit*>(QApplication::focusWidget());
  if (field && field->isModified() && form->isAncestorOf(field)) emit field->editingFinished();
}

}  // namespace distanz::app::fields
