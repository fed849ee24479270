#include "core/radio/diffraction.h"

#include <algorithm>
#include <cmath>

#include "core/finding/error.h"
#include "core/radio/path_loss.h"

namespace distanz::radio {
namespace {

constexpr double kClear = -0.78;  // below it an edge costs nothing

/// The profile as straight rays see it: the earth's bulge put on the ground.
struct Bulged {
  const Profile& p;
  double wavelength_m, bulge_per_m2;

  double reach_m() const { return p.distance_m.back(); }
  double top_m(std::size_t i) const {
    const double d = p.distance_m[i];
    return p.top_m[i] + bulge_per_m2 * d * (reach_m() - d);
  }
};

/// How deep an edge stands in the ray between two points.
double edge(const Bulged& b, double d, double top, double from_d, double from_m, double to_d, double to_m) {
  const double d1 = d - from_d, d2 = to_d - d;
  const double above = top - (from_m * d2 + to_m * d1) / (d1 + d2);
  return above * std::sqrt(2 * (d1 + d2) / (b.wavelength_m * d1 * d2));
}

struct Worst {
  double v = -INFINITY;
  std::size_t at = 0;
};

/// The worst edge strictly between two points of the profile, of the heights there.
Worst worstEdge(const Bulged& b, std::size_t from, double from_m, std::size_t to, double to_m) {
  Worst out;
  for (std::size_t i = from + 1; i < to; ++i) {
    const double v = edge(b, b.p.distance_m[i], b.top_m(i), b.p.distance_m[from], from_m, b.p.distance_m[to], to_m);
    if (v > out.v) out = {v, i};
  }
  return out;
}

double bullington_db(const Bulged& b, const Worst& worst) {
  const Profile& p = b.p;
  const double reach = b.reach_m(), straight = (p.last_m - p.first_m) / reach;
  double out = -INFINITY, back = -INFINITY;
  for (std::size_t i = 1; i + 1 < p.distance_m.size(); ++i) {
    out = std::max(out, (b.top_m(i) - p.first_m) / p.distance_m[i]);
    back = std::max(back, (b.top_m(i) - p.last_m) / (reach - p.distance_m[i]));
  }
  double v = worst.v;
  if (out >= straight) {  // beyond the horizon: where both horizons' rays meet
    const double at = (p.last_m - p.first_m + back * reach) / (out + back);
    v = edge(b, at, p.first_m + out * at, 0, p.first_m, reach, p.last_m);
  }
  const double one = knifeEdgeLoss_db(v);
  return one + (1 - std::exp(-one / 6)) * (10 + 0.02 * reach / 1000);
}

double deygout_db(const Bulged& b, const Worst& worst) {
  if (worst.v <= kClear) return 0;
  const double top = b.top_m(worst.at), main = knifeEdgeLoss_db(worst.v);
  const double before = worstEdge(b, 0, b.p.first_m, worst.at, top).v,
               behind = worstEdge(b, worst.at, top, b.p.distance_m.size() - 1, b.p.last_m).v;
  return main + (1 - std::exp(-main / 6)) *
                    (knifeEdgeLoss_db(before) + knifeEdgeLoss_db(behind) + 10 + 0.04 * b.reach_m() / 1000);
}

}  // namespace

double knifeEdgeLoss_db(double v) {
  if (!(v > kClear)) return 0;
  return 6.9 + 20 * std::log10(std::sqrt((v - 0.1) * (v - 0.1) + 1) + v - 0.1);
}

Obstruction obstruction(const Profile& profile, double frequency_mhz, Diffraction method,
                        double earth_factor) {
  requirePositive(earth_factor, "earth_factor");
  const std::size_t n = profile.distance_m.size();
  if (n < 2 || profile.top_m.size() != n || profile.distance_m[0] != 0)
    throw DomainError("a profile of two points and more, from 0");
  for (std::size_t i = 1; i < n; ++i)
    if (!(profile.distance_m[i] > profile.distance_m[i - 1])) throw DomainError("rising distances");
  const Bulged b{profile, wavelength_m(frequency_mhz), 1 / (2 * earth_factor * kEarthRadius_m)};
  const Worst worst = worstEdge(b, 0, profile.first_m, n - 1, profile.last_m);
  if (!std::isfinite(worst.v)) return {};
  const double loss = method == Diffraction::Bullington ? bullington_db(b, worst) : deygout_db(b, worst);
  return {loss, worst.v, profile.distance_m[worst.at]};
}

}  // namespace distanz::radio
