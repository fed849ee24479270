#include "formats/log_import.h"

#include <future>

#include "core/log/join.h"
#include "core/log/silence.h"
#include "formats/files.h"
#include "formats/log_format.h"
#include "formats/readable.h"

namespace distanz::formats {
namespace {

LogRead readBytes(std::string_view bytes, const campaign::Campaign& campaign,
                  const std::map<std::string, std::string>& corrections, const Progress& progress,
                  std::vector<ColumnMatch>& matches, Needs needs = Needs::Measurement) {
  if (campaign.links.empty()) throw InputError(finding("no-link-for-log"));
  const auto log = openLog(bytes);
  matches = matchColumns(log->head(), campaign.links, corrections);
  return readLog(*log, matches, progress, needs);
}

}  // namespace

TableHead headOf(const std::filesystem::path& file) {
  constexpr std::size_t kHead = 4 << 20;
  std::string bytes = readFileHead(file, kHead);
  const bool cut = bytes.size() == kHead;
  if (isPacked(bytes)) {
    if (cut) bytes = readFile(file);
    if (const auto head = readableForm(bytes, kHead); head && !isTree(*head)) return openLog(*head)->head();
  } else if (cut && isTree(bytes)) {
    bytes = readFile(file);
  }
  return openLog(bytes)->head();
}

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
    const log::HeardLog heard = log::heardIn(read.recording, campaign::linkIds(campaign));
    out.problems.insert(out.problems.end(), heard.told.begin(), heard.told.end());
    out.problems.insert(out.problems.end(), out.track.problems.begin(), out.track.problems.end());
    out.recording = std::make_shared<const log::Recording>(std::move(read.recording));
  } catch (const ReadCancelled&) {
    throw;
  } catch (const Error& e) {
    throw InputError(inFile(name, e.found));
  }
  out.sha256 = digest.get();
  out.bytes = std::move(bytes);
  return out;
}

namespace {

log::Recording samplesOf(std::string_view bytes, const std::string& name, const campaign::Campaign& campaign,
                         const std::map<std::string, std::string>& corrections, Needs needs) {
  try {
    std::vector<ColumnMatch> matches;
    return readBytes(bytes, campaign, corrections, {}, matches, needs).recording;
  } catch (const Error& e) {
    throw InputError(inFile(name, e.found));
  }
}

}  // namespace

log::Recording readRecording(std::string_view bytes, const std::string& name,
                             const campaign::Campaign& campaign,
                             const std::map<std::string, std::string>& corrections, Needs needs) {
  return samplesOf(bytes, name, campaign, corrections, needs);
}

log::Recording readSources(const campaign::Run& run, const campaign::Campaign& campaign,
                           const BytesOf& bytes_of) {
  if (run.sources.empty()) throw InputError(inRun(run.id, finding("no-log")));
  log::Recording out;
  for (const campaign::Source& source : run.sources) {
    const Needs needs = run.sources.size() == 1 ? Needs::Measurement : Needs::Anything;
    log::Recording one = samplesOf(bytes_of(run, source), source.file, campaign, source.columns, needs);
    if (&source == &run.sources.front())
      out = std::move(one);
    else
      log::join(out, one, {source.clock_offset_s, source.clock_drift_ppm});
  }
  return out;
}

}  // namespace distanz::formats
