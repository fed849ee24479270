#include "core/estimate/drift.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/dice/random.h"
#include "core/estimate/comparison.h"
#include "core/estimate/margin_draws.h"
#include "core/estimate/passage.h"
#include "core/finding/error.h"
#include "support/chance.h"

using namespace distanz;
using namespace distanz::estimate;
using Catch::Matchers::WithinAbs;
using Catch::Matchers::WithinRel;

namespace {

/// A model with nothing but flights: setups in this order, their levels as given.
SignalModel ordered(const std::vector<int>& setups, const std::vector<double>& level_db) {
  SignalModel m;
  for (std::size_t i = 0; i < setups.size(); ++i) {
    FlightEffect f;
    f.flight = static_cast<int>(i);
    f.setup = setups[i];
    f.level_db = level_db[i];
    f.session = static_cast<double>(i) / (static_cast<double>(setups.size()) - 1) - 0.5;
    m.flights.push_back(f);
    m.setups[f.setup].level_db += f.level_db;
    ++m.setups[f.setup].flights;
  }
  for (auto& [id, s] : m.setups) s.level_db /= s.flights;
  for (FlightEffect& f : m.flights) f.off_setup_db = f.level_db - m.setups[f.setup].level_db;
  m.flight_var_db2 = 1;
  m.flight_df = 8;
  m.spread_df = 4;
  m.line.coefficient = {-80, -27};
  m.line.covariance = {{{1, 0}, {0, 1}}};
  m.line.slope_data = -27;
  m.line.slope_data_var = 1;
  m.line.df = 20;
  return m;
}

/// Margins of a flight whose rule is kept where a level over distance allows.
MarginFlight kept(int setup, double level_db, dice::Random& random) {
  MarginFlight f;
  f.setup = setup;
  for (int k = 2; k < 60; ++k) {
    const double d = 40 * k + 20.0, margin = level_db - 27 * std::log10(d / 1000) + 1.2 * random.normal();
    Margin m;
    m.index = k;
    m.log_distance = std::log10(d);
    m.margin_db = std::clamp(margin, -5.0, 5.0);
    m.beyond = margin > 5 ? 1 : margin < -5 ? -1 : 0;
    f.margins.push_back(m);
  }
  return f;
}

}  // namespace

TEST_CASE("drift: in turns or not is told by where the flights lie in the session") {
  const std::vector<double> level(6, 0);
  CHECK(flownInTurns(ordered({0, 1, 0, 1, 0, 1}, level), 0, 1));
  CHECK(flownInTurns(ordered({0, 1, 1, 0, 0, 1}, level), 0, 1));
  CHECK_FALSE(flownInTurns(ordered({0, 0, 0, 1, 1, 1}, level), 0, 1));
  CHECK(flownInTurns(ordered({0, 0, 0, 0, 0, 1}, level), 0, 1));  // one flight has no order
  SignalModel unknown = ordered({0, 0, 0, 1, 1, 1}, level);
  unknown.flights[2].session = NAN;
  CHECK(flownInTurns(unknown, 0, 1));
  CHECK(driftOf(unknown).variance_db2 == 0);
}

TEST_CASE("drift: what each setup's own flights show is taken out, the rest stays open") {
  // 3 dB over the session in every flight, and no difference of setups.
  const std::vector<double> level{-1.5, -0.9, -0.3, 0.3, 0.9, 1.5};
  const SignalModel m = ordered({0, 0, 0, 1, 1, 1}, level);
  const Drift d = driftOf(m);
  // Within the setups six places of 1/5 about their means: squares 4 x 0.04; prior variance 1.35^2.
  const double own = 1 / 0.16, prior = 1.35 * 1.35, trust = prior / (prior + own);
  CHECK_THAT(d.db, WithinAbs(3 * trust, 1e-9));
  CHECK_THAT(d.variance_db2, WithinAbs(prior * (1 - trust), 1e-9));
  const Comparison c = compare(m, 0, 1);
  CHECK_THAT(c.delta_db.estimate, WithinAbs(-1.8 + 3 * trust * 0.6, 1e-9));
  CHECK_THAT(c.se_db * c.se_db, WithinAbs(2.0 / 3 + d.variance_db2 * 0.36, 1e-9));
  const SignalModel turns = ordered({0, 1, 0, 1, 0, 1}, level);
  CHECK_THAT(compare(turns, 0, 1).se_db, WithinAbs(std::sqrt(2.0 / 3), 1e-9));
}

TEST_CASE("looks: the planned one at its own level, every other at a stricter one") {
  CHECK(lookAlpha(5, 5) == 0.04);
  CHECK(lookAlpha(4, 5) == 0.008);
  CHECK(lookAlpha(9, 5) == 0.008);
  Comparison c;
  c.delta_db.estimate = 2;
  c.p_value = 0.03;
  c.p_a_more = c.p_b_more = 0.5;
  CHECK(verdictAt(c, 0.04) == Verdict::ABetter);
  CHECK(verdictAt(c, 0.008) == Verdict::Undecided);
  c.p_a_more = c.p_b_more = 0.03;
  CHECK(verdictAt(c, 0.04) == Verdict::NoPracticalDifference);
  c.spread_assumed = true;
  CHECK(verdictAt(c, 0.04) == Verdict::Undecided);
}

namespace {

/// Of campaigns of up to ten pairs: shares that call a difference at any look, at any look taken plainly at
/// 5 %, and at the planned look of five pairs alone.
struct Called {
  test::Share at_any_look, plainly, at_planned, at_planned_plainly;
};

Called lookedAt(double spread_db, double difference_db) {
  dice::Random random(test::seed(8));
  constexpr int kCampaigns = 1500, kPlanned = 5;
  PlaceLine line;
  line.coefficient = {-80, -27};
  line.covariance = {{{1, 0}, {0, 1}}};
  line.slope_data = -27;
  Called out;
  for (int i = 0; i < kCampaigns; ++i) {
    std::vector<double> a, b;
    bool any = false, plainly = false;
    for (int pairs = 1; pairs <= 10; ++pairs) {
      a.push_back(spread_db * random.normal() + difference_db);
      b.push_back(spread_db * random.normal());
      if (pairs < 2) continue;
      double ma = 0, mb = 0, ss = 0;
      for (int k = 0; k < pairs; ++k)
        ma += a[static_cast<std::size_t>(k)] / pairs, mb += b[static_cast<std::size_t>(k)] / pairs;
      for (int k = 0; k < pairs; ++k)
        ss += std::pow(a[static_cast<std::size_t>(k)] - ma, 2) +
              std::pow(b[static_cast<std::size_t>(k)] - mb, 2);
      const double df = 2.0 * pairs - 2 + defaults::kFlightPriorDf;
      const double variance = (ss + defaults::kFlightPriorDf * std::pow(defaults::kFlightPriorSd_db, 2)) / df;
      const Comparison c =
          judgeDifference(line, {ma - mb, std::sqrt(2 * variance / pairs), df, false, 1, 1.0 * pairs});
      any = any || c.p_value < lookAlpha(pairs, kPlanned);
      plainly = plainly || c.p_value < 0.05;
      if (pairs != kPlanned) continue;
      out.at_planned += c.p_value < lookAlpha(pairs, kPlanned);
      out.at_planned_plainly += c.p_value < 0.05;
    }
    out.at_any_look += any;
    out.plainly += plainly;
  }
  return out;
}

}  // namespace

TEST_CASE("looks: equal setups looked at after every pair from 2 to 10 are seldom called better",
          "[simulation]") {
  const auto [spread_db, most, plainly] =
      GENERATE(table<double, double, double>({{1.0, 0.03, 0.06}, {1.35, 0.055, 0.12}, {1.8, 0.09, 0.18}}));
  const Called equal = lookedAt(spread_db, 0);
  CAPTURE(spread_db, equal.at_any_look, equal.plainly);
  CHECK(test::seldom(equal.at_any_look, most));
  CHECK(test::holdsFor(equal.plainly, plainly));  // what looking without a plan does
}

TEST_CASE("looks: the plan costs little power at the planned number", "[simulation]") {
  const Called longer = lookedAt(1.35, 2.6);
  CAPTURE(longer.at_planned, longer.at_planned_plainly);
  CHECK(longer.at_planned.value() > longer.at_planned_plainly.value() - 0.04);  // of the same campaigns: those between two levels
  CHECK(test::holdsFor(longer.at_planned, 0.74));
}

TEST_CASE("margins: from where the rule was kept alone, the range and its spread are found", "[simulation]") {
  dice::Random random(6);
  std::vector<MarginFlight> flights;
  for (int i = 0; i < 6; ++i)
    flights.push_back(kept(i % 2, (i % 2 ? 10.0 : 7.0) + 1.2 * random.normal(), random));
  const Stretches stretches = straightStretches(2400);
  const PathDraws d = drawMargins(flights, stretches, 3, 400);
  const NewFlights fresh = newFlights(stretches.count(), 0.3, 4);
  const WayRange a = rangeOf(passageOf(d, 0, d.level_db.at(0), fresh, 2400), 0.5),
                 b = rangeOf(passageOf(d, 1, d.level_db.at(1), fresh, 2400), 0.5);
  // Without hills and own shadowing the level would meet the rule at 1.82 and 2.35 km; some stretch fails
  // before.
  CHECK(a.low_m < 1820);
  CHECK(a.high_m > 1350);
  CHECK(a.estimate_m < b.estimate_m);
  double sd = 0;
  for (double s : d.flight_sd_db) sd += s / d.draws;
  CHECK_THAT(sd, WithinAbs(1.3, 0.5));
  CHECK(drawMargins(flights, stretches, 3, 50).place_dbm == drawMargins(flights, stretches, 3, 50).place_dbm);
  CHECK_THROWS_AS(drawMargins({}, stretches, 3), DomainError);
}

TEST_CASE(
    "margins: a look becomes dB in hand, bounds where all or nothing was kept, the lesser part counts") {
  std::vector<StretchLook> looks(3);
  const double kept_share[] = {1, 0.7, 0.01};
  for (int i = 0; i < 3; ++i) {
    StretchLook& l = looks[static_cast<std::size_t>(i)];
    l.index = i + 5;
    l.samples = 30;
    l.log_distance = 2.5;
    l.kept = kept_share[i];
  }
  const auto m = marginsOf(looks, {70, 100, false});
  REQUIRE(m.size() == 3);
  CHECK(m[0].beyond == 1);
  CHECK(m[1].beyond == 0);
  CHECK_THAT(m[1].margin_db, WithinAbs(0, 1e-9));  // just met
  CHECK(m[2].beyond == -1);
  auto other = m;
  other[0].margin_db = -3;
  other[0].beyond = 0;
  other.pop_back();
  const auto both = lesserOf(m, other);
  CHECK(both.size() == 3);
  CHECK(both[0].margin_db == -3);
}
