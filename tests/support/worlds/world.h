#pragma once
#include <cmath>
#include <optional>
#include <string>
#include <vector>

#include "core/campaign/campaign.h"
#include "core/dice/random.h"
#include "core/log/recording.h"

/// Worlds that the estimator is held to. They share no physics with core/simulate: packets fade by
/// themselves, a log shows averages of them later, hills and nulls stand where they stand, and pilots turn
/// when the picture goes.
namespace distanz::test {

struct TwoRay {
  double station_m = 4, aircraft_m = 30;
  double reflection = 0.8;  ///< of the ground, magnitude; its phase is turned by 180 degrees
};

struct Dip {
  double from_m = 0, to_m = 0, depth_db = 0;
};

/// Interference: quality falls though the signal is strong.
struct Patch {
  double from_m = 0, to_m = 0;
  double flights = 0.5;  ///< share of flights that meet it
  double quality = 0.2;  ///< of the packets that would have come
};

/// Bitrate as an adaptive video link steps it.
struct Steps {
  double top_dbm = -93;  ///< above this the full rate; each step down comes so much lower
  double step_db = 4, hysteresis_db = 2;
};

/// How a receiver shows its signal, where not in dBm.
enum class Scale { None, Linear, Saturating, Logistic, Bars };

enum class Rule { Level, Quality, Bitrate };  // grades of a picture stand for a quality

struct WorldLink {
  std::string id = "control";
  campaign::LinkKind kind = campaign::LinkKind::Control;
  double frequency_mhz = 2440;
  double level_dbm[2] = {-97, -97};  ///< of setup A and B at 1 km
  double falls_more_db[2] = {0, 0};  ///< per decade of distance about 1 km: pattern, pointing
  Rule rule = Rule::Level;
  std::optional<Steps> steps;
  std::optional<Patch> patch;
  double midpoint_dbm = -104, slope_db = 1;  ///< level of one packet at which half arrive
};

struct World {
  std::string name;
  int flights_each = 3;
  std::vector<WorldLink> links = {{}};

  // the ground and the days
  double exponent = 2.7;
  double place_sd_db = 2.5, place_length_m = 45;
  double within_sd_db = 1.5, within_length_m = 40;
  double flight_sd_db = 1.2;
  bool wild_days = false;  ///< t with 3 df, scaled to flight_sd_db
  double drift_db = 0;     ///< over the session
  bool in_blocks = false;  ///< AAABBB, not ABABAB
  bool paired = false;     ///< both setups' receivers aboard every flight
  std::optional<TwoRay> two_ray;
  std::optional<Dip> dip;

  // the radio and its log
  double rice_k_db = 6;
  double packets_hz = 100;
  int packets_in_reading = 5;
  double lag_s = 0.2;
  double rate_hz = 10;
  double step_db = 1, floor_dbm = -125;
  bool log_signal = true, log_quality = true;
  Scale scale = Scale::None;
  double scale_units = 1.6, scale_zero_dbm = -118;  ///< a dB; 0 of 99
  double scale_bend_db = 25;                        ///< how soon it saturates; of a logistic one a quarter of its width
  int bars = 6;
  /// Figures called out at posts so far apart, each over the last second, out and back; none: logged as above.
  std::optional<double> called_every_m;
  bool called_grades = false;  ///< of the picture, 1 to 5, instead of a bitrate
  bool gnss = false;                         ///< places from a noisy receiver, side wind, a hover on the way
  std::optional<double> automatic_power_db;  ///< highest power over lowest; raised as the signal falls
  bool log_power = false;

  // the pilot
  double speed_mps = 13;
  double shortest = 0.95, longest = 1.4;  ///< turns at this share of where the mean level meets the rule
  bool turns_when_lost = false;
};

constexpr double kRuleLevel_dbm = -104;  ///< sensitivity + margin, where the rule is a level
constexpr double kRuleQuality_pct = 70;
constexpr double kRuleBitrate_mbps = 20;
constexpr double kRuleGrade = 3;  ///< which a link of kRuleQuality_pct just has
constexpr double kPairedOffset_db = 0.5,
                 kPairedWithin_db = 0.7;  ///< what each receiver of a pair has to itself
constexpr double kStretch_m = 40, kNear_m = 80;

/// What every flight of a campaign meets: the ground of every link.
struct Ground {
  std::vector<double> place_db;  ///< every kGrid_m; common to all links
};
constexpr double kGrid_m = 5;
constexpr double kEnd_m = 6000;

/// Exponentially correlated, every kGrid_m up to kEnd_m.
std::vector<double> correlated(dice::Random& random, double sd, double length_m);
Ground groundOf(const World& world, dice::Random& random);

/// Where a link's rule is about to fail an automatic transmitter gives all it has: so much over its lowest.
double highestPower_db(const World& world);
/// Mean over packets of the signal of a setup at its lowest power, without the flight's own part.
double meanLevel(const World& world, const WorldLink& link, int setup, const Ground& ground,
                 double distance_m);

/// What a receiver's own scale shows of a level; the level itself where it shows that.
double shownOf(const World& world, double level_dbm);

/// Rician fading of one packet, dB about the mean power.
double fade(dice::Random& random, double k_db);
/// Share of packets that arrive at a local mean level; and the median of what a log shows above it.
class Radio {
 public:
  Radio(const World& world, const WorldLink& link);
  double arriving(double level_dbm) const;
  double readsAbove_db() const { return m_reads_above; }
  /// Mean and spread of the level that steps the bitrate, about the local one.
  double steppingMean_db() const { return m_mean; }
  double steppingSd_db() const { return m_sd / std::sqrt(5.0); }
  /// Local mean level at which the rule is met, as the log shows levels.
  double critical_dbm() const;

 private:
  const World& m_world;
  const WorldLink& m_link;
  std::vector<double> m_arriving;  ///< every 0.25 dB about the midpoint
  double m_reads_above = 0, m_mean = 0, m_sd = 0;
};

/// What one flight has to itself on one link.
struct FlightPart {
  double day_db = 0;
  std::vector<double> within_db;
  bool in_patch = false;
};

/// A step of the adaptive bitrate, Mbit/s, as the level moves.
class Stepping {
 public:
  explicit Stepping(const Steps& steps) : m_steps(steps) {}
  double next(double level_dbm);

 private:
  Steps m_steps;
  int m_step = 0;
};

struct FlownWorld {
  campaign::Campaign campaign;
  std::vector<log::Recording> recordings;  ///< one per run
  Ground ground;
};
FlownWorld fly(const World& world, std::uint64_t seed);

/// Where readings are called out at posts, a flight holds to somewhere between its last good and its first bad one.
/// Where half, and nineteen in twenty, of new flights keep the rule of every link on every stretch, flown out
/// over the very ground; start of the first stretch that fails. @param link none: all links
struct WayTruth {
  double typical_m = 0, dependable_m = 0;
};
WayTruth truthOf(const World& world, const Ground& ground, int setup, std::optional<std::size_t> link,
                 std::uint64_t seed, int flights = 2000);

/// Level of A over B at a distance, dB.
double trueDelta(const World& world, std::size_t link, double distance_m);

}  // namespace distanz::test
