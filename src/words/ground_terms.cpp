#include <QtGlobal>

#include "words/bench_terms.h"

namespace distanz::words {
namespace {

constexpr TermText kGroundTerms[] = {
    {"layer-", QT_TRANSLATE_NOOP("term", "only drawn")},
    {"layer-terrain", QT_TRANSLATE_NOOP("term", "terrain")},
    {"layer-trees", QT_TRANSLATE_NOOP("term", "trees")},
    {"layer-buildings", QT_TRANSLATE_NOOP("term", "buildings")},
    {"layer-water", QT_TRANSLATE_NOOP("term", "water")},
    {"layer-roads", QT_TRANSLATE_NOOP("term", "roads")},
    {"layer-keep-out", QT_TRANSLATE_NOOP("term", "keep out")},
    {"layer-posts", QT_TRANSLATE_NOOP("term", "posts")},
    {"course-out", QT_TRANSLATE_NOOP("term", "straight out")},
    {"course-across", QT_TRANSLATE_NOOP("term", "across, from left to right")},
    {"course-through", QT_TRANSLATE_NOOP("term", "from behind, over the station")},
    {"course-circle", QT_TRANSLATE_NOOP("term", "circle around the station")},
    {"course-box", QT_TRANSLATE_NOOP("term", "box, indoors")},
    {"stop-terrain", QT_TRANSLATE_NOOP("term", "the ground")},
};

}  // namespace

std::span<const TermText> groundTerms() {
  return kGroundTerms;
}

}  // namespace distanz::words
