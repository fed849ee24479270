#pragma once
#include <QWidget>

#include "lanes/paper/order_paper.h"

namespace distanz::app {

/// The flights of the day as a strip of battery-sized blocks.
class OrderView : public QWidget {
  Q_OBJECT
 public:
  explicit OrderView(QWidget* parent = nullptr);
  void show(std::vector<lanes::OrderBlock> blocks);
  const std::vector<lanes::OrderBlock>& blocks() const { return m_blocks; }

 protected:
  void paintEvent(QPaintEvent*) override;

 private:
  std::vector<lanes::OrderBlock> m_blocks;
};

}  // namespace distanz::app
