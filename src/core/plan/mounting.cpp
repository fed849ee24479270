#include "core/plan/mounting.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/campaign/antenna.h"
#include "core/campaign/describe.h"
#include "core/plan/body.h"

namespace distanz::plan {
namespace {

using namespace campaign;
using quantity::Unit;
using Point = Mounting::Point;
using body::inAxes;
using body::kPerDegree;
using body::toward;

Point placeOf(MountPlace place) {
  switch (place) {
    case MountPlace::Nose:
      return {1, 0, 0};
    case MountPlace::Tail:
      return {-1, 0, 0};
    case MountPlace::Left:
      return {0, -1, 0};
    case MountPlace::Right:
      return {0, 1, 0};
    case MountPlace::Top:
      return {0, 0, 1};
    case MountPlace::Bottom:
      return {0, 0, -1};
    case MountPlace::Unsaid:
      break;
  }
  return {};
}

void addPattern(const Part& antenna, const Mount& mount, Mounting& out) {
  const auto pattern = patternOf(antenna, mount.bent);
  if (!pattern || !out.pointed) return;
  for (int a = 0; a < 360; ++a) {
    out.top_db.push_back(pattern->gain_dbi(inAxes(out.axis, toward(a, 0))) - pattern->peak_dbi());
    out.side_db.push_back(
        pattern->gain_dbi(inAxes(out.axis, {std::cos(a * kPerDegree), 0, std::sin(a * kPerDegree)})) -
        pattern->peak_dbi());
  }
  const double ahead = out.top_db[0], aside = std::max(out.top_db[90], out.top_db[270]);
  if (ahead < -10 || aside < -10)
    out.findings.push_back(
        finding("mount-null-level", {{"side", Term{ahead < -10 ? "side-nose" : "side-beside"}}}));
}

bool isDeep(const Mount& mount) {
  return mount.near_carbon || mount.near_battery || mount.inside;
}

void addShade(const Mount& mount, Mounting& out) {
  const auto shade = shadeOf(mount);
  if (!shade) return;
  const bool deep = isDeep(mount);
  const double half = shade->half_deg;
  const Point& to_body = shade->toward;
  if (to_body.ahead != 0 || to_body.right != 0) {
    const double at = std::atan2(to_body.right, to_body.ahead) / kPerDegree;
    out.top_shade = {at - half, at + half, "shade"};
  }
  if (to_body.ahead != 0 || to_body.up != 0) {
    const double at = std::atan2(to_body.up, to_body.ahead) / kPerDegree;
    out.side_shade = {at - half, at + half, "shade"};
  }
  const char* hidden[] = {"", "tail", "nose", "right", "left", "below", "above"};
  const auto place = static_cast<std::size_t>(mount.place);
  out.findings.push_back(finding(deep ? "mount-shaded-deeply" : "mount-shaded",
                                 {{"side", Term{std::string("side-") + hidden[place]}}}));
  if (mount.place == MountPlace::Nose) out.findings.push_back(finding("mount-shades-out"));
  if (mount.place == MountPlace::Tail) out.findings.push_back(finding("mount-shades-back"));
}

}  // namespace

double AirframeShade::most_dbAt(const body::Vector& direction) const {
  return body::dot(direction, toward) > std::cos(half_deg * kPerDegree) ? most_db : 0;
}

std::optional<AirframeShade> shadeOf(const Mount& mount) {
  if (mount.place == MountPlace::Unsaid) return std::nullopt;
  const Point place = placeOf(mount.place);
  const bool deep = isDeep(mount);
  return AirframeShade{{-place.ahead, -place.right, -place.up},
                       deep ? kDeepShade_deg : kShade_deg,
                       deep ? kDeepShadeMost_db : kShadeMost_db};
}

Mounting mountingOf(const Campaign& c, const Link& link, const SetupLink& ends) {
  const Mount& mount = ends.mount;
  Mounting out;
  out.place = placeOf(mount.place);
  out.placed = mount.place != MountPlace::Unsaid;
  out.pointed = mount.azimuth_deg.has_value() || mount.elevation_deg.has_value();
  out.axis = toward(mount.azimuth_deg.value_or(0), mount.elevation_deg.value_or(0));
  if (const Part* antenna = aircraftAntenna(c, link, ends)) addPattern(*antenna, mount, out);
  addShade(mount, out);
  const std::pair<bool, const char*> cautions[] = {{mount.inside && mount.near_carbon, "mount-inside-carbon"},
                                                   {mount.near_carbon && !mount.inside, "mount-near-carbon"},
                                                   {mount.near_battery, "mount-near-battery"},
                                                   {mount.covered, "mount-covered"},
                                                   {mount.bent, "mount-bent"}};
  for (const auto& [is, code] : cautions)
    if (is) out.findings.push_back(finding(code));
  return out;
}

}  // namespace distanz::plan
