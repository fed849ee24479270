#pragma once
#include <optional>
#include <string>
#include <vector>

#include "core/analysis/result/campaign_analysis.h"
#include "core/plan/planned.h"

/// The range rule as data: the path as a ruler, and what each setup reaches on it. Window, pictures and paper draw
/// the same one (paper/rule_paper.h).
namespace distanz::lanes {

struct RuleRow {
  std::string setup, letter, name;  ///< the name is empty where it has none
  int mark = 0;                     ///< colour and dash
  std::optional<double> plan_m;     ///< see analysis::SetupAnswer::plan_m
  analysis::RangeAnswer dependable, typical;
  bool flown = false;               ///< the answers are of flights; else only what is predicted is known
  bool courses_only = false;        ///< flown, but on courses that tell no range
  double farthest_m = 0;            ///< flown
  std::optional<double> predicted_m;
  std::optional<plan::Prediction::Sure> sure;  ///< of what is predicted
  struct Hole {
    double from_m, to_m;
  };
  std::vector<Hole> holes;  ///< stretches that fail though the link is back behind them
  std::string turn;         ///< what turns the aircraft at the latest: term of words; empty: nothing known
  double turn_m = 0;
};

struct Rule {
  double end_m = 1000;        ///< of the axis
  std::vector<double> posts;  ///< where they stand
  std::vector<RuleRow> rows;
  std::vector<std::string> links;  ///< over which a range holds: every link that is rated
  bool any_flown = false;
};

/// @param campaign as it is, @param answers of its flights so far, @param planned of the same campaign
Rule rule(const campaign::Campaign& campaign, const analysis::Answers& answers, const plan::Planned& planned,
          double end_m);

}  // namespace distanz::lanes
