#include "core/finding/finding.h"

#include <fmt/format.h>

namespace distanz {

Argument::Argument(std::string_view k, std::string_view text) : key(k), value(std::string(text)) {}
Argument::Argument(std::string_view k, const char* text) : key(k), value(std::string(text)) {}
Argument::Argument(std::string_view k, const std::string& text) : key(k), value(text) {}
Argument::Argument(std::string_view k, Term term) : key(k), value(std::move(term)) {}
Argument::Argument(std::string_view k, Measure measure) : key(k), value(measure) {}
Argument::Argument(std::string_view k, double number, quantity::Unit unit)
    : key(k), value(Measure{number, unit}) {}
Argument::Argument(std::string_view k, int count) : key(k), value(Measure{static_cast<double>(count)}) {}
Argument::Argument(std::string_view k, std::size_t count)
    : key(k), value(Measure{static_cast<double>(count)}) {}
Argument::Argument(std::string_view k, Finding finding)
    : key(k), value(std::vector<Finding>{std::move(finding)}) {}
Argument::Argument(std::string_view k, std::vector<Finding> findings) : key(k), value(std::move(findings)) {}
Argument::Argument(const Argument&) = default;
Argument::Argument(Argument&&) noexcept = default;
Argument& Argument::operator=(const Argument&) = default;
Argument& Argument::operator=(Argument&&) noexcept = default;
Argument::~Argument() = default;
// Written out: clang 14 breaks on the default one of a variant that holds findings.
bool Argument::operator==(const Argument& other) const {
  if (key != other.key || value.index() != other.value.index()) return false;
  return std::visit(
      [&](const auto& mine) { return mine == *std::get_if<std::decay_t<decltype(mine)>>(&other.value); },
      value);
}

const Argument* Finding::find(std::string_view key) const {
  for (const Argument& a : arguments)
    if (a.key == key) return &a;
  return nullptr;
}

Finding finding(std::string_view code, std::vector<Argument> arguments, Subject subject) {
  return {std::string(code), std::move(arguments), std::move(subject), 0, {}, {}};
}

std::string plainText(const Finding& f) {
  std::string out = f.code;
  if (!f.subject.kind.empty()) out += fmt::format(" {}={}", f.subject.kind, f.subject.id);
  if (f.line > 0) out += fmt::format(" line={}", f.line);
  for (const Argument& a : f.arguments) {
    out += ' ' + a.key + '=';
    if (const auto* text = std::get_if<std::string>(&a.value))
      out += '"' + *text + '"';
    else if (const auto* term = std::get_if<Term>(&a.value))
      out += term->code;
    else if (const auto* measure = std::get_if<Measure>(&a.value))
      out += fmt::format("{}", measure->value);
    else
      for (const Finding& inner : std::get<std::vector<Finding>>(a.value))
        out += '(' + plainText(inner) + ')';
  }
  return out;
}

}  // namespace distanz
