#include <algorithm>
#include <cmath>

#include "core/bench/interference.h"
#include "core/bench/spectrum.h"
#include "core/finding/error.h"
#include "core/records/judge_tools.h"
#include "core/records/judges.h"

namespace distanz::records {

using quantity::Unit;

namespace {

constexpr double kUsedAbove_db = 10;
constexpr double kAlike_db = 3;  // less than this between two traces is noise
constexpr std::size_t kTold = 6;

std::vector<bench::Trace> tracesOf(const Judged& what, const std::string& role) {
  std::vector<bench::Trace> out;
  for (const FileData& f : what.files)
    if (role == "*" || f.role == role) out.insert(out.end(), f.traces.begin(), f.traces.end());
  return out;
}

void tellDifference(const Judged& what, RecordResult& out) {
  const auto idle = tracesOf(what, "idle"), armed = tracesOf(what, "armed");
  if (idle.empty() || armed.empty()) return;
  const auto rise = bench::largestRise(bench::peakHold(idle), bench::peakHold(armed));
  if (!rise) return;
  const Measure by = measure(rise->rise_db, Unit::Decibel);
  out.figures.push_back({"armed-over-idle", by, mhz(rise->frequency_mhz), {}, true});
  out.findings.push_back(
      rise->rise_db < kAlike_db
          ? finding("traces-alike")
          : finding("traces-differ", {{"most", by}, {"frequency", mhz(rise->frequency_mhz)}}));
}

void tellUsed(const Judged& what, const bench::Trace& held, RecordResult& out) {
  const auto used = bench::usedBands(held, what.record.setting("above_db").value_or(kUsedAbove_db));
  for (std::size_t i = 0; i < std::min(used.size(), kTold); ++i)
    out.findings.push_back(finding("band-used", {{"low", mhz(used[i].low_mhz)},
                                                 {"high", mhz(used[i].high_mhz)},
                                                 {"peak", used[i].peak_dbm, Unit::Dbm}}));
  if (used.size() > kTold) out.findings.push_back(finding("bands-more", {{"count", used.size() - kTold}}));
}

}  // namespace

RecordResult judgeSpectrum(const Judged& what) {
  RecordResult out;
  const auto traces = tracesOf(what, "*");
  if (traces.empty()) {
    out.findings.push_back(finding("spectrum-none"));
    return out;
  }
  bench::Trace held = bench::peakHold(traces);
  if (const auto typed = what.record.setting("rbw_khz")) held.rbw_mhz = *typed / 1000;
  if (const auto most = bench::occupied(held)) {
    out.figures.push_back({"occupied", measure(most->width_mhz(), Unit::Megahertz), {}, {}, true});
    out.findings.push_back(finding(
        "occupied",
        {{"low", mhz(most->low_mhz)}, {"high", mhz(most->high_mhz)}, {"width", mhz(most->width_mhz())}}));
  } else {
    out.findings.push_back(finding("occupied-none"));
  }
  if (const auto below = bench::widthBelowPeak(held))
    out.figures.push_back({"width-20-db", measure(below->width_mhz(), Unit::Megahertz), {}, {}, true});
  const auto low = what.record.setting("low_mhz"), high = what.record.setting("high_mhz");
  if (low && high)
    if (const double power = bench::bandPower_dbm(held, *low, *high); std::isfinite(power)) {
      out.figures.push_back({"band-power", measure(power, Unit::Dbm), {}, {}, true});
      if (held.rbw_mhz == 0) out.findings.push_back(finding("band-power-unscaled"));
      if (held.rbw_mhz > *high - *low) out.findings.push_back(finding("band-under-resolution", {{"rbw", mhz(held.rbw_mhz)}}));
    }
  out.figures.push_back({"floor", measure(bench::floor_dbm(held), Unit::Dbm)});
  tellDifference(what, out);
  tellUsed(what, held, out);
  out.plot = {Plot::Kind::Graph, "axis-frequency", "axis-level", Unit::Megahertz, Unit::Dbm, {}, {}, {}};
  for (const FileData& f : what.files)
    for (const bench::Trace& t : f.traces)
      out.plot.curves.push_back({f.role.empty() ? f.file : f.role, t.frequency_mhz, t.level_dbm, true});
  for (double c : channelsOf(what))
    if (c >= held.frequency_mhz.front() && c <= held.frequency_mhz.back()) out.plot.marks.push_back(mhz(c));
  return out;
}

RecordResult judgeNoise(const Judged& what) {
  std::vector<bench::FloorReading> readings;
  for (const campaign::Reading& r : what.record.readings)
    if (const auto level = r.value("level_dbm"))
      readings.push_back({r.label == "off" ? std::string() : r.label, *level});
  const auto rises = bench::floorRises(readings);
  if (rises.empty()) return tooFew(readings.size(), 4);
  RecordResult out;
  out.plot = {Plot::Kind::Graph, "axis-order", "axis-level", Unit::None, Unit::Dbm, {}, {}, {}};
  for (const bench::FloorRise& rise : rises) {
    const Measure by = measure(rise.rise_db, Unit::Decibel, rise.low_db, rise.high_db);
    out.figures.push_back({"floor-rise", by, {}, rise.emitter, true});
    out.findings.push_back(
        rise.sure                    ? finding("floor-rises", {{"emitter", rise.emitter},
                                                               {"rise", by},
                                                               {"range", rangeLost_pct(what, rise.rise_db), Unit::Percent}})
        : std::isfinite(rise.low_db) ? finding("floor-still", {{"emitter", rise.emitter}, {"rise", by}})
                                     : finding("floor-once", {{"emitter", rise.emitter}}));
  }
  for (std::size_t i = 0; i < readings.size(); ++i) {
    auto curve = std::find_if(out.plot.curves.begin(), out.plot.curves.end(),
                              [&](const Curve& c) { return c.name == readings[i].on; });
    if (curve == out.plot.curves.end())
      curve = out.plot.curves.insert(curve, {readings[i].on, {}, {}, false});
    curve->x.push_back(static_cast<double>(i + 1));
    curve->y.push_back(readings[i].level_dbm);
  }
  if (const auto distance = what.record.setting("distance_m"))
    for (double channel : channelsOf(what)) {
      const double isolation =
          bench::isolation_db(*distance, channel, what.record.setting("filter_db").value_or(0));
      out.figures.push_back({"isolation", measure(isolation, Unit::Decibel), mhz(channel)});
    }
  return out;
}

}  // namespace distanz::records
