#include <algorithm>

#include "core/bench/ground_check.h"
#include "core/finding/error.h"
#include "core/records/judge_tools.h"
#include "core/records/judges.h"

namespace distanz::records {

using quantity::Unit;

namespace {

constexpr double kMinute_s = 60;

/// Rows that nobody labelled, in their order: the last one was read after, one before that before.
campaign::Record inOrder(const campaign::Record& record) {
  campaign::Record out = record;
  const bool labelled = std::any_of(out.readings.begin(), out.readings.end(), [](const auto& r) { return !r.label.empty(); });
  if (labelled || out.readings.empty()) return out;
  out.readings.back().label = "after";
  if (out.readings.size() > 1) out.readings.front().label = "before";
  return out;
}

/// The last counters read under a label. Antennas count from 1 until one was not read.
std::optional<bench::Counters> countersOf(const campaign::Record& r, const std::string& label) {
  std::optional<bench::Counters> out;
  for (const campaign::Reading& reading : r.readings) {
    if (reading.label != label) continue;
    bench::Counters c;
    for (const char* key : {"fades_1", "fades_2", "fades_3", "fades_4"}) {
      const auto fades = reading.value(key);
      if (!fades) break;
      c.fades.push_back(*fades);
    }
    c.lost_frames = reading.value("lost_frames");
    c.holds = reading.value("holds");
    c.received_pct = reading.value("received_pct");
    out = c;
  }
  return out;
}

bench::PassRule ruleOf(const campaign::Record& r) {
  bench::PassRule rule;
  rule.lost_frames_per_min = r.setting("most_lost_per_min").value_or(rule.lost_frames_per_min);
  rule.holds = r.setting("most_holds").value_or(rule.holds);
  rule.received_pct = r.setting("least_received_pct").value_or(rule.received_pct);
  rule.fades_per_min = r.setting("most_fades_per_min").value_or(rule.fades_per_min);
  return rule;
}

/// As it was measured, or paced out.
std::optional<double> distanceOf(const campaign::Record& r) {
  const auto metres = r.setting("distance_m"), paces = r.setting("paces"), pace = r.setting("pace_m");
  return metres ? metres : paces && pace ? std::optional(*paces * *pace) : std::nullopt;
}

Measure count(double n) {
  return measure(n, Unit::None);
}

void tellParts(const bench::GroundResult& g, RecordResult& out) {
  if (g.held) out.findings.push_back(finding("ground-held", {{"holds", *g.happened.holds, Unit::None}}));
  if (g.lost)
    out.findings.push_back(finding("ground-lost", {{"frames", *g.happened.lost_frames, Unit::None}}));
  if (g.few_received)
    out.findings.push_back(
        finding("ground-few-received", {{"received", *g.happened.received_pct, Unit::Percent}}));
  for (std::size_t i : g.weak)
    out.findings.push_back(
        finding("ground-weak-antenna", {{"antenna", i + 1}, {"fades", g.happened.fades[i], Unit::None}}));
  if (g.fading && g.weak.empty()) out.findings.push_back(finding("ground-fading"));
}

}  // namespace

RecordResult judgeGround(const Judged& what) {
  const campaign::Record r = inOrder(what.record);
  const auto after = countersOf(r, "after");
  RecordResult out;
  if (!after) {
    out.findings.push_back(finding("ground-open"));
    return out;
  }
  const auto read_before = countersOf(r, "before");
  auto before = read_before.value_or(bench::Counters());
  before.fades.resize(after->fades.size(), 0);
  const bench::GroundResult g =
      bench::groundResult(before, *after, r.setting("duration_s").value_or(kMinute_s), ruleOf(r));
  if (g.counters_ran_backwards || g.nothing_counted) {
    out.findings.push_back(finding(g.nothing_counted ? "ground-open" : "ground-reset"));
    return out;
  }
  out.findings.push_back(finding(g.verdict == bench::GroundVerdict::Fly        ? "ground-fly"
                                 : g.verdict == bench::GroundVerdict::LookInto ? "ground-look-into"
                                                                               : "ground-do-not-fly"));
  if (const auto distance = distanceOf(r))
    out.figures.push_back({"ground-distance", measure(*distance, Unit::Metre)});
  if (g.only_fades) out.findings.push_back(finding("ground-only-fades"));
  tellParts(g, out);
  if (!read_before) out.findings.push_back(finding("ground-from-zero"));
  for (std::size_t i = 0; i < g.happened.fades.size(); ++i)
    out.figures.push_back({"fades", count(g.happened.fades[i]), {}, std::to_string(i + 1), true});
  out.plot = {Plot::Kind::Graph, "axis-antenna", "axis-fades", Unit::None, Unit::None, {}, {}, {}};
  Curve fades{{}, {}, {}, false};
  for (std::size_t i = 0; i < g.happened.fades.size(); ++i)
    fades.x.push_back(static_cast<double>(i + 1)), fades.y.push_back(g.happened.fades[i]);
  if (!fades.x.empty()) out.plot.curves.push_back(std::move(fades));
  if (g.happened.lost_frames)
    out.figures.push_back({"lost-frames", count(*g.happened.lost_frames), {}, {}, true});
  if (g.happened.holds) out.figures.push_back({"holds", count(*g.happened.holds), {}, {}, true});
  if (g.happened.received_pct)
    out.figures.push_back({"received", measure(*g.happened.received_pct, Unit::Percent), {}, {}, true});
  return out;
}

}  // namespace distanz::records
