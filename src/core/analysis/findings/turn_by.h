#pragma once
#include <optional>
#include <string>
#include <vector>

#include "core/analysis/result/campaign_analysis.h"
#include "core/plan/planned.h"

namespace distanz::analysis {

/// Where something turns a setup at the latest, and what it is.
struct TurnLimit {
  enum class By { Flown, Predicted, Plan };  ///< of a link: by its flights, or by physics alone; else battery, sight, rules
  By by = By::Plan;
  std::string what;  ///< "link", "battery", "terrain", "farthest", "sight" or "path"
  std::string link;  ///< where it is a link
  double at_m = 0;
};

/// The two limits of a setup: that of its links, which is never beyond its reliable range, and that of battery, sight,
/// ground and rules.
struct TurnBy {
  std::string setup;
  std::optional<TurnLimit> link, plan;
  /// The nearer of the two; null where neither is known.
  const TurnLimit* first() const;
  const TurnLimit* other() const;
};

/// @param answers of the flights so far @param planned of the same campaign
std::vector<TurnBy> turnsBy(const campaign::Campaign& campaign, const Answers& answers, const plan::Planned& planned);
/// The same as sentences, one a setup; none of one that nothing is known of.
std::vector<Finding> turnsTold(const campaign::Campaign& campaign, const std::vector<TurnBy>& turns);

}  // namespace distanz::analysis
