#include <QtGlobal>

#include "words/bench_terms.h"

namespace distanz::words {
namespace {

constexpr TermText kFlightTerms[] = {
    {"sd-flown", QT_TRANSLATE_NOOP("term", "as flown so far")},
    {"sd-said", QT_TRANSLATE_NOOP("term", "as entered")},
    {"sd-usual", QT_TRANSLATE_NOOP("term", "usual over open ground, as nothing was flown twice yet")},
    {"stop-battery", QT_TRANSLATE_NOOP("term", "battery, with its reserve")},
    {"stop-farthest", QT_TRANSLATE_NOOP("term", "distance allowed")},
    {"stop-sight", QT_TRANSLATE_NOOP("term", "visual line of sight")},
    {"stop-path", QT_TRANSLATE_NOOP("term", "end of the path")},
    {"short-battery", QT_TRANSLATE_NOOP("term", "no.")},
    {"axis-pairs", QT_TRANSLATE_NOOP("term", "flights of each setup")},
    {"axis-chance", QT_TRANSLATE_NOOP("term", "chance of detecting it")},
    {"role-apart", QT_TRANSLATE_NOOP("term", "flights apart")},
    {"role-together", QT_TRANSLATE_NOOP("term", "both in one flight")},
    {"card-far-post", QT_TRANSLATE_NOOP("term", "far post at")},
    {"card-bearing", QT_TRANSLATE_NOOP("term", "bearing")},
    {"card-height", QT_TRANSLATE_NOOP("term", "height")},
    {"card-mast", QT_TRANSLATE_NOOP("term", "mast")},
    {"card-turns", QT_TRANSLATE_NOOP("term", "Turn at the latest")},
    {"card-order", QT_TRANSLATE_NOOP("term", "Order")},
    {"card-calls", QT_TRANSLATE_NOOP("term", "Call out at every post: signal, quality, voltage")},
    {"card-events", QT_TRANSLATE_NOOP("term", "And when it happens: first break-up, dropout, turned, regained, alarm.")},
    {"card-list", QT_TRANSLATE_NOOP("term", "Before the flight")},
    {"help-power", QT_TRANSLATE_NOOP("term", "twice the power")},
    {"help-gain", QT_TRANSLATE_NOOP("term", "3 dB more ground antenna")},
    {"help-cable", QT_TRANSLATE_NOOP("term", "no loss in cables")},
    {"help-pointing", QT_TRANSLATE_NOOP("term", "perfect pointing")},
    {"help-polarisation", QT_TRANSLATE_NOOP("term", "antennas of one polarisation")},
    {"help-mismatch", QT_TRANSLATE_NOOP("term", "antennas matched to their channel")},
    {"help-height", QT_TRANSLATE_NOOP("term", "10 m more height")},
    {"help-mast", QT_TRANSLATE_NOOP("term", "1 m more mast")},
    {"help-band", QT_TRANSLATE_NOOP("term", "the kit's next lower band (same gain needs larger antennas)")},
    {"help-caution-power", QT_TRANSLATE_NOOP("term", "more heat and interference; keep to the local limit")},
    {"help-caution-gain", QT_TRANSLATE_NOOP("term", "narrower beam: point it well, and mind what is above and behind")},
    {"help-caution-cable", QT_TRANSLATE_NOOP("term", "radio at the antenna, or a thicker cable")},
    {"help-caution-pointing", QT_TRANSLATE_NOOP("term", "a fixed stand, or a tracker that knows its north")},
    {"help-caution-polarisation", QT_TRANSLATE_NOOP("term", "same hand or same tilt at both ends")},
    {"help-caution-mismatch", QT_TRANSLATE_NOOP("term", "sweep them in place, with cover")},
    {"help-caution-height", QT_TRANSLATE_NOOP("term", "keep to the height limit; expect more wind")},
    {"help-caution-mast", QT_TRANSLATE_NOOP("term", "guy it; stay clear of power lines")},
    {"help-caution-band", QT_TRANSLATE_NOOP("term", "other radios, larger antennas, other rules; the same gains are assumed")},
    {"ground-", QT_TRANSLATE_NOOP("term", "not used")},
    {"ground-very-dry", QT_TRANSLATE_NOOP("term", "very dry ground")},
    {"ground-medium-dry", QT_TRANSLATE_NOOP("term", "medium dry ground")},
    {"ground-wet", QT_TRANSLATE_NOOP("term", "wet ground")},
    {"ground-fresh-water", QT_TRANSLATE_NOOP("term", "fresh water")},
    {"ground-sea-water", QT_TRANSLATE_NOOP("term", "sea water")},
    {"school-", QT_TRANSLATE_NOOP("term", "not used")},
    {"school-bullington", QT_TRANSLATE_NOOP("term", "Bullington")},
    {"school-deygout", QT_TRANSLATE_NOOP("term", "Deygout")},
    {"loss-reflection", QT_TRANSLATE_NOOP("term", "ground reflection")},
    {"loss-obstruction", QT_TRANSLATE_NOOP("term", "earth curvature")},
    {"loss-rain", QT_TRANSLATE_NOOP("term", "rain")},
    {"loss-cloud", QT_TRANSLATE_NOOP("term", "fog")},
    {"loss-gases", QT_TRANSLATE_NOOP("term", "oxygen and water vapour")},
    {"turn-battery", QT_TRANSLATE_NOOP("term", "battery")},
    {"turn-terrain", QT_TRANSLATE_NOOP("term", "ground")},
    {"turn-farthest", QT_TRANSLATE_NOOP("term", "allowed")},
    {"turn-sight", QT_TRANSLATE_NOOP("term", "visual line of sight")},
};

}  // namespace

std::span<const TermText> flightTerms() {
  return kFlightTerms;
}

}  // namespace distanz::words
