#pragma once
#include <optional>
#include <vector>

namespace distanz::bench {

/// One reading at a marginal place, with the part on or off.
struct SwapReading {
  bool on = false;
  double value = 0;  ///< dB, dBm, percent or bars: more is better
};

struct SwapResult {
  std::size_t on = 0, off = 0;      ///< readings
  double difference = 0;            ///< mean on less mean off
  std::optional<double> low, high;  ///< 95 % (Welch) where there are two of each
  double p = 1;  ///< two-sided: share of all ways to tell on from off among the readings whose difference is
                 ///< no smaller
  double least_p = 1;               ///< the smallest that so many readings can give
  bool clear = false;               ///< p <= kSwapLevel
  bool can_be_clear = false;        ///< least_p <= kSwapLevel
  std::optional<int> swaps_needed;  ///< of each, for a difference as large and readings as scattered to come
                                    ///< out clear in four of five tests; none where nothing can be said
};
constexpr double kSwapLevel = 0.05;
constexpr std::size_t kMostSwapReadings = 26;  ///< so many can be told apart in every way (10.4 million)
constexpr int kMostSwaps = 200;

/// The exact permutation test. Source: R. A. Fisher, The Design of Experiments (1935), chapter 3; E. J. G.
/// Pitman, J. R. Statist. Soc. Suppl. 4, 119-130 (1937). @return none without a reading of each
/// @throws DomainError for more than kMostSwapReadings, or a value that is not finite
std::optional<SwapResult> swapResult(const std::vector<SwapReading>& readings);

/// Readings of each that the test must have at least, whatever comes: 4.
int leastSwaps();

}  // namespace distanz::bench
