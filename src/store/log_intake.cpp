#include "store/log_intake.h"

#include <cmath>

#include "core/log/clock.h"
#include "core/text/text.h"
#include "store/packed_source.h"

namespace distanz::store {

TakenLog takeLogs(std::vector<formats::GivenLog> logs, const campaign::Campaign& campaign,
                  const formats::Progress& progress) {
  TakenLog out;
  const formats::OpenBytes open = logs.front().open;
  const auto pack = [&out, &open](std::string_view all) { out.packed = open ? packSource(*open()) : packLog(all, "later"); };
  out.log = formats::importLogs(std::move(logs), campaign, progress, pack);
  out.corrections = out.log.corrections;
  std::string().swap(out.log.bytes);
  (open ? out.log.sha256 : out.packed.sha256) = open ? out.packed.sha256 : out.log.sha256;
  for (formats::FurtherLog& log : out.log.further) {
    out.further.push_back(packLog(log.bytes, log.sha256));
    std::string().swap(log.bytes);
  }
  out.recording = packRecording(*out.log.recording);
  return out;
}

TakenLog takeLog(std::string bytes, const std::string& name, const campaign::Campaign& campaign,
                 const std::map<std::string, std::string>& corrections, const formats::Progress& progress) {
  std::vector<formats::GivenLog> one;
  one.push_back({name, std::move(bytes), corrections});
  return takeLogs(std::move(one), campaign, progress);
}

PackedRun packedRun(campaign::Run run, TakenLog taken) {
  PackedRun out;
  const auto fileName = [](const std::string& path) { return path.substr(path.find_last_of('/') + 1); };
  campaign::Source& first = run.editSource();
  if (first.file.empty()) first.file = text::validUtf8(fileName(taken.log.name));
  first.sha256 = taken.log.sha256;
  first.columns = taken.corrections;
  out.logs.push_back(std::move(taken.packed));
  for (std::size_t i = 0; i < taken.further.size(); ++i) {
    const formats::FurtherLog& log = taken.log.further[i];
    run.sources.push_back({text::validUtf8(fileName(log.name)), log.sha256, log.corrections, log.clock.clock.offset_s, log.clock.clock.drift_ppm});
    if (std::isfinite(log.clock.sd_s)) run.sources.back().clock_sd_s = log.clock.sd_s;
    out.logs.push_back(std::move(taken.further[i]));
  }
  const log::Recording& recording = *taken.log.recording;
  out.began_s = log::secondsOf(recording.started).value_or(NAN) + (recording.time_s.empty() ? 0 : recording.time_s.front());
  out.run = std::move(run);
  out.recording = std::move(taken.recording);
  return out;
}

std::vector<PackedRun> packedRuns(const campaign::Run& run, TakenLog taken, const std::vector<log::FlightPart>& parts) {
  std::vector<PackedRun> out;
  out.push_back(packedRun(run, std::move(taken)));
  for (std::size_t i = 1; i < parts.size(); ++i) out.push_back({out.front().run, {}, {}});
  const double began_s = out.front().began_s;
  for (std::size_t i = 0; i < parts.size(); ++i) {
    out[i].run.from_s = parts[i].from_s;
    out[i].run.to_s = parts[i].to_s;
    out[i].began_s = began_s + parts[i].from_s;
    if (!run.flight.empty()) out[i].run.flight += '.' + std::to_string(i + 1);
  }
  return out;
}

}  // namespace distanz::store
