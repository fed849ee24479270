#include "core/analysis/result/reading.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <iterator>
#include <map>

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

struct Row {
  double signal = NAN, quality = NAN, bitrate = NAN;
};

void addLeg(std::map<double, Row>& rows, const log::Trace& trace, double Row::*field) {
  for (std::size_t i = 0; i < trace.distance_m.size(); ++i) rows[trace.distance_m[i]].*field = trace.value[i];
}

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
    Mean signal, quality, bitrate;
    int runs = 0;
  };
  std::map<std::string, Means> by_setup;
  for (std::size_t i = 0; i < campaign.runs.size() && i < analysis.reductions.size(); ++i) {
    const auto found = analysis.reductions[i].links.find(link);
    if (!analysis.runs[i].used || found == analysis.reductions[i].links.end()) continue;
    const LinkReduction& r = found->second;
    const campaign::Legs legs = campaign.runs[i].legs;
    const auto s = near(r.signal, legs, distance_m, half_width_m),
               q = near(r.quality, legs, distance_m, half_width_m);
    Means& m = by_setup[campaign.runs[i].setup];
    m.signal.add(s);
    if (r.reduced_db == 0) {  // at less power the link fails elsewhere; only its signal is referred
      m.quality.add(q);
      m.bitrate.add(near(r.bitrate, legs, distance_m, half_width_m));
    }
    m.runs += s || q;
  }
  std::vector<Reading> out;
  for (const campaign::Setup& setup : campaign.setups) {
    const Means& m = by_setup[setup.id];
    out.push_back({setup.id, m.signal.value(), m.quality.value(), m.bitrate.value(), m.signal.low,
                   m.signal.high, m.runs});
  }
  return out;
}

std::string lanesCsv(const campaign::Campaign& campaign, const CampaignAnalysis& analysis,
                     const std::string& link) {
  fmt::memory_buffer out;
  const auto to = std::back_inserter(out);
  fmt::format_to(to, "run,setup,leg,distance_m,rssi_dbm,lq_pct,bitrate_mbps\n");
  for (std::size_t i = 0; i < campaign.runs.size() && i < analysis.reductions.size(); ++i) {
    const auto found = analysis.reductions[i].links.find(link);
    if (found == analysis.reductions[i].links.end()) continue;
    const std::string id = text::csvField(campaign.runs[i].id),
                      setup = text::csvField(campaign.runs[i].setup);
    for (const bool back : {false, true}) {
      std::map<double, Row> rows;
      const auto leg = [&](const log::LegTraces& legs) -> const log::Trace& {
        return back ? legs.back : legs.out;
      };
      addLeg(rows, leg(found->second.signal), &Row::signal);
      addLeg(rows, leg(found->second.quality), &Row::quality);
      addLeg(rows, leg(found->second.bitrate), &Row::bitrate);
      for (const auto& [distance, row] : rows)
        fmt::format_to(to, "{},{},{},{:.1f},{},{},{}\n", id, setup, back ? "back" : "out", distance,
                       cell(row.signal), cell(row.quality), cell(row.bitrate));
    }
  }
  return fmt::to_string(out);
}

}  // namespace distanz::analysis
