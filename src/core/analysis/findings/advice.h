#pragma once
#include <vector>

#include "core/analysis/result/answer.h"
#include "core/campaign/campaign.h"
#include "core/finding/finding.h"
#include "core/plan/flight_plan.h"

/// What matters at a stage of the work, and what it still lacks: for the right-hand column and the stage
/// rail.
namespace distanz::analysis {

std::vector<Finding> kitAdvice(const campaign::Campaign& campaign);
/// @param planned of the same campaign @param answers of its flights so far
std::vector<Finding> planAdvice(const campaign::Campaign& campaign, const plan::Planned& planned,
                                const Answers& answers);
/// The latest ground check ended with "do not fly": said wherever flights are planned.
std::optional<Finding> groundStop(const campaign::Campaign& campaign);
/// How far flights of one setup differ on a link, where any was flown twice.
plan::FlownSoFar flownSoFar(const Answers& answers, const std::string& link);
/// @param campaign as it was analysed
std::vector<Finding> runsAdvice(const campaign::Campaign& campaign, const Answers& answers);

/// What a stage still lacks, in a few words; none where it is complete.
std::optional<Finding> kitLacks(const campaign::Campaign& campaign);
std::optional<Finding> planLacks(const campaign::Campaign& campaign);
std::optional<Finding> runsLacks(const campaign::Campaign& campaign);
std::optional<Finding> compareLacks(const Answers& answers);

}  // namespace distanz::analysis
