#include "core/log/passes.h"

#include <algorithm>

namespace distanz::log {
namespace {

bool within(const Stretch& s, double along_m) {
  return along_m >= s.from_m && along_m <= s.to_m;
}

/// Closes a pass; none where it led through too little of the stretch.
void keep(std::vector<Pass>& out, Pass pass, const Stretch& stretch, std::span<const double> time_s, std::span<const double> along_m, int& lap) {
  double low = INFINITY, high = -INFINITY, first = NAN, last = NAN;
  for (std::size_t i = pass.begin; i < pass.end; ++i) {
    if (!within(stretch, along_m[i])) continue;
    low = std::min(low, along_m[i]);
    high = std::max(high, along_m[i]);
    if (std::isnan(first)) first = along_m[i];
    last = along_m[i];
  }
  if (!(high - low >= kPassShare * (stretch.to_m - stretch.from_m))) return;
  pass.lap = ++lap;
  pass.out = last >= first;
  pass.begin_s = time_s[pass.begin];
  pass.end_s = time_s[pass.end - 1];
  out.push_back(pass);
}

/// Out and back through a stretch that holds the turn is two passes: they part where it was farthest, or nearest.
void splitAtTurn(std::vector<Pass>& out, const Pass& pass, const Stretch& stretch, std::span<const double> time_s, std::span<const double> along_m,
                 int& lap) {
  const double reach = kPassShare * (stretch.to_m - stretch.from_m);
  Pass piece = pass;
  double extreme = NAN;
  std::size_t at = pass.begin;
  int way = 0;  // +1 going up, -1 going down, 0 not known yet
  double low = INFINITY, high = -INFINITY;
  for (std::size_t i = pass.begin; i < pass.end; ++i) {
    const double a = along_m[i];
    if (!within(stretch, a)) continue;
    low = std::min(low, a);
    high = std::max(high, a);
    if (way == 0) {
      if (a - low >= reach) way = 1;
      if (high - a >= reach) way = -1;
      extreme = a;
      at = i;
    } else if (way * (a - extreme) >= 0) {
      extreme = a;
      at = i;
    } else if (way * (extreme - a) >= reach) {
      piece.end = at + 1;
      keep(out, piece, stretch, time_s, along_m, lap);
      piece.begin = at;
      piece.end = pass.end;
      way = -way;
      extreme = a;
      at = i;
    }
  }
  keep(out, piece, stretch, time_s, along_m, lap);
}

}  // namespace

std::vector<Pass> passesOf(std::span<const double> time_s, std::span<const double> along_m, std::span<const Stretch> stretches) {
  std::vector<Pass> out;
  for (std::size_t s = 0; s < stretches.size(); ++s) {
    int lap = 0;
    std::optional<Pass> open;
    for (std::size_t i = 0; i < time_s.size(); ++i) {
      if (within(stretches[s], along_m[i])) {
        // rows far apart are one pass; what lay elsewhere in between, or nowhere known, ends it
        const bool beside = open && i > open->end;
        if (open && time_s[i] - time_s[open->end - 1] > (beside ? kPassLeft_s : kPassPause_s)) {
          splitAtTurn(out, *open, stretches[s], time_s, along_m, lap);
          open.reset();
        }
        if (!open) open = Pass{s, 0, true, 0, 0, i, i};
        open->end = i + 1;
      }
    }
    if (open) splitAtTurn(out, *open, stretches[s], time_s, along_m, lap);
  }
  std::stable_sort(out.begin(), out.end(), [](const Pass& a, const Pass& b) { return a.begin_s < b.begin_s; });
  return out;
}

PassSeen seenIn(const Pass& pass, const Stretch& stretch, std::span<const double> time_s, std::span<const double> along_m,
                std::span<const double> signal, const std::optional<std::span<const Dropout>>& dropouts) {
  PassSeen out;
  std::vector<double> sums(kProfile, 0);
  std::vector<int> counts(kProfile, 0);
  double sum = 0, second_sum = 0, second = -INFINITY;
  int n = 0, second_n = 0;
  const auto closeSecond = [&] {
    if (second_n > 0) out.worst_second = std::fmin(out.worst_second, second_sum / second_n);
    second_sum = 0;
    second_n = 0;
  };
  for (std::size_t i = pass.begin; !signal.empty() && i < pass.end; ++i) {
    if (!std::isfinite(signal[i]) || !within(stretch, along_m[i])) continue;
    sum += signal[i];
    ++n;
    if (std::floor(time_s[i]) != second) closeSecond();
    second = std::floor(time_s[i]);
    second_sum += signal[i];
    ++second_n;
    const double share = (along_m[i] - stretch.from_m) / (stretch.to_m - stretch.from_m);
    const auto piece = std::min(static_cast<std::size_t>(share * kProfile), kProfile - 1);
    sums[piece] += signal[i];
    ++counts[piece];
  }
  closeSecond();
  if (n > 0) {
    out.mean = sum / n;
    for (std::size_t p = 0; p < kProfile; ++p) out.profile.push_back(counts[p] > 0 ? static_cast<float>(sums[p] / counts[p]) : NAN);
  }
  if (!dropouts || !(pass.end_s > pass.begin_s)) return out;
  double lost_s = 0;
  for (const Dropout& d : *dropouts) {
    lost_s += std::max(std::min(d.end_s, pass.end_s) - std::max(d.begin_s, pass.begin_s), 0.0);
    out.dropouts += d.begin_s >= pass.begin_s && d.begin_s < pass.end_s;
  }
  out.usable_share = 1 - std::min(lost_s / (pass.end_s - pass.begin_s), 1.0);
  return out;
}

}  // namespace distanz::log
