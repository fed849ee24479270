#include "core/campaign/kit.h"

#include <catch2/catch.hpp>

#include "core/campaign/describe.h"
#include "core/campaign/validate.h"
#include "core/description/key.h"

using namespace distanz::campaign;
using distanz::description::Affects;

namespace {

Campaign twoSetups() {
  Campaign c;
  c.links.resize(1);
  c.links[0].id = "control";
  c.setups.push_back({"A", "Patch", ""});
  setValueAt(c, "A", "control", kTransmitPower, 20);
  setValueAt(c, "A", "control", kReceiveGain, 8);
  c.setups.push_back({"B", "Helix", "", c.setups[0].links});  // the same parts
  return c;
}

std::optional<double> at(const Campaign& c, std::size_t setup, const Slot& slot) {
  return valueAt(c, c.setups[setup].links.at("control"), slot);
}

template <class T>
std::string keyOf(const T& thing, Affects depends) {
  std::string key;
  distanz::description::addKey(key, thing, depends);
  return key;
}

}  // namespace

TEST_CASE("kit: a value typed for one setup does not change the part that another has, too") {
  Campaign c = twoSetups();
  CHECK(c.parts.size() == 2);
  setValueAt(c, "B", "control", kReceiveGain, 12);
  CHECK(at(c, 0, kReceiveGain) == 8.0);
  CHECK(at(c, 1, kReceiveGain) == 12.0);
  CHECK(c.parts.size() == 3);
  setValueAt(c, "B", "control", kReceiveGain, 13);  // its own by now
  CHECK(c.parts.size() == 3);
  CHECK(validate(c).empty());
}

TEST_CASE("kit: what nobody said is no number, and counts as 0 dB in a budget only") {
  Campaign c = twoSetups();
  CHECK_FALSE(at(c, 0, kTransmitGain));
  const auto ends = endsOf(c, c.links[0], c.setups[0].links.at("control"));
  REQUIRE(ends);
  CHECK(ends->power_dbm == 20);
  CHECK(ends->rx_gain_dbi == 8);
  CHECK(ends->tx_gain_dbi == 0);
  setValueAt(c, "A", "control", kTransmitPower, {});
  CHECK_FALSE(endsOf(c, c.links[0], c.setups[0].links.at("control")));
}

TEST_CASE("kit: parts that a removed setup alone had go with it; named ones and those of others stay") {
  Campaign c = twoSetups();
  setValueAt(c, "B", "control", kReceiveGain, 12);
  Campaign without = withoutSetup(c, "B");
  CHECK(without.parts.size() == 2);
  CHECK(validate(without).empty());
  c.parts.back().name = "Six-turn helix";
  CHECK(withoutSetup(c, "B").parts.size() == 3);
}

TEST_CASE("validate: parts out of their domain and ids of parts that are not there are told",
          "[regression]") {
  Campaign c = twoSetups();
  c.parts[1].values["gain_dbi"].value = 90;
  REQUIRE(validate(c).size() == 1);
  CHECK(validate(c)[0].code == "out-of-bounds");
  c = twoSetups();
  c.setups[1].links["control"].receiver = "p99";
  REQUIRE(validate(c).size() == 1);
  CHECK(validate(c)[0].code == "unknown-id");
  CHECK(validate(c)[0].find("id")->value == Argument::Value(std::string("p99")));
}

TEST_CASE("keys: what an analysis depends on changes them, words do not") {
  Run a;
  a.id = "A1";
  a.setup = "A";
  Run b = a;
  b.notes = "windy";
  b.uuid = "other";
  CHECK(keyOf(a, Affects::Samples) == keyOf(b, Affects::Samples));
  CHECK(keyOf(a, Affects::Statistics) == keyOf(b, Affects::Statistics));
  CHECK(keyOf(a, Affects::Words) != keyOf(b, Affects::Words));
  b = a;
  b.void_reason = "wind";
  CHECK(keyOf(a, Affects::Samples) == keyOf(b, Affects::Samples));
  CHECK(keyOf(a, Affects::Statistics) != keyOf(b, Affects::Statistics));
  b = a;
  b.editSource().clock_offset_s = 1;
  CHECK(keyOf(a, Affects::Samples) != keyOf(b, Affects::Samples));
}
