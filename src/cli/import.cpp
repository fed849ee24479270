#include <fmt/format.h>

#include <ostream>

#include "cli/command.h"
#include "core/quantity/error.h"
#include "formats/files.h"
#include "store/campaign_file.h"
#include "store/log_intake.h"

namespace distanz::cli {
namespace {

campaign::Ended reasonOf(const std::string& word) {
  const auto ended = campaign::endedFromWord(word);
  if (!ended)
    throw InputError("--ended " + word +
                     ": it must be one of link-lost, quality-limit, turned-back, battery, limit, obstacle, aircraft, equipment-cap");
  return *ended;
}

void refuseTwice(const campaign::Campaign& c, const formats::ImportedLog& log) {
  if (const campaign::Run* run = campaign::runOfLog(c, {}, log.sha256))
    throw InputError(
        fmt::format("{}: this log is in the campaign already, as run {}; the same flight must not count twice", log.name, run->id));
}

}  // namespace

void importCommand(const ImportOptions& options, Io io) {
  store::CampaignFile file = store::CampaignFile::open(options.campaign);
  if (!file.readOnlyReason().empty()) throw InputError(options.campaign.string() + ": " + file.readOnlyReason());
  if (!campaign::findSetup(file.campaign(), options.setup))
    throw InputError("--setup " + options.setup + ": no such setup in this campaign; add it first");
  const auto corrections = parseMaps(options.maps);
  const campaign::Ended ended = reasonOf(options.ended);
  campaign::Campaign next = file.campaign();
  std::vector<store::TakenLog> logs;
  for (const auto& path : options.logs) {  // all are read before anything is kept
    logs.push_back(store::takeLog(formats::readFile(path), path.string(), next, corrections));
    refuseTwice(next, logs.back().log);
    campaign::Run run;
    run.id = campaign::freeRunId(next, options.setup);
    run.setup = options.setup;
    run.log = path.filename().string();
    run.log_sha256 = logs.back().log.sha256;
    run.order = campaign::nextOrder(next);
    run.flight = options.flight;
    run.ended = ended;
    run.columns = corrections;
    next.runs.push_back(run);
  }
  store::SampleFile samples(options.campaign);
  const std::size_t first = next.runs.size() - logs.size();
  for (std::size_t i = 0; i < logs.size(); ++i) samples.add(next.runs[first + i], logs[i].packed, *logs[i].log.recording);
  file.edit(logs.size() == 1 ? "Import " + next.runs.back().log : fmt::format("Import {} logs", logs.size()), next);
  for (std::size_t i = 0; i < logs.size(); ++i) {
    io.out << fmt::format("{}: run {}, {} rows, farthest {:.0f} m\n", logs[i].log.name, next.runs[first + i].id,
                          logs[i].log.recording->rows(), logs[i].log.track.farthest_m);
    for (const Problem& p : logs[i].log.problems) io.out << faultText(p.line, p.text) << "\n";
  }
}

}  // namespace distanz::cli
