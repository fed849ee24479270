#include "core/plan/sight_lines.h"

#include <algorithm>
#include <cmath>

#include "core/parallel/on_all_cores.h"
#include "core/radio/weather.h"

namespace distanz::plan {
namespace {

constexpr double kUsual_mhz = 2440;  ///< where no link is described yet

}  // namespace

double lowestFrequency_mhz(const campaign::Campaign& c) {
  double out = INFINITY;
  for (const campaign::Link& l : c.links) out = std::min(out, l.frequency_mhz);
  return std::isfinite(out) ? out : kUsual_mhz;
}

radio::Diffraction diffractionOf(campaign::DiffractionSchool school) {
  return school == campaign::DiffractionSchool::Bullington ? radio::Diffraction::Bullington
                                                           : radio::Diffraction::Deygout;
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

SightLines::SightLines(const campaign::Campaign& c, std::shared_ptr<const terrain::Ground> ground,
                       double reach_m, int places)
    : m_plan(c.plan), m_ground(std::move(ground)), m_flown(c) {
  m_plan.ticks.clear();
  const auto station = c.station.position();
  if (!station || !m_ground || m_flown.empty()) return;
  m_station_m = m_ground->height_m(*station);
  if (std::isnan(m_station_m)) return;
  m_looked_up.emplace(*m_ground, *station, m_station_m, lowestFrequency_mhz(c));
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
  const FlightLine::At to = m_flown.at(distance_m);
  return m_looked_up->lineTo(to.flat, distance_m, to.height_m);
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
