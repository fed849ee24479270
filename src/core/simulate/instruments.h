#pragma once
#include <cstdint>
#include <string>
#include <vector>

#include "core/bench/spectrum.h"
#include "core/bench/sweep.h"
#include "core/campaign/record.h"

/// Seeded physics of instruments on a bench, with faults to find: what the stand-in serves, and the demo
/// shows.
namespace distanz::simulate {

/// An antenna as a resonator of one series circuit behind a piece of cable.
struct AntennaSample {
  double resonance_mhz = 5800, quality = 22, resistance = 1.1;  ///< resistance over the reference
  double cable_mm = 60;                                         ///< turns the reflection
  double hand_shift_mhz = 0;  ///< what a hand on the cable does: current flows on its outside
  double noise = 0.002;       ///< of each part of the reflection
};
/// @param points >= 2 @throws DomainError
bench::Sweep sweepOf(const AntennaSample& antenna, double low_mhz, double high_mhz, std::size_t points,
                     bool held, std::uint64_t seed);

/// A transmitter that warms up, and may throttle.
struct TransmitterSample {
  double settled_dbm = 22.6, cold_db = -1.2, warm_up_s = 45;
  double throttles_at_c = 1000, throttle_db = 4;
  double ambient_c = 22, heats_c = 55, heat_s = 120;
  double noise_db = 0.05;
};
/// A reading each so many seconds.
std::vector<campaign::Reading> powerReadings(const TransmitterSample& transmitter, const std::string& setting,
                                             double span_s, double every_s, std::uint64_t seed);

/// A receiver whose scale of 0 to 100 stands still at both ends.
std::vector<campaign::Reading> scaleReadings(double source_dbm, double floor_dbm, double ceiling_dbm,
                                             std::uint64_t seed);

/// A turn of a beam of that half-power width, with a reflection from one side.
std::vector<campaign::Reading> turnReadings(double width_deg, double front_to_back_db, double reflection_db,
                                            std::uint64_t seed);

/// Counters before and after a minute through all attitudes, of a receiver of two antennas; one may be blind.
std::vector<campaign::Reading> groundReadings(bool blind_side, std::uint64_t seed);

/// On, off, on, off: a part that is worth so many dB.
std::vector<campaign::Reading> swapReadings(double worth_db, int swaps, std::uint64_t seed);

/// Traces of a transmitter on a noise floor; armed it has a shoulder.
bench::Trace spectrumTrace(double centre_mhz, double width_mhz, bool armed, std::uint64_t seed);

}  // namespace distanz::simulate
