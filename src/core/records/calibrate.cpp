#include "core/records/calibrate.h"

#include <cmath>

#include "core/records/judge_tools.h"

namespace distanz::records {

std::optional<Calibration> calibrationOf(const campaign::Campaign& c, const std::string& setup,
                                         const std::string& link) {
  const campaign::Setup* own = campaign::findSetup(c, setup);
  const auto ends =
      own ? own->links.find(link) : std::map<std::string, campaign::SetupLink>::const_iterator();
  const std::string receiver = own && ends != own->links.end() ? ends->second.receiver : std::string();
  const campaign::Record* newest = nullptr;
  for (const campaign::Record& r : c.records)
    if (r.kind == campaign::RecordKind::Signal && r.link == link && r.setting("source_dbm") &&
        (r.part.empty() || r.part == receiver) && (!newest || r.made_at >= newest->made_at))
      newest = &r;
  if (!newest) return std::nullopt;
  auto scale = bench::scaleOf(scaleReadingsOf(*newest));
  return scale ? std::optional(Calibration{newest->id, std::move(*scale)}) : std::nullopt;
}

Calibrated calibrated(const campaign::Campaign& c, const std::string& setup,
                      const log::Recording& recording) {
  Calibrated out;
  for (const campaign::Link& link : c.links) {
    const auto* values = recording.find(log::linkChannel(link.id, "level"));
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
