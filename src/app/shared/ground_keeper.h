#pragma once
#include <QFutureWatcher>
#include <QObject>
#include <memory>

#include "geodata/ground_files.h"
#include "store/sample_file.h"

namespace distanz::app {

/// The ground of a campaign's layers, read in the background; nothing is read, and no library loaded, for a
/// campaign without layers.
class GroundKeeper : public QObject {
  Q_OBJECT
 public:
  explicit GroundKeeper(std::shared_ptr<store::SampleFile> samples, QObject* parent = nullptr);
  ~GroundKeeper() override;

  /// Reads what these layers need besides what is known; changed() follows.
  void show(const std::vector<campaign::Layer>& layers);
  /// As last read; null where no layer counts.
  const std::shared_ptr<const terrain::Ground>& ground() const { return m_read.ground; }
  const std::vector<Finding>& problems() const { return m_read.problems; }
  bool reading() const { return m_watcher.isRunning(); }

 signals:
  void changed();

 private:
  void start();
  void finish();

  std::shared_ptr<store::SampleFile> m_samples;
  std::shared_ptr<geodata::GroundFiles> m_files;  ///< used by one reading at a time
  std::vector<campaign::Layer> m_wanted, m_started;
  geodata::GroundRead m_read;
  QFutureWatcher<std::optional<geodata::GroundRead>> m_watcher;  ///< none: stopped
  std::shared_ptr<std::atomic<bool>> m_stop = std::make_shared<std::atomic<bool>>(false);
};

}  // namespace distanz::app
