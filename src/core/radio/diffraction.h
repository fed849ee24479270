#pragma once
#include "core/radio/clearance.h"
#include "core/radio/profile.h"

namespace distanz::radio {

/// Loss behind one edge, dB: 6.9 + 20 log10(sqrt((v - 0.1)^2 + 1) + v - 0.1), 0 below v = -0.78.
/// Within 0.13 dB of the Fresnel integrals up to v = 5. Source: Rec. ITU-R P.526-15, equation 31.
double knifeEdgeLoss_db(double v);

enum class Diffraction {
  Bullington,  ///< one edge that stands for all
  Deygout      ///< the worst edge, rounded as the hill is, and the worst on another hill on either side of it
};

/// Loss by what stands in or near the line of sight, dB >= 0, and the edge that counts most.
struct Obstruction {
  double loss_db = 0;
  double v = 0;           ///< of the worst edge; above 0 it cuts the line of sight
  double distance_m = 0;  ///< of that edge
};

/// @param profile two points at least, rising distances @param frequency_mhz > 0 @param earth_factor k, > 0
/// @throws DomainError
/// Source: Rec. ITU-R P.526-15: Bullington with the part beyond one edge, section 4.5.1, equations 56-63;
/// a rounded top, section 4.2, its radius by parabolas as there; edges on either side
/// with their correction, section 4.4.2, which fades with them, so that one edge alone costs what section 4.1
/// says; geometry of an edge, equation 26. What stands beside the line counts as an edge as far from the ray.
Obstruction obstruction(const Profile& profile, double frequency_mhz, Diffraction method,
                        double earth_factor = kEffectiveEarthFactor);

}  // namespace distanz::radio
