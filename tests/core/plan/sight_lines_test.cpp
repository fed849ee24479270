#include "core/plan/sight_lines.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/finding/catalogue.h"
#include "core/plan/chain.h"
#include "core/plan/told_ground.h"
#include "core/radio/diffraction.h"
#include "core/radio/weather.h"
#include "support/ground.h"
#include "support/planned.h"

using namespace distanz;
using namespace distanz::campaign;
using Catch::Matchers::WithinAbs;

namespace {

bool has(const std::vector<Finding>& all, const char* code) {
  return std::any_of(all.begin(), all.end(), [&](const Finding& f) { return f.code == code; });
}

std::vector<Finding> toldOf(const Campaign& c, const std::shared_ptr<const terrain::Ground>& ground) {
  return plan::toldGround(c, plan::planned(c, 3000, ground));
}

}  // namespace

TEST_CASE("sight lines: over level ground they say what flat ground says") {
  Campaign c = test::planned();
  c.plan.obstruction = true;
  for (PathPoint& p : editFirstPath(c).points) p.height_m = 3;
  const auto level = test::groundOf(c, [](double, double) { return 84.0; });
  const auto over = plan::predict(c, 3000, 61, std::make_shared<plan::SightLines>(c, level, 3000));
  const auto flat = plan::predict(c, 3000, 61);
  for (std::size_t i = 5; i < 61; ++i)
    CHECK_THAT(over[0].received_dbm[i], WithinAbs(flat[0].received_dbm[i], 0.15));
}

TEST_CASE("sight lines: behind a ridge the loss is that of the ridge alone, by either school") {
  Campaign c = test::planned();
  c.plan.obstruction = true;
  c.plan.school = GENERATE(DiffractionSchool::Bullington, DiffractionSchool::Deygout);
  const auto ridge = test::groundOf(
      c, [](double along, double) { return 100 + 60 * std::exp(-std::pow((along - 1000) / 150, 2)); });
  const plan::SightLines sights(c, ridge, 3000);
  CHECK_THAT(sights.stationGround_m(), WithinAbs(100, 1e-3));
  CHECK_THAT(sights.known_m(), WithinAbs(3000, 1e-6));
  CHECK(sights.blocked(500, 2440, 2).obstruction_db < 0.1);
  const plan::SightLine line = sights.lineTo(2500);
  radio::Profile alone{line.distance_m, {}, 2, 60};
  for (const double d : alone.distance_m)
    alone.top_m.push_back(60 * std::exp(-std::pow((d - 1000) / 150, 2)));
  const auto school = c.plan.school == DiffractionSchool::Deygout ? radio::Diffraction::Deygout
                                                                  : radio::Diffraction::Bullington;
  CHECK_THAT(sights.blocked(2500, 2440, 2).obstruction_db,
             WithinAbs(radio::obstruction(alone, 2440, school).loss_db, 0.3));
  CHECK(sights.blocked(2500, 2440, 2).obstruction_db > 10);
  CHECK(sights.blocked(2500, 2440, 2, 200).obstruction_db < 0.1);  // flown 200 m higher
  // The chain of the Kit and the prediction agree.
  const plan::Sights shared = std::make_shared<plan::SightLines>(c, ridge, 3000);
  const plan::Chain chain = plan::chainOf(c, c.links[0], *findEnds(c, "A", "control"), {}, shared);
  CHECK_THAT(*chain.received_dbm, WithinAbs(plan::predict(c, 3000, 61, shared)[0].received_dbm.back(), 0.05));
  CHECK_THAT(chain.losses.obstruction_db, WithinAbs(sights.blocked(3000, 2440, 2).obstruction_db, 0.05));
}

TEST_CASE("sight lines: a signal takes the better way, over trees or through them") {
  Campaign c = test::planned();
  c.plan.obstruction = true;
  for (PathPoint& p : editFirstPath(c).points) p.height_m = 10;
  const auto wood = test::groundOf(c, [](double, double) { return 84.0; },
                                   {test::strip(c, terrain::Layer::Role::Trees, 1000, 1020, 15)});
  const plan::SightLines over(c, wood, 3000);
  const plan::Blocked trees = over.blocked(2000, 2440, 2);
  CHECK(trees.obstruction_db > 5);
  CHECK(trees.woodland_db == 0);
  c.plan.woodland = true;
  const plan::Blocked through = plan::SightLines(c, wood, 3000).blocked(2000, 2440, 2);
  CHECK(through.woodland_db > 0);
  CHECK(through.obstruction_db + through.woodland_db < trees.obstruction_db);
  CHECK_THAT(through.woodland_db, WithinAbs(radio::woodlandLoss_db(2440, 20), 3));  // to a cell
  const auto house = test::groundOf(c, [](double, double) { return 84.0; },
                                    {test::strip(c, terrain::Layer::Role::Buildings, 1000, 1020, 15)});
  CHECK(plan::SightLines(c, house, 3000).blocked(2000, 2440, 2).woodland_db == 0);
}

TEST_CASE(
    "clear heights: the lowest height is the one above which the ray clears, and the rule of a tenth stands "
    "beside") {
  Campaign c = test::planned();
  c.plan.height_pct = 10;
  const auto hill = test::groundOf(
      c, [](double along, double) { return 84 + 30 * std::exp(-std::pow((along - 1500) / 200, 2)); });
  const plan::Planned planned = plan::planned(c, 3000, hill);
  REQUIRE(planned.heights);
  CHECK_THAT(planned.heights->share_at_far_m, WithinAbs(300, 0.1));
  const double lowest = planned.heights->lowest_m;
  for (const double above : {-1.0, 1.0}) {
    for (PathPoint& p : editFirstPath(c).points) p.height_m = lowest + above;
    const auto sights = std::make_shared<plan::SightLines>(c, hill, 3000);
    bool all_clear = true;
    for (const plan::SightLine& line : sights->lines()) {
      const auto worst = radio::worstClearance(plan::profileOf(line, 2), 2440);
      all_clear = all_clear && (!worst || worst->ray_m >= worst->needed_m);
    }
    CHECK(all_clear == (above > 0));
    CHECK(has(toldOf(c, hill), above > 0 ? "height-clears" : "height-wanted"));
  }
}

TEST_CASE("told of the ground: a thin wall under any leg of the path is hit, however far the places looked at lie apart") {
  Campaign c = test::planned();
  const course::Position station = *c.station.position();
  const double from = GENERATE(33.0, 517.3, 1999.0, 2941.7);
  const auto level = [](double, double) { return 84.0; };
  const auto wall = test::groundOf(c, level, {test::strip(c, terrain::Layer::Role::Buildings, from, from + 1.5, 61)});
  const plan::Planned straight = plan::planned(c, 3000, wall);
  CHECK_THAT(straight.heights->least_above_m, WithinAbs(-1, 0.01));
  CHECK_THAT(*straight.heights->hits_at_m, WithinAbs(from, 1));
  CHECK(has(plan::toldGround(c, straight), "path-hits"));
  // A path that leads back another way runs into it there.
  Campaign back = c;
  auto& points = editFirstPath(back).points;
  const PathPoint far{course::destination(station, {3000, 150}), 60};
  points = {{station, 60}, far, {course::destination(station, {3000, 54}), 60}, {course::destination(station, {20, 54}), 60}};
  const auto there = test::groundOf(c, level, {test::strip(c, terrain::Layer::Role::Buildings, from, from + 1.5, 61)});
  CHECK(plan::planned(back, 3000, there).heights->hits_at_m.has_value());
  for (PathPoint& p : editFirstPath(c).points) p.height_m = 75;
  CHECK_THAT(plan::planned(c, 3000, wall).heights->least_above_m, WithinAbs(14, 0.01));
  CHECK_THAT(plan::planned(c, 3000, wall).heights->highest_above_ground_m, WithinAbs(75, 0.01));
  // Where it takes off it is on the ground.
  editFirstPath(c).points.front().height_m = 0;
  CHECK_FALSE(plan::planned(c, 3000, test::groundOf(c, level)).heights->hits_at_m);
}

TEST_CASE("told of the ground: what the path hits, what is not known, and what cannot be meant") {
  Campaign c = test::planned();
  c.station.ground_m = 84;
  const auto level = [](double, double) { return 84.0; };
  CHECK_FALSE(has(toldOf(c, test::groundOf(c, level)), "path-hits"));
  CHECK(has(toldOf(c, test::groundOf(c, level)), "ground-not-counted"));
  c.plan.obstruction = true;
  CHECK_FALSE(has(toldOf(c, test::groundOf(c, level)), "ground-not-counted"));
  CHECK(has(toldOf(c, test::groundOf(c, [](double along, double) { return along > 2000 ? 150.0 : 84.0; })),
            "path-hits"));
  CHECK(has(toldOf(c, test::groundOf(c, [](double along, double) { return along > 2000 ? 139.0 : 84.0; })),
            "path-close"));
  CHECK(has(toldOf(c, test::groundOf(c, [](double along, double) { return along > 2000 ? NAN : 84.0; })),
            "ground-ends"));
  CHECK(has(toldOf(c, test::groundOf(
                          c, [](double along, double) { return along > 1000 && along < 1200 ? NAN : 84.0; })),
            "ground-filled"));
  CHECK(has(toldOf(c, test::groundOf(c, [](double, double) { return 84 * 3.28084; })), "ground-in-feet"));
  CHECK(has(toldOf(c, test::groundOf(c, [](double, double) { return 150.0; })), "ground-apart"));
  CHECK(has(toldOf(c, test::groundOf(c, [](double along, double) { return along < 50 ? NAN : 84.0; })),
            "ground-elsewhere"));
  const auto wall = [&](double height_m) {  // close to the station
    return toldOf(c, test::groundOf(c, [=](double along, double) {
                    return along > 5 && along < 40 ? 84 + height_m : 84.0;
                  }));
  };
  CHECK_FALSE(has(wall(5), "height-never"));
  CHECK(has(wall(40), "height-never"));
  const auto crossed = test::groundOf(c, level,
                                      {test::strip(c, terrain::Layer::Role::KeepOut, 500, 700, 0),
                                       test::strip(c, terrain::Layer::Role::Roads, 900, 905, 0)});
  CHECK(has(toldOf(c, crossed), "crosses-keep-out"));
  CHECK(has(toldOf(c, crossed), "crosses-road"));
  CHECK_FALSE(has(toldOf(c, crossed), "path-crosses-itself"));
  CHECK_FALSE(has(toldOf(c, crossed), "coordinates-swapped"));
  Campaign swapped = c;
  editFirstPath(swapped).points.back().position = {20.97, 46.92};
  CHECK(has(toldOf(swapped, {}), "coordinates-swapped"));
  Campaign bent = c;
  const course::Position s = *c.station.position();
  auto& points = editFirstPath(bent).points;
  points = {{s, 60},
            {course::destination(s, {2000, 0}), 60},
            {course::destination(s, {1500, 90}), 60},
            {course::destination(s, {1500, 340}), 60}};
  CHECK(has(toldOf(bent, {}), "path-crosses-itself"));
  CHECK(toldOf(Campaign(), {}).empty());
}

TEST_CASE("told of the ground: a formula asked outside of what it holds for is told, with what was taken instead") {
  Campaign c = test::planned();
  c.plan.obstruction = c.plan.woodland = c.plan.gases = true;
  c.plan.rain_mm_h = 10;
  const auto outside = [&](double mhz) {
    c.links[0].frequency_mhz = mhz;
    const auto told = toldOf(c, {});
    return std::count_if(told.begin(), told.end(), [](const Finding& f) { return f.code == "formula-outside"; });
  };
  CHECK(outside(2440) == 0);
  CHECK(outside(868) == 1);  // rain
  CHECK(outside(200) == 2);  // and woods
  CHECK(outside(60000) == 1);
}

TEST_CASE("sight lines: with fewer places, while something is dragged, range and levels stay close") {
  Campaign c = test::planned();
  c.plan.obstruction = true;
  c.links[0].sensitivity_dbm = -92;  // a range that ends on the path
  const auto hills = test::groundOf(
      c, [](double along, double) { return 100 + 25 * std::sin(along / 170) + 60 * std::exp(-std::pow((along - 2400) / 150, 2)); });
  const auto fine = plan::planned(c, 3000, hills), rough = plan::planned(c, 3000, hills, plan::kPlacesWhileDragged);
  const plan::Prediction &a = fine.predictions.at(0), &b = rough.predictions.at(0);
  CHECK_THAT(*b.range_m, Catch::Matchers::WithinRel(*a.range_m, 0.02));
  REQUIRE(b.distance_m.size() == std::size_t(plan::kPlacesWhileDragged));
  CHECK_THAT(b.received_dbm.back(), WithinAbs(a.received_dbm.back(), 1e-6));
}
