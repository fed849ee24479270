#include "words/texts.h"

#include <map>

namespace distanz::words {

const Text* textOf(std::string_view code) {
  static const std::map<std::string_view, const Text*> kByCode = [] {
    std::map<std::string_view, const Text*> out;
    for (const auto texts : {compareTexts(), planTexts(), typedTexts(), campaignTexts(), logTexts(),
                             fileTexts(), stepsTexts(), benchTexts(), radioTexts(), kitTexts(), flightTexts(), groundTexts(), beyondTexts()})
      for (const Text& t : texts) out.emplace(t.code, &t);
    return out;
  }();
  const auto found = kByCode.find(code);
  return found == kByCode.end() ? nullptr : found->second;
}

}  // namespace distanz::words
