#include <algorithm>
#include <cmath>

#include "core/bench/swap_test.h"
#include "core/finding/error.h"
#include "core/records/judge_tools.h"
#include "core/records/judges.h"

namespace distanz::records {

using quantity::Unit;

RecordResult judgeSwap(const Judged& what) {
  std::vector<bench::SwapReading> readings;
  for (const campaign::Reading& x : what.record.readings)
    if (const auto v = x.value("value"); v && (x.label == "on" || x.label == "off"))
      readings.push_back({x.label == "on", *v});
  if (readings.size() > bench::kMostSwapReadings) {
    RecordResult out;
    out.findings.push_back(finding("swap-too-many", {{"most", bench::kMostSwapReadings}}));
    return out;
  }
  const auto swap = bench::swapResult(readings);
  if (!swap) return tooFew(readings.size(), 2 * static_cast<std::size_t>(bench::leastSwaps()));
  RecordResult out;
  const std::string scale = what.record.answer("scale");
  const Unit unit = scale == "percent" ? Unit::Percent
                    : scale == "volts" ? Unit::Volt
                    : scale == "bars"  ? Unit::None
                                       : Unit::Decibel;
  const Measure difference{swap->difference, unit, swap->low, swap->high};
  out.figures = {{"swap-difference", difference, {}, {}, true},
                 {"swap-p", measure(100 * swap->p, Unit::Percent), {}, {}, true}};
  const Argument said("difference", difference), chance("chance", 100 * swap->p, Unit::Percent);
  if (!swap->can_be_clear)
    out.findings.push_back(finding(
        "swap-too-few",
        {{"on", swap->on}, {"off", swap->off}, {"least", static_cast<std::size_t>(bench::leastSwaps())}}));
  else if (swap->clear)
    out.findings.push_back(finding(swap->difference > 0 ? "swap-better" : "swap-worse", {said, chance}));
  else {
    Finding unclear = finding("swap-unclear", {said, chance});
    if (swap->swaps_needed)
      unclear.more.push_back(
          finding("swap-needed", {{"swaps", static_cast<std::size_t>(*swap->swaps_needed)}}));
    out.findings.push_back(std::move(unclear));
  }
  out.findings.push_back(finding("swap-proves"));
  out.plot = {Plot::Kind::Graph, "axis-order", "axis-reading", Unit::None, unit, {}, {}, {}};
  for (bool on : {true, false}) {
    Curve c{on ? "on" : "off", {}, {}, false};
    for (std::size_t i = 0; i < readings.size(); ++i)
      if (readings[i].on == on) c.x.push_back(static_cast<double>(i + 1)), c.y.push_back(readings[i].value);
    out.plot.curves.push_back(std::move(c));
  }
  return out;
}

}  // namespace distanz::records
