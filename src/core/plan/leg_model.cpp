#include "core/plan/leg_model.h"

#include "core/campaign/antenna.h"
#include "core/course/ahead.h"
#include "core/plan/beam.h"
#include "core/plan/body.h"

namespace distanz::plan {
namespace {

constexpr int kHeadings = 24;        ///< of a turn that are looked at
constexpr double kDeepest_db = -40;  ///< no null is deeper in the air: bounces fill it

double bearingOf(const course::Flat& f) {
  return std::atan2(f.east_m, f.north_m) / body::kPerDegree;
}

}  // namespace

LegModel::LegModel(const campaign::Campaign& c, const campaign::Setup& setup, const campaign::Link& link,
                   const campaign::SetupLink& ends)
    : m_line(c),
      m_tracked(ends.pointing == campaign::Pointing::Tracked),
      m_mast_m(setup.mast_m.value_or(c.station.antenna_height_m)) {
  m_shade = shadeOf(ends.mount);
  m_beside = besideShade(c.station, m_mast_m);
  if (const campaign::Part* antenna = campaign::aircraftAntenna(c, link, ends))
    m_aircraft = campaign::patternOf(*antenna, ends.mount.bent);
  m_pointed = ends.mount.azimuth_deg || ends.mount.elevation_deg;
  m_axis_azimuth_deg = ends.mount.azimuth_deg.value_or(0);
  m_axis_elevation_deg = ends.mount.elevation_deg.value_or(0);
  if (const campaign::Part* antenna = campaign::groundAntenna(c, link, ends)) {
    m_ground = campaign::patternOf(*antenna);
    const auto shape = campaign::shapeOf(*antenna);
    m_beam = !shape || radio::isBeam(shape->kind);
  }
  if (const auto course = campaign::courseOf(c)) m_far_bearing_deg = bearingOf(course->points().back());
}

double LegModel::aircraft_db(double azimuth_deg, double elevation_deg, double bank_deg) const {
  if (!aircraftKnown()) return 0;
  const body::Vector axis = body::toward(m_axis_azimuth_deg, m_axis_elevation_deg);
  const body::Vector to_station = body::banked(body::toward(azimuth_deg, elevation_deg), bank_deg);
  return std::max(m_aircraft->gain_dbi(body::inAxes(axis, to_station)) - m_aircraft->peak_dbi(), kDeepest_db);
}

double LegModel::airframe_db(double azimuth_deg, double elevation_deg, double bank_deg) const {
  return m_shade ? m_shade->most_dbAt(body::banked(body::toward(azimuth_deg, elevation_deg), bank_deg)) : 0;
}

double LegModel::ground_db(const FlightLine::At& at) const {
  if (!m_ground || (m_beam && m_tracked)) return 0;  // how well it tracks stands in the pointing loss
  const course::Ahead seen = course::aheadOf(at.flat, m_far_bearing_deg);
  const SeenAt s{0, seen.along_m, seen.right_m, at.height_m - m_mast_m};
  return std::max(m_ground->gain_dbi(directionOf(s, m_beam)) - m_ground->peak_dbi(), kDeepest_db);
}

LegLosses LegModel::at(double distance_m, bool turn) const {
  const FlightLine::At at = m_line.at(distance_m), farther = m_line.at(distance_m * 1.001 + 0.1);
  const double elevation = std::atan2(m_mast_m - at.height_m, std::max(distance_m, 1.0)) / body::kPerDegree;
  const double track =
                   bearingOf({farther.flat.east_m - at.flat.east_m, farther.flat.north_m - at.flat.north_m}),
               to_station = bearingOf({-at.flat.east_m, -at.flat.north_m}), ground = ground_db(at);
  LegLosses out;
  out.out_db = ground + aircraft_db(to_station - track, elevation, 0);
  out.back_db = ground + aircraft_db(to_station - track - 180, elevation, 0);
  const double beside = m_beside ? m_beside->most_dbAt(to_station + 180) : 0;
  out.out_shade_db = beside + airframe_db(to_station - track, elevation, 0);
  out.back_shade_db = beside + airframe_db(to_station - track - 180, elevation, 0);
  if (!turn) return out;
  addTurn(elevation, out);
  out.turn_best_db += ground;
  out.turn_worst_db += ground;
  out.turn_shade_db += beside;
  return out;
}

void LegModel::addTurn(double elevation_deg, LegLosses& out) const {
  out.turn_best_db = kDeepest_db;
  for (int i = 0; i < kHeadings; ++i)
    for (const double bank : {-kBank_deg, kBank_deg}) {
      const double heading = 360.0 * i / kHeadings, there = aircraft_db(heading, elevation_deg, bank);
      out.turn_best_db = std::max(out.turn_best_db, there);
      out.turn_worst_db = std::min(out.turn_worst_db, there);
      out.turn_shade_db = std::max(out.turn_shade_db, airframe_db(heading, elevation_deg, bank));
    }
}

}  // namespace distanz::plan
