#include "core/radio/pattern.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <complex>
#include <functional>
#include <list>
#include <mutex>
#include <numbers>
#include <utility>
#include <vector>

#include "core/finding/error.h"

namespace distanz::radio {
namespace {

using std::numbers::pi;

constexpr double kFloor = 1e-6;  // of the peak's power
constexpr double kNull_db = 10;

struct Vector {
  double x, y, z;
};

Vector unit(Direction d) {
  const double theta = d.from_axis_deg * pi / 180, phi = d.about_deg * pi / 180;
  return {std::sin(theta) * std::cos(phi), std::sin(theta) * std::sin(phi), std::cos(theta)};
}

/// Radiated power in a direction, to any scale.
using Power = std::function<double(Vector)>;

double dipole(Vector v) {
  const double sine_square = 1 - v.z * v.z;
  if (sine_square < 1e-12) return 0;
  const double field = std::cos(pi / 2 * v.z);
  return field * field / sine_square;
}

/// Field of the standing wave on a quarter-wave arm, seen at cosine u to it: integral of cos s exp(j u s)
/// over a quarter wave.
std::complex<double> quarterWave(double u) {
  using namespace std::complex_literals;
  if (std::abs(1 - u * u) < 1e-9) return {pi / 4, u > 0 ? 0.5 : -0.5};
  return (std::exp(1i * (pi / 2 * u)) - 1i * u) / (1 - u * u);
}

Power bentDipole(double bend_deg) {
  const double half = bend_deg * pi / 360, c = std::cos(half), s = std::sin(half);
  return [c, s](Vector v) {
    // The current runs in along the lower arm and out along the upper one.
    const std::complex<double> up = quarterWave(c * v.x + s * v.z), down = quarterWave(c * v.x - s * v.z);
    const std::complex<double> x = c * (up - down), z = s * (up + down), along = x * v.x + z * v.z;
    return std::norm(x) + std::norm(z) - std::norm(along);
  };
}

double sinc(double x) {
  return std::abs(x) < 1e-9 ? 1 : std::sin(x) / x;
}

Power patch(double permittivity) {
  const double length = 0.49 / std::sqrt(permittivity), width = 0.5 / std::sqrt((permittivity + 1) / 2);
  return [length, width](Vector v) {
    if (v.z <= 0) return 0.0;
    const double slots = sinc(pi * width * v.y) * std::cos(pi * length * v.x), square = slots * slots;
    const double sine_square = v.x * v.x + v.y * v.y;
    if (sine_square < 1e-12) return square;
    return square * (v.x * v.x + v.y * v.y * v.z * v.z) / sine_square;
  };
}

Power helix(const AntennaShape& s) {
  const double n = s.turns, spacing = s.spacing;
  return [n, spacing](Vector v) {
    const double psi = 2 * pi * (spacing * (1 - v.z) + 1 / (2 * n)), below = n * std::sin(psi / 2);
    const double array = std::abs(below) < 1e-9 ? 1 : std::sin(n * psi / 2) / below;
    return array * array * v.z * v.z;
  };
}

/// Mean over the sphere of a beam z^q in front that is nowhere weaker than `least`, its peak being 1.
double meanOfBeam(double q, double least) {
  const double edge = std::pow(least, 1 / q);
  return (least * edge + (1 - std::pow(edge, q + 1)) / (q + 1) + least) / 2;
}

/// The power of the cosine with which a beam has its gain, leak behind and all.
Power yagi(double gain_dbi, double least) {
  const double wanted = std::pow(10, -gain_dbi / 10);
  double low = 1e-6, high = 1e7;
  for (int i = 0; i < 100; ++i) {
    const double middle = std::sqrt(low * high);
    (meanOfBeam(middle, least) > wanted ? low : high) = middle;
  }
  return [q = std::sqrt(low * high)](Vector v) { return v.z <= 0 ? 0.0 : std::pow(v.z, q); };
}

/// The same of its half-power width.
Power beamOfWidth(double width_deg) {
  const double q = std::log(0.5) / std::log(std::cos(width_deg / 2 * pi / 180));
  return [q](Vector v) { return v.z <= 0 ? 0.0 : std::pow(v.z, q); };
}

Power upperHalf(Power whole) {
  return [whole = std::move(whole)](Vector v) { return v.z < 0 ? 0.0 : whole(v); };
}

/// What an antenna sends in its weakest direction, its peak being 1. Nothing leaks so much that a beam could
/// not have its gain.
double leastOf(const AntennaShape& s) {
  switch (s.kind) {
    case AntennaKind::Yagi:
      return std::pow(10, -std::max(s.front_to_back_db, s.width_deg > 0 ? 0 : s.gain_dbi + 3) / 10);
    case AntennaKind::Monopole:
    case AntennaKind::Patch:
      return std::pow(10, -s.front_to_back_db / 10);
    default:
      return kFloor;
  }
}

Power powerOf(const AntennaShape& s) {
  switch (s.kind) {
    case AntennaKind::Dipole:
      return dipole;
    case AntennaKind::BentDipole:
      return bentDipole(s.bend_deg);
    case AntennaKind::Monopole:
      return upperHalf(dipole);
    case AntennaKind::Patch:
      return patch(s.permittivity);
    case AntennaKind::Helix:
      return helix(s);
    case AntennaKind::Yagi:
      return s.width_deg > 0 ? beamOfWidth(s.width_deg) : yagi(s.gain_dbi, leastOf(s));
    case AntennaKind::CircularOmni:
      return [](Vector v) { return 1 - v.z * v.z; };
    case AntennaKind::Isotropic:
      break;
  }
  return [](Vector) { return 1.0; };
}

void check(const AntennaShape& s) {
  if (!(s.bend_deg > 0 && s.bend_deg <= 180)) throw DomainError("0 < bend_deg <= 180");
  if (!(s.permittivity >= 1 && std::isfinite(s.permittivity))) throw DomainError("permittivity >= 1");
  requirePositive(s.turns, "turns");
  requirePositive(s.circumference, "circumference");
  requirePositive(s.spacing, "spacing");
  requirePositive(s.front_to_back_db, "front_to_back_db");
  if (!(s.gain_dbi >= 3.02 && s.gain_dbi < 60)) throw DomainError("3.02 <= gain_dbi < 60");
  if (!(s.width_deg >= 0 && s.width_deg < 180)) throw DomainError("0 <= width_deg < 180");
}

/// Alike all around its axis.
bool isRound(AntennaKind kind) {
  return kind != AntennaKind::Patch && kind != AntennaKind::BentDipole;
}

/// The power in many directions, even over the sphere: midpoints that are even in height cover equal parts of it.
std::vector<double> overSphere(const Power& power, bool round) {
  constexpr int kHeights = 720;
  const int turns = round ? 1 : 144;
  std::vector<double> out;
  out.reserve(std::size_t(kHeights * turns));
  for (int i = 0; i < kHeights; ++i)
    for (int k = 0; k < turns; ++k) {
      const double z = -1 + (2 * i + 1.0) / kHeights, sine = std::sqrt(1 - z * z), phi = 2 * pi * k / turns;
      out.push_back(power({sine * std::cos(phi), sine * std::sin(phi), z}));
    }
  return out;
}

class Computed : public Pattern {
 public:
  explicit Computed(const AntennaShape& s) : m_power(powerOf(s)), m_least(leastOf(s)) {
    const std::vector<double> all = overSphere(m_power, isRound(s.kind));
    m_peak = *std::max_element(all.begin(), all.end());
    // On the axis, and around it, where the peaks lie.
    for (double z : {-1.0, 0.0, 1.0}) m_peak = std::max(m_peak, m_power({std::sqrt(1 - z * z), 0, z}));
    double sum = 0;
    for (const double p : all) sum += std::max(p / m_peak, m_least);
    m_peak_dbi = -10 * std::log10(sum / double(all.size()));
  }
  double gain_dbi(Direction d) const override {
    return m_peak_dbi + 10 * std::log10(std::max(m_power(unit(d)) / m_peak, m_least));
  }
  double peak_dbi() const override { return m_peak_dbi; }

 private:
  Power m_power;
  double m_least, m_peak = 0, m_peak_dbi = 0;
};

/// A plan asks for the same few antennas many times over, and each takes a hundred thousand directions.
class Kept {
 public:
  std::shared_ptr<const Pattern> of(const AntennaShape& shape) {
    if (auto found = find(shape)) return found;
    auto made = std::make_shared<const Computed>(shape);
    const std::scoped_lock lock(m_mutex);
    m_last.push_front({shape, made});
    if (m_last.size() > kMost) m_last.pop_back();
    return made;
  }

 private:
  std::shared_ptr<const Pattern> find(const AntennaShape& shape) {
    const std::scoped_lock lock(m_mutex);
    const auto at = std::find_if(m_last.begin(), m_last.end(), [&](const auto& e) { return e.first == shape; });
    if (at == m_last.end()) return nullptr;
    m_last.splice(m_last.begin(), m_last, at);
    return m_last.front().second;
  }

  static constexpr std::size_t kMost = 64;
  std::mutex m_mutex;
  std::list<std::pair<AntennaShape, std::shared_ptr<const Pattern>>> m_last;  ///< the last asked for first
};

double wrapped(double angle_deg) {
  return std::remainder(angle_deg, 360);
}

}  // namespace

std::shared_ptr<const Pattern> patternOf(const AntennaShape& shape) {
  static Kept kept;
  check(shape);
  return kept.of(shape);
}

double cutGain_dbi(const Pattern& pattern, Cut cut, double angle_deg) {
  const double angle = wrapped(angle_deg);
  if (cut == Cut::Around) return pattern.gain_dbi({90, angle});
  const double plane = cut == Cut::ThroughAxis ? 0 : 90;
  return pattern.gain_dbi({std::abs(angle), angle < 0 ? plane + 180 : plane});
}

CutFacts factsOf(const Pattern& pattern, Cut cut) {
  constexpr int kSteps = 3600;
  std::vector<double> gain;
  for (int i = 0; i < kSteps; ++i) gain.push_back(cutGain_dbi(pattern, cut, -180 + 0.1 * i));
  const auto at = [&](int i) { return gain[static_cast<std::size_t>((i % kSteps + kSteps) % kSteps)]; };
  const auto angle = [](int i) { return wrapped(-180 + 0.1 * i); };
  // The middle of a level top.
  const double top = *std::max_element(gain.begin(), gain.end()) - 1e-6;
  int peak = 0, flat = 0;
  while (at(peak) < top) ++peak;
  while (flat < kSteps && at(peak + flat) >= top) ++flat;
  if (peak == 0)
    while (flat < kSteps && at(peak - 1) >= top) --peak, ++flat;
  peak = flat >= kSteps ? kSteps / 2 : peak + (flat - 1) / 2;

  CutFacts out{at(peak), angle(peak), NAN, at(peak) - at(peak + kSteps / 2), {}};
  const auto edge = [&](int step) {
    for (int i = 0; std::abs(i) < kSteps; i += step)
      if (at(peak + i + step) < at(peak) - kHalfPower_db) {
        const double high = at(peak + i), low = at(peak + i + step);
        return 0.1 * (std::abs(i) + (high - (at(peak) - kHalfPower_db)) / (high - low));
      }
    return static_cast<double>(NAN);
  };
  out.width_deg = edge(1) + edge(-1);
  for (int i = 0; i < kSteps; ++i) {
    if (at(i) > at(peak) - kNull_db || !(at(i) < at(i - 1))) continue;
    int end = i;  // the far end of a level bottom
    while (end < i + kSteps && at(end + 1) == at(i)) ++end;
    if (at(end + 1) > at(i)) out.nulls_deg.push_back(angle((i + end) / 2));
  }
  std::sort(out.nulls_deg.begin(), out.nulls_deg.end());
  return out;
}

}  // namespace distanz::radio
