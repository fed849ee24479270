#pragma once
#include <optional>

namespace distanz::radio {

/// Who may come near: people who work with the transmitter and know it, or anybody.
enum class Exposed { Public, Occupational };

/// Reference level of incident power density over the whole body, averaged over 30 minutes, W/m2: for the
/// public 2 up to 400 MHz, f/200 up to 2,000 MHz and 10 above; occupational five times that.
/// @param frequency_mhz 30..300000: below, fields count and not their power @throws DomainError
/// Source: ICNIRP, Health Phys. 118(5), 483-524 (2020), table 5.
double referenceLevel_w_m2(double frequency_mhz, Exposed who);

constexpr double kLeastDensity_mhz = 30, kMostDensity_mhz = 300000;

struct Radiator {
  double eirp_dbm = 0;
  double frequency_mhz = 0;
  double duty = 1;  ///< share of 30 minutes in which it sends, > 0 to 1
  double reflection =
      1;  ///< times the power that what is near sends on top: 1 none, 2.56 usual ground, 4 metal
  std::optional<double> size_m = {};  ///< the antenna's largest
};

/// Distance to keep, metres, and what it is told by.
struct KeepAway {
  double distance_m = 0;
  enum class By {
    Level,     ///< the power density has fallen to the reference level there
    FarField,  ///< it has before, but nearer the antenna the formula says nothing
    LeastTold  ///< nearer than kLeastTold_m nothing is told
  } by = By::Level;
};
constexpr double kLeastTold_m = 0.2;

/// sqrt(EIRP duty reflection / (4 pi S)), and no nearer than the far field begins: 2 D^2 / wavelength where
/// the size is known, wavelength / 2 pi at least. @throws DomainError
KeepAway keepAway(const Radiator& radiator, Exposed who);

}  // namespace distanz::radio
