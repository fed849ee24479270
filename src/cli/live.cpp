#include <cmath>
#include <nlohmann/json.hpp>
#include <ostream>

#include "cli/analyse_source.h"
#include "cli/command.h"
#include "core/analysis/live/live_advice.h"
#include "core/finding/error.h"
#include "core/records/calibrate.h"
#include "formats/files.h"
#include "formats/finding_json.h"
#include "formats/log_import.h"
#include "words/say.h"

namespace distanz::cli {
namespace {

/// What has no end is null.
json metres(double v) {
  return std::isfinite(v) ? json(v) : json(nullptr);
}

json linkJson(const analysis::LinkAdvice& l) {
  return {{"link", l.link},
          {"distance_m", l.advice.distance_m},
          {"signal_dbm", l.advice.signal_dbm},
          {"margin_db", l.advice.margin_db},
          {"dependable_left_m", metres(l.advice.dependable_left_m)},
          {"typical_left_m", metres(l.advice.typical_left_m)},
          {"beyond_flown", l.advice.beyond_flown},
          {"below_rule", l.below_rule.empty() ? json(nullptr) : json(l.below_rule)},
          {"on_path", l.on_path},
          {"first_flight", l.first_flight},
          {"finding", formats::findingJson(analysis::findingOf(l))}};
}

}  // namespace

void liveCommand(const LiveOptions& options, Io io) {
  const Analysed a = analyseAny(options.campaign);
  if (!campaign::findSetup(a.campaign, options.setup))
    throw InputError(finding("no-such-setup", {{"option", "--setup " + options.setup}}));
  campaign::Run run;
  run.setup = options.setup;
  const log::Recording read =
      formats::readRecording(formats::readFile(options.log), options.log.string(), a.campaign);
  const records::Calibrated calibrated = records::calibrated(a.campaign, options.setup, read);
  const log::Recording& so_far = calibrated.recording ? *calibrated.recording : read;
  const auto course = campaign::courseOf(a.campaign);
  const analysis::FlightAdvice advice = analysis::adviseFlight(
      a.campaign, a.analysis, run, so_far, course ? &*course : nullptr, options.heading_off_deg);
  if (advice.links.empty()) throw InputError(inFile(options.log, finding("nothing-to-advise")));
  if (options.json) {
    json out = {{"heading_off_deg", advice.heading_off_deg}, {"links", json::array()}};
    for (const auto& l : advice.links) out["links"].push_back(linkJson(l));
    io.out << printed(out) << "\n";
    return;
  }
  for (const auto& l : advice.links) io.out << words::sentence(analysis::findingOf(l)).toStdString() << "\n";
}

}  // namespace distanz::cli
