#pragma once
#include <QGridLayout>
#include <QVBoxLayout>

#include "app/shared/stage.h"

namespace distanz::app {

/// Links and setups as cards with fields for what the arithmetic needs.
class KitStage : public Stage {
  Q_OBJECT
 public:
  explicit KitStage(Document& document, QWidget* parent = nullptr);
  std::vector<Finding> findings() const override;
  std::optional<Finding> lacks() const override;

  void addSetup();
  void addLink(campaign::LinkKind kind);

 protected:
  void showEvent(QShowEvent*) override;

 private:
  /// Lays the cards anew where links or setups came or went, else only shows the values.
  void refresh();
  void rebuild();

  QGridLayout* m_links;
  QGridLayout* m_setups;
  std::string m_shape;  ///< ids of what the cards stand for
};

}  // namespace distanz::app
