#pragma once

namespace distanz::radio {

/// What a rounded top costs beyond a knife edge of the same height, dB: T(m, n).
/// @param height_m of the top over the straight line between the ends, in the ray's way or just below it
/// @param d1_m,d2_m to either end, > 0 @param radius_m of its curve, >= 0; 0 is a knife edge
/// @return >= 0; as of a top on the line where it lies below
/// The equations are held to m up to 3: rounder ones cost what that does.
/// @throws DomainError. Source: Rec. ITU-R P.526-15, section 4.2, equations 35-38.
double roundedLoss_db(double d1_m, double d2_m, double height_m, double radius_m, double frequency_mhz);

}  // namespace distanz::radio
