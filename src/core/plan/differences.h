#pragma once
#include <optional>
#include <string>
#include <vector>

#include "core/campaign/campaign.h"
#include "core/finding/finding.h"

namespace distanz::plan {

/// One thing that could differ between setups, and how it is in each.
struct Difference {
  std::string what;             ///< a term without "differs-": "tx-antenna"
  std::string link;             ///< of which link; empty: of the whole setup
  std::vector<Argument> cells;  ///< in the order of the setups; an empty text where nothing is said
  bool differs = false;
  bool nuisance = false;  ///< left free: it may change by itself and hide what is compared
};

struct Differences {
  std::vector<Difference> rows;
  std::vector<Finding> findings;  ///< what is wrong with this comparison, and why
};

constexpr std::size_t kMostCompared = 40;

/// Everything that could differ between setups. Two setups that differ in more than one thing are flagged (an
/// antenna and its gain are one thing); so is whatever is left to choose by itself. Mountings and heights
/// count. Of more than kMostCompared setups only the first are looked at.
Differences differencesOf(const campaign::Campaign& campaign);

/// What differs between any of the setups, each thing once; none where nothing does.
std::optional<Finding> whatDiffers(const Differences& differences);

}  // namespace distanz::plan
