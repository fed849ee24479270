#include "core/quantity/parse.h"

#include <fmt/format.h>

#include <algorithm>
#include <cctype>
#include <charconv>
#include <cmath>
#include <optional>

#include "core/quantity/unit.h"

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
    case Kind::Number:
      return {Unit::None, "3"};
  }
  return {};
}

std::string lower(std::string_view text) {
  std::string out(text);
  std::transform(out.begin(), out.end(), out.begin(),
                 [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
  return out;
}

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
  std::optional<double> number() {
    skipSpace();
    const bool negative = take("-") || take("\u2212");
    if (!negative) take("+");
    skipSpace();
    std::string digits;
    while (!rest.empty() && (std::isdigit(static_cast<unsigned char>(rest.front())) || rest.front() == '.' ||
                             rest.front() == ',')) {
      digits += rest.front() == ',' ? '.' : rest.front();
      rest.remove_prefix(1);
    }
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

Parsed refused(const KindInfo& kind, std::string_view why) {
  return {0, fmt::format("{}; type for example {}", why, kind.example)};
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

Parsed inCanonical(const KindInfo& kind, const Term& term) {
  if (term.unit.empty()) return {term.value, {}};
  if (kind.canonical == Unit::None)
    return refused(kind, fmt::format("a bare number is wanted here, not \"{}\"", term.unit));
  auto unit = unitSpelt(term.unit, infoOf(kind.canonical).dimension);
  if (!unit && kind.also != Dimension::None) unit = unitSpelt(term.unit, kind.also);
  if (!unit) return refused(kind, fmt::format("\"{}\" is not a unit known here", term.unit));
  if (infoOf(*unit).dimension == Dimension::Ratio)
    return {term.value, {}};  // decibels over whatever is counted in them
  const double value = convert(term.value, *unit, kind.canonical);
  if (std::isnan(value)) return refused(kind, "power must be above zero");
  return {value, {}};
}

bool additive(Kind kind) {
  return kind == Kind::Length || kind == Kind::Loss || kind == Kind::Gain || kind == Kind::Angle ||
         kind == Kind::Number;
}

std::string trimmed(double value, int decimals) {
  std::string text = fmt::format("{:.{}f}", value, decimals);
  if (text.find('.') != std::string::npos) {
    text.erase(text.find_last_not_of('0') + 1);
    if (text.back() == '.') text.pop_back();
  }
  return text == "-0" ? "0" : text;
}

}  // namespace

Parsed parse(Kind kind, std::string_view text) {
  const KindInfo about = info(kind);
  Scanner in{text};
  in.skipSpace();
  if (in.rest.empty()) return refused(about, "nothing was entered");
  const auto first = readTerm(in);
  if (!first) return refused(about, fmt::format("\"{}\" is not a number", text));
  Parsed total = inCanonical(about, *first);
  while (total) {
    in.skipSpace();
    if (in.rest.empty()) break;
    const double sign = in.rest.front() == '-' ? -1 : 1;
    if (!in.take("+") && !in.take("-"))
      return refused(about, fmt::format("\"{}\" is not understood", in.rest));
    const auto term = readTerm(in);
    if (!term) return refused(about, fmt::format("\"{}\" is not understood", text));
    if (isStep(kind, lower(term->unit))) {
      total.value += sign * term->value;
      continue;
    }
    if (!additive(kind)) return refused(about, "these do not add up; enter one value");
    const Parsed next = inCanonical(about, *term);
    if (!next) return next;
    total.value += sign * next.value;
  }
  if (total && !std::isfinite(total.value)) return refused(about, "the number is too large");
  return total;
}

Parsed parseWithin(Kind kind, std::string_view text, double low, double high) {
  Parsed parsed = parse(kind, text);
  if (parsed && !(parsed.value >= low && parsed.value <= high))
    parsed.problem = fmt::format("{} is outside {} to {}", format(kind, parsed.value), format(kind, low),
                                 format(kind, high));
  return parsed;
}

std::string format(Kind kind, double value) {
  if (!std::isfinite(value)) return {};
  if (kind == Kind::Length) {
    if (std::abs(value) >= 1000) return trimmed(value / 1000, 3) + " km";
    return trimmed(value, std::abs(value) < 10 ? 2 : 1) + " m";
  }
  if (kind == Kind::Frequency) {
    if (std::abs(value) >= 1000) return trimmed(value / 1000, 4) + " GHz";
    return trimmed(value, 3) + " MHz";
  }
  if (kind == Kind::Number) return trimmed(value, 6);
  if (kind == Kind::Angle) return trimmed(value, 6) + "\u00b0";
  return trimmed(value, 2) + " " + std::string(symbolOf(info(kind).canonical));
}

std::string_view canonicalUnit(Kind kind) {
  return symbolOf(info(kind).canonical);
}

}  // namespace distanz::quantity
