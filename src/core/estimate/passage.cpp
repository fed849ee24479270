#include "core/estimate/passage.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/estimate/robust.h"
#include "core/estimate/strata.h"
#include "core/finding/error.h"

namespace distanz::estimate {
namespace {

using dice::Random;

/// Flights are worked on in blocks of one size, which the compiler turns into vector code.
constexpr std::size_t kBlock = 64;
using Block = std::array<float, kBlock>;

std::vector<float> stratifiedNormals(int n, Random& random) {
  const std::vector<double> normals = Strata(random, n).normals();
  return {normals.begin(), normals.end()};
}

/// What of one draw concerns one block of flights.
struct OneBlock {
  const float* place;   // per stretch
  const float* within;  // standard normals, stretch by stretch
  std::size_t stretches, stride;
  float within_sd;
  int least_dip;  // stretches in a row that end the range
};

constexpr std::size_t kLookEvery = 8;  // stretches between two looks whether any flight still holds

// On processors that have them, eight flights at a time; the arithmetic is the same to the last bit.
#if defined(__x86_64__) && defined(__GNUC__) && !defined(__clang__) && !defined(__SANITIZE_ADDRESS__)
#define DISTANZ_WIDEST [[gnu::target_clones("avx2", "default")]]
#else
#define DISTANZ_WIDEST
#endif

/// @tparam kWithGap dips of less than b.least_dip stretches do not count
/// @param headroom level of each flight above the critical one, without its place @return stretches held
template <bool kWithGap>
[[gnu::always_inline]] inline Block held(const OneBlock& b, const Block& headroom) {
  Block alive, until{}, dip{};
  alive.fill(1);
  const auto least = static_cast<float>(b.least_dip);
  for (std::size_t k = 0; k < b.stretches; ++k) {
    const float place = b.place[k];
    const float* within = b.within + k * b.stride;
    for (std::size_t i = 0; i < kBlock; ++i) {
      const float level = headroom[i] + place + b.within_sd * within[i];
      if constexpr (kWithGap) {
        dip[i] = level < 0 ? dip[i] + 1 : 0;
        alive[i] = dip[i] >= least ? 0 : alive[i];
      } else {
        alive[i] = level < 0 ? 0 : alive[i];
      }
      until[i] += alive[i];
    }
    if (k % kLookEvery == 0 && std::all_of(alive.begin(), alive.end(), [](float a) { return a == 0; })) break;
  }
  if constexpr (kWithGap)  // a dip that ends the range began before it was long enough
    for (std::size_t i = 0; i < kBlock; ++i) until[i] -= alive[i] == 0 ? least - 1 : 0;
  return until;
}

DISTANZ_WIDEST Block heldToTheEnd(const OneBlock& b, const Block& headroom) {
  return held<false>(b, headroom);
}
DISTANZ_WIDEST Block heldOverDips(const OneBlock& b, const Block& headroom) {
  return held<true>(b, headroom);
}

/// Where a share of flights still holds: the beginning of the stretch in which more fail than may. Where only
/// some fail in each stretch, their share moves it within half a stretch, so that it does not jump.
double distanceAt(const Stretches& s, const std::vector<int>& failing, int flights, double share) {
  const double wanted = share * flights;
  double holding = flights;
  for (std::size_t k = 0; k < s.count(); ++k) {
    const double after = holding - failing[k];
    if (after < wanted) {
      const double part = (holding - wanted) / (holding - after);
      const double gradual = 1 - (holding - after) / flights;
      return std::max(s.startOf(k) + (part - 0.5) * gradual * defaults::kCellWidth_m, s.start_m);
    }
    holding = after;
  }
  return s.end_m();
}

/// Stretches that end before it.
std::size_t wholeUpTo(const Stretches& s, double along_m) {
  std::size_t whole = 0;
  while (whole < s.count() && s.startOf(whole) + defaults::kCellWidth_m <= along_m) ++whole;
  return whole;
}

std::vector<int> failingIn(const Passage& p, std::size_t draw) {
  std::vector<int> out(p.stretches.count() + 1, 0);
  const auto* first = p.first_failing.data() + draw * static_cast<std::size_t>(p.flights);
  for (int i = 0; i < p.flights; ++i) ++out[first[i]];
  return out;
}

}  // namespace

NewFlights newFlights(std::size_t stretches, double neighbour_correlation, std::uint64_t seed,
                      std::uint64_t day_seed, double day_share, int flights) {
  if (flights < 1 || flights % static_cast<int>(kBlock) != 0)
    throw DomainError("flights in whole blocks of 64");
  NewFlights out;
  out.flights = flights;
  Random shared(day_seed), own(seed);
  out.day = stratifiedNormals(flights, shared);
  if (day_share < 1) {
    const std::vector<float> apart = stratifiedNormals(flights, own);
    const auto with = static_cast<float>(day_share),
               rest = static_cast<float>(std::sqrt(1 - day_share * day_share));
    for (std::size_t i = 0; i < apart.size(); ++i) out.day[i] = with * out.day[i] + rest * apart[i];
  }
  const auto rho = static_cast<float>(neighbour_correlation),
             rest = static_cast<float>(std::sqrt(1 - neighbour_correlation * neighbour_correlation));
  const auto n = static_cast<std::size_t>(flights);
  out.within.resize(n * stretches);
  for (std::size_t k = 0; k < stretches; ++k) {
    const std::vector<float> fresh = stratifiedNormals(flights, own);
    for (std::size_t i = 0; i < n; ++i)
      out.within[k * n + i] = k == 0 ? fresh[i] : rho * out.within[(k - 1) * n + i] + rest * fresh[i];
  }
  return out;
}

Passage passageOf(const PathDraws& d, int setup, const std::vector<double>& level_db,
                  const NewFlights& flights, double farthest_m, double gap_m) {
  if (level_db.size() != static_cast<std::size_t>(d.draws)) throw DomainError("a level per draw");
  const auto n = static_cast<std::size_t>(flights.flights), stretches = d.stretches.count();
  if (flights.within.size() < n * stretches) throw DomainError("flights as long as the path");
  Passage out{d.stretches.upTo(farthest_m), d.draws, flights.flights, {}};
  out.first_failing.resize(n * static_cast<std::size_t>(d.draws));
  const int least = std::max(1, static_cast<int>(std::ceil(gap_m / defaults::kCellWidth_m)));
  for (std::size_t m = 0; m < static_cast<std::size_t>(d.draws); ++m) {
    const std::vector<float> place = d.placesFor(setup, m);
    const auto above = static_cast<float>(level_db[m] - d.critical_dbm[m]);
    const auto flight_sd = static_cast<float>(d.flight_sd_db[m]);
    for (std::size_t first = 0; first < n; first += kBlock) {
      Block headroom;
      for (std::size_t i = 0; i < kBlock; ++i) headroom[i] = above + flight_sd * flights.day[first + i];
      const OneBlock block{place.data(),
                           flights.within.data() + first,
                           out.stretches.count(),
                           n,
                           static_cast<float>(d.within_sd_db[m]),
                           least};
      const Block stretches_held = least > 1 ? heldOverDips(block, headroom) : heldToTheEnd(block, headroom);
      for (std::size_t i = 0; i < kBlock; ++i)
        out.first_failing[m * n + first + i] = static_cast<std::uint16_t>(stretches_held[i]);
    }
  }
  return out;
}

Passage withHindrance(Passage p, const Hindrance& h, std::uint64_t seed) {
  if (h.first_place / defaults::kPlacesOfAPath != p.stretches.first_index / defaults::kPlacesOfAPath)
    return p;
  const double at = std::floor((h.from_m - p.stretches.start_m) / defaults::kCellWidth_m);
  if (!(at < static_cast<double>(p.stretches.count()))) return p;
  const auto stretch = static_cast<std::uint16_t>(std::max(at, 0.0));
  Random random(seed);
  const std::vector<double> share = Strata(
      random, p.draws)([&](double v) { return betaQuantile(v, h.failed + 0.5, h.flights - h.failed + 0.5); });
  const std::vector<double> luck = Strata(random, p.flights)([](double v) { return v; });
  const auto n = static_cast<std::size_t>(p.flights);
  for (std::size_t m = 0; m < share.size(); ++m)
    for (std::size_t i = 0; i < n; ++i)
      if (luck[i] < share[m]) p.first_failing[m * n + i] = std::min(p.first_failing[m * n + i], stretch);
  return p;
}

Passage endedAt(Passage p, double along_m) {
  const std::size_t whole = wholeUpTo(p.stretches, along_m);
  p.stretches.log_distance.resize(std::max<std::size_t>(whole, std::min<std::size_t>(p.stretches.count(), 1)));
  const auto none = static_cast<std::uint16_t>(p.stretches.count());
  for (std::uint16_t& first : p.first_failing) first = std::min(first, none);
  return p;
}

Passage failingAt(Passage p, double along_m) {
  const auto there = static_cast<std::uint16_t>(wholeUpTo(p.stretches, along_m));
  for (std::uint16_t& first : p.first_failing) first = std::min(first, there);
  return p;
}

Passage firstOf(const std::vector<const Passage*>& passages) {
  if (passages.empty()) throw DomainError("passages");
  Passage out = *passages.front();
  for (const Passage* p : passages) {
    if (p->draws != out.draws || p->flights != out.flights) throw DomainError("passages of the same flights");
    // Beyond where one of them was flown nothing is known of them all: what holds to there holds to the end.
    if (p->stretches.count() < out.stretches.count()) out.stretches = p->stretches;
    for (std::size_t i = 0; i < out.first_failing.size(); ++i)
      out.first_failing[i] = std::min(out.first_failing[i], p->first_failing[i]);
  }
  return out;
}

WayRange rangeOf(const Passage& p, double share) {
  WayRange out;
  out.end_m = p.stretches.end_m();
  for (std::size_t m = 0; m < static_cast<std::size_t>(p.draws); ++m)
    out.draws_m.push_back(distanceAt(p.stretches, failingIn(p, m), p.flights, share));
  std::vector<double> rising = out.draws_m;
  std::sort(rising.begin(), rising.end());
  const double tail = (1 - defaults::kConfidence) / 2;
  out.estimate_m = quantileOf(rising, 0.5);
  // No distance is known better than to the stretch in which flights fail.
  constexpr double kHalf_m = defaults::kCellWidth_m / 2;
  out.low_m = std::max(quantileOf(rising, tail) - kHalf_m, p.stretches.start_m);
  const double high = quantileOf(rising, 1 - tail);
  out.high_m = high >= p.stretches.end_m() ? INFINITY : high + kHalf_m;
  out.sure_m = quantileOf(rising, 1 - defaults::kPlanSure);
  return out;
}

Survival survivalOf(const Passage& p) {
  Survival out;
  const std::size_t stretches = p.stretches.count();
  std::vector<std::vector<double>> shares(stretches);
  for (std::size_t m = 0; m < static_cast<std::size_t>(p.draws); ++m) {
    const std::vector<int> failing = failingIn(p, m);
    int holding = p.flights;
    for (std::size_t k = 0; k < stretches; ++k) {
      holding -= failing[k];
      shares[k].push_back(static_cast<double>(holding) / p.flights);
    }
  }
  const double tail = (1 - defaults::kConfidence) / 2;
  for (std::size_t k = 0; k < stretches; ++k) {
    std::sort(shares[k].begin(), shares[k].end());
    out.distance_m.push_back(p.stretches.startOf(k) + defaults::kCellWidth_m / 2);
    out.share.push_back(quantileOf(shares[k], 0.5));
    out.low.push_back(quantileOf(shares[k], tail));
    out.high.push_back(quantileOf(shares[k], 1 - tail));
  }
  return out;
}

}  // namespace distanz::estimate
