// The chance to tell setups apart that a plan names, held to campaigns flown in simulation and analysed as
// the program does: repeats [CAMPAIGNS].
#include <fmt/format.h>

#include <atomic>
#include <cmath>
#include <cstdlib>
#include <iostream>
#include <mutex>

#include "core/estimate/repeats.h"
#include "core/parallel/on_all_cores.h"
#include "core/radio/path_loss.h"
#include "support/worlds/world_study.h"

namespace {

using namespace distanz;

struct Told {
  double share = 0, sd_db = 0;  ///< setup B named as the better one; scatter of flights as analysed
};

Told told(int campaigns, int pairs, double difference_db) {
  std::atomic<int> better = 0;
  double variance = 0;
  std::mutex adding;
  parallel::onAllCores(static_cast<std::size_t>(campaigns), [&](std::size_t i) {
    test::World world;
    world.flights_each = pairs;
    for (test::WorldLink& link : world.links) link.level_dbm[1] = link.level_dbm[0] + difference_db;
    test::FlownWorld flown = test::fly(world, 1'000'003 * static_cast<unsigned>(pairs) + i);
    flown.campaign.planned_pairs = pairs;
    const auto a = test::analyseWorld(flown);
    for (const auto& p : a.comparisons) better += p.verdict == estimate::Verdict::BBetter;
    const std::lock_guard lock(adding);
    variance += a.setups.front().flight_sd_db * a.setups.front().flight_sd_db;
  });
  return {double(better) / campaigns, std::sqrt(variance / campaigns)};
}

}  // namespace

int main(int argc, char** argv) {
  const int campaigns = argc > 1 ? std::atoi(argv[1]) : 2000;
  const double exponent = test::World().exponent;
  std::cout << "| difference | flights each | flights scatter | planned % | flown % |\n|---|---|---|---|---|\n";
  for (const double difference : {0.10, 0.25})
    for (const int pairs : {2, 3, 5, 8, 12}) {
      const double db = radio::decibelsForRatio(1 + difference, exponent);
      const Told t = told(campaigns, pairs, db);
      const estimate::RepeatsPlan plan{
          .difference_db = db, .margin_db = radio::decibelsForRatio(1.1, exponent), .flight_sd_db = t.sd_db};
      std::cout << fmt::format("| {:.0f} % | {} | {:.2f} dB | {:.1f} | {:.1f} |\n", 100 * difference, pairs, t.sd_db,
                               100 * estimate::chanceToTell(plan, pairs), 100 * t.share)
                << std::flush;
    }
}
