#include "core/log/run_facts.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "core/log/channel.h"
#include "core/log/quantile.h"
#include "core/quantity/unit.h"

namespace distanz::log {
namespace {

using quantity::Unit;

constexpr double kLeastLeg_m = 100, kVoltsOver_s = 10, kLongestStep_s = 5;
constexpr double kLeastFreeze_s = 0.3, kFrozenDelay = 3, kFrozenDelay_ms = 150, kWorstOver_m = 100, kStoodStill_s = 0.25;

/// Charge used up to each row, mAh; empty where nothing tells it.
std::vector<double> chargeOf(const Recording& r) {
  if (const auto* used = r.find("used_mah")) return *used;
  const auto* current = r.find("current_a");
  if (!current) return {};
  std::vector<double> out(r.rows(), 0);
  for (std::size_t i = 1; i < r.rows(); ++i) {
    const double dt = r.time_s[i] - r.time_s[i - 1], mean = ((*current)[i] + (*current)[i - 1]) / 2;
    out[i] = out[i - 1] + (dt <= kLongestStep_s && std::isfinite(mean) ? mean * dt / 3.6 : 0);
  }
  return out;
}

/// A leg from its first to its last row that tells place and charge.
struct LegUse {
  double used_mah = NAN, way_m = NAN, lasted_s = NAN;
};
LegUse legUse(const Recording& r, const std::vector<double>& charge, const std::vector<double>& place, double from_s, double to_s) {
  std::size_t first = r.rows(), last = 0;
  for (std::size_t i = 0; i < r.rows(); ++i) {
    if (r.time_s[i] < from_s || r.time_s[i] > to_s || !std::isfinite(charge[i]) || !std::isfinite(place[i])) continue;
    first = std::min(first, i);
    last = i;
  }
  if (first >= last) return {};
  const double way_m = std::abs(place[last] - place[first]);
  if (!(way_m >= kLeastLeg_m)) return {};
  return {charge[last] - charge[first], way_m, r.time_s[last] - r.time_s[first]};
}

/// Lowest and first median of kVoltsOver_s.
void setVoltage(const Recording& r, EnergyUse& out) {
  const auto* volts = r.find("battery_v");
  if (!volts) return;
  std::vector<double> block;
  double from_s = r.time_s.front();
  const auto close = [&] {
    if (block.size() >= 3) {
      const double middle = quantile(block, 0.5);
      if (std::isnan(out.first_v)) out.first_v = middle;
      out.lowest_v = std::isnan(out.lowest_v) ? middle : std::min(out.lowest_v, middle);
    }
    block.clear();
  };
  for (std::size_t i = 0; i < r.rows(); ++i) {
    if (r.time_s[i] - from_s >= kVoltsOver_s) {
      close();
      from_s = r.time_s[i];
    }
    if (std::isfinite((*volts)[i])) block.push_back((*volts)[i]);
  }
  close();
}

/// Rows in which the picture stood still.
std::vector<bool> frozen(const Recording& r, const std::string& link) {
  std::vector<bool> out(r.rows(), false);
  if (const auto* rate = r.find(linkChannel(link, channel::kBitrate)))
    for (std::size_t i = 0; i < r.rows(); ++i) out[i] = (*rate)[i] <= 0;
  if (const auto* delay = r.find(linkChannel(link, "delay_ms"))) {
    const double usual = quantile(*delay, 0.5), limit = std::max(kFrozenDelay * usual, usual + kFrozenDelay_ms);
    for (std::size_t i = 0; i < r.rows(); ++i) out[i] = out[i] || (*delay)[i] > limit;
  }
  // a counter that stands while rows go on; one that is logged more slowly than a frame lasts shows nothing
  if (const auto* frames = r.find(linkChannel(link, channel::kFrames))) {
    std::size_t since = 0;
    bool known = false;
    for (std::size_t i = 0; i < r.rows(); ++i) {
      if (!std::isfinite((*frames)[i])) continue;
      if (known && (*frames)[i] == (*frames)[since] && r.time_s[i] - r.time_s[since] > kStoodStill_s)
        for (std::size_t k = since + 1; k <= i; ++k) out[k] = true;
      if (!known || (*frames)[i] != (*frames)[since]) since = i;
      known = true;
    }
  }
  return out;
}

}  // namespace

EnergyUse energyUse(const Recording& r, const Track& track) {
  EnergyUse out;
  if (r.time_s.empty()) return out;
  setVoltage(r, out);
  const std::vector<double> charge = chargeOf(r);
  if (charge.empty()) return out;
  const std::vector<double>& place = track.progress_m();
  const LegUse away = legUse(r, charge, place, -INFINITY, track.turn.begin_s), home = legUse(r, charge, place, track.turn.end_s, INFINITY);
  out.out_mah_km = away.used_mah / away.way_m * 1000;
  out.back_mah_km = home.used_mah / home.way_m * 1000;
  out.both_mah_km = (away.used_mah + home.used_mah) / (away.way_m + home.way_m) * 1000;
  out.out_mps = away.way_m / away.lasted_s;
  out.back_mps = home.way_m / home.lasted_s;
  const auto known = [](double v) { return std::isfinite(v); };
  const auto first = std::find_if(charge.begin(), charge.end(), known);
  const auto last = std::find_if(charge.rbegin(), charge.rend(), known);
  if (first != charge.end()) out.total_mah = *last - *first;
  return out;
}

std::vector<ModeStep> modeSteps(const Recording& r, const Track& track, std::span<const std::string> links) {
  std::vector<ModeStep> out;
  for (const std::string& link : links)
    for (const std::string_view what : {channel::kRate, channel::kMode, channel::kFrequency}) {
      const std::string name = linkChannel(link, what);
      const auto* values = r.find(name);
      if (!values) continue;
      double before = NAN;
      ModeStep step{name, 0, 0, NAN, 0, 0};
      for (std::size_t i = 0; i < r.rows(); ++i) {
        const double now = (*values)[i];
        if (!std::isfinite(now)) continue;
        if (std::isfinite(before) && now != before && step.steps++ == 0) step = {name, before, now, track.distance_m[i], r.time_s[i], 1};
        before = now;
      }
      if (step.steps > 0) out.push_back(step);
    }
  return out;
}

std::vector<Freeze> freezesIn(const Recording& r, const Track& track, const std::string& link) {
  std::vector<Freeze> out;
  const std::vector<bool> still = frozen(r, link);
  for (std::size_t i = 0; i < still.size(); ++i) {
    if (!still[i]) continue;
    const std::size_t begin = i;
    while (i + 1 < still.size() && still[i + 1]) ++i;
    const std::size_t after = std::min(i + 1, r.rows() - 1);
    if (r.time_s[after] - r.time_s[begin] >= kLeastFreeze_s)
      out.push_back({r.time_s[begin], r.time_s[after], track.distance_m[begin], after > i ? track.distance_m[after] : NAN});
  }
  return out;
}

std::vector<Freezes> freezesOf(const Recording& r, const Track& track, std::span<const std::string> links) {
  std::vector<Freezes> out;
  for (const std::string& link : links) {
    Freezes f{link};
    std::map<int, int> per_stretch;
    for (const Freeze& freeze : freezesIn(r, track, link)) {
      if (f.count++ == 0) f.first_m = freeze.lost_m;
      f.longest_s = std::max(f.longest_s, freeze.end_s - freeze.begin_s);
      if (freeze.lost_m >= 0 && freeze.lost_m < 1e6) ++per_stretch[static_cast<int>(freeze.lost_m / kWorstOver_m)];
    }
    for (const auto& [stretch, count] : per_stretch)
      if (count > f.worst_count) f.worst_count = count, f.worst_from_m = stretch * kWorstOver_m;
    if (f.count > 0) out.push_back(f);
  }
  return out;
}

std::vector<Finding> runFacts(const Recording& r, const Track& track, std::span<const std::string> links) {
  std::vector<Finding> out;
  for (const ModeStep& s : modeSteps(r, track, links)) {
    const ChannelInfo* about = channelInfo(s.channel);
    const Unit unit = about ? about->unit : Unit::None;
    const Term what{"channel-" + std::string(nameWithoutLink(s.channel))};
    const std::string link = s.channel.substr(0, s.channel.find_last_of('.'));
    if (std::isfinite(s.at_m))
      out.push_back(finding("fact-step", {{"link", link}, {"what", what}, {"before", s.from, unit}, {"after", s.to, unit},
                                          {"at", s.at_m, Unit::Metre}, {"steps", static_cast<std::size_t>(s.steps)}}));
  }
  for (const Freezes& f : freezesOf(r, track, links))
    if (std::isfinite(f.first_m) && f.worst_count > 0)
      out.push_back(finding("fact-freezes", {{"link", f.link},
                                             {"count", static_cast<std::size_t>(f.count)},
                                             {"longest", f.longest_s, Unit::Second},
                                             {"first", f.first_m, Unit::Metre},
                                             {"most", static_cast<std::size_t>(f.worst_count)},
                                             {"from", f.worst_from_m, Unit::Metre}}));
  if (const auto& begun = track.lap_begins_s; begun.size() > 1)
    out.push_back(finding("fact-laps", {{"laps", begun.size()}, {"each", (begun.back() - begun.front()) / static_cast<double>(begun.size() - 1), Unit::Second}}));
  const EnergyUse e = energyUse(r, track);
  if (std::isfinite(e.out_mah_km) && std::isfinite(e.back_mah_km))
    out.push_back(finding("fact-energy", {{"out", e.out_mah_km, Unit::None}, {"back", e.back_mah_km, Unit::None},
                                          {"total", e.total_mah, Unit::MilliampereHour}}));
  if (std::isfinite(e.first_v) && e.lowest_v < e.first_v)
    out.push_back(finding("fact-sag", {{"first", e.first_v, Unit::Volt}, {"lowest", e.lowest_v, Unit::Volt}}));
  return out;
}

}  // namespace distanz::log
