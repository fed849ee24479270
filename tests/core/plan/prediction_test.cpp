#include "core/plan/prediction.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/radio/path_loss.h"
#include "support/planned.h"

using namespace distanz;
using namespace distanz::campaign;
using Catch::Matchers::WithinAbs;

TEST_CASE("prediction: received level and range obey the budget") {
  const Campaign c = test::planned();
  const auto predictions = plan::predict(c, 3000, 50);
  REQUIRE(predictions.size() == 1);
  const plan::Prediction& p = predictions[0];
  const auto slant = [](double d) { return std::hypot(d, 58); };
  CHECK_THAT(p.received_dbm.back(), WithinAbs(20 - radio::freeSpaceLoss_db(slant(3000), 2440), 1e-9));
  REQUIRE(p.range_m);
  CHECK_THAT(20 - radio::freeSpaceLoss_db(slant(*p.range_m), 2440), WithinAbs(-108, 1e-6));
  Campaign without = c;
  setValueAt(without, "A", "control", kTransmitPower, {});
  CHECK(plan::predict(without, 3000).empty());
}

TEST_CASE("prediction: posts every spacing, the far post included, hostile spacing bounded") {
  Campaign c = test::planned();
  const auto posts = plan::posts(c);
  REQUIRE(posts.size() == 12);
  CHECK_THAT(posts[0], WithinAbs(250, 1e-9));
  CHECK_THAT(posts.back(), WithinAbs(3000, 0.01));
  editFirstPath(c).post_spacing_m = 1;
  CHECK(plan::posts(c).size() <= 1001);
  CHECK(plan::posts(Campaign()).empty());
}

TEST_CASE("clearance over the path: told with where it is worst and how far it is clear") {
  Campaign c = test::planned();
  const auto high = plan::clearance(c, 2440);
  REQUIRE(high);
  CHECK(high->points.size() > 50);
  campaign::editFirstPath(c).points[1].height_m = 4;
  c.station.antenna_height_m = 1.5;
  const auto low = plan::clearance(c, 2440);
  REQUIRE(low);
  CHECK_FALSE(low->clear);
  if (low->clear_to_m) CHECK(*low->clear_to_m < 3000);
  CHECK_FALSE(plan::clearance(Campaign(), 2440));
}

TEST_CASE("prediction: as a table, with hostile names quoted") {
  const plan::Prediction p{"=A,1", "video", {0, 12.34}, {-40, -67.891}, {}, {}};
  CHECK(plan::predictionsCsv({p}) ==
        "setup,link,distance_m,predicted_dbm\n\"'=A,1\",video,0.0,-40.00\n\"'=A,1\",video,12.3,-67.89\n");
}
