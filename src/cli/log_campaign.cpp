#include "cli/log_campaign.h"

#include <algorithm>

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

std::vector<std::vector<std::string>> mapsFor(const std::vector<std::filesystem::path>& logs, const std::vector<std::string>& maps) {
  std::vector<std::vector<std::string>> headers, out(logs.size(), maps);
  if (maps.empty() || logs.size() < 2) return out;
  for (auto& of : out) of.clear();
  for (const auto& log : logs) {
    try {
      headers.push_back(formats::headOf(log).header);
    } catch (const Error&) {
      headers.emplace_back();  // told where it is read
    }
  }
  for (const std::string& map : maps) {
    const std::string column = map.substr(std::min(map.find('='), map.size() - 1) + 1);
    const auto has = [&](const std::vector<std::string>& header) { return std::find(header.begin(), header.end(), column) != header.end(); };
    const bool somewhere = std::any_of(headers.begin(), headers.end(), has);
    for (std::size_t i = 0; i < logs.size(); ++i)
      if (!somewhere || has(headers[i])) out[i].push_back(map);
  }
  return out;
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
