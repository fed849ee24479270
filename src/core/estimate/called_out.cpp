#include "core/estimate/called_out.h"

#include <algorithm>
#include <cmath>

#include "core/dice/random.h"
#include "core/estimate/strata.h"

namespace distanz::estimate {
namespace {

constexpr float kNeverFails_db = 1e6F;

}  // namespace

std::vector<bool> lookedAt(const Stretches& stretches, const std::vector<int>& places) {
  std::vector<bool> out(stretches.count(), false);
  std::size_t last = 0, read = 0;
  for (const int place : places) {
    const int k = place - stretches.first_index;
    if (k < 0 || k >= static_cast<int>(out.size()) || out[static_cast<std::size_t>(k)]) continue;
    out[static_cast<std::size_t>(k)] = true;
    last = std::max(last, static_cast<std::size_t>(k));
    ++read;
  }
  if (read == 0) return std::vector<bool>(stretches.count(), true);
  const double usual = std::max(1.0, static_cast<double>(last + 1) / static_cast<double>(read));
  for (double k = static_cast<double>(last) + usual; k < static_cast<double>(out.size()); k += usual) out[static_cast<std::size_t>(k)] = true;
  return out;
}

void lookOnlyAt(PathDraws& draws, const std::vector<bool>& looked) {
  for (std::size_t i = 0; i < draws.place_dbm.size(); ++i)
    if (!looked[i % looked.size()]) draws.place_dbm[i] = kNeverFails_db;
}

Passage sinceLastReading(Passage p, const std::vector<bool>& looked, std::uint64_t seed) {
  const std::size_t stretches = p.stretches.count();
  std::vector<double> before(stretches + 1, 0);  // stretches since the reading before
  std::size_t last = 0;
  bool any = false;
  for (std::size_t k = 0; k < stretches; ++k) {
    before[k] = any ? static_cast<double>(k - last) : 1;
    if (looked[k]) last = k, any = true;
  }
  dice::Random random(seed);
  const std::vector<double> luck = Strata(random, p.flights)([](double v) { return v; });
  const auto n = static_cast<std::size_t>(p.flights);
  for (std::size_t i = 0; i < p.first_failing.size(); ++i) {
    std::uint16_t& first = p.first_failing[i];
    if (first < stretches) first = static_cast<std::uint16_t>(first - std::floor(luck[i % n] * before[first]));
  }
  return p;
}

}  // namespace distanz::estimate
