#include "core/radio/diffraction.h"

#include <algorithm>
#include <cmath>

#include "core/finding/error.h"
#include "core/radio/path_loss.h"
#include "core/radio/rounded.h"

namespace distanz::radio {
namespace {

constexpr double kClear = -0.78;  // below it an edge costs nothing
constexpr double kOneHill_m = 250;  // what lies farther apart is not told to be one top (section 4.4.1)
constexpr int kMostLooks = 16;    // for another hill, past bumps of the same one

/// The profile as straight rays see it: the earth's bulge put on the ground, and what stands beside the line
/// under it, as far below the ray as it is from it.
struct Bulged {
  const Profile& p;
  double wavelength_m;
  std::vector<double> top_m;

  Bulged(const Profile& profile, double wave_m, double bulge_per_m2) : p(profile), wavelength_m(wave_m), top_m(profile.top_m) {
    for (std::size_t i = 0; i < top_m.size(); ++i) {
      const double d = p.distance_m[i];
      top_m[i] += bulge_per_m2 * d * (reach_m() - d);
      if (const double beside = p.besideAt_m(i); beside > 0) {
        const double ray = std::lerp(p.first_m, p.last_m, d / reach_m());
        top_m[i] = ray - std::hypot(beside, std::max(ray - top_m[i], 0.0));
      }
    }
  }
  double reach_m() const { return p.distance_m.back(); }
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

/// Points of the profile, or an antenna over one of its ends.
struct End {
  std::size_t at;
  double height_m;
};

double edgeAt(const Bulged& b, std::size_t i, const End& from, const End& to) {
  return edge(b, b.p.distance_m[i], b.top_m[i], b.p.distance_m[from.at], from.height_m, b.p.distance_m[to.at], to.height_m);
}

/// The worst edge strictly between two points of the profile, of the heights there.
Worst worstEdge(const Bulged& b, const End& from, const End& to) {
  Worst out;
  for (std::size_t i = from.at + 1; i < to.at; ++i)
    if (const double v = edgeAt(b, i, from, to); v > out.v) out = {v, i};
  return out;
}

/// Whether the ground between two edges falls so far that each stands by itself.
bool valleyBetween(const Bulged& b, std::size_t one, std::size_t other) {
  const std::size_t from = std::min(one, other), to = std::max(one, other);
  for (std::size_t i = from + 1; i < to; ++i)
    if (edgeAt(b, i, {from, b.top_m[from]}, {to, b.top_m[to]}) <= kClear) return true;
  return false;
}

/// The worst edge on another hill than that of `top`, between it and an antenna; what belongs to its own hill is
/// passed over.
double beyondHill(const Bulged& b, std::size_t top, End antenna) {
  const End crest{top, b.top_m[top]};
  const bool before = antenna.at < top;
  std::size_t nearest = top;  // what lies between it and the top is of its hill
  for (int look = 0; look < kMostLooks; ++look) {
    Worst worst;
    const std::size_t from = before ? antenna.at + 1 : nearest + 1, to = before ? nearest : antenna.at;
    for (std::size_t i = from; i < to; ++i)
      if (const double v = before ? edgeAt(b, i, antenna, crest) : edgeAt(b, i, crest, antenna); v > worst.v) worst = {v, i};
    if (worst.v <= kClear) return worst.v;
    if (valleyBetween(b, worst.at, top)) return worst.v;
    nearest = worst.at;
  }
  return -INFINITY;
}

/// Of the parabolas through a top and a place on either side of it, down to a Fresnel radius lower as the line
/// between the antennas sees it, the sharpest; 0 where the next places are too far away to tell.
double radiusOf(const Bulged& b, std::size_t top) {
  const std::vector<double>& d = b.p.distance_m;
  const auto below = [&](std::size_t i) {
    return std::lerp(b.p.first_m, b.p.last_m, (d[i] - d[top]) / b.reach_m()) - b.p.first_m + b.top_m[top] - b.top_m[i];
  };
  const double d1 = d[top], d2 = b.reach_m() - d1, zone_m = std::sqrt(b.wavelength_m * d1 * d2 / (d1 + d2));
  double out = INFINITY;
  if (b.p.besideAt_m(top) > 0) return 0;
  for (std::size_t k = 1; k < top && top + k + 1 < d.size(); ++k) {
    const std::size_t l = top - k, r = top + k;
    if (d[l + 1] - d[l] > kOneHill_m || d[r] - d[r - 1] > kOneHill_m) break;
    const double slopes = below(l) / (d[top] - d[l]) + below(r) / (d[r] - d[top]);
    if (slopes > 0) out = std::min(out, (d[r] - d[l]) / (2 * slopes));
    if (below(l) > zone_m || below(r) > zone_m) break;
  }
  return std::isfinite(out) ? out : 0;
}

double bullington_db(const Bulged& b, const Worst& worst) {
  const Profile& p = b.p;
  const double reach = b.reach_m(), straight = (p.last_m - p.first_m) / reach;
  double out = -INFINITY, back = -INFINITY;
  for (std::size_t i = 1; i + 1 < p.distance_m.size(); ++i) {
    out = std::max(out, (b.top_m[i] - p.first_m) / p.distance_m[i]);
    back = std::max(back, (b.top_m[i] - p.last_m) / (reach - p.distance_m[i]));
  }
  double v = worst.v;
  if (out >= straight) {  // beyond the horizon: where both horizons' rays meet
    const double at = (p.last_m - p.first_m + back * reach) / (out + back);
    v = edge(b, at, p.first_m + out * at, 0, p.first_m, reach, p.last_m);
  }
  const double one = knifeEdgeLoss_db(v);
  return one + (1 - std::exp(-one / 6)) * (10 + 0.02 * reach / 1000);
}

double deygout_db(const Bulged& b, const Worst& worst, double frequency_mhz) {
  if (worst.v <= kClear) return 0;
  const double sharp = knifeEdgeLoss_db(worst.v), d1 = b.p.distance_m[worst.at], d2 = b.reach_m() - d1;
  const double height = worst.v / std::sqrt(2 * (d1 + d2) / (b.wavelength_m * d1 * d2));
  const double rounded = roundedLoss_db(d1, d2, height, radiusOf(b, worst.at), frequency_mhz) * std::min(sharp / knifeEdgeLoss_db(0), 1.0);
  const double others = knifeEdgeLoss_db(beyondHill(b, worst.at, {0, b.p.first_m})) +
                        knifeEdgeLoss_db(beyondHill(b, worst.at, {b.p.distance_m.size() - 1, b.p.last_m}));
  const double correction = (1 - std::exp(-others / 6)) * (10 + 0.04 * b.reach_m() / 1000);
  return sharp + rounded + (1 - std::exp(-sharp / 6)) * (others + correction);
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
  if (!profile.beside_m.empty() && profile.beside_m.size() != n) throw DomainError("as many beside as distances");
  const Bulged b(profile, wavelength_m(frequency_mhz), 1 / (2 * earth_factor * kEarthRadius_m));
  const Worst worst = worstEdge(b, {0, profile.first_m}, {n - 1, profile.last_m});
  if (!std::isfinite(worst.v)) return {};
  const double loss = method == Diffraction::Bullington ? bullington_db(b, worst) : deygout_db(b, worst, frequency_mhz);
  return {loss, worst.v, profile.distance_m[worst.at]};
}

}  // namespace distanz::radio
