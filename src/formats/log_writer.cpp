#include "formats/log_writer.h"

#include <fmt/format.h>

#include <cmath>
#include <iterator>
#include <optional>

#include "core/log/clock.h"
#include "core/text/text.h"

namespace distanz::formats {

std::string writeLogCsv(const log::Recording& r, bool dated) {
  fmt::memory_buffer out;
  const auto to = std::back_inserter(out);
  const std::optional<double> start_s = dated ? log::secondsOf(r.started) : std::nullopt;
  fmt::format_to(to, "{}", start_s ? "time" : "time_s");
  for (const log::Column& c : r.columns) fmt::format_to(to, ",{}", text::csvField(c.channel));
  out.push_back('\n');
  for (std::size_t i = 0; i < r.rows(); ++i) {
    if (start_s)
      fmt::format_to(to, "{}", log::rowTimeText(*start_s + r.time_s[i]));
    else
      fmt::format_to(to, "{}", r.time_s[i]);
    for (const log::Column& c : r.columns) {
      out.push_back(',');
      if (std::isfinite(c.values[i])) fmt::format_to(to, "{}", c.values[i]);
    }
    out.push_back('\n');
  }
  return fmt::to_string(out);
}

}  // namespace distanz::formats
