#include "core/plan/prediction.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <iterator>

#include "core/campaign/kit.h"
#include "core/estimate/defaults.h"
#include "core/finding/error.h"
#include "core/parallel/on_all_cores.h"
#include "core/plan/leg_model.h"
#include "core/plan/path_model.h"
#include "core/radio/ground_reflection.h"
#include "core/radio/path_loss.h"
#include "core/text/text.h"

namespace distanz::plan {

namespace {

constexpr double kSure = 1.959964;  ///< standard normal quantile of 95 of 100, either side

/// What out and back may be received below and above the level between the peaks, at each place.
struct Either {
  std::vector<double> worst_db, shaded_db, best_db;  ///< without and with the most that shades take; <= 0
  double step_m = 0;

  double at(const std::vector<double>& of, double distance_m) const {
    const double index = std::clamp(distance_m / step_m, 0.0, double(of.size() - 1));
    const std::size_t i = std::min(std::size_t(index), of.size() - 2);
    return std::lerp(of[i], of[i + 1], index - double(i));
  }
};

Either eitherOf(const LegModel& model, const std::vector<double>& distance_m, double step_m) {
  Either out{{}, {}, {}, step_m};
  for (const double d : distance_m) {
    const LegLosses at = model.known() ? model.at(d) : LegLosses();
    out.worst_db.push_back(std::min(at.out_db, at.back_db));
    out.shaded_db.push_back(std::min(at.out_db - at.out_shade_db, at.back_db - at.back_shade_db));
    out.best_db.push_back(std::max(at.out_db, at.back_db));
  }
  return out;
}

/// Spread of new flights, as the estimator takes it before any was flown.
double newFlight_sd_db(const campaign::Campaign& c) {
  return std::hypot(c.plan.flight_sd_db.value_or(estimate::defaults::kFlightPriorSd_db),
                    estimate::defaults::kPlacePriorSd_db);
}

void addRanges(const campaign::Campaign& c, const PathModel& model, const LegModel& legs, const radio::LinkEnds& ends,
               const NotKnown& not_known, double step_m, bool antennas, Prediction& p) {
  const Either either = eitherOf(legs, p.distance_m, step_m);
  p.not_known = not_known.parts();
  for (std::size_t i = 0; i < p.distance_m.size(); ++i) {
    const double sd = not_known.level_sd_db(p.distance_m[i]);
    p.low_dbm.push_back(p.received_dbm[i] + either.shaded_db[i] - kSure * sd);
    p.high_dbm.push_back(p.received_dbm[i] + either.best_db[i] + kSure * sd);
  }
  if (!p.critical_dbm || !antennas) return;
  const double flight = newFlight_sd_db(c);
  const auto ranges = model.ranges_m(ends, *p.critical_dbm, [&](double d) {
    const double sd = not_known.margin_sd_db(d), worst = either.at(either.worst_db, d),
                 shaded = either.at(either.shaded_db, d), shade = worst - shaded,
                 spread = std::hypot(sd, flight, shade / std::sqrt(12.0));
    return PathModel::Wanted{0, kSure * sd - shaded, -kSure * sd - either.at(either.best_db, d),
                             estimate::defaults::kDependableZ * spread - worst + shade / 2};
  });
  p.range_m = model.counts() ? ranges[0] : model.range_m(ends, *p.critical_dbm);
  p.sure = Prediction::Sure{ranges[1], ranges[2], std::min(ranges[3], *p.range_m)};
}

}  // namespace

namespace {

/// A setup's link whose transmit power is known.
struct Predicted {
  const campaign::Setup& setup;
  const campaign::Link& link;
  const campaign::SetupLink& own;
  radio::LinkEnds ends;
};

std::vector<Predicted> toPredict(const campaign::Campaign& c) {
  std::vector<Predicted> out;
  for (const campaign::Setup& setup : c.setups)
    for (const campaign::Link& link : c.links) {
      const auto own = setup.links.find(link.id);
      if (own == setup.links.end()) continue;
      if (const auto ends = campaign::endsOf(c, link, own->second)) out.push_back({setup, link, own->second, *ends});
    }
  return out;
}

}  // namespace

std::vector<Prediction> predict(const campaign::Campaign& campaign, double reach_m, int points,
                                const Sights& sights) {
  requirePositive(reach_m, "reach_m");
  const auto course = campaign::courseOf(campaign);
  const double far_m = course ? course->farPost_m() : reach_m;
  const std::vector<Predicted> all = toPredict(campaign);
  std::vector<Prediction> out(all.size());
  parallel::onAllCores(all.size(), [&](std::size_t n) {
    const Predicted& x = all[n];
    const PathModel model(campaign, x.link, x.own, x.setup.mast_m, sights);
    const double at_no_loss = radio::linkBudget(x.ends, 0).received_dbm, step = reach_m / (points - 1);
    Prediction& p = out[n];
    p.setup = x.setup.id;
    p.link = x.link.id;
    p.critical_dbm = campaign::criticalAt(campaign, x.link, x.own);
    for (int i = 0; i < points; ++i) {
      const double d = std::max(step * i, 10.0);
      p.distance_m.push_back(d);
      p.received_dbm.push_back(at_no_loss - model.at(d).sum_db());
    }
    const LegModel legs(campaign, x.setup, x.link, x.own);
    if (legs.known()) p.legs = legs.at(far_m, true);
    addRanges(campaign, model, legs, x.ends, NotKnown(campaign, x.link, x.own), step, campaign::antennasKnown(campaign, x.own), p);
  });
  return out;
}

namespace {

bool isClear(const radio::Clearance& c) {
  return c.ray_m >= c.needed_m;
}

}  // namespace

std::optional<PathClearance> clearance(const campaign::Campaign& campaign, double frequency_mhz,
                                       const Sights& sights) {
  const auto course = campaign::courseOf(campaign);
  if (!course) return std::nullopt;
  const double reach = course->farPost_m(), k = campaign.plan.earth_factor;
  if (!(reach > 1)) return std::nullopt;
  const double h1 = campaign.station.antenna_height_m, h2 = campaign::firstPath(campaign).back().height_m;
  PathClearance out;
  out.over_ground = sights && reach <= sights->known_m();
  const SightLine line = out.over_ground ? sights->lineTo(reach) : flatLine(reach, h2);
  for (std::size_t i = 0; i < line.distance_m.size(); ++i) {
    if (line.beside_m[i] > 0) continue;  // the profile shows what lies under the line
    const double d = line.distance_m[i], rest = std::max(reach - d, 0.0),
                 bulge = radio::earthBulge_m(d, rest, k);
    const double ray = std::lerp(h1, line.aircraft_m, d / reach),
                 radius = radio::fresnelRadius_m(d, rest, frequency_mhz);
    out.points.push_back(
        {d, ray, radius, radio::kClearShare * radius, line.ground_m[i] + bulge, line.top_m[i] + bulge});
  }
  const auto worst = [&](const SightLine& to) {
    return radio::worstClearance(profileOf(to, h1), frequency_mhz, k);
  };
  if (const auto at = worst(line)) out.worst = *at;
  out.clear = isClear(out.worst);
  eachLineTo(reach, campaign, out.over_ground ? sights : Sights(), [&](const SightLine& to) {
    const auto at = worst(to);
    if (at && !isClear(*at)) {
      if (out.clear) {
        out.shaded_at_m = to.distance_m.back();
        out.worst = *at;
      }
      out.clear = false;
      return false;
    }
    out.clear_to_m = to.distance_m.back();
    return true;
  });
  out.horizon_m = radio::radioHorizon_m(h1, h2, k);
  const double breakpoint = radio::twoRayBreakpoint_m(h1, h2, frequency_mhz);
  if (!out.over_ground && breakpoint > 0 &&
      campaign.plan.rough_m <= radio::smoothestRough_m(std::atan2(h1 + h2, breakpoint), frequency_mhz))
    out.breakpoint_m = breakpoint;
  return out;
}

std::vector<double> posts(const campaign::Campaign& campaign) {
  const auto course = campaign::courseOf(campaign);
  std::vector<double> out;
  if (!course) return out;
  const double reach = course->farPost_m(),
               spacing = std::max(campaign.paths.front().post_spacing_m, reach / 1000);
  for (double d = spacing; d < reach - 0.02 * spacing; d += spacing) out.push_back(d);
  out.push_back(reach);
  return out;
}

std::string predictionsCsv(const std::vector<Prediction>& predictions) {
  std::string out = "setup,link,distance_m,predicted_dbm\n";
  for (const Prediction& p : predictions) {
    const std::string of = text::csvField(p.setup) + ',' + text::csvField(p.link);
    for (std::size_t i = 0; i < p.distance_m.size(); ++i)
      fmt::format_to(std::back_inserter(out), "{},{:.1f},{:.2f}\n", of, p.distance_m[i], p.received_dbm[i]);
  }
  return out;
}

}  // namespace distanz::plan
