#pragma once
#include "core/course/course.h"

namespace distanz::log {

constexpr double kTopSpeed_mps = 120;  ///< no aircraft of this kind moves faster: quicker is a wrong position
constexpr double kJumpSlack_m = 30;    ///< positions scatter this much anyway

/// Tells, row by row, the positions that no aircraft could have reached from the last believed one. A new
/// place that stays consistent for some seconds is believed.
class Jumps {
 public:
  /// @param t_s not before the row before @return true for a position not to be believed
  bool wrong(double t_s, course::Flat at);

 private:
  struct Seen {
    bool any = false;
    double t_s = 0;
    course::Flat at = {};
  };
  static bool reachable(const Seen& from, const Seen& to);
  Seen m_believed, m_candidate;
  double m_first_s = 0;  ///< since when the candidates are consistent
};

}  // namespace distanz::log
