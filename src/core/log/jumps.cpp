#include "core/log/jumps.h"

namespace distanz::log {

bool Jumps::reachable(const Seen& from, const Seen& to) {
  return course::apart_m(from.at, to.at) <= kJumpSlack_m + kTopSpeed_mps * (to.t_s - from.t_s);
}

bool Jumps::wrong(double t_s, course::Flat at) {
  constexpr double kConsistent_s = 5;
  const Seen now{true, t_s, at};
  if (!m_believed.any || reachable(m_believed, now)) {
    m_believed = now;
    m_candidate = {};
    return false;
  }
  if (!m_candidate.any || !reachable(m_candidate, now)) m_first_s = t_s;
  m_candidate = now;
  if (t_s - m_first_s >
      kConsistent_s) {  // the aircraft really is there: what came before was wrong, or a leap of the log
    m_believed = now;
    m_candidate = {};
  }
  return true;
}

}  // namespace distanz::log
