#include "core/estimate/path_ahead.h"

#include <algorithm>
#include <cmath>

#include "core/estimate/passage.h"
#include "core/finding/error.h"

namespace distanz::estimate {
namespace {

constexpr std::uint64_t kSeed = 6000;
constexpr int kFlights = 1024;  // one over each drawn ground

/// How many stretches a share of the flights holds.
std::size_t heldBy(const std::vector<std::size_t>& rising, double share) {
  const auto may_fail = static_cast<std::size_t>((1 - share) * static_cast<double>(rising.size()));
  return rising[std::min(may_fail, rising.size() - 1)];
}

}  // namespace

PathAhead::PathAhead(const SignalModel& model, int setup, const CriticalLevel& critical, int first_place,
                     double farthest_m)
    : m_stretches(stretchesOf(model, first_place, farthest_m)) {
  const auto level = model.setups.find(setup);
  if (level == model.setups.end()) throw DomainError("setup in model");
  const PathDraws draws = drawPath(model, m_stretches, critical, kSeed, kFlights);
  const NewFlights flights =
      newFlights(m_stretches.count(), draws.neighbour_correlation, kSeed + 1, kSeed + 2, 1, kFlights);
  m_day = flights.day;
  for (std::size_t m = 0; m < kFlights; ++m) {
    const auto above = static_cast<float>(level->second.level_db - draws.critical_dbm[m]),
               within_sd = static_cast<float>(draws.within_sd_db[m]);
    const std::vector<float> place = draws.placesFor(setup, m);
    for (std::size_t k = 0; k < place.size(); ++k)
      m_headroom_db.push_back(above + place[k] + within_sd * flights.within[k * kFlights + m]);
  }
}

PathAhead::Reach PathAhead::from(double from_m, double off_setup_db, double off_setup_sd_db) const {
  const std::size_t n = m_stretches.count();
  // The stretch that the aircraft is in is heard, not guessed.
  const double next = std::ceil((from_m - m_stretches.start_m) / defaults::kCellWidth_m);
  const auto first = static_cast<std::size_t>(std::clamp(next, 0.0, static_cast<double>(n)));
  std::vector<std::size_t> failing;
  failing.reserve(m_day.size());
  for (std::size_t m = 0; m < m_day.size(); ++m) {
    const auto off = static_cast<float>(off_setup_db + off_setup_sd_db * static_cast<double>(m_day[m]));
    const float* headroom = m_headroom_db.data() + m * n;
    std::size_t k = first;
    while (k < n && headroom[k] + off >= 0) ++k;
    failing.push_back(k);
  }
  std::sort(failing.begin(), failing.end());
  const auto reach = [&](double share) {
    const std::size_t held = heldBy(failing, share);
    if (held == n) return static_cast<double>(INFINITY);
    return held == first ? from_m : m_stretches.startOf(held);
  };
  return {reach(0.5), reach(defaults::kDependability)};
}

}  // namespace distanz::estimate
