#pragma once
#include <optional>

#include "core/bench/interference.h"

namespace distanz::bench {

/// What a transmitter does to a receiver beside it, products apart.
enum class BesideKind {
  InBand,    ///< it sends where the receiver listens
  Blocking,  ///< its carrier overloads the receiver, out of band
  Noise,     ///< its noise reaches into the receiver's band
};

/// Filters between the two.
struct Filters {
  double sending_db = 0;    ///< behind the transmitter, outside of its own band
  double receiving_db = 0;  ///< before the receiver, outside of its own band
};

struct Beside {
  BesideKind kind = BesideKind::InBand;
  Isolation isolation;  ///< its level is what is sent: carrier, or noise within what the receiver counts
};

/// A receiver's input is overloaded from this level on, where nothing is known of it. What a conforming receiver bears
/// with a CW signal outside of its band. Source: ETSI EN 300 328 V2.2.2, 4.3.1.12 (receiver blocking, category 1).
constexpr double kBlocks_dbm = -34;
/// The same for a sender within kNear of the receiver's frequency, where no input filter helps. Source: ETSI EN 300 220-1
/// V3.1.1, 5.18 (10 MHz off, category 2).
constexpr double kBlocksNear_dbm = -44;
constexpr double kNear = 0.03;
/// Noise of a transmitter far off its carrier, where nothing is known of it. A telephone's may be -129 dBm/Hz of 33 dBm,
/// -162 dBc/Hz (3GPP TS 45.005, 4.3.3), by filters that small transmitters lack; they are taken as 12 dB worse.
constexpr double kNoise_dbc_hz = -150;

/// The ways in which an emitter disturbs a victim at that distance. In-band and Noise only where the victim says what it
/// tolerates; Noise only where its bandwidth is known, too. Isolation is free space between antennas of 0 dBi.
/// @param distance_m > 0 @throws DomainError
std::vector<Beside> besides(const Emitter& emitter, const Victim& victim, double distance_m, const Filters& filters);

/// The level at which the carrier overloads the victim: its own, else as above.
double blocksFrom_dbm(const Emitter& emitter, const Victim& victim);

}  // namespace distanz::bench
