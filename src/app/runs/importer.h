#pragma once
#include <QFutureWatcher>
#include <QObject>
#include <QStringList>
#include <atomic>
#include <memory>
#include <variant>

#include "app/shared/document.h"
#include "formats/log_import.h"

namespace distanz::app {

/// One log on its way in: the file, and what the pilot says about it.
struct PendingLog {
  QString file;
  std::string setup;
  campaign::Ended ended = campaign::Ended::Unknown;
  campaign::Method method = campaign::Method::PathFlight;
  std::string flight, notes;
  std::map<std::string, std::string> corrections;
  int with = -1;                          ///< goes with that one of the logs; -1: it is a run of its own
  std::optional<double> offset_s;         ///< of one that goes with another: when it begins, where the pilot laid it
  std::optional<double> from_s, to_s;     ///< what of it is the run
  std::optional<log::Turn> turn;          ///< as moved by hand
  bool split = false;                     ///< each of its flights becomes a run
  int antenna = 0;                        ///< that counts alone, by its corrections; 0: the best of all
};

/// The log as it is called: the file, and which antenna of it.
QString nameOf(const PendingLog& log);
/// What is read of it; its file is opened only where it is too large to be held.
formats::GivenLog givenLog(const PendingLog& log);

/// Reads logs off the interface thread and adds them to the campaign in one edit: all of them or none.
class Importer : public QObject {
  Q_OBJECT
 public:
  explicit Importer(Document& document, QObject* parent = nullptr);
  ~Importer() override;

  void start(const std::vector<PendingLog>& logs);
  /// Stops and leaves nothing behind.
  void cancel();
  bool running() const { return m_running; }

 signals:
  void progressed(double share);
  void done(int runs, const QStringList& remarks);
  void failed(const QString& reason);
  void cancelled();

 private:
  struct Kept {
    std::shared_ptr<std::vector<store::PackedRun>> runs;
    QStringList remarks;
  };
  struct Stopped {};
  using Outcome = std::variant<Kept, Stopped, QString>;
  static void take(const std::vector<PendingLog>& logs, std::size_t which, const campaign::Campaign& campaign,
                   const std::function<bool(double)>& share, Kept& kept);
  static Outcome work(const std::vector<PendingLog>& logs, const campaign::Campaign& campaign,
                      const std::function<bool(double)>& progress);
  void finish();
  void keep(const Kept& kept);
  void settled(const store::Added& added, QStringList remarks, const QString& refused);

  Document& m_document;
  QFutureWatcher<Outcome> m_watcher;
  std::shared_ptr<std::atomic<bool>> m_stop;
  bool m_running = false;
};

}  // namespace distanz::app
