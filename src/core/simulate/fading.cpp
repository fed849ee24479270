#include "core/simulate/fading.h"

#include <algorithm>
#include <boost/math/distributions/non_central_chi_squared.hpp>
#include <boost/math/distributions/normal.hpp>
#include <cmath>

#include "core/simulate/scenario.h"

namespace distanz::simulate {
namespace {

constexpr double kStep_db = 0.25;
constexpr double kMostSteps = 4000;  // a curve as steep as all that is smeared by the fading
constexpr double kSlopes = 36;       // of the arrival curve: all or nothing beyond
constexpr int kShares = 100;

double arriving(double level_dbm, const LinkPhysics& p) {
  return 1 / (1 + std::exp(-(level_dbm - p.quality_midpoint_dbm) / p.quality_slope_db));
}

double decibelOf(double power) {
  return 10 * std::log10(std::max(power, 1e-6));
}

/// |h|^2 in units of the scatter's variance.
boost::math::non_central_chi_squared powerOf(double k) {
  return boost::math::non_central_chi_squared(2, 2 * k);
}

}  // namespace

Fading::Fading(const LinkPhysics& p) : m_sd_db(p.fading_sd_db) {
  if (!p.rician_k_db) return;
  m_k = std::pow(10, *p.rician_k_db / 10);
  m_direct = std::sqrt(m_k / (m_k + 1));
  m_scatter_sd = std::sqrt(1 / (2 * (m_k + 1)));
  m_median_db = 10 * std::log10(boost::math::median(powerOf(m_k)) * m_scatter_sd * m_scatter_sd);
}

double Fading::operator()(dice::Random& random) const {
  if (m_scatter_sd == 0) return m_sd_db * random.normal();
  const double re = m_direct + m_scatter_sd * random.normal(), im = m_scatter_sd * random.normal();
  return decibelOf(re * re + im * im) - m_median_db;
}

std::vector<double> Fading::shares(int count) const {
  std::vector<double> out;
  for (int i = 0; i < count; ++i) {
    const double p = (i + 0.5) / count;
    if (m_scatter_sd == 0)
      out.push_back(m_sd_db > 0 ? m_sd_db * boost::math::quantile(boost::math::normal(), p) : 0);
    else
      out.push_back(decibelOf(boost::math::quantile(powerOf(m_k), p) * m_scatter_sd * m_scatter_sd) -
                    m_median_db);
  }
  return out;
}

Arrival::Arrival(const LinkPhysics& p, const Fading& fading) {
  const std::vector<double> fades = fading.shares(kShares);
  m_low_dbm = p.quality_midpoint_dbm - kSlopes * p.quality_slope_db - fades.back();
  const double high = p.quality_midpoint_dbm + kSlopes * p.quality_slope_db - fades.front();
  m_step_db = std::max(std::min(kStep_db, p.quality_slope_db / 4), (high - m_low_dbm) / kMostSteps);
  for (double level = m_low_dbm; level < high + m_step_db; level += m_step_db) {
    double sum = 0;
    for (double fade : fades) sum += arriving(level + fade, p);
    m_share.push_back(sum / kShares);
  }
}

double Arrival::operator()(double level_dbm) const {
  const double at =
      std::clamp((level_dbm - m_low_dbm) / m_step_db, 0.0, static_cast<double>(m_share.size()) - 1);
  const auto i = std::min(static_cast<std::size_t>(at), m_share.size() - 2);
  return m_share[i] + (at - static_cast<double>(i)) * (m_share[i + 1] - m_share[i]);
}

double Readout::next(double level_dbm, const Fading& fading, dice::Random& random) {
  double sum = 0;
  for (int i = 0; i < m_packets; ++i) sum += fading(random);
  m_read.push_back(level_dbm + sum / m_packets);
  if (m_read.size() > m_late_rows + 1) m_read.pop_front();
  return m_read.front();
}

}  // namespace distanz::simulate
