#pragma once
#include <QCheckBox>
#include <QComboBox>
#include <QDialog>
#include <QFutureWatcher>
#include <QLabel>
#include <QLineEdit>
#include <QProgressBar>
#include <QPushButton>
#include <QTableWidget>

#include "app/runs/importer.h"
#include "app/runs/log_look.h"

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
    std::map<std::string, std::string> together;  ///< its corrections before its antennas were told apart
    std::string matched_as;  ///< the run whose corrections were taken over
    QString fault;  ///< why the log cannot be read at all; empty where it can
  };
  void layOut();
  void connectAll();
  void look(const QString& file);
  void fillLogs();
  void fillMatches(int row);
  static QString titleOf(const Looked& l);
  /// The logs anew, with this one chosen and looked at.
  void refill(int row);
  void correct(int row, const std::string& channel, const std::string& column);
  void showValues(int at, const formats::TableHead& head, int column);
  QComboBox* dayOrderBox(int row, const formats::ColumnMatch& match);
  QComboBox* unitBox(int row, const formats::ColumnMatch& match);
  QComboBox* withBox(int row);
  /// One row, and then one run, for each antenna that the log tells apart; and back.
  void tellAntennasApart(int row);
  void putTogether(int row);
  std::vector<int> antennasAt(int row) const;
  QComboBox* methodBox(int row);
  /// The chosen log with those that go with it, read beside the window.
  void lookAgain();
  void showLook(const LogLook& look);
  void moveFurther(int index, double by_s);
  int leader() const;
  std::vector<PendingLog> chosenGroup() const;
  void begin();
  void setBusy(bool busy);
  std::string guessSetup(const QString& file) const;

  Document& m_document;
  Importer m_importer;
  std::vector<Looked> m_logs;
  QTableWidget* m_table;
  QTableWidget* m_matches;
  RunStrip* m_strip;
  QCheckBox* m_split;
  QLabel* m_told;
  QFutureWatcher<LogLook> m_look;
  std::shared_ptr<std::atomic<bool>> m_look_stop = std::make_shared<std::atomic<bool>>(false);
  QLabel* m_matches_title;
  QLabel* m_message;
  QProgressBar* m_progress;
  QPushButton* m_import;
  QPushButton* m_cancel;
};

}  // namespace distanz::app
