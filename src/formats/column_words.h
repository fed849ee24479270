#pragma once
#include <string>
#include <string_view>
#include <vector>

namespace distanz::formats {

/// A column name taken apart: lower-case words, and the unit it carries.
struct ColumnWords {
  std::vector<std::string> words;
  std::string unit;  ///< as it is written, empty where the name has none
  bool has(std::string_view word) const;
  bool hasAny(std::initializer_list<std::string_view> any) const;
};

/// "RSSI [dBm]" -> {rssi}, "dBm"; "batteryVoltage(V)" -> {battery, voltage}, "V"; "Alt(ft)" -> {alt}, "ft".
ColumnWords wordsOf(std::string_view header);

}  // namespace distanz::formats
