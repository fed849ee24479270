#pragma once
#include <QFrame>
#include <QVBoxLayout>
#include <vector>

#include "core/analysis/sentences.h"

namespace distanz::app {

/// The right-hand column: what matters here, in sentences.
class FindingsColumn : public QFrame {
  Q_OBJECT
 public:
  explicit FindingsColumn(QWidget* parent = nullptr);
  void show(const QString& heading, const std::vector<analysis::Sentence>& sentences);

 private:
  QWidget* sentence(const analysis::Sentence& s);

  QVBoxLayout* m_layout;
};

}  // namespace distanz::app
