#pragma once
#include <cmath>
#include <functional>
#include <map>
#include <memory>
#include <mutex>
#include <vector>

#include "core/plan/flight_line.h"
#include "core/plan/sight_line.h"
#include "core/radio/diffraction.h"

namespace distanz::plan {

/// What stands in the way to one place of the flight line.
struct Blocked {
  double obstruction_db = 0, woodland_db = 0;
};

/// The ground between the station and every place of the flight line, looked up once and used by every setup
/// and link. Lengthy things are kept: may be asked from several threads.
class SightLines {
 public:
  static constexpr int kLines = 120;

  /// @param reach_m > 0. Empty, with nothing known, where the station, a path or the ground at the station is
  /// not known.
  SightLines(const campaign::Campaign& campaign, std::shared_ptr<const terrain::Ground> ground,
             double reach_m, int places = kLines);

  /// Until where the ground is known all the way; 0 where it is not known at all.
  double known_m() const { return m_lines.empty() ? 0 : m_lines.back().distance_m.back(); }
  bool knowsStation() const { return m_looked_up.has_value(); }
  /// Of evenly spaced places up to known_m(), kLines where nobody asked for fewer.
  const std::vector<SightLine>& lines() const { return m_lines; }
  /// Calls each(line) for those up to a distance, and for one to it, until it returns false.
  void eachTo(double distance_m, const std::function<bool(const SightLine&)>& each) const;
  /// @param distance_m > 0
  SightLine lineTo(double distance_m) const;
  const terrain::Ground& ground() const { return *m_ground; }
  double stationGround_m() const { return m_station_m; }  ///< above sea level

  /// What a link loses by ground and woods, with the earth factor, the school and the choice of woodland that
  /// the campaign's plan has. @param distance_m up to known_m() @param raise_m aircraft above its planned
  /// height
  Blocked blocked(double distance_m, double frequency_mhz, double mast_m, double raise_m = 0) const;

 private:
  struct Key {
    double frequency_mhz, mast_m, raise_m;
    auto operator<=>(const Key&) const = default;
  };
  using Table = std::vector<Blocked>;
  std::shared_ptr<const Table> table(const Key& key) const;
  Blocked blockedBy(const SightLine& line, const Key& key) const;

  campaign::PlanSettings m_plan;
  std::shared_ptr<const terrain::Ground> m_ground;
  std::optional<SightGround> m_looked_up;
  FlightLine m_flown;
  double m_station_m = 0, m_step_m = 0;
  std::vector<SightLine> m_lines;
  mutable std::mutex m_mutex;
  mutable std::map<Key, std::shared_ptr<const Table>> m_tables;
};

using Sights = std::shared_ptr<const SightLines>;

/// Of all links, MHz; a usual one where none is described yet.
double lowestFrequency_mhz(const campaign::Campaign& campaign);

/// As core/radio names the school that a plan has.
radio::Diffraction diffractionOf(campaign::DiffractionSchool school);

/// Calls each(line) for places up to a distance, until it returns false: over the ground as far as it is
/// known, then over flat ground. @param sights may be null
void eachLineTo(double distance_m, const campaign::Campaign& campaign, const Sights& sights,
                const std::function<bool(const SightLine&)>& each);

}  // namespace distanz::plan
