#include "core/plan/planned.h"

#include <algorithm>
#include <cmath>

namespace distanz::plan {

namespace {

void addOutline(const campaign::Campaign& campaign, Planned& out) {
  const auto course = campaign::courseOf(campaign);
  if (!course) return;
  out.outward_deg =
      course::between(*campaign.station.position(), campaign::firstPath(campaign).back().position)
          .bearing_deg;
  for (const course::Flat& f : course->points()) out.outline.push_back(course::aheadOf(f, out.outward_deg));
}

}  // namespace

const Prediction* Planned::limiting(const std::string& setup) const {
  const Prediction* least = nullptr;
  for (const Prediction& p : predictions)
    if (p.setup == setup && p.range_m && (!least || *p.range_m < *least->range_m)) least = &p;
  return least;
}

Planned planned(const campaign::Campaign& campaign, double reach_m,
                std::shared_ptr<const terrain::Ground> ground, int places) {
  Planned out;
  if (ground) out.sights = std::make_shared<const SightLines>(campaign, std::move(ground), reach_m, places);
  out.predictions = predict(campaign, reach_m, places, out.sights);
  out.heights = clearHeights(campaign, out.sights);
  out.posts = posts(campaign);
  addOutline(campaign, out);
  out.flights = setupFlights(campaign, out.predictions, out.sights ? out.heights : std::nullopt);
  if (campaign.links.empty()) return out;
  out.link = campaign.links.front().id;
  double least = INFINITY;
  for (const Prediction& p : out.predictions)
    if (p.range_m && *p.range_m < least) {
      least = *p.range_m;
      out.link = p.link;
    }
  if (const campaign::Link* link = campaign::findLink(campaign, out.link))
    out.clearance = clearance(campaign, link->frequency_mhz, out.sights);
  return out;
}

double farthestPredicted_m(const Planned& planned) {
  double farthest = 0;
  for (const Prediction& p : planned.predictions)
    if (const Prediction* limit = planned.limiting(p.setup); limit && limit->range_m) farthest = std::max(farthest, *limit->range_m);
  return farthest;
}

}  // namespace distanz::plan
