#include "words/texts.h"

namespace distanz::words {
namespace {

constexpr Text kBeyondTexts[] = {
    {"other-height", QT_TRANSLATE_NOOP("finding", "{subject} was flown at another height"),
     QT_TRANSLATE_NOOP("finding", "At {flown}, the rest at {usual}. Height changes what stands in the way and what the ground reflects: fly it again, or void it with that reason.")},
    {"other-speed", QT_TRANSLATE_NOOP("finding", "{subject} was flown at another speed"),
     QT_TRANSLATE_NOOP("finding", "At {flown} over the ground, the rest at {usual}. A faster one has fewer readings of each place and tilts more: fly it again, or void it with that reason.")},
    {"other-heading", QT_TRANSLATE_NOOP("finding", "{subject} was flown with another heading"),
     QT_TRANSLATE_NOOP("finding", "Its nose pointed to {flown} on the way out, that of the rest to {usual}: another side of the aircraft faced the station. Hold the heading, or look at the sides of the aircraft before comparing.")},
    {"other-side", QT_TRANSLATE_NOOP("finding", "{subject} was flown beside the path"),
     QT_TRANSLATE_NOOP("finding", "By {flown}, the rest by {usual} (to the right): other trees and other ground. Fly it again, or void it with that reason.")},
    {"equipment-limit", QT_TRANSLATE_NOOP("finding", "A limit of the equipment, not of the radio"),
     QT_TRANSLATE_NOOP("finding", "{runs} runs of different setups all lost the {link} link at {distance} at once, from full quality and with a signal of {signal} or more. Such a stop says nothing about range: it is not counted as lost, and what lies behind it not at all. Look for a distance limit or a timeout in the equipment.")},
    {"stopped-sharply", QT_TRANSLATE_NOOP("finding", "Stopped at once, with signal in hand"),
     QT_TRANSLATE_NOOP("finding", "The {link} link went from full quality to nothing at {distance}, with a signal of {signal}. If it does so again at that distance with another setup, the equipment has a limit built in; if not, look for a loose connector or something else on the air.")},
    {"is-a-course", "",
     QT_TRANSLATE_NOOP("finding", "a course: it counts on its named stretches, and is never merged into the open range")},
    {"only-travelled", "",
     QT_TRANSLATE_NOOP("finding",
                       "the log tells the distance travelled, not how far from the station it was; bring positions or a "
                       "distance from the station, or mark on its strip when each post was passed")},
};

}  // namespace

std::span<const Text> beyondTexts() {
  return kBeyondTexts;
}

}  // namespace distanz::words
