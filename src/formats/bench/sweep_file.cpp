#include "formats/bench/sweep_file.h"

#include <algorithm>
#include <cctype>
#include <cmath>

#include "core/finding/error.h"
#include "core/quantity/unit.h"
#include "core/text/ascii.h"
#include "formats/bench/frequency_order.h"

namespace distanz::formats {
namespace {

constexpr double kGainSlack = 1.005;  // noise about a total reflection is none

bool looksLikeTouchstone(std::string_view bytes) {
  const auto first = bytes.find_first_not_of(" \t\r\n\xef\xbb\xbf");
  return first != std::string_view::npos &&
         std::string_view("!#[").find(bytes[first]) != std::string_view::npos &&
         (bytes[first] != '#' || bytes.substr(first, 200).find(" S ") != std::string_view::npos ||
          bytes.substr(first, 200).find(" s ") != std::string_view::npos);
}

}  // namespace

void settle(SweepRead& read) {
  bench::Sweep& s = read.sweep;
  const auto order = orderOf(s.frequency_mhz, read.problems);
  for (auto* values : {&s.s11, &s.s21, &s.s12, &s.s22}) reorder(*values, order);
  reorder(s.frequency_mhz, order);
  const auto above = std::count_if(s.s11.begin(), s.s11.end(),
                                   [](auto v) { return std::norm(v) > kGainSlack * kGainSlack; });
  if (above == 0) return;
  const auto worst = std::max_element(s.s11.begin(), s.s11.end(),
                                      [](auto a, auto b) { return std::norm(a) < std::norm(b); });
  const double at = s.frequency_mhz[static_cast<std::size_t>(worst - s.s11.begin())];
  read.problems.push_back(finding("sweep-above-1", {{"count", static_cast<std::size_t>(above)},
                                                    {"worst", std::abs(*worst), quantity::Unit::None},
                                                    {"frequency", at, quantity::Unit::Megahertz}}));
}

SweepRead readSweep(std::string_view bytes, std::string_view name) {
  const std::string ending = text::lower(name.substr(std::min(name.size(), name.rfind('.') + 1)));
  const bool numbered =
      ending.size() >= 3 && ending.front() == 's' && ending.back() == 'p' &&
      std::all_of(ending.begin() + 1, ending.end() - 1, [](unsigned char c) { return std::isdigit(c); });
  if (numbered) {
    const std::string ports = ending.substr(1, ending.size() - 2);
    if (ports != "1" && ports != "2") throw InputError(finding("touchstone-ports", {{"ports", ports}}));
    return readTouchstone(bytes, ports == "1" ? 1 : 2);
  }
  if (ending == "ts" || looksLikeTouchstone(bytes)) return readTouchstone(bytes);
  return readSweepTable(bytes);
}

}  // namespace distanz::formats
