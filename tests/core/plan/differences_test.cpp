#include "core/plan/differences.h"

#include <catch2/catch.hpp>

#include "support/planned.h"
#include "support/told.h"

using namespace distanz;
using namespace distanz::campaign;

namespace {

Campaign two() {
  Campaign c = test::planned();
  setValueAt(c, "A", "control", kTransmitGain, 6);
  c.setups.push_back({"B", "Helix", "", c.setups[0].links});
  return c;
}

std::vector<std::string> differing(const plan::Differences& d) {
  std::vector<std::string> out;
  for (const plan::Difference& r : d.rows)
    if (r.differs) out.push_back(r.what);
  return out;
}

bool tells(const plan::Differences& d, const std::string& code) {
  return std::any_of(d.findings.begin(), d.findings.end(), [&](const Finding& f) { return f.code == code; });
}

}  // namespace

TEST_CASE("what differs: one antenna is one thing, though its gain and width differ with it") {
  Campaign c = two();
  CHECK(tells(plan::differencesOf(c), "differs-in-nothing"));
  setValueAt(c, "B", "control", kTransmitGain, 12);
  c.parts.back().name = "Helix";
  c.parts.back().values["width_deg"] = {.value = 40};
  const auto d = plan::differencesOf(c);
  CHECK(differing(d) == std::vector<std::string>{"tx-antenna"});
  CHECK(d.findings.empty());
}

TEST_CASE("what differs: a second thing is flagged with both, heights, firmware and mountings count") {
  Campaign c = two();
  setValueAt(c, "B", "control", kTransmitGain, 12);
  c.setups[1].mast_m = 6;
  auto d = plan::differencesOf(c);
  CHECK(differing(d) == std::vector<std::string>{"mast", "tx-antenna"});
  REQUIRE(tells(d, "differs-in-several"));
  CHECK(std::get<Measure>(d.findings.front().find("count")->value).value == 2);
  c.setups[1].mast_m.reset();
  c.setups[1].links["control"].mount.place = MountPlace::Tail;
  CHECK(differing(plan::differencesOf(c)) == std::vector<std::string>{"tx-antenna", "mount"});
  const auto told = plan::whatDiffers(plan::differencesOf(c));
  REQUIRE(told);
  const auto& what = std::get<std::vector<Finding>>(told->find("what")->value);
  REQUIRE(what.size() == 2);
  CHECK(std::get<Term>(what[0].find("what")->value).code == "differs-tx-antenna");
  CHECK(std::get<Term>(what[1].find("what")->value).code == "differs-mount");
  CHECK_FALSE(plan::whatDiffers(plan::differencesOf(two())));
}

TEST_CASE(
    "what differs: whatever is left to choose by itself is a nuisance, even where no setup differs by it") {
  const struct {
    const char* code;
    void (*leave)(SetupLink&);
  } cases[] = {{"left-free-power", [](SetupLink& e) { e.automatic_power = true; }},
               {"left-free-band", [](SetupLink& e) { e.automatic_band = true; }},
               {"left-free-rate", [](SetupLink& e) { e.automatic_rate = true; }},
               {"left-free-pointing", [](SetupLink& e) { e.pointing = Pointing::ByHand; }}};
  for (const auto& x : cases) {
    Campaign c = two();
    CHECK_FALSE(tells(plan::differencesOf(c), x.code));
    for (Setup& s : c.setups) x.leave(s.links["control"]);
    const auto d = plan::differencesOf(c);
    CHECK(tells(d, x.code));
    CHECK(std::count_if(d.rows.begin(), d.rows.end(), [](const auto& r) { return r.nuisance; }) == 1);
  }
  CHECK(plan::differencesOf(Campaign()).rows.empty());
}
