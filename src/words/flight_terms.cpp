#include <QtGlobal>

#include "words/bench_terms.h"

namespace distanz::words {
namespace {

constexpr TermText kFlightTerms[] = {
    {"sd-flown", QT_TRANSLATE_NOOP("term", "as flown so far")},
    {"sd-said", QT_TRANSLATE_NOOP("term", "as entered")},
    {"sd-usual", QT_TRANSLATE_NOOP("term", "usual over open ground, nothing flown twice yet")},
    {"stop-battery", QT_TRANSLATE_NOOP("term", "the battery")},
    {"stop-farthest", QT_TRANSLATE_NOOP("term", "the distance allowed")},
    {"stop-sight", QT_TRANSLATE_NOOP("term", "the sight of it")},
    {"stop-path", QT_TRANSLATE_NOOP("term", "the end of the path")},
};

}  // namespace

std::span<const TermText> flightTerms() {
  return kFlightTerms;
}

}  // namespace distanz::words
