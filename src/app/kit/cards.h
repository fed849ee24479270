#pragma once
#include <QFrame>
#include <QGridLayout>
#include <QLineEdit>

#include "app/shared/document.h"
#include "app/shared/quantity_edit.h"

class QPushButton;

namespace distanz::app {

/// One thing of the kit on a card: fields in rows, each bound to one value of the campaign.
class KitCard : public QFrame {
  Q_OBJECT
 public:
  explicit KitCard(Document& document, QWidget* parent = nullptr);

 protected:
  using Get = std::function<std::optional<double>(const campaign::Campaign&)>;
  using Set = std::function<void(campaign::Campaign&, std::optional<double>)>;
  struct Field {
    const char* name;  ///< object name
    QString label;
    quantity::Kind kind;
    QuantityEdit::Limits limits;
    bool optional;
    QString hint;
  };
  QuantityEdit* field(const Field& about, Get get, Set set);

  Document& m_document;
};

class LinkCard : public KitCard {
  Q_OBJECT
 public:
  LinkCard(Document& document, const std::string& link, QWidget* parent = nullptr);

 private:
  struct Row {
    Field field;
    Get get;
    Set set;
  };
  using Read = std::function<Get(std::function<std::optional<double>(const campaign::Link&)>)>;
  using Write = std::function<Set(std::function<void(campaign::Link&, std::optional<double>)>)>;
  std::vector<Row> rowsOf(const std::string& link, bool video);
  /// When the link still counts as usable.
  void addRule(std::vector<Row>& rows, const Read& read, const Write& write, bool video);
  QPushButton* removeButton(const std::string& link);
  TextEdit* modesField(const std::string& link);
};

}  // namespace distanz::app
