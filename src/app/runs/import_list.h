#pragma once
#include <QFutureWatcher>
#include <QObject>
#include <QStringList>
#include <memory>

#include "app/runs/pending_log.h"
#include "app/shared/document.h"
#include "formats/lacking_link.h"
#include "formats/survey.h"

namespace distanz::app {

/// One log of an import, and what is known of it so far.
struct ListedLog {
  PendingLog pending;
  formats::TableHead head;
  std::map<std::string, std::string> together;  ///< its corrections before its antennas were told apart
  std::string matched_as;                       ///< the run whose corrections were taken over
  QString fault;                                ///< why it cannot be read at all; empty where it can
  QString refused;                              ///< why it was not taken
  std::optional<formats::LogSurvey> told;       ///< once it has been read
  int asked = 0;              ///< how often it had to be read anew: an answer to an older question is none
  bool ended_guessed = false;  ///< by the log
  bool ended_set = false;     ///< by the pilot
  bool paired = false;        ///< what it goes with was guessed once, or said by the pilot
};

/// The logs of an import: looked at one after the other in the background, paired, told whose they are; corrected,
/// left out, taken. Knows no widget.
class ImportList : public QObject {
  Q_OBJECT
 public:
  explicit ImportList(Document& document, QObject* parent = nullptr);
  ~ImportList() override;

  void add(const QStringList& files);
  /// Looks at the campaign anew: setups and links may have come or gone.
  void refresh();
  const std::vector<ListedLog>& logs() const { return m_logs; }
  ListedLog& at(int row) { return m_logs[std::size_t(row)]; }
  int size() const { return int(m_logs.size()); }
  /// The campaign that logs are read by: with the station and path that are offered, where they are wanted.
  const campaign::Campaign& campaign() const;
  bool surveying() const { return m_watcher.isRunning(); }

  /// Whether the pilot has done anything here that would be lost.
  bool touched() const { return m_touched; }
  void touch() { m_touched = true; }
  /// Runs that an import would make now.
  int toImport() const;
  /// The log whose run this one becomes part of; itself where it is a run.
  int leaderOf(int row) const;
  std::vector<PendingLog> groupOf(int row) const;

  /// Gives a column a meaning, or none (empty); it serves no other, and the meaning no other column.
  void setMeaning(int row, int column, const std::string& channel);
  /// The same with a unit or an order of dates that its name does not tell.
  void setUnit(int row, const formats::ColumnMatch& match, const std::string& unit);
  std::vector<formats::ColumnMatch> matchesOf(int row) const;
  /// Other logs with the same columns that lack what was corrected in the one.
  std::vector<int> alike(int row) const;
  void correctAlike(int row);

  void setWith(int row, int with);
  std::vector<int> antennasAt(int row) const;
  void tellAntennasApart(int row);
  void putTogether(int row);

  /// What the kit lacks for these logs; none where nothing.
  std::optional<formats::LackingLink> lacking() const;
  void addLacking();

  /// Station and path from the first log that has positions, where the campaign has none.
  struct Offer {
    QString log;
    campaign::Campaign campaign;  ///< with both
    double length_m = 0;
  };
  const std::optional<Offer>& offer() const { return m_offer; }
  bool offerWanted() const { return m_offer_wanted; }
  void wantOffer(bool wanted);
  /// Keeps the station and path that are wanted, before logs are taken.
  void keepOffer();

  /// Takes out what was imported; what was refused stays with the reason.
  void settle(const std::vector<std::pair<int, QString>>& refused);

 signals:
  void changed();     ///< the list, or what is known of a log
  void corrected(int row);

 private:
  struct Told {
    PendingLog of;
    int asked;
    formats::LogSurvey survey;
  };
  struct Surveyed {
    std::optional<Offer> offer;
    std::vector<Told> told;
  };
  void look(const QString& file);
  void survey();
  /// What was read of a log does not hold any more.
  static void forget(ListedLog& log);
  void finish();
  void pairUp();
  std::string nameOfColumn(int row, int column) const;

  Document& m_document;
  std::vector<ListedLog> m_logs;
  QFutureWatcher<Surveyed> m_watcher;
  std::shared_ptr<std::atomic<bool>> m_stop = std::make_shared<std::atomic<bool>>(false);
  std::optional<Offer> m_offer;
  bool m_offer_wanted = true, m_touched = false, m_again = false;
};

}  // namespace distanz::app
