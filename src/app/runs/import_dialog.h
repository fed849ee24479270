#pragma once
#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QProgressBar>
#include <QPushButton>
#include <QTableWidget>

#include "app/runs/importer.h"

namespace distanz::app {

/// Logs on their way in: whose setup each flew, why it ended, and how its columns are matched, to be
/// corrected before anything is kept.
class ImportDialog : public QDialog {
  Q_OBJECT
 public:
  ImportDialog(Document& document, const QStringList& files, QWidget* parent = nullptr);

 protected:
  void reject() override;

 private:
  struct Looked {
    PendingLog pending;
    formats::TableHead head;
    QString fault;  ///< why the log cannot be read at all; empty where it can
  };
  void layOut();
  void connectAll();
  void look(const QString& file);
  void fillLogs();
  void fillMatches(int row);
  void correct(int row, const std::string& channel, const std::string& column);
  void showValues(int at, const formats::TableHead& head, int column);
  QComboBox* unitBox(int row, const formats::ColumnMatch& match);
  void begin();
  void setBusy(bool busy);
  std::string guessSetup(const QString& file) const;

  Document& m_document;
  Importer m_importer;
  std::vector<Looked> m_logs;
  QTableWidget* m_table;
  QTableWidget* m_matches;
  QLabel* m_matches_title;
  QLabel* m_message;
  QProgressBar* m_progress;
  QPushButton* m_import;
  QPushButton* m_cancel;
};

}  // namespace distanz::app
