#pragma once
#include <QFrame>
#include <QSet>
#include <QTimer>
#include <QVBoxLayout>
#include <vector>

#include "core/finding/finding.h"
#include "words/say.h"

namespace distanz::app {

/// The right-hand column: what matters here, in sentences.
class FindingsColumn : public QFrame {
  Q_OBJECT
 public:
  explicit FindingsColumn(QWidget* parent = nullptr);
  void show(const QString& heading, const std::vector<Finding>& sentences);

 signals:
  /// The pilot wants to void this run, as the sentence offers.
  void voidRequested(const QString& run);
  /// The pilot wants what the sentence offers to be done.
  void remedyRequested(const Finding& finding);

 private:
  QWidget* sentence(const Finding& finding);
  /// A button for what the sentence offers to be done; nothing where it offers nothing.
  void addRemedy(QVBoxLayout* texts, const Finding& finding);
  /// "Why?" under a sentence, and the figures once it was asked; stays open when the sentences are made anew.
  void addWhy(QVBoxLayout* texts, const words::Said& said, const QString& key);

  /// Adds the next few sentences; the rest follow while the window answers.
  void addSome();

  QVBoxLayout* m_layout;
  std::vector<Finding> m_waiting;  ///< last first
  QTimer m_adding;
  QSet<QString> m_open;
};

}  // namespace distanz::app
