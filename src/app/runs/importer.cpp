#include "app/runs/importer.h"

#include <QFileInfo>
#include <QtConcurrent>
#include <algorithm>

#include "formats/files.h"
#include "store/log_intake.h"

namespace distanz::app {
namespace {

QString duplicateOf(const campaign::Campaign& c, const std::vector<campaign::Run>& fresh, const std::string& sha, const QString& file) {
  const campaign::Run* run = campaign::runOfLog(c, fresh, sha);
  if (!run) return {};
  return QObject::tr("%1: this log is in the campaign already%2; the same flight must not count twice")
      .arg(file, run->id.empty() ? QString() : QObject::tr(" as run %1").arg(QString::fromStdString(run->id)));
}

}  // namespace

Importer::Importer(Document& document, QObject* parent)
    : QObject(parent), m_document(document), m_stop(std::make_shared<std::atomic<bool>>(false)) {
  connect(&m_watcher, &QFutureWatcher<Outcome>::finished, this, &Importer::finish);
}

Importer::~Importer() {
  *m_stop = true;
  m_watcher.waitForFinished();
}

void Importer::cancel() {
  *m_stop = true;
}

Importer::Outcome Importer::work(const std::vector<PendingLog>& logs, const campaign::Campaign& campaign, store::SampleFile& samples,
                                 const std::function<bool(double)>& progress) {
  Kept kept;
  const auto takeBack = [&] {
    for (const campaign::Run& run : kept.runs) samples.discard(run);
  };
  try {
    for (std::size_t i = 0; i < logs.size(); ++i) {
      const auto share = [&](double part) { return progress((double(i) + part) / double(logs.size())); };
      const std::string name = QFileInfo(logs[i].file).fileName().toStdString();
      const auto [log, packed] = store::takeLog(formats::readFile(logs[i].file.toStdString()), name, campaign, logs[i].corrections, share);
      if (const QString twice = duplicateOf(campaign, kept.runs, log.sha256, QString::fromStdString(name)); !twice.isEmpty())
        throw InputError(twice.toStdString());
      campaign::Run run;
      run.setup = logs[i].setup;
      run.log = name;
      run.log_sha256 = log.sha256;
      run.ended = logs[i].ended;
      run.flight = logs[i].flight;
      run.notes = logs[i].notes;
      run.columns = logs[i].corrections;
      kept.runs.push_back(run);
      samples.add(run, packed, *log.recording);
      for (const Problem& p : log.problems)
        kept.remarks << QString("%1: %2").arg(QString::fromStdString(name), QString::fromStdString(p.text));
      if (!share(1)) throw formats::ReadCancelled();
    }
    return kept;
  } catch (const formats::ReadCancelled&) {
    takeBack();
    return Stopped{};
  } catch (const std::exception& e) {
    takeBack();
    return QString::fromUtf8(e.what());
  }
}

void Importer::start(const std::vector<PendingLog>& logs) {
  m_stop = std::make_shared<std::atomic<bool>>(false);
  const auto progress = [this, stop = m_stop](double share) {
    QMetaObject::invokeMethod(
        this, [this, share] { emit progressed(share); }, Qt::QueuedConnection);
    return !*stop;
  };
  m_watcher.setFuture(QtConcurrent::run(
      [logs, c = m_document.campaign(), samples = m_document.samples(), progress] { return work(logs, c, *samples, progress); }));
}

void Importer::finish() {
  const Outcome outcome = m_watcher.result();
  if (const auto* reason = std::get_if<QString>(&outcome)) {
    emit failed(*reason);
  } else if (const auto* kept = std::get_if<Kept>(&outcome)) {
    campaign::Campaign next = m_document.campaign();
    for (campaign::Run run : kept->runs) {
      run.id = campaign::freeRunId(next, run.setup);
      run.order = campaign::nextOrder(next);
      next.runs.push_back(run);
    }
    const QString what = kept->runs.size() == 1 ? tr("Import %1").arg(QString::fromStdString(kept->runs.front().log))
                                                : tr("Import %1 logs").arg(kept->runs.size());
    if (m_document.edit(what, next))
      emit done(int(kept->runs.size()), kept->remarks);
    else
      emit failed(tr("The runs could not be added; the campaign is as it was."));
  } else {
    emit cancelled();
  }
}

}  // namespace distanz::app
