#pragma once
#include <QScrollArea>
#include <string>

#include "app/shared/document.h"

class QHBoxLayout;

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
  void build();
  Document& m_document;
  std::string m_chosen, m_shape;
};

}  // namespace distanz::app
