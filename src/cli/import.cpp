#include <fmt/format.h>

#include <ostream>

#include "cli/command.h"
#include "cli/said.h"
#include "core/finding/error.h"
#include "core/text/text.h"
#include "formats/files.h"
#include "store/campaign_file.h"
#include "store/log_intake.h"
#include "words/quantity.h"

namespace distanz::cli {
namespace {

campaign::Ended reasonOf(const std::string& word) {
  const auto ended = campaign::endedFromWord(word);
  if (!ended) {
    std::vector<std::string_view> words;
    for (const description::Word& w : campaign::endedWords())
      if (*w.word) words.push_back(w.word);
    throw InputError(finding("no-such-end", {{"option", "--ended " + word},
                                             {"words", fmt::format("{}", fmt::join(words, ", "))}}));
  }
  return *ended;
}

}  // namespace

void importCommand(const ImportOptions& options, Io io) {
  store::CampaignFile file = store::CampaignFile::open(options.campaign, store::Access::ReadWrite);
  if (file.readOnlyReason()) throw InputError(inFile(options.campaign, *file.readOnlyReason()));
  const campaign::Campaign campaign = file.campaign();
  if (!campaign::findSetup(campaign, options.setup))
    throw InputError(finding("no-such-setup", {{"option", "--setup " + options.setup}}));
  const auto corrections = parseMaps(options.maps);
  const campaign::Ended ended = reasonOf(options.ended);
  std::vector<store::PackedRun> runs;
  std::string told;
  for (const auto& path : options.logs) {  // all are read before anything is kept
    store::TakenLog taken = store::takeLog(formats::readFile(path), path.string(), campaign, corrections);
    campaign::Run run;
    run.setup = options.setup;
    run.editSource().file = text::validUtf8(path.filename().string());
    run.flight = options.flight;
    run.ended = ended;
    run.editSource().columns = corrections;
    told += Cli::tr("%1: %2 rows, farthest %3")
                .arg(QString::fromStdString(taken.log.name))
                .arg(taken.log.recording->rows())
                .arg(words::distance(taken.log.track.farthest_m))
                .toStdString() +
            "\n";
    for (const Finding& p : taken.log.problems) told += faultText(p) + "\n";
    runs.push_back(store::packedRun(std::move(run), std::move(taken)));
  }
  const Finding what = runs.size() == 1 ? finding("import-log", {{"log", runs.front().run.source().file}})
                                        : finding("import-logs", {{"logs", runs.size()}});
  const store::Added added = file.addRuns(what, std::move(runs), campaign.links);
  io.out << told;
  for (const campaign::Run& run : added.runs)
    io.out << Cli::tr("run %1: %2")
                  .arg(QString::fromStdString(run.id), QString::fromStdString(run.source().file))
                  .toStdString()
           << "\n";
  for (const std::string& id : added.restored)
    io.out << Cli::tr("run %1: its damaged log was replaced by this one")
                  .arg(QString::fromStdString(id))
                  .toStdString()
           << "\n";
}

void purgeCommand(const PurgeOptions& options, Io io) {
  const int gone = store::CampaignFile::open(options.campaign, store::Access::ReadWrite).purge();
  io.out << Cli::tr("Logs removed that no run uses: %1").arg(gone).toStdString() << "\n";
}

}  // namespace distanz::cli
