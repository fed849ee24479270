#include "formats/bench/sweep_file.h"

#include <algorithm>
#include <cctype>
#include <cmath>
#include <functional>
#include <numeric>

#include "core/finding/error.h"

namespace distanz::formats {
namespace {

constexpr double kGainSlack = 1.005;  // noise about a total reflection is none

template <class T>
void reorder(std::vector<T>& values, const std::vector<std::size_t>& order) {
  if (values.empty()) return;
  std::vector<T> out;
  out.reserve(order.size());
  for (std::size_t i : order) out.push_back(values[i]);
  values = std::move(out);
}

bool looksLikeTouchstone(std::string_view bytes) {
  const auto first = bytes.find_first_not_of(" \t\r\n\xef\xbb\xbf");
  return first != std::string_view::npos &&
         std::string_view("!#[").find(bytes[first]) != std::string_view::npos &&
         (bytes[first] != '#' || bytes.substr(first, 200).find(" S ") != std::string_view::npos ||
          bytes.substr(first, 200).find(" s ") != std::string_view::npos);
}

/// Puts points in order of frequency, and leaves out what came twice.
void inOrder(SweepRead& read) {
  bench::Sweep& s = read.sweep;
  const auto& f = s.frequency_mhz;
  if (std::adjacent_find(f.begin(), f.end(), std::greater_equal<>()) == f.end()) return;
  std::vector<std::size_t> order(f.size());
  std::iota(order.begin(), order.end(), std::size_t{0});
  if (!std::is_sorted(f.begin(), f.end())) {
    std::stable_sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) { return f[a] < f[b]; });
    read.problems.push_back(finding("sweep-unsorted"));
  }
  const auto twice =
      std::unique(order.begin(), order.end(), [&](std::size_t a, std::size_t b) { return f[a] == f[b]; });
  const auto dropped = static_cast<std::size_t>(order.end() - twice);
  order.erase(twice, order.end());
  if (dropped > 0) read.problems.push_back(finding("sweep-duplicates", {{"count", dropped}}));
  for (auto* values : {&s.s11, &s.s21, &s.s12, &s.s22}) reorder(*values, order);
  reorder(s.frequency_mhz, order);
}

}  // namespace

void settle(SweepRead& read) {
  bench::Sweep& s = read.sweep;
  inOrder(read);
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
  std::string ending(name.substr(std::min(name.size(), name.rfind('.') + 1)));
  std::transform(ending.begin(), ending.end(), ending.begin(),
                 [](unsigned char c) { return std::tolower(c); });
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
