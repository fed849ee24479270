#pragma once
#include <cmath>
#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/analysis/result/drawn.h"
#include "core/estimate/comparison.h"
#include "core/estimate/own_scale.h"
#include "core/estimate/paired.h"
#include "core/estimate/passage.h"
#include "core/finding/finding.h"

/// What a campaign's flights say: for findings, tables, the command line and the report. Nobody computes it
/// again.
namespace distanz::analysis {

enum class Status { Measured, Extrapolated, AtLeast, Withheld };
enum class Basis { Signal, Quality, Reach };

/// A range as it may be told. Numbers that the data cannot support are absent.
struct RangeAnswer {
  Status status = Status::Withheld;
  std::optional<double> estimate_m, low_m, high_m;  ///< high_m absent with a low_m: no upper limit
  std::optional<double>
      at_least_m;  ///< min(one-sided 95 % bound, farthest flown); without a signal the shortest flight
  /// The estimate itself may be shown, not only a bound.
  bool tellsEstimate() const { return status == Status::Measured || status == Status::Extrapolated; }
  /// What is told as reached: the estimate where it may be shown, else the bound; 0 where nothing is known.
  double told_m() const {
    return (tellsEstimate() ? estimate_m : status == Status::AtLeast ? at_least_m : std::nullopt).value_or(0);
  }
  double confidence = estimate::defaults::kConfidence;  ///< of what is told: less where few flights without a
                                                        ///< failure are all there is
};

struct FlightLevel {
  std::string run;
  double off_setup_db = 0;  ///< how far this flight lies above its setup's mean
  double turned_at_m = 0;   ///< farthest distance of the flight
  double level_dbm = 0;     ///< what the model says of this flight there; a reading where the setup is on its receiver's own scale
  bool stands_out = false;  ///< farther from the mean than defaults::kFlightOutlier sd
};

/// One part of the pilot's rule as a level of signal.
struct CriticalPart {
  std::string part;  ///< "margin", "quality" or "bitrate"
  double level_dbm = 0, sd_db = 0;
  std::optional<double> reading = {};  ///< the same on the receiver's own scale, where that is all there is
};

struct SetupOnLink {
  std::string setup, link;
  RangeAnswer typical, dependable;                      ///< all the way, on this path
  RangeAnswer elsewhere_typical, elsewhere_dependable;  ///< on other ground like this
  std::optional<estimate::Interval> exponent;
  std::optional<double> critical_dbm;
  std::optional<estimate::Interval> critical_interval_dbm;  ///< 95 %; of no width where the kit gives it
  /// Instead of them where the receiver's own scale is all there is: no dB and no exponent is known then.
  std::optional<estimate::Interval> critical_reading;
  bool knowsLimit() const { return critical_dbm || critical_reading; }  ///< the level below which the rule fails
  ModelCurve reading_curve = {};  ///< instead of curve, in readings of that scale
  /// Neither a signal nor anything that its usable limit is set for is in the logs.
  bool holdsNothing() const { return !judged && curve.distance_m.empty() && reading_curve.distance_m.empty(); }
  bool onScale() const { return !reading_curve.distance_m.empty(); }
  std::string limited_by;           ///< part of the rule that is met first: "margin", "quality" or "bitrate"
  std::vector<CriticalPart> parts;  ///< those with a level, the one that fails first at the front
  double total_sd_db = 0, flight_sd_db = 0;  ///< new flight over another stretch; between flights
  double farthest_m = 0;
  int runs_used = 0;
  Basis basis = Basis::Signal;
  bool judged = false;  ///< some flight's log tells whether the rule was kept
  int failures = 0;  ///< flights in which the rule was broken on the way out
  std::optional<double> stops_m;  ///< where the equipment stops: nothing is told from behind it
  ModelCurve curve;
  std::vector<FlightLevel> flights;
  /// Range where the smallest is sought: none known counts as endless.
  double sought_m() const { return typical.estimate_m.value_or(INFINITY); }
};

struct PairOnLink {
  std::string a, b, link;
  std::optional<estimate::Interval> delta_db;
  std::optional<estimate::Interval> ratio;            ///< of the typical ranges, all the way on this path
  std::optional<estimate::Interval> elsewhere_ratio;  ///< on other ground like this
  estimate::Verdict verdict = estimate::Verdict::Undecided;
  int pairs = 0;  ///< flown so far
  int more_pairs = 0;
  double p_a_longer = 0.5, p_a_more = 0, p_b_more = 0;
  double se_db = 0, df = 0;     ///< of delta_db, and the degrees of freedom of its t
  double p_value = 1;           ///< two-sided, of no difference
  double level = 0.05;          ///< at which this look is judged (estimate::lookAlpha)
  bool holds_for_all = true;    ///< still "better" when every pair of the campaign is claimed at once (Holm)
  bool spread_assumed = false;  ///< flown once each: repeatability is assumed
  bool same_places = true;
  bool power_unknown =
      false;               ///< of one of them: nobody can tell antenna from transmitter; nothing is compared
  int paired_flights = 0;  ///< flights both were recorded in, where the answer rests on those; 0 elsewhere
  std::optional<estimate::GapTrend> gap_trend;
  std::optional<double> stopped_m;  ///< the equipment stopped both before either radio did: which reaches farther is open
};

/// How far new flights of a setup keep every link's rule, all the way on this path.
struct SetupAnswer {
  std::string setup;
  RangeAnswer typical, dependable;
  /// What to plan with: 90 % sure to be dependable, and no farther than was flown. None where nothing is
  /// known.
  std::optional<double> plan_m;
  double farthest_m = 0;  ///< flown
  estimate::Survival survival;
  std::string link;       ///< that limits; empty where no link has a range
  std::string next_link;  ///< that would limit next; empty where there is no other with a range
  std::optional<estimate::Interval>
      next_factor;  ///< its range over that of the limiting one, where both may be told
  std::vector<std::string> unknown_links;  ///< flown, but without a range: they may limit earlier
};

/// Way back against way out, in the same flights over the same places: what the airframe shades.
struct LegDifference {
  std::string setup, link;
  estimate::PairedDifference back_over_out;
  std::optional<double> turn_db;  ///< mean over flights: signal in the turn less that beside it
  std::optional<double> lost_m, regained_m,
      gap_m;             ///< medians over the flights that lost and regained the link
  int lost_flights = 0;  ///< how many those are
};

/// Two setups by how far each got at the same reduction of power. The ratio holds at full power as well, for as long as
/// signals fall alike.
struct ReducedPair {
  std::string a, b, link;
  double reduction_db = 0;
  int a_runs = 0, b_runs = 0;
  estimate::Interval ratio;
};

/// What flights at reduced power (range check, attenuator, walk) say of full power.
struct ReducedPower {
  std::string setup, link;
  double reduction_db = 0;
  int runs = 0;
  estimate::Interval reduced_m, full_m;  ///< typical range at that power, and referred to full power
  estimate::Interval factor;             ///< full over reduced
  double power_ratio = 1;                ///< what people multiply by, wrongly
  bool exponent_assumed = false;         ///< no flight here tells the exponent: 2.7 +- 0.7
};

struct RunResult {
  std::string run;
  bool used = false;                ///< towards ranges and comparisons
  std::optional<Finding> why_not;  ///< where it is not used
  double farthest_m = 0;
  int dropouts = 0;
  std::optional<double> lost_at_m, regained_at_m;
  std::optional<double> gap_m;  ///< by how much nearer it came back than it was lost
  bool in_segments = false;     ///< a course: it counts on its named stretches, and for what else logs tell, only
};

/// A stretch of path where the rule failed though the signal was strong: something else was on the air.
struct Interference {
  std::string link;
  double from_m = 0, to_m = 0;    ///< along the path
  int first_place = 0;            ///< see estimate::placeIndex()
  std::vector<std::string> runs;  ///< that met it
  int flights = 0;                ///< that were there
};

/// A stretch of path that fails in most flights that were there.
struct Hole {
  std::string link;
  double from_m = 0, to_m = 0;      ///< along the path
  int failed = 0, flights = 0;      ///< at its worst
  std::vector<std::string> setups;  ///< that mostly fail there
  bool returns = false;             ///< behind it the link is back
  bool in_the_way = false;          ///< and but for it the range of a setup would go on
  std::optional<double>
      null_m;  ///< where direct and reflected wave cancel in it, as heights and frequency have it
};

/// Two setups over all their links.
struct SetupPair {
  std::string a, b;
  std::vector<std::string> links;           ///< on which both were flown and are compared
  std::vector<std::string> hidden_links;    ///< on which both were flown, but power hides the difference
  int pairs = 0;                            ///< flown so far
  std::optional<estimate::Interval> ratio;  ///< of their typical ranges
  estimate::Verdict verdict = estimate::Verdict::Undecided;
  double p_a_longer = 0.5, p_a_more = 0, p_b_more = 0;
  double p_value = 1;
  double level = 0.05;  ///< as PairOnLink::level
  bool holds_for_all = true;
  std::optional<double> stopped_m;  ///< as PairOnLink::stopped_m
  /// The only link on which the kit has the two differ; empty: none, or several. All above but the pairs then is of that
  /// link, and what all links make of it stands in `together`.
  std::string own_link;
  struct Together {
    std::optional<estimate::Interval> ratio;
    estimate::Verdict verdict = estimate::Verdict::Undecided;
  };
  std::optional<Together> together;  ///< only where there is an own link among several
};

struct Answers {
  std::map<std::string, estimate::OwnScale> scales;  ///< links of which receivers' own scales are all there is
  std::vector<SetupOnLink> setups;  ///< setups in campaign order, each on every link it was flown with
  std::vector<PairOnLink> comparisons;
  std::vector<SetupPair> setup_comparisons;
  std::vector<RunResult> runs;    ///< in campaign order
  std::vector<Finding> warnings;  ///< cautions
  std::vector<Interference> interference;
  std::vector<Hole> holes;
  std::vector<SetupAnswer> answers;  ///< setups in campaign order; those flown
  std::vector<LegDifference> legs;
  std::vector<ReducedPower> reduced;
  std::vector<ReducedPair> reduced_pairs;
  double confidence = estimate::defaults::kConfidence;
  double dependability = estimate::defaults::kDependability;
  double practical_threshold = estimate::defaults::kPracticalMargin;

  const SetupOnLink* find(const std::string& setup, const std::string& link) const;
  /// Whether flights tell the setup's signal on that link over the distance.
  bool showSignal(const std::string& setup, const std::string& link) const;
  const SetupAnswer* answer(const std::string& setup) const;
  /// The link on which a setup fails first: its smallest typical range. Null where it was not flown.
  const SetupOnLink* limiting(const std::string& setup) const;
  /// The link to look at first: the one that limits the shortest of the setups; empty where nothing was
  /// flown.
  std::string limitingLink() const;
  /// The comparison that decides between two setups: on the only link that differs, else on the link that limits the
  /// shorter one. Null where none
  /// was made.
  const PairOnLink* deciding(const std::string& a, const std::string& b) const;
  /// The first link on which the two can be compared; null where there is none.
  const PairOnLink* comparable(const std::string& a, const std::string& b) const;
  /// True where this comparison is the deciding one of its pair.
  bool decides(const PairOnLink& pair) const;

  std::map<std::pair<std::string, std::string>, std::size_t>
      setup_at;                                  ///< (setup, link) -> place in setups; filled by analyse()
  std::map<std::string, std::size_t> answer_at;  ///< setup -> place in answers
};

}  // namespace distanz::analysis
