#include "formats/column_words.h"

#include <algorithm>
#include <cctype>

#include "core/quantity/unit.h"

namespace distanz::formats {
namespace {

std::string lower(std::string_view text) {
  std::string out(text);
  std::transform(out.begin(), out.end(), out.begin(),
                 [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
  return out;
}

/// Takes "[dBm]" or "(ft)" out of the name.
std::string takeBracketed(std::string& name) {
  const auto open = name.find_first_of("[(");
  if (open == std::string::npos) return {};
  const auto close = name.find_first_of("])", open);
  if (close == std::string::npos) return {};
  std::string unit = name.substr(open + 1, close - open - 1);
  unit.erase(std::remove(unit.begin(), unit.end(), ' '), unit.end());
  name.replace(open, close - open + 1, " ");
  return unit;
}

bool isWordByte(unsigned char c) {
  return std::isalnum(c) || c == '%' || c == '/' || c >= 0x80;
}

/// One run of letters and digits: a unit as it is ("dBm", "mAh"), anything else cut at its humps
/// ("batteryVoltage").
/// @param last the last word as it was written: a capital B makes bytes of bits
void addWords(const std::string& token, std::vector<std::string>& words, std::string& last) {
  if (token.empty()) return;
  std::size_t begin = 0;
  for (std::size_t i = 1; i + 1 < token.size() && !quantity::isUnit(token); ++i) {
    const auto before = static_cast<unsigned char>(token[i - 1]), c = static_cast<unsigned char>(token[i]);
    if (!std::isupper(c) || !std::islower(before) || !std::islower(static_cast<unsigned char>(token[i + 1])))
      continue;
    words.push_back(lower(token.substr(begin, i - begin)));
    begin = i;
  }
  last = token.substr(begin);
  words.push_back(lower(last));
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
  std::string token, last;
  for (std::size_t i = 0; i <= name.size(); ++i) {
    if (i < name.size() && isWordByte(static_cast<unsigned char>(name[i]))) {
      token += name[i];
      continue;
    }
    addWords(token, out.words, last);
    token.clear();
  }
  // What has a stroke in it is a unit, known or not: "speed furlong/s" is no speed in m/s.
  if (out.unit.empty() && out.words.size() > 1 &&
      (quantity::isUnit(last) || last.find('/') != std::string::npos)) {
    out.unit = last;
    out.words.pop_back();
  }
  return out;
}

}  // namespace distanz::formats
