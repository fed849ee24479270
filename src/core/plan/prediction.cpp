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

std::vector<Prediction> predict(const campaign::Campaign& campaign, double reach_m, int points) {
  requirePositive(reach_m, "reach_m");
  std::vector<Prediction> out;
  for (const campaign::Setup& setup : campaign.setups)
    for (const campaign::Link& link : campaign.links) {
      const auto own = setup.links.find(link.id);
      const auto ends =
          own == setup.links.end() ? std::nullopt : campaign::endsOf(campaign, link, own->second);
      if (!ends) continue;
      const PathModel model(campaign, link, own->second, setup.mast_m);
      const auto received = [&](double d) { return radio::linkBudget(*ends, model.at(d).sum_db()).received_dbm; };
      Prediction p{setup.id, link.id, {}, {}, campaign::criticalAt(campaign, link, own->second), {}};
      for (int i = 0; i < points; ++i) {
        const double d = std::max(reach_m * i / (points - 1), 10.0);
        p.distance_m.push_back(d);
        p.received_dbm.push_back(received(d));
      }
      if (p.critical_dbm) p.range_m = model.range_m(*ends, *p.critical_dbm);
      out.push_back(std::move(p));
    }
  return out;
}

std::optional<PathClearance> clearance(const campaign::Campaign& campaign, double frequency_mhz) {
  const auto course = campaign::courseOf(campaign);
  if (!course) return std::nullopt;
  const double reach = course->farPost_m(), h1 = campaign.station.antenna_height_m,
               h2 = campaign::firstPath(campaign).back().height_m;
  if (!(reach > 1)) return std::nullopt;
  PathClearance out;
  constexpr int kPoints = 121;
  for (int i = 0; i < kPoints; ++i) {
    const double d = reach * i / (kPoints - 1), rest = std::max(reach - d, 0.0),
                 bulge = radio::earthBulge_m(d, rest);
    const double ray = h1 + (h2 - h1) * d / reach;
    const double radius = radio::fresnelRadius_m(d, rest, frequency_mhz);
    out.points.push_back({d, ray, ray - radius, ray + radius, bulge});
  }
  const auto margin = [&](double d) {
    const radio::Clearance c = radio::worstClearance(d, h1, h2, frequency_mhz);
    return c.ray_m - c.needed_m;
  };
  out.worst = radio::worstClearance(reach, h1, h2, frequency_mhz);
  out.clear = out.worst.ray_m >= out.worst.needed_m;
  constexpr int kSteps = 200;
  for (int i = 1; i <= kSteps; ++i)
    if (const double d = reach * i / kSteps; margin(d) >= 0)
      out.clear_to_m = d;
    else
      break;
  out.horizon_m = radio::radioHorizon_m(h1, h2);
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
