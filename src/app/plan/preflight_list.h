#pragma once
#include <QListWidget>

#include "app/shared/document.h"

class QLineEdit;

namespace distanz::app {

/// The pre-flight list: ticked one by one, with the time and a name.
class PreflightList : public QWidget {
  Q_OBJECT
 public:
  explicit PreflightList(Document& document, QWidget* parent = nullptr);
  void refresh();
  /// The day that ticks made now are of.
  static std::string today();

 private:
  void tick(const std::string& item);
  void clear();

  Document& m_document;
  QListWidget* m_list;
  QLineEdit* m_who;
};

}  // namespace distanz::app
