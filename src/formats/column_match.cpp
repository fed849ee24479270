#include "formats/column_match.h"

#include <fmt/format.h>

#include <algorithm>
#include <cctype>
#include <charconv>
#include <cmath>
#include <optional>
#include <set>

#include "core/finding/error.h"
#include "core/log/channel.h"
#include "core/log/recording.h"
#include "core/text/ascii.h"
#include "formats/column_words.h"
#include "formats/fields.h"
#include "formats/head_preview.h"
#include "formats/time_match.h"

namespace distanz::formats {
namespace {

using Words = ColumnWords;

using log::ChannelInfo;
using quantity::Unit;

/// Calls each(part) for the parts of a text between separators, until it returns true. @return whether it did
template <class Each>
bool anyPart(std::string_view text, char separator, Each each) {
  while (!text.empty()) {
    const auto end = std::min(text.find(separator), text.size());
    if (end > 0 && each(text.substr(0, end))) return true;
    text.remove_prefix(std::min(end + 1, text.size()));
  }
  return false;
}

/// "dBm" of "TX power [dBm]": the unit that a pilot adds to a column's name; empty where there is none.
std::string unitBehind(const std::string& name) {
  const auto open = name.rfind('[');
  if (open == std::string::npos || name.empty() || name.back() != ']') return {};
  return name.substr(open + 1, name.size() - open - 2);
}

std::string withoutUnit(const std::string& name) {
  const auto end = name.find_last_not_of(' ', name.rfind('[') - 1);
  return name.rfind('[') == 0 || end == std::string::npos ? std::string() : name.substr(0, end + 1);
}

/// True where all words of "signal [dBm]" are there.
bool fitsAll(const Words& w, std::string_view words) {
  return !anyPart(words, ' ', [&](std::string_view word) {
    if (word.front() != '[') return !w.has(word);
    const auto wanted = word.substr(1, word.size() - 2);
    return !std::equal(wanted.begin(), wanted.end(), w.unit.begin(), w.unit.end(),
                       [](char a, char b) { return text::lower(a) == text::lower(b); });
  });
}

bool fits(const ChannelInfo& channel, const Words& w) {
  const auto all = [&](std::string_view words) { return fitsAll(w, words); };
  return anyPart(channel.names, '|', all) && !anyPart(channel.not_names, '|', all);
}

/// The link that a column is of; empty where it tells of video and there is no video link: it is no other link's.
std::string linkFor(const Words& w, const std::vector<campaign::Link>& links,
                           const ChannelInfo& channel) {
  for (const campaign::Link& l : links) {
    const Words id = wordsOf(l.id + " x");
    if (std::all_of(id.words.begin(), id.words.end() - 1,
                    [&](const std::string& word) { return w.has(word); }))
      return l.id;
  }
  const bool video = w.has("video") || (channel.of_video && !w.has("control"));
  for (const campaign::Link& l : links)
    if ((l.kind == campaign::LinkKind::Video) == video) return l.id;
  if (!video) return links.front().id;
  // A link that is rated by its bitrate is meant, whatever its kind.
  const auto rated = std::find_if(links.begin(), links.end(), [](const campaign::Link& l) { return l.rule.bitrate_min_mbps.has_value(); });
  return rated == links.end() ? std::string() : rated->id;
}

/// One of a column's unit in the channel's; none for a unit that its quantity cannot have.
std::optional<double> scaleOf(const ChannelInfo& channel, const std::string& unit) {
  if (unit.empty() || channel.unit == Unit::None) return 1.0;
  const quantity::UnitInfo& own = quantity::infoOf(channel.unit);
  const auto spelt = quantity::unitSpelt(unit, own.dimension);
  if (spelt) return quantity::infoOf(*spelt).factor / own.factor;
  // Levels are said in dB as well as in dBm.
  if (own.dimension == quantity::Dimension::Level && quantity::unitSpelt(unit, quantity::Dimension::Ratio))
    return 1.0;
  if (own.dimension == quantity::Dimension::Ratio && quantity::unitSpelt(unit, quantity::Dimension::Level))
    return 1.0;
  return std::nullopt;
}

bool isDbm(const std::string& unit) {
  return quantity::unitSpelt(unit, quantity::Dimension::Level) == Unit::Dbm;
}

bool isLevel(const std::vector<double>& values) {
  constexpr double kLowest_dbm = -140, kHighest_dbm = -10;
  return !values.empty() && std::all_of(values.begin(), values.end(), [](double v) { return v >= kLowest_dbm && v <= kHighest_dbm; });
}

/// Signal without a unit: negative numbers are dBm, others a scale of the receiver's own.
void settleSignal(const TableHead& layout, ColumnMatch& m, const std::string& link) {
  const auto v = previewNumbers(layout, m.column);
  const bool share = quantity::unitSpelt(m.unit, quantity::Dimension::Percent).has_value();
  const bool dbm =
      isDbm(m.unit) || quantity::unitSpelt(m.unit, quantity::Dimension::Ratio) ||
      (!share && std::any_of(v.begin(), v.end(), [](double x) { return x < 0; }));
  if (dbm) {
    m.unit = "dBm";
    m.scale = 1;
  } else {
    m.channel = log::linkChannel(link, log::channel::kLevel);
    m.scale = 1;
  }
}

class Matcher {
 public:
  Matcher(const TableHead& layout, const std::vector<campaign::Link>& links)
      : m_layout(layout), m_links(links), m_known(knownChannels(links)) {}

  /// What a column means by its name; none where it means nothing known.
  std::optional<ColumnMatch> byName(int column) const {
    const std::string& header = m_layout.header[static_cast<std::size_t>(column)];
    if (const auto exact = byChannelName(header, column)) return exact;
    if (ofOtherLink(header)) return std::nullopt;
    const Words w = wordsAt(column);
    if (isCombined(w, column)) return ColumnMatch{column, header, "lat_lon", "deg", 1, FieldKind::LatLon};
    const bool named_down = linkIsDown(w);
    for (const ChannelInfo& about : log::channels())
      if (fits(about, w) && !(about.of_link && m_links.empty()) && !(named_down && about.name.starts_with("down_")))
        return settled(about, w, column);
    return std::nullopt;
  }

  /// A column the pilot chose for a channel. @param named as it was chosen: the unit that it carries, or else
  /// that of the column's own name
  ColumnMatch chosen(const std::string& channel, int column, const std::string& named = {}) const {
    const std::string& header = m_layout.header[static_cast<std::size_t>(column)];
    Words w = wordsAt(column);
    if (const std::string unit = unitBehind(named); !unit.empty() && named != header) w.unit = unit;
    if (const ChannelInfo* about = log::channelInfo(channel)) {
      ColumnMatch m = settled(*about, w, column).value_or(ColumnMatch{column, header, channel, w.unit});
      m.channel = channel;
      return m;
    }
    if (channel == "lat_lon") return {column, header, channel, w.unit == kLonFirst ? w.unit : "deg", 1, FieldKind::LatLon};
    return {column, header, channel, w.unit};
  }

 private:
  /// Where the name tells no unit its fields may: "16.4 V", or a signal of -84.
  Words wordsAt(int column) const {
    Words w = wordsOf(m_layout.header[static_cast<std::size_t>(column)]);
    if (!w.unit.empty()) return w;
    const std::string text = previewText(m_layout, column);
    const std::string_view unit = unitOf(text);
    const bool place = hemisphere(unit) && (fits(*log::channelInfo(log::channel::kLatitude), w) || fits(*log::channelInfo(log::channel::kLongitude), w));
    if (quantity::isUnit(unit) && !place) w.unit = unit;
    if (w.unit.empty() && w.hasAny({"signal", "level"}) && isLevel(previewNumbers(m_layout, column)))
      w.unit = "dBm";
    return w;
  }

  /// "downlink RSSI" in a campaign that has a link of that name is that link's own signal.
  bool linkIsDown(const Words& w) const {
    return w.has("down") && std::any_of(m_links.begin(), m_links.end(), [](const campaign::Link& l) { return wordsOf(l.id).has("down"); });
  }

  std::optional<ColumnMatch> byChannelName(const std::string& header, int column) const {
    if (header.find('.') == std::string::npos ||
        std::find(m_known.begin(), m_known.end(), header) == m_known.end())
      return std::nullopt;
    return chosen(header, column);
  }

  /// "video.lq_pct" beside "control.lq_pct" in a campaign without the former link: never the latter's. A
  /// log whose columns all carry some prefix that is no link's is read by its words.
  bool ofOtherLink(const std::string& header) const {
    const auto named = [](const std::string& name) {
      const log::ChannelInfo* c = log::channelInfo(name);
      return c && c->of_link;
    };
    return named(header) && std::any_of(m_layout.header.begin(), m_layout.header.end(), [&](const auto& h) {
             return named(h) && std::find(m_known.begin(), m_known.end(), h) != m_known.end();
           });
  }

  bool isCombined(const Words& w, int column) const {
    const bool named = (w.hasAny({"lat", "latitude"}) && w.hasAny({"lon", "lng", "long", "longitude"})) ||
                       w.hasAny({"gps", "gnss", "position", "coordinates", "latlon", "coord"});
    return named && std::isfinite(parseLatLon(previewText(m_layout, column)).lat_deg);
  }

  std::optional<ColumnMatch> settled(const ChannelInfo& about, const Words& w, int column) const {
    const std::string_view channel = about.name;
    ColumnMatch m{column, m_layout.header[static_cast<std::size_t>(column)], std::string(channel), w.unit};
    m.antenna = about.of_link ? w.antenna : 0;
    const std::string link = about.of_link ? linkFor(w, m_links, about) : std::string();
    if (about.of_link && link.empty()) return std::nullopt;
    if (about.of_link) m.channel = log::linkChannel(link, channel);
    if (about.unit == Unit::Milliwatt && isDbm(w.unit)) {
      m.kind = FieldKind::LevelAsPower;
      return m;
    }
    if (channel == "time_s" || channel == "date") return settleTime(m_layout, m) ? std::optional(m) : std::nullopt;
    const auto scale = scaleOf(about, w.unit);
    if (channel == "rssi_dbm") {
      settleSignal(m_layout, m, link);
      return m;
    }
    if (!scale)
      return std::nullopt;  // a unit that this quantity cannot have: something else by the same name
    if (const auto spelt = quantity::unitSpelt(w.unit, quantity::infoOf(about.unit).dimension))
      m.unit = quantity::symbolOf(*spelt);
    m.scale = *scale;
    if (isPlace(channel) && m.scale == 1 && isInTenMillionths(column)) {
      m.unit = "1e-7 °";
      m.scale = 1e-7;
    }
    return m;
  }

  static bool isPlace(std::string_view channel) { return channel == log::channel::kLatitude || channel == log::channel::kLongitude; }

  /// Degrees that are told as whole numbers, in this column or in that of the other coordinate.
  bool isInTenMillionths(int column) const {
    constexpr double kMost_deg = 180, kMostOf = kMost_deg * 1e7;
    bool beyond = false;
    for (int c = 0; c < static_cast<int>(m_layout.header.size()); ++c) {
      const Words w = wordsOf(m_layout.header[static_cast<std::size_t>(c)]);
      if (c != column && !fits(*log::channelInfo(log::channel::kLatitude), w) && !fits(*log::channelInfo(log::channel::kLongitude), w)) continue;
      for (const double v : previewNumbers(m_layout, c)) {
        if (v != std::floor(v) || std::abs(v) > kMostOf) return false;
        beyond = beyond || std::abs(v) > kMost_deg;
      }
    }
    return beyond;
  }

  const TableHead& m_layout;
  const std::vector<campaign::Link>& m_links;
  std::vector<std::string> m_known;
};

/// Another antenna's column of a channel that is matched already.
bool isFurtherAntenna(const ColumnMatch& match, const std::vector<ColumnMatch>& matched) {
  if (match.antenna == 0 || match.kind != FieldKind::Number) return false;
  bool any = false;
  for (const ColumnMatch& m : matched) {
    if (m.channel != match.channel) continue;
    if (m.antenna == 0 || m.antenna == match.antenna || m.kind != FieldKind::Number) return false;
    any = true;
  }
  return any;
}

int columnNamed(const TableHead& layout, const std::string& channel, const std::string& name) {
  const auto found = std::find(layout.header.begin(), layout.header.end(), name);
  if (found != layout.header.end()) return static_cast<int>(found - layout.header.begin());
  if (!unitBehind(name).empty()) return columnNamed(layout, channel, withoutUnit(name));
  int number = 0;
  const auto [end, status] = std::from_chars(name.data(), name.data() + name.size(), number);
  if (status == std::errc() && end == name.data() + name.size() && number >= 1 &&
      number <= static_cast<int>(layout.header.size()))
    return number - 1;
  throw InputError(
      finding("column-missing", {{"channel", channel},
                                 {"column", name},
                                 {"columns", fmt::format("{}", fmt::join(layout.header, ", "))}}));
}

/// Channel as the pilot wrote it, the link's prefix added where there is one link only.
std::string fullChannel(const std::string& channel, const std::vector<campaign::Link>& links) {
  const auto known = knownChannels(links);
  if (std::find(known.begin(), known.end(), channel) != known.end()) return channel;
  if (links.size() == 1)
    if (const std::string full = log::linkChannel(links.front().id, channel);
        std::find(known.begin(), known.end(), full) != known.end())
      return full;
  throw InputError(finding("no-such-channel",
                           {{"text", channel}, {"channels", fmt::format("{}", fmt::join(known, ", "))}}));
}

}  // namespace

std::vector<std::string> knownChannels(const std::vector<campaign::Link>& links) {
  std::vector<std::string> out{"time_s", "date", "lat_lon"};
  for (const ChannelInfo& c : log::channels())
    if (!c.of_link && std::find(out.begin(), out.end(), c.name) == out.end()) out.emplace_back(c.name);
  for (const campaign::Link& l : links)
    for (const ChannelInfo& c : log::channels())
      if (c.of_link) out.push_back(log::linkChannel(l.id, c.name));
  return out;
}

bool needsUnit(const ColumnMatch& match) {
  const ChannelInfo* about = log::channelInfo(match.channel);
  return about && about->unit == Unit::Milliwatt && match.unit.empty() && match.kind == FieldKind::Number;
}

std::string canonicalUnit(const std::string& channel) {
  const ChannelInfo* about = log::channelInfo(channel);
  return about ? std::string(quantity::symbolOf(about->unit)) : std::string();
}

std::vector<ColumnMatch> matchColumns(const TableHead& layout, const std::vector<campaign::Link>& links,
                                      const std::map<std::string, std::string>& corrections) {
  const Matcher matcher(layout, links);
  std::vector<ColumnMatch> out;
  std::set<std::string> settled, by_hand;
  std::set<int> taken;
  for (const auto& [wanted, name] : corrections) {
    const std::string channel = fullChannel(wanted, links);
    settled.insert(channel);
    by_hand.insert(channel);
    if (name.empty()) continue;
    const int column = columnNamed(layout, channel, name);
    taken.insert(column);
    out.push_back(matcher.chosen(channel, column, name));
  }
  for (int column = 0; column < static_cast<int>(layout.header.size()); ++column) {
    if (taken.contains(column)) continue;
    const auto match = matcher.byName(column);
    if (match && (settled.insert(match->channel).second || (!by_hand.contains(match->channel) && isFurtherAntenna(*match, out)))) out.push_back(*match);
  }
  std::sort(out.begin(), out.end(),
            [](const ColumnMatch& a, const ColumnMatch& b) { return a.column < b.column; });
  return out;
}

}  // namespace distanz::formats
