// A short form of bench/worlds: the answers held to the truth in worlds that nobody tuned them to.
#include <catch2/catch.hpp>

#include "support/worlds/world_study.h"

using namespace distanz;

namespace {

const test::WorldKind& kindOf(const std::string& name) {
  for (const test::WorldKind& k : test::worldKinds())
    if (k.name == name) return k;
  throw std::runtime_error(name);
}

}  // namespace

TEST_CASE("worlds: ranges all the way hold the truth, without bias", "[simulation]") {
  const std::string name = GENERATE(as<std::string>{}, "plain", "two-ray", "ridge", "quality at 1 Hz",
                                    "turned when lost, 1 Hz, K 6 dB", "quality only", "bitrate in steps",
                                    "interference", "two links", "automatic power, silent");
  const test::WorldKind& kind = kindOf(name);
  const test::WorldResult r = test::studyWorld(kind, {24, 3, 0, 9000});
  CAPTURE(name, r.typical, r.dependable, r.typical_bias, r.dependable_bias, r.beyond_plan, r.better);
  // 48 intervals: at a true 95 % fewer than 41 hold in one case of a thousand.
  CHECK(r.typical >= 0.86);
  CHECK(r.dependable >= 0.86);
  CHECK(std::abs(r.typical_bias) < 0.07);
  CHECK(std::abs(r.dependable_bias) < 0.09);
  CHECK(r.beyond_plan < 0.25);
  CHECK(r.told + r.withheld > 0.9);
  CHECK(r.better < (kind.name == "automatic power, silent" ? 0.001 : 0.25));
}

TEST_CASE("worlds: the critical level is found without bias at any rate", "[simulation]") {
  const std::string name = GENERATE(as<std::string>{}, "quality at 1 Hz", "quality at 10 Hz",
                                    "turned when lost, 1 Hz, K 3 dB", "turned when lost, 2 Hz, K 30 dB");
  const test::WorldResult r = test::studyWorld(kindOf(name), {24, 3, 0, 9100});
  CAPTURE(name, r.critical_bias);
  CHECK(std::abs(r.critical_bias) < 0.6);
  CHECK(r.critical_covers >= 0.8);
}
