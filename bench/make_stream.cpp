// Writes a campaign file of very many flights: make_stream FILE.distanz FLIGHTS SAMPLES. Sixteen flights are
// simulated and told apart by a small offset, so that making the file does not take longer than analysing it.
#include <fmt/format.h>

#include <cstdlib>
#include <iostream>

#include "core/finding/error.h"
#include "formats/files.h"
#include "store/file_builder.h"
#include "support/scenarios.h"

namespace {

using namespace distanz;

constexpr int kSimulated = 16;

simulate::Simulated flights(int samples) {
  simulate::Scenario s = test::twoSetups(kSimulated / 2);
  for (auto& run : s.runs) run.farthest_m = 3000;
  s.sample_s = 2 * (3000 - s.runs.front().start_m) / s.runs.front().speed_mps / samples;
  return simulate::simulate(s, 1);
}

void write(const char* path, int runs, int samples) {
  const simulate::Simulated flown = flights(samples);
  campaign::Campaign c = flown.campaign;
  c.runs.clear();
  store::FileBuilder file(path);
  for (int i = 0; i < runs; ++i) {
    const auto which = static_cast<std::size_t>(i % kSimulated);
    log::Recording r = flown.recordings[which];
    for (log::Column& column : r.columns)
      if (column.channel.ends_with("rssi_dbm"))
        for (double& v : column.values) v += 1e-4 * (i / kSimulated);
    campaign::Run run = flown.campaign.runs[which];
    run.id = fmt::format("R{}", i);
    run.editSource().file = run.id + ".csv";
    run.order = i + 1;
    const std::string bytes = "made by make_stream: " + run.id;
    const store::PackedRun packed = store::packRun(run, bytes, r);
    file.add(packed, c.links);
    c.runs.push_back(packed.run);
  }
  file.finish(c);
}

}  // namespace

int main(int argc, char** argv) {
  if (argc != 4) {
    std::cerr << "usage: make_stream FILE.distanz FLIGHTS SAMPLES\n";
    return 2;
  }
  try {
    write(argv[1], std::atoi(argv[2]), std::atoi(argv[3]));
  } catch (const Error& e) {
    std::cerr << e.what() << "\n";
    return 1;
  }
}
