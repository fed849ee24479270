// What must not matter to the answer: the order of flights, the clock's start, the receiver's offset, the
// direction of naming.
#include <algorithm>
#include <catch2/catch.hpp>
#include <cmath>

#include "support/analyse_simulated.h"
#include "support/scenarios.h"

using namespace distanz;
using Catch::Matchers::WithinAbs;
using Catch::Matchers::WithinRel;

namespace {

simulate::Simulated flights() {
  simulate::Scenario s = test::twoSetups(3, 2);
  s.physics["control"].step_db = 0;
  return simulate::simulate(s, 41);
}

void checkSame(const analysis::CampaignAnalysis& a, const analysis::CampaignAnalysis& b,
               double tolerance = 1e-9) {
  for (const char* setup : {"A", "B"}) {
    const auto &x = *a.find(setup, "control"), &y = *b.find(setup, "control");
    CHECK_THAT(*x.typical.estimate_m, WithinRel(*y.typical.estimate_m, tolerance));
    CHECK_THAT(*x.typical.low_m, WithinRel(*y.typical.low_m, tolerance));
    CHECK_THAT(*x.dependable.estimate_m, WithinRel(*y.dependable.estimate_m, tolerance));
    CHECK_THAT(x.exponent->estimate, WithinRel(y.exponent->estimate, tolerance));
  }
}

std::vector<double>& column(log::Recording& r, const std::string& channel) {
  for (auto& c : r.columns)
    if (c.channel == channel) return c.values;
  throw std::logic_error("no such column");
}

}  // namespace

TEST_CASE("invariance: the order in which flights are listed") {
  const auto flown = flights();
  auto turned = flown;
  std::reverse(turned.campaign.runs.begin(), turned.campaign.runs.end());
  std::reverse(turned.recordings.begin(), turned.recordings.end());
  checkSame(test::analyseSimulated(flown), test::analyseSimulated(turned), 1e-8);
}

TEST_CASE("invariance: when the recorder's clock started") {
  const auto flown = flights();
  auto later = flown;
  for (auto& r : later.recordings)
    for (double& t : r.time_s) t += 4096;
  checkSame(test::analyseSimulated(flown), test::analyseSimulated(later));
}

TEST_CASE(
    "invariance: an offset of receiver and sensitivity together moves nothing, of the receiver alone moves "
    "range by the exponent") {
  const auto flown = flights();
  auto offset = flown;
  for (auto& r : offset.recordings)
    for (double& y : column(r, "control.rssi_dbm")) y += 5;
  const auto plain = test::analyseSimulated(flown);
  const auto moved = test::analyseSimulated(offset);
  const double n = plain.find("A", "control")->exponent->estimate;
  CHECK_THAT(*moved.find("A", "control")->elsewhere_typical.estimate_m /
                 *plain.find("A", "control")->elsewhere_typical.estimate_m,
             WithinRel(std::pow(10, 5 / (10 * n)), 0.01));
  offset.campaign.links[0].sensitivity_dbm = *offset.campaign.links[0].sensitivity_dbm + 5;
  checkSame(plain, test::analyseSimulated(offset), 0.01);
}

TEST_CASE("invariance: swapping the names of the setups swaps the verdict and nothing else") {
  const auto flown = flights();
  auto swapped = flown;
  for (auto& run : swapped.campaign.runs) run.setup = run.setup == "A" ? "B" : "A";
  const auto a = test::analyseSimulated(flown), b = test::analyseSimulated(swapped);
  CHECK_THAT(a.comparisons[0].delta_db->estimate, WithinAbs(-b.comparisons[0].delta_db->estimate, 1e-9));
  CHECK_THAT(a.comparisons[0].elsewhere_ratio->low * b.comparisons[0].elsewhere_ratio->high,
             WithinAbs(1, 1e-9));
  CHECK_THAT(*a.find("A", "control")->elsewhere_typical.estimate_m,
             WithinRel(*b.find("B", "control")->elsewhere_typical.estimate_m, 1e-9));
  // By draws, and a setup's own draws hang on its place in the list.
  CHECK_THAT(*a.find("A", "control")->typical.estimate_m,
             WithinRel(*b.find("B", "control")->typical.estimate_m, 0.01));
}

TEST_CASE("invariance: rows without a signal, blank or not a number, count for nothing") {
  const auto flown = flights();
  auto gappy = flown;
  for (auto& r : gappy.recordings) {
    log::Recording wide;
    wide.columns = r.columns;
    for (auto& c : wide.columns) c.values.clear();
    for (std::size_t i = 0; i < r.rows(); ++i)
      for (const bool blank : {false, true}) {
        wide.time_s.push_back(r.time_s[i] + (blank ? 0.01 : 0));
        for (std::size_t c = 0; c < r.columns.size(); ++c)
          wide.columns[c].values.push_back(blank && c > 0 ? NAN : r.columns[c].values[i]);
      }
    r = wide;
  }
  checkSame(test::analyseSimulated(flown), test::analyseSimulated(gappy));
}

TEST_CASE("more flights make the intervals narrower, never the answer another one") {
  double last_width = INFINITY;
  for (const int n : {2, 4, 8}) {
    double width = 0;
    for (std::uint64_t seed = 0; seed < 12; ++seed) {
      const auto a = test::analyseSimulated(simulate::simulate(test::twoSetups(n, 3), 500 + seed));
      width += a.comparisons[0].delta_db->high - a.comparisons[0].delta_db->low;
    }
    CHECK(width < last_width);
    last_width = width;
  }
}
