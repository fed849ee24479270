#include "core/plan/prediction.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <iterator>

#include "core/campaign/kit.h"
#include "core/finding/error.h"
#include "core/plan/path_model.h"
#include "core/radio/path_loss.h"
#include "core/text/text.h"

namespace distanz::plan {

namespace {

Prediction::Legs legsOf(const LegModel& model, const Prediction& p, double far_m) {
  Prediction::Legs out;
  for (std::size_t i = 0; i < p.distance_m.size(); ++i) {
    const LegLosses at = model.at(p.distance_m[i]);
    out.least_dbm.push_back(p.received_dbm[i] + std::min(at.out_db, at.back_db));
    out.most_dbm.push_back(p.received_dbm[i] + std::max(at.out_db, at.back_db));
  }
  out.at_far_post = model.at(far_m, true);
  return out;
}

}  // namespace

std::vector<Prediction> predict(const campaign::Campaign& campaign, double reach_m, int points,
                                const Sights& sights) {
  requirePositive(reach_m, "reach_m");
  std::vector<Prediction> out;
  const auto course = campaign::courseOf(campaign);
  const double far_m = course ? course->farPost_m() : reach_m;
  for (const campaign::Setup& setup : campaign.setups)
    for (const campaign::Link& link : campaign.links) {
      const auto own = setup.links.find(link.id);
      const auto ends =
          own == setup.links.end() ? std::nullopt : campaign::endsOf(campaign, link, own->second);
      if (!ends) continue;
      const PathModel model(campaign, link, own->second, setup.mast_m, sights);
      const double at_no_loss = radio::linkBudget(*ends, 0).received_dbm;
      const auto received = [&](double d) { return at_no_loss - model.at(d).sum_db(); };
      Prediction p{setup.id, link.id, {}, {}, campaign::criticalAt(campaign, link, own->second), {}};
      for (int i = 0; i < points; ++i) {
        const double d = std::max(reach_m * i / (points - 1), 10.0);
        p.distance_m.push_back(d);
        p.received_dbm.push_back(received(d));
      }
      if (const LegModel legs(campaign, setup, link, own->second); legs.known())
        p.legs = legsOf(legs, p, far_m);
      if (p.critical_dbm) p.range_m = model.range_m(*ends, *p.critical_dbm);
      out.push_back(std::move(p));
    }
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
    if (at && !isClear(*at)) return false;
    out.clear_to_m = to.distance_m.back();
    return true;
  });
  out.horizon_m = radio::radioHorizon_m(h1, h2, k);
  out.breakpoint_m = radio::twoRayBreakpoint_m(h1, h2, frequency_mhz);
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
