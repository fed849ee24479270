#include "formats/log_import.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <future>

#include "core/campaign/post_distance.h"
#include "core/log/join.h"
#include "core/log/marks.h"
#include "core/log/silence.h"
#include "formats/day_order.h"
#include "formats/lacking_link.h"
#include "formats/files.h"
#include "formats/log_format.h"
#include "formats/readable.h"
#include "formats/sliced_text.h"

namespace distanz::formats {
namespace {

LogRead readBytes(std::string_view bytes, const OpenBytes& open, const campaign::Campaign& campaign,
                  const std::map<std::string, std::string>& corrections, const Progress& progress,
                  std::vector<ColumnMatch>& matches, Needs needs = Needs::Measurement, TableHead* head = nullptr) {
  if (campaign.links.empty()) throw InputError(finding("no-link-for-log"));
  const auto log = open ? openSlicedText(open) : openLog(bytes);
  if (head) *head = log->head();
  matches = matchColumns(log->head(), campaign.links, corrections);
  return readLog(*log, matches, progress, needs);
}

}  // namespace

TableHead headOf(const std::filesystem::path& file) {
  constexpr std::size_t kHeadBytes = 4 << 20;
  std::string bytes = readFileHead(file, kHeadBytes);
  const bool cut = bytes.size() == kHeadBytes;
  if (isPacked(bytes)) {
    if (cut) bytes = readFile(file);
    if (const auto head = readableForm(bytes, kHeadBytes); head && !isTree(*head)) return openLog(*head)->head();
  } else if (cut && isTree(bytes)) {
    bytes = readFile(file);
  }
  return openLog(bytes)->head();
}

Remembered rememberedCorrections(const campaign::Campaign& campaign, const TableHead& head) {
  const auto holds = [&](const std::string& column) {
    return column.empty() || std::any_of(head.header.begin(), head.header.end(), [&](const std::string& h) {
             return column == h || column.starts_with(h + " [");  // with a unit that the name lacks
           });
  };
  const auto oneOfSeveral = [&](const campaign::Run& run) {  // what was chosen there was chosen for that run only
    return std::any_of(campaign.runs.begin(), campaign.runs.end(), [&](const campaign::Run& other) {
      return campaign::shareRows(run, other) && campaign::otherReceiver(run, other);
    });
  };
  for (auto run = campaign.runs.rbegin(); run != campaign.runs.rend(); ++run)
    for (const campaign::Source& source : run->sources) {
      const bool named = std::any_of(source.columns.begin(), source.columns.end(), [](const auto& c) { return !c.second.empty(); });
      if (named && std::all_of(source.columns.begin(), source.columns.end(), [&](const auto& c) { return holds(c.second); }) && !oneOfSeveral(*run))
        return {run->id, source.columns};
    }
  return {};
}

namespace {

/// A column that holds both coordinates does not say which comes first: where the station stands does.
void settlePair(const campaign::Campaign& campaign, std::vector<ColumnMatch>& matches, std::map<std::string, std::string>& corrections,
                log::Recording& recording, std::vector<Finding>& problems) {
  const auto pair = std::find_if(matches.begin(), matches.end(), [](const ColumnMatch& m) { return m.kind == FieldKind::LatLon; });
  const auto station = campaign.station.position();
  if (pair == matches.end() || pair->unit == kLonFirst || corrections.contains("lat_lon") || !station) return;
  if (!log::isElsewhere(recording, *station) || log::isElsewhere(recording, *station, true)) return;
  pair->unit = kLonFirst;
  corrections["lat_lon"] = pair->header + " [" + std::string(kLonFirst) + "]";
  const auto valuesOf = [&](std::string_view channel) -> std::vector<double>& {
    return std::find_if(recording.columns.begin(), recording.columns.end(), [&](const log::Column& c) { return c.channel == channel; })->values;
  };
  std::swap(valuesOf(log::channel::kLatitude), valuesOf(log::channel::kLongitude));  // both are there: it came near by them
  problems.push_back(finding("lon-first", {{"column", pair->header}}));
}

/// Columns of a link that the kit lacks.
std::optional<Finding> ofLackingLink(const TableHead& head, const std::map<std::string, std::string>& corrections,
                                     const campaign::Campaign& campaign, bool refused) {
  const auto lacking = lackingLink(head, campaign.links, corrections);
  if (!lacking) return std::nullopt;
  const bool video = lacking->kind == campaign::LinkKind::Video;
  return finding(refused ? (video ? "log-of-video" : "log-of-control") : (video ? "columns-of-video" : "columns-of-control"),
                 {{"columns", fmt::format("{}", fmt::join(lacking->columns, ", "))}});
}

/// Reads a further log and joins it.
void addLog(GivenLog given, const campaign::Campaign& campaign, log::Recording& into, ImportedLog& out) {
  try {
    std::vector<ColumnMatch> matches;
    TableHead head;
    LogRead read = readBytes(given.bytes, given.open, campaign, given.corrections, {}, matches, Needs::Anything, &head);
    if (auto lacking = ofLackingLink(head, given.corrections, campaign, false)) read.problems.push_back(std::move(*lacking));
    if (given.open) throw InputError(finding("log-too-large-beside"));
    settlePair(campaign, matches, given.corrections, read.recording, read.problems);
    FurtherLog further{given.name, sha256(given.bytes), {}, std::move(given.corrections),
                       log::lineUp(into, read.recording, given.name, given.offset_s), read.recording.time_s.back()};
    log::join(into, read.recording, further.clock.clock);
    for (const Finding& p : read.problems) out.problems.push_back(inFile(given.name, p));
    out.problems.insert(out.problems.end(), further.clock.told.begin(), further.clock.told.end());
    further.bytes = std::move(given.bytes);
    out.further.push_back(std::move(further));
  } catch (const ReadCancelled&) {
    throw;
  } catch (const Error& e) {
    throw InputError(inFile(given.name, e.found));
  }
}

void place(ImportedLog& out, log::Recording recording, const campaign::Campaign& campaign, bool unplaced) {
  const auto course = campaign::courseOf(campaign);
  log::Recording by_posts;
  if (log::isByPosts(recording)) {
    if (!unplaced && !course && std::isnan(campaign::postDistance_m(campaign, {}, 1))) throw InputError(finding("posts-without-path"));
    by_posts = recording;
    log::placeByMarks(by_posts, log::marksOfPosts(by_posts, [&](double number) { return campaign::postDistance_m(campaign, {}, number); }));
  }
  if (unplaced && by_posts.time_s.empty() && log::isUnplaced(recording)) {
    out.track = log::unplacedTrack(recording);
    out.problems.push_back(finding("place-later"));
    out.recording = std::make_shared<const log::Recording>(std::move(recording));
    return;
  }
  out.track = log::trackOf(by_posts.time_s.empty() ? recording : by_posts, course ? &*course : nullptr);
  const log::HeardLog heard = log::heardIn(recording, campaign::linkIds(campaign));
  out.problems.insert(out.problems.end(), heard.told.begin(), heard.told.end());
  out.problems.insert(out.problems.end(), out.track.problems.begin(), out.track.problems.end());
  out.flights = log::flightParts(recording, out.track.distance_m);
  out.recording = std::make_shared<const log::Recording>(std::move(recording));
}

}  // namespace

ImportedLog importLogs(std::vector<GivenLog> logs, const campaign::Campaign& campaign, const Progress& progress,
                       const std::function<void(std::string_view)>& beside) {
  ImportedLog out;
  if (logs.size() > 1) settleDayOrders(logs, campaign.links);
  GivenLog& first = logs.front();
  TableHead head;
  out.name = first.name;
  std::future<std::string> digest = std::async(std::launch::async, [&first, &beside] {
    if (beside) beside(first.bytes);
    return first.open ? std::string() : sha256(first.bytes);
  });
  try {
    LogRead read = readBytes(first.bytes, first.open, campaign, first.corrections, progress, out.matches,
                             logs.size() == 1 ? Needs::Measurement : Needs::Anything, &head);
    settlePair(campaign, out.matches, first.corrections, read.recording, read.problems);
    out.problems = std::move(read.problems);
    out.corrections = first.corrections;
    for (std::size_t i = 1; i < logs.size(); ++i) addLog(std::move(logs[i]), campaign, read.recording, out);
    if (logs.size() > 1) requireMeasurement(read.recording);
    place(out, std::move(read.recording), campaign, first.unplaced);
    if (auto lacking = ofLackingLink(head, first.corrections, campaign, false)) out.problems.push_back(std::move(*lacking));
  } catch (const ReadCancelled&) {
    throw;
  } catch (const Error& e) {
    std::optional<Finding> why;
    if (e.found.code.starts_with("no-measurement")) why = ofLackingLink(head, first.corrections, campaign, true);
    throw InputError(inFile(first.name, why ? *why : e.found));
  }
  out.sha256 = digest.get();
  out.bytes = std::move(first.bytes);
  return out;
}

ImportedLog importLog(std::string bytes, const std::string& name, const campaign::Campaign& campaign,
                      const std::map<std::string, std::string>& corrections, const Progress& progress,
                      const std::function<void(std::string_view)>& beside) {
  std::vector<GivenLog> one;
  one.push_back({name, std::move(bytes), corrections});
  return importLogs(std::move(one), campaign, progress, beside);
}

log::Recording readRecording(std::string_view bytes, const std::string& name,
                             const campaign::Campaign& campaign,
                             const std::map<std::string, std::string>& corrections, Needs needs) {
  try {
    std::vector<ColumnMatch> matches;
    return readBytes(bytes, {}, campaign, corrections, {}, matches, needs).recording;
  } catch (const Error& e) {
    throw InputError(inFile(name, e.found));
  }
}

GivenLog givenLog(const std::filesystem::path& file, std::string name, std::map<std::string, std::string> corrections) {
  if (OpenBytes open = largeFile(file)) return {std::move(name), {}, std::move(corrections), {}, std::move(open)};
  return {std::move(name), readFile(file), std::move(corrections)};
}

std::unique_ptr<LogTable> openGiven(const GivenLog& log, const LogFormat** format) {
  if (!log.open) return openLog(log.bytes, format);
  if (format) *format = &logFormats().back();  // the only one that is read so
  return openSlicedText(log.open);
}

namespace {

log::Recording readOpened(const OpenBytes& open, const campaign::Source& source, const campaign::Campaign& campaign, Needs needs) {
  try {
    std::vector<ColumnMatch> matches;
    return readBytes({}, open, campaign, source.columns, {}, matches, needs).recording;
  } catch (const Error& e) {
    throw InputError(inFile(source.file, e.found));
  }
}

}  // namespace

log::Recording readSources(const campaign::Run& run, const campaign::Campaign& campaign,
                           const BytesOf& bytes_of) {
  if (run.sources.empty()) throw InputError(inRun(run.id, finding("no-log")));
  log::Recording out;
  for (const campaign::Source& source : run.sources) {
    const Needs needs = run.sources.size() == 1 ? Needs::Measurement : Needs::Anything;
    const KeptLog kept = bytes_of(run, source);
    log::Recording one = kept.open ? readOpened(kept.open, source, campaign, needs) : readRecording(kept.bytes, source.file, campaign, source.columns, needs);
    if (&source == &run.sources.front())
      out = std::move(one);
    else
      log::join(out, one, {source.clock_offset_s, source.clock_drift_ppm});
  }
  return out;
}

}  // namespace distanz::formats
