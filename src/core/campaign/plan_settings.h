#pragma once
#include <optional>
#include <string>
#include <vector>

namespace distanz::campaign {

/// Something of the pre-flight list that was done.
struct Tick {
  std::string item;  ///< code of the item
  std::string at;    ///< date and time
  std::string who;
  std::string unknown = {};  ///< as Campaign::unknown
  bool operator==(const Tick&) const = default;
};

enum class GroundKind { Unsaid, VeryDry, MediumDry, Wet, FreshWater, SeaWater };
enum class DiffractionSchool { Bullington, Deygout };

/// What the pilot says about the flights to come. What is not said is not counted with, but for the defaults
/// named here.
struct PlanSettings {
  std::optional<double> airspeed_mps, wind_from_deg, wind_mps;
  std::optional<double> use_mah_km;   ///< in still air, at that airspeed
  std::optional<double> battery_mah;  ///< none: that of the setup's battery
  double reserve_pct = 30;            ///< of the battery, not to be used
  double beside_mah = 0;              ///< take-off, climb, turn and landing

  std::optional<double> difference_pct;  ///< of range that matters; none: the practical margin
  std::optional<double> flight_sd_db;    ///< scatter of flights; none: as flown so far, or usual
  bool together = false;                 ///< setups listen to the same flights
  int seed = 1;                          ///< of the order
  std::optional<double> begin_s, end_s;  ///< of the day: first take-off, last landing
  std::optional<double> swap_min;        ///< from one setup to another
  int batteries = 0;                     ///< of one type, at hand; 0: not said
  int runs_per_battery = 1;

  double height_pct = 10;  ///< flight height by the percentage school: of the distance
  std::optional<double> farthest_m, highest_m, sight_m;  ///< allowed from the station; above ground; seen

  // What the prediction counts besides the exponent.
  double earth_factor = 4.0 / 3.0;  ///< k of the effective earth
  DiffractionSchool school = DiffractionSchool::Bullington;
  GroundKind ground = GroundKind::Unsaid;  ///< where it is said, its reflection counts
  double rough_m = 0;                      ///< standard deviation of its height
  bool obstruction = false, gases = false;
  bool woodland = false;  ///< signals also go through trees, where that costs less than over them
  std::optional<double> rain_mm_h, cloud_g_m3;

  int labels_seed = 0;             ///< of the labels that recordings are judged under; 0: they have none
  std::string labels_opened;       ///< when somebody looked which is which; empty: sealed
  std::vector<Tick> ticks;
  std::string unknown = {};
  bool operator==(const PlanSettings&) const = default;
};

}  // namespace distanz::campaign
