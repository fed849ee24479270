#include "app/shared/ground_keeper.h"

#include <QtConcurrent>

#include "reader/ask.h"

namespace distanz::app {

GroundKeeper::GroundKeeper(std::shared_ptr<store::SampleFile> samples, QObject* parent)
    : QObject(parent), m_samples(std::move(samples)), m_files(std::make_shared<geodata::GroundFiles>()) {
  connect(&m_watcher, &QFutureWatcher<std::optional<geodata::GroundRead>>::finished, this, &GroundKeeper::finish);
}

GroundKeeper::~GroundKeeper() {
  *m_stop = true;
}

void GroundKeeper::show(const std::vector<campaign::Layer>& layers) {
  if (layers == m_wanted && m_read.problems.empty()) return;  // what could not be read is tried again
  m_wanted = layers;
  if (!m_watcher.isRunning()) start();
}

void GroundKeeper::start() {
  m_started = m_wanted;
  m_watcher.setFuture(QtConcurrent::run([layers = m_wanted, samples = m_samples, files = m_files, stop = m_stop]() -> std::optional<geodata::GroundRead> {
    try {
      return files->groundOf(layers, [&](const campaign::Layer& l) { return samples->keptBytes(l.id, l.file); }, stop.get());
    } catch (const reader::Stopped&) {
      return std::nullopt;
    }
  }));
}

void GroundKeeper::finish() {
  std::optional<geodata::GroundRead> read = m_watcher.result();
  if (!read) return;
  m_read = std::move(*read);
  if (m_started != m_wanted) start();
  emit changed();
}

}  // namespace distanz::app
