#pragma once
#include <optional>

#include "core/estimate/usable_range.h"

namespace distanz::estimate {

enum class Verdict { ABetter, BBetter, NoPracticalDifference, Undecided };

struct Interval {
  double estimate = 0, low = 0, high = 0;
};

/// How the gap between two setups changes with distance.
struct GapTrend {
  double db_per_decade = 0;
  double p = 1;
};

struct Comparison {
  Interval delta_db;              ///< A over B at equal place
  std::optional<Interval> ratio;  ///< range of A over range of B; none where the signal does not fall
  Interval ratio90;               ///< 90 % interval used for "no practical difference"
  double se_db = 0, df = 0;
  Verdict verdict = Verdict::Undecided;
  int more_pairs = 0;  ///< further pairs of flights; 0 where decided, kMorePairsCap for "too small to settle"
  double p_a_longer = 0, p_a_more = 0,
         p_b_more = 0;          ///< probabilities: longer at all; longer by over the margin
  double p_value = 1;           ///< two-sided, of no difference
  bool same_places = true;      ///< false: the two were flown over different places
  bool spread_assumed = false;  ///< every setup flown once
  int paired_flights = 0;       ///< from so many flights that both listened to; 0: from flights apart
  bool falls = true;  ///< false: the signal does not fall, margin translated with the prior exponent
  std::optional<GapTrend> gap_trend;
};

/// True where the data alone cannot show that the signal falls with distance: no range can be told from it.
bool signalDoesNotFall(const PlaceLine& line);

/// The four-way verdict at a level. @param c its probabilities @param alpha in (0, 1): of "better" two-sided,
/// of "no practical difference" of each of its two tests
Verdict verdictAt(const Comparison& c, double alpha);

/// Level at which a look after so many pairs of flights is judged. Pilots look after every pair and stop when
/// they like what they see: the planned look has a level of its own, and before and after it an early verdict
/// needs more (as Haybittle, Br. J. Radiol. 44 (1971), with interim looks at a fixed strict level).
double lookAlpha(int pairs, int planned);

/// What a verdict rests on, however the difference was measured.
struct ComparisonInputs {
  double delta_db = 0, se_db = 0, df = 0;
  bool spread_assumed = false;
  double further_sd_db = 0;  ///< sd that one further pair of flights adds to the difference
  double flights_each = 0;   ///< pairs so far
  double df_per_pair = 2;    ///< degrees of freedom that a further pair adds
};

/// The four-way verdict, its probabilities and the further pairs needed, from a difference of level. @param
/// line tells the exponent; where the signal does not fall, the prior exponent translates the margin. @throws
/// DomainError for a margin that is not positive
Comparison judgeDifference(const PlaceLine& line, const ComparisonInputs& in,
                           double margin = defaults::kPracticalMargin);

/// Middle of the log distances at which two setups were seen: where their levels are told.
double slopeCentre(const SignalModel& model, int a, int b);

/// Both setups in one model. Not flown in turns, what the day may have done meanwhile goes into the interval;
/// where their slopes differ the difference is told at a distance. @param margin practical threshold as a
/// share of range, > 0 @param at_log_distance where it is told, log10 of metres; none: in the middle of what
/// was seen
/// @throws DomainError where either setup has no flight in the model.
/// Sources: Schuirmann, J. Pharmacokin. Biopharm. 15 (1987): two one-sided tests; Welch (1947).
Comparison compare(const SignalModel& model, int a, int b, double margin = defaults::kPracticalMargin,
                   std::optional<double> at_log_distance = {});

/// Setups flown over different places: each from its own model, by the difference of log range.
Comparison compareApart(const SignalModel& model_a, int a, const SignalModel& model_b, int b,
                        const CriticalLevel& critical, double margin = defaults::kPracticalMargin);

}  // namespace distanz::estimate
