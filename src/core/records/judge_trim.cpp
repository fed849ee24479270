#include <algorithm>
#include <cmath>

#include "core/bench/trim.h"
#include "core/finding/error.h"
#include "core/records/judge_tools.h"
#include "core/records/judges.h"

namespace distanz::records {

using quantity::Unit;

RecordResult judgeTrim(const Judged& what) {
  std::vector<bench::TrimReading> readings;
  for (const auto& [low, high] : pairsOf(what.record, "low_khz", "high_khz"))
    if (low != high) readings.push_back({std::min(low, high), std::max(low, high)});  // typed either way
  const auto trim = bench::trimOf(readings);
  if (!trim) return tooFew(0, 3);
  RecordResult out;
  out.figures = {{"trim-midpoint",
                  measure(trim->midpoint_khz, Unit::Kilohertz, trim->low_khz, trim->high_khz),
                  {},
                  {},
                  true},
                 {"trim-width", measure(trim->width_khz, Unit::Kilohertz), {}, {}, true}};
  if (std::isfinite(trim->scatter_khz))
    out.figures.push_back({"trim-scatter", measure(trim->scatter_khz, Unit::Kilohertz)});
  const Argument midpoint("midpoint",
                          measure(trim->midpoint_khz, Unit::Kilohertz, trim->low_khz, trim->high_khz));
  out.findings.push_back(!trim->trustworthy ? finding("trim-unsure", {{"searches", trim->searches}})
                         : trim->off_centre ? finding("trim-off", {midpoint})
                                            : finding("trim-centred", {midpoint}));
  if (what.record.answer("low_power_left") != "yes") out.findings.push_back(finding("trim-leave-low-power"));
  out.plot = {Plot::Kind::Graph, "axis-offset", "axis-search", Unit::Kilohertz, Unit::None, {}, {}, {}};
  for (std::size_t i = 0; i < readings.size(); ++i) {
    const double y = static_cast<double>(i + 1);
    out.plot.curves.push_back({{}, {readings[i].low_khz, readings[i].high_khz}, {y, y}, true});
  }
  out.plot.marks.push_back(measure(trim->midpoint_khz, Unit::Kilohertz));
  return out;
}

}  // namespace distanz::records
