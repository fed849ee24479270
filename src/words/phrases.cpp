#include "words/phrases.h"

#include <QCoreApplication>
#include <algorithm>
#include <iterator>
#include <map>

#include "words/bench_terms.h"

namespace distanz::words {
namespace {

constexpr TermText kTerms[] = {
    {"part-quality", QT_TRANSLATE_NOOP("term", "link quality")},
    {"part-bitrate", QT_TRANSLATE_NOOP("term", "bitrate")},
    {"part-picture", QT_TRANSLATE_NOOP("term", "picture grade")},
    {"part-scale", QT_TRANSLATE_NOOP("term", "signal reading")},
    {"part-margin", QT_TRANSLATE_NOOP("term", "signal margin")},
    {"rule-quality", QT_TRANSLATE_NOOP("term", "quality")},
    {"rule-bitrate", QT_TRANSLATE_NOOP("term", "bitrate")},
    {"rule-picture", QT_TRANSLATE_NOOP("term", "picture")},
    {"rule-scale", QT_TRANSLATE_NOOP("term", "signal reading")},
    {"rule-margin", QT_TRANSLATE_NOOP("term", "margin")},
    {"seen-nowhere", QT_TRANSLATE_NOOP("term", "no log tells whether it was usable")},
    {"seen-never", QT_TRANSLATE_NOOP("term", "never seen to fail")},
    {"seen-seldom", QT_TRANSLATE_NOOP("term", "seldom seen to fail")},
    {"rests-on-quality", QT_TRANSLATE_NOOP("term", "minimum link quality")},
    {"rests-on-bitrate", QT_TRANSLATE_NOOP("term", "minimum bitrate")},
    {"rests-on-picture", QT_TRANSLATE_NOOP("term", "minimum picture grade")},
    {"rests-on-scale", QT_TRANSLATE_NOOP("term", "minimum signal reading")},
    {"rests-on-margin", QT_TRANSLATE_NOOP("term", "entered sensitivity")},
    {"column-gnss", QT_TRANSLATE_NOOP("term", "GNSS")},
    {"column-distance", QT_TRANSLATE_NOOP("term", "the distance column")},
    {"advice-still-there", QT_TRANSLATE_NOOP("term", "check that it is still there")},
    {"advice-free-space", QT_TRANSLATE_NOOP("term", "free some space and try again")},
    {"advice-permissions", QT_TRANSLATE_NOOP("term", "check the permissions, or choose another folder")},
    {"advice-shorter-name", QT_TRANSLATE_NOOP("term", "choose a shorter name")},
    {"advice-disk", QT_TRANSLATE_NOOP("term", "check the disk, or choose another folder")},
    {"ended-", QT_TRANSLATE_NOOP("term", "not set")},
    {"ended-link-lost", QT_TRANSLATE_NOOP("term", "link lost")},
    {"ended-quality-limit", QT_TRANSLATE_NOOP("term", "quality limit reached")},
    {"ended-turned-back", QT_TRANSLATE_NOOP("term", "turned back by choice")},
    {"ended-battery", QT_TRANSLATE_NOOP("term", "battery")},
    {"ended-limit", QT_TRANSLATE_NOOP("term", "legal or site limit")},
    {"ended-obstacle", QT_TRANSLATE_NOOP("term", "obstacle")},
    {"ended-aircraft", QT_TRANSLATE_NOOP("term", "aircraft trouble")},
    {"ended-equipment-cap", QT_TRANSLATE_NOOP("term", "limit built into the equipment")},
    {"field-frequency", QT_TRANSLATE_NOOP("term", "frequency")},
    {"field-sensitivity", QT_TRANSLATE_NOOP("term", "sensitivity")},
    {"field-margin", QT_TRANSLATE_NOOP("term", "margin")},
    {"field-lqMin", QT_TRANSLATE_NOOP("term", "minimum link quality")},
    {"field-pictureMin", QT_TRANSLATE_NOOP("term", "minimum picture grade")},
    {"field-scaleMin", QT_TRANSLATE_NOOP("term", "minimum signal reading")},
    {"field-oneScale", QT_TRANSLATE_NOOP("term", "signal scale of the receivers")},
    {"field-bitrateMin", QT_TRANSLATE_NOOP("term", "minimum bitrate")},
    {"field-power", QT_TRANSLATE_NOOP("term", "transmit power")},
    {"field-txGain", QT_TRANSLATE_NOOP("term", "transmit antenna gain")},
    {"field-txLoss", QT_TRANSLATE_NOOP("term", "transmit cable loss")},
    {"field-rxGain", QT_TRANSLATE_NOOP("term", "receive antenna gain")},
    {"field-rxLoss", QT_TRANSLATE_NOOP("term", "receive cable loss")},
    {"field-station", QT_TRANSLATE_NOOP("term", "station")},
    {"field-antennaHeight", QT_TRANSLATE_NOOP("term", "antenna height")},
    {"field-pathDistance", QT_TRANSLATE_NOOP("term", "distance of the far post")},
    {"field-pathBearing", QT_TRANSLATE_NOOP("term", "bearing of the far post")},
    {"field-flightHeight", QT_TRANSLATE_NOOP("term", "flight height")},
    {"field-posts", QT_TRANSLATE_NOOP("term", "spacing of posts")},
    {"field-farPost", QT_TRANSLATE_NOOP("term", "far post")},
    {"field-exponent", QT_TRANSLATE_NOOP("term", "path-loss exponent")},
    {"channel-lat_lon", QT_TRANSLATE_NOOP("term", "latitude and longitude")},
    {"channel-lat_deg", QT_TRANSLATE_NOOP("term", "latitude")},
    {"channel-lon_deg", QT_TRANSLATE_NOOP("term", "longitude")},
    {"channel-down_rssi_dbm", QT_TRANSLATE_NOOP("term", "downlink signal")},
    {"channel-down_lq_pct", QT_TRANSLATE_NOOP("term", "downlink quality")},
    {"channel-down_snr_db", QT_TRANSLATE_NOOP("term", "downlink SNR")},
    {"channel-snr_db", QT_TRANSLATE_NOOP("term", "signal to noise")},
    {"channel-power_mw", QT_TRANSLATE_NOOP("term", "transmit power")},
    {"channel-rssi_dbm", QT_TRANSLATE_NOOP("term", "signal")},
    {"channel-lq_pct", QT_TRANSLATE_NOOP("term", "link quality")},
    {"channel-bitrate_mbps", QT_TRANSLATE_NOOP("term", "bitrate")},
    {"channel-delay_ms", QT_TRANSLATE_NOOP("term", "delay")},
    {"channel-rate_hz", QT_TRANSLATE_NOOP("term", "packet rate")},
    {"channel-mode", QT_TRANSLATE_NOOP("term", "mode")},
    {"channel-frequency_mhz", QT_TRANSLATE_NOOP("term", "frequency")},
    {"channel-level", QT_TRANSLATE_NOOP("term", "RSSI (uncalibrated)")},
    {"channel-fades_a", QT_TRANSLATE_NOOP("term", "fades on antenna A")},
    {"channel-time_s", QT_TRANSLATE_NOOP("term", "time")},
    {"channel-date", QT_TRANSLATE_NOOP("term", "date")},
    {"channel-distance_m", QT_TRANSLATE_NOOP("term", "distance")},
    {"channel-altitude_msl_m", QT_TRANSLATE_NOOP("term", "altitude above sea level")},
    {"channel-height_m", QT_TRANSLATE_NOOP("term", "height")},
    {"channel-speed_mps", QT_TRANSLATE_NOOP("term", "speed")},
    {"channel-heading_deg", QT_TRANSLATE_NOOP("term", "heading")},
    {"channel-post", QT_TRANSLATE_NOOP("term", "post number")},
    {"channel-satellites", QT_TRANSLATE_NOOP("term", "satellites")},
    {"channel-battery_v", QT_TRANSLATE_NOOP("term", "battery voltage")},
    {"channel-used_mah", QT_TRANSLATE_NOOP("term", "charge used")},
    {"channel-current_a", QT_TRANSLATE_NOOP("term", "current")},
    {"column-setup", QT_TRANSLATE_NOOP("term", "setup")},
    {"column-order", QT_TRANSLATE_NOOP("term", "order")},
    {"column-flight", QT_TRANSLATE_NOOP("term", "flight")},
    {"column-ended", QT_TRANSLATE_NOOP("term", "end reason")},
    {"column-reduced", QT_TRANSLATE_NOOP("term", "power reduction")},
    {"column-notes", QT_TRANSLATE_NOOP("term", "notes")},
};

struct CountText {
  std::string_view code;
  const char* one;
  const char* several;  // the one that is translated, in the forms its language has
};

/// A text of its own, for languages with cases.
constexpr struct {
  const char *text, *comment;
} kFlightsFrom = QT_TRANSLATE_N_NOOP3("count", "%n flights", "as in: from 3 flights");

constexpr CountText kCounts[] = {
    {"flights", "%n flight", QT_TRANSLATE_N_NOOP("count", "%n flights")},
    {"flights-from", "%n flight", "%n flights"},
    {"flights-more", "%n more flight", QT_TRANSLATE_N_NOOP("count", "%n more flights")},
    {"flight-pairs-more", "%n more pair of flights",
     QT_TRANSLATE_N_NOOP("count", "%n more pairs of flights")},
    {"pairs-more", "%n more pair", QT_TRANSLATE_N_NOOP("count", "%n more pairs")},
    {"times", "%n time", QT_TRANSLATE_N_NOOP("count", "%n times")},
    {"times-more", "%n more time", QT_TRANSLATE_N_NOOP("count", "%n more times")},
    {"runs", "%n run", QT_TRANSLATE_N_NOOP("count", "%n runs")},
    {"passes", "%n pass", QT_TRANSLATE_N_NOOP("count", "%n passes")},
    {"logs", "%n log", QT_TRANSLATE_N_NOOP("count", "%n logs")},
    {"logs-more", "%n more log", QT_TRANSLATE_N_NOOP("count", "%n more logs")},
    {"setups", "%n setup", QT_TRANSLATE_N_NOOP("count", "%n setups")},
    {"records", "%n record", QT_TRANSLATE_N_NOOP("count", "%n records")},
    {"rows", "%n row", QT_TRANSLATE_N_NOOP("count", "%n rows")},
    {"numbers", "%n number", QT_TRANSLATE_N_NOOP("count", "%n numbers")},
    {"points", "%n point", QT_TRANSLATE_N_NOOP("count", "%n points")},
    {"readings", "%n reading", QT_TRANSLATE_N_NOOP("count", "%n readings")},
    {"checks", "%n check", QT_TRANSLATE_N_NOOP("count", "%n checks")},
    {"disturbances", "%n disturbance", QT_TRANSLATE_N_NOOP("count", "%n disturbances")},
    {"parts", "%n part", QT_TRANSLATE_N_NOOP("count", "%n parts")},
    {"pairs", "%n pair", QT_TRANSLATE_N_NOOP("count", "%n pairs")},
    {"sides", "%n side", QT_TRANSLATE_N_NOOP("count", "%n sides")},
    {"changes", "%n change", QT_TRANSLATE_N_NOOP("count", "%n changes")},
    {"freezes", "%n freeze", QT_TRANSLATE_N_NOOP("count", "%n freezes")},
    {"places", "%n place", QT_TRANSLATE_N_NOOP("count", "%n places")},
    {"laps", "%n lap", QT_TRANSLATE_N_NOOP("count", "%n laps")},
    {"positions", "%n position", QT_TRANSLATE_N_NOOP("count", "%n positions")},
    {"lines", "%n line", QT_TRANSLATE_N_NOOP("count", "%n lines")},
    {"subtitles", "%n subtitle", QT_TRANSLATE_N_NOOP("count", "%n subtitles")},
    {"events", "%n event", QT_TRANSLATE_N_NOOP("count", "%n events")},
    {"fields", "%n field", QT_TRANSLATE_N_NOOP("count", "%n fields")},
    {"recordings", "%n recording", QT_TRANSLATE_N_NOOP("count", "%n recordings")},
    {"rows-more", "%n more row", QT_TRANSLATE_N_NOOP("count", "%n more rows")},
    {"disturbances-more", "%n more disturbance", QT_TRANSLATE_N_NOOP("count", "%n more disturbances")},
};

const CountText* countOf(std::string_view code) {
  const auto* found = std::find_if(std::begin(kCounts), std::end(kCounts),
                                   [&](const CountText& c) { return c.code == code; });
  return found == std::end(kCounts) ? nullptr : found;
}

QString filled(const char* text, int n) {
  return QString::fromUtf8(text).replace(QStringLiteral("%n"), QString::number(n));
}

}  // namespace

QString term(std::string_view code) {
  static const std::map<std::string_view, const char*> kByCode = [] {
    std::map<std::string_view, const char*> all;
    for (const TermText& t : kTerms) all.emplace(t.code, t.text);
    for (const TermText& t : benchTerms()) all.emplace(t.code, t.text);
    for (const TermText& t : kitTerms()) all.emplace(t.code, t.text);
    for (const TermText& t : flightTerms()) all.emplace(t.code, t.text);
    for (const TermText& t : groundTerms()) all.emplace(t.code, t.text);
    for (const TermText& t : beyondTerms()) all.emplace(t.code, t.text);
    return all;
  }();
  if (const auto found = kByCode.find(code); found != kByCode.end())
    return QCoreApplication::translate("term", found->second);
  return QString::fromUtf8(code.data(), qsizetype(code.size()));
}

QString channel(std::string_view channel) {
  const std::size_t dot = channel.find_last_of('.');
  const QString name = term("channel-" + std::string(channel.substr(dot + 1)));
  if (dot == std::string_view::npos) return name;
  return QCoreApplication::translate("term", "%1 %2")
      .arg(QString::fromUtf8(channel.data(), qsizetype(dot)), name);
}

bool isCount(std::string_view code) {
  return countOf(code);
}

QString counted(std::string_view code, int n) {
  const CountText* c = countOf(code);
  if (!c) return {};
  const char* comment = code == "flights-from" ? kFlightsFrom.comment : nullptr;
  const QString translated = QCoreApplication::translate("count", c->several, comment, n);
  // English needs no translation file: its two forms stand here.
  return n == 1 && translated == filled(c->several, n) ? filled(c->one, n) : translated;
}

}  // namespace distanz::words
