#pragma once
#include <QFutureWatcher>
#include <QObject>
#include <QStringList>
#include <atomic>
#include <memory>
#include <variant>

#include "app/runs/pending_log.h"
#include "app/shared/document.h"

namespace distanz::app {

/// Reads logs off the interface thread and adds those that are right to the campaign, in one edit; the others come
/// back with the reason.
class Importer : public QObject {
  Q_OBJECT
 public:
  struct Refused {
    int log;  ///< of those given
    QString why;
  };
  explicit Importer(Document& document, QObject* parent = nullptr);
  ~Importer() override;

  /// Those that are wanted, each with those that go with it.
  void start(const std::vector<PendingLog>& logs);
  /// Stops and leaves nothing behind.
  void cancel();
  bool running() const { return m_running; }

 signals:
  void progressed(double share);
  void done(int runs, const std::vector<Refused>& refused, const QStringList& remarks);
  void failed(const QString& reason);  ///< nothing was kept
  void cancelled();

 private:
  struct Kept {
    std::shared_ptr<std::vector<store::PackedRun>> runs;
    std::vector<int> of;  ///< of each run the log that it came from
    std::vector<Refused> refused;
    QStringList remarks;
  };
  struct Stopped {};
  using Outcome = std::variant<Kept, Stopped, QString>;
  static void take(const std::vector<PendingLog>& logs, std::size_t which, const campaign::Campaign& campaign,
                   const std::function<bool(double)>& share, Kept& kept);
  static Outcome work(const std::vector<PendingLog>& logs, const campaign::Campaign& campaign,
                      const std::function<bool(double)>& progress);
  void finish();
  void keep(Kept kept);
  void settled(const store::Added& added, Kept kept, const QString& refused);

  Document& m_document;
  QFutureWatcher<Outcome> m_watcher;
  std::shared_ptr<std::atomic<bool>> m_stop;
  bool m_running = false;
};

}  // namespace distanz::app
