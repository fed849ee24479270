#pragma once
#include "core/analysis/compare/ways.h"
#include "core/analysis/result/campaign_analysis.h"
#include "core/campaign/campaign.h"

namespace distanz::analysis {

/// What a setup's own flights showed stands over what the model, which pools all of them, makes of it: no median range is
/// told beyond where half of its flights had broken the rule, no reliable range and no "plan with" beyond where more than
/// one in twenty had. Broken is what failed on two stretches running on the way out; one of fading alone is not.
void keepToOwnFlights(const campaign::Campaign& campaign, const std::vector<LinkWays>& ways, CampaignAnalysis& result);

/// A verdict and the ratio beside it say the same: a ratio with an open end that leaves both possible tells nothing and goes; a verdict that
/// its own ratio does not bear out is none.
void agree(PairOnLink& pair, double practical_threshold);
void agree(SetupPair& pair, double practical_threshold);

}  // namespace distanz::analysis
