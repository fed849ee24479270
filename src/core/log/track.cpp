#include "core/log/track.h"

#include <algorithm>
#include <cmath>

#include "core/course/follow.h"
#include "core/log/jumps.h"
#include "core/parallel/on_all_cores.h"
#include "core/quantity/unit.h"

namespace distanz::log {
using course::Flat;
using quantity::Unit;

bool onGlobe(double lat_deg, double lon_deg) {
  return !(lat_deg == 0 && lon_deg == 0) && std::abs(lat_deg) <= 90 && std::abs(lon_deg) <= 180;
}

std::optional<Finding> fixesLacking(const Recording& r) {
  const auto *lat = r.find(channel::kLatitude), *lon = r.find(channel::kLongitude);
  std::size_t zero = 0, fixes = 0;
  for (std::size_t i = 0; lat && lon && i < r.rows(); ++i)
    if (std::isfinite((*lat)[i]) && std::isfinite((*lon)[i])) ++(onGlobe((*lat)[i], (*lon)[i]) ? fixes : zero);
  if (zero == 0) return std::nullopt;
  return finding(fixes == 0 ? "gnss-never-fixed" : "gnss-no-fix", {{"rows", zero}});
}

bool isElsewhere(const Recording& r, const course::Position& place, bool exchanged) {
  const auto *lat = r.find(exchanged ? channel::kLongitude : channel::kLatitude), *lon = r.find(exchanged ? channel::kLatitude : channel::kLongitude);
  constexpr std::size_t kLooks = 200;
  for (std::size_t i = 0; lat && lon && i < r.rows(); i += std::max<std::size_t>(r.rows() / kLooks, 1))
    if (onGlobe((*lat)[i], (*lon)[i]) && course::between(place, {(*lat)[i], (*lon)[i]}).distance_m <= kElsewhere_m) return false;
  return true;
}

void refuseIfMostlyWrong(std::size_t wrong, std::size_t known, bool gnss) {
  if (known > 0 && static_cast<double>(wrong) > kBadShareRefused * static_cast<double>(known))
    throw InputError(
        finding("positions-jump-about", {{"what", Term{gnss ? "column-gnss" : "column-distance"}},
                                         {"wrong", wrong},
                                         {"known", known},
                                         {"speed", kTopSpeed_mps, Unit::MetrePerSecond}}));
}

void requireMovement(std::size_t placed, double nearest_m, double farthest_m) {
  if (placed == 0) throw InputError(finding("no-position"));
  if (farthest_m - nearest_m < 1)
    throw InputError(finding("position-constant", {{"distance", nearest_m, Unit::Metre}, {"rows", placed}}));
}

std::optional<course::Placement> placedAt(const course::Course& course, double lat_deg, double lon_deg) {
  if (!std::isfinite(lat_deg) || !std::isfinite(lon_deg) || !onGlobe(lat_deg, lon_deg)) return std::nullopt;
  return course.place({lat_deg, lon_deg});
}

void refuseTooFast(double distance_m, double span_s) {
  if (distance_m - kJumpSlack_m <= kTooFast * kTopSpeed_mps * span_s) return;
  throw InputError(finding("flown-too-fast", {{"distance", distance_m, Unit::Metre},
                                              {"span", span_s, Unit::Second},
                                              {"speed", distance_m / std::max(span_s, 1e-9), Unit::MetrePerSecond}}));
}

void fillBetween(const std::vector<double>& time_s, std::vector<double>& values, std::size_t from,
                 std::size_t to) {
  const double span = time_s[to] - time_s[from];
  if (span > kHoldFix_s) return;
  for (std::size_t i = from + 1; i < to; ++i)
    values[i] =
        values[from] + (values[to] - values[from]) * (time_s[i] - time_s[from]) / std::max(span, 1e-9);
}

namespace {

/// Fills short gaps between known values.
void interpolate(const std::vector<double>& time_s, std::vector<double>& values) {
  std::size_t last = values.size();
  for (std::size_t i = 0; i < values.size(); ++i) {
    if (!std::isfinite(values[i])) continue;
    if (last < i) fillBetween(time_s, values, last, i);
    last = i;
  }
}

void clean(const Recording& r, std::vector<double>& distance, const std::vector<Flat>* flat,
           std::vector<Finding>& problems) {
  Jumps jumps;
  std::size_t bad = 0, total = 0;
  for (std::size_t i = 0; i < distance.size(); ++i) {
    if (!std::isfinite(distance[i])) continue;
    ++total;
    if (!jumps.wrong(r.time_s[i], flat ? (*flat)[i] : Flat{distance[i], 0})) continue;
    distance[i] = NAN;
    ++bad;
  }
  refuseIfMostlyWrong(bad, total, flat != nullptr);
  if (bad > 0) problems.push_back(finding("position-jumps", {{"wrong", bad}, {"known", total}}));
}

/// Each row on the stretch that continues the way, where several lie near.
void followPath(const Recording& r, const course::Course& course, const std::vector<Flat>& flat, Track& track) {
  course::Followed followed = course::follow(course, r.time_s, flat);
  for (std::size_t i = 0; i < flat.size(); ++i) {
    if (!std::isfinite(followed.chainage_m[i])) continue;
    const course::Placement p = course.placeNear(flat[i], followed.chainage_m[i], 1);
    track.along_m[i] = p.along_m;
    track.side_m[i] = p.side_m;
  }
  track.lap_begins_s = std::move(followed.lap_begins_s);
}

bool placeByGnss(const Recording& r, const course::Course& course, Track& track) {
  const auto *lat = r.find(channel::kLatitude), *lon = r.find(channel::kLongitude);
  if (!lat || !lon) return false;
  const std::size_t n = r.rows();
  std::vector<Flat> flat(n, {NAN, NAN});
  track.distance_m.assign(n, NAN);
  track.along_m.assign(n, NAN);
  track.side_m.assign(n, NAN);
  constexpr std::size_t kBlock = 1 << 14;  // rows placed by a core before it looks for more work
  parallel::onAllCores((n + kBlock - 1) / kBlock, [&](std::size_t block) {
    for (std::size_t i = block * kBlock; i < std::min(n, (block + 1) * kBlock); ++i) {
      const auto p = placedAt(course, (*lat)[i], (*lon)[i]);
      if (!p) continue;
      flat[i] = p->flat;
      track.distance_m[i] = p->distance_m;
      track.along_m[i] = p->along_m;
      track.side_m[i] = p->side_m;
    }
  });
  const auto lacking = fixesLacking(r);
  if (lacking && lacking->code == "gnss-never-fixed") {
    if (r.find(channel::kDistance)) return false;
    throw InputError(*lacking);
  }
  if (std::none_of(track.distance_m.begin(), track.distance_m.end(), [](double v) { return std::isfinite(v); })) return false;
  if (lacking) track.problems.push_back(*lacking);
  clean(r, track.distance_m, &flat, track.problems);
  for (std::size_t i = 0; i < n; ++i)
    if (!std::isfinite(track.distance_m[i])) track.along_m[i] = track.side_m[i] = NAN, flat[i] = {NAN, NAN};
  if (course::comesNearItself(course)) followPath(r, course, flat, track);
  return true;
}

/// Of another field altogether, or its coordinates are exchanged: no run on this path.
void requireHere(const Track& track, const course::Course& course) {
  double nearest = INFINITY;
  for (const double d : track.distance_m)
    if (d < nearest) nearest = d;
  if (std::isfinite(nearest) && nearest > std::max(kElsewhere_m, 2 * course.farPost_m()))
    throw InputError(finding("log-elsewhere", {{"nearest", nearest, Unit::Metre}}));
}

/// By the place on the path that marks or the log itself tell.
bool placeAlong(const Recording& r, const course::Course* course, Track& track) {
  const std::vector<double>* along = r.find(channel::kAlong);
  if (!along) return false;
  track.distance_m = *along;
  if (!course) return true;
  track.along_m = *along;
  for (std::size_t i = 0; i < along->size(); ++i) {
    track.distance_m[i] = std::isfinite((*along)[i]) ? course::apart_m({}, course->at((*along)[i])) : NAN;
    track.along_m[i] += track.path_begins_m;
  }
  track.side_m.assign(along->size(), 0);
  return true;
}

/// Horizontal from the station, of what the log calls distance.
std::vector<double> distanceTold(const Recording& r, const course::Course* course) {
  if (const auto* distance = r.find(channel::kDistance)) return *distance;
  if (const auto* slant = r.find(channel::kSlant)) {
    std::vector<double> out = *slant;
    if (const auto* height = r.find(channel::kHeight))
      for (std::size_t i = 0; i < out.size(); ++i)
        if (std::isfinite((*height)[i])) out[i] = std::sqrt(std::max(out[i] * out[i] - (*height)[i] * (*height)[i], 0.0));
    return out;
  }
  if (const auto lacking = fixesLacking(r); lacking && lacking->code == "gnss-never-fixed") throw InputError(*lacking);
  if (!course && r.find(channel::kLatitude)) throw InputError(finding("no-path-for-coordinates"));
  throw InputError(finding(r.find(channel::kTravelled) ? "only-travelled" : "no-position"));
}

double spanOf(const std::vector<double>& values) {
  double low = INFINITY, high = -INFINITY;
  for (const double v : values)
    if (std::isfinite(v)) low = std::min(low, v), high = std::max(high, v);
  return high > low ? high - low : 0;
}

void measureAlong(const Recording& r, Track& track) {
  double along = 0, at_s = track.farthest_s;
  for (std::size_t i = 0; i < track.along_m.size(); ++i)
    if (track.along_m[i] > along) along = track.along_m[i], at_s = r.time_s[i];
  track.bent = along > kBent * track.farthest_m + kOffPath_m;
  track.farthest_along_m = track.bent ? along : track.farthest_m;
  if (track.bent) track.farthest_s = at_s;
}

void measure(const Recording& r, Track& track) {
  std::size_t placed = 0, aside = 0;
  double nearest = INFINITY;
  for (std::size_t i = 0; i < r.rows(); ++i) {
    const double d = track.distance_m[i];
    if (!std::isfinite(d)) continue;
    ++placed;
    nearest = std::min(nearest, d);
    if (d > track.farthest_m) {
      track.farthest_m = d;
      track.farthest_s = r.time_s[i];
    }
    if (track.from_gnss && std::abs(track.side_m[i]) > kOffPath_m) ++aside;
  }
  // one that circles the station moves, though it comes no nearer
  requireMovement(placed, nearest, std::max(track.farthest_m, nearest + spanOf(track.side_m)));
  refuseTooFast(track.farthest_m - nearest, r.time_s.back() - r.time_s.front());
  measureAlong(r, track);
  track.off_path_share = static_cast<double>(aside) / static_cast<double>(placed);
}

/// A slow turn takes longer than a brisk one; but slow flying far from the farthest place is no turning.
Turn turnOf(const Recording& r, const Track& track) {
  Turn beside{r.time_s.front(), r.time_s.back()};
  for (std::size_t i = 0; i < r.rows(); ++i) {
    if (!(track.progress_m()[i] < track.farthest_along_m - kTurnRadius_m)) continue;
    if (r.time_s[i] < track.farthest_s) beside.begin_s = r.time_s[i];
    if (r.time_s[i] > track.farthest_s) {
      beside.end_s = r.time_s[i];
      break;
    }
  }
  return {std::min(std::max(track.turning.begin_s, beside.begin_s), track.farthest_s - kTurnHalfWidth_s),
          std::max(std::min(track.turning.end_s, beside.end_s), track.farthest_s + kTurnHalfWidth_s)};
}

double slantOf(const Recording& r, const Track& track, std::size_t row, double antenna_height_m) {
  const auto* height = r.find(channel::kHeight);
  return height ? std::hypot(track.distance_m[row], (*height)[row] - antenna_height_m) : NAN;
}

/// Way flown from one row to the next: between positions on the path, or along a leg.
double stepTo(const Recording& r, const Track& track, std::size_t before, std::size_t row) {
  const std::vector<double>& place = track.along_m.empty() ? track.distance_m : track.along_m;
  const double step = std::abs(place[row] - place[before]);
  return step <= kTopSpeed_mps * (r.time_s[row] - r.time_s[before]) ? step : 0;  // from one lap into the next
}

}  // namespace

Track unplacedTrack(const Recording& r) {
  Track out;
  out.distance_m.assign(r.rows(), NAN);
  if (!r.time_s.empty()) out.turn = {r.time_s.back(), r.time_s.back()}, out.farthest_s = r.time_s.back();
  return out;
}

Distances distancesAt(const Recording& r, const Track& track, std::size_t row, double antenna_height_m) {
  Distances out{slantOf(r, track, row, antenna_height_m), track.distance_m[row],
                track.along_m.empty() ? NAN : track.along_m[row] - track.path_begins_m, NAN};
  if (const auto* told = r.find(channel::kTravelled)) {
    out.travelled_m = (*told)[row];
    return out;
  }
  std::size_t last = r.rows();
  double last_s = -INFINITY, way = 0;
  for (std::size_t i = 0; i <= row; ++i) {
    if (!std::isfinite(track.distance_m[i]) || r.time_s[i] < last_s + 1) continue;  // each second: less is noise
    if (last < r.rows()) way += stepTo(r, track, last, i);
    last = i;
    last_s = r.time_s[i];
  }
  if (last < r.rows()) out.travelled_m = way;
  return out;
}

Distances farthestDistances(const Recording& r, const Track& track, double antenna_height_m) {
  Distances out;
  if (r.time_s.empty()) return out;
  const auto most = [](double a, double b) { return std::fmax(a, b); };
  for (std::size_t i = 0; i < r.rows(); ++i) {
    out.slant_m = most(out.slant_m, slantOf(r, track, i, antenna_height_m));
    out.horizontal_m = most(out.horizontal_m, track.distance_m[i]);
    if (!track.along_m.empty()) out.along_m = most(out.along_m, track.along_m[i] - track.path_begins_m);
  }
  out.travelled_m = distancesAt(r, track, r.rows() - 1, antenna_height_m).travelled_m;
  return out;
}

std::vector<double> Track::chainage_m() const {
  std::vector<double> out = along_m.empty() ? distance_m : along_m;
  for (double& m : out) m -= path_begins_m;
  return out;
}

std::vector<double> Track::countingDistance(const std::vector<double>& time_s) const {
  std::vector<double> out = distance_m;
  for (const Loop& loop : loops)
    for (std::size_t i = 0; i < out.size(); ++i)
      if (time_s[i] > loop.begin_s && time_s[i] < loop.end_s) out[i] = NAN;
  return out;
}

Track trackOf(const Recording& r, const course::Course* course, std::optional<Turn> hand) {
  Track track;
  if (course) track.path_begins_m = course::apart_m({}, course->points().front());
  track.from_gnss = course && placeByGnss(r, *course, track);
  if (track.from_gnss) requireHere(track, *course);
  if (!track.from_gnss) {
    track.along_m.clear();
    track.side_m.clear();
    if (!placeAlong(r, course, track)) {
      track.distance_m = distanceTold(r, course);
      for (double& d : track.distance_m)
        if (d < 0) d = NAN;
      clean(r, track.distance_m, nullptr, track.problems);
    }
  }
  interpolate(r.time_s, track.distance_m);
  if (!track.along_m.empty()) {
    interpolate(r.time_s, track.along_m);
    interpolate(r.time_s, track.side_m);
  }
  measure(r, track);
  track.turning = turningOf(r.time_s, track.progress_m(), track.farthest_s);
  track.turn = hand.value_or(turnOf(r, track));
  track.loops = loopsOf(r.time_s, track.progress_m(), track.turning);
  if (!track.loops.empty())
    track.problems.push_back(finding("loops", {{"loops", track.loops.size()},
                                               {"at", track.loops.front().at_m, Unit::Metre},
                                               {"time", track.loops.front().begin_s, Unit::Second}}));
  if (hand) track.turning.begin_s = hand->begin_s, track.turning.end_s = hand->end_s;
  if (track.off_path_share > 0.05)
    track.problems.push_back(finding("off-path", {{"share", 100 * track.off_path_share, Unit::Percent},
                                                  {"aside", kOffPath_m, Unit::Metre}}));
  return track;
}

}  // namespace distanz::log
