#pragma once
#include <map>
#include <memory>
#include <optional>
#include <string>

#include "core/analysis/reduce/beyond.h"
#include "core/analysis/reduce/reference.h"
#include "core/campaign/campaign.h"
#include "core/estimate/cells.h"
#include "core/estimate/critical_level.h"
#include "core/estimate/first_failure.h"
#include "core/estimate/stretch_look.h"
#include "core/log/dropouts.h"
#include "core/log/recording.h"
#include "core/log/trace.h"
#include "core/log/track.h"

namespace distanz::analysis {

/// Link quality below which a link without a rule of its own counts as dropped, in %.
constexpr double kDefaultQuality_pct = 50;
constexpr double kOtherPathShare =
    0.5;  ///< more of a flight than this beside the path: it was flown elsewhere
constexpr double kOtherBandShare = 0.1;  ///< a frequency farther from the link's than this is another band

/// What a run showed of one part of its link's rule.
struct RuleSeen {
  estimate::RuleMeasure measure;
  std::vector<estimate::StretchLook> looks;  ///< stretch by stretch
  std::optional<estimate::FirstFailure> failure;
};

/// A receiver's own scale as one run read it, in its own units: the cells of the run are in them until the scales of the
/// campaign are settled (compare/own_scales.h).
struct ScaleSeen {
  estimate::FloorFinder ceiling;  ///< of the readings negated
  double step = 0;                ///< least difference between readings
  bool coarse = false;            ///< in few steps, as bars are
};

/// All that the analysis keeps of one run on one link: a few hundred numbers, whatever the length of the log.
/// Signal is referred to the setup's power and the link's own mode (see referenceOf()).
struct LinkReduction {
  bool has_signal = false;
  bool called = false;  ///< readings were called out or noted, one here and there
  std::string
      calibrated_by;  ///< record that turned the receiver's own scale into levels; empty: none was needed
  std::optional<ScaleSeen> scale;   ///< the log tells that scale, and nobody has calibrated it
  std::optional<Finding> left_out;  ///< why the run does not count on this link; none where it does
  estimate::LegCells cells;         ///< without a floor; see estimate::censorAt
  estimate::FloorFinder floor;
  std::optional<double> turn_db;  ///< signal in the turn less that of the places just before and after it
  std::map<std::string, RuleSeen, std::less<>> rule;  ///< by part (campaign::usableLimits); those that the log tells
  log::LinkEvents events;
  std::map<std::string, log::LegTraces, std::less<>> traces;  ///< by channel, of those that have a lane
  double top_bitrate_mbps = 0;
  PowerUse power;
  bool power_unknown = false;  ///< the transmitter chose it and the log does not tell which
  ModeUse mode;
  double reduced_db = 0;
  LinkBeyond beyond;  ///< see there

  /// What a lane of that channel draws; null where the recording has none.
  const log::LegTraces* trace(std::string_view channel) const {
    const auto found = traces.find(channel);
    return found == traces.end() ? nullptr : &found->second;
  }
};

/// Quality is told as a share and fails when its mean does; whatever comes in steps fails while it is too low.
/// @param part as campaign::UsableLimit::name
estimate::RuleMeasure ruleMeasure(std::string_view part, double threshold);

/// Number of the first place of the path that a run flew: places of two paths are never one.
int firstPlaceOf(const campaign::Campaign& campaign, const campaign::Run& run);

/// The measured parts of a link's rule that a recording tells, by name (campaign::usableLimits): what dropouts,
/// first failures and live advice go by. Where it tells none of them, a quality is held to kDefaultQuality_pct, and a
/// receiver's own scale to more than nothing.
struct NamedPart {
  std::string name;
  log::RulePart part;
  bool given = true;  ///< by the pilot
};
std::vector<NamedPart> ruleParts(const campaign::Link& link, const log::Recording& recording);

struct RunReduction {
  std::optional<Finding> refused;  ///< why nothing can be made of the run; none where it was reduced
  bool unread = false;             ///< its samples could not be read this time: another time they may be
  bool from_gnss = false;
  double farthest_m = 0, duration_s = 0;
  double farthest_along_m = 0;      ///< along a bent path (see log::Track), else farthest_m
  double speed_mps = NAN;           ///< usual, on the way out
  std::string started;              ///< as log::Recording::started
  double begins_s = 0;              ///< of the first row that counts, from the log's first
  std::vector<float> flown_m = {};  ///< distance from the station every second from where it left
  log::Turn turn;
  double height_m = NAN, heading_deg = NAN;  ///< usual, on the way out; NaN where the log tells none
  double height_low_m = NAN, height_high_m = NAN;  ///< nine in ten of its rows lay above and below
  double side_m = NAN;                       ///< usual, beside the path, right positive
  log::EnergyUse energy;
  log::Distances farthest;  ///< of each of the four distances
  std::vector<Finding> problems;
  std::map<std::string, LinkReduction> links;  ///< by link id; only links the recording has channels of
};

/// A run's recording on the path that it flew, its turn as cut or as moved by hand. @throws InputError as
/// log::trackOf()
log::Track trackOf(const campaign::Run& run, const log::Recording& recording, const course::Course* course);

/// Its logs' samples with what the campaign knows about them: distances where posts were noted. None: as they are.
std::optional<log::Recording> placed(const campaign::Campaign& campaign, const campaign::Run& run,
                                     const log::Recording& recording);
/// Rows of them that are the run (see campaign::Run::from_s). None: all. @throws InputError where no row is
std::optional<log::Recording> cutOut(const campaign::Run& run, const log::Recording& recording);

/// Reduces one recording. Never throws for what a log may hold: the reason stands in `refused`.
/// @param course where the samples are put by GNSS; null: by the distance column
RunReduction reduceRun(const campaign::Campaign& campaign, const campaign::Run& run,
                       const log::Recording& recording, const course::Course* course);

/// Keeps what runs were reduced to, for as long as nothing that reduceRun() looks at changes. find() may be
/// called from several threads.
class ReductionCache {
 public:
  /// Null where the run was not kept, or depends on something that changed since.
  std::shared_ptr<const RunReduction> find(const campaign::Campaign& campaign,
                                           const campaign::Run& run) const;
  /// Makes these the kept ones. @param reductions one per run of the campaign
  void keep(const campaign::Campaign& campaign, const std::vector<RunReduction>& reductions);

 private:
  struct Kept {
    std::string key;  ///< of what the reduction depends on
    std::shared_ptr<const RunReduction> reduction;
  };
  std::string m_common;  ///< key of what all of them depend on
  std::map<std::string, Kept> m_runs;
};

}  // namespace distanz::analysis
