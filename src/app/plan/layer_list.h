#pragma once
#include <QWidget>

#include "app/shared/document.h"

class QGridLayout;

namespace distanz::app {

/// The campaign's terrain and maps: what each is of, how high what stands there is, shown or not.
class LayerList : public QWidget {
  Q_OBJECT
 public:
  explicit LayerList(Document& document, QWidget* parent = nullptr);

 signals:
  void addRequested();

 private:
  void rebuild();
  void addRow(int row, const campaign::Layer& layer);
  void change(const std::string& id, const std::function<void(campaign::Layer&)>& what);

  Document& m_document;
  QWidget* m_rows = nullptr;
  std::vector<campaign::Layer> m_shown;
};

}  // namespace distanz::app
