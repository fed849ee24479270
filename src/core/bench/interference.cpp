#include "core/bench/interference.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/bench/two_means.h"
#include "core/finding/error.h"
#include "core/radio/noise.h"
#include "core/radio/path_loss.h"

namespace distanz::bench {
namespace {

constexpr double kReadOff_db = 0.3;  // whole decibels, rounded

void check(const Emitter& e) {
  requirePositive(e.frequency_mhz, "frequency_mhz");
  if (!(e.bandwidth_mhz >= 0 && std::isfinite(e.bandwidth_mhz))) throw DomainError("bandwidth_mhz >= 0");
}

/// Adds the product to every victim whose band it touches.
void addWhereHeard(const std::vector<Victim>& victims, Product p, double centre_mhz, double half_mhz,
                   std::vector<Product>& out) {
  p.low_mhz = centre_mhz - half_mhz;
  p.high_mhz = centre_mhz + half_mhz;
  if (!(p.high_mhz > 0)) return;
  for (p.victim = 0; p.victim < victims.size(); ++p.victim)
    if (p.high_mhz >= victims[p.victim].low_mhz && p.low_mhz <= victims[p.victim].high_mhz) out.push_back(p);
}

}  // namespace

std::vector<Product> productsInBands(const std::vector<Emitter>& e, const std::vector<Victim>& victims,
                                     int highest_order) {
  if (highest_order < 2) throw DomainError("highest_order >= 2");
  std::vector<Product> out;
  for (std::size_t i = 0; i < e.size(); ++i) {
    check(e[i]);
    for (int order = 2; order <= highest_order; ++order)
      addWhereHeard(victims, {ProductKind::Harmonic, order, {i}}, order * e[i].frequency_mhz,
                    order * e[i].bandwidth_mhz / 2, out);
  }
  for (std::size_t a = 0; a < e.size(); ++a)
    for (std::size_t b = a + 1; b < e.size(); ++b)
      for (const double second : {e[a].frequency_mhz + e[b].frequency_mhz, std::abs(e[a].frequency_mhz - e[b].frequency_mhz)})
        addWhereHeard(victims, {ProductKind::SecondOrder, 2, {a, b}}, second, (e[a].bandwidth_mhz + e[b].bandwidth_mhz) / 2, out);
  for (std::size_t a = 0; a < e.size(); ++a)
    for (std::size_t b = a; b < e.size(); ++b)
      for (std::size_t c = 0; c < e.size(); ++c) {
        if (c == a || c == b) continue;
        std::vector<std::size_t> from = a == b ? std::vector{a, c} : std::vector{a, b, c};
        addWhereHeard(victims, {ProductKind::ThirdOrder, 3, std::move(from)},
                      e[a].frequency_mhz + e[b].frequency_mhz - e[c].frequency_mhz,
                      (e[a].bandwidth_mhz + e[b].bandwidth_mhz + e[c].bandwidth_mhz) / 2, out);
      }
  return out;
}

double assumedSuppression_db(const Product& p) {
  return p.kind == ProductKind::Harmonic && p.order > 2 ? 50 : 40;
}

double isolation_db(double distance_m, double frequency_mhz, double filter_db, double antenna_gains_db) {
  requirePositive(distance_m, "distance_m");
  if (!(filter_db >= 0)) throw DomainError("filter_db >= 0");
  requireFinite(antenna_gains_db, "antenna_gains_db");
  const double near_m = radio::wavelength_m(frequency_mhz) / (2 * std::numbers::pi);
  return radio::freeSpaceLoss_db(std::max(distance_m, near_m), frequency_mhz) + filter_db - antenna_gains_db;
}

double noiseOf_dbm(double sensitivity_dbm, const std::optional<double>& bandwidth_mhz, const std::optional<double>& noise_figure_db) {
  requireFinite(sensitivity_dbm, "sensitivity_dbm");
  if (bandwidth_mhz && *bandwidth_mhz > 0) return radio::noiseFloor_dbm(1e6 * *bandwidth_mhz, noise_figure_db.value_or(radio::kUsualNoiseFigure_db));
  return sensitivity_dbm - kUsualSnr_db;
}

double neededIsolation_db(double emitted_dbm, double tolerated_dbm) {
  requireFinite(emitted_dbm, "emitted_dbm");
  requireFinite(tolerated_dbm, "tolerated_dbm");
  return std::max(emitted_dbm - tolerated_dbm, 0.0);
}

double distanceForIsolation_m(double isolation_db, double frequency_mhz) {
  requireFinite(isolation_db, "isolation_db");
  return radio::rangeRatio(isolation_db - radio::freeSpaceLoss_db(1, frequency_mhz), 2);
}

Isolation isolationFor(double sent_dbm, double tolerated_dbm, double frequency_mhz, double distance_m, double filter_db) {
  Isolation out;
  out.level_dbm = sent_dbm;
  out.needed_db = neededIsolation_db(sent_dbm, tolerated_dbm);
  out.got_db = isolation_db(distance_m, frequency_mhz, filter_db);
  out.apart_m = distanceForIsolation_m(std::max(out.needed_db - filter_db, 0.0), frequency_mhz);
  return out;
}

Isolation isolationOf(const Product& p, const std::vector<Emitter>& emitters, const Victim& victim,
                      double distance_m, double filter_db) {
  double weakest_dbm = INFINITY;
  for (const std::size_t i : p.from) weakest_dbm = std::min(weakest_dbm, emitters[i].power_dbm);
  return isolationFor(weakest_dbm - assumedSuppression_db(p), victim.tolerates_dbm,
                      std::max((p.low_mhz + p.high_mhz) / 2, 1.0), distance_m, filter_db);
}

std::vector<FloorRise> floorRises(const std::vector<FloorReading>& readings) {
  std::vector<double> quiet;
  std::vector<std::string> names;
  for (const FloorReading& r : readings) {
    requireFinite(r.level_dbm, "level_dbm");
    if (r.on.empty())
      quiet.push_back(r.level_dbm);
    else if (std::find(names.begin(), names.end(), r.on) == names.end())
      names.push_back(r.on);
  }
  std::vector<FloorRise> out;
  if (quiet.empty()) return out;
  for (const std::string& name : names) {
    std::vector<double> loud;
    for (const FloorReading& r : readings)
      if (r.on == name) loud.push_back(r.level_dbm);
    const TwoMeans apart = twoMeans(loud, quiet, kReadOff_db);
    out.push_back({name, apart.difference, apart.low, apart.high, apart.low > 0});
  }
  return out;
}

const std::vector<Band>& gnssBands() {
  static const std::vector<Band> kBands = {
      {"GNSS L5 / E5a", 1164, 1189}, {"GNSS E5b", 1189, 1214},     {"GNSS L2", 1215, 1240},
      {"GNSS E6", 1260, 1300},       {"GNSS L1 / E1", 1559, 1592}, {"GNSS G1", 1592, 1610},
  };
  return kBands;
}

}  // namespace distanz::bench
