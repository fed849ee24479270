#include "core/log/ear.h"

#include <algorithm>
#include <cmath>
#include <utility>

#include "core/log/quantile.h"

namespace distanz::log {
namespace {

constexpr double kEdge_s = 2;         // what was heard just before and after tells how well it went
constexpr double kFallen = 0.8;       // quality below this share of its best: the link was going
constexpr double kNearLowest_db = 6;  // a signal within this of the lowest heard: likewise

}  // namespace

double usualInterval(const std::vector<double>& time_s, const std::vector<std::size_t>& rows) {
  std::vector<double> intervals;
  for (std::size_t i = 1; i < rows.size(); ++i) intervals.push_back(time_s[rows[i]] - time_s[rows[i - 1]]);
  return intervals.empty() ? 0 : quantile(std::move(intervals), 0.5);
}

Ear::Ear(const Recording& r, const std::string& link, const LinkRows& rows) : m_r(r) {
  for (std::size_t i = 0; i < rows.rows.size(); ++i)
    if (rows.rows[i] == Row::Heard) heard.push_back(i);
  limit_s = std::max(kNothing_s, kUsualIntervals * usualInterval(r.time_s, heard));
  const Values* quality = r.find(linkChannel(link, channel::kQuality));
  Values carried, levels;
  m_carried = sumsOf(quality ? quality : r.find(linkChannel(link, channel::kBitrate)), nullptr, carried);
  m_signal = sumsOf(r.find(linkChannel(link, channel::kRssi)), &rows.signal_impossible, levels);
  m_best = quantile(std::move(carried), 0.9);
  m_lowest = quantile(std::move(levels), 0.1);
}

bool Ear::goingAt(double time_s) const {
  const double carried = meanNear(m_carried, time_s);
  if (std::isfinite(carried) && m_best > 0) return carried < kFallen * m_best;
  return levelNear(time_s) < m_lowest + kNearLowest_db;
}

Ear::Sums Ear::sumsOf(const Values* c, const std::vector<bool>* without, Values& values) const {
  Sums out{{0}, {0}};
  for (std::size_t row : heard) {
    const double v = !c || (without && (*without)[row]) ? NAN : (*c)[row];
    if (std::isfinite(v)) values.push_back(v);
    out.sum.push_back(out.sum.back() + (std::isfinite(v) ? v : 0));
    out.count.push_back(out.count.back() + (std::isfinite(v) ? 1 : 0));
  }
  return out;
}

double Ear::meanNear(const Sums& sums, double time_s) const {
  const auto from = std::lower_bound(heard.begin(), heard.end(), time_s - kEdge_s,
                                     [&](std::size_t row, double t) { return m_r.time_s[row] < t; });
  const auto to = std::upper_bound(from, heard.end(), time_s + kEdge_s,
                                   [&](double t, std::size_t row) { return t < m_r.time_s[row]; });
  const auto first = static_cast<std::size_t>(from - heard.begin()),
             last = static_cast<std::size_t>(to - heard.begin());
  const std::size_t n = sums.count[last] - sums.count[first];
  return n > 0 ? (sums.sum[last] - sums.sum[first]) / static_cast<double>(n) : NAN;
}

}  // namespace distanz::log
