#include "lanes/plan_lanes.h"

#include <algorithm>

#include "lanes/said.h"
#include "words/quantity.h"

namespace distanz::lanes {
namespace {

using quantity::Unit;

Lane signalLane(const campaign::Campaign& c, const plan::Planned& planned) {
  Lane lane{"signal",
            Said::tr("Predicted signal").toStdString(),
            std::string(quantity::symbolOf(Unit::Dbm)),
            55,
            2,
            -110,
            -40};
  double low = 0;
  for (const plan::Prediction& p : planned.predictions) {
    if (p.link != planned.link) continue;
    lane.lines.push_back(
        {p.distance_m, p.received_dbm, {Ink::Role::Setup, campaign::setupIndex(c, p.setup)}, 2, p.setup});
    low = std::min(low, p.received_dbm.back());
  }
  if (lane.lines.empty()) {
    lane.note = Said::tr("Enter transmit power and antenna gains in Kit to see a prediction").toStdString();
    return lane;
  }
  const campaign::Link* link = campaign::findLink(c, planned.link);
  const auto critical = link ? campaign::criticalFromKit(*link) : std::nullopt;
  if (critical)
    lane.floors.push_back(
        {*critical, Said::tr("%1 link: critical level %2")
                        .arg(QString::fromStdString(link->id), words::quantity(*critical, Unit::Dbm))
                        .toStdString()});
  lane.low = std::min(low, critical.value_or(low)) - 8;
  lane.high = -45;
  return lane;
}

Lane clearanceLane(const campaign::Campaign& c, const plan::Planned& planned) {
  Lane lane{"clearance",
            Said::tr("Clearance over flat ground with earth bulge: ray and first Fresnel zone").toStdString(),
            std::string(quantity::symbolOf(words::lengthUnit())),
            45,
            1,
            0,
            80};
  if (!planned.clearance) {
    lane.note = (c.station.position() ? Said::tr("Set the far post to see the clearance")
                                      : Said::tr("Set the station and the far post to see the clearance"))
                    .toStdString();
    return lane;
  }
  constexpr double kUnder_m = -20;
  Band zone{{}, {}, {}, {Ink::Role::Accent}}, earth{{}, {}, {}, {Ink::Role::Ink}};
  Line ray{{}, {}, {Ink::Role::Accent}, 1.6}, ground{{}, {}, {Ink::Role::Ink}, 1.6};
  double top = 0;
  const auto told = [](double metres) { return quantity::convert(metres, Unit::Metre, words::lengthUnit()); };
  for (const plan::ClearancePoint& p : planned.clearance->points) {
    for (auto* x : {&zone.x, &earth.x, &ray.x, &ground.x}) x->push_back(p.distance_m);
    ray.y.push_back(told(p.ray_m));
    zone.low.push_back(told(p.zone_low_m));
    zone.high.push_back(told(p.zone_high_m));
    ground.y.push_back(told(p.bulge_m));
    earth.low.push_back(told(kUnder_m));
    earth.high.push_back(told(p.bulge_m));
    top = std::max(top, zone.high.back());
  }
  lane.bands = {std::move(zone), std::move(earth)};
  lane.lines = {std::move(ray), std::move(ground)};
  lane.low = std::min(-4.0, -top * 0.08);
  lane.high = top * 1.1;
  return lane;
}

}  // namespace

Lanes planLanes(const campaign::Campaign& campaign, const plan::Planned& planned, double end_m) {
  return {end_m, {signalLane(campaign, planned), clearanceLane(campaign, planned)}};
}

}  // namespace distanz::lanes
