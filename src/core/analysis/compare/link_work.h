#pragma once
#include <cmath>
#include <map>
#include <optional>
#include <set>
#include <string>
#include <vector>

#include "core/analysis/compare/session.h"
#include "core/analysis/reduce/reduction.h"
#include "core/analysis/result/campaign_analysis.h"

/// Inside of the analysis of one link: not for other folders.
namespace distanz::analysis {

struct LinkWays;

/// A look at the rule that failed though the signal was strong.
struct Disturbed {
  std::size_t run = 0;  ///< of the campaign
  int place = 0;
};

/// One link of one campaign while it is analysed. Filled step by step by analyseLink().
struct LinkWork {
  const campaign::Campaign& campaign;
  const campaign::Link& link;
  CampaignAnalysis& result;
  const Session& session;

  std::vector<std::size_t> runs = {};  ///< used runs that count on this link
  std::vector<int> setup_of = {};      ///< place in campaign.setups, per run of the campaign; -1: none
  std::vector<std::vector<std::size_t>> runs_of = {};  ///< per setup

  /// Setups whose transmitter chose its power and did not tell: their signal is that of antenna and power
  /// together, good for where they fail on this path and for nothing else.
  std::set<int> power_unknown = {};
  /// Where the equipment stops, by setup: from the station, along the path. Nothing is told from behind it.
  struct End {
    double at_m = INFINITY, along_m = INFINITY;
    bool open = false;  ///< the radio may carry on; else the setup itself ends there
  };
  std::map<int, End> ends = {};
  End endOf(int setup) const {
    const auto found = ends.find(setup);
    return found == ends.end() ? End() : found->second;
  }
  const estimate::OwnScale* scale = nullptr;              ///< where the signal is known on the receiver's own scale only
  std::optional<double> floor_dbm = {};                   ///< of the receiver, where one shows
  std::vector<estimate::ModelFlight> flights = {};        ///< those runs with a signal
  std::vector<std::size_t> flight_runs = {};              ///< their place in campaign.runs
  std::vector<std::vector<std::size_t>> flights_of = {};  ///< per setup, place in flights
  estimate::SignalModels models = {};
  std::map<int, const estimate::SignalModel*> model_of =
      {};  ///< setup -> the component with most of its flights
  std::optional<estimate::CriticalLevel> critical = {};
  std::vector<CriticalPart> parts = {};
  std::vector<Disturbed> disturbed = {};
  std::vector<Interference> interference = {};
  std::vector<estimate::FirstFailure> failures =
      {};                                     ///< first failing stretch of the runs that count for them
  estimate::ReachModel path_reach = {};       ///< of these
  estimate::ReachModel reach = {};            ///< of the first failing seconds
  std::map<int, std::size_t> answer_of = {};  ///< setup -> place in result.setups

  const LinkReduction& reduced(std::size_t run) const { return result.reductions[run].links.at(link.id); }
  const estimate::SignalModel* modelOf(int setup) const;
  const std::string& runId(std::size_t flight) const { return campaign.runs[flight_runs[flight]].id; }
  /// @param run that it is about; empty: the link as a whole
  void warn(const char* code, std::vector<Argument> arguments, const std::string& run = {}) const {
    arguments.emplace_back("link", link.id);
    result.warnings.push_back(
        finding(code, std::move(arguments), run.empty() ? Subject{"link", link.id} : Subject{"run", run}));
  }
};

/// Where power changed in flight and the kit does not say which is meant: that of the setup's steady flights,
/// else of all steady flights, else the highest seen, so that every such flight is told at the same one.
void referToCommonPower(LinkWork& w);
void fitModels(LinkWork& w);
/// Runs that a limit built into the equipment ended: what lies beyond it is taken out.
void findCaps(LinkWork& w);
/// Of the setups that the model holds.
bool powerKnown(const LinkWork& w, const estimate::SignalModel& model);
/// The level below which the rule fails: the highest of its parts, as those present must all hold.
void findCritical(LinkWork& w);
void fitFailures(LinkWork& w);
/// The second in which the rule first failed on the way out, by whichever of its parts went first.
std::optional<estimate::FirstFailure> firstFailureOf(const LinkReduction& r);
void addRanges(LinkWork& w);
void addPairs(LinkWork& w, const LinkWays& ways);
void addLegs(LinkWork& w);
void addReducedPower(LinkWork& w);
void addProfile(LinkWork& w);
/// Stretches that fail in most flights.
void addHoles(LinkWork& w);

/// A range as the data allow it to be told: measured, up to kExtrapolation beyond what was flown, else a
/// bound only.
RangeAnswer answerFrom(const estimate::Interval& range_m, double bound_m, double farthest_m);

/// True where a range can be told from the model: the data themselves show the signal falling.
inline bool falls(const estimate::SignalModel& model) {
  return !estimate::signalDoesNotFall(model.line) && model.line.coefficient[1] < 0;
}

}  // namespace distanz::analysis
