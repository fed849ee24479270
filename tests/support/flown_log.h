#pragma once
#include <cmath>
#include <functional>
#include <vector>

#include "core/analysis/analyse.h"
#include "core/analysis/result/campaign_analysis.h"
#include "core/campaign/campaign.h"
#include "core/dice/random.h"

namespace distanz::test {

/// A log of a flight out and back along a straight path that leads north, written row by row by what each row is asked.
struct FlownLog {
  double farthest_m = 1000, speed_mps = 10, rows_per_s = 5;
  int laps = 1;  ///< out and back so often
  std::vector<double> time_s = {}, out_m = {};
  std::vector<bool> outward = {};

  /// As it would be flown.
  log::Recording begin() {
    log::Recording r;
    const double way = 2 * farthest_m;
    for (double flown = 0; flown <= laps * way; flown += speed_mps / rows_per_s) {
      const double in_lap = std::fmod(flown, way);
      r.time_s.push_back(flown / speed_mps);
      out_m.push_back(in_lap <= farthest_m ? in_lap : way - in_lap);
      outward.push_back(in_lap <= farthest_m);
    }
    time_s = r.time_s;
    r.columns.push_back({"distance_m", out_m});
    return r;
  }
  void add(log::Recording& r, const char* channel, const std::function<double(double out_m, bool outward, double t)>& value) const {
    log::Column c{channel, {}};
    for (std::size_t i = 0; i < time_s.size(); ++i) c.values.push_back(value(out_m[i], outward[i], time_s[i]));
    r.columns.push_back(std::move(c));
  }
};

/// Setups A and B on a control and a video link, and no run yet.
inline campaign::Campaign twoOnPath() {
  campaign::Campaign c;
  c.station.place({46.91, 20.96});
  campaign::Link control, video;
  control.id = "control";
  control.sensitivity_dbm = -105;
  control.rule.lq_min_pct = 70;
  video.id = "video";
  video.kind = campaign::LinkKind::Video;
  video.frequency_mhz = 5800;
  video.rule.bitrate_min_mbps = 5;
  c.links = {control, video};
  for (const char* id : {"A", "B"}) {
    campaign::Setup s;
    s.id = id;
    s.name = std::string("Setup ") + id;
    c.setups.push_back(s);
  }
  campaign::Path path;
  path.id = campaign::kFirstPathId;
  for (const double m : {0.0, 2000.0}) path.points.push_back({course::destination({46.91, 20.96}, {m, 0}), 60});
  c.paths = {path};
  return c;
}

/// Analysis of runs and what was recorded in them, in the campaign's order.
inline analysis::CampaignAnalysis analyseLogs(const campaign::Campaign& c, const std::vector<log::Recording>& logs) {
  return analysis::analyse(c, [&](const campaign::Run& run) {
    return std::make_shared<const log::Recording>(logs[static_cast<std::size_t>(campaign::findRun(c, run.id) - c.runs.data())]);
  });
}

inline campaign::Run& addRun(campaign::Campaign& c, const char* setup) {
  campaign::Run run;
  run.setup = setup;
  run.id = campaign::freeRunId(c, setup);
  run.order = static_cast<int>(c.runs.size()) + 1;
  run.editSource().sha256 = run.id;
  c.runs.push_back(run);
  return c.runs.back();
}

inline bool warned(const analysis::CampaignAnalysis& a, const char* code, const std::string& run = {}) {
  for (const Finding& f : a.warnings)
    if (f.code == code && (run.empty() || f.subject.id == run)) return true;
  return false;
}

}  // namespace distanz::test
