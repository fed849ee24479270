#include <fmt/format.h>

#include <cmath>
#include <ostream>

#include "cli/command.h"
#include "cli/flown_as.h"
#include "cli/log_campaign.h"
#include "cli/said.h"
#include "core/campaign/typed.h"
#include "core/finding/error.h"
#include "formats/antennas.h"
#include "formats/fields.h"
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

formats::GivenLog given(const std::filesystem::path& path, const std::map<std::string, std::string>& corrections) {
  return formats::givenLog(path, path.string(), corrections);
}

/// @param antenna that counts alone; 0: the best of all
std::map<std::string, std::string> correctionsFor(const std::filesystem::path& path, const campaign::Campaign& campaign, int antenna,
                                                  std::map<std::string, std::string> corrections) {
  if (antenna == 0) return corrections;
  try {
    return formats::onlyAntenna(formats::matchColumns(formats::headOf(path), campaign.links, corrections), antenna, corrections);
  } catch (const Error& e) {
    throw InputError(inFile(path.string(), e.found));
  }
}

/// "track.gpx", "track.gpx@12.5".
struct FurtherLog {
  std::filesystem::path path;
  std::optional<double> offset_s;
};
FurtherLog split(const std::string& word) {
  const auto at = word.rfind('@');
  std::error_code error;
  if (at == std::string::npos || std::filesystem::exists(word, error)) return {word, {}};
  const double offset_s = formats::parseNumber(word.substr(at + 1), false);
  if (!std::isfinite(offset_s)) throw InputError(finding("no-such-offset", {{"option", "--with " + word}}));
  return {word.substr(0, at), offset_s};
}

formats::GivenLog further(const std::string& word, const std::map<std::string, std::string>& corrections) {
  const FurtherLog log = split(word);
  formats::GivenLog out = given(log.path, corrections);
  out.offset_s = log.offset_s;
  return out;
}

/// What was read, in lines.
std::string toldOf(const store::TakenLog& taken, bool split, bool marked) {
  std::string told = QCoreApplication::translate("cli", "%1: %2 rows, farthest %3")
                         .arg(QString::fromStdString(taken.log.name))
                         .arg(taken.log.recording->rows())
                         .arg(words::distance(taken.log.track.farthest_m))
                         .toStdString() +
                     "\n";
  for (const Finding& p : taken.log.problems)
    if (!(marked && p.code == "place-later")) told += faultText(p) + "\n";
  const auto& flights = taken.log.flights;
  if (flights.size() > 1 && !split) told += faultText(finding("split-offered", {{"flights", flights.size()}})) + "\n";
  for (std::size_t i = 0; split && i < flights.size(); ++i)
    told += faultText(finding("flight-of-log", {{"number", i + 1},
                                                {"from", flights[i].from_s, quantity::Unit::Second},
                                                {"to", flights[i].to_s, quantity::Unit::Second},
                                                {"farthest", flights[i].farthest_m, quantity::Unit::Metre}})) +
            "\n";
  return told;
}

}  // namespace

void importCommand(const ImportOptions& options, Io io) {
  store::CampaignFile file = store::CampaignFile::open(options.campaign, store::Access::ReadWrite);
  if (file.readOnlyReason()) throw InputError(inFile(options.campaign, *file.readOnlyReason()));
  const campaign::Campaign campaign = file.campaign();
  if (!campaign::findSetup(campaign, options.setup))
    throw InputError(finding("no-such-setup", {{"option", "--setup " + options.setup}}));
  campaign::Run run;
  run.setup = options.setup;
  run.flight = options.flight;
  run.ended = reasonOf(options.ended);
  if (!options.method.empty()) run.method = methodOf(options.method);
  const campaign::TypedReduction reduced = campaign::parseReduced(options.reduced, campaign.links);
  if (reduced.problem) throw InputError(finding("option-refused", {{"option", "--reduced"}, {"why", *reduced.problem}}));
  run.reduced_db = reduced.reduced_db;
  run.marks = marksOf(options.marks, campaign, run);
  if (!options.with.empty() && options.logs.size() != 1) throw InputError(finding("with-several-logs"));
  std::vector<store::PackedRun> runs;
  std::string told;
  for (const auto& path : options.logs) {  // all are read before anything is kept
    std::vector<formats::GivenLog> logs;
    std::vector<std::filesystem::path> together{path};
    for (const std::string& word : options.with) together.push_back(split(word).path);
    const auto maps = mapsFor(together, options.maps);
    logs.push_back(given(path, correctionsFor(path, campaign, options.antenna, parseMaps(maps[0]))));
    logs.back().unplaced = run.method == campaign::Method::Course || !run.marks.empty();
    for (std::size_t i = 0; i < options.with.size(); ++i) logs.push_back(further(options.with[i], parseMaps(maps[i + 1])));
    store::TakenLog taken = store::takeLogs(std::move(logs), campaign);
    told += toldOf(taken, options.split, !run.marks.empty());
    if (const auto flights = taken.log.flights; options.split && flights.size() > 1)
      for (store::PackedRun& one : store::packedRuns(run, std::move(taken), flights)) runs.push_back(std::move(one));
    else
      runs.push_back(store::packedRun(run, std::move(taken)));
  }
  const Finding what = runs.size() == 1 ? finding("import-log", {{"log", runs.front().run.source().file}})
                                        : finding("import-logs", {{"logs", runs.size()}});
  const store::Added added = file.addRuns(what, std::move(runs), campaign.links);
  io.out << told;
  for (const campaign::Run& added_run : added.runs)
    io.out << Cli::tr("run %1: %2")
                  .arg(QString::fromStdString(added_run.id), QString::fromStdString(added_run.source().file))
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
