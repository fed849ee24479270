#include "core/records/interference_scene.h"

#include <algorithm>
#include <cmath>

#include "core/campaign/kit.h"

namespace distanz::records {
namespace {

constexpr double kGnssWithin_mhz = 1;  // the width of kGnssTolerates_dbm

void addKit(const Judged& what, Scene& scene) {
  const campaign::Campaign& c = what.campaign;
  const campaign::Setup* setup = campaign::findSetup(c, what.record.setup);
  if (!setup && !c.setups.empty()) setup = &c.setups.front();
  for (const campaign::Link& link : c.links) {
    const bool video = link.kind == campaign::LinkKind::Video;
    const double width = link.bandwidth_mhz.value_or(0), half = width / 2;
    const campaign::SetupLink* own = setup ? campaign::findEnds(c, setup->id, link.id) : nullptr;
    const auto said = [&](const campaign::Slot& slot) {
      return own ? campaign::valueAt(c, *own, slot) : std::nullopt;
    };
    if (const auto power = said(campaign::kTransmitPower))
      scene.emitters.push_back(
          {link.id, link.frequency_mhz, width,
           *power - said(campaign::kTransmitLoss).value_or(0) - said(campaign::kTransmitFilter).value_or(0), !video});
    else
      scene.unpowered.push_back(link.id);
    double tolerates_dbm = NAN;
    if (const auto sensitivity = campaign::sensitivityOf(link))
      tolerates_dbm =
          bench::noiseOf_dbm(*sensitivity, link.bandwidth_mhz, link.noise_figure_db) - bench::kTolerated_db;
    else
      scene.intolerant.push_back(link.id);
    scene.victims.push_back(
        {link.id, link.frequency_mhz - half, link.frequency_mhz + half, tolerates_dbm, video, width});
  }
  scene.satellite_from = scene.victims.size();
  for (const bench::Band& band : bench::gnssBands())
    scene.victims.push_back(
        {band.name, band.low_mhz, band.high_mhz, bench::kGnssTolerates_dbm, false, kGnssWithin_mhz});
  scene.satellite_to = scene.victims.size();
}

/// The same sender disturbs the satellite receiver in the same way.
bool alike(const Scene& scene, const Disturbance& a, const Disturbance& b) {
  const auto satellite = [&](const Disturbance& d) { return d.victim >= scene.satellite_from && d.victim < scene.satellite_to; };
  if (a.from != b.from || !satellite(a) || !satellite(b) || a.product.has_value() != b.product.has_value()) return false;
  return a.product ? a.product->kind == b.product->kind && a.product->order == b.product->order : a.beside == b.beside;
}

void addTyped(const Judged& what, Scene& scene) {
  for (const campaign::Reading& r : what.record.readings) {
    const auto frequency = r.value("frequency_mhz");
    if (!frequency) continue;
    const double width = r.value("bandwidth_mhz").value_or(0);
    const bool station = r.value("at_station").value_or(0) > 0.5;
    const auto power = r.value("power_dbm"), tolerates = r.value("tolerates_dbm"), blocks = r.value("blocks_dbm");
    if (power) scene.emitters.push_back({r.label, *frequency, width, *power, station, r.value("noise_dbc_hz")});
    const bench::Victim band{r.label, *frequency - width / 2, *frequency + width / 2, tolerates.value_or(NAN),
                             station, width, blocks};
    if (!tolerates && blocks) scene.intolerant.push_back(r.label);
    if (tolerates || blocks)
      scene.victims.push_back(band);
    else if (!power)
      scene.channels.push_back(band);
  }
}

std::string namesOf(const bench::Product& p, const Scene& scene) {
  std::string out;
  for (const std::size_t i : p.from) out += (out.empty() ? "" : " + ") + scene.emitters[i].name;
  return out;
}

void addProducts(const Scene& scene, std::vector<Disturbance>& out) {
  for (const bench::Product& p : bench::productsInBands(scene.emitters, scene.victims)) {
    const bench::Victim& victim = scene.victims[p.victim];
    const auto apart = scene.apart_m(victim);
    const bool here = std::all_of(p.from.begin(), p.from.end(), [&](std::size_t i) {
      return scene.emitters[i].at_station == victim.at_station;
    });
    const bool itself = std::any_of(p.from.begin(), p.from.end(),
                                    [&](std::size_t i) { return scene.emitters[i].name == victim.name; });
    if (!here || itself || !apart || !std::isfinite(victim.tolerates_dbm)) continue;
    out.push_back({p.victim, namesOf(p, scene), p, {}, (p.low_mhz + p.high_mhz) / 2,
                   bench::isolationOf(p, scene.emitters, victim, *apart, scene.filters.sending_db)});
  }
}

}  // namespace

Scene sceneOf(const Judged& what) {
  Scene scene;
  addKit(what, scene);
  addTyped(what, scene);
  const campaign::Record& r = what.record;
  scene.filters = {r.setting("tx_filter_db").value_or(0), r.setting("filter_db").value_or(0)};
  scene.aboard_m = r.setting("apart_m");
  scene.station_m = r.setting("station_apart_m");
  return scene;
}

std::vector<Disturbance> disturbancesOf(const Scene& scene) {
  std::vector<Disturbance> out;
  addProducts(scene, out);
  for (const bench::Emitter& emitter : scene.emitters)
    for (std::size_t v = 0; v < scene.victims.size(); ++v) {
      const bench::Victim& victim = scene.victims[v];
      const auto apart = scene.apart_m(victim);
      if (emitter.at_station != victim.at_station || emitter.name == victim.name || !apart) continue;
      for (const bench::Beside& b : bench::besides(emitter, victim, *apart, scene.filters)) {
        const double at = b.kind == bench::BesideKind::Noise ? (victim.low_mhz + victim.high_mhz) / 2
                                                             : emitter.frequency_mhz;
        out.push_back({v, emitter.name, {}, b.kind, at, b.isolation});
      }
    }
  std::stable_sort(out.begin(), out.end(), [](const Disturbance& a, const Disturbance& b) {
    return a.isolation.short_db() > b.isolation.short_db();
  });
  std::vector<Disturbance> told;
  for (Disturbance& d : out)
    if (std::none_of(told.begin(), told.end(), [&](const Disturbance& t) { return alike(scene, t, d); }))
      told.push_back(std::move(d));
  return told;
}

bool meets(const Scene& scene, bool at_station) {
  return std::any_of(scene.emitters.begin(), scene.emitters.end(), [&](const bench::Emitter& e) {
    return e.at_station == at_station &&
           std::any_of(scene.victims.begin(), scene.victims.end(), [&](const bench::Victim& v) {
             return v.at_station == at_station && v.name != e.name;
           });
  });
}

}  // namespace distanz::records
