#pragma once
#include <string>

#include "core/log/recording.h"

namespace distanz::formats {

/// A recording as CSV with channel names for columns; NaN becomes a blank field. What is written is read back
/// bit for bit.
std::string writeLogCsv(const log::Recording& recording);

}  // namespace distanz::formats
