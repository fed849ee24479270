#pragma once
#include <optional>

#include "core/radio/profile.h"

namespace distanz::radio {

constexpr double kEarthRadius_m = 6371000.0;
constexpr double kEffectiveEarthFactor = 4.0 / 3.0;  ///< standard refraction (Rec. ITU-R P.452)
constexpr double kClearShare = 0.6;  ///< share of the first zone that counts as clear (Rec. ITU-R P.530)

/// Radius of Fresnel zone m at a point d1 from one end and d2 from the other, metres: sqrt(m lambda d1 d2 /
/// (d1 + d2)).
/// @param d1_m,d2_m metres, >= 0, not both 0 @param frequency_mhz > 0 @param zone m >= 1
/// @throws DomainError. Source: Rec. ITU-R P.526, section 2.
double fresnelRadius_m(double d1_m, double d2_m, double frequency_mhz, int zone = 1);

/// Height the earth stands above the chord between the ends: d1 d2 / (2 k Re), metres. @param d1_m,d2_m >= 0.
double earthBulge_m(double d1_m, double d2_m, double earth_factor = kEffectiveEarthFactor);

/// Distance to the radio horizon between two heights above flat ground, metres: sqrt(2 k Re h1) + sqrt(2 k Re
/// h2). With k = 4/3 this is the 4.12 (sqrt h1 + sqrt h2) km of the textbooks. @param h >= 0, metres.
double radioHorizon_m(double h1_m, double h2_m, double earth_factor = kEffectiveEarthFactor);

/// What the ray from station to aircraft keeps between itself and the ground at one point under it.
struct Clearance {
  double ray_m = 0;       ///< height of the ray above what stands there, earth bulge taken off, metres; beside the line the
                          ///< distance to it
  double needed_m = 0;    ///< kClearShare of the first Fresnel radius there, metres
  double distance_m = 0;  ///< where, from the station
};
/// The point of the path where ray_m - needed_m is smallest. @param distance_m > 0; heights >= 0, above the
/// same ground.
Clearance worstClearance(double distance_m, double station_height_m, double aircraft_height_m,
                         double frequency_mhz, double earth_factor = kEffectiveEarthFactor);
/// The same over a profile of three points and more; none with fewer.
std::optional<Clearance> worstClearance(const Profile& profile, double frequency_mhz,
                                        double earth_factor = kEffectiveEarthFactor);

/// How high the far antenna must be for the ray to keep kClearShare of the first zone free of everything
/// between the ends, and what decides.
struct LowestHeight {
  double height_m = 0;    ///< above the profile's level; infinite where no height does
  double distance_m = 0;  ///< of what decides
};
/// @param profile its last_m is not looked at: above every edge the ray runs through first_m and rises with the
/// far end @return none for fewer than three points
std::optional<LowestHeight> lowestClearHeight(const Profile& profile, double frequency_mhz,
                                              double earth_factor = kEffectiveEarthFactor);

/// Distance beyond which two-ray reflection steepens the fall of the signal: 4 h1 h2 / lambda, metres.
/// Source: Rappaport (2002), section 4.6.
double twoRayBreakpoint_m(double h1_m, double h2_m, double frequency_mhz);

/// Distance inside a stretch at which direct and ground-reflected wave cancel: they differ by whole
/// wavelengths there, the reflection turning the phase. None where there is no such place inside, or where
/// the nulls lie closer together than two such stretches and none can be told from the next.
/// @param from_m < to_m, > 0 @throws DomainError for heights below 0. Source: Rappaport (2002), section 4.6.
std::optional<double> twoRayNull_m(double h1_m, double h2_m, double frequency_mhz, double from_m,
                                   double to_m);

}  // namespace distanz::radio
