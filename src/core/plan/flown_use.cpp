#include "core/plan/flown_use.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <vector>

#include "core/plan/energy.h"

namespace distanz::plan {
namespace {

constexpr double kMoving_mps = 2, kFastest_mps = 100, kStraight = 0.8, kLongestGap_s = 5, kLeast_s = 30,
                 kLeastLeg_s = 10, kStill_mps = 0.2;

/// What was drawn between two rows, mAh; NaN where it is not told.
class Charge {
 public:
  explicit Charge(const log::Recording& r) : m_used(r.find("used_mah")), m_current(r.find("current_a")) {}
  double between(std::size_t i, double dt_s) const {
    if (m_used && std::isfinite((*m_used)[i]) && std::isfinite((*m_used)[i - 1])) {
      const double step = (*m_used)[i] - (*m_used)[i - 1];
      return step >= 0 ? step : NAN;  // counted anew
    }
    return m_current && std::isfinite((*m_current)[i]) ? (*m_current)[i] * dt_s / 3.6 : NAN;
  }

 private:
  const std::vector<double>*m_used, *m_current;
};

double medianOf(std::vector<double> v) {
  if (v.empty()) return NAN;
  std::nth_element(v.begin(), v.begin() + std::ptrdiff_t(v.size() / 2), v.end());
  return v[v.size() / 2];
}

struct Legs {
  std::vector<double> out_mps, back_mps, all_mps;
  double out_s = 0, back_s = 0, moved_s = 0;
  double used_mah = 0, used_s = 0;
  double east_m = 0, north_m = 0;  ///< sum of the ways out
};

Legs legsOf(const log::Recording& r, const course::Course& course) {
  const auto *lat = r.find(log::channel::kLatitude), *lon = r.find(log::channel::kLongitude);
  Legs out;
  if (!lat || !lon) return out;
  const Charge charge(r);
  std::optional<course::Flat> before;
  std::size_t last = 0;
  for (std::size_t i = 0; i < r.rows(); ++i) {
    if (!std::isfinite((*lat)[i]) || !std::isfinite((*lon)[i]) || ((*lat)[i] == 0 && (*lon)[i] == 0))
      continue;
    const course::Flat here = course.flat({(*lat)[i], (*lon)[i]});
    const double dt = r.time_s[i] - r.time_s[last];
    if (before && dt > 0 && dt <= kLongestGap_s) {
      const double way = course::apart_m(*before, here), speed = way / dt;
      if (speed >= kMoving_mps && speed <= kFastest_mps) {
        const double outward = course::apart_m({}, here) - course::apart_m({}, *before);
        out.all_mps.push_back(speed);
        out.moved_s += dt;
        if (outward > kStraight * way) {
          out.out_mps.push_back(speed);
          out.out_s += dt;
          out.east_m += here.east_m - before->east_m;
          out.north_m += here.north_m - before->north_m;
        }
        if (outward < -kStraight * way) {
          out.back_mps.push_back(speed);
          out.back_s += dt;
        }
        if (const double used = i == last + 1 ? charge.between(i, dt) : NAN; std::isfinite(used)) {
          out.used_mah += used;
          out.used_s += dt;
        }
      }
    }
    before = here;
    last = i;
  }
  return out;
}

}  // namespace

std::optional<FlownUse> flownUse(const log::Recording& recording, const course::Course& course) {
  const Legs legs = legsOf(recording, course);
  if (legs.moved_s < kLeast_s) return std::nullopt;
  FlownUse out;
  out.flown_s = legs.moved_s;
  out.airspeed_mps = medianOf(legs.all_mps);
  if (legs.out_s >= kLeastLeg_s && legs.back_s >= kLeastLeg_s) {
    const WindAlong wind = windOfLegs(medianOf(legs.out_mps), medianOf(legs.back_mps));
    out.airspeed_mps = wind.airspeed_mps;
    const double outward_deg = std::atan2(legs.east_m, legs.north_m) * 180 / std::numbers::pi;
    out.wind_mps = std::abs(wind.along_mps) < kStill_mps ? 0 : std::abs(wind.along_mps);
    out.wind_from_deg = std::fmod(outward_deg + (wind.along_mps > 0 ? 180 : 0) + 360, 360.0);
  }
  if (legs.used_s >= kLeast_s && legs.used_mah > 0)
    out.use_mah_km = legs.used_mah / (legs.used_s * out.airspeed_mps) * 1000;
  return out;
}

}  // namespace distanz::plan
