#include "core/plan/part_pattern.h"

#include "core/campaign/describe.h"

#include <algorithm>
#include <cmath>

#include "core/campaign/antenna.h"
#include "core/finding/error.h"

namespace distanz::plan {
namespace {

using quantity::Unit;
using records::Figure;

Measure measured(double value, Unit unit) {
  return {value, unit, {}, {}};
}

constexpr double kCentre_db = -30;  ///< of the drawing

records::Curve curveOf(const radio::Pattern& pattern, radio::Cut cut, const char* name) {
  records::Curve out{name, {}, {}, true};
  for (int a = -180; a <= 180; ++a) {
    out.x.push_back(a);
    out.y.push_back(std::max(radio::cutGain_dbi(pattern, cut, a) - pattern.peak_dbi(), kCentre_db));
  }
  return out;
}

void addFigures(const campaign::Part& antenna, const radio::Pattern& pattern, bool beam,
                std::vector<Figure>& out) {
  using radio::Cut;
  const radio::CutFacts height = radio::factsOf(pattern, Cut::ThroughAxis),
                        across = radio::factsOf(pattern, Cut::AcrossAxis);
  out.push_back({"lossless-gain", measured(pattern.peak_dbi(), Unit::Dbi), {}, {}, true});
  if (std::isfinite(height.width_deg))
    out.push_back({"beam-width", measured(height.width_deg, Unit::Degree), {}, {}, true});
  if (beam && std::isfinite(across.width_deg) && std::abs(across.width_deg - height.width_deg) > 0.5)
    out.push_back({"beam-width-across", measured(across.width_deg, Unit::Degree), {}, {}, false});
  if (beam) out.push_back({"front-to-back", measured(height.front_to_back_db, Unit::Decibel), {}, {}, true});
  for (const double angle : height.nulls_deg)
    if (angle >= 0) out.push_back({"null", measured(angle, Unit::Degree), {}, {}, false});
  if (const auto p = campaign::polarisationOf(antenna); p && p->hand != radio::Hand::None)
    out.push_back({"axial-ratio", measured(p->axial_ratio_db, Unit::Decibel), {}, {}, false});
}

void addLook(const campaign::Campaign& c, const radio::Pattern& pattern, bool beam, double mast_m,
             PartPattern& out) {
  const auto look = beamLook(c, pattern, beam, mast_m);
  if (!look) return;
  const double a = std::min(look->near_deg, look->far_deg), b = std::max(look->near_deg, look->far_deg);
  out.plot.sectors.push_back({a, b, "path"});
  if (look->above_db >= kBlind_db && !beam) {
    double half = 0;
    while (half < 90 && pattern.peak_dbi() - pattern.gain_dbi({half, 0}) >= kBlind_db) half += 0.5;
    out.plot.sectors.push_back({-half, half, "blind"});
  }
  if (beam) {
    double from = 180;
    while (from > 0 && pattern.peak_dbi() - pattern.gain_dbi({from, 0}) >= kBlind_db) from -= 0.5;
    if (from < 180) out.plot.sectors.push_back({from, 360 - from, "blind"});
  }
  const Argument worst("worst", look->worst_db, Unit::Decibel);
  out.findings.push_back(look->main_throughout ? finding("path-all-in-beam", {worst})
                         : look->main_from_m
                             ? finding("path-in-beam", {{"from", *look->main_from_m, Unit::Metre}, worst})
                             : finding("path-out-of-beam", {worst}));
  out.findings.back().why.push_back(
      finding("why-beam", {{"near", a, Unit::Degree}, {"far", b, Unit::Degree}, {"mast", mast_m, Unit::Metre}}));
  out.findings.push_back(finding(
      "blind-above", {{"above", look->above_db, Unit::Decibel}, {"behind", look->behind_db, Unit::Decibel}}));
  if (look->blind_to_m)
    out.findings.push_back(
        finding("blind-cone", {{"to", *look->blind_to_m, Unit::Metre}, {"below", kBlind_db, Unit::Decibel}}));
}

/// Of what it was drawn: its kind, and what of the part shapes it.
Finding toldOf(const campaign::Part& antenna, const radio::Pattern& pattern) {
  const std::string shape = antenna.trait("shape").empty() ? "beam" : antenna.trait("shape");
  Finding out = finding("pattern-computed", {{"what", Term{"shape-" + shape}}, {"gain", pattern.peak_dbi(), Unit::Dbi}});
  out.why.push_back(
      finding("why-pattern", {{"source", Term{"pattern-source-" + (shape == "beam" ? "yagi" : shape)}}}));
  for (const char* key : campaign::shapedBy(antenna)) {
    const auto value = antenna.values.find(key);
    const campaign::PartField* field = campaign::partField(antenna.kind, key);
    if (value == antenna.values.end() || !field) continue;
    const auto origin = static_cast<std::size_t>(value->second.origin);
    out.why.push_back(finding("why-value", {{"what", Term{std::string("value-") + key}},
                                            {"value", value->second.value, field->unit},
                                            {"origin", Term{std::string("origin-") + campaign::originWords()[origin].word}}}));
  }
  return out;
}

/// The newest turntable record of the part that says something.
const campaign::Record* turntableOf(const campaign::Campaign& c, const std::string& part) {
  const campaign::Record* found = nullptr;
  for (const campaign::Record& r : c.records)
    if (r.kind == campaign::RecordKind::Turntable && r.part == part && r.readings.size() >= 5 &&
        (!found || r.made_at >= found->made_at))
      found = &r;
  return found;
}

}  // namespace

std::optional<PartPattern> patternOfPart(const campaign::Campaign& c, const campaign::Part& antenna,
                                         std::optional<double> ground_mast_m) {
  PartPattern out;
  out.plot = {
      records::Plot::Kind::Polar, "axis-angle", "axis-level", Unit::Degree, Unit::Decibel, {}, {}, {}};
  const auto pattern = campaign::patternOf(antenna);
  const auto shape = campaign::shapeOf(antenna);
  const bool beam = !shape || radio::isBeam(shape->kind);
  if (pattern) {
    addFigures(antenna, *pattern, beam, out.figures);
    out.findings.push_back(toldOf(antenna, *pattern));
    out.plot.curves.push_back(curveOf(*pattern, radio::Cut::ThroughAxis, "in-height"));
    if (beam) out.plot.curves.push_back(curveOf(*pattern, radio::Cut::AcrossAxis, "across"));
    if (ground_mast_m) addLook(c, *pattern, beam, *ground_mast_m, out);
  }
  if (const campaign::Record* record = turntableOf(c, antenna.id)) {
    records::RecordResult told = records::judge({.campaign = c, .record = *record});
    if (!told.plot.empty()) {
      out.record = record->id;
      const auto computed = std::find_if(out.findings.begin(), out.findings.end(),
                                         [](const Finding& f) { return f.code == "pattern-computed"; });
      if (computed != out.findings.end()) out.findings.erase(computed);
      Finding from = finding("pattern-measured", {{"record", record->name.empty() ? record->id : record->name}},
                             {"record", record->id});
      if (!told.findings.empty()) from.why = std::move(told.findings.front().why);
      out.findings.insert(out.findings.begin(), std::move(from));
      told.plot.sectors = out.plot.sectors;
      for (records::Curve& curve : told.plot.curves) curve.name = "measured";
      if (!out.plot.curves.empty()) told.plot.curves.push_back(std::move(out.plot.curves.front()));
      out.plot = std::move(told.plot);
      std::erase_if(out.figures, [&](const Figure& f) {
        return std::any_of(told.figures.begin(), told.figures.end(),
                           [&](const Figure& m) { return m.what == f.what; });
      });
      out.figures.insert(out.figures.begin(), told.figures.begin(), told.figures.end());
    }
  }
  return out.plot.empty() ? std::nullopt : std::optional(std::move(out));
}

std::optional<PartPattern> patternAt(const campaign::Campaign& c, const campaign::Setup& setup,
                                     const campaign::Link& link, const campaign::Slot& slot) {
  const auto ends = setup.links.find(link.id);
  if (slot.kind != campaign::PartKind::Antenna || ends == setup.links.end()) return std::nullopt;
  const campaign::Part* antenna = campaign::findPart(c, ends->second.*slot.part);
  if (!antenna) return std::nullopt;
  const bool ground = (link.kind == campaign::LinkKind::Video) == (&slot == &campaign::kReceiveGain);
  return patternOfPart(
      c, *antenna, ground ? std::optional(setup.mast_m.value_or(c.station.antenna_height_m)) : std::nullopt);
}

}  // namespace distanz::plan
