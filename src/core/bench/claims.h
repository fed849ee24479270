#pragma once
#include <optional>
#include <vector>

namespace distanz::bench {

/// What is said of an antenna, by whoever made it or whoever measured it.
struct AntennaFigures {
  std::optional<double> gain_dbi = {}, width_deg = {},
                        width2_deg = {};                         ///< half-power widths in height and across
  std::optional<double> vswr = {}, low_mhz = {}, high_mhz = {};  ///< no more than that VSWR between these
  std::optional<double> axial_ratio_db = {}, front_to_back_db = {};
  std::optional<double> size_mm = {};  ///< of the smallest sphere around it
  std::optional<double> turns = {};    ///< of a helix
  bool around = false;                 ///< radiates alike all around
  bool circular = false;               ///< sends both polarisations, a quarter turn apart
};

enum class ClaimKind {
  GainOfWidth,      ///< gain against what the widths imply
  HelixGain,        ///< gain of a helix against its turns
  HelixWidth,       ///< its width against its turns
  HelixAxialRatio,  ///< its axial ratio is no better than its turns allow
  BandOfSize,       ///< the band against what fits in its size
  Gain,
  Width,
  Vswr,
  AxialRatio,
  FrontToBack,  ///< against what was measured
  Band          ///< MHz of the claimed band that were measured within the VSWR
};

/// One claim held against what follows from another, or from a measurement. In dB, dBi, degrees, VSWR, or
/// MHz of band.
struct ClaimCheck {
  ClaimKind kind;
  double claimed = 0;
  double implied_low = 0, implied_high = 0;  ///< both schools, or the measured value twice
  std::optional<double> back = {};  ///< the other way round: width (degrees) or turns that the gain asks for
  bool holds = true;
};

/// Every claim that can be held against something. @param frequency_mhz in the middle of the band, > 0
std::vector<ClaimCheck> checkClaims(const AntennaFigures& claimed, const AntennaFigures& measured,
                                    double frequency_mhz);

/// A claim may be better than what follows by so much, and a gain less by so much (losses), before it is said
/// to clash. Widths: by so great a share.
constexpr double kClaimSlack_db = 1.0, kClaimLosses_db = 4.0, kClaimWidth = 0.25;
/// So great a share of a claimed band may lie outside of what was measured.
constexpr double kBandSlack = 0.02;

}  // namespace distanz::bench
