#include "formats/record_table.h"

#include <fmt/format.h>

#include <algorithm>
#include <unordered_map>

#include "core/log/channel.h"
#include "core/log/clock.h"
#include "core/quantity/decibel.h"
#include "core/quantity/unit.h"
#include "formats/field_value.h"
#include "formats/fields.h"

namespace distanz::formats {
namespace {

constexpr std::size_t kLookedAt = 4000, kShown = 50, kMostShown = 200, kRecordsBetween = 1 << 14;

std::string headerOf(const NamedValue& v) {
  return v.unit.empty() ? std::string(v.name) : fmt::format("{} [{}]", v.name, v.unit);
}

std::string shown(const NamedValue& v) {
  if (v.is_time) return log::startedText(v.number);
  return std::isfinite(v.number) ? fmt::format("{}", v.number) : std::string(v.text);
}

int lineAt(std::string_view bytes, std::size_t offset) {
  const auto end = bytes.begin() + std::ptrdiff_t(std::min(offset, bytes.size()));
  return 1 + int(std::count(bytes.begin(), end, '\n'));
}

/// A name that a row told, where it goes, and the unit it is wanted in.
struct Wanted {
  const ColumnMatch* match;
  std::size_t slot;
  std::string unit;
};

/// Of a value in one unit what it is in another of the same kind; 1 where they are the same or not known.
double ratio(const std::string& channel, std::string_view from, std::string_view to) {
  const log::ChannelInfo* about = log::channelInfo(channel);
  if (!about || from == to || from.empty() || to.empty()) return 1;
  const quantity::Dimension of = quantity::infoOf(about->unit).dimension;
  const auto one = quantity::unitSpelt(from, of), other = quantity::unitSpelt(to, of);
  return one && other ? quantity::infoOf(*one).factor / quantity::infoOf(*other).factor : 1;
}

class RecordTable : public LogTable {
 public:
  RecordTable(std::string_view bytes, EachRecord each) : m_bytes(bytes), m_each(each) {
    std::size_t rows = 0;
    RecordFaults faults;
    m_each(m_bytes,
           [&](const LogRecord& r) {
             if (rows == 0) m_head.header_line = lineAt(m_bytes, r.offset);
             lookAt(r, rows);
             return ++rows < kLookedAt;
           },
           faults);
    if (rows == 0) throw InputError(finding("log-without-rows"));
  }

  const TableHead& head() const override { return m_head; }

  NumberTable numbers(const std::vector<ColumnMatch>& matches, const Progress& progress) const override {
    NumberTable table;
    table.values.resize(slotsOf(matches));
    const std::map<std::string, Wanted, std::less<>> wanted = wantedOf(matches);
    std::vector<std::pair<std::string_view, const Wanted*>> guess;  // rows name the same values in the same order
    RecordFaults faults;
    m_each(m_bytes,
           [&](const LogRecord& r) {
             if (table.rows % kRecordsBetween == 0) {
               requireRoom(table.rows + kRecordsBetween, table.values.size(), m_bytes.size());
               if (progress && !progress(double(r.offset) / double(m_bytes.size()))) throw ReadCancelled();
             }
             addRow(r, wanted, guess, table);
             return true;
           },
           faults);
    for (const auto& [code, fault] : faults.faults)
      table.problems.push_back(at(finding(std::string(code), {{"count", fault.count}}), lineAt(m_bytes, fault.offset)));
    return table;
  }

  int lineOfRow(std::size_t row) const override {
    std::size_t offset = 0, rows = 0;
    RecordFaults faults;
    m_each(m_bytes,
           [&](const LogRecord& r) {
             offset = r.offset;
             return rows++ < row;
           },
           faults);
    return lineAt(m_bytes, offset);
  }

 private:
  void lookAt(const LogRecord& r, std::size_t row) {
    std::vector<std::string> texts(m_head.header.size());
    bool fresh = false;
    for (const NamedValue& v : r.values) {
      const auto [known, is_new] = m_columns.try_emplace(std::string(v.name), m_names.size());
      const std::size_t at = known->second;
      if (is_new) {
        if (m_names.size() == kMostColumns) {
          m_columns.erase(known);
          continue;
        }
        fresh = true;
        m_names.emplace_back(v.name);
        m_units.emplace_back(v.unit);
        m_head.header.push_back(headerOf(v));
        texts.emplace_back();
      }
      texts[at] = shown(v);
    }
    if (row < kShown || (fresh && m_head.preview.size() < kMostShown)) m_head.preview.push_back(std::move(texts));
  }

  std::map<std::string, Wanted, std::less<>> wantedOf(const std::vector<ColumnMatch>& matches) const {
    std::map<std::string, Wanted, std::less<>> out;
    for (std::size_t m = 0; m < matches.size(); ++m) {
      const auto column = std::size_t(matches[m].column);
      if (column < m_names.size()) out[m_names[column]] = {&matches[m], slotOf(matches, m), m_units[column]};
    }
    return out;
  }

  static double valueOf(const NamedValue& v, const Wanted& w) {
    double out = NAN;
    if (std::isfinite(v.number)) {
      const bool level = w.match->kind == FieldKind::LevelAsPower;
      out = level ? quantity::milliwattFromDbm(v.number) : v.number * (v.is_time ? 1 : w.match->scale);
    } else {
      const bool comma = v.text.find(',') != std::string_view::npos && v.text.find('.') == std::string_view::npos;
      out = fieldValue(v.text, *w.match, comma);
    }
    return v.unit == w.unit ? out : out * ratio(w.match->channel, v.unit, w.unit);
  }

  static void addRow(const LogRecord& r, const std::map<std::string, Wanted, std::less<>>& wanted,
                     std::vector<std::pair<std::string_view, const Wanted*>>& guess, NumberTable& table) {
    for (auto& column : table.values) column.push_back(NAN);
    bool odd = false;
    guess.resize(std::max(guess.size(), r.values.size()));
    for (std::size_t i = 0; i < r.values.size(); ++i) {
      const NamedValue& v = r.values[i];
      if (!guess[i].second || guess[i].first != v.name) {
        const auto found = wanted.find(v.name);
        if (found == wanted.end()) continue;
        guess[i] = {found->first, &found->second};
      }
      const Wanted& w = *guess[i].second;
      if (w.match->kind == FieldKind::LatLon) {
        const LatLonField both = latLonValue(v.text, *w.match);
        table.values[w.slot].back() = both.lat_deg;
        table.values[w.slot + 1].back() = both.lon_deg;
        continue;
      }
      double& value = table.values[w.slot].back();
      if (std::isfinite(value)) continue;  // the first of that name counts
      value = valueOf(v, w);
      odd = odd || (!v.text.empty() && !std::isfinite(value));
    }
    if (odd && table.not_numbers++ == 0) table.first_not_number_row = table.rows;
    ++table.rows;
  }

  std::string_view m_bytes;
  EachRecord m_each;
  TableHead m_head;
  std::vector<std::string> m_names, m_units;
  std::unordered_map<std::string, std::size_t> m_columns;  ///< of each name
};

}  // namespace

void RecordFaults::add(std::string_view code, std::size_t offset) {
  Fault& fault = faults[code];
  if (fault.count++ == 0) fault.offset = offset;
}

std::unique_ptr<LogTable> openRecords(std::string_view bytes, EachRecord each) {
  return std::make_unique<RecordTable>(bytes, each);
}

}  // namespace distanz::formats
