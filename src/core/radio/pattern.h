#pragma once
#include <memory>
#include <vector>

namespace distanz::radio {

/// What an antenna is by its physics. Its axis: of a rod or a ring the upright, else where it points.
enum class AntennaKind {
  Isotropic,     ///< nothing is known
  Dipole,        ///< half a wave, straight
  BentDipole,    ///< two quarter-wave arms at an angle
  Monopole,      ///< a quarter wave on a large plane
  Patch,         ///< on a large plane
  Helix,         ///< axial mode
  Yagi,          ///< any endfire or panel of known gain
  CircularOmni,  ///< alike all around, circular: crossed loops or lobes
};

/// Whether it points somewhere; else it radiates all around its upright.
constexpr bool isBeam(AntennaKind kind) {
  return kind == AntennaKind::Patch || kind == AntennaKind::Helix || kind == AntennaKind::Yagi;
}

struct AntennaShape {
  AntennaKind kind = AntennaKind::Isotropic;
  double bend_deg = 90;          ///< between the arms of a bent dipole: 180 is straight. > 0, <= 180
  double permittivity = 2.2;     ///< of what a patch is printed on, >= 1
  double turns = 6;              ///< of a helix, > 0
  double circumference = 1;      ///< of a helix, wavelengths, > 0
  double spacing = 0.225;        ///< of its turns, wavelengths, > 0
  double gain_dbi = 10;          ///< of a Yagi, >= 3.02 (a beam of half the sphere)
  double width_deg = 0;          ///< of a Yagi, half-power; goes before its gain. 0: from the gain; < 180
  double front_to_back_db = 20;  ///< what a patch, monopole or Yagi leaks all around behind, > 0
  bool operator==(const AntennaShape&) const = default;
};

/// A direction in the antenna's own axes, degrees: from its axis, 0..180, and about it, any. A patch is
/// excited, and a bent dipole bent, in the plane about = 0 (and 180).
struct Direction {
  double from_axis_deg = 0, about_deg = 0;
};

/// Gain of an antenna in every direction. No losses: what goes in goes out. Sources: C. A. Balanis, Antenna
/// Theory, 4th ed. (2016): dipole 4.6, thin wires 3.6, patch as two slots 14.2; helix: J. D. Kraus, Antennas,
/// 2nd ed. (1988), 7-6, with Hansen and Woodyard's condition; Yagi: power of a cosine with that directivity.
/// The lossless peak is found by integration over the sphere, to 0.01 dB.
class Pattern {
 public:
  virtual ~Pattern() = default;
  /// dBi, never below the peak less 60 dB.
  virtual double gain_dbi(Direction direction) const = 0;
  virtual double peak_dbi() const = 0;
};

/// The last shapes asked for are kept: who asks again gets the same pattern at once. From any thread.
/// @throws DomainError for a shape outside its domain
std::shared_ptr<const Pattern> patternOf(const AntennaShape& shape);

constexpr double kHalfPower_db = 3.0103;  ///< where a beam ends: half its power

/// A cut: gain once around in one plane. Through the axis: angle from the axis, in the plane about = 0, or
/// the one across it; around: at 90 degrees from the axis.
enum class Cut { ThroughAxis, AcrossAxis, Around };
double cutGain_dbi(const Pattern& pattern, Cut cut, double angle_deg);

/// What a cut shows.
struct CutFacts {
  double peak_dbi = 0, peak_deg = 0;
  double width_deg = 0;           ///< between the points 3 dB below the peak; NaN where there are none
  double front_to_back_db = 0;    ///< peak over what goes the opposite way
  std::vector<double> nulls_deg;  ///< deepest points of dips 10 dB and more below the peak, -180..180
};
CutFacts factsOf(const Pattern& pattern, Cut cut);

}  // namespace distanz::radio
