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
    {"column-setup", QT_TRANSLATE_NOOP("term", "setup")},
    {"column-order", QT_TRANSLATE_NOOP("term", "order")},
    {"column-flight", QT_TRANSLATE_NOOP("term", "flight")},
    {"column-ended", QT_TRANSLATE_NOOP("term", "why it ended")},
    {"column-reduced", QT_TRANSLATE_NOOP("term", "reduced power")},
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
