#include <algorithm>
#include <cmath>
#include <deque>
#include <fmt/format.h>

#include "core/course/course.h"
#include "support/worlds/world.h"

namespace distanz::test {
namespace {

constexpr double kMoment_s = 0.1;  // the radio's own clock
constexpr double kTurning_s = 4;   // banking
constexpr double kBanked_db = 8;
constexpr double kNotices_s = 1.5;  // a pilot turns so long after the picture went
constexpr double kBearing_deg = 40;

double dayOf(const World& w, dice::Random& random) {
  double day = random.normal();
  if (w.wild_days) {
    double chi = 0;
    for (int i = 0; i < 3; ++i) chi += std::pow(random.normal(), 2);
    day /= std::sqrt(chi);
  }
  return day * w.flight_sd_db;
}

/// One receiver of one link in one flight.
struct Receiver {
  const World& w;
  const WorldLink& link;
  int setup;
  const FlightPart& part;
  Stepping stepping;
  std::deque<double> readings, shares;  // newest last, one a moment
  double power_db = 0;                  // above the lowest

  void moment(dice::Random& random, const Ground& ground, double d, bool banking) {
    double level = meanLevel(w, link, setup, ground, d) + part.day_db +
                   part.within_db[static_cast<std::size_t>(std::clamp(d, 0.0, kEnd_m) / kGrid_m)] -
                   (banking ? kBanked_db : 0);
    if (w.automatic_power_db)
      power_db = std::clamp(std::round((kRuleLevel_dbm + 14 - level) / 3) * 3, 0.0, *w.automatic_power_db);
    level += power_db;
    const auto packets = static_cast<int>(std::lround(w.packets_hz * kMoment_s));
    int came = 0;
    double read = 0;
    for (int p = 0; p < packets; ++p) {
      const double one = level + fade(random, w.rice_k_db);
      came += random.uniform() < 1 / (1 + std::exp(-(one - link.midpoint_dbm) / link.slope_db));
      if (p < w.packets_in_reading) read += one / w.packets_in_reading;
    }
    double share = static_cast<double>(came) / packets;
    if (link.patch && part.in_patch && d > link.patch->from_m && d < link.patch->to_m)
      share *= link.patch->quality;
    readings.push_back(read);
    shares.push_back(share);
    if (readings.size() > 64) readings.pop_front(), shares.pop_front();
    if (link.steps) bitrate = stepping.next(mean(readings, 5));
  }
  static double mean(const std::deque<double>& of, std::size_t last) {
    double sum = 0;
    const std::size_t n = std::min(last, of.size());
    for (std::size_t i = of.size() - n; i < of.size(); ++i) sum += of[i];
    return n > 0 ? sum / static_cast<double>(n) : 0;
  }
  /// Over the last second.
  double quality() const { return mean(shares, 10); }
  double reading() const {
    if (w.called_every_m) return shownOf(w, std::max(mean(readings, 10), w.floor_dbm));
    const auto late = static_cast<std::size_t>(std::lround(w.lag_s / kMoment_s));
    const double value = readings[readings.size() > late ? readings.size() - 1 - late : 0];
    const double floored = std::max(value, w.floor_dbm);
    if (w.scale != Scale::None) return shownOf(w, floored);
    return w.step_db > 0 ? std::round(floored / w.step_db) * w.step_db : floored;
  }
  bool lost() const {
    if (link.rule == Rule::Quality) return quality() < kRuleQuality_pct / 100;
    return link.rule == Rule::Bitrate ? bitrate < kRuleBitrate_mbps : mean(readings, 10) < kRuleLevel_dbm;
  }
  double bitrate = 50;
};

/// 5 to 1; 3 from kRuleQuality_pct on.
double gradeOf(double quality) {
  const double pct = 100 * quality;
  return pct > 97 ? 5 : pct > 88 ? 4 : pct >= kRuleQuality_pct ? 3 : pct > 35 ? 2 : 1;
}

struct Columns {
  log::Recording& r;
  std::size_t next = 0;
  void operator()(const std::string& channel, double value) {
    if (r.columns.size() == next) r.columns.push_back({channel, {}});
    r.columns[next++].values.push_back(value);
  }
};

void addRow(log::Recording& r, const std::vector<Receiver>& all, double t, double d, dice::Random& random) {
  const World& w = all.front().w;
  r.time_s.push_back(t);
  Columns add{r};
  if (w.gnss) {
    const course::Position station{46.91, 20.96};
    const auto along = course::destination(station, {d + 2.5 * random.normal(), kBearing_deg});
    const auto p = course::destination(along, {4 + 3 * random.normal(), kBearing_deg + 90});
    add("lat_deg", p.lat_deg);
    add("lon_deg", p.lon_deg);
    add("height_m", 60 + random.normal());
  } else {
    add("distance_m", std::round(d * 10) / 10);
  }
  for (const Receiver& of : all) {
    const auto channel = [&](std::string_view q) { return log::linkChannel(of.link.id, q); };
    if (w.log_signal) add(channel(w.scale == Scale::None ? log::channel::kRssi : log::channel::kLevel), of.reading());
    if (w.log_quality) add(channel("lq_pct"), std::round(of.quality() * 100));
    if (w.called_grades) add(channel("picture"), gradeOf(of.quality()));
    if (of.link.steps) add(channel("bitrate_mbps"), of.bitrate);
    if (w.log_power) add(channel("power_mw"), std::round(25 * std::pow(10, of.power_db / 10)));
  }
}

/// Where the mean level meets the rule, over ground without hills, on the first link that does.
double reachOf(const World& w, int setup) {
  double least = kEnd_m;
  Ground flat{std::vector<double>(static_cast<std::size_t>(kEnd_m / kGrid_m) + 1, 0.0)};
  World smooth = w;
  smooth.two_ray.reset();
  smooth.dip.reset();
  for (const WorldLink& link : w.links) {
    const Radio radio(smooth, link);
    double d = kNear_m;
    while (d < kEnd_m &&
           meanLevel(smooth, link, setup, flat, d) + radio.readsAbove_db() + highestPower_db(w) >
               radio.critical_dbm())
      d += kStretch_m;
    least = std::min(least, d);
  }
  return least;
}

struct Flight {
  const World& w;
  const Ground& ground;
  dice::Random& random;
  double farthest_m;

  log::Recording operator()(std::vector<Receiver> all) {
    log::Recording r;
    double t = 0, d = 20, before_m = d, lost_s = 0, turning_s = 0, hover_s = w.gnss ? random.uniform(5, 20) : 0;
    const double hover_at = random.uniform(200, 500);
    bool back = false;
    const long every = std::lround(1 / w.rate_hz / kMoment_s);
    for (long moment = 0;; ++moment) {
      t = static_cast<double>(moment) * kMoment_s;
      const bool banking = turning_s > 0;
      bool lost = false;
      for (Receiver& one : all) {
        one.moment(random, ground, d, banking);
        lost = lost || one.lost();
      }
      const bool at_post = w.called_every_m && d > kNear_m / 2 && std::floor(d / *w.called_every_m) != std::floor(before_m / *w.called_every_m);
      before_m = d;
      if (w.called_every_m ? at_post : moment % every == 0) addRow(r, all, t, d, random);
      lost_s = lost ? lost_s + kMoment_s : 0;
      if (turning_s > 0) turning_s -= kMoment_s;
      if (!back && (d >= farthest_m || (w.turns_when_lost && d > kNear_m && lost_s > kNotices_s))) {
        back = true;
        turning_s = kTurning_s;
      }
      if (!back && d > hover_at && hover_s > 0) {
        hover_s -= kMoment_s;
        continue;
      }
      d += (back ? -1 : 1) * w.speed_mps * kMoment_s * (turning_s > 0 ? 0.3 : 1);
      if (d < 20) return r;
    }
  }
};

campaign::Campaign campaignOf(const World& w) {
  campaign::Campaign c;
  c.title = w.name;
  c.planned_pairs = w.flights_each;
  c.station.place({46.91, 20.96});
  if (w.gnss) {
    const auto far = course::destination({46.91, 20.96}, {kEnd_m, kBearing_deg});
    campaign::editFirstPath(c).points = {{{46.91, 20.96}, 60}, {far, 60}};
  }
  for (const WorldLink& l : w.links) {
    campaign::Link link;
    link.id = l.id;
    link.kind = l.kind;
    link.frequency_mhz = l.frequency_mhz;
    if (l.rule == Rule::Level) link.sensitivity_dbm = kRuleLevel_dbm, link.rule.margin_db = 0;
    if (l.rule == Rule::Quality && w.called_grades) link.rule.picture_min = kRuleGrade;
    if (l.rule == Rule::Quality && !w.called_grades) link.rule.lq_min_pct = kRuleQuality_pct;
    if (l.rule == Rule::Bitrate) link.rule.bitrate_min_mbps = kRuleBitrate_mbps;
    c.links.push_back(link);
  }
  for (const char* id : {"A", "B"}) {
    campaign::Setup setup;
    setup.id = id;
    for (const WorldLink& l : w.links)
      if (w.automatic_power_db) setup.links[l.id].automatic_power = true;
    c.setups.push_back(setup);
  }
  return c;
}

std::vector<int> orderOf(const World& w) {
  std::vector<int> out;
  for (int i = 0; i < w.flights_each; ++i)
    for (int s : {0, 1}) out.push_back(w.in_blocks ? (2 * i + s) / w.flights_each : s);
  return out;
}

}  // namespace

FlownWorld fly(const World& w, std::uint64_t seed) {
  dice::Random random(seed);
  FlownWorld out{campaignOf(w), {}, groundOf(w, random)};
  const double reach[] = {reachOf(w, 0), reachOf(w, 1)};
  const std::vector<int> order = orderOf(w);
  int number = 0;
  std::vector<FlightPart> parts;  // one per link, kept over a paired flight
  double farthest = 0;
  for (std::size_t i = 0; i < order.size(); ++i) {
    const int setup = order[i];
    if (!w.paired || i % 2 == 0) {
      const double day =
          dayOf(w, random) +
          w.drift_db * (static_cast<double>(i) / (static_cast<double>(order.size()) - 1) - 0.5);
      const auto within = correlated(random, w.within_sd_db, w.within_length_m);
      const bool patch = random.uniform() < (w.links[0].patch ? w.links[0].patch->flights : 0);
      parts.assign(w.links.size(), {day, within, patch});
      farthest =
          (w.paired ? std::max(reach[0], reach[1]) : reach[setup]) * random.uniform(w.shortest, w.longest);
    }
    std::vector<FlightPart> own = parts;
    if (w.paired) {
      const double offset = kPairedOffset_db * random.normal();
      const auto apart = correlated(random, kPairedWithin_db, w.within_length_m);
      for (FlightPart& p : own) {
        p.day_db += offset;
        for (std::size_t k = 0; k < apart.size(); ++k) p.within_db[k] += apart[k];
      }
    }
    std::vector<Receiver> receivers;
    for (std::size_t l = 0; l < w.links.size(); ++l)
      receivers.push_back(
          {w, w.links[l], setup, own[l], Stepping(w.links[l].steps.value_or(Steps{})), {}, {}});
    Flight flight{w, out.ground, random, std::min(farthest, kEnd_m - 200)};
    campaign::Run run;
    run.setup = out.campaign.setups[static_cast<std::size_t>(setup)].id;
    run.id = campaign::freeRunId(out.campaign, run.setup);
    run.editSource().file = run.id + ".csv";
    run.order = ++number;
    if (w.paired) run.flight = "f" + fmt::to_string(i / 2);
    run.ended = campaign::Ended::TurnedBack;
    out.recordings.push_back(flight(std::move(receivers)));
    out.campaign.runs.push_back(std::move(run));
  }
  return out;
}

}  // namespace distanz::test
