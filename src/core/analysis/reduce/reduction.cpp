#include "core/analysis/reduce/reduction.h"

#include <algorithm>
#include <cmath>

#include "core/estimate/robust.h"
#include "core/finding/error.h"
#include "core/log/channel.h"
#include "core/campaign/post_distance.h"
#include "core/log/flights.h"
#include "core/log/marks.h"
#include "core/log/quantile.h"
#include "core/log/silence.h"
#include "core/quantity/unit.h"

namespace distanz::analysis {
namespace {

constexpr int kCellsBesideTurn = 2;  // on either leg, to hold the turn against

/// Signal in the turn less that of the nearest places. None where either is missing.
std::optional<double> turnDrop(const estimate::FlightSamples& f, const estimate::LegCells& cells) {
  std::vector<double> beside, in_turn;
  for (const estimate::FlightCells* leg : {&cells.out, &cells.back})
    for (std::size_t i = leg->cells.size(); i-- > 0 && leg->cells.size() - i <= kCellsBesideTurn;)
      if (!leg->cells[i].censored) beside.push_back(leg->cells[i].level_dbm);
  for (std::size_t i = 0; i < f.time_s.size(); ++i) {
    const double shift = f.shiftAt(i);
    if (f.time_s[i] >= *f.turn_begin_s && f.time_s[i] <= *f.turn_end_s &&
        std::isfinite(f.rssi_dbm[i] + shift))
      in_turn.push_back(f.rssi_dbm[i] + shift);
  }
  if (beside.empty() || in_turn.size() < static_cast<std::size_t>(estimate::defaults::kMinSamplesPerCell))
    return std::nullopt;
  return estimate::trimmedMean(in_turn, estimate::defaults::kTrim) - estimate::trimmedMean(beside, 0);
}

std::vector<double> shifted(const std::vector<double>& values, const std::vector<double>& shift_db) {
  std::vector<double> out = values;
  for (std::size_t i = 0; i < shift_db.size(); ++i) out[i] += shift_db[i];
  return out;
}

/// Why a run cannot be compared on this link; none where it can.
std::optional<Finding> leftOut(const campaign::Link& link, const std::vector<double>* frequency_mhz) {
  if (!frequency_mhz) return std::nullopt;
  std::vector<double> known;
  for (double f : *frequency_mhz)
    if (std::isfinite(f)) known.push_back(f);
  if (known.empty()) return std::nullopt;
  const double middle = estimate::median(std::move(known));
  if (std::abs(middle / link.frequency_mhz - 1) <= kOtherBandShare) return std::nullopt;
  using quantity::Unit;
  return finding("other-band", {{"link", link.id},
                                {"flown", middle, Unit::Megahertz},
                                {"campaign", link.frequency_mhz, Unit::Megahertz}});
}

/// Signal, or something that a rule can be held to.
bool measures(const LinkReduction& r) {
  for (const log::ChannelInfo* c : log::laneChannels())
    if (!c->rule.empty() && r.trace(c->name)) return true;
  return r.has_signal;
}

/// What stands for the signal, row by row: empty where nothing does.
struct Level {
  std::vector<double> db;
  double trim = estimate::defaults::kTrim;
};

constexpr std::size_t kFewSteps = 12;  // bars come in fewer

/// Of the readings of a scale: least difference, and whether they are few.
void findSteps(const std::vector<double>& readings, ScaleSeen& scale) {
  std::vector<double> distinct;
  for (const double v : readings)
    if (std::isfinite(v)) distinct.push_back(v);
  std::sort(distinct.begin(), distinct.end());
  distinct.erase(std::unique(distinct.begin(), distinct.end()), distinct.end());
  for (std::size_t i = 1; i < distinct.size(); ++i)
    if (const double step = distinct[i] - distinct[i - 1]; scale.step == 0 || step < scale.step) scale.step = step;
  scale.coarse = distinct.size() <= kFewSteps;
}

/// Fewer than one reading where a log has several: somebody read a display.
bool calledOut(const std::vector<double>& time_s, const std::vector<double>& distance_m, std::span<const double> readings) {
  constexpr double kApart_m = 25, kApart_s = 2.5;
  std::vector<double> apart_m, apart_s;
  double last_m = NAN, last_s = NAN;
  for (std::size_t i = 0; i < time_s.size(); ++i) {
    if (!std::isfinite(readings[i]) || !std::isfinite(distance_m[i])) continue;
    if (std::isfinite(last_m)) apart_m.push_back(std::abs(distance_m[i] - last_m)), apart_s.push_back(time_s[i] - last_s);
    last_m = distance_m[i];
    last_s = time_s[i];
  }
  return !apart_m.empty() && estimate::median(std::move(apart_m)) >= kApart_m && estimate::median(std::move(apart_s)) >= kApart_s;
}

struct Reducer {
  const campaign::Campaign& campaign;
  const campaign::Run& run;
  const log::Recording& recording;
  const log::Track& track;
  const log::HeardLog& hearing;
  const BeyondContext& beyond;
  std::vector<double> counting_m = track.countingDistance(recording.time_s);

  const std::vector<bool>& silentOn(const campaign::Link& link) const {
    static const std::vector<bool> kNever;
    const auto* silent = hearing.silentOn(link.id);
    return silent ? *silent : kNever;
  }

  std::optional<estimate::FirstFailure> failure(const log::RulePart& part) const {
    return estimate::firstFailure(0, recording.time_s, counting_m, part.values, track.farthest_s,
                                  part.threshold);
  }
  log::LegTraces traces(const std::vector<double>& values) const {
    return log::tracesOf(recording.time_s, track.distance_m, values, track.turn);
  }
  std::vector<estimate::StretchLook> looks(const campaign::Link& link, const Level& level,
                                           std::span<const double> values, const estimate::RuleMeasure& measure) const {
    estimate::FlightSamples flight{recording.time_s,    counting_m, level.db,     outUntil(link),
                                   track.turning.end_s, {},         track.along_m};
    flight.silent = silentOn(link);
    flight.trim = level.trim;
    std::vector<estimate::StretchLook> out = estimate::looksOf(flight, values, measure);
    for (estimate::StretchLook& look : out) look.index += firstPlaceOf(campaign, run);
    return out;
  }
  /// What the pilot's rule made of the flight: one rule for where it failed first, and for every dropout.
  void rule(LinkReduction& out, const campaign::Link& link) const {
    std::vector<log::RulePart> all;
    for (const NamedPart& p : ruleParts(link, recording)) {
      all.push_back(p.part);
      if (const auto seen = out.rule.find(p.name); seen != out.rule.end()) seen->second.failure = failure(p.part);
    }
    out.events = log::linkEvents(recording.time_s, track.progress_m(), all, track.turn, track.loops);
  }

  /// Up to where the way out counts. Banking shades the antenna for a moment, unless the link was gone
  /// anyway: then it still is on the way home, and the seconds before the turn are where it failed.
  double outUntil(const campaign::Link& link) const {
    if (run.turn_begin_s) return track.turning.begin_s;
    using namespace estimate::defaults;
    bool still_lost = false, heard = false;
    for (const NamedPart& p : ruleParts(link, recording)) {
      double sum = 0;
      int n = 0;
      for (std::size_t i = 0; i < recording.rows(); ++i) {
        const double after = recording.time_s[i] - track.farthest_s;
        if (after < kTurnStillLostFrom_s || after > kTurnStillLostTo_s || !std::isfinite(p.part.values[i]))
          continue;
        sum += p.part.values[i];
        ++n;
      }
      heard = heard || n > 0;
      still_lost = still_lost || (n > 0 && sum / n < p.part.threshold);
    }
    const bool ends = recording.time_s.back() < track.farthest_s + kTurnStillLostTo_s;
    if (still_lost || (ends && !heard)) return track.turning.begin_s;
    return std::min(track.turning.begin_s, track.farthest_s - kBanking_s);
  }

  void signal(LinkReduction& out, const campaign::Link& link, const std::vector<double>& signal,
              const Reference& reference) const {
    estimate::FlightSamples samples{recording.time_s, counting_m,          signal,         track.turn.begin_s,
                                    track.turn.end_s, reference.signal_db, track.along_m};
    samples.banking_s = outUntil(link);
    samples.silent = silentOn(link);
    if (out.scale) {
      samples.ceiling_dbm = INFINITY;
      if (out.scale->coarse) samples.trim = 0;
      std::vector<double> negated = signal;
      for (double& v : negated) v = -v;
      estimate::FlightSamples upside_down = samples;
      upside_down.rssi_dbm = negated;
      out.scale->ceiling.add(upside_down);
    }
    out.has_signal = true;
    out.cells = estimate::legCellsOf(samples, std::nullopt);
    for (estimate::FlightCells* leg : {&out.cells.both, &out.cells.out, &out.cells.back})
      for (estimate::Cell& cell : leg->cells) cell.index += firstPlaceOf(campaign, run);
    for (estimate::Cell& cell : out.cells.last) cell.index += firstPlaceOf(campaign, run);
    out.floor.add(samples);
    out.turn_db = turnDrop(samples, out.cells);
  }

  /// What lies below what was heard is no reading to be drawn.
  std::vector<double> heardOnly(std::vector<double> signal, const campaign::Link& link) const {
    const std::vector<bool>& silent = silentOn(link);
    for (std::size_t i = 0; i < silent.size(); ++i)
      if (silent[i]) signal[i] = NAN;
    return signal;
  }

  LinkReduction link(const campaign::Link& link) const {
    LinkReduction out;
    const auto channel = [&](std::string_view quantity) {
      return recording.find(log::linkChannel(link.id, quantity));
    };
    const auto *rssi = channel(log::channel::kRssi), *scale = rssi ? nullptr : channel(log::channel::kLevel),
               *bitrate = channel(log::channel::kBitrate);
    const Reference reference = referenceOf(campaign, run, link, recording);
    out.power = reference.power;
    out.mode = reference.mode;
    out.reduced_db = reference.reduced_db;
    out.power_unknown = reference.power_unknown;
    out.left_out = leftOut(link, channel(log::channel::kFrequency));
    if (scale) findSteps(*scale, out.scale.emplace());
    if (const auto* either = rssi ? rssi : scale) signal(out, link, *either, reference);
    Level level;
    if (rssi) level.db = shifted(*rssi, reference.quality_db);
    if (scale) level = {*scale, out.scale->coarse ? 0 : estimate::defaults::kTrim};
    if (bitrate)
      for (double b : *bitrate)
        if (std::isfinite(b)) out.top_bitrate_mbps = std::max(out.top_bitrate_mbps, b);
    // A quality may stand for events alone, which say what was in between; any other part is read when it is.
    std::optional<std::span<const double>> read = rssi ? std::optional<std::span<const double>>(*rssi) : scale ? std::optional<std::span<const double>>(*scale) : std::nullopt;
    for (const NamedPart& p : ruleParts(link, recording)) {
      if (!p.given) continue;
      if (!read || p.name != "quality") read = p.part.values;
      RuleSeen& seen = out.rule[p.name];
      seen.measure = ruleMeasure(p.name, p.part.threshold);
      seen.looks = looks(link, level, p.part.values, seen.measure);
    }
    out.called = read && calledOut(recording.time_s, track.distance_m, *read);
    for (const log::ChannelInfo* c : log::laneChannels())
      if (const auto* values = channel(c->name))
        out.traces.emplace(
            c->name, traces(values == rssi ? heardOnly(shifted(*rssi, reference.signal_db), link) : *values));
    rule(out, link);
    std::optional<std::vector<log::Dropout>> dropouts;
    if (!ruleParts(link, recording).empty()) dropouts = out.events.dropouts;
    const std::vector<double> referred = rssi ? heardOnly(shifted(*rssi, reference.signal_db), link) : std::vector<double>();
    out.beyond = linkBeyond(beyond, link, referred, dropouts ? dropouts : belowMargin(link, referred));
    return out;
  }

  /// Where the rule is a margin alone, what lies below it is lost.
  std::optional<std::vector<log::Dropout>> belowMargin(const campaign::Link& link, const std::vector<double>& signal) const {
    const auto critical = campaign::criticalFromKit(link);
    if (!critical || signal.empty()) return std::nullopt;
    const log::RulePart part{signal, *critical};
    return log::linkEvents(recording.time_s, track.progress_m(), std::span(&part, 1), track.turn, track.loops).dropouts;
  }
};

}  // namespace

estimate::RuleMeasure ruleMeasure(std::string_view part, double threshold) {
  return part == "quality" ? estimate::RuleMeasure{threshold, 100, false} : estimate::RuleMeasure{threshold, threshold, true};
}

int firstPlaceOf(const campaign::Campaign& campaign, const campaign::Run& run) {
  for (std::size_t i = 0; i < campaign.paths.size(); ++i)
    if (campaign.paths[i].id == run.path) return static_cast<int>(i) * estimate::defaults::kPlacesOfAPath;
  return 0;  // where it is not said: the first path
}

namespace {

/// Where a scale stands at nothing the link is lost: the least reading that is more.
std::optional<double> moreThanNothing(const std::vector<double>& readings) {
  double least = INFINITY;
  for (const double v : readings)
    if (v > 0) least = std::min(least, v);
  return std::isfinite(least) ? std::optional(least) : std::nullopt;
}

}  // namespace

std::vector<NamedPart> ruleParts(const campaign::Link& link, const log::Recording& recording) {
  std::vector<NamedPart> out;
  const auto values = [&](std::string_view quantity) { return recording.find(log::linkChannel(link.id, quantity)); };
  for (const campaign::UsableLimit& limit : campaign::usableLimits())
    if (const auto* channel = values(limit.quantity); channel && link.rule.*limit.least)
      out.push_back({std::string(limit.name), {*channel, *(link.rule.*limit.least)}});
  if (!out.empty()) return out;
  const auto* scale = values(log::channel::kRssi) ? nullptr : values(log::channel::kLevel);
  if (const auto* quality = values(log::channel::kQuality))
    out.push_back({"quality", {*quality, kDefaultQuality_pct}, false});
  else if (scale && !values(log::channel::kBitrate))
    if (const auto least = moreThanNothing(*scale)) out.push_back({"scale", {*scale, *least}});
  return out;
}

log::Track trackOf(const campaign::Run& run, const log::Recording& recording, const course::Course* course) {
  std::optional<log::Turn> hand;
  if (run.turn_begin_s && run.turn_end_s) hand = log::Turn{*run.turn_begin_s, *run.turn_end_s};
  return log::trackOf(recording, course, hand);
}

namespace {

/// The farthest of several flights in one log, or the one whose turn was moved by hand, with a word about the
/// others; none for a single one.
std::optional<log::Recording> oneFlight(const campaign::Run& run, const log::Recording& recording,
                                        const log::Track& track, std::vector<Finding>& told) {
  if (run.method == campaign::Method::Course) return std::nullopt;  // its laps are what it is about
  const std::vector<log::FlightRows> flights = log::flightsIn(track.progress_m());
  if (flights.size() < 2) return std::nullopt;
  const auto turnsIn = [&](const log::FlightRows& f) {
    return run.turn_begin_s && *run.turn_begin_s >= recording.time_s[f.begin] &&
           *run.turn_begin_s < recording.time_s[f.end - 1];
  };
  const auto by_hand = std::find_if(flights.begin(), flights.end(), turnsIn);
  const log::FlightRows& chosen =
      by_hand != flights.end()
          ? *by_hand
          : *std::max_element(flights.begin(), flights.end(),
                              [](const auto& a, const auto& b) { return a.farthest_m < b.farthest_m; });
  using quantity::Unit;
  told.push_back(finding("several-flights", {{"flights", flights.size()},
                                             {"from", recording.time_s[chosen.begin], Unit::Second},
                                             {"to", recording.time_s[chosen.end - 1], Unit::Second},
                                             {"farthest", chosen.farthest_m, Unit::Metre}}));
  return log::rowsOf(recording, chosen.begin, chosen.end);
}

/// From where the aircraft left the near field.
std::vector<float> everySecond(const std::vector<double>& time_s, const std::vector<double>& distance_m) {
  constexpr std::size_t kMost = 3600;
  std::vector<float> out;
  double from_s = NAN;
  for (std::size_t i = 0; i < time_s.size() && out.size() < kMost; ++i) {
    if (std::isnan(from_s)) {
      if (!(distance_m[i] >= estimate::defaults::kNearField_m)) continue;
      from_s = time_s[i];
    }
    const double second = time_s[i] - from_s;
    if (second < static_cast<double>(out.size()) || !(distance_m[i] <= estimate::defaults::kNoUpperLimit_m))
      continue;
    out.resize(static_cast<std::size_t>(std::min(second, static_cast<double>(kMost))), NAN);
    out.push_back(static_cast<float>(distance_m[i]));
  }
  return out;
}

/// On the way out, beyond the near field.
std::vector<double> valuesOut(const log::Recording& r, const log::Track& track, const std::vector<double>* values) {
  constexpr double kOften_s = 0.45;  // enough for what is usual
  std::vector<double> out;
  double next_s = -INFINITY;
  for (std::size_t i = 0; values && i < values->size(); ++i) {
    if (r.time_s[i] < next_s || !(r.time_s[i] < track.turn.begin_s && track.distance_m[i] >= estimate::defaults::kNearField_m) || !std::isfinite((*values)[i])) continue;
    out.push_back((*values)[i]);
    next_s = r.time_s[i] + kOften_s;
  }
  return out;
}

double usualOut(const log::Recording& r, const log::Track& track, const std::vector<double>* values) {
  std::vector<double> out = valuesOut(r, track, values);
  return out.empty() ? NAN : estimate::median(std::move(out));
}

/// Headings turn over at north: their middle is that of their directions.
double usualHeading(const log::Recording& r, const log::Track& track) {
  const auto* heading = r.find("heading_deg");
  double east = 0, north = 0;
  constexpr double kRadian = 3.14159265358979323846 / 180;
  for (std::size_t i = 0; heading && i < heading->size(); ++i) {
    if (!(r.time_s[i] < track.turn.begin_s && track.distance_m[i] >= estimate::defaults::kNearField_m) || !std::isfinite((*heading)[i])) continue;
    east += std::sin((*heading)[i] * kRadian);
    north += std::cos((*heading)[i] * kRadian);
  }
  return east == 0 && north == 0 ? NAN : std::fmod(std::atan2(east, north) / kRadian + 360, 360);
}

/// How it was flown: what runs that are compared have in common.
void flownHow(RunReduction& out, const campaign::Campaign& campaign, const log::Recording& recording, const log::Track& track) {
  const auto* height = recording.find(log::channel::kHeight);
  out.height_m = usualOut(recording, track, height);
  const std::vector<double> heights = valuesOut(recording, track, height);
  out.height_low_m = log::quantile(heights, 0.1);
  out.height_high_m = log::quantile(heights, 0.9);
  out.heading_deg = usualHeading(recording, track);
  if (track.from_gnss) out.side_m = usualOut(recording, track, &track.side_m);
  out.energy = log::energyUse(recording, track);
  out.farthest = log::farthestDistances(recording, track, campaign.station.antenna_height_m);
}

void reduceInto(RunReduction& out, const campaign::Campaign& campaign, const campaign::Run& run,
                const log::Recording& recording, const log::Track& track, const log::HeardLog& heard, const course::Course* course) {
  out.from_gnss = track.from_gnss;
  out.farthest_m = track.farthest_m;
  out.farthest_along_m = track.farthest_along_m;
  out.turn = track.turn;
  out.started = recording.started;
  out.speed_mps = track.turning.out_mps;
  out.begins_s = recording.time_s.front();
  out.flown_m = everySecond(recording.time_s, track.distance_m);
  out.duration_s = recording.time_s.back() - recording.time_s.front();
  if (track.off_path_share > kOtherPathShare)
    throw InputError(finding("other-path", {{"share", 100 * track.off_path_share, quantity::Unit::Percent},
                                            {"aside", log::kOffPath_m, quantity::Unit::Metre}}));
  flownHow(out, campaign, recording, track);
  const BeyondContext beyond = beyondContext(campaign, run, recording, track, course);
  const Reducer reducer{campaign, run, recording, track, heard, beyond};
  for (const campaign::Link& link : campaign.links) {
    LinkReduction reduced = reducer.link(link);
    if (measures(reduced)) out.links.emplace(link.id, std::move(reduced));
  }
  out.problems.insert(out.problems.end(), track.problems.begin(), track.problems.end());
  if (out.links.empty()) out.refused = finding("no-link-channels");
}

}  // namespace

std::optional<log::Recording> placed(const campaign::Campaign& campaign, const campaign::Run& run,
                                     const log::Recording& recording) {
  std::vector<log::Mark> marks;
  for (const campaign::Mark& m : run.marks) marks.push_back({m.time_s, m.along_m});
  if (marks.empty() && log::isByPosts(recording))
    marks = log::marksOfPosts(recording, [&](double number) { return campaign::postDistance_m(campaign, run, number); });
  if (marks.empty() || !(log::isByPosts(recording) || log::isUnplaced(recording))) return std::nullopt;
  log::Recording out = recording;
  log::placeByMarks(out, std::move(marks));
  return out;
}

std::optional<log::Recording> cutOut(const campaign::Run& run, const log::Recording& recording) {
  if (!run.from_s && !run.to_s) return std::nullopt;
  log::Recording out = log::rowsBetween(recording, run.from_s.value_or(-INFINITY), run.to_s.value_or(INFINITY));
  if (out.time_s.empty()) throw InputError(finding("cut-empty"));
  return out;
}

namespace {

/// Time before the first and after the last mark that has readings, and no place.
void tellOutsideMarks(const log::Recording& placed, std::vector<Finding>& problems) {
  constexpr double kWorthTelling_s = 2;
  const std::vector<double>* along = placed.find(log::channel::kAlong);
  if (!along) return;
  const auto known = [](double v) { return std::isfinite(v); };
  const auto first = std::find_if(along->begin(), along->end(), known);
  const auto last = std::find_if(along->rbegin(), along->rend(), known);
  if (first == along->end()) return;
  const double before = placed.time_s[std::size_t(first - along->begin())] - placed.time_s.front(),
               after = placed.time_s.back() - placed.time_s[along->size() - 1 - std::size_t(last - along->rbegin())];
  if (std::max(before, after) > kWorthTelling_s)
    problems.push_back(finding("outside-marks", {{"before", before, quantity::Unit::Second}, {"after", after, quantity::Unit::Second}}));
}

}  // namespace

RunReduction reduceRun(const campaign::Campaign& campaign, const campaign::Run& run,
                       const log::Recording& samples, const course::Course* course) {
  RunReduction out;
  try {
    const auto by_posts = placed(campaign, run, samples);
    const log::Recording& whole = by_posts ? *by_posts : samples;
    if (!run.marks.empty() && !by_posts) out.problems.push_back(finding("marks-not-needed"));
    if (by_posts) tellOutsideMarks(whole, out.problems);
    if (run.method == campaign::Method::Course && log::isUnplaced(whole)) throw InputError(finding("place-later"));
    const auto cut = cutOut(run, whole);
    const log::Recording& recording = cut ? *cut : whole;
    log::Track track = trackOf(run, recording, course);
    const auto one = oneFlight(run, recording, track, out.problems);
    const log::Recording& flown = one ? *one : recording;
    const log::HeardLog heard = log::heardIn(flown, campaign::linkIds(campaign));
    out.problems.insert(out.problems.end(), heard.told.begin(), heard.told.end());
    if (one || heard.changed) track = trackOf(run, heard.in(flown), course);
    reduceInto(out, campaign, run, heard.in(flown), track, heard, course);
  } catch (const Error& e) {
    out.refused = e.found;
  }
  return out;
}

}  // namespace distanz::analysis
