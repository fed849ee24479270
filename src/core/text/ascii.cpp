#include "core/text/ascii.h"

#include <algorithm>
#include <charconv>

namespace distanz::text {
namespace {

struct Number {
  double value = 0;
  bool read = false, whole = false;
};

Number numberAt(std::string_view text) {
  Number out;
  const auto end = std::from_chars(text.data(), text.data() + text.size(), out.value);
  out.read = end.ec == std::errc();
  out.whole = out.read && end.ptr == text.data() + text.size();
  return out;
}

}  // namespace

std::string lower(std::string_view text) {
  std::string out(text);
  std::transform(out.begin(), out.end(), out.begin(), [](char c) { return lower(c); });
  return out;
}

std::string upper(std::string_view text) {
  std::string out(text);
  std::transform(out.begin(), out.end(), out.begin(), [](char c) { return upper(c); });
  return out;
}

std::optional<double> leadingNumber(std::string_view text) {
  const Number n = numberAt(text);
  return n.read ? std::optional(n.value) : std::nullopt;
}

std::optional<double> wholeNumber(std::string_view text) {
  const Number n = numberAt(text);
  return n.whole ? std::optional(n.value) : std::nullopt;
}

}  // namespace distanz::text
