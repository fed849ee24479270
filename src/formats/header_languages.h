#pragma once
#include <string>
#include <string_view>

namespace distanz::formats {

/// A word of a column's name in English, where it is one of German, French, Spanish, Italian, Portuguese, Dutch or
/// Polish that logs are headed with: "entfernung" -> "distance", "sendeleistung" -> "tx power". What German and Dutch
/// write as one word is told by its parts: "windgeschwindigkeit" -> "wind speed". Any other word as it is.
/// @param word in lower case and without accents
std::string inEnglish(std::string_view word);

/// True for a word of those languages that English has not.
bool isOtherThanEnglish(std::string_view word);

}  // namespace distanz::formats
