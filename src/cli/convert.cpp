#include <ostream>

#include "cli/command.h"
#include "cli/log_campaign.h"
#include "cli/said.h"
#include "core/finding/error.h"
#include "formats/files.h"
#include "formats/log_writer.h"
#include "formats/track_writer.h"
#include "store/exchange.h"

namespace distanz::cli {
namespace {

std::string converted(const log::Recording& recording, const std::string& name, const std::string& ending) {
  if (ending == ".csv") return formats::writeLogCsv(recording, true);
  if (ending == ".gpx") return formats::writeTrack(recording, name, formats::TrackFormat::Gpx);
  if (ending == ".kml") return formats::writeTrack(recording, name, formats::TrackFormat::Kml);
  if (ending == ".geojson") return formats::writeTrack(recording, name, formats::TrackFormat::GeoJson);
  throw InputError(finding("no-such-format", {{"ending", ending}}));
}

}  // namespace

void convertCommand(const ConvertOptions& options, Io io) {
  const std::string ending = options.to.extension().string();
  std::error_code error;
  if (std::filesystem::is_directory(options.from, error)) {
    if (ending != ".distanz") throw InputError(inFile(options.to, finding("folder-becomes-file")));
    for (const Finding& p : store::fromInterchange(options.from, options.to)) io.out << faultText(p) << "\n";
  } else if (options.from.extension() == ".distanz") {
    store::toInterchange(options.from, options.to);
  } else {
    if (std::filesystem::exists(options.to, error))
      throw InputError(inFile(options.to, finding("exists-already")));
    const std::string name = options.from.filename().string();
    const LogLookedAt log = lookAt(options.from, options.maps);
    const log::Recording& recording = log.read.recording;
    formats::writeFile(options.to, converted(recording, name, ending));
    for (const Finding& p : log.read.problems) io.out << faultText(p) << "\n";
    if (recording.started.empty() && ending != ".csv")
      io.out << Cli::tr("the log tells no date, so the places of its track have no times; CSV keeps them").toStdString() << "\n";
  }
  io.out << Cli::tr("wrote %1").arg(QString::fromStdString(options.to.string())).toStdString() << "\n";
}

}  // namespace distanz::cli
