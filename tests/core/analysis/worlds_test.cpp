// A short form of bench/worlds: the answers held to the truth in worlds that nobody tuned them to. What is
// claimed is what docs/methods/worlds.md found in thousands of campaigns, with a little less asked; chance
// fails a test less than once in 10,000 runs (support/chance.h).
#include <catch2/catch.hpp>

#include "support/worlds/world_study.h"

using namespace distanz;
using test::holdsFor;
using test::seldom;

namespace {

const test::WorldKind& kindOf(const std::string& name) {
  for (const test::WorldKind& k : test::worldKinds())
    if (k.name == name) return k;
  throw std::runtime_error(name);
}

test::WorldResult rangesHold(const std::string& name, int campaigns) {
  const test::WorldKind& kind = kindOf(name);
  const test::WorldResult r = test::studyWorld(kind, {campaigns, 3, 0, test::seed(9000)});
  CAPTURE(name, r.told, r.withheld, r.typical, r.dependable, r.typical_bias, r.dependable_bias, r.beyond_plan,
          r.better, r.critical_bias, r.critical_covers);
  CHECK(holdsFor(r.typical, 0.96));
  CHECK(holdsFor(r.dependable, 0.93));
  CHECK(r.typical_bias.within(0.015));
  CHECK(r.dependable_bias.within(0.025));
  CHECK(seldom(r.beyond_plan, 0.09));
  CHECK(holdsFor({r.told.yes + r.withheld.yes, r.told.of}, 0.97));
  CHECK(seldom(r.better, kind.name == "automatic power, silent" ? 0.001 : 0.05));
  return r;
}

/// All these worlds together tell more than each alone.
template <std::size_t kNames>
void rangesHold(const char* const (&names)[kNames], int campaigns) {
  test::Share typical, dependable, beyond_plan, better;
  for (const char* name : names) {
    const test::WorldResult r = rangesHold(std::string(name), campaigns);
    typical += r.typical, dependable += r.dependable, beyond_plan += r.beyond_plan, better += r.better;
  }
  CAPTURE(typical, dependable, beyond_plan, better);
  CHECK(holdsFor(typical, 0.97));
  CHECK(holdsFor(dependable, 0.95));
  CHECK(seldom(beyond_plan, 0.07));
  CHECK(seldom(better, 0.04));
}

void levelIsFound(const std::string& name, int campaigns) {
  const test::WorldResult r = test::studyWorld(kindOf(name), {campaigns, 3, 0, test::seed(9000)});
  CAPTURE(name, r.critical_bias, r.critical_covers);
  CHECK(r.critical_bias.within(0.35));
  CHECK(holdsFor(r.critical_covers, 0.93));
}

const char* const kOfTheGround[] = {"plain", "two-ray", "ridge", "interference", "two links"};
const char* const kOfTheLog[] = {"quality at 1 Hz", "turned when lost, 1 Hz, K 6 dB", "quality only",
                                 "bitrate in steps", "automatic power, silent"};
const char* const kWithALevel[] = {"quality at 1 Hz", "quality at 10 Hz", "turned when lost, 1 Hz, K 3 dB",
                                   "turned when lost, 2 Hz, K 30 dB"};

}  // namespace

TEST_CASE("worlds: over any ground ranges all the way hold the truth, without bias", "[simulation][ground]") {
  rangesHold(kOfTheGround, 24);
}
TEST_CASE("worlds: from any log ranges all the way hold the truth, without bias", "[simulation][log]") {
  rangesHold(kOfTheLog, 24);
}
TEST_CASE("worlds: the critical level is found without bias at any rate", "[simulation][log]") {
  for (const char* name : kWithALevel) levelIsFound(name, 24);
}

TEST_CASE("long study: worlds", "[.long]") {
  for (const test::WorldKind& kind : test::worldKinds()) rangesHold(kind.name, 120);
}
TEST_CASE("long study: the critical level", "[.long]") {
  for (const char* name : kWithALevel) levelIsFound(name, 120);
}
