#include "core/campaign/link.h"

#include "core/radio/noise.h"

namespace distanz::campaign {

namespace {

constexpr UsableLimit kLimits[] = {{"quality", "lq_pct", &RangeRule::lq_min_pct},
                                   {"bitrate", "bitrate_mbps", &RangeRule::bitrate_min_mbps},
                                   {"picture", "picture", &RangeRule::picture_min},
                                   {"scale", "level", &RangeRule::scale_min}};

}  // namespace

std::span<const UsableLimit> usableLimits() { return kLimits; }

std::optional<double> sensitivityOf(const Link& link) {
  if (link.sensitivity_dbm) return link.sensitivity_dbm;
  if (!link.modes.empty()) return link.modes.front().sensitivity_dbm;
  if (!link.bandwidth_mhz || !link.needed_snr_db) return std::nullopt;
  return radio::sensitivity_dbm(1e6 * *link.bandwidth_mhz, link.noise_figure_db.value_or(radio::kUsualNoiseFigure_db), *link.needed_snr_db);
}

std::optional<double> criticalFromKit(const Link& link) {
  const auto sensitivity = sensitivityOf(link);
  return sensitivity ? std::optional(*sensitivity + link.rule.margin_db.value_or(0)) : std::nullopt;
}

}  // namespace distanz::campaign
