#pragma once
#include "formats/column_match.h"
#include "formats/log_table.h"

namespace distanz::formats {

/// Settles how a column of times or dates is written, which its header, its first rows and the header's language tell:
/// kind, unit, scale, and for a date with a clock the channel.
/// @param match of channel "time_s" or "date"; its unit is what the header has in brackets
/// @return false where it is none: a unit that time cannot have, or text that is no date
bool settleTime(const TableHead& head, ColumnMatch& match);

}  // namespace distanz::formats
