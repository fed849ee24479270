#pragma once
#include <QCheckBox>
#include <QComboBox>
#include <QDialog>
#include <QFutureWatcher>
#include <QLabel>
#include <QProgressBar>
#include <QPushButton>
#include <QTableWidget>

#include "app/runs/columns_table.h"
#include "app/runs/import_list.h"
#include "app/runs/importer.h"
#include "app/runs/log_look.h"
#include "app/shared/quantity_edit.h"

namespace distanz::app {

/// Logs on their way in: whose setup each flew, why it ended, what its columns mean, to be corrected before anything
/// is kept. What is right is imported, what is not stays here with the reason. Closed, it can be taken up again.
class ImportDialog : public QDialog {
  Q_OBJECT
 public:
  ImportDialog(Document& document, const QStringList& files, QWidget* parent = nullptr);
  void add(const QStringList& files) { m_list.add(files); }
  /// Logs that wait here.
  int waiting() const { return m_list.size(); }

 signals:
  void imported();
  void kept();  ///< closed, to be taken up again

 protected:
  void reject() override;
  void showEvent(QShowEvent* event) override;

 private:
  void layOut();
  QLayout* offers();
  QLayout* below();
  void connectAll();
  void fillLogs();
  void fillRow(int row);
  QWidget* withBox(int row);
  QWidget* setupBox(int row);
  QWidget* methodBox(int row);
  QWidget* endedBox(int row);
  QWidget* notesField(int row);
  void tellState(int row);
  void showOffers();
  void showButton();
  void choose(int row);
  /// The chosen log with those that go with it, read beside the window.
  void lookAgain();
  void showLook(const LogLook& look);
  void showClock();
  void moveFurther(int index, double by_s);
  void begin();
  void settle(int runs, const std::vector<Importer::Refused>& refused, const QStringList& remarks);
  void setBusy(bool busy);
  int row() const { return m_table->currentRow(); }

  Document& m_document;
  ImportList m_list;
  Importer m_importer;
  QTableWidget* m_table;
  ColumnsTable* m_columns;
  RunStrip* m_strip;
  QCheckBox *m_split, *m_place;
  QLabel *m_told, *m_title, *m_message, *m_lacking;
  QPushButton *m_add_link, *m_alike;
  QWidget* m_clock;
  QuantityEdit* m_offset;
  QFutureWatcher<LogLook> m_look;
  std::shared_ptr<std::atomic<bool>> m_look_stop = std::make_shared<std::atomic<bool>>(false);
  QProgressBar* m_progress;
  QPushButton *m_import, *m_cancel;
  QString m_filled;  ///< which logs the rows are of
};

}  // namespace distanz::app
