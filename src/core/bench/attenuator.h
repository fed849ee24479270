#pragma once
#include <optional>

namespace distanz::bench {

/// A number with the ends of its interval, where it has one.
struct Spread {
  double estimate = 0;
  std::optional<double> low = {}, high = {};
};

/// The distance that d behind an attenuator of A dB stands for: d 10^(A / (10 n)), metres. The same goes for
/// power that is lower by A dB. Both ends of the exponent's interval give those of the distance.
/// @param distance_m > 0 @param attenuation_db >= 0 @param exponent n > 0 @throws DomainError
Spread standsFor_m(double distance_m, double attenuation_db, const Spread& exponent);

/// The attenuator with which a wanted range is met within the space there is: 10 n log10(wanted / space), dB;
/// 0 where the space is enough.
Spread attenuatorFor_db(double wanted_m, double space_m, const Spread& exponent);

/// What multiplying the distance by the ratio of powers gives, as is often done and never right: d 10^(A/10).
double wronglyMultiplied_m(double distance_m, double attenuation_db);

}  // namespace distanz::bench
