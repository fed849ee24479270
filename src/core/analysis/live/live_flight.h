#pragma once
#include <optional>
#include <string>
#include <vector>

#include "core/analysis/live/live_advice.h"
#include "core/analysis/live/live_track.h"
#include "core/analysis/reduce/reference.h"
#include "core/estimate/growing_cells.h"
#include "core/estimate/path_ahead.h"

namespace distanz::analysis {

/// A flight still in the air: rows are added as they come, and after each it can be asked. What one more row
/// costs does not grow with the flight (bench/live_cost).
class LiveFlight {
 public:
  /// @param campaign, models, course outlive the flight; course null: by the distance column @param run its
  /// setup, and what is known of it (reduced power)
  LiveFlight(const campaign::Campaign& campaign, const Models& models, campaign::Run run,
             const course::Course* course);

  /// @param rows not before the last one
  void append(const log::Recording& rows);
  const log::Recording& soFar() const { return m_so_far; }

  /// "Margin now, and distance left at this heading". @param heading_off_deg none: from the last seconds of
  /// the track
  /// @return no links where no link has a critical level, a signal that falls, and a placed row
  /// @throws InputError where the rows hold no position
  FlightAdvice advise(std::optional<double> heading_off_deg = {});

 private:
  /// What is kept of one link.
  struct OnLink {
    const campaign::Link* link;
    const LinkModel* model;
    std::optional<estimate::CriticalLevel> critical;
    std::vector<double> shift_db;  ///< per row
    Reference reference;           ///< as of when it last changed
    HeldPower held;
    double high_dbm = -INFINITY, low_dbm = INFINITY;  ///< of the powers seen
    std::map<double, double> lasted_s;                ///< by mode
    std::size_t added = 0;                            ///< rows that are in the cells
    estimate::GrowingCells cells;
    std::optional<estimate::PathAhead> ahead;   ///< where earlier flights were on this path
    double flown_m = 0;                         ///< how far those flew
    std::optional<estimate::SignalModels> own;  ///< fitted to this flight alone
    double own_at_s = 0;
  };
  /// @param anew every row is placed again
  void addTo(OnLink& on, bool anew);
  bool referenceMoves(OnLink& on, std::size_t row);
  double shiftOf(const OnLink& on, std::size_t row) const;
  void restart(OnLink& on);
  std::optional<LinkAdvice> adviseOn(OnLink& on, double heading_off_deg);
  double headingOff() const;
  bool outAlongPath(double heading_off_deg) const;
  bool goByPath(OnLink& on, const estimate::SignalModel& model, estimate::LiveAdvice& advice) const;

  const campaign::Campaign& m_campaign;
  campaign::Run m_run;
  int m_setup;
  log::Recording m_so_far;
  LiveTrack m_track;
  std::vector<OnLink> m_links;
};

}  // namespace distanz::analysis
