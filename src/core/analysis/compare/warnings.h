#pragma once
#include "core/analysis/compare/session.h"
#include "core/analysis/result/campaign_analysis.h"
#include "core/estimate/signal_model.h"

namespace distanz::analysis {

/// Cautions about the campaign as a whole: flown once, not interleaved, wandering off, power changed.
void warnAboutRuns(const campaign::Campaign& campaign, const std::vector<bool>& used, const Session& session,
                   CampaignAnalysis& result);

/// Cautions about what was done to the readings of one link before they were compared: power, mode. @param
/// runs that count on it
void warnAboutReference(const campaign::Campaign& campaign, const campaign::Link& link,
                        const std::vector<std::size_t>& runs, CampaignAnalysis& result);

/// Cautions about one fitted model of a link. @param runs index into campaign.runs per flight of the model's
/// input @param in_db false: of a scale that nobody calibrated
void warnAboutModel(const campaign::Campaign& campaign, const campaign::Link& link,
                    const estimate::SignalModel& model, const std::vector<std::size_t>& runs,
                    const std::optional<estimate::CriticalLevel>& critical, bool in_db, CampaignAnalysis& result);

}  // namespace distanz::analysis
