#include "app/shared/document.h"

#include <QThread>
#include <QtConcurrent>
#include <algorithm>

namespace distanz::app {

namespace {

/// One core is left to the window.
unsigned sparingThreads() {
  return unsigned(std::max(QThread::idealThreadCount() - 1, 1));
}

}  // namespace

Document::Document(const std::filesystem::path& path, QObject* parent)
    : QObject(parent),
      m_file(store::CampaignFile::open(path)),
      m_read_only(QString::fromStdString(m_file.readOnlyReason())),
      m_samples(std::make_shared<store::SampleFile>(path)),
      m_stop(std::make_shared<std::atomic<bool>>(false)),
      m_reduced(std::make_shared<analysis::ReductionCache>()) {
  m_delay.setSingleShot(true);
  m_delay.setInterval(0);
  connect(&m_delay, &QTimer::timeout, this, &Document::start);
  connect(&m_watcher, &QFutureWatcher<Outcome>::finished, this, &Document::finish);
  schedule();
}

Document::~Document() {
  *m_stop = true;
  m_watcher.waitForFinished();
}

bool Document::edit(const QString& what, const campaign::Campaign& next) {
  if (next == campaign()) return true;
  try {
    m_file.edit(what.toStdString(), next);
  } catch (const Error& e) {
    emit refused(QString::fromUtf8(e.what()));
    return false;
  }
  afterEdit();
  return true;
}

QString Document::undoable() const {
  return QString::fromStdString(m_file.undoable().value_or(""));
}
QString Document::redoable() const {
  return QString::fromStdString(m_file.redoable().value_or(""));
}

void Document::undo() {
  try {
    m_file.undo();
  } catch (const Error& e) {
    emit refused(QString::fromUtf8(e.what()));
  }
  afterEdit();
}

void Document::redo() {
  try {
    m_file.redo();
  } catch (const Error& e) {
    emit refused(QString::fromUtf8(e.what()));
  }
  afterEdit();
}

void Document::afterEdit() {
  schedule();
  emit changed();
}

void Document::pick(std::optional<double> distance_m) {
  if (m_picked == distance_m) return;
  m_picked = distance_m;
  emit pickedChanged();
}

double Document::axisEnd_m() const {
  double end = 0;
  if (const auto course = campaign::courseOf(campaign())) end = course->farPost_m();
  for (const auto& run : analysis().runs) end = std::max(end, run.farthest_m);
  for (const auto& s : analysis().setups)
    if (s.typical.tellsEstimate()) end = std::max(end, *s.typical.estimate_m);
  return end > 0 ? end * 1.03 : 1000;
}

int Document::markOf(const std::string& setup) const {
  const auto& setups = campaign().setups;
  const auto found = std::find_if(setups.begin(), setups.end(), [&](const auto& s) { return s.id == setup; });
  return found == setups.end() ? -1 : static_cast<int>(found - setups.begin());
}

void Document::schedule() {
  *m_stop = true;
  m_delay.start();
}

void Document::start() {
  if (m_watcher.isRunning()) return;  // finish() starts again
  m_stop = std::make_shared<std::atomic<bool>>(false);
  const auto progress = [this, stop = m_stop](double share) {
    if (!*stop)
      QMetaObject::invokeMethod(
          this, [this, share] { emit progressed(share); }, Qt::QueuedConnection);
    return !*stop;
  };
  m_watcher.setFuture(QtConcurrent::run([c = campaign(), samples = m_samples, cache = m_reduced, progress]() -> Outcome {
    try {
      const auto source = [&](const campaign::Run& run) { return samples->recording(run); };
      return std::make_shared<Analysed>(Analysed{c, analysis::analyse(c, source, *cache, progress, sparingThreads())});
    } catch (const analysis::Cancelled&) {
      return std::shared_ptr<Analysed>();
    } catch (const std::exception& e) {
      return QString::fromUtf8(e.what());
    }
  }));
  if (!m_analysed) emit analysisChanged();  // later ones show the old result until the new one stands
}

void Document::finish() {
  const Outcome outcome = m_watcher.result();
  if (const auto* reason = std::get_if<QString>(&outcome)) {
    emit refused(*reason);
  } else if (const auto& fresh = std::get<0>(outcome); fresh && !*m_stop) {
    m_analysed_campaign = std::move(fresh->campaign);
    m_analysis = std::move(fresh->analysis);
    m_analysed = true;
  }
  if (*m_stop) m_delay.start();
  emit analysisChanged();
}

}  // namespace distanz::app
