#include "core/analysis/result/spread.h"

#include <algorithm>
#include <map>

#include "core/analysis/reduce/reduction.h"
#include "core/estimate/robust.h"
#include "core/log/recording.h"

namespace distanz::analysis {
namespace {

constexpr double kTail = 0.1;

}  // namespace

ChannelSpread spreadOf(const campaign::Campaign& campaign, const CampaignAnalysis& analysis,
                       const std::string& setup, const std::string& link, std::string_view channel) {
  std::map<int, std::vector<double>> stretches;  // one value per run, leg and point of its trace
  for (std::size_t i = 0; i < campaign.runs.size() && i < analysis.reductions.size(); ++i) {
    const campaign::Run& run = campaign.runs[i];
    const auto found = analysis.reductions[i].links.find(link);
    if (run.setup != setup || !analysis.runs[i].used || found == analysis.reductions[i].links.end()) continue;
    const LinkReduction& r = found->second;
    const log::LegTraces* legs = r.trace(channel);
    if (!legs || r.left_out || (channel != log::channel::kRssi && r.reduced_db > 0)) continue;
    for (const log::Trace* trace : {&legs->out, &legs->back}) {
      if (run.legs == (trace == &legs->out ? campaign::Legs::Back : campaign::Legs::Out)) continue;
      for (std::size_t k = 0; k < trace->value.size(); ++k)
        stretches[estimate::placeIndex(trace->distance_m[k])].push_back(trace->value[k]);
    }
  }
  ChannelSpread out;
  for (auto& [index, values] : stretches) {
    std::sort(values.begin(), values.end());
    out.distance_m.push_back((index + 0.5) * estimate::defaults::kCellWidth_m);
    out.median.push_back(estimate::quantileOf(values, 0.5));
    out.low.push_back(estimate::quantileOf(values, kTail));
    out.high.push_back(estimate::quantileOf(values, 1 - kTail));
    out.least.push_back(values.front());
    out.most.push_back(values.back());
  }
  return out;
}

}  // namespace distanz::analysis
