#include "formats/log_import.h"

#include <future>

#include "core/log/join.h"
#include "formats/files.h"

namespace distanz::formats {
namespace {

LogRead readBytes(std::string_view bytes, const campaign::Campaign& campaign, const std::map<std::string, std::string>& corrections,
                  const Progress& progress, std::vector<ColumnMatch>& matches) {
  if (campaign.links.empty())
    throw InputError("the campaign has no link yet, so signal columns cannot be told apart; add a link in Kit first");
  const CsvLayout layout = layoutOf(bytes);
  matches = matchColumns(layout, campaign.links, corrections);
  return readLog(bytes, layout, matches, progress);
}

}  // namespace

ImportedLog importLog(std::string bytes, const std::string& name, const campaign::Campaign& campaign,
                      const std::map<std::string, std::string>& corrections, const Progress& progress,
                      const std::function<void(std::string_view)>& beside) {
  ImportedLog out;
  out.name = name;
  std::future<std::string> digest = std::async(std::launch::async, [&bytes, &beside] {
    if (beside) beside(bytes);
    return sha256(bytes);
  });
  try {
    LogRead read = readBytes(bytes, campaign, corrections, progress, out.matches);
    const auto course = campaign::courseOf(campaign);
    out.track = log::trackOf(read.recording, course ? &*course : nullptr);
    out.problems = std::move(read.problems);
    out.problems.insert(out.problems.end(), out.track.problems.begin(), out.track.problems.end());
    out.recording = std::make_shared<const log::Recording>(std::move(read.recording));
  } catch (const ReadCancelled&) {
    throw;
  } catch (const Error& e) {
    throw InputError(name + ": " + e.what());
  }
  out.sha256 = digest.get();
  out.bytes = std::move(bytes);
  return out;
}

log::Recording readRecording(std::string_view bytes, const std::string& name, const campaign::Campaign& campaign,
                             const std::map<std::string, std::string>& corrections) {
  try {
    std::vector<ColumnMatch> matches;
    return readBytes(bytes, campaign, corrections, {}, matches).recording;
  } catch (const Error& e) {
    throw InputError(name + ": " + e.what());
  }
}

log::Recording readSources(const campaign::Run& run, const campaign::Campaign& campaign, const BytesOf& bytes_of) {
  if (run.sources.empty()) throw InputError("run " + run.id + " has no log");
  log::Recording out;
  for (const campaign::Source& source : run.sources) {
    log::Recording one = readRecording(bytes_of(run, source), source.file, campaign, source.columns);
    if (&source == &run.sources.front())
      out = std::move(one);
    else
      log::join(out, one, {source.clock_offset_s, source.clock_drift_ppm});
  }
  return out;
}

}  // namespace distanz::formats
