#pragma once
#include <cmath>
#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/analysis/reduce/sharp_stop.h"
#include "core/campaign/campaign.h"
#include "core/log/passes.h"
#include "core/log/run_facts.h"
#include "core/log/sides.h"

namespace distanz::analysis {

/// One pass of a run through a named segment.
struct SegmentPass {
  std::string segment;
  int lap = 1;
  bool out = true;
  log::PassSeen seen;
};

constexpr double kFreezeStretch_m = 100;  ///< freezes are counted per so much path

struct FreezeStretch {
  double flown_m = 0;
  int freezes = 0;
};

/// The first change of packet rate, mode or band on the way out.
struct FirstStep {
  std::string channel;            ///< "rate_hz"
  bool stepped = false;           ///< false: it was the same all the way out
  double at_m = 0;                ///< where it changed, or how far it was looked at
  std::optional<double> to;       ///< value it changed to
  std::map<double, double> in_s;  ///< time in each value, whole flight
  int changes = 0;
};

/// What a run tells of one link beside how far it carries.
struct LinkBeyond {
  std::vector<SegmentPass> passes;
  std::vector<log::SideCell> sides;
  std::vector<int> turn_sides;  ///< samples of the turn by sector; empty where it shows none
  bool sides_by_heading = false;
  std::vector<FirstStep> steps;  ///< of the channels that the log has
  bool pictures = false;         ///< the log tells whether the picture stood still
  std::vector<log::Freeze> freezes;
  std::map<int, FreezeStretch> freeze_stretches;  ///< by floor(distance / kFreezeStretch_m)
  std::optional<double> alive_to_m;               ///< farthest place on the way out with any value of it
  SharpEnd end;
};

/// What of a run all links have in common for it: made once.
struct BeyondContext {
  const campaign::Campaign& campaign;
  const campaign::Run& run;
  const log::Recording& recording;
  const log::Track& track;
  std::vector<campaign::Segment> segments = {};
  std::vector<log::Pass> passes = {};
  std::vector<double> chainage_m = {};
  std::optional<log::Sides> sides = {};
};
BeyondContext beyondContext(const campaign::Campaign& campaign, const campaign::Run& run, const log::Recording& recording,
                            const log::Track& track, const course::Course* course);

/// @param signal_dbm referred to the setup's power; empty where there is none @param dropouts by the link's rule; none
/// where nothing can be held to it
LinkBeyond linkBeyond(const BeyondContext& context, const campaign::Link& link, const std::vector<double>& signal_dbm,
                      const std::optional<std::vector<log::Dropout>>& dropouts);

}  // namespace distanz::analysis
