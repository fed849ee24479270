#pragma once
#include <string>

#include "core/log/recording.h"

namespace distanz::formats {

/// A recording as CSV with channel names for columns; NaN becomes a blank field. What is written is read back
/// bit for bit. @param dated times as dates with clocks, to millionths of a second, where the recording tells when it began
std::string writeLogCsv(const log::Recording& recording, bool dated = false);

}  // namespace distanz::formats
