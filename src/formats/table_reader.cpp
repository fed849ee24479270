#include "formats/table_reader.h"

#include <fmt/format.h>

#include <algorithm>
#include <atomic>
#include <cmath>
#include <mutex>

#include "core/parallel/on_all_cores.h"
#include "formats/csv_layout.h"
#include "formats/field_value.h"
#include "formats/fields.h"

namespace distanz::formats {
namespace {

constexpr std::size_t kChunk = 4 << 20;  // bytes a thread reads before it looks for more work

/// Which slot a column of the file fills; built once, walked for every field.
struct Plan {
  std::vector<int> match_of;  // per column of the file up to the last needed one; -1: not needed
  std::vector<std::size_t> slot;
  std::size_t slots = 0;
};

Plan planFor(const std::vector<ColumnMatch>& matches) {
  Plan plan;
  for (std::size_t m = 0; m < matches.size(); ++m) {
    const auto column = static_cast<std::size_t>(matches[m].column);
    if (plan.match_of.size() <= column) plan.match_of.resize(column + 1, -1);
    plan.match_of[column] = static_cast<int>(m);
    plan.slot.push_back(plan.slots);
    plan.slots += matches[m].kind == FieldKind::LatLon ? 2 : 1;
  }
  return plan;
}

/// Where one chunk's rows go in the table, and what was found there.
struct Part {
  std::string_view bytes;
  std::size_t begin = 0;  ///< first row
  std::size_t lines = 0;  ///< blank ones included: no more rows than this
  std::size_t rows = 0, not_numbers = 0, first_not_number_row = 0;
};

class ChunkReader {
 public:
  ChunkReader(const CsvLayout& layout, const std::vector<ColumnMatch>& matches, const Plan& plan,
              NumberTable& table)
      : m_layout(layout), m_matches(matches), m_plan(plan), m_table(table) {
    for (std::size_t column = 0; column < plan.match_of.size(); ++column) {
      const int m = plan.match_of[column];
      if (m < 0 || matches[static_cast<std::size_t>(m)].kind != FieldKind::Number) {
        m_fast.push_back({nullptr, 1});
        continue;
      }
      m_fast.push_back({table.values[plan.slot[static_cast<std::size_t>(m)]].data(),
                        matches[static_cast<std::size_t>(m)].scale});
    }
  }

  void read(Part& part) const {
    std::string_view rest = part.bytes;
    while (!rest.empty()) {
      const std::string_view line = takeLine(rest);
      if (line.size() > kLongestLine) throw InputError(lineTooLong(line.size()));
      if (isBlankLine(line)) continue;
      row(line, part);
      ++part.rows;
    }
  }

 private:
  void row(std::string_view line, Part& part) const {
    const char mark = m_layout.decimal_comma ? ',' : '.', delimiter = m_layout.delimiter;
    const std::size_t at = part.begin + part.rows;
    for (std::size_t column = 0; column < m_fast.size(); ++column) {
      double plain = 0;
      if (m_fast[column].out && takePlainNumber(line, delimiter, mark, plain)) {
        m_fast[column].out[at] = plain * m_fast[column].scale;
        continue;
      }
      if (m_plan.match_of[column] < 0) {
        takeField(line, m_layout.delimiter);
        continue;
      }
      const auto m = static_cast<std::size_t>(m_plan.match_of[column]);
      value(takeField(line, delimiter), m, part);
    }
  }

  void value(std::string_view field, std::size_t m, Part& part) const {
    const std::size_t slot = m_plan.slot[m], at = part.begin + part.rows;
    if (m_matches[m].kind == FieldKind::LatLon) {
      const LatLonField both = latLonValue(field, m_matches[m]);
      m_table.values[slot][at] = both.lat_deg;
      m_table.values[slot + 1][at] = both.lon_deg;
      return;
    }
    const double v = fieldValue(field, m_matches[m], m_layout.decimal_comma);
    if (!std::isfinite(v) && !field.empty() && part.not_numbers++ == 0) part.first_not_number_row = part.rows;
    m_table.values[slot][at] = v;
  }

  const CsvLayout& m_layout;
  const std::vector<ColumnMatch>& m_matches;
  const Plan& m_plan;
  NumberTable& m_table;
  /// Where a column of plain numbers goes, found once: it is asked for every field of the file.
  struct Fast {
    double* out;
    double scale;
  };
  std::vector<Fast> m_fast;
};

std::vector<Part> partsOf(std::string_view data) {
  std::vector<Part> parts;
  while (!data.empty()) {
    std::size_t end = std::min(kChunk, data.size());
    if (const auto newline = data.find('\n', end - 1); newline != std::string_view::npos)
      end = newline + 1;
    else
      end = data.size();
    parts.push_back({data.substr(0, end)});
    data.remove_prefix(end);
  }
  return parts;
}

/// Lines that hold something: line ends but those right behind another. (Lines of blanks alone count, too.)
std::size_t linesIn(std::string_view bytes) {
  std::size_t lines = bytes.ends_with('\n') ? 0 : 1;
  const char* b = bytes.data();
  for (std::size_t i = 0; i < bytes.size(); ++i) lines += b[i] == '\n' && (i == 0 || b[i - 1] != '\n');
  for (std::size_t i = 2; i < bytes.size(); ++i)
    lines -= b[i] == '\n' && b[i - 1] == '\r' && b[i - 2] == '\n';
  return lines;
}

/// Makes room for every part: one row per line. Rows much shorter than the header would have it ask for room
/// out of all proportion.
void layOut(std::vector<Part>& parts, NumberTable& table, std::size_t slots, std::size_t bytes) {
  parallel::onAllCores(parts.size(), [&](std::size_t i) { parts[i].lines = linesIn(parts[i].bytes); });
  std::size_t rows = 0;
  for (Part& part : parts) {
    part.begin = rows;
    rows += part.lines;
  }
  requireRoom(rows, slots, bytes);
  table.values.resize(slots);
  parallel::onAllCores(slots, [&](std::size_t s) { table.values[s].assign(rows, NAN); });
}

/// Closes the gaps that blank lines left, and adds up what the parts found.
void closeUp(const std::vector<Part>& parts, NumberTable& table) {
  for (const Part& part : parts) {
    if (part.not_numbers > 0 && table.not_numbers == 0)
      table.first_not_number_row = table.rows + part.first_not_number_row;
    table.not_numbers += part.not_numbers;
    if (part.begin != table.rows)
      for (auto& slot : table.values)
        std::copy_n(slot.begin() + static_cast<std::ptrdiff_t>(part.begin), part.rows,
                    slot.begin() + static_cast<std::ptrdiff_t>(table.rows));
    table.rows += part.rows;
  }
  for (auto& slot : table.values) slot.resize(table.rows);
}

class DelimitedText : public LogTable {
 public:
  DelimitedText(std::string_view bytes, CsvLayout layout) : m_bytes(bytes), m_layout(std::move(layout)) {}

  const TableHead& head() const override { return m_layout; }

  NumberTable numbers(const std::vector<ColumnMatch>& matches, const Progress& progress) const override {
    const Plan plan = planFor(matches);
    std::vector<Part> parts = partsOf(m_bytes.substr(m_layout.data_begin));
    NumberTable table;
    layOut(parts, table, plan.slots, m_bytes.size());
    std::atomic<std::size_t> done{0};
    std::atomic<bool> stop{false};
    std::mutex reporting;
    const ChunkReader reader(m_layout, matches, plan, table);
    parallel::onAllCores(parts.size(), [&](std::size_t i) {
      if (stop) return;
      reader.read(parts[i]);
      const double share = static_cast<double>(++done) / static_cast<double>(parts.size());
      const std::lock_guard lock(reporting);
      if (progress && !stop && !progress(share)) stop = true;
    });
    if (stop) throw ReadCancelled();
    closeUp(parts, table);
    return table;
  }

  int lineOfRow(std::size_t row) const override {
    return formats::lineOfRow(m_bytes.substr(m_layout.data_begin), m_layout.header_line, row);
  }

 private:
  std::string_view m_bytes;
  CsvLayout m_layout;
};

}  // namespace

bool isDelimitedText(std::string_view) {
  return true;
}

std::unique_ptr<LogTable> openDelimitedText(std::string_view bytes) {
  return std::make_unique<DelimitedText>(bytes, layoutOf(bytes));
}

std::unique_ptr<LogTable> openDelimitedRows(std::string_view rows, const CsvLayout& layout) {
  CsvLayout without_head = layout;
  without_head.data_begin = 0;
  return std::make_unique<DelimitedText>(rows, std::move(without_head));
}

}  // namespace distanz::formats
