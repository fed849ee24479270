#pragma once
#include <QWidget>

#include "app/shared/document.h"

namespace distanz::app {

/// Reads every setup off at the picked distance: signal, link quality, bitrate.
class ReadoutStrip : public QWidget {
  Q_OBJECT
 public:
  explicit ReadoutStrip(Document& document, QWidget* parent = nullptr);
  void setLink(const std::string& link);

 protected:
  void paintEvent(QPaintEvent*) override;

 private:
  Document& m_document;
  std::string m_link;
};

}  // namespace distanz::app
