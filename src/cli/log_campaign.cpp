#include "cli/log_campaign.h"

#include "cli/command.h"
#include "core/finding/error.h"
#include "formats/log_import.h"

namespace distanz::cli {

campaign::Campaign logCampaign() {
  campaign::Campaign c;
  c.links.resize(2);
  c.links[0].id = "control";
  c.links[1].id = "video";
  c.links[1].kind = campaign::LinkKind::Video;
  return c;
}

LogLookedAt lookAt(const std::filesystem::path& file, const std::vector<std::string>& maps) {
  const auto corrections = parseMaps(maps);
  const formats::GivenLog given = formats::givenLog(file, file.string());
  try {
    const formats::LogFormat* format = nullptr;
    const auto log = formats::openGiven(given, &format);
    LogLookedAt out{format->name, log->head(), formats::matchColumns(log->head(), logCampaign().links, corrections), {}};
    out.read = formats::readLog(*log, out.matches, {}, formats::Needs::Anything);
    return out;
  } catch (const InputError& e) {
    throw InputError(inFile(file, e.found));
  }
}

}  // namespace distanz::cli
