#include "core/plan/mounting.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/campaign/antenna.h"
#include "core/campaign/describe.h"

namespace distanz::plan {
namespace {

using namespace campaign;
using quantity::Unit;
using Point = Mounting::Point;

constexpr double kPerDegree = std::numbers::pi / 180;

double dot(const Point& a, const Point& b) {
  return a.ahead * b.ahead + a.right * b.right + a.up * b.up;
}
Point cross(const Point& a, const Point& b) {
  return {a.right * b.up - a.up * b.right, a.up * b.ahead - a.ahead * b.up,
          a.ahead * b.right - a.right * b.ahead};
}
Point unit(const Point& a) {
  const double n = std::sqrt(dot(a, a));
  return {a.ahead / n, a.right / n, a.up / n};
}
Point toward(double azimuth_deg, double elevation_deg) {
  const double a = azimuth_deg * kPerDegree, e = elevation_deg * kPerDegree;
  return {std::cos(e) * std::cos(a), std::cos(e) * std::sin(a), std::sin(e)};
}

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

/// A direction of the airframe in the antenna's own axes; it is bent or fed toward the nose, or upward where
/// it points there itself.
radio::Direction inAxes(const Point& axis, const Point& direction) {
  const Point reference = std::abs(axis.ahead) < 0.9 ? Point{1, 0, 0} : Point{0, 0, 1};
  const Point side = unit(cross(axis, reference)), front = cross(side, axis);
  return {std::acos(std::clamp(dot(direction, axis), -1.0, 1.0)) / kPerDegree,
          std::atan2(dot(direction, side), dot(direction, front)) / kPerDegree};
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

void addShade(const Mount& mount, Mounting& out) {
  if (!out.placed) return;
  const bool deep = mount.near_carbon || mount.near_battery || mount.inside;
  const double half = deep ? kDeepShade_deg : kShade_deg;
  const Point to_body{-out.place.ahead, -out.place.right, -out.place.up};
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
