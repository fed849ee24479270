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
    {"short-battery", QT_TRANSLATE_NOOP("term", "no.")},
    {"axis-pairs", QT_TRANSLATE_NOOP("term", "flights of each setup")},
    {"axis-chance", QT_TRANSLATE_NOOP("term", "chance to tell")},
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
};

}  // namespace

std::span<const TermText> flightTerms() {
  return kFlightTerms;
}

}  // namespace distanz::words
