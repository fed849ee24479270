#pragma once

namespace distanz::radio {

/// An axial-mode helix, in wavelengths.
struct Helix {
  double turns = 6;          ///< N, > 0
  double circumference = 1;  ///< C, > 0; the axial mode wants 0.75..1.33
  double spacing = 0.225;    ///< S from turn to turn, > 0
};

/// 10 log10(15 C^2 N S), dBi. Source: J. D. Kraus, Antennas, 2nd ed. (1988), section 7-9. Told by its
/// successors to be 3 to 4 dB too much. @throws DomainError for sizes that are not > 0, as all below
double helixGainKraus_dbi(const Helix& helix);

/// Measured peak gain: 8.3 C^(sqrt(N + 2) - 1) (N S)^0.8 (tan 12.5 deg / tan alpha)^(sqrt(N) / 2), dBi.
/// Domain: 5..35 turns, pitch angles alpha of 11..15 degrees, near C = 1.05. Source: H. E. King and J. L.
/// Wong, IEEE Trans. Antennas Propag. AP-28(2), 291-296 (1980).
double helixGainKingWong_dbi(const Helix& helix);

/// Half-power beam width 52 / (C sqrt(N S)), degrees. Source: Kraus (1988), section 7-9.
double helixWidthKraus_deg(const Helix& helix);

/// Measured half-power beam width, degrees: 61.5 (2 N / (N + 5))^0.6 / (C^(sqrt(N) / 4) (N S)^0.7) (tan alpha
/// / tan 12.5 deg)^(sqrt(N) / 4). Same domain and source as the gain.
double helixWidthKingWong_deg(const Helix& helix);

/// Axial ratio on the axis (2 N + 1) / (2 N), in dB. Source: Kraus (1988), section 7-10.
double helixAxialRatio_db(const Helix& helix);

/// Turns that a gain in dBi asks for at that circumference and spacing, as measured (King and Wong); NaN where
/// kMostTurns do not give it.
double helixTurnsForGain(const Helix& helix, double gain_dbi);
constexpr double kMostTurns = 100;

}  // namespace distanz::radio
