#pragma once
#include <optional>
#include <string>
#include <string_view>

/// Letters and numbers as files have them, whatever the system's language makes of "I" and of commas.
namespace distanz::text {

constexpr char lower(char c) { return c >= 'A' && c <= 'Z' ? static_cast<char>(c - 'A' + 'a') : c; }
constexpr char upper(char c) { return c >= 'a' && c <= 'z' ? static_cast<char>(c - 'a' + 'A') : c; }
/// Only the 26 letters; the rest stays.
std::string lower(std::string_view text);
std::string upper(std::string_view text);

/// A number with a dot at the front of a text, as far as it goes; none where it begins with none.
std::optional<double> leadingNumber(std::string_view text);
/// The same where it is all of the text.
std::optional<double> wholeNumber(std::string_view text);

}  // namespace distanz::text
