#include <algorithm>
#include <cmath>

#include "core/bench/signal_scale.h"
#include "core/finding/error.h"
#include "core/records/judge_tools.h"
#include "core/records/judges.h"

namespace distanz::records {

using quantity::Unit;

RecordResult judgeSignal(const Judged& what) {
  const campaign::Record& r = what.record;
  const auto source = r.setting("source_dbm");
  const std::vector<bench::ScaleReading> readings = scaleReadingsOf(r);
  const auto scale = bench::scaleOf(readings);
  RecordResult out;
  const Unit unit = source ? Unit::Dbm : Unit::Decibel;
  out.plot = {Plot::Kind::Graph, "axis-level", "axis-reading", unit, Unit::None, {}, {}, {}};
  Curve dots{{}, {}, {}, false};
  for (const auto& x : readings) dots.x.push_back(x.level_db), dots.y.push_back(x.value);
  if (!dots.x.empty()) out.plot.curves.push_back(std::move(dots));
  if (!scale) {
    out.findings.push_back(finding("scale-none"));
    return out;
  }
  Curve line{{}, {}, {}, true};
  for (const auto& p : scale->points) line.x.push_back(p.level_db), line.y.push_back(p.value);
  out.plot.curves.push_back(std::move(line));
  out.figures = {{"scale-floor", measure(scale->floor_db, unit), {}, {}, true},
                 {"scale-ceiling", measure(scale->ceiling_db, unit), {}, {}, true},
                 {"scale-step", measure(scale->step_db, Unit::Decibel)}};
  if (std::isfinite(scale->sd_db))
    out.figures.push_back({"scale-scatter", measure(scale->sd_db, Unit::Decibel)});
  out.findings.push_back(finding("scale-found", {{"low", scale->floor_db, unit},
                                                 {"high", scale->ceiling_db, unit},
                                                 {"step", scale->step_db, Unit::Decibel}}));
  if (scale->floor_seen)
    out.findings.push_back(finding("scale-has-floor", {{"level", scale->floor_db, unit}}));
  if (scale->ceiling_seen)
    out.findings.push_back(finding("scale-has-ceiling", {{"level", scale->ceiling_db, unit}}));
  if (scale->falling) out.findings.push_back(finding("scale-falls"));
  if (!source) out.findings.push_back(finding("scale-relative"));
  return out;
}

}  // namespace distanz::records
