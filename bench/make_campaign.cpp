// Writes a simulated campaign as interchange folder: make_campaign OUT RUNS SAMPLES_PER_RUN
#include <fmt/format.h>

#include <cstdlib>
#include <iostream>

#include "core/finding/error.h"
#include "formats/interchange.h"
#include "formats/log_writer.h"
#include "support/scenarios.h"

int main(int argc, char** argv) {
  using namespace distanz;
  if (argc != 4) {
    std::cerr << "usage: make_campaign OUT RUNS SAMPLES_PER_RUN\n";
    return 2;
  }
  const int runs = std::atoi(argv[2]), samples = std::atoi(argv[3]);
  try {
    simulate::Scenario s = test::twoSetups((runs + 1) / 2);
    s.runs.resize(static_cast<std::size_t>(runs));
    const double farthest = 3000;
    s.with_gnss = true;
    campaign::editFirstPath(s.campaign).points = {
        {s.campaign.station.position().value(), 60},
        {course::destination(s.campaign.station.position().value(), {farthest, 54}), 60}};
    for (auto& run : s.runs) run.farthest_m = farthest;
    s.sample_s = 2 * (farthest - 20) / s.runs.front().speed_mps / samples;
    const simulate::Simulated flown = simulate::simulate(s, 1);
    formats::writeInterchange(
        argv[1], flown.campaign, [&](const campaign::Run& run, const campaign::Source&) {
          return formats::writeLogCsv(flown.recordings[std::size_t(campaign::findRun(flown.campaign, run.id) -
                                                                   flown.campaign.runs.data())]);
        });
  } catch (const Error& e) {
    std::cerr << e.what() << "\n";
    return 1;
  }
}
