#include "core/plan/flown_use.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/plan/energy.h"
#include "support/planned.h"

using namespace distanz;
using Catch::Matchers::WithinAbs;

namespace {

/// Out and back over 2 km at an airspeed, in wind, drawing so much a second; a row a second.
log::Recording flownIn(const campaign::Campaign& c, double airspeed_mps, const plan::Wind& wind,
                       double ma_s) {
  log::Recording r;
  r.columns = {{"lat_deg", {}}, {"lon_deg", {}}, {"used_mah", {}}, {"current_a", {}}};
  const course::Position s = *c.station.position();
  double d = 0, used = 0, t = 0;
  const auto row = [&] {
    const course::Position at = course::destination(s, {d, 54});
    r.time_s.push_back(t++);
    r.columns[0].values.push_back(at.lat_deg);
    r.columns[1].values.push_back(at.lon_deg);
    r.columns[2].values.push_back(used);
    r.columns[3].values.push_back(ma_s * 3.6);
    used += ma_s;
  };
  for (int i = 0; i < 20; ++i) row();  // waiting on the ground, drawing
  for (; d < 2000; d += *plan::groundSpeed_mps(airspeed_mps, 54, wind)) row();
  for (; d > 0; d -= *plan::groundSpeed_mps(airspeed_mps, 234, wind)) row();
  return r;
}

}  // namespace

TEST_CASE(
    "flown use: airspeed, wind along the way and consumption in still air come back from a flight in wind") {
  const campaign::Campaign c = test::planned();
  const auto course = campaign::courseOf(c);
  const double airspeed = 14, wind = GENERATE(-5.0, 0.0, 4.0), ma_s = 2.1;
  const plan::Wind blowing{wind < 0 ? 54.0 : 234.0, std::abs(wind)};
  log::Recording flown = flownIn(c, airspeed, blowing, ma_s);
  const auto use = plan::flownUse(flown, *course);
  REQUIRE(use);
  CHECK_THAT(use->airspeed_mps, WithinAbs(airspeed, 0.05));
  CHECK_THAT(*use->wind_mps, WithinAbs(std::abs(wind), 0.05));
  if (wind != 0) CHECK(std::abs(std::remainder(*use->wind_from_deg - blowing.from_deg, 360.0)) < 1);
  CHECK_THAT(*use->use_mah_km, WithinAbs(ma_s / airspeed * 1000, 1.5));
  flown.columns.erase(flown.columns.begin() + 2);  // only a current
  CHECK_THAT(*plan::flownUse(flown, *course)->use_mah_km, WithinAbs(ma_s / airspeed * 1000, 1.5));
  flown.columns.pop_back();
  CHECK_FALSE(plan::flownUse(flown, *course)->use_mah_km);
}

TEST_CASE("flown use: what did not move, or has no position, tells nothing") {
  const campaign::Campaign c = test::planned();
  const auto course = campaign::courseOf(c);
  log::Recording r = flownIn(c, 14, {0, 0}, 2);
  for (auto& column : r.columns)
    if (column.channel == "lat_deg" || column.channel == "lon_deg")
      for (double& v : column.values) v = column.values.front();
  CHECK_FALSE(plan::flownUse(r, *course));
  r.columns.erase(r.columns.begin());
  CHECK_FALSE(plan::flownUse(r, *course));
  CHECK_FALSE(plan::flownUse({}, *course));
}
