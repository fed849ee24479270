#include "formats/column_sense.h"

#include <algorithm>
#include <cmath>

#include "core/log/channel.h"
#include "core/log/quantile.h"
#include "core/log/unheard_values.h"
#include "core/quantity/decibel.h"

namespace distanz::formats {
namespace {

using quantity::Unit;
using Values = std::vector<double>;

constexpr double kTopShare = 1.0;                  // a quality that never goes beyond this is told as a share
constexpr double kSentinelShare = 0.05;            // of the rows; what is rarer stands for something else
constexpr double kWeakest = 140, kStrongest = 15;  // dBm without its sign lies between
constexpr double kMostDbm = 36;                    // a number above this is no transmit power in dBm
constexpr double kFollows = 0.5;  // correlation with distance that tells which way a scale runs

const ColumnMatch* matchOf(const std::vector<ColumnMatch>& matches, const std::string& channel) {
  const auto found = std::find_if(matches.begin(), matches.end(),
                                  [&](const ColumnMatch& m) { return m.channel == channel; });
  return found == matches.end() ? nullptr : &*found;
}

template <class Test>
std::size_t countOf(const Values& values, Test test) {
  return static_cast<std::size_t>(
      std::count_if(values.begin(), values.end(), [&](double v) { return std::isfinite(v) && test(v); }));
}

std::size_t known(const Values& values) {
  return countOf(values, [](double) { return true; });
}

/// How far away the aircraft was, up to a factor; empty where the log does not tell.
Values awayness(const log::Recording& r) {
  if (const Values* d = r.find(log::channel::kDistance)) return *d;
  const Values *lat = r.find(log::channel::kLatitude), *lon = r.find(log::channel::kLongitude);
  if (!lat || !lon) return {};
  const auto fixed = [&](std::size_t i) {
    return std::isfinite((*lat)[i]) && std::isfinite((*lon)[i]) && ((*lat)[i] != 0 || (*lon)[i] != 0);
  };
  std::size_t first = 0;
  while (first < r.rows() && !fixed(first)) ++first;
  Values out(r.rows(), NAN);
  for (std::size_t i = first; i < r.rows(); ++i)
    if (fixed(i))
      out[i] = std::hypot((*lat)[i] - (*lat)[first],
                          ((*lon)[i] - (*lon)[first]) * std::cos((*lat)[first] * M_PI / 180));
  return out;
}

/// Of those numbers that may be levels with distance.
double correlation(const Values& a, const Values& b) {
  double n = 0, sa = 0, sb = 0, saa = 0, sbb = 0, sab = 0;
  for (std::size_t i = 0; i < std::min(a.size(), b.size()); ++i) {
    if (!std::isfinite(b[i]) || !(a[i] >= kStrongest && a[i] <= kWeakest)) continue;
    ++n, sa += a[i], sb += b[i], saa += a[i] * a[i], sbb += b[i] * b[i], sab += a[i] * b[i];
  }
  const double of_a = saa - sa * sa / n, of_b = sbb - sb * sb / n;
  return n > 2 && of_a > 0 && of_b > 0 ? (sab - sa * sb / n) / std::sqrt(of_a * of_b) : 0;
}

/// Numbers as large as dBm would be without their sign; 0 and what receivers write for nothing aside.
bool looksUnsigned(const Values& values) {
  const std::size_t like = countOf(values, [](double v) { return v >= kStrongest && v <= kWeakest; });
  return like > 0 && countOf(values, [](double v) { return v < 0; }) == 0 && 2 * like > known(values);
}

class Sense {
 public:
  Sense(log::Recording& r, const std::vector<ColumnMatch>& matches)
      : m_r(r), m_matches(matches), m_away(awayness(r)) {}

  std::vector<Finding> take() {
    for (std::size_t i = 0; i < m_r.columns.size();) {
      const std::string_view name = log::nameWithoutLink(m_r.columns[i].channel);
      bool keep = true;
      if (name == log::channel::kQuality) keep = quality(m_r.columns[i]);
      if (name == log::channel::kRssi) keep = signal(m_r.columns[i]);
      if (name == log::channel::kLevel) level(m_r.columns[i]);
      if (name == log::channel::kPower) keep = power(m_r.columns[i]);
      if (keep)
        ++i;
      else
        m_r.columns.erase(m_r.columns.begin() + static_cast<std::ptrdiff_t>(i));
    }
    return std::move(m_told);
  }

 private:
  void tell(const char* code, const log::Column& c, std::vector<Argument> more = {}) {
    more.insert(more.begin(), {"channel", c.channel});
    m_told.push_back(finding(code, std::move(more)));
  }

  bool quality(log::Column& c) {
    Values& values = c.values;
    const std::size_t all = known(values),
                      above = countOf(values, [](double v) { return v > log::kTopQuality_pct; });
    // A link that is all but dead says 0 and 1 too, where the column says that it is in %.
    const ColumnMatch* match = matchOf(m_matches, c.channel);
    const bool believed = match && quantity::unitSpelt(match->unit, quantity::Dimension::Percent) &&
                          countOf(values, [](double v) { return v != std::floor(v); }) == 0;
    if (!believed && countOf(values, [](double v) { return v > 0; }) > 0 &&
        countOf(values, [](double v) { return v > kTopShare; }) == 0) {
      for (double& v : values) v *= 100;
      tell("quality-as-share", c);
    } else if (static_cast<double>(above) > kSentinelShare * static_cast<double>(all)) {
      double one = NAN;
      for (double v : values)
        if (v > log::kTopQuality_pct) one = v;
      // One value only stands for nothing heard, beside others; several are a scale.
      if (above == all ||
          countOf(values, [&](double v) { return v > log::kTopQuality_pct && v != one; }) > 0) {
        tell("quality-scale-unknown", c,
             {{"highest",
               *std::max_element(values.begin(), values.end(),
                                 [](double a, double b) {
                                   return (std::isfinite(a) ? a : -INFINITY) <
                                          (std::isfinite(b) ? b : -INFINITY);
                                 }),
               Unit::None}});
        return false;
      }
    }
    return true;
  }

  bool signal(log::Column& c) {
    if (looksUnsigned(c.values)) {
      if (correlation(c.values, m_away) < -kFollows) {
        const std::string link = c.channel.substr(0, c.channel.size() - log::channel::kRssi.size());
        const std::string as_scale = link + std::string(log::channel::kLevel);
        tell("signal-scale-unknown", c);
        if (m_r.find(as_scale)) return false;
        c.channel = as_scale;
        return true;
      }
      negate(c);
    }
    const auto stuck = log::onlyValue(c.values);
    if (!stuck || !othersMeasured(c.channel)) return true;
    tell("signal-stuck", c, {{"value", *stuck, Unit::None}});
    return false;
  }

  /// A column without a unit that grows with distance as a signal falls is one without its sign.
  void level(log::Column& c) {
    const std::string link = c.channel.substr(0, c.channel.size() - log::channel::kLevel.size());
    const std::string as_signal = link + std::string(log::channel::kRssi);
    if (!m_r.find(as_signal) && looksUnsigned(c.values) && correlation(c.values, m_away) > kFollows) {
      c.channel = as_signal;
      negate(c);
    } else {
      tell("signal-scale-unknown", c);
    }
  }

  void negate(log::Column& c) {
    for (double& v : c.values)
      if (v >= kStrongest && v <= kWeakest) v = -v;
    tell("signal-without-sign", c);
  }

  bool power(log::Column& c) {
    const ColumnMatch* match = matchOf(m_matches, c.channel);
    if (!match || !needsUnit(*match)) return true;
    if (countOf(c.values, [](double v) { return v > kMostDbm; }) > 0) return true;  // mW, then
    tell("power-unit-unknown", c, {{"column", match->header}});
    return false;
  }

  bool othersMeasured(const std::string& but) const {
    return std::any_of(m_r.columns.begin(), m_r.columns.end(), [&](const log::Column& c) {
      const log::ChannelInfo* about = log::channelInfo(c.channel);
      return c.channel != but && about && !about->rule.empty();
    });
  }

  log::Recording& m_r;
  const std::vector<ColumnMatch>& m_matches;
  Values m_away;
  std::vector<Finding> m_told;
};

}  // namespace

std::vector<Finding> makeSense(log::Recording& recording, const std::vector<ColumnMatch>& matches) {
  return Sense(recording, matches).take();
}

}  // namespace distanz::formats
