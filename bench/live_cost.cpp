// What advising costs on the sample after an hour at 50 Hz: along the path, out and back again and again, and
// hovering in one place.
#include <fmt/format.h>

#include <algorithm>
#include <chrono>
#include <cmath>

#include "core/analysis/live/live_flight.h"
#include "core/simulate/scenario.h"
#include "support/analyse_simulated.h"
#include "support/scenarios.h"

using namespace distanz;

namespace {

constexpr double kRate_hz = 50, kFlown_s = 3600;
constexpr int kAsked = 500;

/// Rows from one sample on. @param hover stays at 600 m
log::Recording rows(std::size_t first, std::size_t count, bool hover) {
  log::Recording r;
  std::vector<double> distance, rssi, quality;
  for (std::size_t i = first; i < first + count; ++i) {
    const double t = static_cast<double>(i) / kRate_hz, lap = std::fmod(t * 15, 6000),
                 d = hover ? 600 + std::sin(t) : 100 + std::abs(3000 - lap);
    r.time_s.push_back(t);
    distance.push_back(d);
    rssi.push_back(-30 - 27 * std::log10(d) + 3 * std::sin(t * 7.3) + std::cos(t * 31.7));
    quality.push_back(99);
  }
  r.columns = {{"distance_m", distance}, {"control.rssi_dbm", rssi}, {"control.lq_pct", quality}};
  return r;
}

void measure(const char* what, bool hover) {
  const auto flown = simulate::simulate(test::twoSetups(3, 4), 5);
  const auto a = test::analyseSimulated(flown);
  analysis::LiveFlight flight(flown.campaign, a, flown.campaign.runs[0], nullptr);
  const auto before = static_cast<std::size_t>(kRate_hz * kFlown_s);
  flight.append(rows(0, before, hover));
  flight.advise();
  std::vector<double> ms;
  for (int i = 0; i < kAsked; ++i) {
    const log::Recording one = rows(before + static_cast<std::size_t>(i), 1, hover);
    const auto start = std::chrono::steady_clock::now();
    flight.append(one);
    flight.advise();
    ms.push_back(std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - start).count());
  }
  std::sort(ms.begin(), ms.end());
  fmt::print("{:<40} median {:.3f} ms, 99 of 100 under {:.3f} ms, worst {:.3f} ms\n", what, ms[ms.size() / 2],
             ms[ms.size() * 99 / 100], ms.back());
}

}  // namespace

int main() {
  measure("the sample after an hour along the path", false);
  measure("the sample after an hour of hovering", true);
}
