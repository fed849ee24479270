#include <QtGlobal>

#include "words/bench_terms.h"

namespace distanz::words {
namespace {

constexpr TermText kGroundTerms[] = {
    {"layer-", QT_TRANSLATE_NOOP("term", "drawn only")},
    {"layer-terrain", QT_TRANSLATE_NOOP("term", "terrain")},
    {"layer-trees", QT_TRANSLATE_NOOP("term", "trees")},
    {"layer-buildings", QT_TRANSLATE_NOOP("term", "buildings")},
    {"layer-water", QT_TRANSLATE_NOOP("term", "water")},
    {"layer-roads", QT_TRANSLATE_NOOP("term", "roads")},
    {"layer-keep-out", QT_TRANSLATE_NOOP("term", "keep out")},
    {"layer-posts", QT_TRANSLATE_NOOP("term", "posts")},
    {"formula-ground", QT_TRANSLATE_NOOP("term", "reflecting ground")},
    {"formula-woodland", QT_TRANSLATE_NOOP("term", "path through trees")},
    {"formula-gases", QT_TRANSLATE_NOOP("term", "air")},
    {"formula-rain", QT_TRANSLATE_NOOP("term", "rain")},
    {"formula-cloud", QT_TRANSLATE_NOOP("term", "fog")},
    {"course-out", QT_TRANSLATE_NOOP("term", "straight outbound")},
    {"course-across", QT_TRANSLATE_NOOP("term", "across, from left to right")},
    {"course-through", QT_TRANSLATE_NOOP("term", "from behind, over the station")},
    {"course-circle", QT_TRANSLATE_NOOP("term", "circle around the station")},
    {"course-box", QT_TRANSLATE_NOOP("term", "box, indoors")},
    {"stop-terrain", QT_TRANSLATE_NOOP("term", "ground below the path")},
    {"beside-", QT_TRANSLATE_NOOP("term", "not set")},
    {"beside-nothing", QT_TRANSLATE_NOOP("term", "none")},
    {"beside-person", QT_TRANSLATE_NOOP("term", "person")},
    {"beside-vehicle", QT_TRANSLATE_NOOP("term", "vehicle")},
    {"unsure-power", QT_TRANSLATE_NOOP("term", "Transmit power")},
    {"unsure-gain", QT_TRANSLATE_NOOP("term", "Gain of both antennas")},
    {"unsure-loss", QT_TRANSLATE_NOOP("term", "Cables and filters")},
    {"unsure-mismatch", QT_TRANSLATE_NOOP("term", "Fit of the antennas to their channel")},
    {"unsure-polarisation", QT_TRANSLATE_NOOP("term", "Polarisation")},
    {"unsure-pointing", QT_TRANSLATE_NOOP("term", "Pointing")},
    {"unsure-receiver", QT_TRANSLATE_NOOP("term", "Receiver's sensitivity")},
    {"help-mount", QT_TRANSLATE_NOOP("term", "another antenna mounting")},
    {"help-caution-mount", QT_TRANSLATE_NOOP("term", "clear of carbon and battery; try it on the ground check")},
};

}  // namespace

std::span<const TermText> groundTerms() {
  return kGroundTerms;
}

}  // namespace distanz::words
