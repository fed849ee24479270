#pragma once
#include <QWidget>

#include "app/shared/document.h"
#include "core/plan/differences.h"

class QPushButton;
class QTableWidget;

namespace distanz::app {

/// Setups against everything that could differ between them; what is alike in all is folded away.
class DifferencesView : public QWidget {
  Q_OBJECT
 public:
  explicit DifferencesView(Document& document, QWidget* parent = nullptr);
  void refresh();
  const plan::Differences& differences() const { return m_differences; }
  QByteArray csv() const;

 private:
  void fill();
  Document& m_document;
  plan::Differences m_differences;
  QTableWidget* m_table;
  QPushButton* m_fold;
};

}  // namespace distanz::app
