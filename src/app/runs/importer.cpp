#include "app/runs/importer.h"

#include <QPointer>
#include <QPromise>
#include <QtConcurrent>
#include <algorithm>

#include "store/log_intake.h"
#include "words/say.h"

namespace distanz::app {

namespace {

constexpr int kWhole = 1000;

/// The reason alone: the name stands beside it.
QString reasonOf(const Error& e, const PendingLog& log) {
  return words::sentence(withoutFile(e.found, log.file.toStdString()));
}

}  // namespace

Importer::Importer(Document& document, QObject* parent)
    : QObject(parent), m_document(document), m_stop(std::make_shared<std::atomic<bool>>(false)) {
  connect(&m_watcher, &QFutureWatcher<Outcome>::finished, this, &Importer::finish);
  connect(&m_watcher, &QFutureWatcher<Outcome>::progressValueChanged, this, [this](int done) { emit progressed(double(done) / kWhole); });
}

Importer::~Importer() {
  *m_stop = true;
}

void Importer::cancel() {
  *m_stop = true;
}

/// A log with those that go with it.
void Importer::take(const std::vector<PendingLog>& logs, std::size_t which, const campaign::Campaign& campaign,
                    const std::function<bool(double)>& share, Kept& kept) {
  const PendingLog& log = logs[which];
  std::vector<formats::GivenLog> given;
  given.push_back(givenLog(log));
  for (const PendingLog& other : logs)
    if (other.with == int(which) && other.wanted) given.push_back(givenLog(other));
  store::TakenLog taken = store::takeLogs(std::move(given), campaign, share);
  campaign::Run run;
  run.setup = log.setup;
  run.ended = log.ended;
  run.method = log.method;
  run.flight = log.flight;
  run.notes = log.notes;
  run.from_s = log.from_s;
  run.to_s = log.to_s;
  if (log.turn) run.turn_begin_s = log.turn->begin_s, run.turn_end_s = log.turn->end_s;
  for (const Finding& p : taken.log.problems)
    kept.remarks << QString("%1: %2").arg(QString::fromStdString(taken.log.name), words::sentence(p));
  if (const auto flights = taken.log.flights; log.split && flights.size() > 1)
    for (store::PackedRun& one : store::packedRuns(run, std::move(taken), flights)) kept.runs->push_back(std::move(one));
  else
    kept.runs->push_back(store::packedRun(std::move(run), std::move(taken)));
  kept.of.resize(kept.runs->size(), int(which));
}

Importer::Outcome Importer::work(const std::vector<PendingLog>& logs, const campaign::Campaign& campaign,
                                 const std::function<bool(double)>& progress) {
  Kept kept{std::make_shared<std::vector<store::PackedRun>>(), {}, {}, {}};
  try {
    for (std::size_t i = 0; i < logs.size(); ++i) {
      if (logs[i].with >= 0 || !logs[i].wanted) continue;
      const auto share = [&](double part) { return progress((double(i) + part) / double(logs.size())); };
      try {
        take(logs, i, campaign, share, kept);
      } catch (const formats::ReadCancelled&) {
        throw;
      } catch (const Error& e) {
        kept.refused.push_back({int(i), reasonOf(e, logs[i])});
      }
      if (!share(1)) throw formats::ReadCancelled();
    }
    return kept;
  } catch (const formats::ReadCancelled&) {
    return Stopped{};
  } catch (const std::bad_alloc&) {
    return QObject::tr("There is not enough memory for so many logs. Import a few at a time.");
  } catch (const std::exception& e) {
    return words::sentence(e);
  }
}

void Importer::start(const std::vector<PendingLog>& logs) {
  m_stop = std::make_shared<std::atomic<bool>>(false);
  m_running = true;
  m_watcher.setFuture(QtConcurrent::run([logs, c = m_document.campaign(), stop = m_stop, closing = m_document.closing()](QPromise<Outcome>& promise) {
    promise.setProgressRange(0, kWhole);
    promise.addResult(work(logs, c, [&](double share) {
      promise.setProgressValue(int(share * kWhole));
      return !*stop && !*closing;
    }));
  }));
}

void Importer::finish() {
  const Outcome outcome = m_watcher.result();
  if (const auto* kept = std::get_if<Kept>(&outcome); kept && !*m_stop) return keep(*kept);
  m_running = false;
  if (const auto* reason = std::get_if<QString>(&outcome))
    emit failed(*reason);
  else
    emit cancelled();
}

void Importer::keep(Kept kept) {
  if (kept.runs->empty()) return settled({}, std::move(kept), {});
  const Finding what = kept.runs->size() == 1
                           ? finding("import-log", {{"log", kept.runs->front().run.source().file}})
                           : finding("import-logs", {{"logs", kept.runs->size()}});
  m_document.addRuns(what, std::move(*kept.runs),
                     [self = QPointer(this), kept](const store::Added& added, const QString& refused) {
                       if (self) self->settled(added, kept, refused);
                     });
}

void Importer::settled(const store::Added& added, Kept kept, const QString& refused) {
  m_running = false;
  if (!refused.isEmpty()) return emit failed(refused);
  for (const std::string& id : added.restored)
    kept.remarks << tr("The damaged log of run %1 was replaced by this one").arg(QString::fromStdString(id));
  for (const store::Added::LeftOut& out : added.left_out)
    kept.refused.push_back({kept.of[out.which], words::sentence(out.why)});
  std::stable_sort(kept.refused.begin(), kept.refused.end(), [](const Refused& a, const Refused& b) { return a.log < b.log; });
  emit done(int(added.runs.size() + added.restored.size()), kept.refused, kept.remarks);
}

}  // namespace distanz::app
