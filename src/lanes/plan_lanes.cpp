#include "lanes/plan_lanes.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

#include "lanes/said.h"
#include "words/quantity.h"

namespace distanz::lanes {
namespace {

using quantity::Unit;

std::string signalTitle(bool not_flown, bool was_flown) {
  return (not_flown && was_flown
              ? QCoreApplication::translate("lanes", "Predicted signal; bands: flown, or not yet measured")
          : was_flown ? QCoreApplication::translate("lanes", "Predicted signal; bands: flown")
                      : QCoreApplication::translate("lanes", "Predicted signal; bands: not yet measured"))
      .toStdString();
}

Lane signalLane(const campaign::Campaign& c, const plan::Planned& planned, const analysis::Answers& flown) {
  Lane lane{"signal",
            Said::tr("Predicted signal").toStdString(),
            std::string(quantity::symbolOf(Unit::Dbm)),
            55,
            2,
            -110,
            -40};
  double low = 0;
  bool not_flown = false, was_flown = false;
  for (const plan::Prediction& p : planned.predictions) {
    if (p.link != planned.link) continue;
    lane.lines.push_back(
        {p.distance_m, p.received_dbm, {Ink::Role::Setup, campaign::setupIndex(c, p.setup)}, 2, p.setup});
    if (!flown.showSignal(p.setup, p.link)) {  // where it flew, what was flown says more
      lane.bands.push_back(
          {p.distance_m, p.low_dbm, p.high_dbm, {Ink::Role::Setup, campaign::setupIndex(c, p.setup), 0.35}});
      not_flown = true;
    }
    low = std::min(low, p.received_dbm.back());
  }
  for (const analysis::SetupOnLink& s : flown.setups)
    if (s.link == planned.link && !s.curve.distance_m.empty()) {
      const Ink ink{Ink::Role::Setup, campaign::setupIndex(c, s.setup), 0.5};
      lane.bands.push_back({s.curve.distance_m, s.curve.low_dbm, s.curve.high_dbm, ink});
      was_flown = true;
      low = std::min(low, s.curve.low_dbm.back());
    }
  if (!lane.lines.empty()) lane.title = signalTitle(not_flown, was_flown);
  if (lane.lines.empty()) {
    lane.note = Said::tr("Enter transmit power and antenna gains in Kit to see a prediction").toStdString();
    return lane;
  }
  const campaign::Link* link = campaign::findLink(c, planned.link);
  const auto critical = link ? campaign::criticalFromKit(*link) : std::nullopt;
  if (critical)
    lane.floors.push_back(
        {*critical, Said::tr("%1 link: minimum usable signal %2")
                        .arg(QString::fromStdString(link->id), words::quantity(*critical, Unit::Dbm))
                        .toStdString()});
  lane.low = std::min(low, critical.value_or(low)) - 8;
  lane.high = -45;
  return lane;
}

double told(double metres) {
  return quantity::convert(metres, Unit::Metre, words::lengthUnit());
}

std::string profileTitle(const plan::Planned& planned, const campaign::Campaign& c) {
  const campaign::Link* link = campaign::findLink(c, planned.link);
  const QString of = link ? words::quantity(link->frequency_mhz, Unit::Megahertz) : QString();
  return (planned.clearance && planned.clearance->over_ground
              ? QCoreApplication::translate("lanes", "Profile to the far post: ground, flight, line of sight, first Fresnel zone at %1").arg(of)
              : QCoreApplication::translate("lanes", "Profile over flat ground: flight, line of sight, first Fresnel zone at %1").arg(of))
      .toStdString();
}

/// Ground, what stands on it, and the ray to the far post within its zone.
void addRay(const plan::PathClearance& clearance, Lane& lane) {
  Band zone{{}, {}, {}, {Ink::Role::Accent, 0, 0.5}}, inner{{}, {}, {}, {Ink::Role::Accent}},
      standing{{}, {}, {}, {Ink::Role::Muted}}, earth{{}, {}, {}, {Ink::Role::Ink}};
  Line ray{{}, {}, {Ink::Role::Accent}, 1.2, Said::tr("line of sight to the far post").toStdString()},
      ground{{}, {}, {Ink::Role::Ink}, 1.6};
  double low = 0, high = 0;
  for (const plan::ClearancePoint& p : clearance.points) low = std::min(low, p.ground_m);
  const double under = low - 500;
  for (const plan::ClearancePoint& p : clearance.points) {
    for (auto* x : {&zone.x, &inner.x, &standing.x, &earth.x, &ray.x, &ground.x}) x->push_back(p.distance_m);
    zone.low.push_back(told(p.ray_m - p.zone_m));
    zone.high.push_back(told(p.ray_m + p.zone_m));
    inner.low.push_back(told(p.ray_m - p.needed_m));
    inner.high.push_back(told(p.ray_m + p.needed_m));
    standing.low.push_back(told(p.ground_m));
    standing.high.push_back(told(p.top_m));
    earth.low.push_back(told(under));
    earth.high.push_back(told(p.ground_m));
    ray.y.push_back(told(p.ray_m));
    ground.y.push_back(told(p.ground_m));
    high = std::max({high, p.ray_m + p.zone_m, p.top_m});
  }
  lane.bands = {std::move(zone), std::move(inner), std::move(standing), std::move(earth)};
  lane.lines = {std::move(ray), std::move(ground)};
  lane.low = told(low);
  lane.high = told(high);
}

/// The flight, how high it must be, and the percentage rule; a rule that leads far above is cut off.
void addHeights(const plan::ClearHeights& h, double percent, Lane& lane) {
  Line flight{{}, {}, {Ink::Role::Ink}, 2.2, Said::tr("flight").toStdString()},
      needed{{},
             {},
             {Ink::Role::Muted},
             1.4,
             Said::tr("lowest clear height on every link").toStdString()},
      share{{},
            {},
            {Ink::Role::Hairline},
            1.4,
            Said::tr("%1 of the distance").arg(words::quantity(percent, Unit::Percent, 0)).toStdString()};
  double high = lane.high;
  for (std::size_t i = 0; i < h.distance_m.size(); ++i) {
    const double bulge = h.bulge_m[i];
    flight.x.push_back(h.distance_m[i]);
    flight.y.push_back(told(h.flown_m[i] + bulge));
    high = std::max(high, flight.y.back());
    share.x.push_back(h.distance_m[i]);
    share.y.push_back(told(h.share_m[i] + bulge));
    if (!std::isfinite(h.needed_m[i])) continue;
    needed.x.push_back(h.distance_m[i]);
    needed.y.push_back(told(h.needed_m[i] + bulge));
  }
  lane.high = high;
  lane.lines.push_back(std::move(share));
  lane.lines.push_back(std::move(needed));
  lane.lines.push_back(std::move(flight));
}

Lane clearanceLane(const campaign::Campaign& c, const plan::Planned& planned) {
  Lane lane{
      "clearance", profileTitle(planned, c), std::string(quantity::symbolOf(words::lengthUnit())), 45, 1, 0,
      80};
  if (!planned.clearance || !planned.heights) {
    lane.note = (c.station.position() ? Said::tr("Set the far post to see the profile")
                                      : Said::tr("Set the station and the far post to see the profile"))
                    .toStdString();
    return lane;
  }
  addRay(*planned.clearance, lane);
  addHeights(*planned.heights, c.plan.height_pct, lane);
  const double room = (lane.high - lane.low) * 0.08;
  lane.low -= std::max(room, told(2));
  lane.high += room;
  return lane;
}

}  // namespace

Lanes planLanes(const campaign::Campaign& campaign, const plan::Planned& planned, double end_m,
                const analysis::Answers& flown) {
  return {end_m, {signalLane(campaign, planned, flown), clearanceLane(campaign, planned)}};
}

}  // namespace distanz::lanes
