#include "support/worlds/world.h"

#include <algorithm>
#include <cmath>
#include <complex>
#include <numbers>

namespace distanz::test {
namespace {

constexpr double kTableStep_db = 0.25, kTableHalf_db = 40;
constexpr double kSpeedOfLight = 299792458;

double arrivingAt(double level_dbm, const WorldLink& link) {
  return 1 / (1 + std::exp(-(level_dbm - link.midpoint_dbm) / link.slope_db));
}

double rule(const WorldLink& link) {
  return link.rule == Rule::Quality ? kRuleQuality_pct / 100 : 0.5;
}

/// Power of the direct and the reflected wave over that of the direct one, dB.
double twoRay_db(const TwoRay& ray, double frequency_mhz, double d) {
  const double k = 2 * std::numbers::pi * frequency_mhz * 1e6 / kSpeedOfLight;
  const double direct = std::hypot(d, ray.aircraft_m - ray.station_m),
               bounced = std::hypot(d, ray.aircraft_m + ray.station_m);
  const std::complex<double> sum =
      1.0 - ray.reflection * direct / bounced * std::exp(std::complex<double>(0, -k * (bounced - direct)));
  return 20 * std::log10(std::abs(sum));
}

}  // namespace

std::vector<double> correlated(dice::Random& random, double sd, double length_m) {
  std::vector<double> out(static_cast<std::size_t>(kEnd_m / kGrid_m) + 1);
  const double rho = std::exp(-kGrid_m / length_m), rest = std::sqrt(1 - rho * rho);
  out[0] = random.normal();
  for (std::size_t i = 1; i < out.size(); ++i) out[i] = rho * out[i - 1] + rest * random.normal();
  for (double& v : out) v *= sd;
  return out;
}

Ground groundOf(const World& world, dice::Random& random) {
  return {correlated(random, world.place_sd_db, world.place_length_m)};
}

double highestPower_db(const World& w) {
  return w.automatic_power_db.value_or(0);
}

double meanLevel(const World& w, const WorldLink& link, int setup, const Ground& ground, double d) {
  d = std::clamp(d, 1.0, kEnd_m - kGrid_m);
  const double decades = std::log10(d / 1000);
  double level = link.level_dbm[setup] - (10 * w.exponent + link.falls_more_db[setup]) * decades;
  level += ground.place_db[static_cast<std::size_t>(std::lround(d / kGrid_m))];
  if (w.two_ray) level += twoRay_db(*w.two_ray, link.frequency_mhz, d);
  if (w.dip && d > w.dip->from_m && d < w.dip->to_m)
    level -=
        w.dip->depth_db * std::sin(std::numbers::pi * (d - w.dip->from_m) / (w.dip->to_m - w.dip->from_m));
  return level;
}

double shownOf(const World& w, double level_dbm) {
  constexpr double kTop = 99;
  const double above = level_dbm - w.scale_zero_dbm;
  const auto rounded = [](double v, double top) { return std::clamp(std::round(v), 0.0, top); };
  switch (w.scale) {
    case Scale::None: return level_dbm;
    case Scale::Linear: return rounded(w.scale_units * above, kTop);
    case Scale::Saturating: return rounded(kTop * (1 - std::exp(-std::max(above, 0.0) / w.scale_bend_db)), kTop);
    case Scale::Logistic: return rounded(kTop / (1 + std::exp(-(above - 2.5 * w.scale_bend_db) / w.scale_bend_db)), kTop);
    case Scale::Bars: return rounded(w.bars * above / 50, w.bars);
  }
  return level_dbm;
}

double fade(dice::Random& random, double k_db) {
  const double k = std::pow(10, k_db / 10), s = std::sqrt(1 / (2 * (k + 1)));
  const double i = std::sqrt(k / (k + 1)) + s * random.normal(), q = s * random.normal();
  return 10 * std::log10(i * i + q * q);
}

Radio::Radio(const World& world, const WorldLink& link) : m_world(world), m_link(link) {
  dice::Random random(11);
  constexpr int kFades = 4000;
  std::vector<double> fades, readings;
  for (int i = 0; i < kFades; ++i) fades.push_back(fade(random, world.rice_k_db));
  for (int i = 0; i + world.packets_in_reading <= kFades; i += world.packets_in_reading) {
    double sum = 0;
    for (int p = 0; p < world.packets_in_reading; ++p) sum += fades[static_cast<std::size_t>(i + p)];
    readings.push_back(sum / world.packets_in_reading);
  }
  for (double r : readings) m_mean += r / static_cast<double>(readings.size());
  for (double r : readings) m_sd += (r - m_mean) * (r - m_mean) / static_cast<double>(readings.size());
  m_sd = std::sqrt(m_sd);
  std::nth_element(readings.begin(), readings.begin() + static_cast<long>(readings.size() / 2),
                   readings.end());
  m_reads_above = readings[readings.size() / 2];
  for (double off = -kTableHalf_db; off <= kTableHalf_db; off += kTableStep_db) {
    double sum = 0;
    for (double f : fades) sum += arrivingAt(link.midpoint_dbm + off + f, link);
    m_arriving.push_back(sum / kFades);
  }
}

double Radio::arriving(double level_dbm) const {
  const double at = std::clamp((level_dbm - m_link.midpoint_dbm + kTableHalf_db) / kTableStep_db, 0.0,
                               static_cast<double>(m_arriving.size()) - 1.001);
  const auto i = static_cast<std::size_t>(at);
  return m_arriving[i] + (at - static_cast<double>(i)) * (m_arriving[i + 1] - m_arriving[i]);
}

double Radio::critical_dbm() const {
  if (m_link.rule == Rule::Level) return kRuleLevel_dbm;
  if (m_link.rule == Rule::Bitrate)  // 50, 25, 12, 6: below 20 from the second step down
    return m_link.steps->top_dbm - m_link.steps->step_db + m_reads_above;
  double low = m_link.midpoint_dbm - 30, high = m_link.midpoint_dbm + 30;
  for (int i = 0; i < 60; ++i) {
    const double middle = (low + high) / 2;
    (arriving(middle) < rule(m_link) ? low : high) = middle;
  }
  return low + m_reads_above;
}

double Stepping::next(double level) {
  constexpr double kRates[] = {50, 25, 12, 6};
  const auto down = [&](int step) { return m_steps.top_dbm - m_steps.step_db * step; };
  while (m_step < 3 && level < down(m_step)) ++m_step;
  while (m_step > 0 && level > down(m_step - 1) + m_steps.hysteresis_db) --m_step;
  return kRates[m_step];
}

double trueDelta(const World& w, std::size_t link, double d) {
  const WorldLink& l = w.links[link];
  return l.level_dbm[0] - l.level_dbm[1] - (l.falls_more_db[0] - l.falls_more_db[1]) * std::log10(d / 1000);
}

namespace {

/// Whether one stretch keeps one link's rule.
class Keeps {
 public:
  Keeps(const World& world, const WorldLink& link)
      : m_link(link), m_radio(world, link), m_stepping(link.steps.value_or(Steps{})) {}
  void start(bool in_patch) {
    m_in_patch = in_patch;
    m_stepping = Stepping(m_link.steps.value_or(Steps{}));
  }
  /// @param levels of the stretch, every kGrid_m, from the first one on
  bool operator()(const std::vector<double>& levels, double from_m, dice::Random& random) {
    double sum = 0, at = from_m + kGrid_m / 2;
    const double n = static_cast<double>(levels.size());
    for (double level : levels) {
      const bool hit = m_in_patch && m_link.patch && at > m_link.patch->from_m && at < m_link.patch->to_m;
      at += kGrid_m;
      if (m_link.rule == Rule::Level) sum += level + m_radio.readsAbove_db();
      if (m_link.rule == Rule::Bitrate)
        sum += m_stepping.next(level + m_radio.steppingMean_db() +
                               m_radio.steppingSd_db() * random.normal()) >= kRuleBitrate_mbps;
      if (m_link.rule == Rule::Quality) sum += m_radio.arriving(level) * (hit ? m_link.patch->quality : 1);
    }
    return sum / n >= (m_link.rule == Rule::Level ? kRuleLevel_dbm : rule(m_link));
  }

 private:
  const WorldLink& m_link;
  Radio m_radio;
  Stepping m_stepping;
  bool m_in_patch = false;
};

}  // namespace

WayTruth truthOf(const World& w, const Ground& ground, int setup, std::optional<std::size_t> only,
                 std::uint64_t seed, int flights) {
  dice::Random random(seed);
  std::vector<double> reached;
  constexpr auto kPer = static_cast<std::size_t>(kStretch_m / kGrid_m);
  std::vector<std::vector<double>> mean;
  std::vector<Keeps> keeps;
  for (const WorldLink& link : w.links) {
    keeps.emplace_back(w, link);
    mean.emplace_back();
    for (double d = 0; d < kEnd_m; d += kGrid_m)
      mean.back().push_back(meanLevel(w, link, setup, ground, d + kGrid_m / 2) + highestPower_db(w));
  }
  const double rho = std::exp(-kGrid_m / w.within_length_m), rest = std::sqrt(1 - rho * rho);
  std::vector<double> levels(kPer), within(kPer);
  for (int f = 0; f < flights; ++f) {
    double day = random.normal();
    if (w.wild_days) {
      const double chi =
          std::pow(random.normal(), 2) + std::pow(random.normal(), 2) + std::pow(random.normal(), 2);
      day /= std::sqrt(chi);  // t with 3 df over sqrt 3: unit variance
    }
    day *= std::hypot(w.flight_sd_db, w.paired ? kPairedOffset_db : 0);
    double state = random.normal();
    const bool patch = random.uniform() < (w.links[0].patch ? w.links[0].patch->flights : 0);
    for (Keeps& k : keeps) k.start(patch);
    double at = 0, post_m = 0;
    bool holds = true;
    for (std::size_t k = 0; holds && at + kStretch_m < kEnd_m - kStretch_m;
         ++k, at += holds ? kStretch_m : 0) {
      for (double& v : within) {
        v = std::hypot(w.within_sd_db, w.paired ? kPairedWithin_db : 0) * state;
        state = rho * state + rest * random.normal();
      }
      if (w.called_every_m) {
        post_m = std::ceil(at / *w.called_every_m) * *w.called_every_m;
        if (post_m >= at + kStretch_m) continue;
      }
      for (std::size_t l = 0; l < w.links.size(); ++l) {
        if (only && *only != l) continue;
        for (std::size_t i = 0; i < kPer; ++i) levels[i] = mean[l][k * kPer + i] + day + within[i];
        if (w.called_every_m) {  // one second of flight
          const auto i = static_cast<std::size_t>((post_m - at) / kGrid_m);
          levels.assign(3, mean[l][k * kPer + i] + day + within[i]);
        }
        const bool kept = keeps[l](levels, at, random);
        holds = holds && (kept || at < kNear_m);
        levels.resize(kPer);
      }
    }
    reached.push_back(w.called_every_m && !holds ? post_m - random.uniform() * *w.called_every_m : at);
  }
  std::sort(reached.begin(), reached.end());
  return {reached[reached.size() / 2], reached[reached.size() / 20]};
}

}  // namespace distanz::test
