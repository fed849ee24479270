#pragma once
#include <optional>
#include <string>
#include <vector>

namespace distanz::bench {

/// Something that sends, aboard or at the station.
struct Emitter {
  std::string name;
  double frequency_mhz = 0;
  double bandwidth_mhz = 0;
  double power_dbm = 0;     ///< at its antenna
  bool at_station = false;  ///< else aboard
  std::optional<double> noise_dbc_hz = {};  ///< far off its carrier, where it is known
};

/// Something that listens.
struct Victim {
  std::string name;
  double low_mhz = 0, high_mhz = 0;
  double tolerates_dbm = 0;  ///< in band, at its antenna, before it notices; NaN: not known
  bool at_station = false;
  double within_mhz = 0;                  ///< the width over which that level is meant; 0: not known
  std::optional<double> blocks_dbm = {};  ///< a carrier beside its band that overloads it, where it is known
};

enum class ProductKind { Harmonic, SecondOrder, ThirdOrder };

/// A product of what is sent that falls into a band that is listened to.
struct Product {
  ProductKind kind = ProductKind::Harmonic;
  int order = 2;                  ///< of a harmonic
  std::vector<std::size_t> from;  ///< emitters: one, two (a + b, a - b; 2a - b) or three (a + b - c)
  std::size_t victim = 0;
  double low_mhz = 0, high_mhz = 0;  ///< of the product
};

/// Harmonics up to the highest order, and second- and third-order products of all, as wide as their emitters make them,
/// that touch a victim's band. An emitter's own band is none of its products. @param highest_order >= 2
std::vector<Product> productsInBands(const std::vector<Emitter>& emitters, const std::vector<Victim>& victims,
                                     int highest_order = 5);

/// How far under the carrier products leave a usual transmitter, dB: assumed, where nothing is measured. A
/// decent output filter gives 40 for the second harmonic, 50 for the third and beyond; mixes arise where antennas
/// stand together and are no better than 40.
double assumedSuppression_db(const Product& product);

/// Isolation between an emitter and a receiver so far apart: free space, and a filter's stop band. Within a
/// wavelength / 2 pi, where free space says nothing, as at that distance. @param distance_m > 0 @param
/// filter_db >= 0 @throws DomainError
double isolation_db(double distance_m, double frequency_mhz, double filter_db = 0,
                    double antenna_gains_db = 0);

/// What has to lie between, so that a level at the emitter is no more than one at the victim: their
/// difference; 0 where it is less.
double neededIsolation_db(double emitted_dbm, double tolerated_dbm);

/// Distance at which that isolation is reached without a filter, metres.
double distanceForIsolation_m(double isolation_db, double frequency_mhz);

/// Noise floors read with emitters off and on in turn.
struct FloorReading {
  std::string on;  ///< the emitter that was switched on; empty: none
  double level_dbm = 0;
};
struct FloorRise {
  std::string emitter;
  double rise_db = 0;
  double low_db = 0, high_db = 0;  ///< 95 % (Welch); NaN where fewer than two readings of either
  bool sure = false;               ///< the interval keeps above 0
};
/// In the order in which emitters come. Empty where no reading has all of them off.
std::vector<FloorRise> floorRises(const std::vector<FloorReading>& readings);

struct Band {
  std::string name;
  double low_mhz, high_mhz;
};
/// What is sent against the receiver it disturbs.
struct Isolation {
  double level_dbm = 0;  ///< where it is sent
  double needed_db = 0;  ///< so that the receiver tolerates it
  double got_db = 0;     ///< by distance and filter
  double apart_m = 0;    ///< at which it would do without more filter
  double short_db() const { return needed_db - got_db; }
  bool enough() const { return got_db >= needed_db; }
};
/// @param distance_m between the antennas, > 0 @param filter_db at that frequency, between the two
Isolation isolationFor(double sent_dbm, double tolerated_dbm, double frequency_mhz, double distance_m, double filter_db);
/// Of a product: as strong as the weakest of its emitters, suppressed as usual. @param filter_db behind the transmitters
Isolation isolationOf(const Product& product, const std::vector<Emitter>& emitters, const Victim& victim,
                      double distance_m, double filter_db);

/// A receiver of satellite navigation tolerates so much in its band: Source: ICAO Annex 10, vol. I, table
/// B.3.7.4: -140.5 dBW in 1 MHz.
constexpr double kGnssTolerates_dbm = -110.5;
/// A receiver loses 1 dB of its sensitivity to interference so far below its noise, 10 log10(10^0.1 - 1).
constexpr double kTolerated_db = 5.868;
/// Noise over the sensitivity: less the signal over noise that the receiver needs. From the bandwidth, else from
/// kUsualSnr_db.
double noiseOf_dbm(double sensitivity_dbm, const std::optional<double>& bandwidth_mhz, const std::optional<double>& noise_figure_db = {});
constexpr double kUsualSnr_db = 8;

/// Bands of satellite navigation. Source: Rec. ITU-R M.1787; ICAO Annex 10.
const std::vector<Band>& gnssBands();

}  // namespace distanz::bench
