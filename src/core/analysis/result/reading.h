#pragma once
#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/analysis/result/campaign_analysis.h"
#include "core/campaign/campaign.h"

namespace distanz::analysis {

constexpr double kReadWithin_m = 20;  ///< of a picked distance

/// Last distance of the shared axis: path, flights and told ranges fit in.
double axisEnd_m(const campaign::Campaign& campaign, const Answers& answers);

/// What all counted runs of one setup showed near one distance: mean over runs and legs, and their spread.
struct Reading {
  std::string setup;
  std::map<std::string, double, std::less<>>
      means;  ///< by channel that has a lane, in its unit; those recorded there
  double signal_low_dbm = 0, signal_high_dbm = 0;  ///< lowest and highest run
  int runs = 0;                                    ///< with a signal or quality there

  std::optional<double> mean(std::string_view channel) const {
    const auto found = means.find(channel);
    return found == means.end() ? std::nullopt : std::optional(found->second);
  }
};

/// @param distance_m from the station; samples within half_width_m of it count @return one per setup, in
/// campaign order
std::vector<Reading> readAt(const campaign::Campaign& campaign, const CampaignAnalysis& analysis,
                            const std::string& link, double distance_m, double half_width_m = kReadWithin_m);

/// The lanes of the Compare stage as CSV: run, setup, leg, distance, and every channel that has a lane shown
/// at first or was recorded.
std::string lanesCsv(const campaign::Campaign& campaign, const CampaignAnalysis& analysis,
                     const std::string& link);

}  // namespace distanz::analysis
