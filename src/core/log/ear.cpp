#include "core/log/ear.h"

#include <algorithm>
#include <cmath>

namespace distanz::log {
namespace {

constexpr double kEdge_s = 2;         // what was heard just before and after tells how well it went
constexpr double kFallen = 0.8;       // quality below this share of its best: the link was going
constexpr double kNearLowest_db = 6;  // a signal within this of the lowest heard: likewise

double quantile(std::vector<double> values, double p) {
  if (values.empty()) return NAN;
  const auto at =
      values.begin() + static_cast<std::ptrdiff_t>(std::lround(p * static_cast<double>(values.size() - 1)));
  std::nth_element(values.begin(), at, values.end());
  return *at;
}

}  // namespace

double usualInterval(const std::vector<double>& time_s, const std::vector<std::size_t>& rows) {
  std::vector<double> intervals;
  for (std::size_t i = 1; i < rows.size(); ++i) intervals.push_back(time_s[rows[i]] - time_s[rows[i - 1]]);
  return intervals.empty() ? 0 : quantile(std::move(intervals), 0.5);
}

Ear::Ear(const Recording& r, const std::string& link, const LinkRows& rows)
    : m_r(r),
      m_quality(r.find(linkChannel(link, channel::kQuality))),
      m_bitrate(r.find(linkChannel(link, channel::kBitrate))),
      m_signal(r.find(linkChannel(link, channel::kRssi))),
      m_impossible(rows.signal_impossible) {
  for (std::size_t i = 0; i < rows.rows.size(); ++i)
    if (rows.rows[i] == Row::Heard) heard.push_back(i);
  limit_s = std::max(kNothing_s, kUsualIntervals * usualInterval(r.time_s, heard));
  m_best = quantile(known(carriedBy()), 0.9);
  m_lowest = m_signal ? quantile(known(m_signal), 0.1) : NAN;
}

bool Ear::goingAt(double time_s) const {
  const double carried = meanNear(carriedBy(), time_s);
  if (std::isfinite(carried) && m_best > 0) return carried < kFallen * m_best;
  return levelNear(time_s) < m_lowest + kNearLowest_db;
}

Ear::Values Ear::known(const Values* c) const {
  Values out;
  for (std::size_t row : heard)
    if (c && std::isfinite(valueAt(c, row))) out.push_back(valueAt(c, row));
  return out;
}

double Ear::meanNear(const Values* c, double time_s) const {
  if (!c) return NAN;
  const auto at = [&](double t) {
    return std::lower_bound(heard.begin(), heard.end(), t,
                            [&](std::size_t row, double s) { return m_r.time_s[row] < s; });
  };
  double sum = 0;
  int n = 0;
  for (auto i = at(time_s - kEdge_s); i != heard.end() && m_r.time_s[*i] <= time_s + kEdge_s; ++i)
    if (const double v = valueAt(c, *i); std::isfinite(v)) sum += v, ++n;
  return n > 0 ? sum / n : NAN;
}

}  // namespace distanz::log
