#pragma once
#include <string>
#include <string_view>

namespace distanz::formats {

/// How a person writes down what a display showed.
enum class SpokenKind {
  Exact,    ///< "12.5"
  About,    ///< "~4", "ca. 4"
  Between,  ///< "5-6": the middle
  Bound,    ///< ">30", "under 50": the figure it names
  Nothing,  ///< "no picture", "lost": there was none
  Note      ///< anything else: no reading
};

struct Spoken {
  SpokenKind kind = SpokenKind::Note;
  std::string number;  ///< as it is read on; "0" for Nothing
  std::string unit;    ///< behind it
};

/// @param decimal_comma of the table: "12,5" is one number then; without it too where nothing else fits
Spoken spokenReading(std::string_view text, bool decimal_comma);

}  // namespace distanz::formats
