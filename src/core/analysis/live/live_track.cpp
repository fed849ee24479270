#include "core/analysis/live/live_track.h"

#include <algorithm>
#include <cmath>

#include "core/finding/error.h"
#include "core/log/track.h"

namespace distanz::analysis {

void LiveTrack::restart(bool gnss) {
  *this = LiveTrack(m_course);
  m_gnss = gnss;
}

void LiveTrack::update(const log::Recording& r) {
  const auto *lat = r.find(log::channel::kLatitude), *lon = r.find(log::channel::kLongitude);
  if (m_course && lat && lon && !m_gnss) {  // until the first fix the distance column is all there is
    for (std::size_t i = m_distance.size(); i < r.rows() && m_fixes == 0; ++i) {
      if (!std::isfinite((*lat)[i]) || !std::isfinite((*lon)[i])) continue;
      ++(log::placedAt(*m_course, (*lat)[i], (*lon)[i]) ? m_fixes : m_without_fix);
    }
    if (m_fixes > 0) restart(true);
  }
  for (std::size_t i = m_distance.size(); i < r.rows(); ++i) place(r, i);
}

void LiveTrack::place(const log::Recording& r, std::size_t row) {
  double distance = NAN, along = NAN, side = NAN;
  course::Flat at{NAN, NAN};
  if (m_gnss) {
    const auto p = log::placedAt(*m_course, (*r.find(log::channel::kLatitude))[row],
                                 (*r.find(log::channel::kLongitude))[row]);
    if (p) {
      distance = p->distance_m;
      along = p->along_m;
      side = p->side_m;
      at = p->flat;
    }
  } else if (const auto* column = r.find(log::channel::kDistance); column && (*column)[row] >= 0) {
    distance = (*column)[row];
    at = {distance, 0};
  }
  if (std::isfinite(distance)) {
    ++m_known;
    if (m_jumps.wrong(r.time_s[row], at)) {
      ++m_wrong;
      distance = along = side = NAN;
    }
  }
  m_distance.push_back(distance);
  if (m_gnss) {
    m_along.push_back(along);
    m_side.push_back(side);
  }
  if (std::isfinite(distance)) settle(r.time_s, row);
}

/// Takes a row that is placed, and fills what lies before it.
void LiveTrack::settle(const std::vector<double>& time_s, std::size_t row) {
  if (m_any) {
    log::fillBetween(time_s, m_distance, m_last_placed, row);
    if (m_gnss) {
      log::fillBetween(time_s, m_along, m_last_placed, row);
      log::fillBetween(time_s, m_side, m_last_placed, row);
    }
  }
  m_nearest = m_any ? std::min(m_nearest, m_distance[row]) : m_distance[row];
  m_farthest = std::max(m_farthest, m_distance[row]);
  m_any = true;
  m_last_placed = row;
}

void LiveTrack::require(const log::Recording& r) const {
  if (!m_gnss) {
    if (m_course && m_without_fix > 0 && !r.find(log::channel::kDistance))
      throw InputError(finding("gnss-never-fixed", {{"rows", m_without_fix}}));
    if (!r.find(log::channel::kDistance))
      throw InputError(
          finding(!m_course && r.find(log::channel::kLatitude) ? "no-path-for-coordinates" : "no-position"));
  }
  log::refuseIfMostlyWrong(m_wrong, m_known, m_gnss);
  log::requireMovement(m_any ? m_known - m_wrong : 0, m_nearest, m_farthest);
}

}  // namespace distanz::analysis
