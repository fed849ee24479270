#include "app/runs/importer.h"

#include <QFile>
#include <QFileInfo>
#include <QPointer>
#include <QPromise>
#include <QtConcurrent>
#include <algorithm>

#include "app/shared/path_of.h"
#include "formats/files.h"
#include "store/log_intake.h"
#include "words/say.h"

namespace distanz::app {

namespace {

constexpr int kWhole = 1000;

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

QString nameOf(const PendingLog& log) {
  const QString name = QFileInfo(log.file).fileName();
  return log.antenna > 0 ? QObject::tr("%1, antenna %2").arg(name).arg(log.antenna) : name;
}

formats::GivenLog givenLog(const PendingLog& log) {
  formats::GivenLog out = formats::givenLog(pathOf(log.file), QFileInfo(log.file).fileName().toStdString(), log.corrections);
  out.offset_s = log.offset_s;
  out.unplaced = log.method == campaign::Method::Course;
  return out;
}

/// A log with those that go with it.
void Importer::take(const std::vector<PendingLog>& logs, std::size_t which, const campaign::Campaign& campaign,
                    const std::function<bool(double)>& share, Kept& kept) {
  const PendingLog& log = logs[which];
  std::vector<formats::GivenLog> given;
  given.push_back(givenLog(log));
  for (const PendingLog& other : logs)
    if (other.with == int(which)) given.push_back(givenLog(other));
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
}

Importer::Outcome Importer::work(const std::vector<PendingLog>& logs, const campaign::Campaign& campaign,
                                 const std::function<bool(double)>& progress) {
  Kept kept{std::make_shared<std::vector<store::PackedRun>>(), {}};
  try {
    for (std::size_t i = 0; i < logs.size(); ++i) {
      if (logs[i].with >= 0) continue;
      const auto share = [&](double part) { return progress((double(i) + part) / double(logs.size())); };
      take(logs, i, campaign, share, kept);
      if (!share(1)) throw formats::ReadCancelled();
    }
    return kept;
  } catch (const formats::ReadCancelled&) {
    return Stopped{};
  } catch (const std::bad_alloc&) {
    return QObject::tr("There is not enough memory for so many logs at once; bring them in a few at a time");
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

void Importer::keep(const Kept& kept) {
  const Finding what = kept.runs->size() == 1
                           ? finding("import-log", {{"log", kept.runs->front().run.source().file}})
                           : finding("import-logs", {{"logs", kept.runs->size()}});
  m_document.addRuns(
      what, std::move(*kept.runs),
      [self = QPointer(this), remarks = kept.remarks](const store::Added& added, const QString& refused) {
        if (self) self->settled(added, remarks, refused);
      });
}

void Importer::settled(const store::Added& added, QStringList remarks, const QString& refused) {
  m_running = false;
  for (const std::string& id : added.restored)
    remarks << tr("The damaged log of run %1 was replaced by this one").arg(QString::fromStdString(id));
  if (refused.isEmpty())
    emit done(int(added.runs.size()), remarks);
  else
    emit failed(refused);
}

}  // namespace distanz::app
