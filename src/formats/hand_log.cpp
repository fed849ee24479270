#include "formats/hand_log.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <deque>
#include <optional>
#include <string>

#include "core/campaign/link.h"
#include "core/log/quantile.h"
#include "core/quantity/parse.h"
#include "core/text/ascii.h"
#include "formats/column_match.h"
#include "formats/column_words.h"
#include "formats/csv_layout.h"
#include "formats/fields.h"
#include "formats/record_table.h"
#include "formats/spoken.h"

namespace distanz::formats {
namespace {

constexpr std::size_t kMostBytes = 1 << 20, kMostRows = 2000;
constexpr double kLeastStep_s = 3, kLeastStep_m = 15;  // denser than this no hand writes
constexpr double kGap_s = 1;                           // between the rows that carry a state on
constexpr double kMostFilled_s = 600;
constexpr double kFastest_mps = 60;      // by minutes and seconds; what would be faster was noted by hours and minutes
constexpr double kFirstReading_s = 600;  // a recording is not watched so long before the first

enum class Event { None, BreakUp, Lost, Regained, Turned, Other };

struct EventWord {
  const char* word;
  Event event;
  bool picture;
};
/// Parts of what is written, lower case; the first that is found counts.
constexpr EventWord kEvents[] = {
    {"break", Event::BreakUp, true},       {"glitch", Event::BreakUp, true},     {"aussetzer", Event::BreakUp, true},
    {"bildst", Event::BreakUp, true},      {"regain", Event::Regained, false},   {"back", Event::Regained, false},
    {"wieder", Event::Regained, false},    {"lost", Event::Lost, false},         {"loss", Event::Lost, false},
    {"dropout", Event::Lost, false},       {"freez", Event::Lost, true},         {"frozen", Event::Lost, true},
    {"verlor", Event::Lost, false},        {"weg", Event::Lost, false},          {"failsafe", Event::Lost, false},
    {"turn", Event::Turned, false},        {"gewendet", Event::Turned, false},   {"umkehr", Event::Turned, false},
    {"mode", Event::Other, false},         {"start", Event::Other, false},       {"land", Event::Other, false},
    {"take-off", Event::Other, false},     {"modus", Event::Other, false}};

using text::lower;

const EventWord* eventOf(std::string_view text) {
  const std::string low = lower(text);
  const auto at = std::find_if(std::begin(kEvents), std::end(kEvents), [&](const EventWord& e) { return low.find(e.word) != std::string::npos; });
  return at == std::end(kEvents) ? nullptr : at;
}

/// Which column is what.
struct Columns {
  int time = -1, distance = -1, post = -1, event = -1;
  std::vector<ColumnWords> words;
};

Columns columnsOf(const TableHead& head) {
  Columns out;
  campaign::Link any;
  any.id = "control";
  for (const ColumnMatch& m : matchColumns(head, {any})) {
    if (m.channel == "time_s") out.time = m.column;
    if (m.channel == "distance_m") out.distance = m.column;
    if (m.channel == "post") out.post = m.column;
  }
  for (std::size_t i = 0; i < head.header.size(); ++i) {
    out.words.push_back(wordsOf(head.header[i]));
    if (out.words.back().has("event")) out.event = int(i);
  }
  return out;
}

struct Row {
  std::size_t offset = 0;
  double time_s = NAN, distance = NAN;  ///< metres, or the number of a post
  Event event = Event::None;
  std::vector<std::string> fields;
};

const std::string& field(const Row& row, int column) {
  static const std::string none;
  return column >= 0 && std::size_t(column) < row.fields.size() ? row.fields[std::size_t(column)] : none;
}

/// Of a table that may be one; empty where it has too many lines.
struct HandTable {
  CsvLayout layout;
  Columns columns;
  std::vector<Row> rows;
  bool picture = false;  ///< events are of the picture
  bool events = false;
};

double distanceOf(const std::string& text, const std::string& unit) {
  const auto spelt = quantity::unitSpelt(unit, quantity::Dimension::Length);
  const auto length = quantity::parse(quantity::Kind::Length, text, spelt);
  return length && !text.empty() ? length.value : NAN;
}

HandTable tableOf(std::string_view bytes, RecordFaults* faults) {
  HandTable out;
  out.layout = layoutOf(bytes);
  out.columns = columnsOf(out.layout);
  const Columns& c = out.columns;
  std::string_view rest = bytes.substr(out.layout.data_begin);
  while (!rest.empty() && out.rows.size() <= kMostRows) {
    Row row;
    row.offset = std::size_t(rest.data() - bytes.data());
    const std::string_view line = takeLine(rest);
    if (isBlankLine(line) || line.front() == '#') continue;
    row.fields = splitLine(line, out.layout.delimiter);
    row.time_s = parseElapsed(field(row, c.time));
    if (c.distance >= 0)
      row.distance = distanceOf(field(row, c.distance), c.words[std::size_t(c.distance)].unit);
    else
      row.distance = parseNumber(field(row, c.post), out.layout.decimal_comma);
    if (const std::string& text = field(row, c.event); !text.empty()) {
      const EventWord* word = eventOf(text);
      row.event = word ? word->event : Event::None;
      out.picture = out.picture || (word && word->picture);
      out.events = out.events || (word && word->event != Event::Other);
      if (!word && faults) faults->add("event-not-known", row.offset);
    }
    out.rows.push_back(std::move(row));
  }
  if (out.rows.size() > kMostRows) out.rows.clear();
  return out;
}

double usual(std::vector<double> steps) {
  return steps.empty() ? INFINITY : log::quantile(std::move(steps), 0.5);
}

/// Fills in the times that nobody wrote.
void layInTime(std::vector<Row>& rows, bool by_posts) {
  constexpr double kPostsApart_m = 100;
  double time = 0, distance = 0;
  for (Row& row : rows) {
    const double apart = std::isfinite(row.distance) ? std::abs(row.distance - distance) * (by_posts ? kPostsApart_m : 1) : 0;
    if (!std::isfinite(row.time_s)) row.time_s = time + std::max(apart / kHandSpeed_mps, &row == rows.data() ? 0.0 : 1.0);
    time = row.time_s;
    if (std::isfinite(row.distance)) distance = row.distance;
  }
}

class Writer {
 public:
  Writer(const HandTable& table, const TakeRecord& take, RecordFaults& faults) : m_table(table), m_take(take), m_faults(faults) {}

  void write() {
    const std::vector<Row>& rows = m_table.rows;
    for (std::size_t i = 0; i < rows.size(); ++i) {
      apply(rows[i].event);
      if (!give(rows[i], rows[i].time_s, rows[i].distance)) return;
      if (rows[i].event == Event::BreakUp) m_up = true;
      if (i + 1 < rows.size() && m_table.events && !fill(rows[i], rows[i + 1])) return;
    }
  }

 private:
  void apply(Event event) {
    if (event == Event::Lost || event == Event::BreakUp) m_up = false;
    if (event == Event::Regained) m_up = true;
  }

  /// Carries the state of the link on to the next row.
  bool fill(const Row& row, const Row& next) {
    const double span = next.time_s - row.time_s;
    if (!(span > kGap_s) || span > kMostFilled_s) return true;
    for (double t = kGap_s; t < span - kGap_s / 2; t += kGap_s)
      if (!give({row.offset, NAN, NAN, Event::None, {}}, row.time_s + t, std::lerp(row.distance, next.distance, t / span))) return false;
    return true;
  }

  std::string_view keep(std::string text) { return m_texts.emplace_back(std::move(text)); }

  bool give(const Row& row, double time_s, double distance) {
    m_texts.clear();
    LogRecord record;
    record.offset = row.offset;
    record.values.push_back({"time", keep(fmt::format("{:.3f}", time_s)), "s"});
    const bool metres = m_table.columns.distance >= 0;
    if (std::isfinite(distance)) record.values.push_back({metres ? "distance" : "post", keep(fmt::format("{:.6g}", distance)), metres ? "m" : ""});
    const bool typed = addReadings(row, record);
    if (m_table.events && !typed) record.values.push_back({keep(qualityName()), m_up ? "100" : "0", "%"});
    return m_take(record);
  }

  std::string qualityName() const {
    std::string out;
    for (const std::string& word : m_table.columns.event >= 0 ? m_table.columns.words[std::size_t(m_table.columns.event)].words : std::vector<std::string>())
      if (word != "event") out += word + " ";
    if (out.empty() && m_table.picture) out = "video ";
    return out + "quality";
  }

  /// @return true where a quality was typed
  bool addReadings(const Row& row, LogRecord& record) {
    const Columns& c = m_table.columns;
    bool typed = false;
    for (std::size_t i = 0; i < row.fields.size() && i < c.words.size(); ++i) {
      if (int(i) == c.time || int(i) == c.distance || int(i) == c.post || int(i) == c.event || row.fields[i].empty()) continue;
      const Spoken said = spokenReading(row.fields[i], m_table.layout.decimal_comma);
      if (said.kind == SpokenKind::Note || (said.kind == SpokenKind::Nothing && !comesToNothing(c.words[i]))) continue;
      tell(said.kind, row.offset);
      const std::string& header = m_table.layout.header[i];
      if (!c.words[i].unit.empty())  // a unit of its own beside its heading's goes with the text
        record.values.push_back({header, keep(said.unit.empty() ? said.number : said.number + " " + said.unit), {}});
      else
        record.values.push_back({header, keep(said.number), keep(said.unit)});
      typed = typed || c.words[i].hasAny({"quality", "lq"});
    }
    return typed;
  }

  /// Whatever has a nothing of its own: a signal in dBm has none.
  static bool comesToNothing(const ColumnWords& words) {
    return words.hasAny({"quality", "lq", "bitrate", "throughput", "picture", "bars", "signal"}) && words.unit != "dBm";
  }

  /// Carried on from row to row it is told once.
  void tell(SpokenKind kind, std::size_t offset) {
    if (kind == SpokenKind::About) m_faults.add("readings-about", offset);
    if (kind == SpokenKind::Between) m_faults.add("readings-between", offset);
    if (kind == SpokenKind::Bound) m_faults.add("readings-bounds", offset);
    if (kind == SpokenKind::Nothing) m_faults.add("readings-nothing", offset);
  }

  const HandTable& m_table;
  const TakeRecord& m_take;
  RecordFaults& m_faults;
  std::deque<std::string> m_texts;
  bool m_up = true;
};

void eachRow(std::string_view bytes, const TakeRecord& take, RecordFaults& faults) {
  HandTable table = tableOf(bytes, &faults);
  if (std::none_of(table.rows.begin(), table.rows.end(), [](const Row& r) { return std::isfinite(r.time_s); }))
    faults.add("hand-log-times", table.layout.data_begin);
  layInTime(table.rows, table.columns.distance < 0);
  Writer(table, take, faults).write();
}

/// Times are those of a recording, "3:27", as far as they can be: a day's hours and minutes are mostly later than its tenth.
bool inMinutes(const HandTable& table) {
  const auto written = [&](const Row& row) {
    const std::string& time = field(row, table.columns.time);
    return time.size() <= 5 && std::count(time.begin(), time.end(), ':') == 1;
  };
  return table.rows.front().time_s < kFirstReading_s && std::all_of(table.rows.begin(), table.rows.end(), written);
}

}  // namespace

bool isHandLog(std::string_view bytes) {
  if (bytes.size() > kMostBytes) return false;
  try {
    const HandTable table = tableOf(bytes, nullptr);
    const Columns& c = table.columns;
    if (table.rows.empty() || (c.distance < 0 && c.post < 0 && c.event < 0)) return false;
    std::vector<double> steps_s, steps_m;
    for (std::size_t i = 1; i < table.rows.size(); ++i) {
      const double dt = table.rows[i].time_s - table.rows[i - 1].time_s, dd = std::abs(table.rows[i].distance - table.rows[i - 1].distance);
      if (std::isfinite(dt)) steps_s.push_back(dt);
      if (std::isfinite(dd)) steps_m.push_back(c.distance >= 0 ? dd : kLeastStep_m);  // posts stand apart
    }
    if (c.time >= 0 && c.distance >= 0 && inMinutes(table)) return usual(steps_s) >= kLeastStep_s && usual(steps_m) <= kFastest_mps * usual(steps_s);
    if (c.time < 0) return (c.distance >= 0 || c.post >= 0) && usual(steps_m) >= kLeastStep_m;
    return (c.event >= 0 || c.post >= 0) && usual(steps_s) >= kLeastStep_s;
  } catch (const Error&) {
    return false;
  }
}

std::unique_ptr<LogTable> openHandLog(std::string_view bytes) {
  return openRecords(bytes, eachRow);
}

}  // namespace distanz::formats
