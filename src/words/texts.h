#pragma once
#include <QtGlobal>
#include <span>
#include <string_view>

/// What is said for each code of the table of findings: inside of words/.
namespace distanz::words {

/// Gaps are written {name}, {name:format} or {name.low:format}; say.h lists the formats. In the translation's
/// context "finding".
struct Text {
  std::string_view code;
  const char* title;  ///< a few words that stand alone; empty where there is none
  const char* text;   ///< may be empty where all is said by what follows it
};

std::span<const Text> compareTexts();
std::span<const Text> planTexts();
std::span<const Text> typedTexts();
std::span<const Text> campaignTexts();
std::span<const Text> logTexts();
std::span<const Text> fileTexts();
std::span<const Text> stepsTexts();
std::span<const Text> benchTexts();
std::span<const Text> radioTexts();
std::span<const Text> kitTexts();
std::span<const Text> flightTexts();
std::span<const Text> groundTexts();
std::span<const Text> beyondTexts();

/// Null where there is none.
const Text* textOf(std::string_view code);

}  // namespace distanz::words
