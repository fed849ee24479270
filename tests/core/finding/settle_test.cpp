// What one screen may say at once.
#include "core/finding/settle.h"

#include <catch2/catch.hpp>
#include <set>

#include "core/finding/catalogue.h"
#include "core/quantity/unit.h"

using namespace distanz;
using quantity::Unit;

namespace {

std::vector<std::string> codes(const std::vector<Finding>& findings) {
  std::vector<std::string> out;
  for (const Finding& f : findings) out.push_back(f.code);
  return out;
}

using Codes = std::vector<std::string>;

/// An argument of the row, by its name.
bool has(const FindingInfo& row, std::string_view key) {
  std::string_view rest = row.arguments;
  while (!rest.empty()) {
    const std::string_view word = rest.substr(0, rest.find(' '));
    rest.remove_prefix(std::min(word.size() + 1, rest.size()));
    if (word.substr(0, word.find(':')) == key) return true;
  }
  return false;
}

}  // namespace

TEST_CASE("settle: every rule is of two codes that there are, asks for what both may hold, and none contradicts another") {
  std::set<std::pair<std::string_view, std::string_view>> seen;
  for (const Exclusion& rule : exclusions()) {
    INFO(rule.stands << " over " << rule.gives_way);
    const FindingInfo *stands = infoOf(rule.stands), *gives = infoOf(rule.gives_way);
    REQUIRE(stands);
    REQUIRE(gives);
    CHECK(stands->severity != Severity::Detail);
    CHECK(gives->severity != Severity::Step);
    CHECK(rule.stands != rule.gives_way);
    CHECK(seen.emplace(rule.stands, rule.gives_way).second);
    CHECK_FALSE(seen.contains({rule.gives_way, rule.stands}));
    std::string_view keys = rule.about;
    while (!keys.empty()) {
      const std::string_view key = keys.substr(0, keys.find(','));
      keys.remove_prefix(std::min(key.size() + 1, keys.size()));
      CHECK(has(*stands, key));
      CHECK(has(*gives, key));
    }
  }
  CHECK(seen.size() > 60);
}

TEST_CASE("settle: of two that exclude each other one stands, whichever came first") {
  const Finding clear = finding("path-clear"), high = finding("height-wanted");
  CHECK(codes(settled({clear, high})) == Codes{"height-wanted"});
  CHECK(codes(settled({high, clear})) == Codes{"height-wanted"});
  CHECK(codes(settled({clear})) == Codes{"path-clear"});
}

TEST_CASE("settle: findings of two things do not exclude each other") {
  const Finding blind = finding("side-blind", {{"setup", "A"}, {"link", "control"}}), even = finding("side-even", {{"setup", "B"}, {"link", "control"}});
  CHECK(settled({blind, even}).size() == 2);
  // A verdict on one pair says nothing of another, and what does not name a thing is not about it.
  const auto of = [](const char* code, const char* better, const char* worse) { return finding(code, {{"better", better}, {"worse", worse}}); };
  CHECK(settled({of("probably-farther", "A", "B"), of("better", "A", "C")}).size() == 2);
  CHECK(settled({of("probably-farther", "A", "B"), of("better", "A", "B")}).size() == 1);
  CHECK(settled({finding("side-blind"), even}).size() == 2);
  const Finding same = finding("side-even", {{"setup", "A"}, {"link", "control"}});
  CHECK(codes(settled({same, blind})) == Codes{"side-blind"});
}

TEST_CASE("settle: nobody is sent beyond a turn, a limit or sight") {
  const auto to = [](double m) { return finding("fly-to", {{"to", m, Unit::Metre}}); };
  const Finding turn = finding("stops-first", {{"name", "A"}, {"at", 2000, Unit::Metre}}), limit = finding("limit-distance", {{"limit", 1000, Unit::Metre}}),
                sight = finding("limit-sight", {{"sight", 1500, Unit::Metre}});
  CHECK(codes(settled({turn, to(2650)})) == Codes{"stops-first"});
  CHECK(settled({turn, to(1900)}).size() == 2);
  CHECK(codes(settled({to(1100), limit})) == Codes{"limit-distance"});
  CHECK(codes(settled({sight, to(1501)})) == Codes{"limit-sight"});
  CHECK(codes(settled({finding("wind-no-return"), to(100), finding("wind-helps-out"), finding("preflight-done")})) == Codes{"wind-no-return"});
}

TEST_CASE("settle: the same of several setups, or of several links, is one finding that names them") {
  const auto unset = [](const char* setup, const char* link) { return finding("no-transmit-power", {{"setup", setup}, {"link", link}}, {"setup", setup}); };
  const auto of = [](const Finding& f, const char* key) { return std::get<std::string>(f.find(key)->value); };
  const auto setups = settled({unset("A", "control"), unset("B", "control")});
  REQUIRE(setups.size() == 1);
  CHECK(of(setups[0], "setup") == "A, B");
  CHECK(of(setups[0], "link") == "control");
  CHECK(setups[0].subject == Subject());
  const auto links = settled({unset("A", "control"), unset("A", "video")});
  REQUIRE(links.size() == 1);
  CHECK(of(links[0], "link") == "control, video");
  // Setup and link at once would pair each with each: they are joined by one of the two.
  const auto both = settled({unset("A", "control"), unset("B", "control"), unset("A", "video"), unset("C", "video")});
  REQUIRE(both.size() == 2);
  CHECK(of(both[0], "setup") == "A, B");
  CHECK(of(both[0], "link") == "control");
  CHECK(of(both[1], "setup") == "A, C");
  CHECK(of(both[1], "link") == "video");
  // Different figures stay apart, and so do runs; what is said twice is said once.
  const auto eirp = [](const char* link, double dbm) { return finding("eirp-limit-unknown", {{"link", link}, {"eirp", dbm, Unit::Dbm}}); };
  CHECK(settled({eirp("control", 20), eirp("video", 27)}).size() == 2);
  CHECK(settled({eirp("control", 20), eirp("control", 20)}).size() == 1);
  const auto thrice = settled({unset("A", "control"), unset("B", "control"), unset("B", "control")});
  REQUIRE(thrice.size() == 1);
  CHECK(of(thrice[0], "setup") == "A, B");
  // Machines get each by itself.
  CHECK(consistent({unset("A", "control"), unset("B", "control")}).size() == 2);
  const auto run = [](const char* id) { return finding("equipment-cap", {}, {"run", id}); };
  CHECK(settled({run("A1"), run("A2")}).size() == 2);
}
