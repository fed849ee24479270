#pragma once
#include <span>
#include <string_view>

/// Terms of the kit, the bench, the ground check and the plan of flights: inside of words/.
namespace distanz::words {

/// A term and what is said for it, in the translation's context "term".
struct TermText {
  std::string_view code;
  const char* text;
};

std::span<const TermText> benchTerms();
std::span<const TermText> kitTerms();
std::span<const TermText> flightTerms();
std::span<const TermText> groundTerms();
std::span<const TermText> beyondTerms();

}  // namespace distanz::words
