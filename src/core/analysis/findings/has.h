#pragma once
#include "core/analysis/result/answer.h"
#include "core/campaign/campaign.h"
#include "core/finding/finding.h"

/// What is there at each stage of the work, in a word or two: for the stage rail.
namespace distanz::analysis {

Finding kitHas(const campaign::Campaign& campaign);
Finding benchHas(const campaign::Campaign& campaign);
Finding planHas(const campaign::Campaign& campaign);
Finding runsHas(const campaign::Campaign& campaign);
Finding compareHas(const Answers& answers);

}  // namespace distanz::analysis
