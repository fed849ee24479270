#include "core/plan/sight_line.h"

#include <catch2/catch.hpp>
#include <cmath>
#include <numbers>

#include "core/dice/random.h"
#include "core/plan/sight_lines.h"
#include "core/radio/diffraction.h"
#include "core/radio/path_loss.h"
#include "core/radio/weather.h"
#include "support/ground.h"
#include "support/planned.h"

using namespace distanz;
using namespace distanz::campaign;
using Catch::Matchers::WithinAbs;
using OnGround = terrain::Layer;

namespace {

/// A path towards a bearing, as far as wanted, at one height.
Campaign pathOf(double reach_m, double bearing_deg, double height_m) {
  Campaign c = test::planned();
  const course::Position station = *c.station.position();
  editFirstPath(c).points = {{station, height_m},
                             {course::destination(station, {reach_m, bearing_deg}), height_m}};
  c.plan.obstruction = true;
  c.plan.school = DiffractionSchool::Deygout;
  return c;
}

struct Box {
  double from_m, to_m, left_m, right_m, height_m;
};

OnGround boxes(const Campaign& c, OnGround::Role role, const std::vector<Box>& all) {
  const course::Position station = *c.station.position();
  const double bearing = course::between(station, firstPath(c).back().position).bearing_deg;
  const auto at = [&](double ahead, double right) {
    return course::destination(course::destination(station, {ahead, bearing}), {right, bearing + 90});
  };
  OnGround out{role, "boxes", std::nullopt, {}};
  for (const Box& b : all)
    out.features.push_back(
        {terrain::Feature::Kind::Area,
         "",
         b.height_m,
         {{at(b.from_m, b.left_m), at(b.to_m, b.left_m), at(b.to_m, b.right_m), at(b.from_m, b.right_m)}}});
  return out;
}

plan::SightLines sightsOf(const Campaign& c, std::vector<OnGround> layers, double reach_m) {
  return {c,
          std::make_shared<const terrain::Ground>(std::vector<std::shared_ptr<const terrain::Grid>>(),
                                                  std::move(layers)),
          reach_m, 2};
}

double edge_db(double d, double reach, double top, double first, double last, double mhz) {
  const double above = top + radio::earthBulge_m(d, reach - d) - std::lerp(first, last, d / reach);
  return radio::knifeEdgeLoss_db(above * std::sqrt(2 * reach / (radio::wavelength_m(mhz) * d * (reach - d))));
}

}  // namespace

TEST_CASE("sight line: a building 12 m deep costs what a knife edge does, at every place behind it") {
  const Campaign c = pathOf(7900, 54, 60);
  const plan::SightLines sights =
      sightsOf(c, {boxes(c, OnGround::Role::Buildings, {{1000, 1012, -30, 30, 40}})}, 7900);
  for (double d = 1100; d <= 7900; d += 40) {
    const plan::SightLine line = sights.lineTo(d);
    const double got =
        radio::obstruction(plan::profileOf(line, 2), 2440, radio::Diffraction::Deygout).loss_db;
    CHECK_THAT(
        got, WithinAbs(std::max(edge_db(1000, d, 40, 2, 60, 2440), edge_db(1012, d, 40, 2, 60, 2440)), 0.6));
  }
}

TEST_CASE(
    "sight line: whatever stands in the way is found, anywhere, of any depth from 1 m, on any bearing") {
  dice::Random random(20261201);
  for (int i = 0; i < 400; ++i) {
    const double reach = 300 * std::pow(60, random.uniform()), bearing = 360 * random.uniform(),
                 height = 20 + 100 * random.uniform();
    const double from = 5 + (reach - 10) * random.uniform(),
                 depth = 1 + 40 * random.uniform() * random.uniform(), side = 1 + 30 * random.uniform();
    const double ray = std::lerp(2.0, height, (from + depth / 2) / reach),
                 tall = ray + 1 + 20 * random.uniform();
    if (from + depth > reach - 4) continue;
    const Campaign c = pathOf(reach, bearing, height);
    const OnGround layer = boxes(c, OnGround::Role::Buildings, {{from, from + depth, -side, side, tall}});
    const plan::SightLine line = sightsOf(c, {layer}, reach).lineTo(reach);
    const double expected = std::max(edge_db(from, reach, tall, 2, height, 2440),
                                     edge_db(from + depth, reach, tall, 2, height, 2440));
    const double got =
        radio::obstruction(plan::profileOf(line, 2), 2440, radio::Diffraction::Deygout).loss_db;
    CAPTURE(i, reach, bearing, from, depth, tall, expected, got);
    CHECK(got > expected - 0.5);
    CHECK_FALSE(radio::worstClearance(plan::profileOf(line, 2), 2440)->ray_m > 0);
  }
}

TEST_CASE("sight line: a ridge one cell wide is found in any raster") {
  dice::Random random(7);
  for (int i = 0; i < 60; ++i) {
    const double cell = 0.00001 * std::pow(30, random.uniform()), reach = 600 * cell / 0.00001 * 0.9,
                 bearing = 360 * random.uniform();
    const Campaign c = pathOf(reach, bearing, 60);
    const course::Position station = *c.station.position();
    constexpr int kCells = 1801;
    terrain::Grid g{"made",
                    station.lat_deg + cell * 900,
                    station.lon_deg - cell * 900 * 1.4,
                    cell,
                    cell * 1.4,
                    kCells,
                    kCells,
                    std::vector<float>(std::size_t(kCells) * kCells, 0.f)};
    // A row or a column that the path crosses, a quarter to three quarters out.
    const bool row = std::abs(std::cos(bearing * std::numbers::pi / 180)) > 0.7;
    const double share = 0.25 + 0.5 * random.uniform(), sine = std::sin(bearing * std::numbers::pi / 180),
                 cosine = std::cos(bearing * std::numbers::pi / 180);
    const double cells_out = share * reach / terrain::kMetresOfDegree / cell;
    const int k =
        900 - int(row ? cells_out * cosine
                      : -cells_out * sine / 1.4 / std::cos(station.lat_deg * std::numbers::pi / 180));
    if (k < 1 || k >= kCells - 1 || std::abs(k - 900) < 3) continue;
    for (int other = 0; other < kCells; ++other)
      g.height_m[std::size_t(row ? k : other) * kCells + std::size_t(row ? other : k)] = 80;
    const auto ground = std::make_shared<const terrain::Ground>(
        std::vector{std::make_shared<const terrain::Grid>(std::move(g))}, std::vector<OnGround>());
    const plan::SightLine line = plan::SightLines(c, ground, reach, 2).lineTo(reach);
    CAPTURE(i, cell, reach, bearing, k);
    CHECK_THAT(*std::max_element(line.top_m.begin(), line.top_m.end()), WithinAbs(80, 0.5));
    CHECK(radio::obstruction(plan::profileOf(line, 2), 2440, radio::Diffraction::Deygout).v > 0);
  }
}

TEST_CASE(
    "sight line: what stands beside it counts by how near the ray it comes, and beyond the zone not at all") {
  const Campaign c = pathOf(6000, 130, 40);
  const double zone = radio::fresnelRadius_m(3000, 3000, 2440);
  for (const double share : {0.1, 0.3, 0.5, 0.9}) {
    const double beside = share * zone;
    const plan::SightLines sights =
        sightsOf(c, {boxes(c, OnGround::Role::Buildings, {{2990, 3010, beside, beside + 60, 90}})}, 6000);
    const double got =
        radio::obstruction(plan::profileOf(sights.lineTo(6000), 40), 2440, radio::Diffraction::Deygout)
            .loss_db;
    CHECK_THAT(got, WithinAbs(radio::knifeEdgeLoss_db(-std::sqrt(2.0) * share), 0.15));
  }
}

TEST_CASE("sight line: a way through trees is as long as the outline says") {
  dice::Random random(3);
  for (int i = 0; i < 100; ++i) {
    const double depth = 1 + 60 * random.uniform(), from = 100 + 2500 * random.uniform();
    const Campaign c = pathOf(3000, 360 * random.uniform(), 10);
    const auto line =
        sightsOf(
            c,
            {boxes(c, OnGround::Role::Trees,
                   {{from, from + depth, -40, 40, 60}, {from + depth / 3, from + depth / 2, -20, 20, 50}})},
            3000)
            .lineTo(3000);
    const double slant = std::hypot(3000, 8) / 3000;
    CHECK_THAT(plan::woodDepth_m(line, plan::profileOf(line, 2), 4.0 / 3), WithinAbs(depth * slant, 0.01));
    CHECK_THAT(radio::woodlandLoss_db(2440, plan::woodDepth_m(line, plan::profileOf(line, 2), 4.0 / 3)),
               WithinAbs(radio::woodlandLoss_db(2440, depth), 0.02));
  }
  // The ray comes down into the wood half-way.
  const Campaign c = pathOf(3000, 20, 0);
  const auto line =
      sightsOf(
          c, {boxes(c, OnGround::Role::Trees, {{1400, 1600, -40, 40, 15 - radio::earthBulge_m(1500, 1500)}})},
          3000)
          .lineTo(3000);
  CHECK_THAT(plan::woodDepth_m(line, plan::profileOf(line, 30), 4.0 / 3), WithinAbs(100, 0.1));
}

TEST_CASE(
    "sight line: a hole in a raster is bridged, its share told, and a line that ends in one goes on level") {
  Campaign c = pathOf(3000, 54, 60);
  const auto holed = test::groundOf(
      c, [](double along, double) { return along > 1000 && along < 1300 ? NAN : 100 + along / 100; });
  const plan::SightLine over = plan::SightLines(c, holed, 3000, 2).lineTo(2000);
  CHECK(over.known);
  CHECK_THAT(over.filled, WithinAbs(300.0 / 2000, 0.02));
  for (std::size_t i = 1; i < over.distance_m.size(); ++i) {
    CHECK(over.distance_m[i] > over.distance_m[i - 1]);
    if (over.beside_m[i] == 0) CHECK_THAT(over.ground_m[i], WithinAbs(over.distance_m[i] / 100, 0.3));
  }
  CHECK_FALSE(plan::SightLines(c, holed, 3000, 2).lineTo(1200).known);
}
