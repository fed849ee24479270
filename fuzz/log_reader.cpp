// A log of any bytes becomes a recording that keeps its promises, or is refused.
#include <algorithm>
#include <cmath>

#include "core/analysis/reduce/reduction.h"
#include "core/log/silence.h"
#include "formats/log_import.h"
#include "harness.h"

using namespace distanz;

namespace {

campaign::Campaign twoLinks() {
  campaign::Campaign c;
  c.station.place({46.91, 20.96});
  campaign::editFirstPath(c).points = {{{46.91, 20.96}, 60}, {{46.93, 20.99}, 60}};
  c.links.resize(2);
  c.links[0].id = "control";
  c.links[0].rule.lq_min_pct = 70;
  c.links[1].id = "video";
  c.links[1].kind = campaign::LinkKind::Video;
  c.links[1].rule.bitrate_min_mbps = 8;
  return c;
}

}  // namespace

DISTANZ_FUZZ(data) {
  static const campaign::Campaign c = twoLinks();
  log::Recording read;
  if (!fuzz::survives([&] { read = formats::readRecording(data, "x.csv", c); })) return;
  fuzz::require(read.rows() > 0 && std::is_sorted(read.time_s.begin(), read.time_s.end()), "times rise");
  fuzz::require(
      std::all_of(read.time_s.begin(), read.time_s.end(), [](double t) { return std::isfinite(t); }),
      "times are numbers");
  for (const log::Column& column : read.columns)
    fuzz::require(column.values.size() == read.rows(), "columns are as long as time");
  const log::HeardLog heard = log::heardIn(read, campaign::linkIds(c));
  for (const auto& [link, silent] : heard.silent)
    fuzz::require(silent.size() == heard.in(read).rows(), "every row is heard or silent");
  const auto& times = heard.in(read).time_s;
  fuzz::require(std::is_sorted(times.begin(), times.end()), "rows put in keep times rising");
  static const auto course = campaign::courseOf(c);
  analysis::reduceRun(c, campaign::Run(), read, &*course);
  fuzz::survives(
      [&] { fuzz::require(std::isfinite(log::trackOf(read, &*course).farthest_m), "a track has an end"); });
}
