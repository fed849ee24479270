#include "core/text/text.h"

#include <fmt/format.h>

namespace distanz::text {
namespace {

constexpr std::string_view kReplacement = "\xef\xbf\xbd";

/// Length in bytes of the letter that begins the text; 0 where none does (RFC 3629: no overlong forms, no
/// surrogates, up to U+10FFFF).
std::size_t letterLength(std::string_view text, char32_t& code) {
  const auto at = [&](std::size_t i) { return static_cast<unsigned char>(text[i]); };
  const unsigned char first = at(0);
  if (first < 0x80) {
    code = first;
    return 1;
  }
  const std::size_t length = first >= 0xc2 && first <= 0xdf   ? 2
                             : first >= 0xe0 && first <= 0xef ? 3
                             : first >= 0xf0 && first <= 0xf4 ? 4
                                                              : 0;
  if (length == 0 || text.size() < length) return 0;
  code = first & (0xff >> (length + 1));
  for (std::size_t i = 1; i < length; ++i) {
    if ((at(i) & 0xc0) != 0x80) return 0;
    code = code << 6 | (at(i) & 0x3f);
  }
  const bool overlong = (length == 3 && code < 0x800) || (length == 4 && code < 0x10000);
  return overlong || (code >= 0xd800 && code <= 0xdfff) || code > 0x10ffff ? 0 : length;
}

/// Control characters of either set, and marks of writing direction.
bool actsOnTerminal(char32_t c) {
  return (c < 0x20 && c != '\n' && c != '\t') || (c >= 0x7f && c <= 0x9f) || (c >= 0x200e && c <= 0x200f) ||
         (c >= 0x2028 && c <= 0x202e) || (c >= 0x2066 && c <= 0x2069);
}

/// Walks the letters; `each` gets the bytes and the code of one, or the replacement where bytes are no
/// letter.
template <class Each>
void letters(std::string_view text, Each each) {
  while (!text.empty()) {
    char32_t code = 0;
    const std::size_t length = letterLength(text, code);
    if (length == 0)
      each(kReplacement, char32_t{0xfffd});
    else
      each(text.substr(0, length), code);
    text.remove_prefix(length == 0 ? 1 : length);
  }
}

/// A spreadsheet computes what begins like this.
bool readsAsFormula(std::string_view field) {
  return !field.empty() && std::string_view("=+-@\t\r").find(field.front()) != std::string_view::npos;
}

}  // namespace

std::string validUtf8(std::string_view text) {
  std::string out;
  out.reserve(text.size());
  letters(text, [&](std::string_view bytes, char32_t) { out += bytes; });
  return out;
}

std::string_view utf8Prefix(std::string_view text, std::size_t most) {
  if (text.size() <= most) return text;
  while (most > 0 && (static_cast<unsigned char>(text[most]) & 0xc0) == 0x80) --most;
  return text.substr(0, most);
}

std::string forTerminal(std::string_view text) {
  std::string out;
  out.reserve(text.size());
  letters(text, [&](std::string_view bytes, char32_t code) {
    if (!actsOnTerminal(code)) out += bytes;
  });
  return out;
}

std::string jsonForTerminal(std::string_view json) {
  std::string out;
  out.reserve(json.size());
  letters(json, [&](std::string_view bytes, char32_t code) {
    if (actsOnTerminal(code))
      out += fmt::format("\\u{:04x}", static_cast<unsigned>(code));
    else
      out += bytes;
  });
  return out;
}

std::string_view fromCsvField(std::string_view field) {
  return field.starts_with('\'') && readsAsFormula(field.substr(1)) ? field.substr(1) : field;
}

std::string csvField(std::string_view text) {
  std::string out = validUtf8(text);
  if (readsAsFormula(out)) out.insert(0, 1, '\'');
  if (out.find_first_of("\",;\n\r\t|") == std::string::npos) return out;
  for (std::size_t at = 0; (at = out.find('"', at)) != std::string::npos; at += 2) out.insert(at, 1, '"');
  return '"' + out + '"';
}

}  // namespace distanz::text
