#include "core/campaign/link.h"

namespace distanz::campaign {

std::optional<double> sensitivityOf(const Link& link) {
  if (link.sensitivity_dbm || link.modes.empty()) return link.sensitivity_dbm;
  return link.modes.front().sensitivity_dbm;
}

std::optional<double> criticalFromKit(const Link& link) {
  const auto sensitivity = sensitivityOf(link);
  return sensitivity ? std::optional(*sensitivity + link.rule.margin_db.value_or(0)) : std::nullopt;
}

}  // namespace distanz::campaign
