#include <algorithm>
#include <cmath>

#include "core/records/interference_scene.h"
#include "core/records/judge_tools.h"
#include "core/records/judges.h"

namespace distanz::records {

using quantity::Unit;

namespace {

constexpr std::size_t kMostTold = 6;
constexpr std::size_t kMostEmitters = 24, kMostBands = 200;  // products grow with the third power

Finding tell(const Disturbance& d, const Scene& scene) {
  std::vector<Argument> a{{"emitter", d.from},
                          {"frequency", mhz(d.at_mhz)},
                          {"victim", scene.victims[d.victim].name},
                          {"short", d.isolation.short_db(), Unit::Decibel},
                          {"apart", d.isolation.apart_m, Unit::Metre}};
  if (d.product && d.product->kind == bench::ProductKind::SecondOrder)
    return finding("interference-second", std::move(a));
  if (d.product && d.product->kind == bench::ProductKind::ThirdOrder)
    return finding("interference-third", std::move(a));
  if (d.product) {
    a.emplace_back("order", d.product->order);
    return finding("interference-harmonic", std::move(a));
  }
  if (d.beside == bench::BesideKind::InBand) return finding("interference-in-band", std::move(a));
  return d.beside == bench::BesideKind::Blocking ? finding("interference-blocks", std::move(a))
                                                 : finding("interference-noise", std::move(a));
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

/// What nobody said, and what therefore was not looked at.
void tellUnasked(const Scene& scene, RecordResult& out) {
  if (meets(scene, false) && !scene.aboard_m) out.findings.push_back(finding("interference-ask-aboard"));
  if (meets(scene, true) && !scene.station_m) out.findings.push_back(finding("interference-ask-station"));
  for (const std::string& link : scene.unpowered)
    out.findings.push_back(finding("interference-no-power", {{"emitter", link}}));
  for (const std::string& link : scene.intolerant)
    out.findings.push_back(finding("interference-no-sensitivity", {{"victim", link}}));
}

void tellWorst(const std::vector<Disturbance>& all, const Scene& scene, RecordResult& out) {
  if (all.empty()) return;
  const auto bad = static_cast<std::size_t>(
      std::count_if(all.begin(), all.end(), [](const Disturbance& d) { return !d.isolation.enough(); }));
  out.figures.push_back({"products", measure(double(all.size()), Unit::None), {}, {}, true});
  out.figures.push_back({"products-heard", measure(double(bad), Unit::None), {}, {}, true});
  const Disturbance& worst = all.front();
  if (bad > 0)
    out.figures.push_back({"isolation-short", measure(std::round(worst.isolation.short_db()), Unit::Decibel), {},
                           scene.victims[worst.victim].name, true});
  if (bad > 0)
    out.findings.push_back(finding("interference-short", {{"bad", bad},
                                                          {"count", all.size()},
                                                          {"emitter", worst.from},
                                                          {"victim", scene.victims[worst.victim].name},
                                                          {"short", worst.isolation.short_db(), Unit::Decibel}}));
  for (std::size_t i = 0; i < std::min(bad, kMostTold); ++i) out.findings.push_back(tell(all[i], scene));
  if (bad > kMostTold) out.findings.push_back(finding("interference-more", {{"count", bad - kMostTold}}));
  if (bad == 0)
    out.findings.push_back(finding("interference-none", {{"count", all.size()},
                                                         {"spare", -worst.isolation.short_db(), Unit::Decibel},
                                                         {"emitter", worst.from},
                                                         {"victim", scene.victims[worst.victim].name}}));
  out.findings.push_back(finding("interference-assumes", {{"blocks", bench::kBlocks_dbm, Unit::Dbm},
                                                          {"near", bench::kBlocksNear_dbm, Unit::Dbm},
                                                          {"noise", -bench::kNoise_dbc_hz, Unit::Decibel}}));
}

void draw(const Scene& scene, const std::vector<Disturbance>& all, RecordResult& out) {
  out.plot = {Plot::Kind::Graph, "axis-frequency", "axis-level", Unit::Megahertz, Unit::Dbm, {}, {}, {}};
  Curve sent{"sent", {}, {}, false}, products{"product", {}, {}, false};
  for (const bench::Emitter& e : scene.emitters)
    sent.x.push_back(e.frequency_mhz), sent.y.push_back(e.power_dbm);
  for (const Disturbance& d : all) {
    products.x.push_back(d.at_mhz);
    products.y.push_back(d.isolation.level_dbm - d.isolation.got_db);
  }
  out.plot.curves.push_back(std::move(sent));
  if (!all.empty()) out.plot.curves.push_back(std::move(products));
  for (const bench::Victim& v : scene.victims)
    if (std::isfinite(v.tolerates_dbm))
      out.plot.curves.push_back({v.name, {v.low_mhz, v.high_mhz}, {v.tolerates_dbm, v.tolerates_dbm}, true});
}

}  // namespace

RecordResult judgeInterference(const Judged& what) {
  const Scene scene = sceneOf(what);
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
  const std::vector<Disturbance> all = disturbancesOf(scene);
  tellWorst(all, scene, out);
  tellUnasked(scene, out);
  tellChannels(scene, out);
  draw(scene, all, out);
  return out;
}

}  // namespace distanz::records
