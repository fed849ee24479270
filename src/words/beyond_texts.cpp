#include "words/texts.h"

namespace distanz::words {
namespace {

constexpr Text kBeyondTexts[] = {
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
