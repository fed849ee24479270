#include "core/quantity/parse.h"

#include <fmt/format.h>

#include <algorithm>
#include <cctype>
#include <charconv>
#include <cmath>
#include <optional>
#include <span>

#include "core/quantity/decibel.h"

namespace distanz::quantity {
namespace {

struct Unit {
  std::string_view name;  // lower case
  double factor = 1;
  double offset = 0;
  bool logarithmOfPower = false;
};

constexpr double kDipoleOverIsotropic_db = 2.15;  // gain of a half-wave dipole over the isotropic radiator
constexpr Unit kLength[] = {{"m"}, {"km", 1000}, {"cm", 0.01}, {"mm", 0.001}, {"ft", 0.3048}, {"mi", 1609.344}, {"nm", 1852}};
constexpr Unit kPower[] = {{"dbm"}, {"mw", 1, 0, true}, {"w", 1000, 0, true}, {"uw", 0.001, 0, true}, {"dbw", 1, 30}};
constexpr Unit kLevel[] = {{"dbm"}};
constexpr Unit kGain[] = {{"dbi"}, {"db"}, {"dbd", 1, kDipoleOverIsotropic_db}};
constexpr Unit kLoss[] = {{"db"}};
constexpr Unit kFrequency[] = {{"mhz"}, {"ghz", 1000}, {"khz", 0.001}, {"hz", 1e-6}};
constexpr Unit kBitrate[] = {{"mbit/s"}, {"mbps"}, {"kbit/s", 0.001}, {"kbps", 0.001}, {"mb/s"}};
constexpr Unit kPercent[] = {{"%"}, {"percent"}};
constexpr Unit kAngle[] = {{"deg"}, {"\u00b0"}, {"degrees"}};

struct KindInfo {
  std::span<const Unit> units;
  std::string_view canonical;
  std::string_view example;
};

KindInfo info(Kind kind) {
  switch (kind) {
    case Kind::Length:
      return {kLength, "m", "1.2 km"};
    case Kind::Power:
      return {kPower, "dBm", "250 mW or 24 dBm"};
    case Kind::Level:
      return {kLevel, "dBm", "-108 dBm"};
    case Kind::Gain:
      return {kGain, "dBi", "8 dBi"};
    case Kind::Loss:
      return {kLoss, "dB", "0.5 dB"};
    case Kind::Frequency:
      return {kFrequency, "MHz", "5.8 GHz"};
    case Kind::Bitrate:
      return {kBitrate, "Mbit/s", "12 Mbit/s"};
    case Kind::Percent:
      return {kPercent, "%", "70 %"};
    case Kind::Angle:
      return {kAngle, "\u00b0", "45\u00b0"};
    case Kind::Number:
      return {{}, "", "3"};
  }
  return {};
}

std::string lower(std::string_view text) {
  std::string out(text);
  std::transform(out.begin(), out.end(), out.begin(), [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
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
    while (!rest.empty() && (std::isdigit(static_cast<unsigned char>(rest.front())) || rest.front() == '.' || rest.front() == ',')) {
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

Parsed convert(const KindInfo& kind, const Term& term) {
  const std::string name = lower(term.unit);
  if (name.empty() || kind.units.empty()) {
    if (!name.empty()) return refused(kind, fmt::format("a bare number is wanted here, not \"{}\"", term.unit));
    return {term.value, {}};
  }
  const auto unit = std::find_if(kind.units.begin(), kind.units.end(), [&](const Unit& u) { return u.name == name; });
  if (unit == kind.units.end()) return refused(kind, fmt::format("\"{}\" is not a unit known here", term.unit));
  if (unit->logarithmOfPower) {
    if (term.value <= 0) return refused(kind, "power must be above zero");
    return {dbmFromMilliwatt(term.value * unit->factor), {}};
  }
  return {term.value * unit->factor + unit->offset, {}};
}

bool additive(Kind kind) {
  return kind == Kind::Length || kind == Kind::Loss || kind == Kind::Gain || kind == Kind::Angle || kind == Kind::Number;
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
  Parsed total = convert(about, *first);
  while (total) {
    in.skipSpace();
    if (in.rest.empty()) break;
    const double sign = in.rest.front() == '-' ? -1 : 1;
    if (!in.take("+") && !in.take("-")) return refused(about, fmt::format("\"{}\" is not understood", in.rest));
    const auto term = readTerm(in);
    if (!term) return refused(about, fmt::format("\"{}\" is not understood", text));
    if (isStep(kind, lower(term->unit))) {
      total.value += sign * term->value;
      continue;
    }
    if (!additive(kind)) return refused(about, "these do not add up; enter one value");
    const Parsed next = convert(about, *term);
    if (!next) return next;
    total.value += sign * next.value;
  }
  if (total && !std::isfinite(total.value)) return refused(about, "the number is too large");
  return total;
}

Parsed parseWithin(Kind kind, std::string_view text, double low, double high) {
  Parsed parsed = parse(kind, text);
  if (parsed && !(parsed.value >= low && parsed.value <= high))
    parsed.problem = fmt::format("{} is outside {} to {}", format(kind, parsed.value), format(kind, low), format(kind, high));
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
  return trimmed(value, 2) + " " + std::string(info(kind).canonical);
}

std::string_view canonicalUnit(Kind kind) {
  return info(kind).canonical;
}

}  // namespace distanz::quantity
