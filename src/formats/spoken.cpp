#include "formats/spoken.h"

#include <fmt/format.h>

#include <array>
#include <cmath>

#include "core/text/ascii.h"
#include "formats/fields.h"

namespace distanz::formats {
namespace {

constexpr std::string_view kAbout[] = {"~", "\u2248", "about", "approx.", "approx", "roughly", "circa", "ca.", "ca", "etwa", "rund", "ungef\u00e4hr"};
constexpr std::string_view kBounds[] = {">=", "<=", "\u2265", "\u2264", ">", "<", "over", "above", "under", "below", "at least", "at most", "\u00fcber", "unter", "mindestens", "h\u00f6chstens"};
constexpr std::string_view kNothing[] = {"no ", "none", "nothing", "lost", "loss", "gone", "dead", "black", "froze", "frozen", "failsafe", "kein", "nichts", "verlor", "weg", "aus", "schwarz"};
constexpr std::string_view kTo[] = {"\u2013", "\u2014", "..", "to", "bis", "/", "-"};
constexpr std::string_view kDigits = "0123456789";

std::string_view bare(std::string_view t) {
  while (!t.empty() && t.front() == ' ') t.remove_prefix(1);
  while (!t.empty() && t.back() == ' ') t.remove_suffix(1);
  return t;
}

template <std::size_t kCount>
bool takeFirst(std::string_view& text, const std::string_view (&of)[kCount]) {
  for (const std::string_view word : of)
    if (text.starts_with(word)) {
      text = bare(text.substr(word.size()));
      return true;
    }
  return false;
}

/// A number at the front: sign, digits, one mark. @return how long it is
std::size_t numberLength(std::string_view t) {
  std::size_t i = 0;
  if (t.starts_with("\u2212")) i = std::string_view("\u2212").size();
  else if (!t.empty() && (t[0] == '-' || t[0] == '+')) i = 1;
  const std::size_t digits = i;
  bool mark = false, any = false;
  for (; i < t.size(); ++i) {
    if (kDigits.find(t[i]) != std::string_view::npos) any = true;
    else if ((t[i] == '.' || t[i] == ',') && !mark && any && i + 1 < t.size() && kDigits.find(t[i + 1]) != std::string_view::npos) mark = true;
    else break;
  }
  return any && i > digits ? i : 0;
}

double valueOf(std::string_view number, bool decimal_comma) {
  std::string plain(number);
  if (plain.starts_with("\u2212")) plain = "-" + plain.substr(std::string_view("\u2212").size());
  if (plain.starts_with('+')) plain.erase(0, 1);
  return parseNumber(plain, decimal_comma || plain.find(',') != std::string::npos);
}

}  // namespace

Spoken spokenReading(std::string_view text, bool decimal_comma) {
  const std::string low = text::lower(std::string(bare(text)));
  std::string_view rest = low;
  Spoken out;
  SpokenKind kind = SpokenKind::Exact;
  if (takeFirst(rest, kAbout)) kind = SpokenKind::About;
  else if (takeFirst(rest, kBounds)) kind = SpokenKind::Bound;
  const std::size_t length = numberLength(rest);
  if (length == 0) {
    for (const std::string_view word : kNothing)
      if (low.starts_with(word)) return {SpokenKind::Nothing, "0", {}};
    return out;
  }
  double value = valueOf(rest.substr(0, length), decimal_comma);
  rest = bare(rest.substr(length));
  std::string_view behind = rest;
  if (takeFirst(behind, kTo))
    if (const std::size_t second = numberLength(behind); second > 0) {
      value = (value + valueOf(behind.substr(0, second), decimal_comma)) / 2;
      rest = bare(behind.substr(second));
      kind = SpokenKind::Between;
    }
  if (!std::isfinite(value)) return out;
  // A unit stands as it was written: its capitals mean something.
  const std::string_view whole = bare(text);
  return {kind, fmt::format("{:.10g}", value), std::string(whole.substr(whole.size() - std::min(whole.size(), rest.size())))};
}

}  // namespace distanz::formats
