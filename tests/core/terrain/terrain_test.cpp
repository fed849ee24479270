#include <catch2/catch.hpp>
#include <cmath>

#include "core/dice/random.h"
#include "core/terrain/crossing.h"
#include "core/terrain/ground.h"
#include "core/terrain/relief.h"

using namespace distanz;
using namespace distanz::terrain;
using Catch::Matchers::WithinAbs;

namespace {

/// A plane that rises to the north and to the east.
Grid sloping(double north, double west, int rows, int columns, double step = 0.001) {
  Grid g{"made", north, west, step, step, rows, columns, {}};
  for (int r = 0; r < rows; ++r)
    for (int c = 0; c < columns; ++c)
      g.height_m.push_back(float(1000 * (north - step * r - 46) + 500 * (west + step * c - 20)));
  return g;
}

Feature area(std::vector<course::Position> ring, std::optional<double> height = {}) {
  ring.push_back(ring.front());
  return {Feature::Kind::Area, "", height, {std::move(ring)}};
}

std::shared_ptr<const Grid> shared(Grid g) {
  return std::make_shared<const Grid>(std::move(g));
}

}  // namespace

TEST_CASE("grid: a plane is read off exactly between its cells, and not known outside") {
  const Grid g = sloping(46.9, 20.9, 50, 80);
  const double lat = GENERATE(take(20, random(46.852, 46.899))),
               lon = GENERATE(take(2, random(20.901, 20.978)));
  CHECK_THAT(heightAt(g, {lat, lon}), WithinAbs(1000 * (lat - 46) + 500 * (lon - 20), 1e-3));
  CHECK(std::isnan(heightAt(g, {46.95, lon})));
  CHECK(std::isnan(heightAt(g, {lat, 21.5})));
}

TEST_CASE("grid: tiles side by side leave no gap, holes stay holes, the finest raster is asked first") {
  Grid west = sloping(46.9, 20.9, 10, 10), east = sloping(46.9, 20.91, 10, 10);
  const Ground both({shared(west), shared(east)}, {});
  for (double lon = 20.9; lon < 20.919; lon += 0.0001) CHECK_FALSE(std::isnan(both.height_m({46.895, lon})));
  west.height_m[55] = NAN;
  const Ground holed({shared(west)}, {});
  CHECK(std::isnan(holed.height_m({46.895, 20.905})));
  Grid fine = sloping(46.9, 20.9, 100, 100, 0.0001);
  for (float& h : fine.height_m) h += 7;
  const Ground two({shared(sloping(46.9, 20.9, 10, 10)), shared(fine)}, {});
  CHECK_THAT(two.height_m({46.895, 20.905}), WithinAbs(1000 * 0.895 + 500 * 0.905 + 7, 1e-3));
  CHECK_THAT(two.cell_m(), WithinAbs(11.1195, 1e-6));
  CHECK(Ground({}, {}).height_m({46, 20}) == 0);
}

TEST_CASE("grid: one that crosses the 180th meridian is known on both sides of it") {
  const Grid g{"", 10, 179.95, 0.01, 0.01, 5, 11, std::vector<float>(55, 42)};
  CHECK(heightAt(g, {9.98, 179.99}) == 42);
  CHECK(heightAt(g, {9.98, -179.97}) == 42);
  CHECK(std::isnan(heightAt(g, {9.98, -179.8})));
  CHECK(std::isnan(heightAt(g, {9.98, 179.9})));
}

TEST_CASE("clutter: trees stand within their area and not in its clearing; the highest counts") {
  Feature wood = area({{46.91, 20.96}, {46.91, 20.98}, {46.93, 20.98}, {46.93, 20.96}}, 12.0);
  wood.rings.push_back(
      {{46.918, 20.968}, {46.918, 20.972}, {46.922, 20.972}, {46.922, 20.968}, {46.918, 20.968}});
  Layer trees{Layer::Role::Trees, "wood", std::nullopt, {wood}};
  const Feature house = area({{46.912, 20.962}, {46.912, 20.964}, {46.914, 20.964}, {46.914, 20.962}});
  const Layer houses{Layer::Role::Buildings, "house", 20.0, {house}};
  const Layer flat{Layer::Role::Trees,
                   "no height",
                   std::nullopt,
                   {area({{46.90, 20.90}, {46.90, 20.91}, {46.91, 20.91}})}};
  const Clutter c({trees, houses, flat});
  CHECK(c.at({46.915, 20.975}).height_m == 12);
  CHECK(c.at({46.915, 20.975}).trees);
  CHECK(c.at({46.920, 20.970}).height_m == 0);  // the clearing
  CHECK(c.at({46.913, 20.963}).height_m == 20);
  CHECK_FALSE(c.at({46.913, 20.963}).trees);
  CHECK(c.at({46.903, 20.907}).height_m == 0);
  CHECK(c.at({46.95, 20.97}).height_m == 0);
  CHECK(Clutter({}).empty());
}

TEST_CASE("clutter: a comb of more teeth than can be told apart is taken for solid, at once, and ends where it ends", "[regression]") {
  std::vector<course::Position> ring;
  for (int i = 0; i < 20000; ++i) {  // 40,000 outlines across 400 m of the line
    ring.push_back({46.905, 20.96 + 0.005 * i / 20000});
    ring.push_back({46.915, 20.96 + 0.005 * (i + 0.5) / 20000});
  }
  ring.push_back({46.905, 20.965});
  ring.push_back({46.9, 20.9625});
  const Clutter comb({{Layer::Role::Trees, "comb", 10.0, {area(ring)}}});
  const auto met = comb.along({46.91, 20.95}, {46.91, 20.98}).through;
  CHECK(met.size() < 1000);
  double covered = 0;
  for (const Through& t : met) covered += t.to - t.from;
  CHECK_THAT(covered, WithinAbs(0.005 / 0.03, 0.1));  // to two pieces of the line
  CHECK(met.back().to < 0.6);
}

TEST_CASE("crossings: where a path first meets roads and areas, in its order") {
  const std::vector<course::Position> path{{46.91, 20.96}, {46.91, 20.98}, {46.93, 20.98}};
  const std::vector<double> lengths{1500, 2200};
  const Feature road{Feature::Kind::Line, "road", {}, {{{46.90, 20.97}, {46.95, 20.97}}}};
  const Feature late{Feature::Kind::Line, "late", {}, {{{46.92, 20.97}, {46.92, 20.99}}}};
  const Feature beside{Feature::Kind::Line, "beside", {}, {{{46.90, 20.95}, {46.95, 20.95}}}};
  const Feature inside = area({{46.90, 20.955}, {46.92, 20.955}, {46.92, 20.965}, {46.90, 20.965}});
  const Ground g({}, {{Layer::Role::Roads, "roads", {}, {late, road, beside}},
                      {Layer::Role::KeepOut, "field", {}, {inside}}});
  const auto roads = crossings(g, Layer::Role::Roads, path, lengths);
  REQUIRE(roads.size() == 2);
  CHECK(roads[0].feature->name == "road");
  CHECK_THAT(roads[0].along_m, WithinAbs(750, 1e-6));
  CHECK(roads[1].feature->name == "late");
  CHECK_THAT(roads[1].along_m, WithinAbs(1500 + 1100, 1e-6));
  const auto out = crossings(g, Layer::Role::KeepOut, path, lengths);
  REQUIRE(out.size() == 1);
  CHECK(out[0].along_m == 0);  // begins in it
  CHECK(crossings(g, Layer::Role::Water, path, lengths).empty());
}

TEST_CASE("crossings: an outline that is not closed is, and a path along a road meets it") {
  const std::vector<course::Position> path{{46.91, 20.96}, {46.91, 20.98}};
  const Feature open{Feature::Kind::Area, "open", {}, {{{46.90, 20.97}, {46.92, 20.97}, {46.92, 20.9701}, {46.915, 20.972}}}};
  const Feature along{Feature::Kind::Line, "along", {}, {{{46.91, 20.97}, {46.91, 20.99}}}};
  const Feature elsewhere{Feature::Kind::Line, "elsewhere", {}, {{{46.91, 20.99}, {46.91, 21.01}}}};
  const Ground g({}, {{Layer::Role::KeepOut, "field", {}, {open}}, {Layer::Role::Roads, "roads", {}, {along, elsewhere}}});
  REQUIRE(crossings(g, Layer::Role::KeepOut, path, {1500}).size() == 1);
  const auto roads = crossings(g, Layer::Role::Roads, path, {1500});
  REQUIRE(roads.size() == 1);
  CHECK_THAT(roads[0].along_m, WithinAbs(750, 1e-6));
}

TEST_CASE("heights along a line: those of every square it crosses, exactly, and their highest place inside") {
  Grid g{"made", 46.9, 20.9, 0.001, 0.0015, 40, 40, {}};
  dice::Random random(5);
  for (int i = 0; i < 1600; ++i) g.height_m.push_back(float(100 * random.uniform()));
  g.height_m[815] = NAN;
  const Ground ground({shared(g)}, {});
  for (int i = 0; i < 40; ++i) {
    const auto anywhere = [&] { return course::Position{46.862 + 0.037 * random.uniform(), 20.901 + 0.057 * random.uniform()}; };
    const course::Position from = anywhere(), to = anywhere();
    const auto along = ground.heightsAlong(from, to);
    CHECK(along.front().share == 0);
    CHECK(along.back().share == 1);
    std::size_t k = 0;
    for (double share = 0; share <= 1; share += 1.0 / 4096) {
      while (k + 1 < along.size() && along[k + 1].share < share) ++k;
      const double is = ground.height_m({std::lerp(from.lat_deg, to.lat_deg, share), std::lerp(from.lon_deg, to.lon_deg, share)});
      const double highest = std::max(along[k].height_m, along[std::min(k + 1, along.size() - 1)].height_m);
      if (!std::isnan(is) && !std::isnan(highest)) CHECK(is <= highest + 1e-6);
    }
    for (const Along& a : along)
      if (!std::isnan(a.height_m))
        CHECK_THAT(a.height_m, WithinAbs(ground.height_m({std::lerp(from.lat_deg, to.lat_deg, a.share), std::lerp(from.lon_deg, to.lon_deg, a.share)}), 1e-3));
  }
}

TEST_CASE("heights along a line: from raster to raster, over the 180th meridian, and where none knows") {
  Grid coarse = sloping(46.9, 20.9, 10, 10), fine = sloping(46.897, 20.903, 30, 30, 0.0001);
  for (float& h : fine.height_m) h += 7;
  const Ground two({shared(coarse), shared(fine)}, {});
  const auto along = two.heightsAlong({46.8955, 20.9}, {46.8955, 20.92});
  CHECK(std::isnan(along.back().height_m));
  for (const Along& a : along) {
    const double is = two.height_m({46.8955, 20.9 + 0.02 * a.share});
    if (!std::isnan(is) && !std::isnan(a.height_m)) CHECK((std::abs(a.height_m - is) < 1e-3 || std::abs(std::abs(a.height_m - is) - 7) < 1e-3));
  }
  CHECK(std::any_of(along.begin(), along.end(), [](const Along& a) { return a.share > 0.2 && a.share < 0.25; }));
  const Grid date{"", 10, 179.95, 0.01, 0.01, 5, 11, std::vector<float>(55, 42)};
  const Ground over({shared(date)}, {});
  for (const Along& a : over.heightsAlong({9.98, 179.99}, {9.98, -179.97})) CHECK(a.height_m == 42);
  for (const Along& a : over.heightsAlong({9.98, -179.97}, {9.98, 179.99})) CHECK(a.height_m == 42);
  CHECK(std::isnan(over.heightsAlong({9.98, 170}, {9.98, 171}).front().height_m));
  Grid around{"", 1, -179.5, 1, 1, 3, 360, std::vector<float>(1080, 5)};
  for (const Along& a : Ground({shared(around)}, {}).heightsAlong({0, 178}, {0, -177})) CHECK(a.height_m == 5);
}

TEST_CASE("relief: level ground is evenly lit, a slope to the light brighter, and away from it darker") {
  const auto lit = [](double east, double south) {
    Relief r{9, 9, 10, {}};
    for (int y = 0; y < 9; ++y)
      for (int x = 0; x < 9; ++x) r.height_m.push_back(float(10 * (east * x + south * y)));
    return double(shadeOf(r)[40]);
  };
  CHECK_THAT(lit(0, 0), WithinAbs(kLevelShade, 1e-6));
  CHECK(lit(0.3, 0.3) > kLevelShade);  // rises away from the upper left: faces it
  CHECK(lit(-0.3, -0.3) < kLevelShade);
  CHECK_THAT(lit(std::sqrt(0.5), std::sqrt(0.5)), WithinAbs(1, 1e-6));  // square to the light
}

TEST_CASE("relief: contours of a cone are circles of the right size") {
  Relief r{101, 101, 1, {}};
  for (int y = 0; y <= 100; ++y)
    for (int x = 0; x <= 100; ++x) r.height_m.push_back(float(100 - std::hypot(x - 50, y - 50)));
  const auto contours = contoursOf(r, 20);
  REQUIRE(contours.size() == 4);  // 40, 60, 80, 100
  const auto sixty = contours[1];
  CHECK(sixty.height_m == 60);
  double length = 0;
  for (const ContourPiece& p : sixty.pieces) {
    CHECK_THAT(std::hypot(p.x0 - 50, p.y0 - 50), WithinAbs(40, 0.05));
    length += std::hypot(p.x1 - p.x0, p.y1 - p.y0);
  }
  CHECK_THAT(length, WithinAbs(2 * M_PI * 40, 0.5));
  r.height_m[50 * 101 + 10] = NAN;
  const std::vector<Contour> with_hole = contoursOf(r, 20);
  for (const ContourPiece& p : with_hole[1].pieces) CHECK(std::hypot(p.x0 - 10, p.y0 - 50) > 0.9);
}

TEST_CASE("relief: steps of contours are round and give no more lines than wanted") {
  Relief r{2, 2, 1, {0, 0, 0, 0}};
  CHECK(contourStep_m(r) == 0);
  CHECK(contoursOf(r, 1).empty());
  r.height_m[3] = 3;
  CHECK(contourStep_m(r) == 1);
  r.height_m[3] = 130;
  CHECK(contourStep_m(r, 12) == 20);
  CHECK(contoursOf(r, 0.01).empty());  // too many
}
