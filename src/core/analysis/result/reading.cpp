#include "core/analysis/result/reading.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <iterator>
#include <map>

#include "core/analysis/reduce/reduction.h"
#include "core/log/channel.h"
#include "core/log/recording.h"
#include "core/text/text.h"

namespace distanz::analysis {
namespace {

/// Mean of the legs that count near a distance; none where the run was not there.
std::optional<double> near(const log::LegTraces& legs, campaign::Legs counted, double distance_m,
                           double half_width_m) {
  double sum = 0;
  int n = 0;
  for (const log::Trace* trace : {&legs.out, &legs.back}) {
    if (counted == (trace == &legs.out ? campaign::Legs::Back : campaign::Legs::Out)) continue;
    auto i = static_cast<std::size_t>(
        std::lower_bound(trace->distance_m.begin(), trace->distance_m.end(), distance_m - half_width_m) -
        trace->distance_m.begin());
    for (; i < trace->distance_m.size() && trace->distance_m[i] <= distance_m + half_width_m; ++i, ++n)
      sum += trace->value[i];
  }
  if (n == 0) return std::nullopt;
  return sum / n;
}

struct Mean {
  double sum = 0, low = INFINITY, high = -INFINITY;
  int n = 0;
  void add(const std::optional<double>& v) {
    if (!v) return;
    sum += *v;
    low = std::min(low, *v);
    high = std::max(high, *v);
    ++n;
  }
  std::optional<double> value() const { return n > 0 ? std::optional(sum / n) : std::nullopt; }
};

std::string cell(double v) {
  return std::isfinite(v) ? fmt::format("{:.2f}", v) : std::string();
}

}  // namespace

double axisEnd_m(const campaign::Campaign& campaign, const Answers& answers) {
  double end = 0;
  if (const auto course = campaign::courseOf(campaign)) end = course->farPost_m();
  for (const RunResult& run : answers.runs) end = std::max(end, run.farthest_m);
  for (const SetupOnLink& s : answers.setups)
    if (s.typical.tellsEstimate()) end = std::max(end, *s.typical.estimate_m);
  return end > 0 ? end * 1.03 : 1000;
}

std::vector<Reading> readAt(const campaign::Campaign& campaign, const CampaignAnalysis& analysis,
                            const std::string& link, double distance_m, double half_width_m) {
  struct Means {
    std::map<std::string_view, Mean> of;
    int runs = 0;
  };
  std::map<std::string, Means> by_setup;
  for (std::size_t i = 0; i < campaign.runs.size() && i < analysis.reductions.size(); ++i) {
    const auto found = analysis.reductions[i].links.find(link);
    if (!analysis.runs[i].used || found == analysis.reductions[i].links.end()) continue;
    Means& m = by_setup[campaign.runs[i].setup];
    bool there = false;
    for (const log::ChannelInfo* c : log::laneChannels()) {
      const log::LegTraces* trace = found->second.trace(c->name);
      const bool signal = c->name == log::channel::kRssi;
      // At less power the link fails elsewhere; only its signal is referred.
      if (!trace || (!signal && found->second.reduced_db > 0)) continue;
      const auto v = near(*trace, campaign.runs[i].legs, distance_m, half_width_m);
      m.of[c->name].add(v);
      there = there || (v && (signal || !c->rule.empty()));
    }
    m.runs += there;
  }
  std::vector<Reading> out;
  for (const campaign::Setup& setup : campaign.setups) {
    const Means& m = by_setup[setup.id];
    Reading r{setup.id, {}, 0, 0, m.runs};
    for (const auto& [channel, mean] : m.of)
      if (mean.n > 0) r.means.emplace(channel, mean.value().value());
    if (const auto signal = m.of.find(log::channel::kRssi); signal != m.of.end()) {
      r.signal_low_dbm = signal->second.low;
      r.signal_high_dbm = signal->second.high;
    }
    out.push_back(std::move(r));
  }
  return out;
}

namespace {

/// Channels of the table's columns: those shown at first, and others that any run has.
std::vector<const log::ChannelInfo*> columnsOf(const Drawn& drawn, const std::string& link) {
  std::vector<const log::ChannelInfo*> out;
  const auto recorded = [&](const log::ChannelInfo& c) {
    return std::any_of(drawn.reductions.begin(), drawn.reductions.end(), [&](const RunReduction& r) {
      const auto found = r.links.find(link);
      return found != r.links.end() && found->second.trace(c.name);
    });
  };
  for (const log::ChannelInfo* c : log::laneChannels())
    if (c->lane_at_first || recorded(*c)) out.push_back(c);
  return out;
}

}  // namespace

std::string lanesCsv(const campaign::Campaign& campaign, const CampaignAnalysis& analysis,
                     const std::string& link) {
  const auto columns = columnsOf(analysis, link);
  fmt::memory_buffer out;
  const auto to = std::back_inserter(out);
  fmt::format_to(to, "run,setup,leg,distance_m");
  for (const log::ChannelInfo* c : columns) fmt::format_to(to, ",{}", c->name);
  fmt::format_to(to, "\n");
  for (std::size_t i = 0; i < campaign.runs.size() && i < analysis.reductions.size(); ++i) {
    const auto found = analysis.reductions[i].links.find(link);
    if (found == analysis.reductions[i].links.end()) continue;
    const std::string id = text::csvField(campaign.runs[i].id),
                      setup = text::csvField(campaign.runs[i].setup);
    for (const bool back : {false, true}) {
      std::map<double, std::vector<double>> rows;
      for (std::size_t k = 0; k < columns.size(); ++k)
        if (const log::LegTraces* legs = found->second.trace(columns[k]->name)) {
          const log::Trace& trace = back ? legs->back : legs->out;
          for (std::size_t n = 0; n < trace.distance_m.size(); ++n)
            rows.try_emplace(trace.distance_m[n], columns.size(), NAN).first->second[k] = trace.value[n];
        }
      for (const auto& [distance, row] : rows) {
        fmt::format_to(to, "{},{},{},{:.1f}", id, setup, back ? "back" : "out", distance);
        for (const double v : row) fmt::format_to(to, ",{}", cell(v));
        fmt::format_to(to, "\n");
      }
    }
  }
  return fmt::to_string(out);
}

}  // namespace distanz::analysis
