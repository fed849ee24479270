#pragma once
#include <QPushButton>
#include <QWidget>
#include <vector>

#include "app/shared/elided_label.h"
#include "app/shared/stage.h"

namespace distanz::app {

/// The answer above a stage: large what was found, below it what limits and what to do next, each one line. At its right a
/// button that opens the column of findings, where that has no room of its own.
class AnswerBand : public QWidget {
  Q_OBJECT
 public:
  explicit AnswerBand(QWidget* parent = nullptr);
  /// @param brief only the first line, and not so large: where height or width is short
  void show(const Stage::Headline& headline, bool brief);
  QPushButton& button() { return *m_open; }

 private:
  struct Line {
    QWidget* row;
    ElidedLabel *says, *sure;
  };
  std::vector<Line> m_large;
  std::vector<ElidedLabel*> m_small;
  QPushButton* m_open;
};

}  // namespace distanz::app
