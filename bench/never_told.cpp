// What no analysis may tell, looked for in simulated campaigns of every world: never_told [CAMPAIGNS [NAME]] prints, by world,
// how many campaigns told it and the first of what they told.
#include <fmt/format.h>

#include <atomic>
#include <cstdlib>
#include <iostream>

#include "core/parallel/on_all_cores.h"
#include "support/never_told.h"
#include "support/worlds/world_study.h"

int main(int argc, char** argv) {
  using namespace distanz;
  const std::size_t campaigns = argc > 1 ? std::strtoul(argv[1], nullptr, 10) : 1000;
  const std::string only = argc > 2 ? argv[2] : "";
  std::vector<const test::WorldKind*> kinds;
  for (const test::WorldKind& k : test::worldKinds())
    if (k.name.find(only) != std::string::npos) kinds.push_back(&k);
  if (kinds.empty()) return 1;
  std::vector<std::vector<std::string>> told(campaigns);
  parallel::onAllCores(campaigns, [&](std::size_t i) {
    dice::Random random(i * 991 + 7);
    const int flights[] = {1, 2, 3, 5};
    const test::World world = test::drawnWorld(*kinds[i % kinds.size()], flights[i / kinds.size() % 4], double(i % 3) * 3, random);
    const test::FlownWorld flown = test::fly(world, i + 1);
    told[i] = test::neverTold(flown.campaign, test::analyseWorld(flown));
  });
  std::size_t all = 0;
  for (std::size_t k = 0; k < kinds.size(); ++k) {
    std::size_t of = 0, wrong = 0;
    std::string first;
    for (std::size_t i = k; i < campaigns; i += kinds.size()) {
      ++of;
      wrong += !told[i].empty();
      if (!told[i].empty() && first.size() < 400) first += fmt::format("\n    {} ({}): {}", i, told[i].size(), told[i].front());
    }
    all += wrong;
    std::cout << fmt::format("{}: {} of {}{}\n", kinds[k]->name, wrong, of, first);
  }
  std::cout << fmt::format("all: {} of {}\n", all, campaigns);
  return all == 0 ? 0 : 1;
}
