#include "app/shared/document.h"

#include <QPromise>
#include <QThread>
#include <QtConcurrent>
#include <algorithm>
#include <utility>

#include "core/analysis/analyse.h"
#include "core/analysis/reduce/reduction.h"
#include "core/analysis/result/reading.h"
#include "core/plan/planned.h"
#include "store/identity.h"
#include "words/say.h"

namespace distanz::app {

namespace {

constexpr int kWhole = 1000;  // of an analysis, in steps that can be seen

constexpr double kBeyondPredicted = 1.05;
constexpr double kMostOfPath = 2.5;  // a prediction far beyond the path would leave no room to see the path

/// One core is left to the window.
unsigned sparingThreads() {
  return unsigned(std::max(QThread::idealThreadCount() - 1, 1));
}

}  // namespace

std::shared_ptr<OpenedCampaign> openCampaign(const std::filesystem::path& path) {
  store::CampaignFile file = store::CampaignFile::open(path, store::Access::ReadWrite);
  const auto access = !file.readOnlyReason() ? store::Access::ReadWrite : store::Access::ReadOnly;
  return std::make_shared<OpenedCampaign>(
      OpenedCampaign{std::move(file), std::make_shared<store::SampleFile>(path, access)});
}

Document::Document(std::shared_ptr<OpenedCampaign> opened, QObject* parent)
    : QObject(parent),
      m_opened(std::move(opened)),
      m_path(m_opened->file.path()),
      m_read_only(m_opened->file.readOnlyReason()),
      m_samples(m_opened->samples),
      m_campaign(m_opened->file.shared()),
      m_analysis(std::make_shared<const analysis::CampaignAnalysis>()),
      m_ground(m_opened->samples),
      m_stop(std::make_shared<std::atomic<bool>>(false)),
      m_reduced(std::make_shared<analysis::ReductionCache>()) {
  m_file_thread.setMaxThreadCount(1);
  m_file_thread.setExpiryTimeout(-1);
  m_delay.setSingleShot(true);
  m_delay.setInterval(0);
  m_watch.setInterval(kWatch_ms);
  connect(&m_delay, &QTimer::timeout, this, &Document::start);
  connect(&m_watcher, &QFutureWatcher<Outcome>::finished, this, &Document::finish);
  connect(&m_watcher, &QFutureWatcher<Outcome>::progressValueChanged, this, [this](int done) {
    if (!*m_stop) emit progressed(double(done) / kWhole);
  });
  connect(&m_watch, &QTimer::timeout, this, &Document::watch);
  connect(this, &Document::changed, this, [this] { m_ground.show(m_campaign->layers); });
  connect(&m_ground, &GroundKeeper::changed, this, &Document::groundChanged);
  m_ground.show(m_campaign->layers);
  submit([](store::CampaignFile&) {}, 0);  // tells what can be undone
  m_watch.start();
  schedule();
}

Document::~Document() {
  close();
  m_file_thread.waitForDone();  // what the pilot did is kept; an analysis is left where it is
}

Document::Kept Document::carryOut(store::CampaignFile& file, const Job& job) {
  Kept kept;
  try {
    job(file);
  } catch (const store::FileGone& e) {
    kept.lost = true;
    kept.refused = words::sentence(e);
  } catch (const store::FileDamaged& e) {
    kept.lost = true;
    kept.refused = words::sentence(e);
  } catch (const std::exception& e) {
    kept.refused = words::sentence(e);
  }
  kept.campaign = file.shared();
  try {
    kept.undoable = file.undoable();
    kept.redoable = file.redoable();
  } catch (const std::exception&) {  // what became of the job is what counts
  }
  return kept;
}

std::optional<Document::Kept> Document::submit(Job job, int patience_ms,
                                               std::function<void(const Kept&)> then) {
  auto task = std::make_shared<std::packaged_task<Kept()>>(
      [opened = m_opened, job = std::move(job)] { return carryOut(opened->file, job); });
  std::shared_future<Kept> kept = task->get_future().share();
  m_jobs.push_back({kept, std::move(then)});
  m_file_thread.start([this, task] {
    (*task)();
    QMetaObject::invokeMethod(this, &Document::settle, Qt::QueuedConnection);
  });
  if (patience_ms == 0 || kept.wait_for(std::chrono::milliseconds(patience_ms)) != std::future_status::ready)
    return std::nullopt;
  settle();
  return kept.get();
}

void Document::settle() {
  while (!m_jobs.empty() &&
         m_jobs.front().kept.wait_for(std::chrono::seconds(0)) == std::future_status::ready) {
    const Pending done = std::move(m_jobs.front());
    m_jobs.pop_front();
    const Kept& kept = done.kept.get();
    if (m_jobs.empty()) {  // else what is shown runs ahead of the file
      adopt(kept);
      if (std::exchange(m_told_waiting, false))
        emit waitingChanged();  // before a refusal, which is the news then
    }
    const bool news = kept.lost && (!m_lost || done.then);
    m_lost = kept.lost;
    if (news) emit lost(kept.refused);
    if (done.then) done.then(kept);
  }
}

void Document::adopt(const Kept& kept) {
  bool news = m_campaign != kept.campaign && *m_campaign != *kept.campaign;
  m_campaign = kept.campaign;
  if (news) schedule();
  if (!kept.lost && (kept.undoable != m_undoable || kept.redoable != m_redoable)) {
    m_undoable = kept.undoable;
    m_redoable = kept.redoable;
    news = true;
  }
  if (news) tellChanged();
}

void Document::tellChanged() {
  ++m_told;
  emit changed();
}

bool Document::edit(const Finding& what, const campaign::Campaign& next,
                    std::vector<store::Attachment> attachments) {
  if (next == *m_campaign) return true;
  const store::SharedCampaign base = m_campaign;
  const auto told_before = m_told;
  // Until the file says otherwise. With its UUIDs from the start: an edit that waits for the file is the base
  // of the one that follows.
  m_campaign =
      std::make_shared<const campaign::Campaign>(store::needsIdentity(next) ? store::identified(next) : next);
  const auto kept = step([what, base, next = m_campaign, attachments = std::move(attachments)](
                             store::CampaignFile& file) { file.edit(what, base, next, attachments); });
  schedule();
  if (m_told == told_before) tellChanged();
  return !kept || kept->refused.isEmpty();
}

void Document::addRuns(const Finding& what, std::vector<store::PackedRun> runs, const AddedThen& then) {
  const auto added = std::make_shared<store::Added>();
  const auto packed = std::make_shared<std::vector<store::PackedRun>>(std::move(runs));
  submit(
      [what, packed, added, links = m_campaign->links](store::CampaignFile& file) {
        *added = file.addRuns(what, std::move(*packed), links, store::Twice::LeaveOut);
      },
      0, [added, then](const Kept& kept) { then(*added, kept.refused); });
}

std::optional<Document::Kept> Document::step(const Job& job) {
  auto kept = submit(job, kPatience_ms, [this](const Kept& done) {
    if (!done.refused.isEmpty() && !done.lost) emit refused(done.refused);
  });
  if (!kept && !std::exchange(m_told_waiting, true)) emit waitingChanged();
  return kept;
}

void Document::undo() {
  step([](store::CampaignFile& file) { file.undo(); });
}

void Document::redo() {
  step([](store::CampaignFile& file) { file.redo(); });
}

void Document::watch() {
  if (m_jobs.empty()) submit([](store::CampaignFile& file) { file.refresh(); }, 0);
}

void Document::pick(std::optional<double> distance_m) {
  if (m_picked == distance_m) return;
  m_picked = distance_m;
  emit pickedChanged();
}

double Document::axisEnd_m() const {
  const double end_m = analysis::axisEnd_m(shown(), analysis());
  if (!m_campaign->runs.empty()) return end_m;
  // Before anything flew the axis holds what is predicted, too. While a point is dragged it stays as it was.
  if (!m_preview && (m_foreseen.campaign != m_campaign || m_foreseen.ground != m_ground.ground()))
    m_foreseen = {m_campaign, m_ground.ground(),
                  plan::farthestPredicted_m(
                      plan::planned(*m_campaign, end_m, m_ground.ground(), plan::kPlacesWhileDragged))};
  return std::clamp(kBeyondPredicted * m_foreseen.farthest_m, end_m, kMostOfPath * end_m);
}

const plan::Planned& Document::planned() const {
  const double reach = axisEnd_m();
  const std::shared_ptr<const campaign::Campaign> c = m_preview ? m_preview : m_campaign;
  if (m_planned.campaign != c || m_planned.reach_m != reach || m_planned.ground != m_ground.ground())
    m_planned = {
        c, m_ground.ground(), reach,
        std::make_shared<const plan::Planned>(plan::planned(
            *c, reach, m_ground.ground(), m_preview ? plan::kPlacesWhileDragged : plan::SightLines::kLines))};
  return *m_planned.planned;
}

void Document::preview(std::shared_ptr<const campaign::Campaign> campaign) {
  if (campaign == m_preview) return;
  m_preview = std::move(campaign);
  emit previewed();
}

int Document::markOf(const std::string& setup) const {
  return campaign::setupIndex(campaign(), setup);
}

void Document::schedule() {
  *m_stop = true;
  m_delay.start();
}

Document::Outcome Document::analysed(const std::shared_ptr<const campaign::Campaign>& kept,
                                     const store::SampleFile& samples, analysis::ReductionCache& cache,
                                     const std::function<bool(double)>& progress) {
  const campaign::Campaign& c = *kept;
  try {
    const auto source = [&](const campaign::Run& run) { return samples.recording(run, c); };
    return std::make_shared<Analysed>(
        Analysed{kept, std::make_shared<const analysis::CampaignAnalysis>(
                           analysis::analyse(c, source, cache, progress, sparingThreads()))});
  } catch (const analysis::Cancelled&) {
    return std::shared_ptr<Analysed>();
  } catch (const std::exception& e) {
    return words::sentence(e);
  }
}

void Document::start() {
  if (m_watcher.isRunning()) return;  // finish() starts again
  m_stop = std::make_shared<std::atomic<bool>>(false);
  m_watcher.setFuture(QtConcurrent::run(
      [kept = m_campaign, samples = m_samples, cache = m_reduced, stop = m_stop](QPromise<Outcome>& promise) {
        promise.setProgressRange(0, kWhole);
        promise.addResult(analysed(kept, *samples, *cache, [&](double share) {
          promise.setProgressValue(int(share * kWhole));
          return !*stop;
        }));
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
  if (*m_closing) return;
  if (*m_stop) m_delay.start();
  emit analysisChanged();
}

}  // namespace distanz::app
