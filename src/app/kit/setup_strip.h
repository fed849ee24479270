#pragma once
#include <QScrollArea>
#include <map>
#include <string>

#include "app/shared/document.h"

class QFrame;
class QHBoxLayout;
class QLabel;

namespace distanz::app {

/// The setups side by side, each with its mark and its name to be typed; one is chosen.
class SetupStrip : public QScrollArea {
  Q_OBJECT
 public:
  explicit SetupStrip(Document& document, QWidget* parent = nullptr);
  void show(const std::string& chosen);

 signals:
  void chosen(const QString& setup);

 protected:
  bool eventFilter(QObject* watched, QEvent* event) override;

 private:
  QFrame* card(std::size_t setup);
  Document& m_document;
  std::string m_chosen;
  std::map<std::string, QFrame*> m_cards;  ///< by setup and its mark: they stay while others come and go
  QHBoxLayout* m_row;
  QLabel* m_hint;
};

}  // namespace distanz::app
