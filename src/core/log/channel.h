#pragma once
#include <span>
#include <string>
#include <string_view>
#include <vector>

#include "core/quantity/unit.h"

namespace distanz::log {

/// One thing that a log can tell. The table of these is the only list of channels there is: a new one is a
/// row.
struct ChannelInfo {
  std::string_view name;  ///< with its unit; that of a link's channel follows the link's id and a dot
  bool of_link;
  quantity::Unit unit;
  /// How columns call it: alternatives parted by "|", each of words that must all be there, in any order;
  /// "[dBm]" is a unit. Empty: it is never recognised by name.
  std::string_view names;
  std::string_view not_names = {};  ///< words and units that make it something else
  bool in_steps =
      false;  ///< between two samples it keeps its value: modes, counts; else samples are averaged
  bool of_video = false;  ///< belongs to the video link where a column names none
  int lane = 0;           ///< of a link's: share of the height its lane has beside the others; 0: it has none
  bool lane_at_first = true;   ///< the lane is shown until the pilot hides it
  double low = 0, high = 0;    ///< scale of its lane; both 0: after what was measured
  std::string_view rule = {};  ///< part of a link's rule that it is held to: "quality", "bitrate"
};

/// In the order in which a column's name is held against them: the narrower ones come first.
std::span<const ChannelInfo> channels();

/// A link's channels that have a lane, the largest first.
const std::vector<const ChannelInfo*>& laneChannels();

/// By its full name, "control.rssi_dbm"; null for one that is not in the table.
const ChannelInfo* channelInfo(std::string_view channel);

/// What a channel is called behind its link's id.
std::string_view nameWithoutLink(std::string_view channel);

}  // namespace distanz::log
