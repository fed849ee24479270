#include "formats/csv_layout.h"

#include <fmt/format.h>

#include <algorithm>
#include <cctype>
#include <cstring>
#include <optional>

#include "core/finding/error.h"
#include "core/quantity/unit.h"
#include "core/text/text.h"

namespace distanz::formats {
namespace {

constexpr std::size_t kPreviewRows = 40;

std::string_view trimmed(std::string_view text) {
  while (!text.empty() && std::isspace(static_cast<unsigned char>(text.front()))) text.remove_prefix(1);
  while (!text.empty() && std::isspace(static_cast<unsigned char>(text.back()))) text.remove_suffix(1);
  return text;
}

bool looksNumeric(std::string_view field) {
  if (field.empty()) return false;
  const bool digit = std::any_of(field.begin(), field.end(), [](unsigned char c) { return std::isdigit(c); });
  return digit && std::none_of(field.begin(), field.end(), [](unsigned char c) {
           return std::isalpha(c) && c != 'e' && c != 'E' && c != 'T' && c != 'Z';
         });
}

char delimiterOf(std::string_view line) {
  char best = ',';
  std::size_t most = 0;
  for (const char candidate : {';', '\t', ',', '|'}) {
    const std::size_t n = splitLine(line, candidate).size();
    if (n > most) {
      most = n;
      best = candidate;
    }
  }
  return best;
}

/// A header names columns: most fields hold letters, and it does not read as a row of numbers.
bool isHeader(const std::vector<std::string>& fields) {
  std::size_t named = 0, numeric = 0;
  for (const std::string& f : fields) {
    numeric += looksNumeric(f);
    named += std::any_of(f.begin(), f.end(), [](unsigned char c) { return std::isalpha(c) || c >= 0x80; });
  }
  return named > 0 && named > numeric;
}

void refuseUnlessText(std::string_view bytes) {
  if (trimmed(bytes.substr(0, 65536)).empty()) throw InputError(finding("log-empty"));
  if (bytes.starts_with("\xff\xfe") || bytes.starts_with("\xfe\xff")) throw InputError(finding("log-utf16"));
  if (std::memchr(bytes.data(), 0, std::min<std::size_t>(bytes.size(), 65536)))
    throw InputError(finding("log-binary"));
}

/// With a delimiter other than the comma, numbers like -70,5 have a decimal comma; so have they in quotes between commas,
/// unless all may be thousands ("1,234").
bool hasDecimalComma(const CsvLayout& layout) {
  constexpr std::size_t kThousands = 4;
  for (const auto& row : layout.preview)
    for (const std::string& field : row) {
      const auto comma = field.find(',');
      if (comma != std::string::npos && field.find(',', comma + 1) == std::string::npos &&
          looksNumeric(field) && field.find('.') == std::string::npos &&
          (layout.delimiter != ',' || field.size() - comma != kThousands))
        return true;
    }
  return false;
}

}  // namespace

std::string_view takeLine(std::string_view& rest) {
  const auto end = rest.find('\n');
  std::string_view line = rest.substr(0, end);
  rest.remove_prefix(end == std::string_view::npos ? rest.size() : end + 1);
  if (line.ends_with('\r')) line.remove_suffix(1);
  return line;
}

std::string_view takeField(std::string_view& rest, char delimiter) {
  std::size_t begin = 0;
  while (begin < rest.size() && rest[begin] == ' ') ++begin;
  if (begin < rest.size() && rest[begin] == '"') {
    std::size_t end = begin + 1;
    while (end < rest.size() && (rest[end] != '"' || (end + 1 < rest.size() && rest[end + 1] == '"')))
      end += rest[end] == '"' ? 2 : 1;
    end = std::min(end, rest.size());
    const std::string_view field = rest.substr(begin + 1, end - begin - 1);
    const auto next = rest.find(delimiter, end);
    rest.remove_prefix(next == std::string_view::npos ? rest.size() : next + 1);
    return trimmed(field);
  }
  const void* found = rest.empty() ? nullptr : std::memchr(rest.data(), delimiter, rest.size());
  const std::size_t end =
      found ? static_cast<std::size_t>(static_cast<const char*>(found) - rest.data()) : rest.size();
  std::string_view field = rest.substr(std::min(begin, end), end - std::min(begin, end));
  rest.remove_prefix(found ? end + 1 : end);
  while (!field.empty() && (field.back() == ' ' || field.back() == '\r')) field.remove_suffix(1);
  return field;
}

namespace {

/// Two quotes in a row stand for one.
void halveQuotes(std::string& field) {
  std::size_t kept = 0;
  for (std::size_t i = 0; i < field.size(); ++i) {
    field[kept++] = field[i];
    if (field[i] == '"' && i + 1 < field.size() && field[i + 1] == '"') ++i;
  }
  field.resize(kept);
}

}  // namespace

std::vector<std::string> splitLine(std::string_view line, char delimiter) {
  std::vector<std::string> fields;
  const bool trailing = !line.empty() && line.back() == delimiter;
  while (!line.empty() && fields.size() < kMostColumns) fields.emplace_back(takeField(line, delimiter));
  if (trailing) fields.emplace_back();
  for (std::string& f : fields) halveQuotes(f);
  return fields;
}

namespace {

std::size_t filled(const std::vector<std::string>& fields) {
  return static_cast<std::size_t>(std::count_if(fields.begin(), fields.end(), [](const std::string& f) { return !f.empty(); }));
}

/// A row of values: at least two, and as many numbers as words.
bool isData(const std::vector<std::string>& fields) {
  const auto numeric = static_cast<std::size_t>(std::count_if(fields.begin(), fields.end(), [](const std::string& f) { return looksNumeric(f); }));
  return filled(fields) >= 2 && 2 * numeric >= filled(fields);
}

std::string withoutBrackets(std::string_view text) {
  const bool bracketed = text.size() > 2 && ((text.front() == '[' && text.back() == ']') || (text.front() == '(' && text.back() == ')'));
  return std::string(bracketed ? text.substr(1, text.size() - 2) : text);
}

/// "s;m;dBm;%" below the names.
bool areUnits(const std::vector<std::string>& fields) {
  std::size_t units = 0;
  for (const std::string& f : fields) {
    if (f.empty() || f == "-") continue;
    if (!quantity::isUnit(withoutBrackets(f))) return false;
    ++units;
  }
  return units > 0;
}

struct HeaderLine {
  std::vector<std::string> fields;
  char delimiter = ',';
  int line = 0;
  std::string_view rest;  ///< what follows
};

/// Recorders and spreadsheets put titles above their tables: the header is the last line of words before the first values,
/// where it names more than the line that was taken for it.
void skipTitles(HeaderLine& header) {
  constexpr int kLooked = 50;
  std::optional<HeaderLine> last;
  char data = 0;  // delimiter of the first values
  std::string_view rest = header.rest;
  for (int line = header.line + 1; !rest.empty() && line <= header.line + kLooked; ++line) {
    const std::string_view text = trimmed(takeLine(rest));
    if (text.size() > kLongestLine) return;
    if (text.empty() || text.front() == '#') continue;
    const char delimiter = delimiterOf(text);
    std::vector<std::string> fields = splitLine(text, delimiter);
    if (isData(fields)) {
      data = delimiter;
      break;
    }
    if (isHeader(fields) && !areUnits(fields)) last = HeaderLine{std::move(fields), delimiter, line, rest};
  }
  if (!last) return;
  const bool apart = data == last->delimiter && data != header.delimiter && filled(last->fields) > 1;  // "Windy, cold" over semicolons
  if (apart || filled(last->fields) > filled(header.fields)) header = std::move(*last);
}

/// Units that stand in a row of their own become those of the names above.
void takeUnits(HeaderLine& header) {
  std::string_view rest = header.rest;
  const std::vector<std::string> fields = splitLine(trimmed(takeLine(rest)), header.delimiter);
  if (!areUnits(fields)) return;
  for (std::size_t i = 0; i < std::min(fields.size(), header.fields.size()); ++i)
    if (!fields[i].empty() && fields[i] != "-" && header.fields[i].find_first_of("[(") == std::string::npos)
      header.fields[i] += " [" + withoutBrackets(fields[i]) + "]";
  header.rest = rest;
  ++header.line;
}

}  // namespace

CsvLayout layoutOf(std::string_view bytes) {
  const std::size_t mark = bytes.starts_with("\xef\xbb\xbf") ? 3 : 0;  // UTF-8 byte order mark
  bytes.remove_prefix(mark);
  refuseUnlessText(bytes);
  CsvLayout layout;
  std::string_view rest = bytes;
  int line_number = 0;
  while (layout.header.empty()) {
    if (rest.empty()) throw InputError(finding("no-header"));
    const std::string_view raw = takeLine(rest);
    ++line_number;
    if (raw.size() > kLongestLine) throw InputError(lineTooLong(raw.size(), line_number));
    const std::string_view line = trimmed(raw);
    if (line.empty() || line.front() == '#') continue;
    const char delimiter = delimiterOf(line);
    auto fields = splitLine(line, delimiter);
    if (isHeader(fields)) {
      HeaderLine header{std::move(fields), delimiter, line_number, rest};
      skipTitles(header);
      takeUnits(header);
      layout.delimiter = header.delimiter;
      for (std::string& name : header.fields) name = text::fromCsvField(name);
      layout.header = std::move(header.fields);
      layout.header_line = line_number = header.line;
      rest = header.rest;
    } else if (line_number > 50 || (looksNumeric(fields.front()) && filled(fields) > 1)) {
      throw InputError(finding("numbers-before-header", {{"line", line_number}}));
    }
  }
  layout.data_begin = mark + bytes.size() - rest.size();
  while (!rest.empty() && layout.preview.size() < kPreviewRows) {
    const std::string_view line = takeLine(rest);
    if (line.size() > kLongestLine) throw InputError(lineTooLong(line.size(), line_number + 1));
    if (trimmed(line).empty()) continue;
    std::vector<std::string> row = splitLine(line, layout.delimiter);
    row.resize(std::min(row.size(), layout.header.size()));  // what stands beyond the header has no name
    layout.preview.push_back(std::move(row));
  }
  if (layout.preview.empty()) throw InputError(finding("no-rows"));
  layout.decimal_comma = hasDecimalComma(layout);
  return layout;
}

bool isBlankLine(std::string_view line) {
  return line.find_first_not_of(" \t\r") == std::string_view::npos;
}

int lineOfRow(std::string_view data, int line_before, std::size_t row) {
  int line = line_before;
  for (std::size_t r = 0; !data.empty();) {
    ++line;
    if (!isBlankLine(takeLine(data)) && r++ == row) break;
  }
  return line;
}

}  // namespace distanz::formats
