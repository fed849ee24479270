#include "words/phrases.h"

#include <QCoreApplication>
#include <algorithm>
#include <iterator>

namespace distanz::words {
namespace {

struct TermText {
  std::string_view code;
  const char* text;
};

constexpr TermText kTerms[] = {
    {"part-quality", QT_TRANSLATE_NOOP("term", "its link quality")},
    {"part-bitrate", QT_TRANSLATE_NOOP("term", "its bitrate")},
    {"part-margin", QT_TRANSLATE_NOOP("term", "its signal margin")},
    {"rule-quality", QT_TRANSLATE_NOOP("term", "quality")},
    {"rule-bitrate", QT_TRANSLATE_NOOP("term", "bitrate")},
    {"rule-margin", QT_TRANSLATE_NOOP("term", "margin")},
    {"seen-never", QT_TRANSLATE_NOOP("term", "never seen failing")},
    {"seen-seldom", QT_TRANSLATE_NOOP("term", "seldom seen failing")},
    {"rests-on-quality", QT_TRANSLATE_NOOP("term", "quality rule")},
    {"rests-on-bitrate", QT_TRANSLATE_NOOP("term", "bitrate rule")},
    {"rests-on-margin", QT_TRANSLATE_NOOP("term", "sensitivity you entered")},
    {"column-gnss", QT_TRANSLATE_NOOP("term", "GNSS")},
    {"column-distance", QT_TRANSLATE_NOOP("term", "the distance column")},
    {"advice-still-there", QT_TRANSLATE_NOOP("term", "check that it is still there")},
    {"advice-free-space", QT_TRANSLATE_NOOP("term", "free some space and try again")},
    {"advice-permissions", QT_TRANSLATE_NOOP("term", "check the permissions, or choose another folder")},
    {"advice-shorter-name", QT_TRANSLATE_NOOP("term", "choose a shorter name")},
    {"advice-disk", QT_TRANSLATE_NOOP("term", "check the disk, or choose another folder")},
    {"ended-", QT_TRANSLATE_NOOP("term", "not said")},
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
    {"field-lqMin", QT_TRANSLATE_NOOP("term", "least link quality")},
    {"field-bitrateMin", QT_TRANSLATE_NOOP("term", "least bitrate")},
    {"field-power", QT_TRANSLATE_NOOP("term", "transmit power")},
    {"field-txGain", QT_TRANSLATE_NOOP("term", "transmit antenna gain")},
    {"field-txLoss", QT_TRANSLATE_NOOP("term", "transmit cable loss")},
    {"field-rxGain", QT_TRANSLATE_NOOP("term", "receive antenna gain")},
    {"field-rxLoss", QT_TRANSLATE_NOOP("term", "receive cable loss")},
    {"field-stationLat", QT_TRANSLATE_NOOP("term", "station latitude")},
    {"field-stationLon", QT_TRANSLATE_NOOP("term", "station longitude")},
    {"field-antennaHeight", QT_TRANSLATE_NOOP("term", "antenna height")},
    {"field-pathDistance", QT_TRANSLATE_NOOP("term", "distance of the far post")},
    {"field-pathBearing", QT_TRANSLATE_NOOP("term", "bearing of the far post")},
    {"field-flightHeight", QT_TRANSLATE_NOOP("term", "height of the flight")},
    {"field-posts", QT_TRANSLATE_NOOP("term", "spacing of posts")},
    {"field-farLat", QT_TRANSLATE_NOOP("term", "far post latitude")},
    {"field-farLon", QT_TRANSLATE_NOOP("term", "far post longitude")},
    {"field-exponent", QT_TRANSLATE_NOOP("term", "path-loss exponent")},
    {"channel-lat_deg", QT_TRANSLATE_NOOP("term", "latitude")},
    {"channel-lon_deg", QT_TRANSLATE_NOOP("term", "longitude")},
    {"channel-snr_db", QT_TRANSLATE_NOOP("term", "signal to noise")},
    {"channel-power_mw", QT_TRANSLATE_NOOP("term", "transmit power")},
    {"channel-rssi_dbm", QT_TRANSLATE_NOOP("term", "signal")},
    {"channel-lq_pct", QT_TRANSLATE_NOOP("term", "link quality")},
    {"channel-bitrate_mbps", QT_TRANSLATE_NOOP("term", "bitrate")},
    {"channel-delay_ms", QT_TRANSLATE_NOOP("term", "delay")},
    {"channel-rate_hz", QT_TRANSLATE_NOOP("term", "packet rate")},
    {"channel-mode", QT_TRANSLATE_NOOP("term", "mode")},
    {"channel-frequency_mhz", QT_TRANSLATE_NOOP("term", "frequency")},
    {"channel-level", QT_TRANSLATE_NOOP("term", "level without a unit")},
    {"channel-fades_a", QT_TRANSLATE_NOOP("term", "fades on antenna A")},
    {"channel-time_s", QT_TRANSLATE_NOOP("term", "time")},
    {"channel-date", QT_TRANSLATE_NOOP("term", "date")},
    {"channel-distance_m", QT_TRANSLATE_NOOP("term", "distance")},
    {"channel-altitude_msl_m", QT_TRANSLATE_NOOP("term", "altitude above the sea")},
    {"channel-height_m", QT_TRANSLATE_NOOP("term", "height")},
    {"channel-speed_mps", QT_TRANSLATE_NOOP("term", "speed")},
    {"channel-heading_deg", QT_TRANSLATE_NOOP("term", "heading")},
    {"channel-satellites", QT_TRANSLATE_NOOP("term", "satellites")},
    {"channel-battery_v", QT_TRANSLATE_NOOP("term", "battery voltage")},
    {"channel-used_mah", QT_TRANSLATE_NOOP("term", "charge used")},
    {"channel-current_a", QT_TRANSLATE_NOOP("term", "current")},
    {"column-setup", QT_TRANSLATE_NOOP("term", "setup")},
    {"column-order", QT_TRANSLATE_NOOP("term", "order")},
    {"column-flight", QT_TRANSLATE_NOOP("term", "flight")},
    {"column-ended", QT_TRANSLATE_NOOP("term", "why it ended")},
    {"column-reduced", QT_TRANSLATE_NOOP("term", "reduced power")},
    {"column-notes", QT_TRANSLATE_NOOP("term", "notes")},
    {"figure-vswr", QT_TRANSLATE_NOOP("term", "VSWR")},
    {"figure-vswr-least", QT_TRANSLATE_NOOP("term", "least VSWR")},
    {"figure-mismatch-loss", QT_TRANSLATE_NOOP("term", "mismatch loss")},
    {"figure-return-loss", QT_TRANSLATE_NOOP("term", "return loss")},
    {"figure-accepted", QT_TRANSLATE_NOOP("term", "power accepted")},
    {"figure-range-lost", QT_TRANSLATE_NOOP("term", "range lost")},
    {"figure-shift", QT_TRANSLATE_NOOP("term", "resonance moved by")},
    {"figure-change-loss", QT_TRANSLATE_NOOP("term", "lost by the change")},
    {"figure-grip", QT_TRANSLATE_NOOP("term", "reflection moved by a hand")},
    {"figure-power-settled", QT_TRANSLATE_NOOP("term", "settled power")},
    {"figure-power-idle", QT_TRANSLATE_NOOP("term", "power before arming")},
    {"figure-nominal-share", QT_TRANSLATE_NOOP("term", "share of nominal")},
    {"figure-warm-up", QT_TRANSLATE_NOOP("term", "warm-up")},
    {"figure-droop", QT_TRANSLATE_NOOP("term", "droop")},
    {"figure-scale-floor", QT_TRANSLATE_NOOP("term", "scale from")},
    {"figure-scale-ceiling", QT_TRANSLATE_NOOP("term", "scale up to")},
    {"figure-scale-step", QT_TRANSLATE_NOOP("term", "coarsest step")},
    {"figure-scale-scatter", QT_TRANSLATE_NOOP("term", "scatter of a reading")},
    {"figure-beam-width", QT_TRANSLATE_NOOP("term", "half-power width")},
    {"figure-front-to-back", QT_TRANSLATE_NOOP("term", "front to back")},
    {"figure-gain", QT_TRANSLATE_NOOP("term", "gain")},
    {"figure-usable-angle", QT_TRANSLATE_NOOP("term", "usable angle")},
    {"figure-stands-for", QT_TRANSLATE_NOOP("term", "stands for")},
    {"figure-stands-for-free", QT_TRANSLATE_NOOP("term", "in free space")},
    {"figure-attenuator-for", QT_TRANSLATE_NOOP("term", "attenuator to fit")},
    {"figure-trim-midpoint", QT_TRANSLATE_NOOP("term", "midpoint")},
    {"figure-trim-width", QT_TRANSLATE_NOOP("term", "width")},
    {"figure-trim-scatter", QT_TRANSLATE_NOOP("term", "scatter of midpoints")},
    {"figure-polarisation-best", QT_TRANSLATE_NOOP("term", "turned best")},
    {"figure-polarisation-worst", QT_TRANSLATE_NOOP("term", "turned worst")},
    {"figure-polarisation-loss", QT_TRANSLATE_NOOP("term", "polarisation loss")},
    {"figure-polarisation-bounced", QT_TRANSLATE_NOOP("term", "with bounced power")},
    {"figure-pointing-loss", QT_TRANSLATE_NOOP("term", "pointing loss")},
    {"figure-occupied", QT_TRANSLATE_NOOP("term", "occupied (99 %)")},
    {"figure-width-20-db", QT_TRANSLATE_NOOP("term", "width at -20 dB")},
    {"figure-band-power", QT_TRANSLATE_NOOP("term", "power in the band")},
    {"figure-floor", QT_TRANSLATE_NOOP("term", "floor")},
    {"figure-armed-over-idle", QT_TRANSLATE_NOOP("term", "armed over idle")},
    {"figure-floor-rise", QT_TRANSLATE_NOOP("term", "noise floor rises")},
    {"figure-isolation", QT_TRANSLATE_NOOP("term", "isolation by distance and filter")},
    {"figure-fades", QT_TRANSLATE_NOOP("term", "fades of antenna")},
    {"figure-lost-frames", QT_TRANSLATE_NOOP("term", "lost frames")},
    {"figure-holds", QT_TRANSLATE_NOOP("term", "holds")},
    {"figure-received", QT_TRANSLATE_NOOP("term", "share received")},
    {"figure-walked", QT_TRANSLATE_NOOP("term", "distance reached")},
    {"figure-walked-before", QT_TRANSLATE_NOOP("term", "reached before")},
    {"figure-walked-after", QT_TRANSLATE_NOOP("term", "reached after")},
    {"figure-walk-change", QT_TRANSLATE_NOOP("term", "change")},
    {"figure-full-power", QT_TRANSLATE_NOOP("term", "at full power")},
    {"figure-swap-difference", QT_TRANSLATE_NOOP("term", "on less off")},
    {"figure-swap-p", QT_TRANSLATE_NOOP("term", "by chance alone")},
    {"claim-gain-of-width", QT_TRANSLATE_NOOP("term", "The gain, with that beam width,")},
    {"claim-helix-gain", QT_TRANSLATE_NOOP("term", "The gain, with so many turns,")},
    {"claim-helix-width", QT_TRANSLATE_NOOP("term", "The beam width, with so many turns,")},
    {"claim-helix-axial-ratio", QT_TRANSLATE_NOOP("term", "The axial ratio, with so many turns,")},
    {"claim-band-of-size", QT_TRANSLATE_NOOP("term", "The band, at that size,")},
    {"claim-gain", QT_TRANSLATE_NOOP("term", "The gain, against what was measured,")},
    {"claim-width", QT_TRANSLATE_NOOP("term", "The beam width, against what was measured,")},
    {"claim-vswr", QT_TRANSLATE_NOOP("term", "The VSWR, against what was measured,")},
    {"claim-band", QT_TRANSLATE_NOOP("term", "The band, against what was measured,")},
    {"claim-axial-ratio", QT_TRANSLATE_NOOP("term", "The axial ratio, against what was measured,")},
    {"claim-front-to-back", QT_TRANSLATE_NOOP("term", "The front-to-back ratio, against what was measured,")},
    {"look-lobes_alike", QT_TRANSLATE_NOOP("term", "all lobes alike")},
    {"look-elements_joined", QT_TRANSLATE_NOOP("term", "every element joined")},
    {"look-gaps_equal", QT_TRANSLATE_NOOP("term", "gaps equal")},
    {"look-connector_straight", QT_TRANSLATE_NOOP("term", "connector straight")},
    {"look-connector_tight", QT_TRANSLATE_NOOP("term", "connector tight")},
    {"look-right_gender", QT_TRANSLATE_NOOP("term", "connector of the right gender")},
    {"look-right_hand", QT_TRANSLATE_NOOP("term", "of the right hand")},
    {"look-cover_sound", QT_TRANSLATE_NOOP("term", "cover whole and dry")},
    {"role-", QT_TRANSLATE_NOOP("term", "as it is")},
    {"role-bare", QT_TRANSLATE_NOOP("term", "bare")},
    {"role-covered", QT_TRANSLATE_NOOP("term", "covered")},
    {"role-before", QT_TRANSLATE_NOOP("term", "before")},
    {"role-after", QT_TRANSLATE_NOOP("term", "after")},
    {"role-free", QT_TRANSLATE_NOOP("term", "cable free")},
    {"role-held", QT_TRANSLATE_NOOP("term", "cable held")},
    {"role-idle", QT_TRANSLATE_NOOP("term", "idle")},
    {"role-armed", QT_TRANSLATE_NOOP("term", "armed")},
    {"role-on", QT_TRANSLATE_NOOP("term", "on")},
    {"role-off", QT_TRANSLATE_NOOP("term", "off")},
    {"role-picture", QT_TRANSLATE_NOOP("term", "picture")},
    {"axis-frequency", QT_TRANSLATE_NOOP("term", "frequency")},
    {"axis-vswr", QT_TRANSLATE_NOOP("term", "VSWR")},
    {"axis-real", QT_TRANSLATE_NOOP("term", "real part of the reflection")},
    {"axis-imaginary", QT_TRANSLATE_NOOP("term", "imaginary part")},
    {"axis-time", QT_TRANSLATE_NOOP("term", "time")},
    {"axis-power", QT_TRANSLATE_NOOP("term", "power")},
    {"axis-level", QT_TRANSLATE_NOOP("term", "level")},
    {"axis-reading", QT_TRANSLATE_NOOP("term", "reading")},
    {"axis-angle", QT_TRANSLATE_NOOP("term", "angle")},
    {"axis-offset", QT_TRANSLATE_NOOP("term", "offset")},
    {"axis-search", QT_TRANSLATE_NOOP("term", "search")},
    {"axis-walk", QT_TRANSLATE_NOOP("term", "walk")},
    {"axis-distance", QT_TRANSLATE_NOOP("term", "distance")},
    {"axis-order", QT_TRANSLATE_NOOP("term", "in order")},
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

constexpr struct {
  const char *text, *comment;
} kRunsOf = QT_TRANSLATE_N_NOOP3("count", "%n runs", "as in: 2 of 3 runs");

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
    {"runs-of", "%n run", "%n runs"},
    {"logs", "%n log", QT_TRANSLATE_N_NOOP("count", "%n logs")},
    {"setups", "%n setup", QT_TRANSLATE_N_NOOP("count", "%n setups")},
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
  for (const TermText& t : kTerms)
    if (t.code == code) return QCoreApplication::translate("term", t.text);
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
  const char* comment = code == "flights-from" ? kFlightsFrom.comment
                        : code == "runs-of"    ? kRunsOf.comment
                                               : nullptr;
  const QString translated = QCoreApplication::translate("count", c->several, comment, n);
  // English needs no translation file: its two forms stand here.
  return n == 1 && translated == filled(c->several, n) ? filled(c->one, n) : translated;
}

}  // namespace distanz::words
