#pragma once

namespace distanz::radio {

/// Sense in which the field of an antenna turns, looking the way the wave goes (IEEE Std 145).
enum class Hand { None, Right, Left };

/// How an antenna is polarised in one direction.
struct Polarisation {
  Hand hand = Hand::None;     ///< None: linear, whatever its axial ratio
  double axial_ratio_db = 0;  ///< >= 0: 0 is a circle. Not asked where it is linear
  double tilt_deg = 0;        ///< of the long axis, both antennas seen from the same side: 0 is upright
};

/// Share of the power of a wave that an antenna takes in: (1 + cos of the angle between both states on the
/// Poincare sphere) / 2. 1 matched, 0 crossed. Reciprocal.
/// Source: C. A. Balanis, Antenna Theory, 4th ed. (2016), section 2.12; W. L. Stutzman, Polarization in
/// Electromagnetic Systems, 2nd ed. (2018), section 4.2. @throws DomainError for an axial ratio below 0
double polarisationEfficiency(const Polarisation& a, const Polarisation& b);

/// -10 log10 of the efficiency, dB; infinite between crossed states.
double polarisationLoss_db(const Polarisation& a, const Polarisation& b);

/// Loss over every turn of one antenna about the line of sight, dB.
struct PolarisationSpan {
  double best_db = 0, worst_db = 0;
};
PolarisationSpan polarisationSpan(Polarisation a, Polarisation b);

/// Loss where a share of the power arrives after one bounce, which turns the hand, and adds as power: of what
/// would arrive direct and matched, dB. @param bounced share, 0..1 @throws DomainError
double polarisationLossWithBounce_db(const Polarisation& a, const Polarisation& b, double bounced);

}  // namespace distanz::radio
