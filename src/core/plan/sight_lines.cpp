#include "core/plan/sight_lines.h"

#include <algorithm>
#include <cmath>

#include "core/parallel/on_all_cores.h"
#include "core/radio/weather.h"

namespace distanz::plan {
namespace {

constexpr double kBend_m =
    5000;  ///< a parallel's bow against the straight line over it stays under half a metre
constexpr int kLeastSteps = 16, kFlatSteps = 60;

/// Places not known, between two that are, straight across, and level behind the last. @return whether the
/// end is known
bool fill(std::vector<double>& height_m, double& share) {
  const bool known = !std::isnan(height_m.back());
  for (std::size_t i = height_m.size(); !known && i-- > 0;)
    if (!std::isnan(height_m[i])) {
      height_m.back() = height_m[i];
      break;
    }
  std::size_t before = 0, filled = 0;
  for (std::size_t i = 1; i < height_m.size(); ++i) {
    if (std::isnan(height_m[i])) continue;
    for (std::size_t k = before + 1; k < i; ++k, ++filled)
      height_m[k] = std::lerp(height_m[before], height_m[i], double(k - before) / double(i - before));
    before = i;
  }
  share = double(filled) / double(height_m.size());
  return known;
}

/// Of the ray's way through what stands between hard and top, metres.
double woodDepth_m(const SightLine& line, const radio::Profile& p, double earth_factor) {
  double depth = 0;
  const double reach = p.distance_m.back();
  for (std::size_t i = 0; i < p.distance_m.size(); ++i) {
    const double d = p.distance_m[i];
    const double ray =
        std::lerp(p.first_m, p.last_m, d / reach) - radio::earthBulge_m(d, reach - d, earth_factor);
    if (line.top_m[i] <= line.hard_m[i] || ray >= line.top_m[i]) continue;
    const double before = i > 0 ? d - p.distance_m[i - 1] : 0,
                 behind = i + 1 < p.distance_m.size() ? p.distance_m[i + 1] - d : 0;
    depth += (before + behind) / 2;
  }
  return depth;
}

}  // namespace

radio::Diffraction diffractionOf(campaign::DiffractionSchool school) {
  return school == campaign::DiffractionSchool::Bullington ? radio::Diffraction::Bullington
                                                           : radio::Diffraction::Deygout;
}

SightLine flatLine(double distance_m, double aircraft_m) {
  SightLine out;
  out.aircraft_m = aircraft_m;
  for (int i = 0; i <= kFlatSteps; ++i) out.distance_m.push_back(distance_m * i / kFlatSteps);
  out.ground_m = out.hard_m = out.top_m = std::vector<double>(kFlatSteps + 1, 0.0);
  return out;
}

void eachLineTo(double distance_m, const campaign::Campaign& c, const Sights& sights,
                const std::function<bool(const SightLine&)>& each) {
  const double known = sights ? std::min(distance_m, sights->known_m()) : 0;
  bool more = true;
  if (known > 0) sights->eachTo(known, [&](const SightLine& line) { return more = each(line); });
  const FlightLine flown(c);
  for (int i = 1; more && i <= SightLines::kLines; ++i)
    if (const double d = distance_m * i / SightLines::kLines; d > known * (1 + 1e-6))
      more = each(flatLine(d, flown.at(d).height_m));
}

radio::Profile profileOf(const SightLine& line, double mast_m, double raise_m, bool through) {
  return {line.distance_m, through ? line.hard_m : line.top_m, mast_m, line.aircraft_m + raise_m};
}

SightLines::SightLines(const campaign::Campaign& c, std::shared_ptr<const terrain::Ground> ground,
                       double reach_m, int places)
    : m_plan(c.plan), m_ground(std::move(ground)), m_flown(c) {
  m_plan.ticks.clear();
  const auto station = c.station.position();
  if (!station || !m_ground || m_flown.empty()) return;
  m_plane.emplace(*station);
  m_station_m = m_ground->height_m(*station);
  if (std::isnan(m_station_m)) return;
  m_step_m = reach_m / places;
  m_lines.resize(std::size_t(places));
  parallel::onAllCores(m_lines.size(), [&](std::size_t i) { m_lines[i] = lineTo(m_step_m * double(i + 1)); });
  while (!m_lines.empty() && !m_lines.back().known) m_lines.pop_back();
}

void SightLines::eachTo(double distance_m, const std::function<bool(const SightLine&)>& each) const {
  for (const SightLine& line : m_lines)
    if (line.distance_m.back() < distance_m - m_step_m / 10 && !each(line)) return;
  each(lineTo(distance_m));
}

SightLine SightLines::lineTo(double distance_m) const {
  SightLine out;
  const FlightLine::At to = m_flown.at(distance_m);
  out.aircraft_m = to.height_m;
  const double cell = std::max(m_ground->cell_m(), 1.0);
  const int bends = std::max(int(std::ceil(distance_m / kBend_m)), 1);
  const int steps =
      bends *
      std::max(int(std::clamp(distance_m / cell, double(kLeastSteps), double(kMostSteps))) / bends, 1);
  for (auto* column : {&out.distance_m, &out.ground_m, &out.hard_m, &out.top_m})
    column->reserve(std::size_t(steps) + 1);
  course::Position from = m_plane->position({}), next = from;
  double lon_step = 0;
  for (int i = 0; i <= steps; ++i) {
    const int per = steps / bends, bend = std::min(i / per, bends - 1);
    if (i % per == 0 && i < steps) {
      from = m_plane->position({to.flat.east_m * bend / bends, to.flat.north_m * bend / bends});
      next = m_plane->position({to.flat.east_m * (bend + 1) / bends, to.flat.north_m * (bend + 1) / bends});
      lon_step = std::remainder(next.lon_deg - from.lon_deg, 360.0);
    }
    const double share = double(i - bend * per) / per;
    const course::Position at{from.lat_deg + (next.lat_deg - from.lat_deg) * share,
                              from.lon_deg + lon_step * share};
    const double ground = m_ground->height_m(at) - m_station_m;
    const terrain::Standing standing = m_ground->standing(at);
    out.distance_m.push_back(distance_m * i / steps);
    out.ground_m.push_back(ground);
    out.hard_m.push_back(standing.trees ? 0 : standing.height_m);
    out.top_m.push_back(standing.height_m);
  }
  out.known = fill(out.ground_m, out.filled);
  for (std::size_t i = 0; i < out.ground_m.size(); ++i) {
    out.hard_m[i] += out.ground_m[i];
    out.top_m[i] += out.ground_m[i];
  }
  return out;
}

Blocked SightLines::blockedBy(const SightLine& line, const Key& key) const {
  const radio::Diffraction school = diffractionOf(m_plan.school);
  const radio::Profile over = profileOf(line, key.mast_m, key.raise_m);
  const Blocked by_edges{radio::obstruction(over, key.frequency_mhz, school, m_plan.earth_factor).loss_db, 0};
  if (!m_plan.woodland || by_edges.obstruction_db == 0) return by_edges;
  const double depth = woodDepth_m(line, over, m_plan.earth_factor);
  if (depth == 0) return by_edges;
  const Blocked through{radio::obstruction(profileOf(line, key.mast_m, key.raise_m, true), key.frequency_mhz,
                                           school, m_plan.earth_factor)
                            .loss_db,
                        radio::woodlandLoss_db(std::clamp(key.frequency_mhz, 230.0, 95000.0), depth)};
  const bool shorter = through.obstruction_db + through.woodland_db < by_edges.obstruction_db;
  return shorter ? through : by_edges;
}

std::shared_ptr<const SightLines::Table> SightLines::table(const Key& key) const {
  {
    const std::lock_guard lock(m_mutex);
    if (const auto known = m_tables.find(key); known != m_tables.end()) return known->second;
  }
  auto made = std::make_shared<Table>();
  made->resize(m_lines.size() + 1);
  parallel::onAllCores(m_lines.size(), [&](std::size_t i) { (*made)[i + 1] = blockedBy(m_lines[i], key); });
  const std::lock_guard lock(m_mutex);
  return m_tables.emplace(key, std::move(made)).first->second;
}

Blocked SightLines::blocked(double distance_m, double frequency_mhz, double mast_m, double raise_m) const {
  if (m_lines.empty()) return {};
  const auto known = table({frequency_mhz, mast_m, raise_m});
  const double index = std::clamp(distance_m / m_step_m, 0.0, double(known->size() - 1));
  const std::size_t first = std::min(std::size_t(index), known->size() - 2);
  const Blocked &a = (*known)[first], &b = (*known)[first + 1];
  const double share = index - double(first);
  return {std::lerp(a.obstruction_db, b.obstruction_db, share),
          std::lerp(a.woodland_db, b.woodland_db, share)};
}

}  // namespace distanz::plan
