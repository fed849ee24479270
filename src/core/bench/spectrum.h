#pragma once
#include <optional>
#include <vector>

namespace distanz::bench {

/// One sweep of a spectrum instrument.
struct Trace {
  std::vector<double> frequency_mhz;  ///< rising
  std::vector<double> level_dbm;      ///< in each step, as many
  double distance_m = 0;              ///< of the aircraft, where it walks or flies away
  double rbw_mhz = 0;                 ///< resolution bandwidth; 0 where nobody said
};

/// The highest level at each frequency of the first trace that the others reach, too. Where they were swept
/// at other frequencies the highest of their levels nearest to it counts. @throws DomainError for no trace
Trace peakHold(const std::vector<Trace>& traces);

struct Occupied {
  double low_mhz = 0, high_mhz = 0;
  double width_mhz() const { return high_mhz - low_mhz; }
};
/// Bandwidth that holds a share of the power, as much of the rest below it as above (Rec. ITU-R SM.328).
/// None where the trace holds no power, or where it takes kWholeSweep of the sweep: noise, or more than was swept.
/// @param share in (0, 1)
std::optional<Occupied> occupied(const Trace& trace, double share = 0.99);
constexpr double kWholeSweep = 0.95;

/// Between the outermost points so many dB below the peak ("x dB bandwidth", Rec. ITU-R SM.328). None where
/// the trace begins or ends above that, as the band goes on. @param below_db > 0
std::optional<Occupied> widthBelowPeak(const Trace& trace, double below_db = 20);

/// Power within a band: that of its steps in milliwatts, each times its width over the resolution bandwidth (as it
/// stands where that is not known), dBm; minus infinity for a band without a step.
double bandPower_dbm(const Trace& trace, double low_mhz, double high_mhz);

/// Level of `b` less that of `a` at the frequencies of `a`, straight between points; NaN where `b` was not
/// swept.
std::vector<double> difference_db(const Trace& a, const Trace& b);

/// Where one trace stands most above another: the median of five neighbours, so that one noisy point is none.
struct Rise {
  double frequency_mhz = 0, rise_db = 0;
};
/// None where fewer than five points are common.
std::optional<Rise> largestRise(const Trace& from, const Trace& to);

/// A stretch of the spectrum that stands above the floor.
struct Used {
  double low_mhz = 0, high_mhz = 0, peak_mhz = 0, peak_dbm = 0;
};
/// The floor is the median level. Stretches closer than `join_mhz` are one. @param above_db > 0
std::vector<Used> usedBands(const Trace& trace, double above_db = 10, double join_mhz = 1);
double floor_dbm(const Trace& trace);

}  // namespace distanz::bench
