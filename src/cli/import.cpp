#include <fmt/format.h>

#include <ostream>

#include "cli/command.h"
#include "core/quantity/error.h"
#include "core/text/text.h"
#include "formats/files.h"
#include "store/campaign_file.h"
#include "store/log_intake.h"

namespace distanz::cli {
namespace {

campaign::Ended reasonOf(const std::string& word) {
  const auto ended = campaign::endedFromWord(word);
  if (!ended)
    throw InputError("--ended " + word +
                     ": it must be one of link-lost, quality-limit, turned-back, battery, limit, obstacle, "
                     "aircraft, equipment-cap");
  return *ended;
}

}  // namespace

void importCommand(const ImportOptions& options, Io io) {
  store::CampaignFile file = store::CampaignFile::open(options.campaign, store::Access::ReadWrite);
  if (!file.readOnlyReason().empty())
    throw InputError(options.campaign.string() + ": " + file.readOnlyReason());
  const campaign::Campaign campaign = file.campaign();
  if (!campaign::findSetup(campaign, options.setup))
    throw InputError("--setup " + options.setup + ": no such setup in this campaign; add it first");
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
    told += fmt::format("{}: {} rows, farthest {:.0f} m\n", taken.log.name, taken.log.recording->rows(),
                        taken.log.track.farthest_m);
    for (const Problem& p : taken.log.problems) told += faultText(p.line, p.text) + "\n";
    runs.push_back(store::packedRun(std::move(run), std::move(taken)));
  }
  const std::string what = runs.size() == 1 ? "Import " + runs.front().run.source().file
                                            : fmt::format("Import {} logs", runs.size());
  const store::Added added = file.addRuns(what, std::move(runs), campaign.links);
  io.out << told;
  for (const campaign::Run& run : added.runs)
    io.out << fmt::format("run {}: {}\n", run.id, run.source().file);
  for (const std::string& id : added.restored)
    io.out << fmt::format("run {}: its damaged log was replaced by this one\n", id);
}

void purgeCommand(const PurgeOptions& options, Io io) {
  const int gone = store::CampaignFile::open(options.campaign, store::Access::ReadWrite).purge();
  io.out << fmt::format("{} {} that no run uses {} removed\n", gone, gone == 1 ? "log" : "logs",
                        gone == 1 ? "was" : "were");
}

}  // namespace distanz::cli
