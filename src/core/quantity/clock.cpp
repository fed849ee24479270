#include "core/quantity/clock.h"

#include <string>

namespace distanz::quantity {

std::optional<double> clockFrom(std::string_view text) {
  std::string digits;
  std::size_t colon = std::string::npos;
  for (const char c : text) {
    if (c >= '0' && c <= '9')
      digits += c;
    else if ((c == ':' || c == '.') && colon == std::string::npos)
      colon = digits.size();
    else if (c != ' ')
      return std::nullopt;
  }
  if (digits.empty() || digits.size() > 4 || colon == 0) return std::nullopt;
  if (colon == std::string::npos) colon = digits.size() <= 2 ? digits.size() : digits.size() - 2;
  if (colon > 2 || digits.size() - colon > 2 || digits.size() - colon == 1) return std::nullopt;
  const int hours = std::stoi(digits.substr(0, colon)),
            minutes = colon < digits.size() ? std::stoi(digits.substr(colon)) : 0;
  if (hours > 24 || minutes > 59 || (hours == 24 && minutes > 0)) return std::nullopt;
  return 3600.0 * hours + 60.0 * minutes;
}

}  // namespace distanz::quantity
