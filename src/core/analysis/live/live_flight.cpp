#include "core/analysis/live/live_flight.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/analysis/reduce/reduction.h"
#include "core/log/channel.h"
#include "core/log/dropouts.h"
#include "core/log/track.h"
#include "core/quantity/decibel.h"

namespace distanz::analysis {
namespace {

constexpr double kHeadingOver_s = 4;  // positions scatter too much to tell a heading from less
constexpr double kLeastMove_m = 5;
constexpr double kAlongPath_deg = 25;  // a heading is not read off more closely
constexpr double kFitEvery_s = 1;      // a first flight's own model

std::optional<estimate::CriticalLevel> criticalOn(const LinkModel* known, const campaign::Link& link) {
  if (known && known->critical) return known->critical;
  const auto kit = campaign::criticalFromKit(link);
  return kit ? std::optional(estimate::CriticalLevel{*kit, 0}) : std::nullopt;
}

const std::vector<double>* columnOf(const log::Recording& r, const campaign::Link& link,
                                    std::string_view quantity) {
  return r.find(log::linkChannel(link.id, quantity));
}

std::string brokenPart(const campaign::Link& link, const log::Recording& so_far) {
  std::vector<NamedPart> parts = ruleParts(link, so_far);
  std::erase_if(parts, [](const NamedPart& p) { return !p.given; });
  std::vector<log::RulePart> measured;
  for (const NamedPart& p : parts) measured.push_back(p.part);
  const auto broken = log::brokenNow(so_far.time_s, measured);
  return broken ? parts[*broken].name : std::string();
}

}  // namespace

LiveFlight::LiveFlight(const campaign::Campaign& campaign, const Models& models, campaign::Run run,
                       const course::Course* course)
    : m_campaign(campaign),
      m_run(std::move(run)),
      m_setup(campaign::setupIndex(campaign, m_run.setup)),
      m_track(course) {
  for (const campaign::Link& link : campaign.links) {
    OnLink on{};
    on.link = &link;
    on.model = models.modelOn(link.id);
    on.critical = criticalOn(on.model, link);
    on.cells = estimate::GrowingCells(firstPlaceOf(campaign, m_run));
    m_links.push_back(std::move(on));
  }
}

namespace {

/// 0 and 127 dBm are what receivers write while they hear nothing: never a signal.
log::Recording heardRows(log::Recording rows) {
  for (log::Column& c : rows.columns) {
    if (log::nameWithoutLink(c.channel) != log::channel::kRssi) continue;
    for (double& level : c.values)
      if (level >= 0) level = NAN;
  }
  return rows;
}

}  // namespace

void LiveFlight::append(const log::Recording& rows) {
  m_so_far.append(heardRows(rows));
  const bool gnss = m_track.fromGnss();
  m_track.update(m_so_far);
  const bool anew = m_track.fromGnss() != gnss;  // the first fix: earlier rows lie elsewhere now
  for (OnLink& on : m_links)
    if (on.critical && columnOf(m_so_far, *on.link, log::channel::kRssi)) addTo(on, anew);
}

/// Takes a row's power and mode in. @return true where what earlier rows are referred to is another now
bool LiveFlight::referenceMoves(OnLink& on, std::size_t row) {
  bool moves = false;
  const double t = m_so_far.time_s[row];
  if (const auto* power = columnOf(m_so_far, *on.link, log::channel::kPower)) {
    on.held.take(t, (*power)[row]);
    const double held = on.held.last_dbm();
    moves = held > on.high_dbm || held < on.low_dbm;
    on.high_dbm = std::fmax(on.high_dbm, held);
    on.low_dbm = std::fmin(on.low_dbm, held);
  }
  if (const auto* modes = modeColumn(m_so_far, on.link->id);
      modes && row > 0 && std::isfinite((*modes)[row - 1])) {
    double& lasted = on.lasted_s[(*modes)[row - 1]];
    const bool held = lasted >= kModeHeld_s;
    lasted += t - m_so_far.time_s[row - 1];
    moves = moves || (!held && lasted >= kModeHeld_s);
  }
  return moves;
}

double LiveFlight::shiftOf(const OnLink& on, std::size_t row) const {
  double shift = on.reference.reduced_db + on.reference.mode.offset_db;
  const PowerUse& use = on.reference.power;
  if (!use.recorded) return shift;
  const bool far = std::abs(use.high_dbm - use.reference_dbm) > kPowerTolerance_db;
  if (!use.changed) return far ? shift + use.reference_dbm - use.high_dbm : shift;
  return shift + use.reference_dbm - on.held.at(m_so_far.time_s[row]);
}

void LiveFlight::restart(OnLink& on) {
  on.reference = referenceOf(m_campaign, m_run, *on.link, m_so_far);
  on.shift_db = on.reference.signal_db;
  on.shift_db.reserve(2 * m_so_far.rows());  // the row after many must not move them all
  on.shift_db.resize(m_so_far.rows(), 0.0);
  on.cells = estimate::GrowingCells(firstPlaceOf(m_campaign, m_run));
  on.added = 0;
}

void LiveFlight::addTo(OnLink& on, bool anew) {
  bool moves = anew || on.shift_db.empty();
  for (std::size_t i = on.shift_db.size(); i < m_so_far.rows(); ++i) {
    moves = referenceMoves(on, i) || moves;
    on.shift_db.push_back(shiftOf(on, i));
  }
  if (moves) restart(on);  // rare: a new extreme of power, a mode that has lasted
  const auto& rssi = *columnOf(m_so_far, *on.link, log::channel::kRssi);
  for (; on.added < m_track.settled(); ++on.added)
    on.cells.add(m_track.distance_m()[on.added], m_track.place_m()[on.added], rssi[on.added],
                 on.shift_db[on.added]);
}

/// Angle between the last seconds' movement and the direction away from the station. By distance alone: out
/// or home.
double LiveFlight::headingOff() const {
  const std::vector<double>&distance = m_track.distance_m(), &time_s = m_so_far.time_s;
  std::size_t end = distance.size();
  while (end > 0 && !std::isfinite(distance[end - 1])) --end;
  if (end == 0) return 0;
  std::size_t begin = end - 1;
  while (begin > 0 && time_s[end - 1] - time_s[begin] < kHeadingOver_s) --begin;
  while (begin < end && !std::isfinite(distance[begin])) ++begin;
  const double outward = distance[end - 1] - distance[begin];
  if (!m_track.fromGnss()) return outward < 0 ? 180 : 0;
  const double aside = m_track.side_m()[end - 1] - m_track.side_m()[begin];
  if (std::abs(outward) < kLeastMove_m && std::abs(aside) < kLeastMove_m) return 0;
  return std::abs(std::atan2(aside, outward)) * 180 / std::numbers::pi;
}

bool LiveFlight::outAlongPath(double heading_off_deg) const {
  if (!(heading_off_deg <= kAlongPath_deg) || m_track.settled() == 0) return false;
  const std::vector<double>& side = m_track.side_m();
  return side.empty() || std::abs(side[m_track.settled() - 1]) <= log::kOffPath_m;
}

/// What is left on the very path that earlier flights flew. @return false where they were not on it
bool LiveFlight::goByPath(OnLink& on, const estimate::SignalModel& model,
                          estimate::LiveAdvice& advice) const {
  const int first_place = firstPlaceOf(m_campaign, m_run);
  if (!on.ahead) {
    int last = -1;
    for (const estimate::PlaceLevel& p : model.places)
      if (p.index >= first_place && p.index < first_place + estimate::defaults::kPlacesOfAPath)
        last = std::max(last, p.index - first_place);
    if (last < 0) return false;
    on.flown_m = (last + 1) * estimate::defaults::kCellWidth_m;
    on.ahead.emplace(model, m_setup, *on.critical, first_place, on.flown_m);
  }
  const double here = m_track.place_m()[m_track.settled() - 1];
  const auto reach = on.ahead->from(here, advice.off_setup_db, advice.off_setup_sd_db);
  const auto left = [&](double reach_m, double by_line_m) {
    if (std::isfinite(reach_m)) return reach_m - here;
    if (on.reference.power_unknown) return std::max(on.flown_m - here, 0.0);
    return std::max(by_line_m, on.ahead->end_m() - here);
  };
  advice.typical_left_m = left(reach.typical_m, advice.typical_left_m);
  advice.dependable_left_m = left(reach.dependable_m, advice.dependable_left_m);
  if (std::isfinite(reach.dependable_m)) advice.beyond_flown = false;
  return true;
}

/// From earlier flights of the setup where there are any; else from this flight by itself.
std::optional<LinkAdvice> LiveFlight::adviseOn(OnLink& on, double heading_off_deg) {
  const auto& rssi = *columnOf(m_so_far, *on.link, log::channel::kRssi);
  const auto now = estimate::presentOf({m_so_far.time_s, m_track.distance_m(), rssi, {}, {}, on.shift_db});
  if (!now) return std::nullopt;
  LinkAdvice out;
  std::optional<estimate::LiveAdvice> advice;
  const estimate::FlightCells& cells = on.cells.cells();
  const estimate::SignalModel* by = nullptr;
  const auto ask = [&](const estimate::SignalModel& model) {
    if (advice) return;
    advice = estimate::adviseLive(model, m_setup, *on.critical, cells, *now, heading_off_deg);
    by = &model;
  };
  // At a power that nobody knows, a signal can be held against flights at such a power on the same path only.
  const bool unknown = on.reference.power_unknown;
  if (on.model && on.model->power_unknown.contains(m_setup) == unknown)
    std::for_each(on.model->models.components.begin(), on.model->models.components.end(), ask);
  if (!advice && !unknown) {
    const double t = m_so_far.time_s.back();
    if (!on.own || t - on.own_at_s >= kFitEvery_s) {
      on.own = estimate::fitSignalModels({{m_setup, cells}});
      on.own_at_s = t;
    }
    std::for_each(on.own->components.begin(), on.own->components.end(), ask);
    out.first_flight = true;
  }
  if (!advice) return std::nullopt;
  if (!out.first_flight && outAlongPath(heading_off_deg)) out.on_path = goByPath(on, *by, *advice);
  if (unknown && !out.on_path) return std::nullopt;
  out.advice = *advice;
  out.link = on.link->id;
  out.below_rule = brokenPart(*on.link, m_so_far);
  return out;
}

FlightAdvice LiveFlight::advise(std::optional<double> heading_off_deg) {
  m_track.require(m_so_far);
  FlightAdvice out;
  out.heading_off_deg = heading_off_deg.value_or(headingOff());
  for (OnLink& on : m_links)
    if (on.critical && columnOf(m_so_far, *on.link, log::channel::kRssi))
      if (auto advice = adviseOn(on, out.heading_off_deg)) out.links.push_back(*advice);
  std::stable_sort(out.links.begin(), out.links.end(), [](const LinkAdvice& a, const LinkAdvice& b) {
    if (a.below_rule.empty() != b.below_rule.empty()) return b.below_rule.empty();
    return a.advice.dependable_left_m < b.advice.dependable_left_m;
  });
  return out;
}

FlightAdvice adviseFlight(const campaign::Campaign& campaign, const Models& models, const campaign::Run& run,
                          const log::Recording& so_far, const course::Course* course,
                          std::optional<double> heading_off_deg) {
  LiveFlight flight(campaign, models, run, course);
  flight.append(so_far);
  return flight.advise(heading_off_deg);
}

}  // namespace distanz::analysis
