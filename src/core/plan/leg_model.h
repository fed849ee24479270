#pragma once
#include <memory>
#include <optional>

#include "core/plan/beside.h"
#include "core/plan/flight_line.h"
#include "core/plan/leg_losses.h"
#include "core/plan/mounting.h"
#include "core/radio/pattern.h"

namespace distanz::plan {

/// The way the patterns of a setup's link change along the flight line: the aircraft's by its mounting, which
/// looks back at the station on the way out and ahead on the way back; the ground's, a beam along the bearing
/// of the far post, or upright all around.
class LegModel {
 public:
  LegModel(const campaign::Campaign& campaign, const campaign::Setup& setup, const campaign::Link& link,
           const campaign::SetupLink& ends);
  /// False where neither end says how it radiates or what is in its way.
  bool known() const { return aircraftKnown() || groundKnown() || m_shade || m_beside; }
  bool aircraftKnown() const { return m_aircraft && m_pointed; }
  bool groundKnown() const { return m_ground != nullptr; }
  /// @param turn also what a turn there costs, which takes longer to find
  LegLosses at(double distance_m, bool turn = false) const;

 private:
  double aircraft_db(double azimuth_deg, double elevation_deg, double bank_deg) const;
  double airframe_db(double azimuth_deg, double elevation_deg, double bank_deg) const;
  double ground_db(const FlightLine::At& at) const;
  void addTurn(double elevation_deg, LegLosses& out) const;

  FlightLine m_line;
  std::shared_ptr<const radio::Pattern> m_aircraft, m_ground;
  std::optional<AirframeShade> m_shade;
  std::optional<BesideShade> m_beside;
  bool m_pointed = false, m_beam = false, m_tracked = false;
  double m_axis_azimuth_deg = 0, m_axis_elevation_deg = 0, m_mast_m = 0, m_far_bearing_deg = 0;
};

}  // namespace distanz::plan
