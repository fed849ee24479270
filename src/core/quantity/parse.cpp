#include "core/quantity/parse.h"

#include <algorithm>
#include <cctype>
#include <charconv>
#include <cmath>
#include <optional>

#include "core/quantity/unit.h"
#include "core/text/ascii.h"

namespace distanz::quantity {
namespace {

struct KindInfo {
  Unit canonical;
  std::string_view example;
  Dimension also = Dimension::None;  ///< another dimension that is understood
};

KindInfo info(Kind kind) {
  switch (kind) {
    case Kind::Length:
      return {Unit::Metre, "1.2 km"};
    case Kind::Power:
      return {Unit::Dbm, "250 mW or 24 dBm", Dimension::Power};
    case Kind::Level:
      return {Unit::Dbm, "-108 dBm"};
    case Kind::Gain:
      return {Unit::Dbi, "8 dBi", Dimension::Ratio};
    case Kind::Loss:
      return {Unit::Decibel, "0.5 dB"};
    case Kind::Frequency:
      return {Unit::Megahertz, "5.8 GHz"};
    case Kind::Bitrate:
      return {Unit::MegabitPerSecond, "12 Mbit/s"};
    case Kind::Percent:
      return {Unit::Percent, "70 %"};
    case Kind::Angle:
      return {Unit::Degree, "45\u00b0"};
    case Kind::Speed:
      return {Unit::MetrePerSecond, "50 km/h"};
    case Kind::Charge:
      return {Unit::MilliampereHour, "1500 mAh"};
    case Kind::Time:
      return {Unit::Second, "90 s or 1:30"};
    case Kind::Number:
      return {Unit::None, "3"};
  }
  return {};
}

using text::lower;

struct Scanner {
  std::string_view rest;
  void skipSpace() {
    while (!rest.empty() && (rest.front() == ' ' || rest.front() == '\t')) rest.remove_prefix(1);
    for (std::string_view space : {"\u00a0", "\u2009"})
      if (rest.starts_with(space)) {
        rest.remove_prefix(space.size());
        skipSpace();
      }
  }
  bool take(std::string_view token) {
    skipSpace();
    if (!rest.starts_with(token)) return false;
    rest.remove_prefix(token.size());
    return true;
  }
  bool digitAt(std::size_t i) const {
    return i < rest.size() && std::isdigit(static_cast<unsigned char>(rest[i]));
  }
  /// "e+12", as the largest numbers are shown; nothing where there is none.
  std::string exponent() {
    if (rest.empty() || (rest[0] != 'e' && rest[0] != 'E')) return {};
    std::size_t n = rest.size() > 1 && (rest[1] == '+' || rest[1] == '-') ? 2 : 1;
    if (!digitAt(n)) return {};
    while (digitAt(n)) ++n;
    std::string text = "e";
    for (const char c : rest.substr(1, n - 1))
      if (c != '+') text += c;
    rest.remove_prefix(n);
    return text;
  }
  /// "1,000": a thousand to some, one to others. @param any "1,250" too
  bool ambiguous(bool any) const {
    const std::size_t comma = rest.find_first_not_of("0123456789 +-*");
    if (comma == std::string_view::npos || comma == 0 || rest[comma] != ',' || !digitAt(comma - 1))
      return false;
    if (!(digitAt(comma + 1) && digitAt(comma + 2) && digitAt(comma + 3)) || digitAt(comma + 4)) return false;
    const bool from_zero = rest[comma - 1] == '0' && (comma == 1 || !digitAt(comma - 2));
    return !from_zero && (any || rest.substr(comma + 1, 3) == "000");
  }
  std::optional<double> number() {
    skipSpace();
    const bool negative = take("-") || take("\u2212");
    if (!negative) take("+");
    skipSpace();
    std::string digits;
    while (digitAt(0) || rest.starts_with('.') || rest.starts_with(',')) {
      digits += rest.front() == ',' ? '.' : rest.front();
      rest.remove_prefix(1);
    }
    digits += exponent();
    double value = 0;
    const auto [end, status] = std::from_chars(digits.data(), digits.data() + digits.size(), value);
    if (digits.empty() || status != std::errc() || end != digits.data() + digits.size()) return std::nullopt;
    return negative ? -value : value;
  }
  std::string unit() {
    skipSpace();
    std::size_t n = 0;
    while (n < rest.size() && rest[n] != '+' && rest[n] != '-' && rest[n] != '*' && rest[n] != ' ') ++n;
    const std::string name(rest.substr(0, n));
    rest.remove_prefix(n);
    return name;
  }
};

Parsed refused(const KindInfo& kind, const char* code) {
  return {0, finding(code, {{"example", kind.example}})};
}

Parsed refused(const KindInfo& kind, const char* code, std::string_view text) {
  return {0, finding(code, {{"text", text}, {"example", kind.example}})};
}

struct Term {
  double value = 0;
  std::string unit;
};

std::optional<Term> readTerm(Scanner& in) {
  auto value = in.number();
  if (!value) return std::nullopt;
  while (in.take("*")) {
    const auto factor = in.number();
    if (!factor) return std::nullopt;
    *value *= *factor;
  }
  return Term{*value, in.unit()};
}

/// A decibel step may be added to anything counted in decibels.
bool isStep(Kind kind, std::string_view unit) {
  return (kind == Kind::Power || kind == Kind::Level) && (unit == "db" || unit.empty());
}

Parsed inCanonical(const KindInfo& kind, const Term& term, std::optional<Unit> bare) {
  if (term.unit.empty()) {
    const double value = bare ? convert(term.value, *bare, kind.canonical) : term.value;
    return std::isnan(value) ? refused(kind, "power-not-above-zero") : Parsed{value, std::nullopt};
  }
  if (kind.canonical == Unit::None) return refused(kind, "bare-number-wanted", term.unit);
  auto unit = unitSpelt(term.unit, infoOf(kind.canonical).dimension);
  if (!unit && kind.also != Dimension::None) unit = unitSpelt(term.unit, kind.also);
  if (!unit) return refused(kind, "unit-unknown", term.unit);
  if (infoOf(*unit).dimension == Dimension::Ratio)
    return {term.value, std::nullopt};  // decibels over whatever is counted in them
  const double value = convert(term.value, *unit, kind.canonical);
  if (std::isnan(value)) return refused(kind, "power-not-above-zero");
  return {value, std::nullopt};
}

/// "1:30", minutes and seconds; none for anything else.
std::optional<double> minutesAndSeconds(std::string_view text) {
  Scanner in{text};
  in.skipSpace();
  const bool negative = in.take("-") || in.take("\u2212");
  if (!in.digitAt(0)) return std::nullopt;
  const auto colon = in.rest.find(':');
  if (colon == std::string_view::npos || in.rest.find_first_not_of("0123456789") != colon) return std::nullopt;
  Scanner minutes{in.rest.substr(0, colon)}, seconds{in.rest.substr(colon + 1)};
  if (!seconds.digitAt(0) || !seconds.digitAt(1)) return std::nullopt;
  const auto m = minutes.number(), s = seconds.number();
  seconds.skipSpace();
  if (!m || !s || !(*s < 60) || !seconds.rest.empty()) return std::nullopt;
  return (negative ? -1 : 1) * (60 * *m + *s);
}

/// "1/30", a share of the power, as a loss; none for anything else.
std::optional<Parsed> shareOfPower_db(std::string_view text) {
  Scanner in{text};
  const auto one = in.number();
  if (!one || *one != 1 || !in.take("/")) return std::nullopt;
  const auto parts = in.number();
  in.skipSpace();
  if (!parts || !in.rest.empty()) return std::nullopt;
  if (!(*parts > 0)) return Parsed{0, finding("share-of-power")};
  return Parsed{10 * std::log10(*parts), std::nullopt};
}

bool additive(Kind kind) {
  return kind == Kind::Time || kind == Kind::Length || kind == Kind::Loss || kind == Kind::Gain || kind == Kind::Angle ||
         kind == Kind::Number;
}

}  // namespace

Parsed parse(Kind kind, std::string_view text, std::optional<Unit> bare) {
  const KindInfo about = info(kind);
  Scanner in{text};
  in.skipSpace();
  if (in.rest.empty()) return refused(about, "nothing-entered");
  if (kind == Kind::Time)
    if (const auto told = minutesAndSeconds(text)) return {*told, std::nullopt};
  if (kind == Kind::Loss)
    if (const auto share = shareOfPower_db(text)) return *share;
  // Kilometres and miles are shown with decimals and typed back so; metres and feet are not.
  const std::string said = lower(text);
  const bool kept_whole =
      kind == Kind::Length && said.find("km") == std::string::npos && said.find("mi") == std::string::npos;
  if (in.ambiguous(kept_whole)) return refused(about, "comma-ambiguous", text);
  const auto first = readTerm(in);
  if (!first) return refused(about, "not-a-number-typed", text);
  Parsed total = inCanonical(about, *first, bare);
  while (total) {
    in.skipSpace();
    if (in.rest.empty()) break;
    const double sign = in.rest.front() == '-' ? -1 : 1;
    const bool in_parts = kind == Kind::Time && in.digitAt(0);  // "2 min 30 s"
    if (!in.take("+") && !in.take("-") && !in_parts) return refused(about, "not-understood", in.rest);
    const auto term = readTerm(in);
    if (!term) return refused(about, "not-understood", text);
    if (isStep(kind, lower(term->unit))) {
      total.value += sign * term->value;
      continue;
    }
    if (!additive(kind)) return refused(about, "does-not-add-up");
    const Parsed next = inCanonical(about, *term, bare);
    if (!next) return next;
    total.value += sign * next.value;
  }
  if (total && !std::isfinite(total.value)) return refused(about, "number-too-large");
  return total;
}

Parsed parseWithin(Kind kind, std::string_view text, double low, double high, std::optional<Unit> bare) {
  Parsed parsed = parse(kind, text, bare);
  const Unit unit = info(kind).canonical;
  if (parsed && !(parsed.value >= low && parsed.value <= high))
    parsed.problem =
        finding("outside-limits", {{"value", parsed.value, unit}, {"low", low, unit}, {"high", high, unit}});
  return parsed;
}

Unit canonicalUnit(Kind kind) {
  return info(kind).canonical;
}

}  // namespace distanz::quantity
