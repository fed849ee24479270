#include "formats/column_match.h"

#include <fmt/format.h>

#include <algorithm>
#include <charconv>
#include <cmath>
#include <optional>
#include <set>
#include <span>

#include "core/log/recording.h"
#include "core/quantity/error.h"
#include "formats/column_words.h"
#include "formats/fields.h"

namespace distanz::formats {
namespace {

using Words = ColumnWords;

struct UnitScale {
  std::string_view unit;
  double scale;
};

constexpr UnitScale kLength[] = {{"m", 1},       {"meter", 1},     {"meters", 1}, {"metres", 1},
                                 {"ft", 0.3048}, {"feet", 0.3048}, {"km", 1000},  {"mi", 1609.344}};
constexpr UnitScale kSpeed[] = {{"m/s", 1},
                                {"mps", 1},
                                {"km/h", 1 / 3.6},
                                {"kmh", 1 / 3.6},
                                {"kph", 1 / 3.6},
                                {"mph", 0.44704},
                                {"kn", 1852.0 / 3600},
                                {"kt", 1852.0 / 3600},
                                {"knots", 1852.0 / 3600},
                                {"ft/s", 0.3048},
                                {"fps", 0.3048}};
constexpr UnitScale kTime[] = {{"s", 1}, {"sec", 1}, {"seconds", 1}, {"ms", 1e-3}, {"msec", 1e-3}, {"us", 1e-6}, {"utc", 1}};
constexpr UnitScale kDelay[] = {{"ms", 1}, {"msec", 1}, {"s", 1000}, {"us", 1e-3}};
constexpr UnitScale kBitrate[] = {{"mbps", 1},    {"mbit/s", 1},     {"mb/s", 1},     {"kbps", 1e-3}, {"kbit/s", 1e-3},
                                  {"kb/s", 1e-3}, {"bps", 1e-6},     {"bit/s", 1e-6}, {"b/s", 1e-6},  {"gbyte/s", 8000},
                                  {"mbyte/s", 8}, {"kbyte/s", 8e-3}, {"byte/s", 8e-6}};
constexpr UnitScale kPower[] = {{"mw", 1}, {"w", 1000}};
constexpr UnitScale kVolt[] = {{"v", 1}, {"mv", 1e-3}};
constexpr UnitScale kAmp[] = {{"a", 1}, {"ma", 1e-3}};
constexpr UnitScale kCharge[] = {{"mah", 1}, {"ah", 1000}};
constexpr UnitScale kPercent[] = {{"%", 1}, {"pct", 1}, {"percent", 1}};
constexpr UnitScale kLevel[] = {{"dbm", 1}, {"db", 1}};
constexpr UnitScale kAngle[] = {{"deg", 1}, {"\u00b0", 1}};
constexpr UnitScale kRate[] = {{"hz", 1}};
constexpr UnitScale kFrequency[] = {{"mhz", 1}, {"ghz", 1000}, {"khz", 1e-3}};

bool isHeight(const Words& w) {
  return w.hasAny({"height", "alt", "altitude"});
}
bool aboveSea(const Words& w) {
  return w.hasAny({"msl", "amsl", "sea"});
}
bool isSignal(const Words& w) {
  return w.has("rssi") || (w.has("signal") && (w.hasAny({"strength", "level"}) || w.unit == "dbm"));
}
bool isPower(const Words& w) {
  return w.has("power") && (w.unit == "mw" || w.unit == "w" || w.unit == "dbm" || w.hasAny({"tx", "transmit"}));
}

/// One meaning a column can have. The first that fits a name wins, so the narrower ones come first.
struct Meaning {
  const char* channel;
  bool of_link;
  std::span<const UnitScale> units;
  bool (*fits)(const Words&);
};

const Meaning kMeanings[] = {
    {"lat_deg", false, kAngle,
     [](const Words& w) {
       return w.hasAny({"lat", "latitude"});
     }},
    {"lon_deg", false, kAngle,
     [](const Words& w) {
       return w.hasAny({"lon", "lng", "long", "longitude"});
     }},
    {"snr_db", true, kLevel, [](const Words& w) { return w.has("snr"); }},
    {"power_mw", true, kPower, isPower},
    {"rssi_dbm", true, kLevel, isSignal},
    {"lq_pct", true, kPercent,
     [](const Words& w) {
       return w.has("lq") || (w.has("quality") && !w.hasAny({"gnss", "gps", "fix"}));
     }},
    {"bitrate_mbps", true, kBitrate,
     [](const Words& w) {
       return w.hasAny({"bitrate", "throughput"}) || (w.has("bit") && w.has("rate")) || (w.has("data") && w.has("rate"));
     }},
    {"delay_ms", true, kDelay,
     [](const Words& w) {
       return w.hasAny({"delay", "latency"});
     }},
    {"rate_hz", true, kRate, [](const Words& w) { return w.has("rate") && (w.has("packet") || w.unit == "hz"); }},
    {"mode",
     true,
     {},
     [](const Words& w) {
       return w.has("mode") && w.hasAny({"rf", "radio", "link", "packet", "air"});
     }},
    {"frequency_mhz", true, kFrequency,
     [](const Words& w) {
       return w.hasAny({"frequency", "freq"}) && w.unit != "hz";
     }},
    {"time_s", false, kTime,
     [](const Words& w) {
       return w.hasAny({"time", "timestamp", "elapsed", "clock", "t", "datetime"});
     }},
    {"date", false, {}, [](const Words& w) { return w.has("date"); }},
    {"distance_m", false, kLength,
     [](const Words& w) {
       return w.hasAny({"distance", "dist"}) && !w.hasAny({"travelled", "traveled", "total", "trip", "flown"});
     }},
    {"altitude_msl_m", false, kLength, [](const Words& w) { return isHeight(w) && aboveSea(w); }},
    {"height_m", false, kLength, isHeight},
    {"speed_mps", false, kSpeed,
     [](const Words& w) {
       return w.hasAny({"speed", "groundspeed"}) && !w.has("wind");
     }},
    {"heading_deg", false, kAngle,
     [](const Words& w) {
       return w.hasAny({"heading", "yaw"});
     }},
    {"satellites",
     false,
     {},
     [](const Words& w) {
       return w.hasAny({"satellites", "sats", "sat"});
     }},
    {"battery_v", false, kVolt,
     [](const Words& w) {
       return w.hasAny({"voltage", "vbat"}) || (w.has("battery") && (w.unit == "v" || w.unit == "mv"));
     }},
    {"used_mah", false, kCharge, [](const Words& w) { return w.unit == "mah" || w.unit == "ah"; }},
    {"current_a", false, kAmp, [](const Words& w) { return w.has("current"); }},
};

constexpr std::string_view kLinkQuantities[] = {"rssi_dbm", "snr_db",   "lq_pct",  "bitrate_mbps", "delay_ms",
                                                "level",    "power_mw", "rate_hz", "mode",         "frequency_mhz"};

const std::string& linkFor(const Words& w, const std::vector<campaign::Link>& links, std::string_view quantity) {
  for (const campaign::Link& l : links) {
    const Words id = wordsOf(l.id + " x");
    if (std::all_of(id.words.begin(), id.words.end() - 1, [&](const std::string& word) { return w.has(word); })) return l.id;
  }
  const bool video = quantity == "bitrate_mbps" || quantity == "delay_ms";
  for (const campaign::Link& l : links)
    if ((l.kind == campaign::LinkKind::Video) == video) return l.id;
  return links.front().id;
}

std::optional<double> scaleOf(std::span<const UnitScale> units, const std::string& unit) {
  if (unit.empty() || units.empty()) return 1.0;
  for (const UnitScale& u : units)
    if (u.unit == unit) return u.scale;
  return std::nullopt;
}

std::vector<double> previewNumbers(const CsvLayout& layout, int column) {
  std::vector<double> out;
  for (const auto& row : layout.preview)
    if (static_cast<std::size_t>(column) < row.size())
      if (const double v = parseNumber(row[static_cast<std::size_t>(column)], layout.decimal_comma); std::isfinite(v)) out.push_back(v);
  return out;
}

std::string previewText(const CsvLayout& layout, int column) {
  for (const auto& row : layout.preview)
    if (static_cast<std::size_t>(column) < row.size() && !row[static_cast<std::size_t>(column)].empty())
      return row[static_cast<std::size_t>(column)];
  return {};
}

/// A time column may be a count in some unit, a clock, or a date with a clock: its first rows tell.
void settleTime(const CsvLayout& layout, ColumnMatch& m) {
  const std::string text = previewText(layout, m.column);
  if (std::isfinite(parseDateTime(text).seconds)) {
    m.kind = FieldKind::DateTime;
    m.unit = "date and time";
  } else if (std::isfinite(parseClock(text))) {
    m.kind = FieldKind::Clock;
    m.unit = "clock";
  } else if (m.unit.empty()) {
    const auto v = previewNumbers(layout, m.column);
    const double step = v.size() > 1 ? (v.back() - v.front()) / static_cast<double>(v.size() - 1) : 0;
    m.unit = step >= 5000 ? "us" : step >= 5 ? "ms" : "s";
    m.scale = *scaleOf(kTime, m.unit);
  }
}

/// Signal without a unit: negative numbers are dBm, others a scale of the receiver's own.
void settleSignal(const CsvLayout& layout, ColumnMatch& m, const std::string& link) {
  const auto v = previewNumbers(layout, m.column);
  const bool dbm = m.unit == "dbm" || (m.unit != "%" && m.unit != "pct" && std::any_of(v.begin(), v.end(), [](double x) { return x < 0; }));
  if (dbm) {
    m.unit = "dBm";
    m.scale = 1;
  } else {
    m.channel = log::linkChannel(link, "level");
    m.scale = 1;
  }
}

class Matcher {
 public:
  Matcher(const CsvLayout& layout, const std::vector<campaign::Link>& links)
      : m_layout(layout), m_links(links), m_known(knownChannels(links)) {}

  /// What a column means by its name; none where it means nothing known.
  std::optional<ColumnMatch> byName(int column) const {
    const std::string& header = m_layout.header[static_cast<std::size_t>(column)];
    if (const auto exact = byChannelName(header, column)) return exact;
    const Words w = wordsOf(header);
    if (isCombined(w, column)) return ColumnMatch{column, header, "lat_lon", "deg", 1, FieldKind::LatLon};
    for (const Meaning& meaning : kMeanings)
      if (meaning.fits(w) && !(meaning.of_link && m_links.empty())) return settled(meaning, w, column);
    return std::nullopt;
  }

  /// A column the pilot chose for a channel: the unit still comes from its name.
  ColumnMatch chosen(const std::string& channel, int column) const {
    const std::string& header = m_layout.header[static_cast<std::size_t>(column)];
    const Words w = wordsOf(header);
    for (const Meaning& meaning : kMeanings) {
      const bool same = meaning.of_link ? channel.ends_with(std::string(".") + meaning.channel) : channel == meaning.channel;
      if (!same) continue;
      ColumnMatch m = settled(meaning, w, column).value_or(ColumnMatch{column, header, channel, w.unit});
      m.channel = channel;
      return m;
    }
    return ColumnMatch{column, header, channel, w.unit, 1, channel == "lat_lon" ? FieldKind::LatLon : FieldKind::Number};
  }

 private:
  std::optional<ColumnMatch> byChannelName(const std::string& header, int column) const {
    if (header.find('.') == std::string::npos || std::find(m_known.begin(), m_known.end(), header) == m_known.end()) return std::nullopt;
    return chosen(header, column);
  }

  bool isCombined(const Words& w, int column) const {
    const bool named = (w.hasAny({"lat", "latitude"}) && w.hasAny({"lon", "lng", "long", "longitude"})) ||
                       w.hasAny({"gps", "gnss", "position", "coordinates", "latlon", "coord"});
    return named && std::isfinite(parseLatLon(previewText(m_layout, column)).lat_deg);
  }

  std::optional<ColumnMatch> settled(const Meaning& meaning, const Words& w, int column) const {
    ColumnMatch m{column, m_layout.header[static_cast<std::size_t>(column)], meaning.channel, w.unit};
    const std::string_view channel = meaning.channel;
    const std::string link = meaning.of_link ? linkFor(w, m_links, channel) : std::string();
    if (meaning.of_link) m.channel = log::linkChannel(link, channel);
    if (channel == "power_mw" && w.unit == "dbm") {
      m.kind = FieldKind::LevelAsPower;
      return m;
    }
    const auto scale = scaleOf(meaning.units, w.unit);
    if (channel == "rssi_dbm") {
      settleSignal(m_layout, m, link);
      return m;
    }
    if (!scale) return std::nullopt;  // a unit that this quantity cannot have: something else by the same name
    m.scale = *scale;
    if (channel == "time_s") settleTime(m_layout, m);
    if (channel == "date") {
      m.kind = FieldKind::Date;
      if (std::isfinite(parseDateTime(previewText(m_layout, column)).seconds)) {
        m.channel = "time_s";
        m.kind = FieldKind::DateTime;
      }
    }
    return m;
  }

  const CsvLayout& m_layout;
  const std::vector<campaign::Link>& m_links;
  std::vector<std::string> m_known;
};

int columnNamed(const CsvLayout& layout, const std::string& channel, const std::string& name) {
  const auto found = std::find(layout.header.begin(), layout.header.end(), name);
  if (found != layout.header.end()) return static_cast<int>(found - layout.header.begin());
  int number = 0;
  const auto [end, status] = std::from_chars(name.data(), name.data() + name.size(), number);
  if (status == std::errc() && end == name.data() + name.size() && number >= 1 && number <= static_cast<int>(layout.header.size()))
    return number - 1;
  throw InputError(fmt::format("{} was to come from column \"{}\", which this log does not have; its columns are: {}", channel, name,
                               fmt::join(layout.header, ", ")));
}

/// Channel as the pilot wrote it, the link's prefix added where there is one link only.
std::string fullChannel(const std::string& channel, const std::vector<campaign::Link>& links) {
  const auto known = knownChannels(links);
  if (std::find(known.begin(), known.end(), channel) != known.end()) return channel;
  if (links.size() == 1)
    if (const std::string full = log::linkChannel(links.front().id, channel); std::find(known.begin(), known.end(), full) != known.end())
      return full;
  throw InputError(fmt::format("\"{}\" is not a channel; the channels are: {}", channel, fmt::join(known, ", ")));
}

}  // namespace

std::vector<std::string> knownChannels(const std::vector<campaign::Link>& links) {
  std::vector<std::string> out{"time_s", "date", "lat_lon"};
  for (const Meaning& m : kMeanings)
    if (!m.of_link && std::find(out.begin(), out.end(), m.channel) == out.end()) out.emplace_back(m.channel);
  for (const campaign::Link& l : links)
    for (std::string_view q : kLinkQuantities) out.push_back(log::linkChannel(l.id, q));
  return out;
}

std::string canonicalUnit(const std::string& channel) {
  const std::string name = channel.substr(channel.find_last_of('.') == std::string::npos ? 0 : channel.find_last_of('.') + 1);
  constexpr std::pair<std::string_view, std::string_view> kSuffix[] = {
      {"_dbm", "dBm"}, {"_db", "dB"}, {"_pct", "%"},   {"_mbps", "Mbit/s"}, {"_mps", "m/s"},
      {"_ms", "ms"},   {"_mw", "mW"}, {"_mhz", "MHz"}, {"_hz", "Hz"},       {"_deg", "\u00b0"},
      {"_mah", "mAh"}, {"_m", "m"},   {"_s", "s"},     {"_v", "V"},         {"_a", "A"}};
  for (const auto& [suffix, unit] : kSuffix)
    if (name.ends_with(suffix)) return std::string(unit);
  return {};
}

std::vector<ColumnMatch> matchColumns(const CsvLayout& layout, const std::vector<campaign::Link>& links,
                                      const std::map<std::string, std::string>& corrections) {
  const Matcher matcher(layout, links);
  std::vector<ColumnMatch> out;
  std::set<std::string> settled;
  std::set<int> taken;
  for (const auto& [wanted, name] : corrections) {
    const std::string channel = fullChannel(wanted, links);
    settled.insert(channel);
    if (name.empty()) continue;
    const int column = columnNamed(layout, channel, name);
    taken.insert(column);
    out.push_back(matcher.chosen(channel, column));
  }
  for (int column = 0; column < static_cast<int>(layout.header.size()); ++column) {
    if (taken.contains(column)) continue;
    const auto match = matcher.byName(column);
    if (match && settled.insert(match->channel).second) out.push_back(*match);
  }
  std::sort(out.begin(), out.end(), [](const ColumnMatch& a, const ColumnMatch& b) { return a.column < b.column; });
  return out;
}

}  // namespace distanz::formats
