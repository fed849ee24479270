#include "formats/column_words.h"

#include <algorithm>
#include <cctype>

namespace distanz::formats {
namespace {

constexpr std::string_view kUnits[] = {
    "dbm",  "db",   "%",    "pct",    "percent", "m",     "meter", "meters", "metres", "ft", "feet", "km",   "mi",  "deg", "\u00b0",
    "m/s",  "mps",  "km/h", "kmh",    "kph",     "mph",   "kn",    "kt",     "knots",  "ms", "us",   "msec", "s",   "sec", "seconds",
    "kbps", "mbps", "bps",  "kbit/s", "mbit/s",  "bit/s", "mw",    "w",      "v",      "mv", "a",    "ma",   "mah", "hz",  "utc"};

bool isUnit(std::string_view text) {
  return std::find(std::begin(kUnits), std::end(kUnits), text) != std::end(kUnits);
}

std::string lower(std::string_view text) {
  std::string out(text);
  std::transform(out.begin(), out.end(), out.begin(), [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
  return out;
}

/// Takes "[dBm]" or "(ft)" out of the name.
std::string takeBracketed(std::string& name) {
  const auto open = name.find_first_of("[(");
  if (open == std::string::npos) return {};
  const auto close = name.find_first_of("])", open);
  if (close == std::string::npos) return {};
  std::string unit = lower(std::string_view(name).substr(open + 1, close - open - 1));
  unit.erase(std::remove(unit.begin(), unit.end(), ' '), unit.end());
  name.replace(open, close - open + 1, " ");
  return unit;
}

bool isWordByte(unsigned char c) {
  return std::isalnum(c) || c == '%' || c == '/' || c >= 0x80;
}

}  // namespace

bool ColumnWords::has(std::string_view word) const {
  return std::find(words.begin(), words.end(), word) != words.end();
}

bool ColumnWords::hasAny(std::initializer_list<std::string_view> any) const {
  return std::any_of(any.begin(), any.end(), [&](std::string_view w) { return has(w); });
}

ColumnWords wordsOf(std::string_view header) {
  std::string name(header);
  ColumnWords out;
  out.unit = takeBracketed(name);
  std::string word;
  const auto flush = [&] {
    if (!word.empty()) out.words.push_back(lower(word));
    word.clear();
  };
  for (std::size_t i = 0; i < name.size(); ++i) {
    const auto c = static_cast<unsigned char>(name[i]);
    if (!isWordByte(c)) {
      flush();
      continue;
    }
    const bool hump = std::isupper(c) && i > 0 && std::islower(static_cast<unsigned char>(name[i - 1]));
    const bool camel = hump && i + 1 < name.size() && std::islower(static_cast<unsigned char>(name[i + 1]));
    if (camel) flush();
    word += static_cast<char>(c);
  }
  flush();
  if (out.unit.empty() && out.words.size() > 1 && isUnit(out.words.back())) {
    out.unit = out.words.back();
    out.words.pop_back();
  }
  return out;
}

}  // namespace distanz::formats
