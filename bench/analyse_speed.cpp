// Time to analyse flights that lie in memory: analyse_speed [FLIGHTS SAMPLES ROUNDS]
#include <fmt/format.h>

#include <algorithm>
#include <chrono>
#include <cstdlib>
#include <iostream>

#include "support/analyse_simulated.h"
#include "support/scenarios.h"

int main(int argc, char** argv) {
  using namespace distanz;
  const int flights = argc > 1 ? std::atoi(argv[1]) : 20, samples = argc > 2 ? std::atoi(argv[2]) : 3000,
            rounds = argc > 3 ? std::atoi(argv[3]) : 21;
  simulate::Scenario s = test::twoSetups(flights / 2);
  for (auto& run : s.runs) run.farthest_m = 3000;
  s.sample_s = 2 * (3000 - s.runs.front().start_m) / s.runs.front().speed_mps / samples;
  const simulate::Simulated flown = simulate::simulate(s, 1);
  std::vector<double> ms;
  for (int i = 0; i < rounds; ++i) {
    const auto begin = std::chrono::steady_clock::now();
    const auto result = test::analyseSimulated(flown, 0);
    ms.push_back(1000 * std::chrono::duration<double>(std::chrono::steady_clock::now() - begin).count());
    if (result.comparisons.empty()) return 1;
  }
  std::sort(ms.begin(), ms.end());
  std::cout << fmt::format("{} flights x {} samples: {:.1f} ms median of {} ({:.1f} to {:.1f})\n", flights,
                           samples, ms[ms.size() / 2], rounds, ms.front(), ms.back());
}
