#include <algorithm>
#include <cmath>

#include "core/bench/interference.h"
#include "core/campaign/kit.h"
#include "core/records/judge_tools.h"
#include "core/records/judges.h"

namespace distanz::records {

using quantity::Unit;

namespace {

constexpr double kUsualApart_m = 0.15;  // on a small airframe
constexpr std::size_t kMostTold = 6;
constexpr std::size_t kMostEmitters = 24, kMostBands = 200;  // products grow with the third power

/// Everything that sends, listens, or might be a channel.
struct Scene {
  std::vector<bench::Emitter> emitters;
  std::vector<bench::Victim> victims;
  std::vector<bench::Victim> channels;  ///< that might be used
};

void addKit(const Judged& what, Scene& scene) {
  const campaign::Campaign& c = what.campaign;
  const campaign::Setup* setup = campaign::findSetup(c, what.record.setup);
  if (!setup && !c.setups.empty()) setup = &c.setups.front();
  for (const campaign::Link& link : c.links) {
    const bool video = link.kind == campaign::LinkKind::Video;
    const double half = link.bandwidth_mhz.value_or(0) / 2;
    const campaign::SetupLink* own = setup ? campaign::findEnds(c, setup->id, link.id) : nullptr;
    const auto said = [&](const campaign::Slot& slot) {
      return own ? campaign::valueAt(c, *own, slot) : std::nullopt;
    };
    if (const auto power = said(campaign::kTransmitPower))
      scene.emitters.push_back(
          {link.id, link.frequency_mhz, 2 * half,
           *power - said(campaign::kTransmitLoss).value_or(0) - said(campaign::kTransmitFilter).value_or(0),
           !video});
    if (const auto sensitivity = campaign::sensitivityOf(link))
      scene.victims.push_back({link.id, link.frequency_mhz - half, link.frequency_mhz + half,
                               bench::noiseOf_dbm(*sensitivity, link.bandwidth_mhz, link.noise_figure_db) - bench::kTolerated_db, video});
  }
  for (const bench::Band& band : bench::gnssBands())
    scene.victims.push_back({band.name, band.low_mhz, band.high_mhz, bench::kGnssTolerates_dbm, false});
}

void addTyped(const Judged& what, Scene& scene) {
  for (const campaign::Reading& r : what.record.readings) {
    const auto frequency = r.value("frequency_mhz");
    if (!frequency) continue;
    const double width = r.value("bandwidth_mhz").value_or(0);
    const bool station = r.value("at_station").value_or(0) > 0.5;
    const auto power = r.value("power_dbm"), tolerates = r.value("tolerates_dbm");
    if (power) scene.emitters.push_back({r.label, *frequency, width, *power, station});
    const bench::Victim band{r.label, *frequency - width / 2, *frequency + width / 2, tolerates.value_or(0),
                             station};
    if (tolerates) scene.victims.push_back(band);
    if (!power && !tolerates) scene.channels.push_back(band);
  }
}

std::string namesOf(const bench::Product& p, const Scene& scene) {
  std::string out;
  for (const std::size_t i : p.from) out += (out.empty() ? "" : " + ") + scene.emitters[i].name;
  return out;
}

struct Case {
  bench::Product product;
  bench::Isolation isolation;
  double short_db() const { return isolation.needed_db - isolation.got_db; }
};

Finding tell(const Case& c, const Scene& scene) {
  const Measure middle = mhz((c.product.low_mhz + c.product.high_mhz) / 2);
  std::vector<Argument> a{
      {"emitter", namesOf(c.product, scene)},           {"frequency", middle},
      {"victim", scene.victims[c.product.victim].name}, {"needed", c.isolation.needed_db, Unit::Decibel},
      {"got", c.isolation.got_db, Unit::Decibel},       {"apart", c.isolation.apart_m, Unit::Metre}};
  if (c.product.kind == bench::ProductKind::SecondOrder) return finding("interference-second", std::move(a));
  if (c.product.kind == bench::ProductKind::ThirdOrder) return finding("interference-third", std::move(a));
  a.emplace_back("order", c.product.order);
  return finding("interference-harmonic", std::move(a));
}

void tellChannels(const Scene& scene, RecordResult& out) {
  const auto touched = bench::productsInBands(scene.emitters, scene.channels);
  for (std::size_t i = 0; i < scene.channels.size(); ++i) {
    const bool hit =
        std::any_of(touched.begin(), touched.end(), [&](const auto& p) { return p.victim == i; });
    out.findings.push_back(
        finding(hit ? "channel-hit" : "channel-free", {{"channel", scene.channels[i].name}}));
  }
}

void draw(const Scene& scene, const std::vector<Case>& cases, RecordResult& out) {
  out.plot = {Plot::Kind::Graph, "axis-frequency", "axis-level", Unit::Megahertz, Unit::Dbm, {}, {}, {}};
  Curve sent{"sent", {}, {}, false}, products{"product", {}, {}, false};
  for (const bench::Emitter& e : scene.emitters)
    sent.x.push_back(e.frequency_mhz), sent.y.push_back(e.power_dbm);
  for (const Case& c : cases) {
    products.x.push_back((c.product.low_mhz + c.product.high_mhz) / 2);
    products.y.push_back(c.isolation.level_dbm - c.isolation.got_db);
  }
  out.plot.curves.push_back(std::move(sent));
  if (!cases.empty()) out.plot.curves.push_back(std::move(products));
  for (const bench::Victim& v : scene.victims)
    out.plot.curves.push_back({v.name, {v.low_mhz, v.high_mhz}, {v.tolerates_dbm, v.tolerates_dbm}, true});
}

}  // namespace

RecordResult judgeInterference(const Judged& what) {
  Scene scene;
  addKit(what, scene);
  addTyped(what, scene);
  RecordResult out;
  if (scene.emitters.empty()) {
    out.findings.push_back(finding("interference-open"));
    return out;
  }
  if (scene.emitters.size() > kMostEmitters || scene.victims.size() + scene.channels.size() > kMostBands) {
    out.findings.push_back(
        finding("interference-many", {{"emitters", kMostEmitters}, {"bands", kMostBands}}));
    return out;
  }
  const campaign::Record& r = what.record;
  const double filter = r.setting("filter_db").value_or(0),
               aboard = r.setting("apart_m").value_or(kUsualApart_m);
  const auto station = r.setting("station_apart_m");
  std::vector<Case> cases;
  for (bench::Product& p : bench::productsInBands(scene.emitters, scene.victims)) {
    const bench::Victim& victim = scene.victims[p.victim];
    const bool here = std::all_of(p.from.begin(), p.from.end(), [&](std::size_t i) {
      return scene.emitters[i].at_station == victim.at_station;
    });
    const bool itself = std::any_of(p.from.begin(), p.from.end(),
                                    [&](std::size_t i) { return scene.emitters[i].name == victim.name; });
    if (!here || itself) continue;  // from the other end it comes with the link's own path loss
    const double apart = victim.at_station ? station.value_or(1) : aboard;
    cases.push_back({p, bench::isolationOf(p, scene.emitters, victim, apart, filter)});
  }
  std::stable_sort(cases.begin(), cases.end(),
                   [](const Case& a, const Case& b) { return a.short_db() > b.short_db(); });
  const auto bad = static_cast<std::size_t>(
      std::count_if(cases.begin(), cases.end(), [](const Case& c) { return !c.isolation.enough(); }));
  out.figures.push_back({"products", measure(double(cases.size()), Unit::None), {}, {}, true});
  out.figures.push_back({"products-heard", measure(double(bad), Unit::None), {}, {}, true});
  if (!cases.empty())
    out.figures.push_back({"isolation-short",
                           measure(std::max(cases.front().short_db(), 0.0), Unit::Decibel),
                           {},
                           scene.victims[cases.front().product.victim].name,
                           true});
  for (std::size_t i = 0; i < std::min(bad, kMostTold); ++i) out.findings.push_back(tell(cases[i], scene));
  if (bad > kMostTold) out.findings.push_back(finding("interference-more", {{"count", bad - kMostTold}}));
  if (bad == 0) out.findings.push_back(finding("interference-none", {{"count", cases.size()}}));
  tellChannels(scene, out);
  out.findings.push_back(finding(r.setting("apart_m") ? "interference-assumes" : "interference-assumes-apart",
                                 {{"apart", aboard, Unit::Metre}}));
  draw(scene, cases, out);
  return out;
}

}  // namespace distanz::records
