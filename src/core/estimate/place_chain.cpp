#include "core/estimate/place_chain.h"

#include <algorithm>
#include <cmath>

namespace distanz::estimate {

PlaceChain::PlaceChain(const std::vector<double>& distance_m, double place_var, double length_m,
                       const std::vector<double>& noise_var)
    : m_step(distance_m.size(), 0),
      m_gain(m_step),
      m_surprise(m_step),
      m_filtered(m_step),
      m_back(m_step),
      m_sd(m_step) {
  double predicted = place_var;
  for (std::size_t k = 0; k < m_step.size(); ++k) {
    if (k > 0) {
      m_step[k] = std::exp(-std::abs(distance_m[k] - distance_m[k - 1]) / length_m);
      predicted = m_step[k] * m_step[k] * m_filtered[k - 1] + (1 - m_step[k] * m_step[k]) * place_var;
    }
    m_gain[k] = std::isfinite(noise_var[k]) && predicted > 0 ? predicted / (predicted + noise_var[k]) : 0;
    if (m_gain[k] > 0) m_surprise[k] = std::sqrt(predicted + noise_var[k]);
    m_filtered[k] = (1 - m_gain[k]) * predicted;
  }
  for (std::size_t k = 0; k < m_step.size(); ++k) {
    const bool last = k + 1 == m_step.size();
    const double next = last ? 0 : m_step[k + 1];
    const double ahead = next * next * m_filtered[k] + (1 - next * next) * place_var;
    m_back[k] = last || !(ahead > 0) ? 0 : m_filtered[k] * next / ahead;
    m_sd[k] = std::sqrt(std::max(m_filtered[k] * (1 - m_back[k] * next), 0.0));
  }
}

void PlaceChain::filter(const std::vector<double>& seen) {
  m_mean.resize(seen.size());
  for (std::size_t k = 0; k < seen.size(); ++k) {
    const double predicted = k > 0 ? m_step[k] * m_mean[k - 1] : 0;
    m_mean[k] = predicted + (m_gain[k] > 0 ? m_gain[k] * (seen[k] - predicted) : 0);
  }
}

void PlaceChain::draw(std::vector<double>& seen, dice::Random& random) {
  filter(seen);
  for (std::size_t k = seen.size(); k-- > 0;) {
    double mean = m_mean[k];
    if (k + 1 < seen.size()) mean += m_back[k] * (seen[k + 1] - m_step[k + 1] * m_mean[k]);
    seen[k] = mean + m_sd[k] * random.normal();
  }
}

void PlaceChain::smooth(std::vector<double>& seen) {
  filter(seen);
  for (std::size_t k = seen.size(); k-- > 0;) {
    double mean = m_mean[k];
    if (k + 1 < seen.size()) mean += m_back[k] * (seen[k + 1] - m_step[k + 1] * m_mean[k]);
    seen[k] = mean;
  }
}

std::vector<double> PlaceChain::innovations(const std::vector<double>& seen) {
  filter(seen);
  std::vector<double> out(seen.size(), 0);
  for (std::size_t k = 0; k < seen.size(); ++k)
    if (m_gain[k] > 0) out[k] = (seen[k] - (k > 0 ? m_step[k] * m_mean[k - 1] : 0)) / m_surprise[k];
  return out;
}

std::vector<double> PlaceChain::variance() const {
  std::vector<double> out(m_sd.size());
  for (std::size_t k = out.size(); k-- > 0;)
    out[k] = m_sd[k] * m_sd[k] + (k + 1 < out.size() ? m_back[k] * m_back[k] * out[k + 1] : 0);
  return out;
}

}  // namespace distanz::estimate
