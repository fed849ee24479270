#include "core/plan/told_tracking.h"

#include <algorithm>
#include <cmath>

#include "core/campaign/antenna.h"
#include "core/campaign/kit.h"
#include "core/plan/tracking.h"

namespace distanz::plan {
namespace {

using quantity::Unit;

constexpr double kUsualSpeed_mps = 12;

/// Half the width of the beam, degrees; none where it is none, or nothing is known of it.
std::optional<double> halfBeam_deg(const campaign::Part& antenna) {
  if (const auto width = antenna.value("width_deg")) return *width / 2;
  const auto pattern = campaign::patternOf(antenna);
  if (!pattern) return std::nullopt;
  const double width = radio::factsOf(*pattern, radio::Cut::AcrossAxis).width_deg;
  return std::isfinite(width) ? std::optional(width / 2) : std::nullopt;
}

void tell(const campaign::Campaign& c, const campaign::Link& link, const campaign::Part& antenna, double mast_m,
          std::vector<Finding>& out) {
  const std::vector<SeenAt> seen = seenFrom(c, mast_m);
  if (seen.size() < 2) return;
  const Tracker tracker;
  const double speed = c.plan.airspeed_mps.value_or(kUsualSpeed_mps);
  const std::vector<TrackPoint> track = trackOf(seen, speed, tracker);
  double rate = 0, azimuth = 0, elevation = 0, least = INFINITY;
  for (const TrackPoint& p : track) {
    rate = std::max(rate, p.rate_deg_s);
    azimuth = std::max(azimuth, std::abs(p.azimuth_deg));
    elevation = std::max(elevation, p.elevation_deg);
    least = std::min(least, p.error_deg);
  }
  const Argument of("link", link.id);
  Finding f = finding("tracker-rate", {of,
                                       {"rate", rate, Unit::None},
                                       {"azimuth", azimuth, Unit::Degree},
                                       {"elevation", elevation, Unit::Degree}});
  f.why.push_back(finding("why-tracker", {{"home", tracker.home_error_m, Unit::Metre},
                                          {"height", tracker.height_error_m, Unit::Metre},
                                          {"compass", tracker.compass_error_deg, Unit::Degree},
                                          {"level", tracker.level_error_deg, Unit::Degree},
                                          {"speed", speed, Unit::MetrePerSecond}}));
  out.push_back(std::move(f));
  const auto half = halfBeam_deg(antenna);
  if (!half) return;
  const Argument told("half", *half, Unit::Degree);
  const auto from = aimedFrom_m(track, *half);
  if (from && *from <= track.front().along_m)
    out.push_back(finding("tracker-aims-all", {of, told}));
  else if (from)
    out.push_back(finding("tracker-aims", {of, {"from", *from, Unit::Metre}, told}));
  else
    out.push_back(finding("tracker-errs", {of, {"error", least, Unit::Degree}, told}));
}

}  // namespace

std::vector<Finding> toldTracking(const campaign::Campaign& c) {
  std::vector<Finding> out;
  for (const campaign::Link& link : c.links)
    for (const campaign::Setup& s : c.setups) {
      const campaign::SetupLink* ends = campaign::findEnds(c, s.id, link.id);
      const campaign::Part* antenna = ends ? campaign::groundAntenna(c, link, *ends) : nullptr;
      if (!antenna || ends->pointing != campaign::Pointing::Tracked) continue;
      tell(c, link, *antenna, s.mast_m.value_or(c.station.antenna_height_m), out);
      break;  // others track it alike
    }
  return out;
}

}  // namespace distanz::plan
