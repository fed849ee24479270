#include "formats/bench/bench_columns.h"

#include <cctype>

#include "core/finding/error.h"
#include "core/quantity/unit.h"
#include "core/text/ascii.h"

namespace distanz::formats {
namespace {

std::string squeezed(std::string_view text) {
  std::string out;
  for (unsigned char c : text) {
    const bool apart =
        c == '_' || c == '-' || c == '.' || c == '/' || c == '|' || c == '*' || std::isspace(c);
    if (!apart)
      out += text::lower(static_cast<char>(c));
    else if (!out.empty() && out.back() != ' ')
      out += ' ';
  }
  if (out.ends_with(' ')) out.pop_back();
  return out;
}

}  // namespace

ColumnName columnName(const std::string& header) {
  ColumnName out{header, {}, {}};
  std::string rest = header;
  const auto open = rest.find_first_of("([{");
  if (open != std::string::npos) {
    const auto close = rest.find_first_of(")]}", open);
    const std::string inside = rest.substr(open + 1, close == std::string::npos ? close : close - open - 1);
    const std::string after = close == std::string::npos ? std::string() : rest.substr(close + 1);
    // "Re(S11)" names what the part is of; a bracket with a unit, or anything else behind a word, is the
    // unit.
    if (quantity::isUnit(squeezed(inside)) || squeezed(inside) != "s11") {
      out.unit = squeezed(inside);
      rest = rest.substr(0, open) + " " + after;
    } else {
      rest = rest.substr(0, open) + " " + after;
    }
  }
  out.words = squeezed(rest);
  const auto last = out.words.rfind(' ');
  if (out.unit.empty() && last != std::string::npos && quantity::isUnit(out.words.substr(last + 1))) {
    out.unit = out.words.substr(last + 1);
    out.words.resize(last);
  }
  return out;
}

double megahertzIn(const ColumnName& name, double greatest) {
  if (!name.unit.empty())
    if (const auto unit = quantity::unitSpelt(name.unit, quantity::Dimension::Frequency))
      return quantity::convert(1, *unit, quantity::Unit::Megahertz);
  if (greatest >= 1e6) return 1e-6;
  if (greatest >= 30) return 1;
  throw InputError(finding("sweep-unit", {{"column", name.text}}));
}

}  // namespace distanz::formats
