#pragma once
#include <optional>

#include "core/campaign/campaign.h"
#include "core/log/likeness.h"

namespace distanz::analysis {

/// Places a run by another over the same path (see log::placeByLikeness()). None where they have nothing in common, or
/// the other is not placed itself. @param samples of the run, of its cuts alone
std::optional<log::Likeness> placedLike(const campaign::Campaign& campaign, const campaign::Run& run, const log::Recording& samples,
                                        const campaign::Run& other, const log::Recording& other_samples);

/// Its proposal as a run keeps it.
std::vector<campaign::Mark> marksOf(const log::Likeness& likeness);

}  // namespace distanz::analysis
