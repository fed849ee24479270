#pragma once
#include <string>
#include <string_view>

/// Text from outside, made fit for where it goes.
namespace distanz::text {

/// The text with every byte that is not UTF-8 replaced by U+FFFD. @return the text itself where it is UTF-8
/// throughout
std::string validUtf8(std::string_view text);

/// At most `most` bytes from the front, never cut inside a letter. @param text UTF-8
std::string_view utf8Prefix(std::string_view text, std::size_t most);

/// For a terminal: UTF-8 without control characters, which could move the cursor or rewrite what stands
/// there, and without marks that turn the direction of writing. Line ends and tabs stay.
std::string forTerminal(std::string_view text);

/// Escapes in JSON text what forTerminal() would drop: the same JSON, harmless to print.
std::string jsonForTerminal(std::string_view json);

/// One field of a CSV file: quoted where needed; a text that a spreadsheet would take for a formula gets an
/// apostrophe before it.
std::string csvField(std::string_view text);

/// A field's text without the apostrophe that csvField() put before it.
std::string_view fromCsvField(std::string_view field);

}  // namespace distanz::text
