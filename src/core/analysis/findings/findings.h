#pragma once
#include <vector>

#include "core/analysis/result/campaign_analysis.h"
#include "core/campaign/campaign.h"
#include "core/finding/finding.h"

/// What a campaign's flights say to a pilot, as findings: the window, the command line and (later) the report
/// tell the same.
namespace distanz::analysis {

/// A range as it may be told: measured, extrapolated, "at least", or not known.
Finding toldRange(const RangeAnswer& range);

/// Who is better, by how much, how sure, and why.
Finding verdictOf(const campaign::Campaign& campaign, const Answers& answers, const PairOnLink& pair);

/// The same over all links of the two: the sentences name a link where they speak of one.
Finding verdictOf(const campaign::Campaign& campaign, const Answers& answers, const SetupPair& pair);

/// A setup flew, and nothing of that says how far it carries in the open.
bool onCoursesOnly(const campaign::Campaign& campaign, const Answers& answers, const std::string& setup);

/// What limits a setup, and at what distance.
Finding limitOf(const campaign::Campaign& campaign, const Answers& answers, const std::string& setup);

/// Where a setup's way back differs from its way out, or the link came back much nearer than it was lost.
/// None: nothing worth telling.
std::vector<Finding> legsOf(const campaign::Campaign& campaign, const LegDifference& legs);

/// What flights at reduced power say of full power.
Finding reducedOf(const campaign::Campaign& campaign, const ReducedPair& pair);
Finding reducedOf(const campaign::Campaign& campaign, const ReducedPower& reduced);

/// The stretch of path that costs every setup most. None where none stands out.
std::vector<Finding> placesOf(const Drawn& drawn, const std::string& link);

/// The stretches of a link that fail though the link is back behind them.
std::vector<Finding> holesOf(const Answers& answers);

/// What to do next to learn most: fly, change, or stop.
Finding nextStep(const campaign::Campaign& campaign, const Answers& answers);

/// Warnings of the same kind about several runs as one, which names the others.
std::vector<Finding> gathered(const std::vector<Finding>& warnings);

/// Everything for the Compare stage, most important first: verdicts, next step, limits, cautions.
std::vector<Finding> findings(const campaign::Campaign& campaign, const CampaignAnalysis& analysis);

}  // namespace distanz::analysis
