#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>
#include <ostream>

#include "cli/command.h"
#include "cli/log_campaign.h"
#include "cli/said.h"
#include "core/campaign/leaving.h"
#include "core/finding/error.h"
#include "formats/files.h"
#include "formats/log_writer.h"
#include "formats/track_writer.h"
#include "reader/ask.h"
#include "store/exchange.h"
#include "words/say.h"

namespace distanz::cli {
namespace {

std::string converted(const log::Recording& recording, const std::string& name, const std::string& ending) {
  if (ending == ".csv") return formats::writeLogCsv(recording, true);
  if (ending == ".gpx") return formats::writeTrack(recording, name, formats::TrackFormat::Gpx);
  if (ending == ".kml") return formats::writeTrack(recording, name, formats::TrackFormat::Kml);
  if (ending == ".geojson") return formats::writeTrack(recording, name, formats::TrackFormat::GeoJson);
  throw InputError(finding("no-such-format", {{"ending", ending}}));
}

store::Leave leaveOf(const std::vector<std::string>& without) {
  const auto stays = [&](const char* what) { return std::find(without.begin(), without.end(), what) != without.end(); };
  return {{!stays("places"), !stays("photos"), !stays("words")}, [](const std::string& bytes, const std::string& name) { return reader::plainPhoto(bytes, name); }};
}

/// To a folder, or to a copy; what of it tells more than the radio is told.
void convertCampaign(const ConvertOptions& options, Io io) {
  const store::Leave leave = leaveOf(options.without);
  const campaign::Campaign c = store::CampaignFile::open(options.from, store::Access::ReadOnly).campaign();
  if (options.to.extension() == ".distanz") {
    std::error_code error;
    if (std::filesystem::exists(options.to, error)) throw InputError(inFile(options.to, finding("exists-already")));
    const std::vector<std::string> lost = store::saveCopy(c, store::SampleFile(options.from, store::Access::ReadOnly), options.to, leave);
    if (!lost.empty()) io.out << words::sentence(finding("copy-lacks", {{"of", fmt::format("{}", fmt::join(lost, ", "))}})).toStdString() << "\n";
  } else {
    store::toInterchange(options.from, options.to, leave);
  }
  const campaign::Carried carried = campaign::carriedBy(campaign::leavingWith(c, leave.along));
  if (leave.along.everything() && carried.any()) io.out << words::sentence(campaign::carriedTold(carried)).toStdString() << "\n";
}

}  // namespace

void convertCommand(const ConvertOptions& options, Io io) {
  const std::string ending = options.to.extension().string();
  std::error_code error;
  if (std::filesystem::is_directory(options.from, error)) {
    if (ending != ".distanz") throw InputError(inFile(options.to, finding("folder-becomes-file")));
    for (const Finding& p : store::fromInterchange(options.from, options.to)) io.out << faultText(p) << "\n";
  } else if (options.from.extension() == ".distanz") {
    convertCampaign(options, io);
  } else {
    if (std::filesystem::exists(options.to, error))
      throw InputError(inFile(options.to, finding("exists-already")));
    const std::string name = options.from.filename().string();
    const LogLookedAt log = lookAt(options.from, options.maps);
    const log::Recording& recording = log.read.recording;
    formats::writeFile(options.to, converted(recording, name, ending));
    for (const Finding& p : log.read.problems) io.out << faultText(p) << "\n";
    if (recording.started.empty() && ending != ".csv")
      io.out << Cli::tr("the log has no date, so its track has no times; CSV keeps them").toStdString() << "\n";
  }
  io.out << Cli::tr("wrote %1").arg(QString::fromStdString(options.to.string())).toStdString() << "\n";
}

}  // namespace distanz::cli
