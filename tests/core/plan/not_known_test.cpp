#include "core/plan/not_known.h"

#include <catch2/catch.hpp>
#include <cmath>
#include <random>

#include "core/estimate/defaults.h"
#include "core/plan/beside.h"
#include "core/plan/leg_model.h"
#include "core/plan/mounting.h"
#include "core/plan/prediction.h"
#include "core/plan/told_legs.h"
#include "support/planned.h"

using namespace distanz;
using namespace distanz::campaign;
using Catch::Matchers::WithinAbs;

namespace {

plan::NotKnown ofA(const Campaign& c) {
  return {c, c.links[0], c.setups[0].links.at("control")};
}

/// Shares of drawn truths: mean range between low and high, and a flight's range beyond the dependable one.
struct Shares {
  double between = 0, beyond = 0;
};
Shares drawn(const Campaign& c, const plan::Prediction& p, double shade_db) {
  constexpr int kDraws = 40'000;
  const auto known = ofA(c);
  std::mt19937_64 random(7);
  std::normal_distribution<double> z;
  std::uniform_real_distribution<double> shade(0, shade_db);
  const double at_1_m = p.received_dbm.back() + 10 * c.plan_exponent * std::log10(p.distance_m.back());
  Shares out;
  for (int i = 0; i < kDraws; ++i) {
    double level = at_1_m - *p.critical_dbm;
    for (const plan::Unsure& u : known.parts()) level += u.sd_db * z(random);
    const double exponent = c.plan_exponent + plan::kExponentSd * z(random);
    const double worst = level - (shade_db > 0 ? shade(random) : 0);
    const double flight = worst + estimate::defaults::kFlightPriorSd_db * z(random) +
                          estimate::defaults::kPlacePriorSd_db * z(random);
    const double range = std::pow(10, level / (10 * exponent)), flown = std::pow(10, flight / (10 * exponent));
    out.between += range >= p.sure->low_m && range <= p.sure->high_m;
    out.beyond += flown >= p.sure->dependable_m;
  }
  return {out.between / kDraws, out.beyond / kDraws};
}

}  // namespace

TEST_CASE("not known: what was measured counts less than what is claimed, and that less than nothing said") {
  Campaign c = test::planned();
  const double said = ofA(c).level_sd_db(1000);
  SetupLink& ends = c.setups[0].links.at("control");
  for (Part& part : c.parts)
    if (part.id == ends.transmitter)
      for (auto& [key, value] : part.values) value.origin = Origin::Measured;
  const double measured = ofA(c).level_sd_db(1000);
  CHECK(measured < said);
  setValueAt(c, "A", "control", kTransmitPower, {});
  CHECK(ofA(c).level_sd_db(1000) > said);
  CHECK_THAT(plan::NotKnown::path_sd_db(1000), WithinAbs(4.5, 1e-9));
  CHECK_THAT(plan::NotKnown::path_sd_db(0.1), WithinAbs(0, 1e-9));
  double parts = 0, receiver = 0;
  const auto known = ofA(c);
  for (const plan::Unsure& u : known.parts()) (std::string(u.what) == "receiver" ? receiver : parts) += u.sd_db * u.sd_db;
  CHECK_THAT(ofA(c).level_sd_db(1000), WithinAbs(std::sqrt(parts + 4.5 * 4.5), 1e-9));
  CHECK_THAT(ofA(c).margin_sd_db(1000), WithinAbs(std::sqrt(parts + receiver + 4.5 * 4.5), 1e-9));
}

TEST_CASE("not known: 95 of 100 drawn truths lie within the band, and 95 of 100 flights reach the dependable range") {
  Campaign c = test::planned();
  c.plan_exponent = 2.7;
  const auto p = plan::predict(c, 3000).at(0);
  REQUIRE(p.sure);
  CHECK(p.sure->low_m < *p.range_m);
  CHECK(p.sure->high_m > *p.range_m);
  CHECK(p.sure->dependable_m < *p.range_m);
  const Shares plain = drawn(c, p, 0);
  CHECK_THAT(plain.between, WithinAbs(0.95, 0.004));
  CHECK_THAT(plain.beyond, WithinAbs(0.95, 0.004));
  c.setups[0].links.at("control").mount.place = MountPlace::Nose;
  const auto shaded = plan::predict(c, 3000).at(0);
  CHECK(shaded.sure->low_m < p.sure->low_m);
  CHECK(shaded.sure->high_m == p.sure->high_m);  // on the way back nothing is in its way
  CHECK_THAT(drawn(c, shaded, plan::kShadeMost_db).beyond, WithinAbs(0.95, 0.01));
  for (std::size_t i = 0; i < p.distance_m.size(); ++i) {
    const double half = 1.959964 * ofA(c).level_sd_db(p.distance_m[i]);
    CHECK_THAT(p.received_dbm[i] - p.low_dbm[i], WithinAbs(half, 1e-9));
    CHECK_THAT(p.high_dbm[i] - p.received_dbm[i], WithinAbs(half, 1e-9));
  }
}

TEST_CASE("not known: an airframe hides the way out of what sits on its nose, and more where carbon is near") {
  Mount nose;
  CHECK_FALSE(plan::shadeOf(nose));
  nose.place = MountPlace::Nose;
  Campaign c = test::planned();
  const auto legs = [&] {
    c.setups[0].links["control"].mount = nose;
    return plan::LegModel(c, c.setups[0], c.links[0], c.setups[0].links["control"]).at(2000, true);
  };
  CHECK(legs().out_shade_db == plan::kShadeMost_db);
  CHECK(legs().back_shade_db == 0);
  CHECK(legs().turn_shade_db == plan::kShadeMost_db);
  nose.near_carbon = true;
  CHECK(legs().out_shade_db == plan::kDeepShadeMost_db);
  nose.place = MountPlace::Tail;
  CHECK(legs().out_shade_db == 0);
  CHECK(legs().back_shade_db == plan::kDeepShadeMost_db);
  nose.place = MountPlace::Top;  // far out the station is level with it
  CHECK(legs().out_shade_db == 0);
}

TEST_CASE("not known: who stands before the antenna is in the way, behind it or under it is not") {
  Campaign c = test::planned();  // its path leads along 54 degrees
  c.station.antenna_height_m = 1.5;
  const auto told = [&] {
    for (const Finding& f : plan::toldLegs(c, plan::planned(c, 3000)))
      if (f.code.starts_with("beside-")) return f.code;
    return std::string();
  };
  const auto shade_db = [&] {
    return plan::LegModel(c, c.setups[0], c.links[0], c.setups[0].links["control"]).at(2000).out_shade_db;
  };
  CHECK(shade_db() == 0);
  CHECK(told().empty());
  c.station.beside = Beside::Person;
  CHECK(shade_db() == 10);
  CHECK(told() == "beside-somewhere");
  c.station.beside_deg = 60;
  CHECK(shade_db() == 10);
  CHECK(told() == "beside-in-the-way");
  c.station.beside_deg = 234;
  CHECK(shade_db() == 0);
  CHECK(told().empty());
  c.station.beside = Beside::Vehicle;
  c.station.beside_deg = 10;  // wider than a person
  CHECK(shade_db() == 15);
  c.station.antenna_height_m = 2.5;
  CHECK(shade_db() == 0);
  CHECK(told().empty());
}
