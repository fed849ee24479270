#include "core/simulate/scenario.h"

#include <algorithm>
#include <cmath>
#include <memory>

#include "core/finding/error.h"
#include "core/quantity/decibel.h"
#include "core/quantity/unit.h"
#include "core/simulate/fading.h"
#include "core/simulate/flight_extras.h"
#include "core/simulate/shadowing.h"

namespace distanz::simulate {
namespace {

using quantity::Unit;

constexpr double kStretch_m = 40;  // over which a range is promised: the estimator's cell

/// What one flight has to itself on one link.
struct FlightTerms {
  double offset_db;
  Shadowing within;
};

/// What one receiver has to itself in a flight that others were recorded in too, and how that flight's way
/// back differs.
struct RunTerms {
  double offset_db = 0, back_db = 0;
  std::unique_ptr<Shadowing> own;
};

struct Site {
  std::map<std::string, std::unique_ptr<Shadowing>> place;                            // by link
  std::map<std::pair<std::string, std::string>, std::unique_ptr<FlightTerms>> terms;  // by flight and link
};

double reachOf(const Scenario& s) {
  double reach = 0;
  for (const RunPlan& run : s.runs) reach = std::max(reach, run.farthest_m);
  return reach + 100;
}

double reading(const LinkPhysics& p, double level, dice::Random& random) {
  if (p.wild_share > 0 && random.uniform() < p.wild_share) level = random.uniform(p.floor_dbm, -30);
  if (p.step_db > 0) level = std::round(level / p.step_db) * p.step_db;
  return std::max(level, p.floor_dbm);
}

/// A video sender steps its bitrate down as packets fail, and up again slowly.
struct Bitrate {
  double value_mbps;
  double next(double full, double arrived) {
    const double wanted = full * std::clamp(arrived * arrived, 0.02, 1.0);
    value_mbps += (wanted < value_mbps ? 0.5 : 0.05) * (wanted - value_mbps);
    return std::round(value_mbps * 10) / 10;
  }
};

/// What happens to the packets of one link.
struct Air {
  Fading fading;
  Arrival arrival;
  explicit Air(const LinkPhysics& p) : fading(p), arrival(p, fading) {}
};

/// What one receiver keeps from row to row.
struct Receiver {
  Bitrate bitrate;
  Readout readout;
};

class Flyer {
 public:
  Flyer(const Scenario& s, std::uint64_t seed)
      : m_s(s), m_random(seed), m_reach(reachOf(s)), m_course(campaign::courseOf(s.campaign)) {
    for (const auto& [link, physics] : s.physics) m_air.emplace(link, Air(physics));
    for (const auto& [link, physics] : s.physics)
      m_site.place[link] =
          std::make_unique<Shadowing>(m_random, physics.place_sd_db, physics.place_correlation_m, m_reach);
    if (m_course) {
      const auto way =
          course::between(*s.campaign.station.position(), campaign::firstPath(s.campaign).back().position);
      m_bearing = way.bearing_deg;
    }
  }

  log::Recording fly(const RunPlan& run, const std::string& flight) {
    log::Recording r;
    const double sample_s = run.sample_s.value_or(m_s.sample_s);
    addColumns(r, run);
    std::map<std::string, Receiver> receivers;
    std::map<std::string, RunTerms> own;
    for (const auto& [link, p] : m_s.physics) {
      const auto late_rows =
          static_cast<std::size_t>(std::min(std::round(p.reading_lag_s / sample_s), kMostSamples));
      receivers.emplace(link, Receiver{{p.full_bitrate_mbps}, Readout(p.packets_in_reading, late_rows)});
      own[link] = runTerms(link, p, run);
    }
    const double turn_s = (run.farthest_m - run.start_m) / run.speed_mps, end_s = 2 * turn_s;
    double side = 0;
    for (double t = 0; t <= end_s; t += sample_s) {
      const double d =
          t <= turn_s ? run.start_m + run.speed_mps * t : run.farthest_m - run.speed_mps * (t - turn_s);
      side += 0.05 * (run.side_m * 4 * m_random.normal() - side);
      r.time_s.push_back(std::round(t * 1000) / 1000);
      std::size_t column = addPosition(r, d, side, run.speed_mps);
      const bool turning = std::abs(t - turn_s) < 2.5;
      const Moment now{d, t > turn_s, turning};
      for (const auto& [link, p] : m_s.physics)
        column =
            addLink(r, column, {link, p, run, terms(flight, link, p), own[link]}, now, receivers.at(link));
    }
    for (const auto& [link, p] : m_s.physics)
      if (p.stands_below_pct > 0 && isVideo(link)) addFrames(r, link, p.stands_below_pct);
    if (const double use = run.use_mah_km.value_or(m_s.use_mah_km); use > 0) addBattery(r, {use}, run.speed_mps);
    return r;
  }

 private:
  void addColumns(log::Recording& r, const RunPlan& run) const {
    r.columns.push_back({std::string(log::channel::kDistance), {}});
    if (m_s.with_gnss && m_course) {
      r.columns[0].channel = log::channel::kLatitude;
      r.columns.push_back({std::string(log::channel::kLongitude), {}});
      r.columns.push_back({std::string(log::channel::kHeight), {}});
      r.columns.push_back({std::string(log::channel::kSpeed), {}});
    }
    for (const auto& [link, p] : m_s.physics) {
      r.columns.push_back({log::linkChannel(link, log::channel::kRssi), {}});
      r.columns.push_back({log::linkChannel(link, log::channel::kQuality), {}});
      if (isVideo(link)) r.columns.push_back({log::linkChannel(link, log::channel::kBitrate), {}});
      if (run.power.contains(link)) r.columns.push_back({log::linkChannel(link, log::channel::kPower), {}});
    }
  }

  bool isVideo(const std::string& link) const {
    const campaign::Link* found = campaign::findLink(m_s.campaign, link);
    return found && found->kind == campaign::LinkKind::Video;
  }

  std::size_t addPosition(log::Recording& r, double d, double side, double speed) {
    if (!(m_s.with_gnss && m_course)) {
      r.columns[0].values.push_back(std::round(d * 10) / 10);
      return 1;
    }
    const auto along = course::destination(*m_s.campaign.station.position(), {d, m_bearing});
    const auto p = course::destination(along, {side, m_bearing + 90});
    const auto rounded = [](double v, double unit) { return std::round(v * unit) / unit; };
    r.columns[0].values.push_back(rounded(p.lat_deg, 1e7));
    r.columns[1].values.push_back(rounded(p.lon_deg, 1e7));
    r.columns[2].values.push_back(
        rounded(campaign::firstPath(m_s.campaign).back().height_m + 0.8 * m_random.normal(), 10));
    r.columns[3].values.push_back(rounded(speed + 0.3 * m_random.normal(), 10));
    return 4;
  }

  FlightTerms& terms(const std::string& flight, const std::string& link, const LinkPhysics& p) {
    auto& slot = m_site.terms[{flight, link}];
    if (!slot)
      slot.reset(new FlightTerms{p.flight_sd_db * m_random.normal(),
                                 Shadowing(m_random, p.within_sd_db, p.within_correlation_m, m_reach)});
    return *slot;
  }

  RunTerms runTerms(const std::string& link, const LinkPhysics& p, const RunPlan& run) {
    RunTerms out;
    if (!run.flight.empty() && p.pair_sd_db > 0) out.offset_db = p.pair_sd_db * m_random.normal();
    if (!run.flight.empty() && p.pair_within_sd_db > 0)
      out.own = std::make_unique<Shadowing>(m_random, p.pair_within_sd_db, p.within_correlation_m, m_reach);
    if (const auto setup = m_s.back_db.find(run.setup); setup != m_s.back_db.end())
      if (const auto back = setup->second.find(link); back != setup->second.end()) out.back_db = back->second;
    if (p.leg_sd_db > 0) out.back_db += p.leg_sd_db * m_random.normal();
    return out;
  }

  struct Moment {
    double distance_m;
    bool back, turning;
  };
  struct OneLink {
    const std::string& link;
    const LinkPhysics& physics;
    const RunPlan& run;
    const FlightTerms& flight;
    const RunTerms& own;
  };

  /// Level before fading at full power.
  double steadyLevel(const OneLink& l, const Moment& now) const {
    const double d = now.distance_m;
    return m_s.level_dbm.at(l.run.setup).at(l.link) + l.run.level_offset_db -
           10 * l.physics.exponent * std::log10(std::max(d, 1.0) / 1000) + m_site.place.at(l.link)->at(d) +
           l.flight.offset_db + l.flight.within.at(d) + l.own.offset_db + (l.own.own ? l.own.own->at(d) : 0) +
           (now.back ? l.own.back_db : 0) - (now.turning ? l.physics.turn_drop_db : 0);
  }

  std::size_t addLink(log::Recording& r, std::size_t column, const OneLink& l, const Moment& now,
                      Receiver& receiver) {
    const LinkPhysics& p = l.physics;
    const Air& air = m_air.at(l.link);
    double level = steadyLevel(l, now), power_mw = 0;
    if (const auto reduced = l.run.reduced_db.find(l.link); reduced != l.run.reduced_db.end())
      level -= reduced->second;
    const auto steps = l.run.power.find(l.link);
    if (steps != l.run.power.end()) {
      for (const PowerStep& s : steps->second)
        if (now.distance_m >= s.from_m || power_mw == 0) power_mw = s.power_mw;
      level +=
          quantity::dbmFromMilliwatt(power_mw) - quantity::dbmFromMilliwatt(steps->second.front().power_mw);
    }
    const double read = receiver.readout.next(level, air.fading, m_random);
    const double share = m_random.binomial(p.packets_per_sample, air.arrival(level)) /
                         static_cast<double>(p.packets_per_sample);
    r.columns[column++].values.push_back(reading(p, read, m_random));
    r.columns[column++].values.push_back(std::round(share * 100));
    if (isVideo(l.link))
      r.columns[column++].values.push_back(receiver.bitrate.next(p.full_bitrate_mbps, share));
    if (steps != l.run.power.end()) r.columns[column++].values.push_back(power_mw);
    return column;
  }

  const Scenario& m_s;
  dice::Random m_random;
  double m_reach;
  std::optional<course::Course> m_course;
  double m_bearing = 0;
  std::map<std::string, Air> m_air;
  Site m_site;
};

void within(double value, double low, double high, const char* name) {
  if (!(value >= low && value <= high))
    throw DomainError(finding("scenario-out-of-bounds", {{"name", name},
                                                         {"value", value, Unit::None},
                                                         {"low", low, Unit::None},
                                                         {"high", high, Unit::None}}));
}

void checkPhysics(const LinkPhysics& p) {
  within(p.exponent, 0.01, 10, "exponent");
  for (const auto& [name, sd] : {std::pair("place_sd_db", p.place_sd_db),
                                 {"within_sd_db", p.within_sd_db},
                                 {"flight_sd_db", p.flight_sd_db},
                                 {"fading_sd_db", p.fading_sd_db},
                                 {"pair_sd_db", p.pair_sd_db},
                                 {"pair_within_sd_db", p.pair_within_sd_db},
                                 {"leg_sd_db", p.leg_sd_db}})
    within(sd, 0, 60, name);
  within(p.place_correlation_m, 1, 1e5, "place_correlation_m");
  within(p.within_correlation_m, 1, 1e5, "within_correlation_m");
  if (p.rician_k_db) within(*p.rician_k_db, -40, 30, "rician_k_db");
  within(p.turn_drop_db, -100, 100, "turn_drop_db");
  within(p.floor_dbm, -250, 0, "floor_dbm");
  within(p.step_db, 0, 20, "step_db");
  within(p.quality_midpoint_dbm, -250, 50, "quality_midpoint_dbm");
  within(p.quality_slope_db, 0.01, 50, "quality_slope_db");
  within(p.packets_per_sample, 1, kMostPackets, "packets_per_sample");
  within(p.packets_in_reading, 1, kMostPackets, "packets_in_reading");
  within(p.reading_lag_s, 0, 60, "reading_lag_s");
  within(p.full_bitrate_mbps, 0, 1e4, "full_bitrate_mbps");
  within(p.stands_below_pct, 0, 100, "stands_below_pct");
  within(p.wild_share, 0, 1, "wild_share");
}

void checkFlight(const Scenario& s, const RunPlan& run) {
  if (!(run.start_m >= 0 && run.farthest_m > run.start_m + 30))
    throw DomainError(finding("scenario-start", {{"least", 30, Unit::Metre}}));
  within(run.farthest_m, 50, 1e5, "farthest_m");
  within(run.side_m, 0, 1e4, "side_m");
  within(run.level_offset_db, -200, 200, "level_offset_db");
  for (const auto& [link, db] : run.reduced_db) within(db, 0, 200, "reduced_db");
  for (const auto& [link, steps] : run.power)
    if (steps.empty() || std::any_of(steps.begin(), steps.end(), [](const PowerStep& p) {
          return !(p.power_mw > 0 && p.power_mw < 1e9);
        }))
      throw DomainError(finding("scenario-power-steps"));
  within(run.speed_mps, 0.5, 100, "speed_mps");
  within(run.use_mah_km.value_or(0), 0, 1e5, "use_mah_km");
  if (run.sample_s) within(*run.sample_s, 0.001, 3600, "sample_s");
  for (const auto& [link, p] : s.physics) {
    if (!s.level_dbm.contains(run.setup) || !s.level_dbm.at(run.setup).contains(link))
      throw DomainError(finding("scenario-no-level", {{"setup", run.setup}, {"link", link}}));
    within(s.level_dbm.at(run.setup).at(link), -300, 100, "level_dbm");
  }
}

}  // namespace

void check(const Scenario& s) {
  requirePositive(s.sample_s, "sample_s");
  if (s.runs.size() > kMostFlights)
    throw DomainError(finding("scenario-many-flights", {{"most", kMostFlights}}));
  within(static_cast<double>(s.physics.size()), 0, kMostLinks, "physics");
  for (const auto& [link, p] : s.physics) {
    if (!campaign::findLink(s.campaign, link))
      throw DomainError(finding("scenario-unknown-link", {{"link", link}}));
    checkPhysics(p);
  }
  double a_row = 0;  // packets, on all links
  for (const auto& [link, p] : s.physics) a_row += p.packets_per_sample + p.packets_in_reading;
  double samples = 0, packets = 0;
  for (const RunPlan& run : s.runs) {
    checkFlight(s, run);
    const double rows = 2 * (run.farthest_m - run.start_m) / run.speed_mps / run.sample_s.value_or(s.sample_s);
    samples += rows * static_cast<double>(s.physics.size());
    packets += rows * a_row;
  }
  if (!(samples <= kMostSamples))
    throw DomainError(finding("scenario-too-large",
                              {{"samples", samples, Unit::None}, {"most", kMostSamples, Unit::None}}));
  if (!(packets <= kMostPacketsInAll))
    throw DomainError(finding("scenario-many-packets",
                              {{"packets", packets, Unit::None}, {"most", kMostPacketsInAll, Unit::None}}));
}

Simulated simulate(const Scenario& scenario, std::uint64_t seed) {
  check(scenario);
  Simulated out{scenario.campaign, {}};
  Flyer flyer(scenario, seed);
  int order = 0;
  for (const RunPlan& plan : scenario.runs) {
    campaign::Run run;
    run.id = campaign::freeRunId(out.campaign, plan.setup);
    run.setup = plan.setup;
    run.editSource().file = run.id + ".csv";
    run.order = ++order;
    run.flight = plan.flight;
    run.ended = plan.ended;
    run.notes = plan.notes;
    run.reduced_db = plan.reduced_db;
    out.recordings.push_back(flyer.fly(plan, plan.flight.empty() ? "\n" + run.id : plan.flight));
    out.campaign.runs.push_back(std::move(run));
  }
  return out;
}

double varianceLeft(double stretch_m, double correlation_m) {
  requirePositive(stretch_m, "stretch_m");
  requirePositive(correlation_m, "correlation_m");
  const double r = correlation_m / stretch_m;
  return 2 * r * (1 - r * (1 - std::exp(-1 / r)));
}

Truth truthOf(const LinkPhysics& p, double level_at_1km_dbm, double critical_dbm) {
  const double total =
      std::sqrt(p.place_sd_db * p.place_sd_db * varianceLeft(kStretch_m, p.place_correlation_m) +
                p.within_sd_db * p.within_sd_db * varianceLeft(kStretch_m, p.within_correlation_m) +
                p.flight_sd_db * p.flight_sd_db);
  const auto range = [&](double margin) {
    return 1000 * std::pow(10, (level_at_1km_dbm - margin - critical_dbm) / (10 * p.exponent));
  };
  return {range(0), range(1.6448536269514722 * total)};
}

}  // namespace distanz::simulate
