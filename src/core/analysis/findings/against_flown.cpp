#include "core/analysis/findings/against_flown.h"

#include <algorithm>
#include <cmath>

namespace distanz::analysis {
namespace {

using quantity::Unit;

constexpr double kNear_m = 100;  ///< nearer the pattern of both antennas rules, not the law of the path
constexpr double kAlike_db = 3;

double predictedAt(const plan::Prediction& p, double distance_m) {
  const auto next = std::lower_bound(p.distance_m.begin(), p.distance_m.end(), distance_m);
  if (next == p.distance_m.begin()) return p.received_dbm.front();
  if (next == p.distance_m.end()) return NAN;
  const auto i = std::size_t(next - p.distance_m.begin());
  const double share = (distance_m - p.distance_m[i - 1]) / (p.distance_m[i] - p.distance_m[i - 1]);
  return p.received_dbm[i - 1] + share * (p.received_dbm[i] - p.received_dbm[i - 1]);
}

}  // namespace

std::vector<AgainstFlown> againstFlown(const plan::Planned& planned, const Answers& answers) {
  std::vector<AgainstFlown> out;
  for (const plan::Prediction& p : planned.predictions) {
    if (p.link != planned.link) continue;
    for (const SetupOnLink& s : answers.setups) {
      if (s.setup != p.setup || s.link != p.link) continue;
      AgainstFlown a{p.setup, 0, 0, 0, 0, 0};
      int n = 0;
      for (std::size_t i = 0; i < s.curve.distance_m.size(); ++i) {
        const double d = s.curve.distance_m[i], there = predictedAt(p, d);
        if (d < kNear_m || !std::isfinite(there)) continue;
        if (n++ == 0) a.from_m = d;
        a.to_m = d;
        a.off_db += s.curve.level_dbm[i] - there;
        a.low_db += s.curve.low_dbm[i] - there;
        a.high_db += s.curve.high_dbm[i] - there;
      }
      if (n == 0 || !std::isfinite(a.low_db + a.high_db)) continue;
      for (double* sum : {&a.off_db, &a.low_db, &a.high_db}) *sum /= n;
      out.push_back(std::move(a));
    }
  }
  return out;
}

std::vector<Finding> toldAgainstFlown(const plan::Planned& planned, const Answers& answers) {
  const auto all = againstFlown(planned, answers);
  std::vector<Finding> out;
  double least = INFINITY, most = -INFINITY;
  for (const AgainstFlown& a : all) {
    least = std::min(least, a.off_db);
    most = std::max(most, a.off_db);
  }
  for (const AgainstFlown& a : all) {
    const bool as_told = a.low_db <= 0 && a.high_db >= 0;
    Finding f = finding(as_told        ? "flown-as-predicted"
                        : a.off_db > 0 ? "flown-above"
                                       : "flown-below",
                        {{"setup", a.setup},
                         {"link", planned.link},
                         {"off", std::abs(a.off_db), Unit::Decibel},
                         {"low", a.low_db, Unit::Decibel},
                         {"high", a.high_db, Unit::Decibel},
                         {"from", a.from_m, Unit::Metre},
                         {"to", a.to_m, Unit::Metre}},
                        {"setup", a.setup});
    if (!as_told)
      f.why.push_back(finding(all.size() > 1 && most - least < kAlike_db ? "why-all-off" : "why-one-off"));
    out.push_back(std::move(f));
  }
  return out;
}

}  // namespace distanz::analysis
