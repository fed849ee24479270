#include "core/bench/ground_check.h"

#include <algorithm>

#include "core/finding/error.h"

namespace distanz::bench {
namespace {

/// After less before; none where either was not read.
std::optional<double> since(std::optional<double> before, std::optional<double> after, bool& backwards) {
  if (!after) return std::nullopt;
  const double d = *after - before.value_or(0);
  if (d < 0) backwards = true;
  return d;
}

}  // namespace

GroundResult groundResult(const Counters& before, const Counters& after, double duration_s,
                          const PassRule& rule) {
  requirePositive(duration_s, "duration_s");
  if (!before.fades.empty() && before.fades.size() != after.fades.size())
    throw DomainError("as many antennas before as after");
  GroundResult out;
  out.minutes = duration_s / 60;
  Counters& d = out.happened;
  d.lost_frames = since(before.lost_frames, after.lost_frames, out.counters_ran_backwards);
  d.holds = since(before.holds, after.holds, out.counters_ran_backwards);
  d.received_pct = after.received_pct;
  for (std::size_t i = 0; i < after.fades.size(); ++i)
    d.fades.push_back(*since(before.fades.empty() ? std::nullopt : std::optional(before.fades[i]),
                             after.fades[i], out.counters_ran_backwards));
  out.nothing_counted = d.fades.empty() && !d.lost_frames && !d.holds && !d.received_pct;
  out.only_fades = !d.fades.empty() && !d.lost_frames && !d.holds && !d.received_pct;
  if (out.counters_ran_backwards || out.nothing_counted) {
    out.verdict = GroundVerdict::LookInto;
    return out;
  }
  out.held = d.holds && *d.holds > rule.holds;
  out.lost = d.lost_frames && *d.lost_frames > rule.lost_frames_per_min * out.minutes;
  out.few_received = d.received_pct && *d.received_pct < rule.received_pct;
  if (!d.fades.empty()) {
    const double best = *std::min_element(d.fades.begin(), d.fades.end());
    for (std::size_t i = 0; i < d.fades.size(); ++i) {
      out.fading = out.fading || d.fades[i] > rule.fades_per_min * out.minutes;
      if (d.fades.size() > 1 && d.fades[i] > kWeakLeast * out.minutes && d.fades[i] > kWeakRatio * best)
        out.weak.push_back(i);
    }
  }
  if (out.held || out.lost || out.few_received)
    out.verdict = GroundVerdict::DoNotFly;
  else if (out.fading || out.only_fades)
    out.verdict = GroundVerdict::LookInto;
  return out;
}

}  // namespace distanz::bench
