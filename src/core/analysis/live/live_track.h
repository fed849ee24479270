#pragma once
#include <vector>

#include "core/course/course.h"
#include "core/log/jumps.h"
#include "core/log/recording.h"

namespace distanz::analysis {

/// A flight put on the path while it grows: what log::trackOf() makes of the rows so far, at a cost that does
/// not grow with the flight.
class LiveTrack {
 public:
  /// @param course null: by the distance column
  explicit LiveTrack(const course::Course* course) : m_course(course) {}

  /// Places the rows that came since.
  void update(const log::Recording& so_far);
  /// Rows whose place will not change any more: those up to the last placed one. Later ones may still be
  /// placed between two.
  std::size_t settled() const { return m_any ? m_last_placed + 1 : 0; }

  const std::vector<double>& distance_m() const { return m_distance; }  ///< NaN where unknown
  /// What tells places apart: along the path with GNSS, else the distance.
  const std::vector<double>& place_m() const { return m_gnss ? m_along : m_distance; }
  const std::vector<double>& side_m() const { return m_side; }  ///< as long with GNSS; else empty
  bool fromGnss() const { return m_gnss; }
  /// Throws what log::trackOf() throws for these rows. @throws InputError
  void require(const log::Recording& so_far) const;

 private:
  void restart(bool gnss);
  void place(const log::Recording& so_far, std::size_t row);
  void settle(const std::vector<double>& time_s, std::size_t row);

  const course::Course* m_course;
  bool m_gnss = false;
  std::vector<double> m_distance, m_along, m_side;
  log::Jumps m_jumps;
  std::size_t m_known = 0, m_wrong = 0, m_without_fix = 0, m_fixes = 0;
  std::size_t m_last_placed = 0;
  bool m_any = false;
  double m_nearest = 0, m_farthest = 0;
};

}  // namespace distanz::analysis
