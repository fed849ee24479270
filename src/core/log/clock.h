#pragma once
#include <optional>
#include <string>
#include <string_view>

namespace distanz::log {

/// Seconds since the beginning of 1970 that "2026-11-24 06:31:02.5" tells, in whatever zone it was written; none where it
/// is no such text.
std::optional<double> secondsOf(std::string_view started);

/// The other way: with thousandths where the second is not whole; empty beyond what a calendar holds.
std::string startedText(double seconds);
/// The same to millionths, for every row of a log.
std::string rowTimeText(double seconds);

}  // namespace distanz::log
