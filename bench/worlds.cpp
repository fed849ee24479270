// The answers held to the truth in worlds that nobody tuned them to: worlds [CAMPAIGNS [NAME [FLIGHTS]]]
// prints the table of docs/methods/worlds.md. NAME: only kinds that have it in their name.
#include <fmt/format.h>

#include <cmath>
#include <cstdlib>
#include <iostream>

#include "figures.h"
#include "support/worlds/world_study.h"

namespace {

using namespace distanz;

std::string percent(const test::Share& share) {
  return bench::percent(share, 0);
}
std::string bias(const test::Middle& share) {
  return bench::percent(share, 1, true);
}
std::string number(const test::Middle& middle, int digits) {
  return std::isfinite(middle.value()) ? fmt::format("{:.{}f}", middle.value(), digits) : "–";
}

/// Campaigns in which the equipment was said to stop.
int stops(const test::WorldResult& r) {
  int out = 0;
  for (const char* code : {"equipment-limit", "equipment-limit-unheard", "equipment-limit-possible"})
    if (const auto found = r.warned.find(code); found != r.warned.end()) out += found->second;
  return out;
}

}  // namespace

int main(int argc, char** argv) {
  const int campaigns = argc > 1 ? std::atoi(argv[1]) : 300;
  const std::string only = argc > 2 ? argv[2] : "";
  const int flights_only = argc > 3 ? std::atoi(argv[3]) : 0;
  std::cout
      << "| world | flights each | told % | withheld % | typical holds % | bias % | width | dependable holds "
         "% | "
         "bias % | width | plan too far % | difference holds % | ratio holds % | level: bias dB | holds % | "
         "better at equal truth % | at 1.25 % | wrong % | stop named % | within 15 % |\n|---|";
  for (int i = 0; i < 19; ++i) std::cout << "---|";
  std::cout << "\n";
  for (const test::WorldKind& kind : test::worldKinds()) {
    if (kind.name.find(only) == std::string::npos) continue;
    for (int flights : {2, 3, 5}) {
      if (flights_only && flights != flights_only) continue;
      const test::WorldResult r = test::studyWorld(kind, {campaigns, flights, 0, 1}),
                              b = test::studyWorld(kind, {campaigns, flights, 2.6, 100'001, false});
      std::cout << fmt::format(
                       "| {} | {} | {} | {} | {} | {} | {} | {} | {} | {} | {} | {} | {} | {} | {} | {} | {} "
                       "| {} | {:.1f} | {} |\n",
                       kind.name, flights, percent(r.told), percent(r.withheld), percent(r.typical),
                       bias(r.typical_bias), number(r.typical_width, 2), percent(r.dependable),
                       bias(r.dependable_bias), number(r.dependable_width, 2), percent(r.beyond_plan),
                       percent(r.delta), percent(r.ratio), number(r.critical_bias, 2),
                       percent(r.critical_covers), percent(r.better), percent(b.better), percent(b.wrong),
                       100.0 * (stops(r) + stops(b)) / (2 * campaigns), percent(r.near))
                << std::flush;
    }
  }
}
