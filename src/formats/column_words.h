#pragma once
#include <string>
#include <string_view>
#include <vector>

namespace distanz::formats {

/// A column name taken apart: lower-case English words, and the unit it carries.
struct ColumnWords {
  std::vector<std::string> words;
  int antenna = 0;  ///< "1RSS", "RSSI ant 2": which one of several, from 1; 0: not said
  std::string unit;  ///< as it is written, empty where the name has none
  bool foreign = false;  ///< some word is of another language than English
  bool has(std::string_view word) const;
  bool hasAny(std::initializer_list<std::string_view> any) const;
};

/// "RSSI [dBm]" -> {rssi}, "dBm"; "batteryVoltage(V)" -> {battery, voltage}, "V"; "Alt(ft)" -> {alt}, "ft". Words that
/// are glued or cut short are told in full, those of other languages in English (see inEnglish()): "1RSS(dB)" ->
/// {rssi}, "dB", antenna 1; "TQly" -> {down, quality}; "Höhe" -> {altitude}.
ColumnWords wordsOf(std::string_view header);

}  // namespace distanz::formats
