#include "core/plan/path_model.h"

#include <algorithm>
#include <cmath>

#include "core/campaign/antenna.h"
#include "core/finding/error.h"
#include "core/radio/ground_reflection.h"
#include "core/radio/path_loss.h"
#include "core/radio/weather.h"

namespace distanz::plan {
namespace {

constexpr double kNearest_m = 50, kStep = 1.02, kSmoothStep = 1.1;

radio::Plane planeOf(const campaign::Part* antenna) {
  const auto p = antenna ? campaign::polarisationOf(*antenna) : std::nullopt;
  if (!p) return radio::Plane::Vertical;
  if (p->hand != radio::Hand::None) return radio::Plane::Circular;
  return std::abs(std::remainder(p->tilt_deg, 180.0)) > 45 ? radio::Plane::Horizontal
                                                           : radio::Plane::Vertical;
}

radio::Ground groundOf(campaign::GroundKind kind) {
  switch (kind) {
    case campaign::GroundKind::VeryDry:
      return radio::Ground::VeryDry;
    case campaign::GroundKind::Wet:
      return radio::Ground::Wet;
    case campaign::GroundKind::FreshWater:
      return radio::Ground::FreshWater;
    case campaign::GroundKind::SeaWater:
      return radio::Ground::SeaWater;
    default:
      return radio::Ground::MediumDry;
  }
}

}  // namespace

PathModel::PathModel(const campaign::Campaign& c, const campaign::Link& link, const campaign::SetupLink& ends,
                     const std::optional<double>& mast_m, Sights sights)
    : m_frequency_mhz(link.frequency_mhz),
      m_exponent(c.plan_exponent),
      m_mast_m(mast_m.value_or(c.station.antenna_height_m)),
      m_plan(c.plan),
      m_plane(planeOf(campaign::findPart(c, ends.tx_antenna))),
      m_counts(c.plan.ground != campaign::GroundKind::Unsaid || c.plan.obstruction || c.plan.gases ||
               c.plan.rain_mm_h || c.plan.cloud_g_m3),
      m_line(c),
      m_sights(std::move(sights)) {
  m_plan.ticks.clear();
  if (!m_counts) return;
  m_ground = radio::permittivityOf(groundOf(m_plan.ground), std::clamp(m_frequency_mhz, 100.0, 30000.0));
}

PathModel PathModel::raised(double aircraft_m, double mast_m) const {
  PathModel out = *this;
  out.m_raise_m += aircraft_m;
  out.m_mast_m += mast_m;
  return out;
}

double PathModel::height_m(double distance_m) const {
  return m_line.at(distance_m).height_m + m_raise_m;
}

double PathModel::slant_m(double distance_m) const {
  if (m_line.empty()) return distance_m;
  return std::hypot(distance_m, height_m(distance_m) - m_mast_m);
}

PathLosses PathModel::at(double distance_m) const {
  PathLosses out;
  const double slant = slant_m(distance_m), km = slant / 1000;
  out.distance_db = radio::logDistanceLoss_db(slant, m_frequency_mhz, m_exponent);
  if (!m_counts) return out;
  const double height = std::max(height_m(distance_m), 0.0);
  if (m_plan.ground != campaign::GroundKind::Unsaid)
    out.reflection_db = radio::twoRayLoss_db(distance_m, m_mast_m, height, m_frequency_mhz, m_ground, m_plane,
                                             m_plan.rough_m);
  if (m_plan.obstruction && m_sights && distance_m <= m_sights->known_m()) {
    const Blocked by = m_sights->blocked(distance_m, m_frequency_mhz, m_mast_m, m_raise_m);
    out.obstruction_db = by.obstruction_db;
    out.woodland_db = by.woodland_db;
  } else if (m_plan.obstruction) {
    out.obstruction_db =
        radio::obstruction(profileOf(flatLine(distance_m, height), m_mast_m), m_frequency_mhz,
                           diffractionOf(m_plan.school), m_plan.earth_factor)
            .loss_db;
  }
  const double gas_mhz = std::min(m_frequency_mhz, 54000.0);  // the oxygen lines above it are not described
  if (m_plan.gases) out.gases_db = km * (radio::oxygenLoss_db_km(gas_mhz) + radio::vapourLoss_db_km(gas_mhz));
  if (m_plan.rain_mm_h) out.rain_db = km * radio::rainLoss_db_km(m_frequency_mhz, *m_plan.rain_mm_h, m_plane);
  if (m_plan.cloud_g_m3)
    out.cloud_db = km * radio::cloudLoss_db_km(std::min(m_frequency_mhz, 200000.0), *m_plan.cloud_g_m3, 10);
  return out;
}

double PathModel::range_m(const radio::LinkEnds& ends, double critical_dbm) const {
  const double at_no_loss = radio::linkBudget(ends, 0).received_dbm;
  const double at_1_m = at_no_loss - radio::logDistanceLoss_db(1, m_frequency_mhz, m_exponent);
  const double slant = radio::rangeRatio(at_1_m - critical_dbm, m_exponent);
  if (!m_counts) return groundDistance_m(slant);
  return ranges_m(ends, critical_dbm, [](double) { return Wanted{}; })[0];
}

double PathModel::groundDistance_m(double slant_m) const {
  if (m_line.empty()) return slant_m;
  double low = std::min(1.0, slant_m), high = slant_m;
  for (int k = 0; k < 60 && high - low > 1e-9 * slant_m; ++k) {
    const double half = (low + high) / 2;
    (this->slant_m(half) <= slant_m ? low : high) = half;
  }
  return low;
}

double PathModel::smoothFrom_m() const {
  if (m_plan.ground != campaign::GroundKind::Unsaid) return INFINITY;
  return std::max(m_line.end_m(), m_sights ? m_sights->known_m() : 0);
}

PathModel::Wanted PathModel::ranges_m(const radio::LinkEnds& ends, double critical_dbm,
                                      const std::function<Wanted(double)>& wanted_db) const {
  const double at_no_loss = radio::linkBudget(ends, 0).received_dbm;
  const auto above_db = [&](double d) { return at_no_loss - at(d).sum_db() - critical_dbm; };
  /// Where it was last good, and where it is bad since.
  struct Walk {
    double good_m = kNearest_m, bad_m = 0;
    bool ever = false, ended = false;
  };
  std::array<Walk, std::tuple_size_v<Wanted>> walks;
  std::size_t under_way = walks.size();
  const double smooth_m = smoothFrom_m();
  for (double d = kNearest_m; under_way > 0 && d < kFarthest_m;
       d = std::max(d * (d > smooth_m ? kSmoothStep : kStep), d + 1)) {
    const double above = above_db(d);
    const Wanted wanted = wanted_db(d);
    for (std::size_t i = 0; i < walks.size(); ++i) {
      Walk& w = walks[i];
      if (w.ended) continue;
      if (above >= wanted[i]) {
        w.good_m = d;
        w.bad_m = 0;
        w.ever = true;
        continue;
      }
      if (w.bad_m == 0) w.bad_m = d;
      if (d - w.good_m < kIgnored_m) continue;
      w.ended = true;
      --under_way;
    }
  }
  Wanted out;
  out.fill(kFarthest_m);
  for (std::size_t i = 0; i < walks.size(); ++i) {
    const Walk& w = walks[i];
    if (w.bad_m == 0) continue;
    double low = w.ever ? w.good_m : 1, high = w.ever ? w.bad_m : kNearest_m;
    for (int k = 0; k < 40 && high - low > 0.01; ++k) {
      const double half = (low + high) / 2;
      (above_db(half) >= wanted_db(half)[i] ? low : high) = half;
    }
    out[i] = low;
  }
  return out;
}

}  // namespace distanz::plan
