#include "core/records/calibrate.h"

#include <cmath>

#include "core/campaign/kit.h"
#include "core/records/judge_tools.h"

namespace distanz::records {

namespace {

/// The scale of a link's receiver as the newest signal record tells it, in dBm.
std::optional<LevelScale> calibrationOf(const campaign::Campaign& c, const std::string& setup,
                                         const std::string& link) {
  const campaign::SetupLink* ends = campaign::findEnds(c, setup, link);
  const std::string receiver = ends ? ends->receiver : std::string();
  const campaign::Record* newest = nullptr;
  for (const campaign::Record& r : c.records)
    if (r.kind == campaign::RecordKind::Signal && r.link == link && r.setting("source_dbm") &&
        (r.part.empty() || r.part == receiver) && (!newest || r.made_at >= newest->made_at))
      newest = &r;
  if (!newest) return std::nullopt;
  auto scale = bench::scaleOf(scaleReadingsOf(*newest));
  return scale ? std::optional(LevelScale{newest->id, std::move(*scale)}) : std::nullopt;
}

}  // namespace

std::optional<LevelScale> levelScaleOf(const campaign::Campaign& c, const std::string& link) {
  const campaign::Record* newest = nullptr;
  for (const campaign::Record& r : c.records)
    if (r.kind == campaign::RecordKind::Signal && (link.empty() || r.link == link) && (!newest || r.made_at >= newest->made_at))
      newest = &r;
  if (!newest) return std::nullopt;
  auto scale = bench::scaleOf(scaleReadingsOf(*newest));
  return scale ? std::optional(LevelScale{newest->id, std::move(*scale)}) : std::nullopt;
}

Calibrated calibrated(const campaign::Campaign& c, const std::string& setup,
                      const log::Recording& recording) {
  Calibrated out;
  for (const campaign::Link& link : c.links) {
    const auto* values = recording.find(log::linkChannel(link.id, log::channel::kLevel));
    if (!values || recording.find(log::linkChannel(link.id, log::channel::kRssi))) continue;
    const auto calibration = calibrationOf(c, setup, link.id);
    if (!calibration) {
      out.waiting.push_back(link.id);
      continue;
    }
    const bench::SignalScale& scale = calibration->scale;
    std::vector<double> level;
    for (const double v : *values)
      level.push_back(!std::isfinite(v) || atFloor(scale, v) || atCeiling(scale, v) ? NAN
                                                                                    : levelAt(scale, v));
    if (!out.recording) out.recording = recording;
    out.recording->columns.push_back({log::linkChannel(link.id, log::channel::kRssi), std::move(level)});
    out.by[link.id] = calibration->record;
  }
  return out;
}

}  // namespace distanz::records
