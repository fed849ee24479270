#include "core/bench/stations.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/dice/random.h"
#include "core/finding/error.h"
#include "support/judged.h"

using namespace distanz;
using namespace distanz::bench;
using Catch::Matchers::WithinAbs;
using Catch::Matchers::WithinRel;

namespace {

std::vector<StationReading> placesOf(double exponent, double sd_db, int places, dice::Random& random) {
  std::vector<StationReading> out;
  for (int i = 0; i < places; ++i) {
    const double d = 200 * std::pow(10, 1.2 * i / double(places - 1));
    out.push_back({d, -80 - 10 * exponent * std::log10(d / 1000) + sd_db * random.normal()});
  }
  return out;
}

}  // namespace

TEST_CASE("stations: the line through exact levels, and where it meets a level") {
  const auto fit = stationFit({{100, -60}, {200, -69.0309}, {400, -78.0618}, {1000, -90}});  // 30 dB a decade
  REQUIRE(fit);
  CHECK_THAT(fit->exponent.estimate, WithinAbs(3, 1e-4));
  CHECK_THAT(fit->at_1km_dbm, WithinAbs(-90, 1e-3));
  CHECK(fit->falls);
  const auto reach = stationReach(*fit, -96.0);
  REQUIRE(reach);
  CHECK_THAT(reach->estimate_m, WithinRel(1000 * std::pow(10, 0.2), 1e-4));
  REQUIRE(reach->low_m);
  CHECK(*reach->low_m < reach->estimate_m);
  CHECK(*reach->high_m > reach->estimate_m);
  CHECK(stationReach(*fit, -96.0, 1.645)->estimate_m < reach->estimate_m);
}

TEST_CASE("stations: what few places, near each other, or a level that does not fall leave open") {
  CHECK_FALSE(stationFit({{100, -60}, {200, -69}, {400, -78}}));
  CHECK_FALSE(stationFit({{100, -60}, {110, -62}, {120, -61}, {130, -63}}));
  CHECK_FALSE(stationFit({{100, -60}, {100, -62}, {400, -71}, {400, -73}}));
  const auto flat = stationFit({{100, -60}, {200, -75}, {400, -58}, {800, -66}});
  REQUIRE(flat);
  CHECK_FALSE(flat->falls);
  CHECK_FALSE(stationReach(*flat, -90));
  CHECK_THROWS_AS(stationFit({{0, -60}, {200, -69}, {400, -78}, {500, -80}}), DomainError);
}

TEST_CASE("stations: both intervals hold the truth as often as they say", "[simulation]") {
  int exponent = 0, reach = 0, told = 0;
  constexpr int kTries = 2000;
  dice::Random random(12);
  for (int i = 0; i < kTries; ++i) {
    const auto fit = stationFit(placesOf(2.8, 4, 6, random));
    REQUIRE(fit);
    exponent += *fit->exponent.low <= 2.8 && 2.8 <= *fit->exponent.high;
    const auto at = stationReach(*fit, -95);
    if (!at || !at->low_m) continue;
    ++told;
    const double truth = 1000 * std::pow(10, 15 / 28.0);
    reach += *at->low_m <= truth && truth <= *at->high_m;
  }
  CHECK(std::abs(exponent / double(kTries) - 0.95) < 0.02);
  CHECK(told > 0.9 * kTries);
  CHECK(std::abs(reach / double(told) - 0.95) < 0.02);
}

TEST_CASE("records: readings at fixed places are told with their heights and the horizon, without a path") {
  const campaign::Campaign c = test::oneChannel();
  campaign::Record r;
  r.id = "r";
  r.kind = campaign::RecordKind::Stations;
  const auto codes = [&] {
    std::string out;
    for (const Finding& f : records::judge({c, r, {}, {}}).findings) out += f.code + " ";
    return out;
  };
  CHECK(codes() == "stations-open ");
  for (const auto& [d, level] : {std::pair(200.0, -70.0), {500.0, -80.0}, {1000.0, -90.0}, {2000.0, -97.0}})
    r.readings.push_back({"", {{"distance_m", d}, {"level_dbm", level}}, {}});
  r.settings["limit_dbm"] = -100;
  CHECK_THAT(codes(), Catch::Matchers::Contains("stations-fit stations-no-heights stations-reach-beyond"));
  for (campaign::Reading& x : r.readings) x.values["height_a_m"] = 2, x.values["height_b_m"] = 1.5;
  CHECK_THAT(codes(), Catch::Matchers::Contains("stations-heights"));
  r.settings["limit_dbm"] = -140;  // farther than the horizon of 10.9 km
  CHECK_THAT(codes(), Catch::Matchers::Contains("stations-beyond-horizon"));
}
