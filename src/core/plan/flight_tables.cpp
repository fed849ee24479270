#include "core/plan/flight_tables.h"

#include <fmt/format.h>

#include <iterator>

#include "core/text/text.h"

namespace distanz::plan {

records::Plot chancePlot(const FlightPlan& plan, int planned_pairs) {
  records::Plot out{
      records::Plot::Kind::Graph, "axis-pairs", "axis-chance", quantity::Unit::None, quantity::Unit::Percent, {}, {}, {}};
  const std::pair<const char*, const std::vector<double>*> curves[] = {{"apart", &plan.chance},
                                                                       {"together", &plan.chance_together}};
  for (const auto& [name, chance] : curves) {
    records::Curve curve{name, {}, {}, true};
    for (std::size_t i = 0; i < chance->size(); ++i) {
      curve.x.push_back(double(i) + 1);
      curve.y.push_back(100 * (*chance)[i]);
    }
    out.curves.push_back(std::move(curve));
  }
  out.marks.push_back({double(planned_pairs), quantity::Unit::None, {}, {}});
  out.levels.push_back({80, quantity::Unit::Percent, {}, {}});
  return out;
}

std::string orderCsv(const FlightPlan& plan) {
  std::string out = "place,setup,block,begin_s,end_s,battery\n";
  for (std::size_t i = 0; i < plan.order.size(); ++i) {
    const OrderedRun& r = plan.order[i];
    fmt::format_to(std::back_inserter(out), "{},{},{},", i + 1, text::csvField(plan.setups[std::size_t(r.setup)]),
                   r.block + 1);
    const ScheduledRun* s = i < plan.schedule.runs.size() ? &plan.schedule.runs[i] : nullptr;
    if (s && plan.timed)
      fmt::format_to(std::back_inserter(out), "{:.0f},{:.0f},", s->begin_s, s->end_s);
    else
      out += ",,";
    if (s && s->battery > 0) out += std::to_string(s->battery);
    out += "\n";
  }
  return out;
}

}  // namespace distanz::plan
