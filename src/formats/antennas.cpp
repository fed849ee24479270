#include "formats/antennas.h"

#include <fmt/format.h>

#include <algorithm>
#include <set>

#include "core/finding/error.h"
#include "core/log/channel.h"
#include "core/log/recording.h"

namespace distanz::formats {
namespace {

std::string linkOf(const std::string& channel) {
  return channel.substr(0, channel.find('.'));
}

/// Channel by channel, the columns of several antennas.
std::map<std::string, std::map<int, std::string>> severalIn(const std::vector<ColumnMatch>& matches) {
  std::map<std::string, std::map<int, std::string>> out;
  for (const ColumnMatch& m : matches)
    if (m.antenna > 0) out[m.channel].emplace(m.antenna, m.header);
  std::erase_if(out, [](const auto& of) { return of.second.size() < 2; });
  return out;
}

/// What the link makes of all its antennas, and not what was set on it.
bool isOfAll(const ColumnMatch& match) {
  const log::ChannelInfo* about = log::channelInfo(match.channel);
  if (!about || !about->of_link || match.antenna > 0) return false;
  const std::string_view name = about->name;
  return name != log::channel::kPower && name != log::channel::kRate && name != log::channel::kMode && name != log::channel::kFrequency &&
         !name.starts_with("down_");
}

}  // namespace

std::vector<int> antennasOf(const std::vector<ColumnMatch>& matches) {
  std::set<int> out;
  for (const auto& [channel, columns] : severalIn(matches)) {
    const log::ChannelInfo* about = log::channelInfo(channel);
    if (!about || about->name != log::channel::kRssi) continue;
    for (const auto& [antenna, header] : columns) out.insert(antenna);
  }
  return {out.begin(), out.end()};
}

std::map<std::string, std::string> onlyAntenna(const std::vector<ColumnMatch>& matches, int antenna,
                                               std::map<std::string, std::string> corrections) {
  const std::vector<int> known = antennasOf(matches);
  if (std::find(known.begin(), known.end(), antenna) == known.end())
    throw InputError(finding("no-such-antenna", {{"antenna", antenna}, {"antennas", known.empty() ? "-" : fmt::format("{}", fmt::join(known, ", "))}}));
  std::set<std::string> links;
  for (const auto& [channel, columns] : severalIn(matches)) {
    links.insert(linkOf(channel));
    const auto own = columns.find(antenna);
    corrections[channel] = own == columns.end() ? std::string() : own->second;
  }
  for (const ColumnMatch& m : matches)
    if (isOfAll(m) && links.contains(linkOf(m.channel))) corrections[m.channel].clear();
  return corrections;
}

}  // namespace distanz::formats
