#include "core/bench/turntable.h"

#include <Eigen/QR>
#include <algorithm>
#include <cmath>
#include <map>

#include "core/finding/error.h"
#include "core/radio/pattern.h"

namespace distanz::bench {
namespace {

constexpr std::size_t kLeastAngles = 5;
constexpr double kBehind_deg = 15, kMain_db = 10, kLobe_db = 1, kDeep_db = 12;
constexpr double kWholeTurnGap_deg = 45;  // between neighbours of a turn that goes all around

/// Mean level at each angle, -180..180 (180 counts as -180), rising.
class Circle {
 public:
  explicit Circle(const std::vector<TurnReading>& readings) {
    std::map<double, std::pair<double, int>> sums;
    for (const TurnReading& r : readings) {
      requireFinite(r.angle_deg, "angle_deg");
      requireFinite(r.level_db, "level_db");
      double at = std::remainder(r.angle_deg, 360);
      if (at == 180) at = -180;
      sums[at].first += r.level_db;
      ++sums[at].second;
    }
    for (const auto& [at, s] : sums) {
      m_angle.push_back(at);
      m_level.push_back(s.first / s.second);
    }
  }
  std::size_t count() const { return m_angle.size(); }
  std::size_t highest() const {
    return static_cast<std::size_t>(std::max_element(m_level.begin(), m_level.end()) - m_level.begin());
  }
  /// Angle and level of a reading so many steps on, the angle counted on past the seam.
  double angle(std::ptrdiff_t i) const {
    const auto n = static_cast<std::ptrdiff_t>(count());
    const std::ptrdiff_t turns = i >= 0 ? i / n : -((-i + n - 1) / n);
    return m_angle[static_cast<std::size_t>(i - turns * n)] + 360.0 * static_cast<double>(turns);
  }
  double level(std::ptrdiff_t i) const {
    const auto n = static_cast<std::ptrdiff_t>(count());
    return m_level[static_cast<std::size_t>((i % n + n) % n)];
  }
  bool joined(std::ptrdiff_t i) const { return angle(i + 1) - angle(i) <= kWholeTurnGap_deg; }

  /// Straight between readings; NaN across a gap.
  double at(double angle_deg) const {
    double wanted = std::remainder(angle_deg, 360);
    const auto next = std::lower_bound(m_angle.begin(), m_angle.end(), wanted);
    const auto k = static_cast<std::ptrdiff_t>(next - m_angle.begin());
    if (next != m_angle.end() && *next == wanted) return level(k);
    if (!joined(k - 1)) return NAN;
    const double low = angle(k - 1), part = (wanted - low) / (angle(k) - low);
    return level(k - 1) + part * (level(k) - level(k - 1));
  }
  /// How far from an angle, to one side, until the level falls below a limit; NaN across a gap first, 180
  /// where it never does.
  double fallsAfter(double from_deg, double limit_db, int side) const {
    double before = at(from_deg);
    for (double off = 0.25; off <= 180; off += 0.25) {
      const double now = near(from_deg + side * off, limit_db);
      if (!std::isfinite(now)) return NAN;
      if (now < limit_db) return before > now ? off - 0.25 * (limit_db - now) / (before - now) : off;
      before = now;
    }
    return 180;
  }

  /// As at(), but curved by four readings where the level crosses a limit: a beam is round, and straight lines between
  /// its readings lie inside of it.
  double near(double angle_deg, double limit_db) const {
    const double wanted = std::remainder(angle_deg, 360);
    const auto k = std::lower_bound(m_angle.begin(), m_angle.end(), wanted) - m_angle.begin();
    if ((level(k - 1) > limit_db) == (level(k) > limit_db)) return at(angle_deg);
    double sum = 0;
    for (std::ptrdiff_t i = k - 2; i <= k + 1; ++i) {
      if (level(i) < limit_db - kDeep_db || (i < k + 1 && !joined(i))) return at(angle_deg);
      double weight = level(i);
      for (std::ptrdiff_t j = k - 2; j <= k + 1; ++j)
        if (j != i) weight *= (wanted - angle(j)) / (angle(i) - angle(j));
      sum += weight;
    }
    return sum;
  }

 private:
  std::vector<double> m_angle, m_level;
};

/// A parabola through what was read of the beam down to half its power, by least squares: one reading, or
/// three, would move it by their noise.
void findPeak(const Circle& c, Turn& out) {
  const auto top = static_cast<std::ptrdiff_t>(c.highest());
  out.peak_deg = c.angle(top);
  out.peak_db = c.level(top);
  std::ptrdiff_t first = top, last = top;
  const auto most = static_cast<std::ptrdiff_t>(c.count()) / 2;
  const double half = out.peak_db - radio::kHalfPower_db;
  while (top - first < most && c.joined(first - 1) && c.level(first - 1) >= half) --first;
  while (last - top < most && c.joined(last) && c.level(last + 1) >= half) ++last;
  if (last - first < 2) {  // a beam narrower than its readings: with both neighbours
    if (!c.joined(top - 1) || !c.joined(top)) return;
    first = top - 1, last = top + 1;
  }
  const auto n = last - first + 1;
  const double scale = std::max(c.angle(last) - c.angle(first), 1e-9);
  Eigen::MatrixX3d x(n, 3);
  Eigen::VectorXd y(n);
  for (std::ptrdiff_t i = 0; i < n; ++i) {
    const double at = (c.angle(first + i) - out.peak_deg) / scale;
    x.row(i) << 1, at, at * at;
    y[i] = c.level(first + i) - out.peak_db;
  }
  const Eigen::Vector3d fit = x.colPivHouseholderQr().solve(y);
  const double at = -fit[1] / (2 * fit[2]);
  if (!(fit[2] < 0) || !(std::abs(at) <= 1)) return;
  out.peak_db += fit[0] + fit[1] * at / 2;
  out.peak_deg = std::remainder(out.peak_deg + at * scale, 360);
}

void findLobes(const Circle& c, Turn& out) {
  for (std::ptrdiff_t i = 0; i < static_cast<std::ptrdiff_t>(c.count()); ++i) {
    if (!c.joined(i - 1) || !c.joined(i) || c.level(i) < c.level(i - 1) || c.level(i) <= c.level(i + 1))
      continue;
    // A lobe stands kLobe_db above the lower ground on both sides.
    bool stands = true;
    for (int side : {-1, 1}) {
      std::ptrdiff_t k = i;
      while (std::abs(k - i) < static_cast<std::ptrdiff_t>(c.count()) && c.level(k) <= c.level(i) &&
             c.level(k) > c.level(i) - kLobe_db)
        k += side;
      stands = stands && c.level(k) <= c.level(i) - kLobe_db;
    }
    const double off = std::remainder(c.angle(i) - out.peak_deg, 360);
    if (stands && i != static_cast<std::ptrdiff_t>(c.highest()))
      out.lobes.push_back({off, out.peak_db - c.level(i)});
  }
  std::stable_sort(out.lobes.begin(), out.lobes.end(),
                   [](const Lobe& a, const Lobe& b) { return a.below_db < b.below_db; });
}

/// Left less right of the main lobe.
double asymmetry_db(const Circle& c, const Turn& t) {
  double square = 0;
  int n = 0;
  for (double off = 5; off <= 90; off += 5) {
    const double left = c.at(t.peak_deg - off), right = c.at(t.peak_deg + off);
    if (!std::isfinite(left) || !std::isfinite(right) || std::max(left, right) < t.peak_db - kMain_db) break;
    square += (left - right) * (left - right);
    ++n;
  }
  return n > 0 ? std::sqrt(square / n) : NAN;
}

/// Of the angle that was come back to with most in between.
std::optional<double> zeroDrift_db(const std::vector<TurnReading>& readings) {
  std::optional<double> out;
  std::size_t longest = 1;
  for (std::size_t i = 0; i < readings.size(); ++i)
    for (std::size_t k = readings.size() - 1; k > i + longest; --k)
      if (std::remainder(readings[k].angle_deg - readings[i].angle_deg, 360) == 0) {
        longest = k - i;
        out = readings[k].level_db - readings[i].level_db;
        break;
      }
  return out;
}

}  // namespace

std::optional<Turn> turnOf(const std::vector<TurnReading>& readings,
                           const std::optional<TurnReference>& reference) {
  const Circle c(readings);
  if (c.count() < kLeastAngles) return std::nullopt;
  Turn out;
  findPeak(c, out);
  const double half = out.peak_db - radio::kHalfPower_db;
  const double left = c.fallsAfter(out.peak_deg, half, -1), right = c.fallsAfter(out.peak_deg, half, 1);
  out.width_deg = left < 180 && right < 180 ? left + right : NAN;
  out.front_to_back_db = NAN;
  const double behind = std::remainder(out.peak_deg + 180, 360);
  double nearest = kBehind_deg;
  for (std::ptrdiff_t i = 0; i < static_cast<std::ptrdiff_t>(c.count()); ++i)
    nearest = std::min(nearest, std::abs(std::remainder(c.angle(i) - behind, 360)));
  if (nearest < kBehind_deg) out.front_to_back_db = out.peak_db - c.at(behind);
  findLobes(c, out);
  out.asymmetry_db = asymmetry_db(c, out);
  out.zero_drift_db = zeroDrift_db(readings);
  if (reference) out.gain_dbi = out.peak_db - reference->level_db + reference->gain_dbi;
  out.reflections_suspected =
      out.asymmetry_db > kReflections_db || std::abs(out.zero_drift_db.value_or(0)) > kReflections_db;
  return out;
}

double usableAngle_deg(const std::vector<TurnReading>& readings, double spare_db) {
  if (!(spare_db >= 0)) throw DomainError("spare_db >= 0");
  const auto turn = turnOf(readings);
  if (!turn) return NAN;
  const Circle c(readings);
  return c.fallsAfter(turn->peak_deg, turn->peak_db - spare_db, -1) +
         c.fallsAfter(turn->peak_deg, turn->peak_db - spare_db, 1);
}

}  // namespace distanz::bench
