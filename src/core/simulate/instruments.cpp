#include "core/simulate/instruments.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/dice/random.h"
#include "core/finding/error.h"

namespace distanz::simulate {
namespace {

constexpr double kLight_mm_mhz = 299792.458;  // wavelength of 1 MHz in mm
constexpr double kVelocity = 0.7;             // of a wave on a cable

campaign::Reading reading(std::string label, std::map<std::string, double> values) {
  return {std::move(label), std::move(values), {}};
}

double tenth(double v) {
  return std::round(v * 10) / 10;
}

}  // namespace

bench::Sweep sweepOf(const AntennaSample& a, double low_mhz, double high_mhz, std::size_t points, bool held,
                     std::uint64_t seed) {
  if (points < 2) throw DomainError("points >= 2");
  requirePositive(low_mhz, "low_mhz");
  dice::Random random(seed);
  const double centre = a.resonance_mhz + (held ? a.hand_shift_mhz : 0);
  bench::Sweep out;
  for (std::size_t i = 0; i < points; ++i) {
    const double f =
        low_mhz + (high_mhz - low_mhz) * static_cast<double>(i) / static_cast<double>(points - 1);
    const std::complex<double> z(a.resistance, a.quality * (f / centre - centre / f));
    const double turn = -4 * std::numbers::pi * a.cable_mm * f / (kLight_mm_mhz * kVelocity);
    out.frequency_mhz.push_back(f);
    out.s11.push_back((z - 1.0) / (z + 1.0) * std::polar(1.0, turn) +
                      std::complex<double>(a.noise * random.normal(), a.noise * random.normal()));
  }
  return out;
}

std::vector<campaign::Reading> powerReadings(const TransmitterSample& t, const std::string& setting,
                                             double span_s, double every_s, std::uint64_t seed) {
  requirePositive(every_s, "every_s");
  dice::Random random(seed);
  std::vector<campaign::Reading> out;
  bool throttled = false;
  for (double at = 0; at <= span_s; at += every_s) {
    const double celsius = t.ambient_c + t.heats_c * (1 - std::exp(-at / t.heat_s));
    throttled = throttled || celsius >= t.throttles_at_c;
    const double power = t.settled_dbm + t.cold_db * std::exp(-at / t.warm_up_s) -
                         (throttled ? t.throttle_db : 0) + t.noise_db * random.normal();
    out.push_back(reading(
        setting, {{"time_s", at}, {"power_dbm", tenth(power)}, {"temperature_c", std::round(celsius)}}));
  }
  return out;
}

std::vector<campaign::Reading> scaleReadings(double source_dbm, double floor_dbm, double ceiling_dbm,
                                             std::uint64_t seed) {
  dice::Random random(seed);
  std::vector<campaign::Reading> out;
  for (double attenuation = 0; attenuation <= 95; attenuation += 5)
    for (int i = 0; i < 2; ++i) {
      const double level = std::clamp(source_dbm - attenuation, floor_dbm, ceiling_dbm);
      const double value = 100 * (level - floor_dbm) / (ceiling_dbm - floor_dbm) + random.normal();
      out.push_back(reading(
          "", {{"attenuation_db", attenuation}, {"value", std::clamp(std::round(value), 0.0, 100.0)}}));
    }
  return out;
}

std::vector<campaign::Reading> turnReadings(double width_deg, double front_to_back_db, double reflection_db,
                                            std::uint64_t seed) {
  requirePositive(width_deg, "width_deg");
  dice::Random random(seed);
  std::vector<campaign::Reading> out;
  for (int angle = -180; angle <= 180; angle += 10) {
    const double beam = -3.0103 * std::pow(2 * angle / width_deg, 2);
    const double bounce = angle > 30 && angle < 120 ? reflection_db : 0;
    const double level =
        std::max(beam, -front_to_back_db + 3 * std::cos(angle * std::numbers::pi / 60)) + bounce;
    out.push_back(
        reading("", {{"angle_deg", angle}, {"level_db", tenth(-38 + level + 0.2 * random.normal())}}));
  }
  return out;
}

std::vector<campaign::Reading> groundReadings(bool blind_side, std::uint64_t seed) {
  dice::Random random(seed);
  const auto count = [&](double mean) {
    return std::round(std::max(mean + std::sqrt(mean) * random.normal(), 0.0));
  };
  const double holds = blind_side ? 1 : 0;
  return {reading("before", {{"fades_1", 12}, {"fades_2", 8}, {"lost_frames", 2}, {"holds", 0}}),
          reading("after", {{"fades_1", 12 + count(40)},
                            {"fades_2", 8 + count(blind_side ? 900 : 60)},
                            {"lost_frames", 2 + count(blind_side ? 70 : 3)},
                            {"holds", holds},
                            {"received_pct", blind_side ? 93 : 99}})};
}

std::vector<campaign::Reading> swapReadings(double worth_db, int swaps, std::uint64_t seed) {
  dice::Random random(seed);
  std::vector<campaign::Reading> out;
  for (int i = 0; i < 2 * swaps; ++i)
    out.push_back(reading(i % 2 == 0 ? "on" : "off", {{"value", std::round(-88 + (i % 2 == 0 ? worth_db : 0) +
                                                                           0.9 * random.normal())}}));
  return out;
}

bench::Trace spectrumTrace(double centre_mhz, double width_mhz, bool armed, std::uint64_t seed) {
  requirePositive(width_mhz, "width_mhz");
  dice::Random random(seed);
  bench::Trace out;
  for (double f = centre_mhz - 5 * width_mhz; f <= centre_mhz + 5 * width_mhz; f += width_mhz / 40) {
    const double off = std::abs(f - centre_mhz) / (width_mhz / 2);
    const double block = off <= 1 ? -42 : -42 - 30 * (off - 1);
    const double shoulder = armed ? -60 - 8 * off : -300;
    out.frequency_mhz.push_back(f);
    out.level_dbm.push_back(tenth(std::max({block, shoulder, -97.0}) + random.normal()));
  }
  return out;
}

}  // namespace distanz::simulate
