#include <QtGlobal>

#include "words/bench_terms.h"

namespace distanz::words {
namespace {

constexpr TermText kBeyondTerms[] = {
    {"side-0", QT_TRANSLATE_NOOP("term", "nose")},
    {"side-1", QT_TRANSLATE_NOOP("term", "right front")},
    {"side-2", QT_TRANSLATE_NOOP("term", "right side")},
    {"side-3", QT_TRANSLATE_NOOP("term", "right rear")},
    {"side-4", QT_TRANSLATE_NOOP("term", "tail")},
    {"side-5", QT_TRANSLATE_NOOP("term", "left rear")},
    {"side-6", QT_TRANSLATE_NOOP("term", "left side")},
    {"side-7", QT_TRANSLATE_NOOP("term", "left front")},
    {"channel-picture", QT_TRANSLATE_NOOP("term", "picture grade")},
    {"channel-frames", QT_TRANSLATE_NOOP("term", "frames")},
    {"channel-slant_m", QT_TRANSLATE_NOOP("term", "slant distance")},
    {"channel-along_m", QT_TRANSLATE_NOOP("term", "distance along the path")},
    {"channel-travelled_m", QT_TRANSLATE_NOOP("term", "distance travelled")},
    {"channel-roll_deg", QT_TRANSLATE_NOOP("term", "roll")},
    {"channel-pitch_deg", QT_TRANSLATE_NOOP("term", "pitch")},
};

}  // namespace

std::span<const TermText> beyondTerms() {
  return kBeyondTerms;
}

}  // namespace distanz::words
