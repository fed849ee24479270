#include "formats/time_axis.h"

#include <catch2/catch.hpp>

#include "support/told.h"

using namespace distanz;
using namespace distanz::formats;

namespace {

using Values = std::vector<double>;

TimeAxis axisOf(const Values& seconds, FieldKind kind = FieldKind::Number) {
  return timeAxis({&seconds, nullptr, kind}, [](std::size_t row) { return int(row) + 2; });
}

}  // namespace

TEST_CASE("time axis: a single row whose time is none of its own is left out and told, wherever it stands") {
  for (const Values& seconds : {Values{5, 6, 0, 7, 8}, Values{5, 6, 1e9, 7, 8}, Values{5, 6, 7, 8, 0}, Values{5, NAN, 6, 0, NAN, 7, 8}}) {
    const TimeAxis axis = axisOf(seconds);
    CHECK(axis.time_s == Values{0, 1, 2, 3});
    REQUIRE_FALSE(axis.problems.empty());
    CHECK(axis.problems.back().code == "time-out-of-order");
    CHECK(axis.problems.back().line > 3);
  }
  CHECK(axisOf({5, 6, 6, 7}).problems.empty());
}

TEST_CASE("time axis: a clock that goes on from an earlier time, or errs often, is refused") {
  CHECK_THROWS_AS(axisOf({5, 6, 7, 0, 1, 2}), InputError);
  CHECK_THROWS_AS(axisOf({5, 6, 7, 8, 6.5, 6.6, 9}), InputError);
  CHECK_THROWS_AS(axisOf({0, 9, 1, 9, 2, 9, 3, 9, 4, 9, 5}), InputError);
}

TEST_CASE("time axis: a span that no log has is refused; a clock set from 1970 while it ran is not", "[regression]") {
  CHECK_REFUSED(axisOf({0, 1e307, 1e308}), Catch::Contains("too long for a log"));
  CHECK(axisOf({0, 1, 1.7e9, 1.7e9 + 1}).time_s.size() == 4);
}

TEST_CASE("time axis: midnight is no error of the clock") {
  CHECK(axisOf({86398, 86399, 0, 1}, FieldKind::Clock).time_s == Values{0, 1, 2, 3});
  CHECK(axisOf({86398, 86399, 0}, FieldKind::Clock).time_s == Values{0, 1, 2});
  CHECK(axisOf({50000, 50001, 0, 50002}, FieldKind::Clock).time_s == Values{0, 1, 2});
}
