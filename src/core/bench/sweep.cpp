#include "core/bench/sweep.h"

#include <algorithm>
#include <cmath>

#include "core/finding/error.h"
#include "core/radio/mismatch.h"

namespace distanz::bench {
namespace {

void check(const Sweep& s) {
  if (s.frequency_mhz.empty() || s.frequency_mhz.size() != s.s11.size())
    throw DomainError("a sweep with a reflection at each frequency");
}

Match matchOfPoint(const Sweep& s, std::size_t i) {
  return matchOf(s.frequency_mhz[i], s.s11[i]);
}

/// Where the magnitude between two points crosses a limit.
double crossing_mhz(const Sweep& s, std::size_t i, double limit) {
  const double a = std::abs(s.s11[i]), b = std::abs(s.s11[i + 1]);
  const double part = a == b ? 0 : std::clamp((limit - a) / (b - a), 0.0, 1.0);
  return s.frequency_mhz[i] + part * (s.frequency_mhz[i + 1] - s.frequency_mhz[i]);
}

/// Between point i and the next nothing was swept: a step far wider than those beside it.
bool gapAfter(const Sweep& s, std::size_t i) {
  constexpr double kWider = 4;
  const auto& f = s.frequency_mhz;
  if (i + 1 >= f.size() || f.size() < 4) return false;
  const double before = i > 0 ? f[i] - f[i - 1] : 0, behind = i + 2 < f.size() ? f[i + 2] - f[i + 1] : 0;
  return f[i + 1] - f[i] > kWider * std::max(before, behind);
}

std::optional<Match> nearest(const std::vector<Match>& all, double frequency_mhz) {
  const auto found = std::min_element(all.begin(), all.end(), [&](const Match& a, const Match& b) {
    return std::abs(a.frequency_mhz - frequency_mhz) < std::abs(b.frequency_mhz - frequency_mhz);
  });
  return found == all.end() ? std::nullopt : std::optional(*found);
}

}  // namespace

Match matchOf(double frequency_mhz, std::complex<double> gamma) {
  const double r = std::abs(gamma);
  return {frequency_mhz,
          gamma,
          r,
          radio::vswr(r),
          radio::returnLoss_db(r),
          radio::acceptedShare(r),
          radio::mismatchLoss_db(r)};
}

Match bestMatch(const Sweep& s) {
  check(s);
  const auto best = std::min_element(s.s11.begin(), s.s11.end(),
                                     [](auto a, auto b) { return std::norm(a) < std::norm(b); });
  return matchOfPoint(s, static_cast<std::size_t>(best - s.s11.begin()));
}

std::optional<Match> matchAt(const Sweep& s, double frequency_mhz) {
  check(s);
  const auto& f = s.frequency_mhz;
  if (!(frequency_mhz >= f.front() && frequency_mhz <= f.back())) return std::nullopt;
  const auto next = static_cast<std::size_t>(std::lower_bound(f.begin(), f.end(), frequency_mhz) - f.begin());
  if (next == 0) return matchOf(frequency_mhz, s.s11.front());
  if (frequency_mhz < f[next] && gapAfter(s, next - 1)) return std::nullopt;
  const double part = (frequency_mhz - f[next - 1]) / (f[next] - f[next - 1]);
  return matchOf(frequency_mhz, s.s11[next - 1] + part * (s.s11[next] - s.s11[next - 1]));
}

std::vector<MatchBand> bandsBelow(const Sweep& s, double vswr) {
  check(s);
  if (!(vswr > 1)) throw DomainError("vswr > 1");
  const double limit = radio::reflection(vswr);
  const auto below = [&, square = limit * limit](std::size_t i) { return std::norm(s.s11[i]) <= square; };
  const std::size_t n = s.s11.size();
  std::vector<MatchBand> out;
  for (std::size_t i = 0; i < n; ++i) {
    if (!below(i)) continue;
    MatchBand band{s.frequency_mhz[i], 0, i == 0 || gapAfter(s, i - 1), false, matchOfPoint(s, i)};
    if (!band.from_start) band.low_mhz = crossing_mhz(s, i - 1, limit);
    std::size_t last = i;
    std::size_t best = i;
    for (; last + 1 < n && below(last + 1) && !gapAfter(s, last); ++last)
      if (std::norm(s.s11[last + 1]) < std::norm(s.s11[best])) best = last + 1;
    band.best = matchOfPoint(s, best);
    band.to_end = last + 1 == n || gapAfter(s, last);
    band.high_mhz = band.to_end ? s.frequency_mhz[last] : crossing_mhz(s, last, limit);
    out.push_back(band);
    i = last;
  }
  return out;
}

std::vector<Match> resonances(const Sweep& s) {
  check(s);
  constexpr double kProminence_db = 1;
  const double factor = std::pow(10, kProminence_db / 10);  // of the power, up to the ridge beside it
  std::vector<Match> out;
  double least = INFINITY, most = 0;
  std::size_t at = 0;
  bool falling = true;
  for (std::size_t i = 0; i < s.s11.size(); ++i) {
    const double r = std::norm(s.s11[i]);
    if (falling) {
      if (r < least) least = r, at = i;
      if (r > least * factor && r > 0) {
        out.push_back(matchOfPoint(s, at));
        falling = false;
        most = r;
      }
    } else {
      most = std::max(most, r);
      if (r * factor < most) falling = true, least = r, at = i;
    }
  }
  // At the ends of a sweep a curve has no lowest point of its own.
  if (!out.empty() && out.front().frequency_mhz == s.frequency_mhz.front()) out.erase(out.begin());
  std::stable_sort(out.begin(), out.end(),
                   [](const Match& a, const Match& b) { return a.reflection < b.reflection; });
  return out;
}

Sweep referredTo(const Sweep& s, double ohm) {
  requirePositive(ohm, "ohm");
  if (!s.s21.empty()) throw DomainError("one port");
  Sweep out = s;
  out.reference_ohm = ohm;
  if (ohm == s.reference_ohm) return out;
  // (z - 1) / (z + 1) with z = R (1 + gamma) / (1 - gamma) / ohm, without a pole at gamma = 1.
  for (std::complex<double>& gamma : out.s11) {
    const std::complex<double> z = s.reference_ohm * (1.0 + gamma), y = ohm * (1.0 - gamma);
    gamma = (z - y) / (z + y);
  }
  return out;
}

Sweep toldFor(const Sweep& sweep, double reference_ohm) {
  return sweep.has_phase && sweep.s21.empty() ? referredTo(sweep, reference_ohm) : sweep;
}

std::optional<SweepChange> changeBetween(const Sweep& before, const Sweep& after, double channel_mhz) {
  const auto was = matchAt(before, channel_mhz), is = matchAt(after, channel_mhz);
  if (!was || !is) return std::nullopt;
  SweepChange out;
  out.before_loss_db = was->mismatch_loss_db;
  out.after_loss_db = is->mismatch_loss_db;
  if (std::isfinite(out.before_loss_db)) out.loss_db = out.after_loss_db - out.before_loss_db;
  const auto from = nearest(resonances(before), channel_mhz);
  if (!from) return out;
  // The same resonance is the one nearest to where it was.
  if (const auto to = nearest(resonances(after), from->frequency_mhz)) {
    out.from_mhz = from->frequency_mhz;
    out.to_mhz = to->frequency_mhz;
    out.shift_mhz = out.to_mhz - out.from_mhz;
  }
  return out;
}

std::optional<GripMove> gripMove(const Sweep& free, const Sweep& held, double low_mhz, double high_mhz) {
  check(free);
  std::optional<GripMove> out;
  for (std::size_t i = 0; i < free.s11.size(); ++i) {
    const double f = free.frequency_mhz[i];
    if (f < low_mhz || f > high_mhz) continue;
    const auto there = matchAt(held, f);
    if (!there) continue;
    const double moved = free.has_phase && held.has_phase
                             ? std::abs(there->gamma - free.s11[i])
                             : std::abs(there->reflection - std::abs(free.s11[i]));
    if (!out || moved > out->moved)
      out = {f, moved, radio::vswr(std::abs(free.s11[i])), there->vswr, moved > kGripMoves};
  }
  return out;
}

}  // namespace distanz::bench
