#include "core/campaign/campaign.h"

#include <catch2/catch.hpp>
#include <functional>

#include "core/campaign/kit.h"
#include "core/campaign/validate.h"
#include "support/planned.h"
#include "support/told.h"

using namespace distanz;
using namespace distanz::campaign;

TEST_CASE("campaign: ids are given in order and never twice") {
  Campaign c;
  for (const char* want : {"A", "B", "C"}) {
    CHECK(freeSetupId(c) == want);
    c.setups.push_back({freeSetupId(c), {}, {}, {}, {}});
  }
  c.setups.erase(c.setups.begin());
  CHECK(freeSetupId(c) == "A");
  Run run;
  run.id = "B1";
  run.setup = "B";
  c.runs.push_back(run);
  CHECK(freeRunId(c, "B") == "B2");
  CHECK(letterOf(c, 0) == "B");
  c.setups.push_back({"patch", {}, {}, {}, {}});
  CHECK(letterOf(c, 2) == "C");
}

TEST_CASE("campaign: a hundred setups still get ids") {
  Campaign c;
  for (int i = 0; i < 100; ++i) c.setups.push_back({freeSetupId(c), {}, {}, {}, {}});
  CHECK(validate(c).empty());
}

TEST_CASE("campaign: reasons of the end and their words go both ways") {
  const auto word = GENERATE(as<std::string>{}, "link-lost", "quality-limit", "turned-back", "battery",
                             "limit", "obstacle", "aircraft", "equipment-cap", "");
  REQUIRE(endedFromWord(word));
  CHECK(endedWord(*endedFromWord(word)) == word);
  CHECK_FALSE(endedFromWord("bored"));
}

TEST_CASE("validate: each contradiction is told, and a sound campaign has none") {
  CHECK(validate(test::planned()).empty());
  struct Fault {
    const char* code;
    std::function<void(Campaign&)> make;
  };
  const std::vector<Fault> faults{
      {"duplicate-id", [](Campaign& c) { c.setups.push_back(c.setups[0]); }},
      {"no-id",
       [](Campaign& c) {
         c.links[0].id.clear();
         c.setups[0].links.clear();
       }},
      {"bad-id",
       [](Campaign& c) {
         c.links[0].id = "a.b";
         c.setups[0].links.clear();
       }},
      {"unknown-id", [](Campaign& c) { c.setups[0].links["telepathy"]; }},
      {"unknown-id",
       [](Campaign& c) {
         Run r;
         r.id = "X1";
         r.setup = "X";
         c.runs.push_back(r);
       }},
      {"out-of-bounds", [](Campaign& c) { c.station.lat_deg = 91; }},
      {"out-of-bounds", [](Campaign& c) { c.links[0].frequency_mhz = -1; }},
      {"out-of-bounds", [](Campaign& c) { c.links[0].rule.lq_min_pct = 100; }},
      {"out-of-bounds",
       [](Campaign& c) { campaign::setValueAt(c, c.setups[0].id, "control", campaign::kTransmitPower, 90); }},
      {"out-of-bounds", [](Campaign& c) { campaign::editFirstPath(c).points[1].height_m = -3; }},
      {"post-out-of-reach",
       [](Campaign& c) { campaign::editFirstPath(c).points[1].position = c.station.position().value(); }},
      {"out-of-bounds", [](Campaign& c) { c.plan_exponent = 0; }},
      {"bad-turn",
       [](Campaign& c) {
         Run r;
         r.id = "A1";
         r.setup = "A";
         r.turn_begin_s = 5;
         r.turn_end_s = 3;
         c.runs.push_back(r);
       }},
  };
  for (const Fault& fault : faults) {
    Campaign c = test::planned();
    fault.make(c);
    const auto problems = validate(c);
    CAPTURE(fault.code);
    REQUIRE(problems.size() >= 1);
    CHECK(problems[0].code == fault.code);
    CHECK_FALSE(test::told(problems[0]).empty());
  }
}

TEST_CASE("campaign: what margins are counted from, and the critical level of the kit") {
  Link link;
  CHECK_FALSE(sensitivityOf(link));
  CHECK_FALSE(criticalFromKit(link));
  link.modes = {{150, -104}, {50, -110}};
  CHECK(sensitivityOf(link) == -104.0);  // the first mode's, where the link has none of its own
  link.sensitivity_dbm = -108;
  link.rule.margin_db = 6;
  CHECK(sensitivityOf(link) == -108.0);
  Link noise;
  noise.bandwidth_mhz = 20;
  CHECK_FALSE(sensitivityOf(noise));
  noise.needed_snr_db = 10;
  CHECK_THAT(*sensitivityOf(noise), Catch::Matchers::WithinAbs(-84.965, 1e-3));  // a noise figure of 6 dB assumed
  noise.noise_figure_db = 3;
  CHECK_THAT(*sensitivityOf(noise), Catch::Matchers::WithinAbs(-87.965, 1e-3));
  noise.sensitivity_dbm = -90;
  CHECK(sensitivityOf(noise) == -90.0);
  CHECK(criticalFromKit(link) == -102.0);
}

TEST_CASE("campaign: rows of a log are known again, other flights of the same log are not; orders go on from the last") {
  Campaign c = test::planned();
  CHECK(nextOrder(c) == 1);
  Run run;
  run.id = "A1";
  run.setup = "A";
  run.editSource().sha256 = "abc";
  run.order = 7;
  run.to_s = 300;
  c.runs = {run};
  CHECK(nextOrder(c) == 8);
  const auto known = [&](const char* sha256, std::optional<double> from_s) {
    Run fresh;
    fresh.editSource().sha256 = sha256;
    fresh.from_s = from_s;
    return runOfSameRows(c, fresh) == &c.runs[0];
  };
  CHECK(known("abc", {}));
  CHECK(known("abc", 250));
  CHECK_FALSE(known("abc", 300));
  CHECK_FALSE(known("abd", {}));
  CHECK_FALSE(known("", {}));  // an unknown digest is nobody's
  // Another antenna's column of the same rows is another run; another column of what the flight itself tells is not.
  Run fresh = c.runs[0];
  c.runs[0].editSource().columns = {{"control.rssi_dbm", "1RSS"}, {"height_m", "alt"}};
  fresh.editSource().columns = {{"control.rssi_dbm", "2RSS"}};
  CHECK(otherReceiver(c.runs[0], fresh));
  CHECK_FALSE(runOfSameRows(c, fresh));
  fresh.editSource().columns = {{"control.rssi_dbm", "1RSS"}, {"height_m", "galt"}};
  CHECK_FALSE(otherReceiver(c.runs[0], fresh));
  fresh.editSource().columns = {{"control.rssi_dbm", ""}};
  CHECK_FALSE(otherReceiver(c.runs[0], fresh));
  CHECK(runOfSameRows(c, fresh) == &c.runs[0]);
}

TEST_CASE(
    "campaign: splitting by leg keeps the setup's place, doubles its runs in pairs and leaves the others "
    "alone") {
  Campaign c = test::planned();
  c.setups.push_back({"B", "Stub pair", "", {}, ""});
  for (const auto& [id, setup] : {std::pair{"A1", "A"}, {"B1", "B"}, {"A2", "A"}}) {
    Run run;
    run.id = id;
    run.setup = setup;
    run.editSource().sha256 = id;
    c.runs.push_back(run);
  }
  c.runs[2].flight = "both 1";
  const Campaign split = splitByLeg(c, "A", {"Patch, out", "Patch, back"});
  REQUIRE(split.setups.size() == 3);
  CHECK(split.setups[0].name == "Patch, out");
  CHECK(split.setups[1].id == "C");
  CHECK(split.setups[2].id == "B");
  REQUIRE(split.runs.size() == 5);
  CHECK(split.runs[1] == c.runs[1]);
  for (const char* id : {"A1", "A2"}) {
    const Run* out = findRun(split, id);
    CHECK(out->legs == Legs::Out);
    const auto home = std::find_if(split.runs.begin(), split.runs.end(), [&](const Run& r) {
      return r.legs == Legs::Back && r.source().sha256 == id;
    });
    REQUIRE(home != split.runs.end());
    CHECK(home->setup == "C");
    CHECK(home->flight == out->flight);
    CHECK_FALSE(home->flight.empty());
  }
  CHECK(findRun(split, "A2")->flight == "both 1");
  CHECK(validate(split).empty());
  CHECK(splitByLeg(split, "A", {"x", "y"}).runs.size() == 5);  // nothing is left to split
}

TEST_CASE("a link that is removed takes along what only made sense with it", "[regression]") {
  campaign::Campaign c;
  c.links.resize(2);
  c.links[0].id = "control";
  c.links[1].id = "video";
  campaign::Setup setup;
  setup.id = "A";
  c.setups.push_back(setup);
  for (const char* link : {"video", "control"})
    campaign::setValueAt(c, "A", link, campaign::kTransmitPower, 20);
  campaign::Run run;
  run.id = "A1";
  run.setup = "A";
  run.reduced_db = {{"control", 10}, {"video", 20}};
  run.editSource().columns = {{"video.rssi_dbm", "x"}, {"control.rssi_dbm", "y"}, {"height_m", "z"}};
  c.runs.push_back(run);
  const campaign::Campaign without = campaign::withoutLink(c, "video");
  CHECK(campaign::validate(without).empty());
  CHECK(without.links.size() == 1);
  CHECK(without.setups[0].links.size() == 1);
  CHECK(without.parts.size() == 1);
  CHECK(without.runs[0].reduced_db == std::map<std::string, double>{{"control", 10}});
  CHECK(without.runs[0].source().columns ==
        std::map<std::string, std::string>{{"control.rssi_dbm", "y"}, {"height_m", "z"}});
}

TEST_CASE("ids that would part a channel's name, or are no ids, are refused; others are theirs who gave them",
          "[regression]") {
  campaign::Campaign c;
  c.links.resize(1);
  c.links[0].id = GENERATE(as<std::string>{}, "a.b", "", std::string(201, 'x'));
  CHECK_FALSE(campaign::validate(c).empty());
  c.links[0].id = GENERATE(as<std::string>{}, "=x", "-x", "a,b", "a;b", "a\"b");  // older files may have them
  CHECK(campaign::validate(c).empty());
}
