#pragma once
#include <span>
#include <string_view>

/// Terms of the bench and the ground check: inside of words/.
namespace distanz::words {

/// A term and what is said for it, in the translation's context "term".
struct TermText {
  std::string_view code;
  const char* text;
};

std::span<const TermText> benchTerms();
std::span<const TermText> kitTerms();

}  // namespace distanz::words
