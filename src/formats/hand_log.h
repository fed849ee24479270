#pragma once
#include <memory>
#include <string_view>

#include "formats/log_table.h"

namespace distanz::formats {

/// A table of what a pilot read off or called out: a reading per line at a post, distance or time, and events (break-up,
/// lost, regained, failsafe, turned). Events become the quality of their link: 100 % until it is lost, 0 % until it is
/// regained, a second of 0 % at a break-up. Times are minutes and seconds ("3:27"); where there are none the rows are laid
/// kHandSpeed_mps apart, in their order.
bool isHandLog(std::string_view bytes);
std::unique_ptr<LogTable> openHandLog(std::string_view bytes);

constexpr double kHandSpeed_mps = 10;

}  // namespace distanz::formats
