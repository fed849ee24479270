#include "formats/bench/readings_table.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <optional>

#include "core/campaign/limits.h"
#include "core/finding/error.h"
#include "core/quantity/unit.h"
#include "core/text/ascii.h"
#include "core/text/text.h"
#include "formats/bench/bench_columns.h"
#include "formats/bench/row_faults.h"
#include "formats/csv_layout.h"
#include "formats/fields.h"
#include "formats/log_table.h"

namespace distanz::formats {
namespace {

using campaign::Reading;
using campaign::RecordField;
using campaign::limits::kMostReadings;
using quantity::Unit;

constexpr std::size_t kLongestLabel = 200;  // bytes
constexpr std::string_view kLabelNames[] = {"label", "setting", "state", "emitter", "on",
                                            "part",  "what",    "phase", "when"};

constexpr std::string_view kOwnScale = "value";

/// "power" of "power_dbm": a key without the unit it ends in.
std::string plainKey(const RecordField& f) {
  return columnName(f.key).words;
}

/// The field a column holds; null where it is none of this kind's.
const RecordField* fieldOf(const ColumnName& name, const std::vector<RecordField>& fields) {
  for (const RecordField& f : fields)
    if (name.text == f.key || name.words == plainKey(f) || name.words == columnName(f.what).words) return &f;
  for (const RecordField& f : fields)
    if (const std::string key = plainKey(f); key.size() > 3 && name.words.find(key) != std::string::npos)
      return &f;
  return nullptr;
}

/// Unit that numbers told in it are in; none where it cannot become the field's.
std::optional<Unit> columnUnit(const std::string& said, const RecordField& f) {
  if (said.empty() || f.unit == Unit::None) return f.unit;
  using enum quantity::Dimension;
  for (const auto dimension : {quantity::infoOf(f.unit).dimension, Power, Level})
    if (const auto unit = quantity::unitSpelt(said, dimension);
        unit && std::isfinite(quantity::convert(1, *unit, f.unit)))
      return *unit;
  const bool decibels = f.unit == Unit::Dbm || f.unit == Unit::Dbi;
  if (decibels && quantity::unitSpelt(said, Ratio)) return f.unit;
  for (const auto other : {Length, Power, Level, Gain, Ratio, Frequency, Time, Voltage, Percent, Angle})
    if (quantity::unitSpelt(said, other)) return std::nullopt;
  return f.unit;  // what stands in brackets is no unit
}

struct Slot {
  int column;
  const RecordField* field;
  Unit unit;
};

class Readings {
 public:
  Readings(std::string_view bytes, campaign::RecordKind kind)
      : m_bytes(bytes),
        m_layout(layoutOf(bytes)),
        m_labels(campaign::readingLabels(kind)),
        m_fields(campaign::recordFields(kind, true)) {
    for (std::size_t i = 0; i < m_layout.header.size(); ++i) {
      const ColumnName name = columnName(m_layout.header[i]);
      const RecordField* field = fieldOf(name, m_fields);
      if (field && !columnUnit(name.unit, *field)) field = ownScale(name, *field);
      const bool taken =
          std::any_of(m_slots.begin(), m_slots.end(), [&](const Slot& s) { return s.field == field; });
      if (field && !taken)
        m_slots.push_back({static_cast<int>(i), field, *columnUnit(name.unit, *field)});
      else if (m_label < 0 &&
               std::find(std::begin(kLabelNames), std::end(kLabelNames), name.words) != std::end(kLabelNames))
        m_label = static_cast<int>(i);
    }
    for (const RecordField& f : m_fields)
      if (f.required && !(f.unit == Unit::Dbm && hasOwnScale()) &&
          std::none_of(m_slots.begin(), m_slots.end(), [&](const Slot& s) { return s.field == &f; }))
        throw InputError(finding("readings-column", {{"column", f.key}}));
    if (m_slots.empty())
      throw InputError(
          finding("readings-column", {{"column", m_fields.empty() ? "" : m_fields.front().key}}));
  }

  ReadingsRead read() {
    std::string_view rest = m_bytes.substr(m_layout.data_begin);
    int line_number = m_layout.header_line;
    ReadingsRead out;
    RowFaults faults;
    while (!rest.empty()) {
      const std::string_view line = takeLine(rest);
      ++line_number;
      if (line.size() > kLongestLine) throw InputError(lineTooLong(line.size(), line_number));
      if (isBlankLine(line) || line.starts_with('#')) continue;
      if (auto reading = readingOf(splitLine(line, m_layout.delimiter), line_number, faults)) {
        if (out.readings.size() == kMostReadings)
          throw InputError(at(finding("readings-many", {{"most", kMostReadings}}), line_number));
        out.readings.push_back(std::move(*reading));
      }
    }
    if (out.readings.empty()) throw InputError(faults.any() ? faults.first() : finding("no-rows"));
    out.problems = faults.told();
    return out;
  }

 private:
  bool hasOwnScale() const {
    return std::any_of(m_slots.begin(), m_slots.end(), [](const Slot& s) { return s.field->key == kOwnScale; });
  }
  /// Where a level is told in volts: the field for readings on a receiver's own scale. @throws InputError without one
  const RecordField* ownScale(const ColumnName& name, const RecordField& level) const {
    for (const RecordField& f : m_fields)
      if (f.key == kOwnScale && level.unit == Unit::Dbm) return &f;
    throw InputError(finding("readings-unit", {{"column", name.text}, {"unit", name.unit}}));
  }
  /// In the field's unit; a unit in the cell itself ("0.3 MHz") goes before the column's. NaN: not understood
  double valueOf(const std::string& cell, const Slot& slot) const {
    const double raw = parseNumber(cell, m_layout.decimal_comma);
    const std::string_view said = formats::unitOf(cell);
    const auto unit = said.empty() ? slot.unit : columnUnit(std::string(said), *slot.field);
    return std::isfinite(raw) && unit ? quantity::convert(raw, *unit, slot.field->unit) : NAN;
  }
  std::optional<Reading> readingOf(const std::vector<std::string>& fields, int line,
                                   RowFaults& faults) const {
    Reading out;
    if (m_label >= 0 && static_cast<std::size_t>(m_label) < fields.size()) {
      const auto label = labelOf(fields[static_cast<std::size_t>(m_label)]);
      if (!label) {
        faults.add(finding("readings-label", {{"labels", fmt::format("{}", fmt::join(m_labels, ", "))}}),
                   line);
        return std::nullopt;
      }
      out.label = *label;
    }
    for (const Slot& slot : m_slots) {
      const auto at = static_cast<std::size_t>(slot.column);
      const double value = at < fields.size() ? valueOf(fields[at], slot) : NAN;
      if (!std::isfinite(value)) {
        if (!slot.field->required) continue;
        faults.add(finding("readings-number", {{"column", m_layout.header[at]}}), line);
        return std::nullopt;
      }
      if (value < slot.field->low || value > slot.field->high) {
        faults.add(finding("readings-out-of-bounds", {{"column", m_layout.header[at]},
                                                      {"value", value, slot.field->unit},
                                                      {"low", slot.field->low, slot.field->unit},
                                                      {"high", slot.field->high, slot.field->unit}}),
                   line);
        return std::nullopt;
      }
      out.values[slot.field->key] = value;
    }
    if (out.values.empty()) return std::nullopt;
    return out;
  }

  /// One of those that such readings carry, whatever its case; none where it is no such one.
  std::optional<std::string> labelOf(const std::string& field) const {
    const std::string said = text::validUtf8(text::fromCsvField(field));
    const std::string lower = text::lower(said);
    if (m_labels.empty() || lower.empty())
      return lower == "off" ? lower : std::string(text::utf8Prefix(said, kLongestLabel));
    const bool known = std::find(m_labels.begin(), m_labels.end(), lower) != m_labels.end();
    return known ? std::optional(lower) : std::nullopt;
  }

  std::string_view m_bytes;
  CsvLayout m_layout;
  std::vector<std::string> m_labels;
  std::vector<RecordField> m_fields;
  std::vector<Slot> m_slots;
  int m_label = -1;
};

}  // namespace

ReadingsRead readReadings(std::string_view bytes, campaign::RecordKind kind) {
  return Readings(bytes, kind).read();
}

std::string writeReadings(const campaign::Record& record) {
  const auto fields = campaign::recordFields(record.kind, true);
  std::string out = "label";
  for (const RecordField& f : fields) out += std::string(",") + f.key;
  out += '\n';
  for (const Reading& r : record.readings) {
    out += text::csvField(r.label);
    for (const RecordField& f : fields) {
      out += ',';
      if (const auto v = r.value(f.key)) out += fmt::format("{}", *v);
    }
    out += '\n';
  }
  return out;
}

}  // namespace distanz::formats
