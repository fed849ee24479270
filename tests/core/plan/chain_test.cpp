#include "core/plan/chain.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/plan/chain_told.h"
#include "core/plan/prediction.h"
#include "core/radio/path_loss.h"
#include "support/planned.h"

using namespace distanz;
using namespace distanz::campaign;
using Catch::Matchers::WithinAbs;
using Catch::Matchers::WithinRel;

namespace {

plan::Chain chainOfA(const Campaign& c) {
  const SetupLink* ends = findEnds(c, "A", "control");
  return plan::chainOf(c, c.links[0], ends ? *ends : SetupLink());
}

double worthOf(const Finding& f, const char* key) {
  const Argument* a = f.find(key);
  return a ? std::get<Measure>(a->value).value : 0;
}

}  // namespace

TEST_CASE("chain: runs from the power to the far post, and meets the prediction there") {
  Campaign c = test::planned();
  setValueAt(c, "A", "control", kTransmitGain, 6);
  setValueAt(c, "A", "control", kTransmitLoss, 0.5);
  const plan::Chain chain = chainOfA(c);
  CHECK(std::string(chain.elements.front().what) == "power");
  CHECK_THAT(*chain.eirp_dbm, WithinAbs(25.5, 1e-9));
  CHECK_THAT(*chain.distance_m, WithinAbs(3000, 0.1));
  CHECK_THAT(*chain.received_dbm, WithinAbs(25.5 - radio::freeSpaceLoss_db(std::hypot(*chain.distance_m, 58), 2440), 1e-6));
  CHECK_THAT(*chain.margin_db, WithinAbs(*chain.received_dbm + 108, 1e-9));
  CHECK_THAT(*chain.range_m, WithinAbs(*plan::predict(c, 3000)[0].range_m, 1e-6));
  double level = 0;
  for (const plan::ChainElement& e : chain.elements) {
    level += e.change_db;
    CHECK_THAT(e.level_dbm, WithinAbs(level, 1e-9));
  }
}

TEST_CASE("chain: what nobody said is told as not known, and without a power or a path there are no levels") {
  Campaign c = test::planned();
  setValueAt(c, "A", "control", kTransmitGain, {});
  setValueAt(c, "A", "control", kReceiveGain, {});
  plan::Chain chain = chainOfA(c);
  CHECK(chain.received_dbm);
  CHECK_FALSE(chain.range_m);  // without antennas how far it reaches is nobody's to say
  CHECK_FALSE(plan::predict(c, 3000)[0].range_m);
  for (const plan::ChainElement& e : chain.elements)
    CHECK(e.known == (std::string(e.what) == "power" || std::string(e.what) == "path"));
  c.paths.clear();
  chain = chainOfA(c);
  CHECK(chain.eirp_dbm);
  CHECK_FALSE(chain.received_dbm);
  CHECK(std::isnan(chain.elements.back().level_dbm));
  const plan::Chain powered = chain;
  setValueAt(c, "A", "control", kTransmitPower, {});
  chain = chainOfA(c);
  CHECK_FALSE(plan::changeBetween(chain, powered));  // the first power typed is no change of a level
  CHECK_FALSE(chain.eirp_dbm);
  CHECK(std::isnan(chain.elements.front().level_dbm));
}

TEST_CASE("chain: another part shows its dB and metres, and a record stands behind what was measured") {
  Campaign c = test::planned();
  setValueAt(c, "A", "control", kTransmitGain, 6);
  Part helix{
      .id = "helix", .uuid = {}, .kind = PartKind::Antenna, .name = "Helix", .notes = {}, .values = {}};
  helix.values["gain_dbi"] = {.value = 12, .origin = Origin::Measured, .record = "r1"};
  c.parts.push_back(helix);
  const SetupLink& own = c.setups[0].links.at("control");
  const auto swaps = plan::swapsFor(c, c.links[0], own, kTransmitGain);
  REQUIRE(swaps.size() == 2);  // and the other end's antenna
  CHECK(swaps[0].part == "helix");
  CHECK_THAT(swaps[0].change.level_db, WithinAbs(6, 1e-9));
  const plan::Chain before = plan::chainOf(c, c.links[0], own);
  CHECK_THAT(*swaps[0].change.range_m, WithinRel(*before.range_m * (std::pow(10, 6 / 20.0) - 1), 1e-4));
  c.setups[0].links["control"].tx_antenna = "helix";
  const plan::Chain after = chainOfA(c);
  const auto change = plan::changeBetween(before, after);
  REQUIRE(change);
  REQUIRE(change->elements.size() == 1);
  const plan::ChainElement& e = after.elements[change->elements[0]];
  CHECK(std::string(e.what) == "tx-antenna");
  CHECK(e.origin == Origin::Measured);
  CHECK(e.record == "r1");
  CHECK_FALSE(plan::changeBetween(after, after));
}

TEST_CASE("chain: the receiver ends it, and its sensitivity counts where the link states none") {
  Campaign c = test::planned();
  CHECK(std::string(chainOfA(c).elements.back().what) == "receiver");
  const double stated = *chainOfA(c).range_m;
  setValueAt(c, "A", "control", kReceiver, -102);
  CHECK(*chainOfA(c).critical_dbm == -108);  // what the link states counts
  CHECK(*chainOfA(c).range_m == stated);
  c.links[0].sensitivity_dbm.reset();
  CHECK(*chainOfA(c).critical_dbm == -102);
  CHECK_THAT(*chainOfA(c).range_m, WithinRel(stated / std::pow(10, 6 / 20.0), 1e-4));
  CHECK_THAT(*plan::predict(c, 3000)[0].range_m, WithinAbs(*chainOfA(c).range_m, 1e-9));
  CHECK(chainOfA(c).elements.back().known);
}

TEST_CASE("chain told: the level at the far post with every term that makes it, and what it lacks") {
  Campaign c = test::planned();
  setValueAt(c, "A", "control", kTransmitGain, 6);
  const auto told = [&] { return plan::toldAtFarPost(c, c.links[0], chainOfA(c)); };
  auto said = told();
  REQUIRE(said);
  CHECK(said->code == "far-post-margin");
  const plan::Chain chain = chainOfA(c);
  CHECK_THAT(worthOf(*said, "margin"), WithinAbs(*chain.margin_db, 1e-9));
  double sum = 0;
  for (const Finding& line : said->why)
    sum += worthOf(line, line.code == "why-chain-power" ? "power" : "change");
  CHECK_THAT(sum, WithinAbs(*chain.received_dbm, 1e-9));
  double eirp = 0;
  for (const Finding& line : plan::whyEirp(chain))
    eirp += worthOf(line, line.code == "why-chain-power" ? "power" : "change");
  CHECK_THAT(eirp, WithinAbs(*chain.eirp_dbm, 1e-9));
  c.plan.rain_mm_h = 100;  // told as a part of the path, which it is counted in
  c.plan.gases = true;
  double held = 0;
  said = told();
  for (const Finding& line : said->why)
    if (line.code == "why-path-holds") held += worthOf(line, "change");
  CHECK_THAT(held, WithinAbs(*chainOfA(c).received_dbm - *chain.received_dbm, 1e-9));
  setValueAt(c, "A", "control", kTransmitGain, -60);
  CHECK(told()->code == "far-post-short");
  c.links[0].sensitivity_dbm.reset();
  CHECK(told()->code == "far-post-level");
  c.paths.clear();
  CHECK_FALSE(told());
}
