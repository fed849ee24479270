#include "formats/log_reader.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <optional>

#include "core/log/quantile.h"
#include "formats/column_guess.h"
#include "formats/column_sense.h"
#include "formats/field_value.h"
#include "formats/fields.h"
#include "formats/time_axis.h"

namespace distanz::formats {
namespace {

constexpr std::string_view kMeasured[] = {".rssi_dbm", ".lq_pct", ".bitrate_mbps", ".snr_db", ".level"};

bool measures(const std::string& channel) {
  return std::any_of(std::begin(kMeasured), std::end(kMeasured),
                     [&](std::string_view suffix) { return channel.ends_with(suffix); });
}

bool measuresSignal(const std::string& channel) {
  return channel.ends_with(".rssi_dbm");
}

void requireColumns(const TableHead& layout, const std::vector<ColumnMatch>& matches, Needs needs) {
  const std::string columns = fmt::format("{}", fmt::join(layout.header, ", "));
  const auto any = [&](auto test) {
    return std::any_of(matches.begin(), matches.end(), [&](const ColumnMatch& m) { return test(m.channel); });
  };
  const auto refuse = [&](const char* code, const char* with_guess, auto test) {
    campaign::Link any_link;
    any_link.id = "control";
    for (const ColumnMatch& g : guessColumns(layout, {any_link}, matches))
      if (test(g.channel)) throw InputError(finding(with_guess, {{"columns", columns}, {"column", g.header}}));
    throw InputError(finding(code, {{"columns", columns}}));
  };
  const auto isTime = [](const std::string& c) { return c == "time_s"; };
  if (!any(isTime)) refuse("no-time-column", "time-guessed", isTime);
  if (needs == Needs::Measurement && !any(measures)) refuse("no-measurement-column", "measurement-guessed", measures);
}

/// Keeps the rows marked, in every vector alike.
void keepRows(std::vector<double>& values, const std::vector<bool>& keep) {
  if (std::find(keep.begin(), keep.end(), false) == keep.end()) return;
  std::size_t n = 0;
  for (std::size_t i = 0; i < values.size(); ++i)
    if (keep[i]) values[n++] = values[i];
  values.resize(n);
}

/// Marks rows that repeat the row before in every value: the recorder wrote them twice.
std::vector<bool> notRepeated(const NumberTable& table) {
  std::vector<bool> keep(table.rows, true);
  for (std::size_t i = 1; i < table.rows; ++i)
    keep[i] = !std::all_of(table.values.begin(), table.values.end(), [&](const std::vector<double>& s) {
      return s[i] == s[i - 1] || (std::isnan(s[i]) && std::isnan(s[i - 1]));
    });
  return keep;
}

/// Of two antennas of one link that which hears better, row by row. An antenna that is not there tells one value
/// throughout; one that hears nothing often tells a signal of 0, which would be the best of all, and a signal without its
/// sign is the better the smaller it is.
void bestOf(std::vector<double>& values, const std::vector<double>& other, bool signal) {
  if (log::onlyValue(other)) return;
  if (log::onlyValue(values)) {
    values = other;
    return;
  }
  const auto worth = [&](double v) { return !std::isfinite(v) || (signal && v == 0) ? -INFINITY : signal ? -std::abs(v) : v; };
  for (std::size_t i = 0; i < values.size(); ++i)
    if (worth(other[i]) > worth(values[i])) values[i] = other[i];
}

struct Assembly {
  const LogTable& log;
  const std::vector<ColumnMatch>& matches;
  NumberTable& table;
  LogRead& out;

  void problem(Finding problem, std::size_t row) const {
    out.problems.push_back(at(std::move(problem), log.lineOfRow(row)));
  }

  bool dropRepeated() const {
    const std::vector<bool> keep = notRepeated(table);
    const auto first = std::find(keep.begin(), keep.end(), false);
    if (first == keep.end()) return false;
    const auto n = std::count(keep.begin(), keep.end(), false);
    problem(finding("duplicate-rows", {{"rows", static_cast<std::size_t>(n)}}),
            static_cast<std::size_t>(first - keep.begin()));
    for (auto& slot : table.values) keepRows(slot, keep);
    table.rows -= static_cast<std::size_t>(n);
    return true;
  }

  const std::vector<double>* slotNamed(std::string_view channel, FieldKind* kind = nullptr) const {
    for (std::size_t m = 0; m < matches.size(); ++m)
      if (matches[m].channel == channel) {
        if (kind) *kind = matches[m].kind;
        return &table.values[slotOf(matches, m)];
      }
    return nullptr;
  }

  void columns() const {
    for (std::size_t m = 0; m < matches.size(); ++m) {
      const std::size_t slot = slotOf(matches, m);
      const std::string& channel = matches[m].channel;
      if (channel == "time_s" || channel == "date") continue;
      if (matches[m].kind == FieldKind::LatLon) {
        add(std::string(log::channel::kLatitude), slot);
        add(std::string(log::channel::kLongitude), slot + 1);
      } else {
        add(channel, slot);
      }
    }
  }

  /// A column without a single value is left out, with a word about it.
  void add(std::string channel, std::size_t slot) const {
    std::vector<double>& values = table.values[slot];
    if (std::none_of(values.begin(), values.end(), [](double v) { return std::isfinite(v); })) {
      out.problems.push_back(at(finding("empty-column", {{"channel", channel}}), log.head().header_line));
      return;
    }
    const auto known = std::find_if(out.recording.columns.begin(), out.recording.columns.end(),
                                    [&](const log::Column& c) { return c.channel == channel; });
    if (known != out.recording.columns.end())
      bestOf(known->values, values, measuresSignal(channel));
    else
      out.recording.columns.push_back({std::move(channel), std::move(values)});
  }
};

constexpr double kTop_pct = 100;
constexpr double kNeverFailed_pct = 90;  // some receivers never tell more than 99

/// A link that never fails has one value throughout, and that is what was measured.
bool neverFailed(const std::string& channel, double value) {
  return (channel.ends_with(".lq_pct") && value >= kNeverFailed_pct && value <= kTop_pct) ||
         (channel.ends_with(".bitrate_mbps") && value > 0);
}

}  // namespace

void requireMeasurement(const log::Recording& r) {
  bool any = false, moves = false;
  std::optional<Finding> stuck_level;  // bars of a strong link stay where they are
  for (const log::Column& c : r.columns) {
    if (!measures(c.channel)) continue;
    any = true;
    const auto stuck = log::onlyValue(c.values);
    moves = moves || !stuck || neverFailed(c.channel, *stuck);
    if (!stuck) continue;
    Finding told = finding("stuck-column", {{"channel", c.channel}, {"value", *stuck, quantity::Unit::None}});
    if (measuresSignal(c.channel)) throw InputError(std::move(told));
    if (c.channel.ends_with(".level")) stuck_level = std::move(told);
  }
  if (stuck_level && !moves) throw InputError(std::move(*stuck_level));
  if (!any) throw InputError(finding("no-measurement"));
  if (!moves) throw InputError(finding("nothing-changes"));
}

namespace {

/// Zone of the first row, where its time stamp tells one.
double zoneOf(const TableHead& layout, const std::vector<ColumnMatch>& matches) {
  for (const ColumnMatch& m : matches)
    if (m.channel == "time_s" && m.kind == FieldKind::DateTime)
      for (const auto& row : layout.preview)
        if (static_cast<std::size_t>(m.column) < row.size())
          if (const DateTime t = parseDateTime(row[static_cast<std::size_t>(m.column)]);
              std::isfinite(t.seconds))
            return t.zone_s;
  return 0;
}

}  // namespace

LogRead readLog(const LogTable& log, const std::vector<ColumnMatch>& matches, const Progress& progress,
                Needs needs) {
  requireColumns(log.head(), matches, needs);
  NumberTable table = log.numbers(matches, progress);
  LogRead out;
  out.rows = table.rows;
  out.problems = std::move(table.problems);
  const Assembly assembly{log, matches, table, out};
  if (table.not_numbers > 0)
    assembly.problem(finding("not-a-number", {{"fields", table.not_numbers}}), table.first_not_number_row);
  TimeInput input;
  input.seconds = assembly.slotNamed("time_s", &input.kind);
  input.date_seconds = assembly.slotNamed("date");
  input.zone_s = zoneOf(log.head(), matches);
  const TimeAxis axis = timeAxis(input, [&](std::size_t row) { return log.lineOfRow(row); });
  out.problems.insert(out.problems.end(), axis.problems.begin(), axis.problems.end());
  for (const ColumnMatch& m : matches)
    if (m.day_order == DayOrderBy::Nothing && !axis.started.empty())
      out.problems.push_back(at(finding("month-first", {{"column", m.header}, {"channel", m.channel}}), log.head().header_line));
  const bool dropped = !axis.coarse && assembly.dropRepeated();
  // Where repeated rows went, the axis is laid again over those that remain; rows without a time go now.
  const TimeAxis kept =
      !dropped
          ? axis
          : timeAxis({assembly.slotNamed("time_s"), assembly.slotNamed("date"), input.kind, input.zone_s},
                     [](std::size_t) { return 0; });
  for (auto& slot : table.values) keepRows(slot, kept.keep);
  out.recording.time_s = kept.time_s;
  out.recording.started = kept.started;
  assembly.columns();
  for (Finding& f : makeSense(out.recording, matches))
    out.problems.push_back(at(std::move(f), log.head().header_line));
  if (needs == Needs::Measurement) requireMeasurement(out.recording);
  return out;
}

}  // namespace distanz::formats
