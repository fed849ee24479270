#pragma once
#include <QFrame>
#include <QSet>
#include <QTimer>
#include <QVBoxLayout>
#include <vector>

#include "core/finding/finding.h"
#include "words/say.h"

namespace distanz::app {

/// The right-hand column: what matters here, a line each, opened by a click; below it the cautions of the screen.
class FindingsColumn : public QFrame {
  Q_OBJECT
 public:
  explicit FindingsColumn(QWidget* parent = nullptr);
  /// @param answer_first the first answers what the page asks and is written larger, with those alike
  void show(const QString& heading, const std::vector<Finding>& sentences, bool answer_first);

 signals:
  /// The pilot wants to void this run, as the sentence offers.
  void voidRequested(const QString& run);
  /// The pilot wants what the sentence offers to be done.
  void remedyRequested(const Finding& finding);

 private:
  QWidget* entry(const Finding& finding, bool answer);
  /// What an opened entry says beyond its line.
  QWidget* opened(const QString& rest, const words::Said& said, const QString& key);
  /// A button for what the sentence offers to be done; nothing where it offers nothing.
  void addRemedy(QVBoxLayout* texts, const Finding& finding);
  /// "Why?" under a sentence, and the figures once it was asked; stays open when the sentences are made anew.
  void addWhy(QVBoxLayout* texts, const words::Said& said, const QString& key);

  /// Adds the next few sentences; the rest follow while the window answers.
  void addSome();

  QVBoxLayout* m_layout;
  std::vector<Finding> m_waiting;  ///< in the order in which they are shown
  std::size_t m_next = 0;          ///< of them is made next
  std::size_t m_cautions_from = 0;
  std::size_t m_answers = 0;  ///< of them, from the first, are the answer
  QTimer m_adding;
  QSet<QString> m_open;  ///< entries, and their "why", that stay open when they are made anew
};

}  // namespace distanz::app
