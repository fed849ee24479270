#include "formats/json_lines.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <nlohmann/json.hpp>
#include <optional>

#include "formats/csv_layout.h"
#include "formats/field_value.h"
#include "formats/fields.h"
#include "formats/json_fields.h"

namespace distanz::formats {
namespace {

using nlohmann::json;

constexpr std::size_t kHeadRows = 50;       // whose members make the columns
constexpr std::size_t kRowsBetween = 4096;  // of two looks at progress

std::string_view begun(std::string_view bytes) {
  constexpr std::string_view kByteOrderMark = "\xEF\xBB\xBF";
  if (bytes.starts_with(kByteOrderMark)) bytes.remove_prefix(kByteOrderMark.size());
  const auto first = bytes.substr(0, kLongestLine).find_first_not_of(" \t\r\n");
  return first == std::string_view::npos ? std::string_view() : bytes.substr(first);
}

/// "[ {": an array of objects, which may be laid over lines in any way.
bool isArray(std::string_view bytes) {
  const std::string_view text = begun(bytes);
  return text.starts_with('[') && begun(text.substr(1)).starts_with('{');
}

/// Takes the next object of an array off its text, without a look at what is within; empty where there is none.
std::string_view takeObject(std::string_view& rest) {
  rest.remove_prefix(std::min(rest.find('{'), rest.size()));
  std::size_t depth = 0, at = 0;
  for (bool quoted = false; at < rest.size() && at <= kLongestLine; ++at) {
    const char c = rest[at];
    if (quoted && c == '\\') ++at;
    else if (c == '"') quoted = !quoted;
    else if (!quoted && c == '{') ++depth;
    else if (!quoted && c == '}' && --depth == 0) break;
  }
  const std::string_view out = rest.substr(0, at + 1);
  rest.remove_prefix(out.size());
  return out;
}

/// The object on a line; none where it holds something else.
std::optional<json> objectOn(std::string_view line) {
  if (line.size() > kLongestLine) throw InputError(lineTooLong(line.size()));
  try {
    json value = parseJson(line, "");
    return value.is_object() ? std::optional(std::move(value)) : std::nullopt;
  } catch (const InputError&) {
    return std::nullopt;
  }
}

/// A value as the text it would be in a table.
std::string textOf(const json& value) {
  if (value.is_string()) return value.get<std::string>();
  return value.is_number() || value.is_boolean() ? value.dump() : std::string();
}

/// Calls what(name, value) for every member that is no object, whatever is within what.
template <class What>
void eachMember(const json& object, const std::string& prefix, const What& what) {
  for (const auto& [key, value] : object.items()) {
    if (value.is_object())
      eachMember(value, prefix + key + ".", what);
    else
      what(prefix + key, value);
  }
}

class JsonLines : public LogTable {
 public:
  explicit JsonLines(std::string_view bytes) : m_bytes(bytes), m_array(isArray(bytes)) {
    std::string_view rest = bytes;
    for (std::size_t rows = 0; !rest.empty() && rows < kHeadRows;) {
      const std::string_view line = takeRow(rest);
      if (isBlankLine(line)) continue;
      ++rows;
      if (const auto object = objectOn(line)) addHead(*object);
    }
    if (m_head.header.empty()) throw InputError(finding("no-json-lines"));
    for (auto& row : m_head.preview) row.resize(m_head.header.size());
  }

  const TableHead& head() const override { return m_head; }

  NumberTable numbers(const std::vector<ColumnMatch>& matches, const Progress& progress) const override {
    NumberTable table;
    table.values.resize(slotsOf(matches));
    std::string_view rest = m_bytes;
    while (!rest.empty()) {
      const std::string_view line = takeRow(rest);
      if (isBlankLine(line)) continue;
      requireRoom(table.rows + 1, table.values.size(), m_bytes.size());
      addRow(objectOn(line), matches, table);
      const double share = 1 - static_cast<double>(rest.size()) / static_cast<double>(m_bytes.size());
      if (table.rows % kRowsBetween == 0 && progress && !progress(share)) throw ReadCancelled();
    }
    return table;
  }

  int lineOfRow(std::size_t row) const override {
    if (!m_array) return formats::lineOfRow(m_bytes, 0, row);
    std::string_view rest = m_bytes, object = takeObject(rest);
    while (row-- > 0) object = takeObject(rest);
    return 1 + static_cast<int>(std::count(m_bytes.data(), object.data(), '\n'));
  }

 private:
  std::string_view takeRow(std::string_view& rest) const { return m_array ? takeObject(rest) : takeLine(rest); }

  void addHead(const json& object) {
    std::vector<std::string> row(m_head.header.size());
    eachMember(object, "", [&](const std::string& name, const json& value) {
      auto at = static_cast<std::size_t>(std::find(m_head.header.begin(), m_head.header.end(), name) -
                                         m_head.header.begin());
      if (at == m_head.header.size()) {
        if (at >= kMostColumns) return;
        m_head.header.push_back(name);
        row.emplace_back();
      }
      row[at] = textOf(value);
    });
    m_head.preview.push_back(std::move(row));
  }

  /// The member that a column's name leads to; null where a row has none.
  static const json* member(const json& object, std::string_view name) {
    if (const auto found = object.find(std::string(name)); found != object.end() && !found->is_object())
      return &*found;
    for (std::size_t dot = name.find('.'); dot != std::string_view::npos; dot = name.find('.', dot + 1))
      if (const auto found = object.find(std::string(name.substr(0, dot)));
          found != object.end() && found->is_object())
        if (const json* inner = member(*found, name.substr(dot + 1))) return inner;
    return nullptr;
  }

  static void addRow(const std::optional<json>& object, const std::vector<ColumnMatch>& matches,
                     NumberTable& table) {
    bool odd = !object;
    std::size_t slot = 0;
    for (const ColumnMatch& m : matches) {
      const json* value = object ? member(*object, m.header) : nullptr;
      const std::string text = value ? textOf(*value) : std::string();
      if (m.kind == FieldKind::LatLon) {
        const LatLonField both = latLonValue(text, m);
        table.values[slot++].push_back(both.lat_deg);
        table.values[slot++].push_back(both.lon_deg);
        continue;
      }
      const double number = fieldValue(text, m, false);
      odd = odd || (!text.empty() && !std::isfinite(number));
      table.values[slot++].push_back(number);
    }
    if (odd && table.not_numbers++ == 0) table.first_not_number_row = table.rows;
    ++table.rows;
  }

  std::string_view m_bytes;
  bool m_array;
  TableHead m_head;
};

}  // namespace

bool isJsonLines(std::string_view bytes) {
  return begun(bytes).starts_with('{') || isArray(bytes);
}

std::unique_ptr<LogTable> openJsonLines(std::string_view bytes) {
  return std::make_unique<JsonLines>(bytes);
}

}  // namespace distanz::formats
