#pragma once
#include <vector>

#include "core/analysis/result/drawn.h"
#include "core/campaign/campaign.h"

namespace distanz::analysis {

/// What sets a flight that lies far off its setup's others apart from them, the likeliest first: conversions whose size
/// is that of its offset, then what it flew otherwise, by how far beyond the others' own spread.
struct OutlierCauses {
  bool by_conversion = false;   ///< as read, without converting its power, it would lie with the others
  std::vector<Finding> causes;
};
/// @param runs indices of the link's runs @param which of them lies off @param off_db the offset, > 0 stronger
OutlierCauses outlierCauses(const campaign::Campaign& campaign, const std::string& link,
                            const Reductions& reductions, const std::vector<std::size_t>& runs,
                            std::size_t which, double off_db);

}  // namespace distanz::analysis
