#include "formats/table_reader.h"

#include <fmt/format.h>

#include <algorithm>
#include <atomic>
#include <cmath>
#include <thread>

#include "core/quantity/decibel.h"
#include "formats/fields.h"

namespace distanz::formats {
namespace {

constexpr std::size_t kChunk = 4 << 20;  // bytes a thread reads before it looks for more work

bool isBlank(std::string_view line) {
  return line.find_first_not_of(" \t\r") == std::string_view::npos;
}

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

double convert(std::string_view field, const ColumnMatch& match, bool decimal_comma) {
  switch (match.kind) {
    case FieldKind::Number:
      return parseNumber(field, decimal_comma) * match.scale;
    case FieldKind::LevelAsPower: {
      const double dbm = parseNumber(field, decimal_comma);
      return std::isfinite(dbm) ? quantity::milliwattFromDbm(dbm) : NAN;
    }
    case FieldKind::Clock:
      return parseClock(field);
    case FieldKind::Date:
      return parseDate(field) * 86400;
    case FieldKind::DateTime:
      return parseDateTime(field).seconds;
    case FieldKind::LatLon:
      return NAN;
  }
  return NAN;
}

class ChunkReader {
 public:
  ChunkReader(const CsvLayout& layout, const std::vector<ColumnMatch>& matches, const Plan& plan)
      : m_layout(layout), m_matches(matches), m_plan(plan) {}

  NumberTable read(std::string_view rest) const {
    NumberTable table;
    table.slots.resize(m_plan.slots);
    for (auto& slot : table.slots) slot.reserve(rest.size() / 40);
    while (!rest.empty()) {
      const std::string_view line = takeLine(rest);
      if (line.size() > kLongestLine)
        throw InputError(fmt::format("a line is {} MB long; this is not a table of samples", line.size() >> 20));
      if (isBlank(line)) continue;
      row(line, table);
      ++table.rows;
    }
    return table;
  }

 private:
  void row(std::string_view line, NumberTable& table) const {
    for (std::size_t column = 0; column < m_plan.match_of.size(); ++column) {
      const std::string_view field = takeField(line, m_layout.delimiter);
      const int m = m_plan.match_of[column];
      if (m >= 0) value(field, static_cast<std::size_t>(m), table);
    }
  }

  void value(std::string_view field, std::size_t m, NumberTable& table) const {
    const std::size_t slot = m_plan.slot[m];
    if (m_matches[m].kind == FieldKind::LatLon) {
      const LatLonField both = parseLatLon(field);
      table.slots[slot].push_back(both.lat_deg);
      table.slots[slot + 1].push_back(both.lon_deg);
      return;
    }
    const double v = convert(field, m_matches[m], m_layout.decimal_comma);
    if (!std::isfinite(v) && !field.empty() && table.not_numbers++ == 0) table.first_not_number_row = table.rows;
    table.slots[slot].push_back(v);
  }

  const CsvLayout& m_layout;
  const std::vector<ColumnMatch>& m_matches;
  const Plan& m_plan;
};

std::vector<std::string_view> chunksOf(std::string_view data) {
  std::vector<std::string_view> chunks;
  while (!data.empty()) {
    std::size_t end = std::min(kChunk, data.size());
    if (const auto newline = data.find('\n', end - 1); newline != std::string_view::npos)
      end = newline + 1;
    else
      end = data.size();
    chunks.push_back(data.substr(0, end));
    data.remove_prefix(end);
  }
  return chunks;
}

NumberTable joined(std::vector<NumberTable>& parts, std::size_t slots) {
  if (parts.size() == 1) return std::move(parts.front());
  NumberTable table;
  table.slots.resize(slots);
  for (const NumberTable& p : parts) {
    if (p.not_numbers > 0 && table.not_numbers == 0) table.first_not_number_row = table.rows + p.first_not_number_row;
    table.not_numbers += p.not_numbers;
    table.rows += p.rows;
  }
  for (std::size_t s = 0; s < slots; ++s) {
    table.slots[s].reserve(table.rows);
    for (NumberTable& p : parts) {
      table.slots[s].insert(table.slots[s].end(), p.slots[s].begin(), p.slots[s].end());
      p.slots[s] = {};
    }
  }
  return table;
}

}  // namespace

std::size_t slotOf(const std::vector<ColumnMatch>& matches, std::size_t match) {
  return planFor(matches).slot.at(match);
}

int lineOfRow(std::string_view bytes, const CsvLayout& layout, std::size_t row) {
  std::string_view rest = bytes.substr(layout.data_begin);
  int line = layout.header_line;
  for (std::size_t r = 0; !rest.empty();) {
    ++line;
    if (!isBlank(takeLine(rest)) && r++ == row) break;
  }
  return line;
}

NumberTable readTable(std::string_view bytes, const CsvLayout& layout, const std::vector<ColumnMatch>& matches, const Progress& progress) {
  const Plan plan = planFor(matches);
  const std::vector<std::string_view> chunks = chunksOf(bytes.substr(layout.data_begin));
  std::vector<NumberTable> parts(chunks.size());
  std::vector<std::exception_ptr> failures(chunks.size());
  std::atomic<std::size_t> next{0}, done{0};
  std::atomic<bool> stop{false};
  const ChunkReader reader(layout, matches, plan);
  const auto work = [&](bool reports) {
    for (std::size_t i = next++; i < chunks.size() && !stop; i = next++) {
      try {
        parts[i] = reader.read(chunks[i]);
      } catch (...) {
        failures[i] = std::current_exception();
        stop = true;
      }
      const double share = static_cast<double>(++done) / static_cast<double>(chunks.size());
      if (reports && progress && !progress(share)) stop = true;
    }
  };
  {
    std::vector<std::jthread> helpers;
    const unsigned cores = std::max(std::thread::hardware_concurrency(), 1U);
    for (unsigned i = 1; i < cores && i < chunks.size(); ++i) helpers.emplace_back(work, false);
    work(true);
  }
  for (const auto& failure : failures)
    if (failure) std::rethrow_exception(failure);
  if (stop) throw ReadCancelled();
  if (parts.empty()) return {std::vector<std::vector<double>>(plan.slots), 0, 0, 0};
  return joined(parts, plan.slots);
}

}  // namespace distanz::formats
