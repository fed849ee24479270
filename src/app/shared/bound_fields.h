#pragma once
#include <QLineEdit>
#include <functional>
#include <optional>
#include <string>
#include <vector>

#include "app/shared/document.h"
#include "app/shared/quantity_edit.h"

class QCheckBox;
class QComboBox;

/// Fields, each bound to one value of the campaign: what the campaign holds is what they show, and
/// what is typed is an edit that can be taken back.
namespace distanz::app::fields {

QLabel* small(const QString& text);
/// A field under its caption.
QWidget* captioned(const QString& caption, QWidget* field);

template <class T>
struct Bound {
  const char* name;  ///< of the object
  QString label;
  Finding step;  ///< what an edit is called
  std::function<T(const campaign::Campaign&)> get;
  std::function<void(campaign::Campaign&, const T&)> set;
};

/// @param kind,unit of what is kept; it is typed in what quantity::Kind takes
QuantityEdit* numberField(Document& document, const Bound<std::optional<double>>& bound,
                          const std::string& key, quantity::Unit unit, double low, double high,
                          const QString& hint = {});
QLineEdit* textField(Document& document, const Bound<std::string>& bound);
QCheckBox* flagField(Document& document, const Bound<bool>& bound);
struct Choice {
  std::string word;
  QString text;
};
QComboBox* choiceField(Document& document, const Bound<std::string>& bound,
                       const std::vector<Choice>& choices);
/// The same of choices that come and go with the campaign: the box stays, what it offers follows.
QComboBox* choiceField(Document& document, const Bound<std::string>& bound,
                       const std::function<std::vector<Choice>(const campaign::Campaign&)>& choices);

/// Makes a box offer these choices, with the word chosen that is told; the box and its focus stay.
void offer(QComboBox& box, std::vector<Choice> choices, const std::string& word);

/// Keeps what is being typed in a field below `form`, before the form shows something else or goes.
void finishTyping(const QWidget* form);

}  // namespace distanz::app::fields
