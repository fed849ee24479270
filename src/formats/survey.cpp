#include "formats/survey.h"

#include <algorithm>
#include <cmath>

#include "core/finding/error.h"
#include "core/log/channel.h"
#include "core/log/clock.h"
#include "core/log/dropouts.h"
#include "core/log/silence.h"
#include "formats/column_match.h"
#include "formats/name_words.h"

namespace distanz::formats {
namespace {

constexpr double kFarShare = 0.9;    // of the way out: what failed there may have ended the flight
constexpr double kTogether = 0.5;    // of the shorter one's time, to be of one flight where the names do not say so
constexpr double kTouching = 0.1;    // and where they do
constexpr double kLeastDown_s = 2;   // shorter, and it may have been the turn

const std::vector<double>* channelOf(const log::Recording& r, const std::string& link, std::string_view name) {
  return r.find(log::linkChannel(link, name));
}

/// The part of the time that two logs have in common; none where a clock is not known.
std::optional<double> common(const LogSurvey& a, const LogSurvey& b) {
  if (!a.begins_s || !b.begins_s) return std::nullopt;
  const double shared = std::min(*a.begins_s + a.lasts_s, *b.begins_s + b.lasts_s) - std::max(*a.begins_s, *b.begins_s);
  return std::max(shared, 0.0) / std::max(std::min(a.lasts_s, b.lasts_s), 1.0);
}

bool ofLink(const std::string& channel) {
  return channel.find('.') != std::string::npos;
}

/// What is measured of links in both.
bool shareLinks(const LogSurvey& a, const LogSurvey& b) {
  return std::any_of(a.channels.begin(), a.channels.end(), [&](const auto& c) { return ofLink(c) && b.channels.contains(c); });
}

bool placed(const LogSurvey& s) {
  return s.channels.contains("lat_deg") || s.channels.contains("lat_lon") || s.channels.contains("distance_m") ||
         s.channels.contains("along_m");
}

std::string endingOf(const std::string& file) {
  const auto dot = file.rfind('.');
  return dot == std::string::npos ? std::string() : file.substr(dot);
}

bool together(const ToPair& a, const ToPair& b) {
  const auto share = common(a.told, b.told);
  if (sameFlightByName(a.file, b.file)) {
    if (share) return *share > kTouching;
    return endingOf(a.file) != endingOf(b.file) || !shareLinks(a.told, b.told);
  }
  const bool more = std::any_of(b.told.channels.begin(), b.told.channels.end(), ofLink) &&
                    std::any_of(a.told.channels.begin(), a.told.channels.end(), ofLink);
  return share && *share >= kTogether && more && !shareLinks(a.told, b.told);
}

/// The one whose rows become the run's comes first.
bool leads(const LogSurvey& a, const LogSurvey& b) {
  if (placed(a) != placed(b)) return placed(a);
  return a.channels.size() >= b.channels.size();
}

}  // namespace

campaign::Ended endedBy(const log::Recording& recording, const log::Track& track,
                        const std::vector<campaign::Link>& links) {
  std::vector<std::string> ids;
  for (const campaign::Link& l : links) ids.push_back(l.id);
  const log::HeardLog heard = log::heardIn(recording, ids);
  const log::Recording& r = heard.in(recording);
  if (r.rows() != track.distance_m.size()) return campaign::Ended::Unknown;
  auto out = campaign::Ended::Unknown;
  for (const campaign::Link& l : links) {
    std::vector<log::RulePart> parts;
    const auto add = [&](std::string_view channel, std::optional<double> least) {
      const std::vector<double>* values = channelOf(r, l.id, channel);
      if (values && least) parts.push_back({*values, *least});
    };
    for (const campaign::UsableLimit& limit : campaign::usableLimits()) add(limit.quantity, l.rule.*limit.least);
    const std::vector<bool>* silent = heard.silentOn(l.id);
    for (const log::Dropout& d : log::linkEvents(r.time_s, track.distance_m, parts, {}).dropouts) {
      if (!(d.begin_m >= kFarShare * track.farthest_m) || d.end_s - d.begin_s < kLeastDown_s || d.begin_s > track.turn.end_s)
        continue;
      bool lost = false;
      for (std::size_t i = 0; silent && i < r.rows(); ++i)
        lost = lost || ((*silent)[i] && r.time_s[i] >= d.begin_s && r.time_s[i] <= d.end_s);
      if (lost) return campaign::Ended::LinkLost;
      out = campaign::Ended::QualityLimit;
    }
  }
  return out;
}

namespace {

void tellTimes(const log::Recording& r, LogSurvey& out) {
  out.begins_s = log::secondsOf(r.started);
  if (!r.time_s.empty()) out.lasts_s = r.time_s.back();
}

}  // namespace

LogSurvey survey(GivenLog log, const campaign::Campaign& campaign, const Progress& progress) {
  LogSurvey out;
  try {
    const TableHead head = openGiven(log)->head();
    for (const ColumnMatch& m : matchColumns(head, campaign.links, log.corrections)) out.channels.insert(m.channel);
    const ImportedLog read = importLogs({log}, campaign, progress);
    tellTimes(*read.recording, out);
    out.farthest_m = read.track.farthest_m;
    out.ended = endedBy(*read.recording, read.track, campaign.links);
  } catch (const ReadCancelled&) {
    throw;
  } catch (const Error& e) {
    out.refused = e.found;
  }
  if (!out.refused || log.open || out.channels.empty()) return out;
  try {  // what is no run by itself may go with another log
    tellTimes(readRecording(log.bytes, log.name, campaign, log.corrections, Needs::Anything), out);
  } catch (const Error&) {  // told already why
  }
  return out;
}

std::vector<int> pairsOf(const std::vector<ToPair>& logs) {
  std::vector<int> with(logs.size(), -1);
  for (std::size_t i = 0; i < logs.size(); ++i) {
    if (with[i] >= 0) continue;
    std::vector<std::size_t> group{i};
    for (std::size_t k = i + 1; k < logs.size(); ++k)
      if (with[k] < 0 && together(logs[i], logs[k])) group.push_back(k);
    std::size_t first = i;
    for (const std::size_t k : group)
      if (!leads(logs[first].told, logs[k].told)) first = k;
    for (const std::size_t k : group)
      if (k != first) with[k] = int(first);
  }
  return with;
}

}  // namespace distanz::formats
