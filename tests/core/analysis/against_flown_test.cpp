#include "core/analysis/findings/against_flown.h"

#include <catch2/catch.hpp>

#include "core/campaign/kit.h"
#include "support/planned.h"

using namespace distanz;
using Catch::Matchers::WithinAbs;

namespace {

/// What was flown lies so far from the prediction, with a band of 2 dB to either side.
analysis::Answers flownOff(const plan::Planned& p, double off_db) {
  analysis::Answers out;
  for (const plan::Prediction& x : p.predictions) {
    analysis::SetupOnLink s;
    s.setup = x.setup;
    s.link = x.link;
    for (double d = 20; d < 2500; d += 37) {
      const auto i =
          std::size_t(std::lower_bound(x.distance_m.begin(), x.distance_m.end(), d) - x.distance_m.begin());
      const double share = (d - x.distance_m[i - 1]) / (x.distance_m[i] - x.distance_m[i - 1]);
      const double level =
          x.received_dbm[i - 1] + share * (x.received_dbm[i] - x.received_dbm[i - 1]) + off_db;
      s.curve.distance_m.push_back(d);
      s.curve.level_dbm.push_back(level);
      s.curve.low_dbm.push_back(level - 2);
      s.curve.high_dbm.push_back(level + 2);
    }
    out.setups.push_back(s);
  }
  return out;
}

}  // namespace

TEST_CASE("against flown: the mean distance from the prediction over what was flown, and what it is called") {
  const campaign::Campaign c = test::planned();
  const plan::Planned p = plan::planned(c, 3000);
  const double off = GENERATE(-5.0, -1.0, 6.0);
  const auto found = analysis::againstFlown(p, flownOff(p, off));
  REQUIRE(found.size() == 1);
  CHECK_THAT(found[0].off_db, WithinAbs(off, 1e-9));
  CHECK_THAT(found[0].low_db, WithinAbs(off - 2, 1e-9));
  CHECK(found[0].from_m >= 100);
  CHECK(found[0].to_m > 2400);
  const auto told = analysis::toldAgainstFlown(p, flownOff(p, off));
  CHECK(told.at(0).code == (off == -1 ? "flown-as-predicted" : off > 0 ? "flown-above" : "flown-below"));
  CHECK(analysis::againstFlown(p, {}).empty());
}
