#include "core/campaign/kit.h"

#include <catch2/catch.hpp>

#include "core/campaign/describe.h"
#include "core/campaign/differ.h"
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

TEST_CASE("kit: two setups differ on a link by what its parts state, not by who the parts are") {
  Campaign c;
  c.links.resize(1);
  c.links[0].id = "control";
  c.setups.push_back({"A", "Patch", ""});
  c.setups.push_back({"B", "Helix", ""});
  CHECK_FALSE(onlyLinkThatDiffers(c, "A", "B"));
  setValueAt(c, "A", "control", kTransmitGain, 8);
  CHECK(onlyLinkThatDiffers(c, "A", "B") == "control");
  setValueAt(c, "B", "control", kTransmitGain, 8);  // another part of the same gain
  CHECK_FALSE(onlyLinkThatDiffers(c, "A", "B"));
  c.setups[1].links["control"].pointing = Pointing::Tracked;
  CHECK(onlyLinkThatDiffers(c, "A", "B") == "control");
  c.setups[1].mast_m = 6;  // what all links share
  CHECK_FALSE(onlyLinkThatDiffers(c, "A", "B"));
  CHECK_FALSE(onlyLinkThatDiffers(c, "A", "Z"));
}

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
  CHECK(validate(c)[0].find("id")->value == distanz::Argument::Value(std::string("p99")));
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

TEST_CASE("kit: parts of another campaign come in, and nothing that is known here gets lost") {
  Campaign ours = twoSetups(), theirs;
  Part& own = ours.parts[1];
  own.uuid = "same";
  own.name = "Patch";
  own.notes = "mine";
  own.photos = {{"a.png", "aa", {}, {}}};
  own.values["gain_dbi"] = {.value = 7.4, .origin = Origin::Measured, .record = "r1"};
  own.values["vswr"] = {.value = 1.4};
  Part other{
      .id = "p9", .uuid = "same", .kind = PartKind::Antenna, .name = "Patch", .notes = {}, .values = {}};
  other.values["gain_dbi"] = {.value = 8};
  other.values["vswr"] = {.value = 1.2, .origin = Origin::Measured, .record = "r7"};
  other.values["width_deg"] = {.value = 70};
  other.photos = {{"b.png", "bb", {}, {}}};
  theirs.parts = {
      other,
      {.id = "p2", .uuid = "else", .kind = PartKind::Cable, .name = "Mast cable", .notes = {}, .values = {}}};
  const Brought brought = withPartsOf(ours, theirs, {"p9", "p2", "gone"});
  CHECK(brought.added == 1);
  CHECK(brought.renewed == 1);
  const Part& now = brought.campaign.parts[1];
  CHECK(now.values.at("gain_dbi").value == 7.4);  // measured here
  CHECK(now.values.at("gain_dbi").record == "r1");
  CHECK(now.values.at("vswr").value == 1.2);  // measured there
  CHECK(now.values.at("vswr").record.empty());
  CHECK(now.values.at("width_deg").value == 70);
  CHECK(now.notes == "mine");
  CHECK(now.photos.size() == 2);
  CHECK(brought.campaign.parts.back().id != "p2");  // that one is taken here
  const Brought again = withPartsOf(brought.campaign, theirs, {"p9", "p2"});
  CHECK(again.added + again.renewed == 0);
  CHECK(again.campaign == brought.campaign);
}

TEST_CASE("kit: a part that is removed leaves no slot and no record that names it") {
  Campaign c = twoSetups();
  const std::string id = c.setups[0].links.at("control").transmitter;
  c.setups[0].links["control"].receiver = id;
  Record r;
  r.id = "r1";
  r.part = id;
  c.records = {r};
  const Campaign without = withoutPart(c, id);
  CHECK(validate(without).empty());
  CHECK(without.parts.size() == c.parts.size() - 1);
  CHECK(setupsWith(without, id).empty());
  CHECK(without.records[0].part.empty());
}
