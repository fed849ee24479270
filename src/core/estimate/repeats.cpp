#include "core/estimate/repeats.h"

#include <algorithm>
#include <cmath>

#include "core/estimate/distribution.h"
#include "core/estimate/robust.h"
#include "core/finding/error.h"

namespace distanz::estimate {
namespace {

constexpr int kSpreads = 60;  // equal shares of the spreads that the flights may show

/// Both quantiles of the verdict's test; most spreads share their degrees of freedom.
struct Quantiles {
  double df = 0, two_sided = 0, one_sided = 0;

  void set(double level, double wanted_df) {
    if (wanted_df == df) return;
    df = wanted_df;
    two_sided = tQuantile(1 - level / 2, df);
    one_sided = tQuantile(1 - level, df);
  }
};

/// Level of the test of one difference at the planned look, where all setups are compared with one another.
double levelOf(int setups) {
  return defaults::kPlannedLookP / (setups * (setups - 1) / 2);
}

}  // namespace

double chanceToTell(const RepeatsPlan& plan, int pairs) {
  requirePositive(plan.difference_db, "difference_db");
  requirePositive(plan.margin_db, "margin_db");
  requirePositive(plan.flight_sd_db, "flight_sd_db");
  if (plan.setups < 2) throw DomainError("setups >= 2");
  if (pairs < 1) throw DomainError("pairs >= 1");
  if (pairs == 1) return 0;
  const bool together = plan.flown == FlownAs::Together;
  const double own_df = together ? pairs - 1 : plan.setups * (pairs - 1), level = levelOf(plan.setups);
  const double per_flight = together ? 1 : 2, true_se = plan.flight_sd_db * std::sqrt(per_flight / pairs);
  const double prior_sd = together ? defaults::kPairedPriorSd_db : defaults::kFlightPriorSd_db,
               prior_df = together ? defaults::kPairedPriorDf : defaults::kFlightPriorDf,
               unusual = together ? defaults::kPairedUnusual_db : defaults::kUnusualSpread_db;
  double sum = 0;
  Quantiles t;
  for (int i = 0; i < kSpreads; ++i) {
    const double squares = plan.flight_sd_db * plan.flight_sd_db * chiSquaredQuantile((i + 0.5) / kSpreads, own_df);
    const ModeratedVariance v = moderatedVariance(squares, own_df, prior_sd, prior_df, unusual);
    const double se = std::sqrt(v.variance * per_flight / pairs);
    t.set(level, v.df);
    const double differs = t.two_sided * se, matters = plan.margin_db - t.one_sided * se;
    sum += normalCdf((plan.difference_db - std::max(differs, matters)) / true_se);
  }
  return sum / kSpreads;
}

int pairsToTell(const RepeatsPlan& plan, double chance) {
  if (!(chance > 0 && chance < 1)) throw DomainError("0 < chance < 1");
  int few = 1, enough = defaults::kMorePairsCap;  // more pairs never tell less
  if (chanceToTell(plan, enough) < chance) return 0;
  while (enough - few > 1) {
    const int middle = (few + enough) / 2;
    (chanceToTell(plan, middle) >= chance ? enough : few) = middle;
  }
  return enough;
}

}  // namespace distanz::estimate
