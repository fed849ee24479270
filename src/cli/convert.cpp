#include <fmt/format.h>

#include <ostream>

#include "cli/command.h"
#include "cli/log_campaign.h"
#include "core/quantity/error.h"
#include "formats/files.h"
#include "formats/log_import.h"
#include "formats/log_writer.h"
#include "formats/track_writer.h"
#include "store/exchange.h"

namespace distanz::cli {
namespace {

std::string converted(const log::Recording& recording, const std::string& name, const std::string& ending) {
  if (ending == ".csv") return formats::writeLogCsv(recording);
  if (ending == ".gpx") return formats::writeTrack(recording, name, formats::TrackFormat::Gpx);
  if (ending == ".kml") return formats::writeTrack(recording, name, formats::TrackFormat::Kml);
  if (ending == ".geojson") return formats::writeTrack(recording, name, formats::TrackFormat::GeoJson);
  throw InputError(
      "\"" + ending +
      "\" is not a format that can be written; end the name in .csv, .gpx, .kml, .geojson or .distanz");
}

}  // namespace

void convertCommand(const ConvertOptions& options, Io io) {
  const std::string ending = options.to.extension().string();
  std::error_code error;
  if (std::filesystem::is_directory(options.from, error)) {
    if (ending != ".distanz")
      throw InputError(options.to.string() +
                       ": an interchange folder becomes a campaign file; end its name in .distanz");
    for (const Problem& p : store::fromInterchange(options.from, options.to)) io.out << p.text << "\n";
  } else if (options.from.extension() == ".distanz") {
    store::toInterchange(options.from, options.to);
  } else {
    if (std::filesystem::exists(options.to, error))
      throw InputError(options.to.string() + ": is there already; choose another name");
    const std::string name = options.from.filename().string();
    formats::writeFile(options.to, converted(formats::readRecording(formats::readFile(options.from),
                                                                    options.from.string(), logCampaign()),
                                             name, ending));
  }
  io.out << fmt::format("wrote {}\n", options.to.string());
}

}  // namespace distanz::cli
