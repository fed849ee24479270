#include "core/estimate/event_rate.h"

#include <algorithm>
#include <cmath>

#include "core/estimate/distribution.h"

namespace distanz::estimate {

std::optional<Interval> ratePerKm(std::span<const EventCount> flights) {
  constexpr double kLeast_km = 0.1;
  double events = 0, km = 0;
  for (const EventCount& f : flights) events += f.events, km += f.flown_m / 1000;
  if (!(km > kLeast_km)) return std::nullopt;
  if (events == 0) return Interval{0, 0, -std::log(1 - defaults::kConfidence) / km};
  const double rate = events / km;
  double squares = 0;
  for (const EventCount& f : flights)
    if (const double expected = rate * f.flown_m / 1000; expected > 0) squares += (f.events - expected) * (f.events - expected) / expected;
  const double df = static_cast<double>(flights.size()) - 1;
  // flights that contradict what is usual speak for themselves, as with levels
  const double usual = 1 + events / static_cast<double>(flights.size()) * defaults::kEventDaySd * defaults::kEventDaySd;
  const bool by_itself = df >= defaults::kUnusualSpreadMinDf && squares / df > defaults::kEventUnusual * usual;
  const double prior_df = by_itself ? 0 : defaults::kEventPriorDf;
  const double spread = (squares + prior_df * usual) / (df + prior_df);
  const double wide = std::sqrt(std::max(spread, 1.0)) * tQuantile(0.975, df + prior_df) / normalQuantile(0.975);
  const double low = chiSquaredQuantile(0.025, 2 * events) / 2, high = chiSquaredQuantile(0.975, 2 * events + 2) / 2;
  return Interval{rate, rate * std::pow(low / events, wide), rate * std::pow(high / events, wide)};  // as factors: days are
}

}  // namespace distanz::estimate
