#include "core/log/line_up.h"

#include <algorithm>
#include <cmath>

#include "core/log/airborne.h"
#include "core/log/channel.h"
#include "core/log/clock.h"
#include "core/log/quantile.h"
#include "core/quantity/unit.h"

namespace distanz::log {
namespace {

using quantity::Unit;

constexpr double kMoving_mps = 1;
constexpr double kQuarter_s = 900, kMostZone_s = 14 * 3600;  // zones differ by quarters of an hour
constexpr double kSameClock_s = 5;      // a clock set by hand is off by as much
constexpr double kStamps_sd_s = 1;      // of clocks that nothing confirms
constexpr double kEvent_sd_s = 2, kEventsAgree_s = 3;
constexpr double kLeastFlight_s = 30;

double lasts_s(const Recording& r) {
  return r.time_s.empty() ? 0 : r.time_s.back();
}

/// Seconds that both logs cover where the other begins at this time of the first; the gap between them where below 0.
double common_s(const Recording& first, const Recording& other, double offset_s) {
  return std::min(lasts_s(first), offset_s + lasts_s(other)) - std::max(first.time_s.front(), offset_s + other.time_s.front());
}

std::optional<double> stamps_s(const Recording& first, const Recording& other) {
  const auto a = secondsOf(first.started), b = secondsOf(other.started);
  if (!a || !b) return std::nullopt;
  return *b - *a;
}

/// Take-off and landing, where the log shows both.
std::optional<Airborne> flightOf(const Recording& r) {
  const auto* distance = r.find(channel::kDistance);
  const std::vector<double> none(r.rows(), NAN);
  const auto flown = airborneIn(r, distance ? *distance : none);
  const auto longest = std::max_element(flown.begin(), flown.end(), [&](const Airborne& a, const Airborne& b) {
    return r.time_s[a.end - 1] - r.time_s[a.begin] < r.time_s[b.end - 1] - r.time_s[b.begin];
  });
  if (longest == flown.end() || longest->begin == 0 || longest->end == r.rows()) return std::nullopt;
  return *longest;
}

std::optional<LineUp> byEvent(const Recording& first, const Recording& other) {
  const auto a = flightOf(first), b = flightOf(other);
  if (!a || !b) return std::nullopt;
  const double up = first.time_s[a->begin] - other.time_s[b->begin],
               down = first.time_s[a->end - 1] - other.time_s[b->end - 1];
  if (std::abs(up - down) > kEventsAgree_s || first.time_s[a->end - 1] - first.time_s[a->begin] < kLeastFlight_s)
    return std::nullopt;
  LineUp out{{(up + down) / 2, 0}, kEvent_sd_s, NAN, {}};
  out.told.push_back(finding("lined-up-event", {{"offset", out.clock.offset_s, Unit::Second}, {"sd", out.sd_s, Unit::Second}}));
  return out;
}

LineUp byChannel(const ClockFit& fit, std::optional<double> stamps) {
  LineUp out{{fit.offset_s, fit.drift_ppm}, fit.offset_sd_s, NAN, {}};
  if (!stamps) return out;
  const double apart = fit.offset_s - *stamps, zone = kQuarter_s * std::round(apart / kQuarter_s);
  if (zone != 0 && std::abs(apart - zone) <= kSameClock_s && std::abs(zone) <= kMostZone_s)
    out.told.push_back(finding("lined-up-zone", {{"apart", std::abs(zone), Unit::Second}}));
  else if (std::abs(apart) > kSameClock_s)
    out.told.push_back(finding("lined-up-clock-off", {{"apart", std::abs(apart), Unit::Second}}));
  return out;
}

LineUp found(const Recording& first, const Recording& other, const std::string& name) {
  const auto stamps = stamps_s(first, other);
  if (const auto fit = alignClocks(first, other)) {
    LineUp out = byChannel(*fit, stamps);
    out.told.insert(out.told.begin(),
                    finding("lined-up-channel", {{"log", name},
                                                 {"offset", fit->offset_s, Unit::Second},
                                                 {"sd", fit->offset_sd_s, Unit::Second},
                                                 {"channel", Term{"channel-" + std::string(nameWithoutLink(fit->channel))}},
                                                 {"overlap", fit->overlap_s, Unit::Second}}));
    if (const double rate = fit->drift_ppm * 1e-4; std::abs(rate) > 0.05)
      out.told.push_back(finding("lined-up-rate", {{"log", name}, {"rate", rate, Unit::Percent}}));
    return out;
  }
  if (stamps && common_s(first, other, *stamps) > 0) {
    LineUp out{{*stamps, 0}, kStamps_sd_s, NAN, {}};
    out.told.push_back(finding("lined-up-stamps", {{"log", name}, {"offset", *stamps, Unit::Second}}));
    return out;
  }
  if (const auto out = byEvent(first, other)) return *out;
  constexpr double kHour_s = 3600;
  const double zone = stamps ? kHour_s * std::round(*stamps / kHour_s) : 0;
  if (zone != 0 && std::abs(zone) <= kMostZone_s && common_s(first, other, *stamps - zone) > 0)
    throw InputError(finding("logs-of-two-zones", {{"log", name}, {"apart", std::abs(zone), Unit::Second}, {"after", *stamps - zone, Unit::Second}}));
  if (stamps)
    throw InputError(finding("logs-of-two-flights", {{"log", name},
                                                     {"apart", -common_s(first, other, *stamps), Unit::Second}}));
  throw InputError(finding("logs-not-lined-up", {{"log", name}}));
}

}  // namespace

double usualSpeed_mps(const Recording& r) {
  std::vector<double> speeds;
  if (const auto* speed = r.find(channel::kSpeed)) {
    speeds = *speed;
  } else if (const auto* distance = r.find(channel::kDistance)) {
    for (std::size_t i = 0, from = 0; i < r.rows(); ++i) {
      if (r.time_s[i] - r.time_s[from] < 1) continue;
      speeds.push_back(std::abs((*distance)[i] - (*distance)[from]) / (r.time_s[i] - r.time_s[from]));
      from = i;
    }
  }
  std::erase_if(speeds, [](double v) { return !(v > kMoving_mps); });
  return speeds.empty() ? NAN : quantile(std::move(speeds), 0.5);
}

double onPath_m(double sd_s, const Recording& recording) {
  return sd_s * usualSpeed_mps(recording);
}

LineUp lineUp(const Recording& first, const Recording& other, const std::string& name, std::optional<double> hand_s) {
  LineUp out;
  if (!hand_s)
    out = found(first, other, name);
  else if (common_s(first, other, *hand_s) > 0)
    out.clock.offset_s = *hand_s;
  else
    throw InputError(finding("logs-of-two-flights", {{"log", name}, {"apart", -common_s(first, other, *hand_s), Unit::Second}}));
  const double by_first = onPath_m(out.sd_s, first);
  out.sd_m = std::isfinite(by_first) ? by_first : onPath_m(out.sd_s, other);
  return out;
}

}  // namespace distanz::log
