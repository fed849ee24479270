#include "formats/leading_time.h"

#include <algorithm>
#include <cmath>

#include "formats/fields.h"

namespace distanz::formats {
namespace {

constexpr std::size_t kLongest = 40;

std::string_view withoutBlanks(std::string_view text, std::string_view behind = " ") {
  const auto begin = text.find_first_not_of(" \t");
  if (begin == std::string_view::npos) return {};
  text.remove_prefix(begin);
  const auto end = text.find_last_not_of(behind);
  return end == std::string_view::npos ? std::string_view() : text.substr(0, end + 1);
}

/// @param marked something beside the number says that it is a time
std::optional<LeadingTime> timeIn(std::string_view text, bool marked) {
  const bool since = text.starts_with("T+") || text.starts_with("t+");
  if (since) text.remove_prefix(2);
  if (text.size() > kLongest || text.empty() || text.front() < '0' || text.front() > '9') return std::nullopt;
  if (std::isfinite(parseDateTime(text).seconds)) return LeadingTime{"datetime", text, {}};
  const auto colons = std::count(text.begin(), text.end(), ':');
  const bool plain = text.find_first_not_of("0123456789:.,") == std::string_view::npos;
  if (colons == 1 ? plain && std::isfinite(parseElapsed(text)) : colons > 1 && std::isfinite(parseClock(text))) return LeadingTime{"time", text, {}};
  const auto end = std::min(text.find_first_not_of("0123456789."), text.size());
  const std::string_view number = text.substr(0, end), unit = withoutBlanks(text.substr(end));
  if (colons > 0 || !std::isfinite(parseNumber(number, false))) return std::nullopt;
  const bool counted = unit == "s" || unit == "ms" || unit == "sec" || unit == "us";
  const bool bare = unit.empty() && (since || (marked && number.find('.') != std::string_view::npos));
  if (!counted && !bare) return std::nullopt;
  return LeadingTime{"time", number, unit};
}

}  // namespace

std::optional<LeadingTime> leadingTime(std::string_view line) {
  const auto begin = line.find_first_not_of(" \t");
  if (begin == std::string_view::npos) return std::nullopt;
  const auto withEnd = [&](std::optional<LeadingTime> found, std::size_t end) {
    if (found) found->end = std::min(line.find_first_not_of(" \t:,;|", end), line.size());
    return found;
  };
  if (line[begin] == '[' || line[begin] == '(') {
    const auto close = line.find(line[begin] == '[' ? ']' : ')', begin);
    if (close == std::string_view::npos || close - begin > kLongest) return std::nullopt;
    return withEnd(timeIn(withoutBlanks(line.substr(begin + 1, close - begin - 1)), true), close + 1);
  }
  const auto first = std::min(line.find_first_of(" \t", begin), line.size());
  const auto second = std::min(line.find_first_of(" \t", std::min(line.find_first_not_of(" \t", first), line.size())), line.size());
  for (const std::size_t end : {second, first}) {
    const std::string_view whole = line.substr(begin, end - begin), bare = withoutBlanks(whole, " :,;|-");
    if (const auto found = timeIn(bare, bare.size() < whole.size() && whole[bare.size()] == ':')) return withEnd(found, end);
  }
  return std::nullopt;
}

}  // namespace distanz::formats
