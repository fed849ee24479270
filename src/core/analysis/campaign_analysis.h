#pragma once
#include <functional>
#include <memory>
#include <optional>
#include <string>
#include <vector>

#include "core/analysis/reduction.h"
#include "core/estimate/comparison.h"

/// One analysis for everyone: the window, the command line and (later) the report show this struct and compute nothing.
namespace distanz::analysis {

enum class Status { Measured, Extrapolated, AtLeast, Withheld };
enum class Basis { Signal, Quality, Reach };

/// A range as it may be told. Numbers that the data cannot support are absent.
struct RangeAnswer {
  Status status = Status::Withheld;
  std::optional<double> estimate_m, low_m, high_m;  ///< high_m absent with a low_m: no upper limit
  std::optional<double> at_least_m;                 ///< min(one-sided 95 % bound, farthest flown)
};

/// The model drawn over the signal lane for one setup.
struct ModelCurve {
  std::vector<double> distance_m, level_dbm, low_dbm, high_dbm;  ///< level with its 95 % band; no farther than was flown
};

struct FlightLevel {
  std::string run;
  double off_setup_db = 0;  ///< how far this flight lies above its setup's mean
};

struct SetupOnLink {
  std::string setup, link;
  RangeAnswer typical, dependable;
  std::optional<estimate::Interval> exponent;
  std::optional<double> critical_dbm;
  double critical_sd_db = 0;
  std::string limited_by;  ///< part of the rule that is met first: "margin", "quality" or "bitrate"
  double farthest_m = 0;
  int runs_used = 0;
  Basis basis = Basis::Signal;
  int failures = 0;  ///< flights in which the rule was broken on the way out
  ModelCurve curve;
  std::vector<FlightLevel> flights;
};

struct PairOnLink {
  std::string a, b, link;
  std::optional<estimate::Interval> delta_db, ratio;
  estimate::Verdict verdict = estimate::Verdict::Undecided;
  int more_pairs = 0;
  double p_a_longer = 0.5, p_a_more = 0, p_b_more = 0;
  bool holds_for_all = true;    ///< still "better" when every pair of the campaign is claimed at once (Holm)
  bool spread_assumed = false;  ///< flown once each: repeatability is assumed
  bool same_places = true;
  std::optional<estimate::GapTrend> gap_trend;
};

struct RunResult {
  std::string run;
  bool used = false;
  std::string why_not;
  double farthest_m = 0;
  int dropouts = 0;
  std::optional<double> lost_at_m, regained_at_m;
};

struct Warning {
  std::string code, run, text;
};

struct CampaignAnalysis {
  std::vector<SetupOnLink> setups;  ///< setups in campaign order, each on every link it was flown with
  std::vector<PairOnLink> comparisons;
  std::vector<RunResult> runs;  ///< in campaign order
  std::vector<Warning> warnings;
  std::vector<RunReduction> reductions;  ///< in campaign order; lanes are drawn from these
  double confidence = estimate::defaults::kConfidence;
  double dependability = estimate::defaults::kDependability;
  double practical_threshold = estimate::defaults::kPracticalMargin;

  const SetupOnLink* find(const std::string& setup, const std::string& link) const;
  /// The link on which a setup fails first: its smallest typical range. Null where nothing is known.
  const SetupOnLink* limiting(const std::string& setup) const;
  /// The comparison that decides between two setups: on the link that limits the shorter one. Null where none was made.
  const PairOnLink* deciding(const std::string& a, const std::string& b) const;
};

/// Gives the recording of a run, or throws Error with the reason. Called from several threads at once.
using RecordingSource = std::function<std::shared_ptr<const log::Recording>(const campaign::Run&)>;
/// Called now and then with the share done (0..1); returning false stops the work.
using Progress = std::function<bool(double)>;

struct Cancelled : Error {
  Cancelled() : Error("cancelled") {}
};

/// Recordings are asked for one at a time and dropped once reduced: memory does not grow with the length of the logs.
/// Same input, same output to the last bit, whatever the number of threads.
/// @param threads 0: as many as the machine has @throws Cancelled where progress said stop
CampaignAnalysis analyse(const campaign::Campaign& campaign, const RecordingSource& source, const Progress& progress = {},
                         unsigned threads = 0);

/// Only the statistics, on runs already reduced (in campaign order): what an edit of setups or rules needs again.
CampaignAnalysis analyse(const campaign::Campaign& campaign, std::vector<RunReduction> reductions);

}  // namespace distanz::analysis
