#pragma once
#include <complex>
#include <optional>
#include <vector>

/// Bench records: what is measured on a table, and what it says. Plain numbers in, plain results out.
namespace distanz::bench {

/// What came back from an antenna (port 1), and went through to port 2 where there was one.
struct Sweep {
  std::vector<double> frequency_mhz;                ///< rising, > 0
  std::vector<std::complex<double>> s11;            ///< as many; on the real axis where no phase was measured
  std::vector<std::complex<double>> s21, s12, s22;  ///< as many, or none
  double reference_ohm = 50, reference2_ohm = 50;   ///< of port 1 and 2, > 0
  bool has_phase = true;
};

/// How a sweep fits at one frequency. See core/radio/mismatch.h for bounds.
struct Match {
  double frequency_mhz = 0;
  std::complex<double> gamma;
  double reflection = 0, vswr = 1, return_loss_db = 0, accepted_share = 1, mismatch_loss_db = 0;
};
Match matchOf(double frequency_mhz, std::complex<double> gamma);

/// The point that sends least back. @throws DomainError for an empty sweep
Match bestMatch(const Sweep& sweep);
/// Between two points both parts of gamma go straight. None outside what was swept, nor in a gap of the sweep: a step
/// more than four times as wide as those beside it.
std::optional<Match> matchAt(const Sweep& sweep, double frequency_mhz);

constexpr double kUsualVswr = 2;  ///< that a band is told for where nobody says

/// Frequencies over which the VSWR stays at or below a limit.
struct MatchBand {
  double low_mhz = 0, high_mhz = 0;
  bool from_start = false, to_end = false;  ///< goes on beyond what was swept, or into a gap
  Match best = {};
};
/// @param vswr limit, > 1 @throws DomainError
std::vector<MatchBand> bandsBelow(const Sweep& sweep, double vswr);

/// The lowest points of the curve: local minima at least 1 dB of return loss deeper than what lies between
/// them and a deeper one; the deepest first.
std::vector<Match> resonances(const Sweep& sweep);

/// The same sweep told for another reference. @param ohm > 0. One port only: @throws DomainError for two
Sweep referredTo(const Sweep& sweep, double ohm);
/// The same where it can be done: of one port, with phases; else as it is.
Sweep toldFor(const Sweep& sweep, double reference_ohm);

/// One antenna swept twice: bare and covered, before and after mounting.
struct SweepChange {
  std::optional<double> shift_mhz;  ///< of the resonance nearest to the channel; none where either has none
  double from_mhz = 0, to_mhz = 0;  ///< that resonance, where there is a shift
  double before_loss_db = 0, after_loss_db = 0;  ///< mismatch loss at the channel
  double loss_db = 0;                            ///< lost by the change; negative: won
};
/// None where either sweep does not reach the channel.
std::optional<SweepChange> changeBetween(const Sweep& before, const Sweep& after, double channel_mhz);

/// Grip check: the cable held and free.
struct GripMove {
  double frequency_mhz = 0;  ///< where gamma moved most, in the band looked at
  double moved = 0;          ///< |gamma held - gamma free| there
  double free_vswr = 1, held_vswr = 1;
  bool cable_radiates = false;  ///< moved by more than kGripMoves
};
/// A hand on a cable that carries no current on its outside moves nothing but noise; a tenth is well above
/// that, and what turns a VSWR of 1.2 into 1.5. Our own threshold.
constexpr double kGripMoves = 0.1;
/// Over the points of `free` within the band that both sweeps reach. None where there are none.
std::optional<GripMove> gripMove(const Sweep& free, const Sweep& held, double low_mhz, double high_mhz);

}  // namespace distanz::bench
