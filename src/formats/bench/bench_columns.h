#pragma once
#include <string>

namespace distanz::formats {

/// What a column of a bench file is called, taken apart: "S11 (dB)", "s11_db" and "S11[dB]" are all "s11" in
/// dB.
struct ColumnName {
  std::string text;   ///< as the file has it
  std::string words;  ///< lower case, single spaces, without the unit
  std::string unit;   ///< in brackets, or the last word where that is a unit; empty: none
};
ColumnName columnName(const std::string& header);

/// MHz in one unit of a frequency column. Without a unit the numbers decide: a sweep below 1 MHz or above 1
/// THz is none of an antenna here.
/// @param greatest of its numbers @throws InputError where that does not tell
double megahertzIn(const ColumnName& name, double greatest);

}  // namespace distanz::formats
