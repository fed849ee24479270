#pragma once
#include <QComboBox>
#include <QDialog>
#include <QFutureWatcher>
#include <QLabel>
#include <QPushButton>

#include "app/shared/document.h"
#include "core/log/likeness.h"

namespace distanz::app {

/// When a run without positions passed which post: typed row by row, or proposed by its likeness with another run over
/// the same course. Every row is kept as it is typed.
class MarksDialog : public QDialog {
  Q_OBJECT
 public:
  MarksDialog(Document& document, std::string run, QWidget* parent = nullptr);

 private:
  using Found = std::optional<log::Likeness>;
  QWidget* list();
  QLayout* likeRow();
  void propose();
  void showFound();
  void take();

  Document& m_document;
  std::string m_run;
  QComboBox* m_like;
  QLabel* m_told;
  QPushButton *m_propose, *m_take;
  QFutureWatcher<Found> m_found;
};

/// Adds a mark at a time of a run: at the post that is passed next after the mark before it.
void addMark(campaign::Campaign& campaign, const std::string& run, double time_s);

}  // namespace distanz::app
