#pragma once
#include <map>
#include <string>
#include <vector>

#include "core/campaign/campaign.h"
#include "formats/log_table.h"

namespace distanz::formats {

/// How the text of a column becomes numbers.
enum class FieldKind {
  Number,        ///< value * scale
  LevelAsPower,  ///< dBm, kept as mW
  Elapsed,       ///< "3:27", minutes and seconds
  Clock,         ///< "06:31:02.25"
  Date,          ///< "2026-11-24"
  DateTime,      ///< "2026-11-24T06:31:02"
  LatLon         ///< "46.91 20.96" in one column
};

/// Unit of a LatLon match whose fields tell longitude first.
inline constexpr std::string_view kLonFirst = "lon lat";

/// Units of a Date or DateTime match whose fields are parted by strokes: 05/11/2026 is of November, or of May.
inline constexpr std::string_view kDayFirst = "d/m/y", kMonthFirst = "m/d/y";
/// What says so.
enum class DayOrderBy {
  Known,     ///< the rows, the header, or the pilot
  Language,  ///< the habit of those who speak the header's language
  Nothing
};

/// One column recognised. A LatLon column serves lat_deg and lon_deg.
struct ColumnMatch {
  int column = 0;  ///< counted from 0
  std::string header;
  std::string
      channel;  ///< canonical, with the link's prefix; "time_s", "date" and "lat_lon" besides the channels
  std::string unit;  ///< as the log has it, e.g. "ft"
  double scale = 1;  ///< to the channel's canonical unit
  FieldKind kind = FieldKind::Number;
  DayOrderBy day_order = DayOrderBy::Known;  ///< of Date and DateTime
  int antenna = 0;  ///< of several that hear one link, from 1; 0: the only one
};

/// Recognises columns by meaning and unit from their names (and their first rows where a name leaves it
/// open). A channel is matched once: the first column wins; columns of several antennas of one link are all matched,
/// and the best of them counts. Link channels without a link's name go to the
/// control link (signal, quality) or the video link (bitrate, delay).
/// @param corrections channel -> column name or number counted from 1, a unit behind it where its name has
/// none ("TX power [dBm]"); an empty name leaves the channel out
/// @throws InputError for a correction that names no known channel or no column of this log
std::vector<ColumnMatch> matchColumns(const TableHead& layout, const std::vector<campaign::Link>& links,
                                      const std::map<std::string, std::string>& corrections = {});

/// Whether its numbers may be in one unit as well as in another and its name does not say which: a transmit
/// power without a unit.
bool needsUnit(const ColumnMatch& match);

/// Every channel a column can be matched to in a campaign with these links.
std::vector<std::string> knownChannels(const std::vector<campaign::Link>& links);

/// Unit in which a channel's values are kept, e.g. "dBm".
std::string canonicalUnit(const std::string& channel);

}  // namespace distanz::formats
