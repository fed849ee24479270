#include "core/campaign/common_fields.h"
#include "core/campaign/describe.h"
#include "core/campaign/limits.h"

namespace distanz::campaign {

using namespace limits;
using description::Affects;
using description::Field;
using description::Word;
using quantity::Unit;

void describe(Visitor& v, Tick& t) {
  v.text({.key = "item", .what = "of the pre-flight list", .required = true, .affects = Affects::Words}, t.item);
  v.text({.key = "at", .what = "date and time", .affects = Affects::Words}, t.at);
  v.text({.key = "who", .affects = Affects::Words}, t.who);
  v.unknown(t.unknown);
}

namespace {

constexpr Field planned(const char* key, const char* what, Unit unit, double low, double high) {
  return {.key = key, .what = what, .unit = unit, .low = low, .high = high, .affects = Affects::Words, .since = 4};
}

void flight(Visitor& v, PlanSettings& p) {
  v.number(planned("airspeed_mps", "held by the aircraft", Unit::MetrePerSecond, kSpeedLow_mps, kSpeedHigh_mps),
           p.airspeed_mps);
  v.number(planned("wind_from_deg", "clockwise from true north", Unit::Degree, 0, 360), p.wind_from_deg);
  v.number(planned("wind_mps", "at the height flown", Unit::MetrePerSecond, 0, kSpeedHigh_mps), p.wind_mps);
  v.number(planned("use_mah_km", "drawn for each kilometre of still air", Unit::None, kUseLow_mah_km, kUseHigh_mah_km),
           p.use_mah_km);
  v.number(planned("battery_mah", "capacity; where it is not said, that of the setup's battery", Unit::MilliampereHour, 1,
                   kCapacityHigh_mah),
           p.battery_mah);
  v.number(planned("reserve_pct", "of the battery, not to be used", Unit::Percent, 0, 100), p.reserve_pct);
  v.number(planned("beside_mah", "for take-off, climb, turn and landing", Unit::MilliampereHour, 0, kCapacityHigh_mah),
           p.beside_mah);
}

void session(Visitor& v, PlanSettings& p) {
  v.number(planned("difference_pct", "of range that matters", Unit::Percent, kDifferenceLow_pct, kDifferenceHigh_pct),
           p.difference_pct);
  v.number(planned("flight_sd_db", "scatter of flights", Unit::Decibel, kFlightSdLow_db, kFlightSdHigh_db),
           p.flight_sd_db);
  v.flag({.key = "together", .what = "setups listen to the same flights", .affects = Affects::Words, .since = 4},
         p.together);
  v.whole(planned("seed", "of the order of runs", Unit::None, 0, kSeedHigh), p.seed);
  v.number(planned("begin_s", "of the day, first take-off", Unit::Second, 0, kDay_s), p.begin_s);
  v.number(planned("end_s", "of the day, last landing", Unit::Second, 0, kDay_s), p.end_s);
  v.number(planned("swap_min", "minutes to change from one setup to another", Unit::None, 0, kSwapHigh_min), p.swap_min);
  v.whole(planned("batteries", "of one type, at hand", Unit::None, 0, kBatteriesHigh), p.batteries);
  v.whole(planned("runs_per_battery", "flights on one charge", Unit::None, 1, kBatteriesHigh), p.runs_per_battery);
}

constexpr Word kGrounds[] = {{"", "its reflection is not counted"}, {"very-dry"}, {"medium-dry"}, {"wet"},
                             {"fresh-water"}, {"sea-water"}};
constexpr Word kSchools[] = {{"bullington"}, {"deygout"}};

void propagation(Visitor& v, PlanSettings& p) {
  v.number(planned("earth_factor", "effective earth radius over the true one", Unit::None, kEarthFactorLow, kEarthFactorHigh),
           p.earth_factor);
  v.word({.key = "school", .what = "of diffraction", .affects = Affects::Words, .since = 4}, p.school, kSchools);
  v.word({.key = "ground", .what = "that reflects", .affects = Affects::Words, .since = 4}, p.ground, kGrounds);
  v.number(planned("rough_m", "standard deviation of its height", Unit::Metre, 0, kRoughHigh_m), p.rough_m);
  v.flag({.key = "obstruction", .what = "loss by what stands in the way counts", .affects = Affects::Words, .since = 4},
         p.obstruction);
  v.flag({.key = "woodland", .what = "signals also go through trees", .affects = Affects::Words, .since = 4}, p.woodland);
  v.flag({.key = "gases", .what = "loss in the air counts", .affects = Affects::Words, .since = 4}, p.gases);
  v.number(planned("rain_mm_h", "rain, mm an hour", Unit::None, 0, kRainHigh_mm_h), p.rain_mm_h);
  v.number(planned("cloud_g_m3", "water in fog or cloud, g in a cubic metre", Unit::None, 0, kCloudHigh_g_m3), p.cloud_g_m3);
}

}  // namespace

std::span<const Word> groundWords() {
  return kGrounds;
}
std::span<const Word> schoolWords() {
  return kSchools;
}

void describe(Visitor& v, PlanSettings& p) {
  flight(v, p);
  session(v, p);
  propagation(v, p);
  v.number(planned("height_pct", "flight height by the percentage school, of the distance", Unit::Percent, 0, kHeightHigh_pct),
           p.height_pct);
  v.number(planned("farthest_m", "allowed from the station", Unit::Metre, 1, kPathHigh_m), p.farthest_m);
  v.number(planned("highest_m", "allowed above the ground", Unit::Metre, 1, kHeightHigh_m), p.highest_m);
  v.number(planned("sight_m", "to which the aircraft is seen", Unit::Metre, 1, kPathHigh_m), p.sight_m);
  v.whole(planned("labels_seed", "of the labels that recordings are judged under; 0: they have none", Unit::None, 0, kSeedHigh),
           p.labels_seed);
  v.text({.key = "labels_opened", .what = "when somebody looked which label is which", .affects = Affects::Words, .since = 4},
         p.labels_opened);
  v.list({.key = "ticks", .what = "done before the flight", .affects = Affects::Words, .since = 4}, p.ticks);
  v.unknown(p.unknown);
}

}  // namespace distanz::campaign
