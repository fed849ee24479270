// What a plan says, computed once for every view; and what matters at each stage.
#include "core/plan/planned.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/analysis/findings/advice.h"
#include "core/campaign/kit.h"
#include "core/finding/catalogue.h"
#include "support/planned.h"
#include "support/told.h"

using namespace distanz;
using Catch::Matchers::Contains;

namespace {

std::vector<std::string> codes(const std::vector<Finding>& findings) {
  std::vector<std::string> out;
  for (const Finding& f : findings) out.push_back(f.code);
  return out;
}

bool has(const std::vector<Finding>& findings, const std::string& code) {
  const auto all = codes(findings);
  return std::find(all.begin(), all.end(), code) != all.end();
}

}  // namespace

TEST_CASE("planned: a straight path lies along the outward direction, its end as far as the post") {
  const campaign::Campaign c = test::planned();
  const plan::Planned p = plan::planned(c, 4000);
  REQUIRE(p.outline.size() == campaign::firstPath(c).size());
  const double length = campaign::courseOf(c)->farPost_m();
  CHECK(p.outline.back().along_m == Approx(length).epsilon(1e-4));
  CHECK(p.outline.back().right_m == Approx(0).margin(0.5));
  CHECK(p.posts.back() == Approx(length));
  REQUIRE(p.clearance);
}

TEST_CASE("planned: the link to plan by is the one predicted to fail first; a setup's range its smallest") {
  campaign::Campaign c = test::planned();
  c.links.push_back(c.links.front());
  c.links.back().id = "video";
  c.links.back().frequency_mhz *= 4;
  for (auto& s : c.setups)
    if (const auto own = s.links.find(c.links.front().id); own != s.links.end())
      s.links["video"] = own->second;
  const plan::Planned p = plan::planned(c, 4000);
  CHECK(p.link == "video");  // the same power on four times the frequency
  for (const plan::Prediction& x : p.predictions)
    if (x.range_m) CHECK(*p.limiting(x.setup)->range_m <= *x.range_m);
  CHECK_FALSE(p.limiting("nobody"));
  CHECK(plan::planned({}, 1000).outline.empty());
}

TEST_CASE("advice: each stage says what it lacks until it lacks nothing") {
  campaign::Campaign c;
  CHECK(has(analysis::kitAdvice(c), "describe-two-setups"));
  CHECK(analysis::kitLacks(c)->code == "lacks-setups");
  CHECK(codes(analysis::planAdvice(c, plan::planned(c, 1000), {})) ==
        std::vector<std::string>{"set-station"});
  CHECK(analysis::planLacks(c)->code == "lacks-station");
  CHECK(codes(analysis::runsAdvice(c, {})) == std::vector<std::string>{"bring-in-logs"});
  CHECK(analysis::runsLacks(c)->code == "lacks-runs");
  CHECK(analysis::compareLacks({})->code == "lacks-flown");
  c = test::planned();
  for (auto& s : c.setups) s.name = "Named " + s.id;
  while (c.setups.size() < 2) {
    c.setups.push_back(c.setups.front());
    c.setups.back().id = "Z";
  }
  CHECK_FALSE(analysis::kitLacks(c));
  c.setups.back().name.clear();
  CHECK(analysis::kitLacks(c)->code == "lacks-names");
  CHECK(has(analysis::kitAdvice(c), "name-setups"));
  CHECK_FALSE(analysis::planLacks(c));
  CHECK(analysis::runsLacks(c)->code == "lacks-runs-of");
}

TEST_CASE("advice: a plan too low for the far end says how far it is clear, and what to do") {
  campaign::Campaign c = test::planned();
  for (auto& p : campaign::editFirstPath(c).points) p.height_m = 3;
  const auto said = analysis::planAdvice(c, plan::planned(c, 4000), {});
  REQUIRE_FALSE(said.empty());
  CHECK(infoOf(said.front().code)->severity == Severity::Caution);
  CHECK_THAT(test::told(said.front()), Contains("Fly higher, or raise the antenna"));
  for (auto& p : campaign::editFirstPath(c).points) p.height_m = 115;
  c.station.antenna_height_m = 30;
  const auto clear = analysis::planAdvice(c, plan::planned(c, 4000), {});
  CHECK(clear.front().code == "path-clear");
  CHECK(has(clear, "keep-sight"));
}
