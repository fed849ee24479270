#include "core/campaign/common_fields.h"
#include "core/campaign/describe.h"

#include "core/campaign/limits.h"

namespace distanz::campaign {

using namespace limits;
using description::Affects;
using description::Field;
using description::Word;
using quantity::Unit;

namespace {

constexpr Field kLatitude{.key = "lat_deg", .what = "latitude", .unit = Unit::Degree, .low = -90, .high = 90};
constexpr Field kLongitude{
    .key = "lon_deg", .what = "longitude", .unit = Unit::Degree, .low = -180, .high = 180};

constexpr Field required(Field field) {
  field.required = true;
  return field;
}


}  // namespace

namespace {
constexpr Word kBeside[] = {{"", "not said"}, {"nothing"}, {"person"}, {"vehicle"}};
}  // namespace

std::span<const Word> besideWords() {
  return kBeside;
}

void describe(Visitor& v, Station& s) {
  v.number(kLatitude, s.lat_deg);
  v.number(kLongitude, s.lon_deg);
  v.number({.key = "ground_m",
            .what = "ground above sea level",
            .unit = Unit::Metre,
            .low = kHeightLow_m,
            .high = kHeightHigh_m},
           s.ground_m);
  v.number({.key = "antenna_height_m",
            .what = "antenna above the ground",
            .unit = Unit::Metre,
            .low = 0,
            .high = kMastHigh_m},
           s.antenna_height_m);
  v.word({.key = "beside", .what = "what stands close to the antenna", .affects = Affects::Words, .since = 4}, s.beside,
         kBeside);
  v.number({.key = "beside_deg",
            .what = "where it stands as the antenna sees it, clockwise from true north",
            .unit = Unit::Degree,
            .low = 0,
            .high = 360,
            .affects = Affects::Words,
            .since = 4},
           s.beside_deg);
  v.unknown(s.unknown);
}

void describe(Visitor& v, PathPoint& p) {
  v.number(required(kLatitude), p.position.lat_deg);
  v.number(required(kLongitude), p.position.lon_deg);
  v.number({.key = "height_m",
            .what = "above the station's ground",
            .unit = Unit::Metre,
            .low = 0,
            .high = kHeightHigh_m},
           p.height_m);
  v.unknown(p.unknown);
}

void describe(Visitor& v, Post& p) {
  v.text({.key = "name", .affects = Affects::Words}, p.name);
  v.number({.key = "along_m",
            .what = "along the path from its first point",
            .unit = Unit::Metre,
            .low = 0,
            .high = kPathHigh_m,
            .required = true},
           p.along_m);
  v.unknown(p.unknown);
}

void describe(Visitor& v, Segment& s) {
  v.text({.key = "name", .affects = Affects::Words}, s.name);
  v.number({.key = "from_m",
            .what = "along the path",
            .unit = Unit::Metre,
            .low = 0,
            .high = kPathHigh_m,
            .required = true},
           s.from_m);
  v.number({.key = "to_m",
            .what = "along the path",
            .unit = Unit::Metre,
            .low = 0,
            .high = kPathHigh_m,
            .required = true},
           s.to_m);
  v.unknown(s.unknown);
}

void describe(Visitor& v, Path& p) {
  v.text(kId, p.id);
  v.text({.key = "name", .affects = Affects::Words}, p.name);
  v.list({.key = "points", .what = "outward"}, p.points);
  v.number({.key = "post_spacing_m",
            .what = "posts stand every so far",
            .unit = Unit::Metre,
            .low = kPostLow_m,
            .high = kPathHigh_m,
            .affects = Affects::Words},
           p.post_spacing_m);
  v.list({.key = "posts", .what = "others that can be seen from the air", .affects = Affects::Words},
         p.posts);
  v.list({.key = "segments", .what = "sections with a name", .affects = Affects::Words}, p.segments);
  v.unknown(p.unknown);
}

void describe(Visitor& v, Source& s) {
  v.text({.key = "file", .what = "name of the log, beside campaign.json"}, s.file);
  v.text({.key = "sha256", .what = "of its bytes", .attachment = true}, s.sha256);
  v.map({.key = "columns", .what = "channel to column of the log, where the match was corrected"}, s.columns);
  v.number({.key = "clock_offset_s",
            .what = "added to its times",
            .unit = Unit::Second,
            .low = -kClockHigh_s,
            .high = kClockHigh_s},
           s.clock_offset_s);
  v.number({.key = "clock_drift_ppm",
            .what = "by how many millionths its clock runs slow",
            .low = -kDriftHigh_ppm,
            .high = kDriftHigh_ppm},
           s.clock_drift_ppm);
  v.number({.key = "clock_sd_s", .what = "standard deviation of the offset as it was found", .unit = Unit::Second, .low = 0, .high = kClockHigh_s, .affects = Affects::Words},
           s.clock_sd_s);
  v.unknown(s.unknown);
}

std::span<const Word> methodWords() {
  static constexpr Word kMethods[] = {{"path-flight", "out and back along the measured path"},
                             {"paired", "both setups listening in one flight"},
                             {"course", "a course across, behind or around the station"},
                             {"station-readings", "between fixed points"},
                             {"swap", "ends exchanged"},
                             {"walk", "carried, at reduced power"},
                             {"hand-log", "written down while flying"}};
  return kMethods;
}

void describe(Visitor& v, Mark& m) {
  v.number({.key = "time_s", .what = "on the first log's clock", .unit = Unit::Second, .low = -kClockHigh_s, .high = kClockHigh_s, .required = true}, m.time_s);
  v.number({.key = "along_m", .what = "along the path", .unit = Unit::Metre, .low = -kPathHigh_m, .high = kPathHigh_m, .required = true}, m.along_m);
  v.unknown(m.unknown);
}

void describe(Visitor& v, Run& r) {
  v.text(kId, r.id);
  v.text(kUuid, r.uuid);
  v.text({.key = "setup",
          .what = "that was flown",
          .required = true,
          .always = true,
          .affects = Affects::Statistics,
          .refers = "setup"},
         r.setup);
  v.text(
      {.key = "path", .what = "that it flew; where it is not said, the first", .refers = "path", .since = 4},
      r.path);
  v.word({.key = "method", .what = "how it was made", .since = 4}, r.method, methodWords());
  v.list({.key = "sources",
          .what = "logs its samples come from; the first one's rows are the run's",
          .since = 4},
         r.sources);
  v.whole({.key = "order",
           .what = "place in the session, from 1",
           .low = 0,
           .high = kOrderHigh,
           .affects = Affects::Statistics},
          r.order);
  v.text({.key = "flight",
          .what = "runs with the same flight were recorded at once",
          .affects = Affects::Statistics},
         r.flight);
  v.word({.key = "ended", .what = "why it ended", .affects = Affects::Statistics}, r.ended, endedWords());
  v.text({.key = "notes", .affects = Affects::Words}, r.notes);
  v.text({.key = "void_reason", .what = "why it does not count", .affects = Affects::Statistics},
         r.void_reason);
  v.number({.key = "turn_begin_s", .what = "the turn as moved by hand", .unit = Unit::Second},
           r.turn_begin_s);
  v.number({.key = "turn_end_s", .what = "its end", .unit = Unit::Second}, r.turn_end_s);
  v.number({.key = "from_s", .what = "rows of its logs before this are not of this run", .unit = Unit::Second}, r.from_s);
  v.number({.key = "to_s", .what = "nor rows after this", .unit = Unit::Second}, r.to_s);
  v.list({.key = "marks", .what = "moments at which its place on the path is known"}, r.marks);
  v.text({.key = "marks_like", .what = "run that they were found by likeness with", .affects = Affects::Words}, r.marks_like);
  v.word({.key = "legs", .what = "ways that count", .affects = Affects::Statistics}, r.legs, legsWords());
  v.map({.key = "reduced_db", .what = "power below the setup's own, by link"}, r.reduced_db,
        {.key = "",
         .what = "reduced power",
         .unit = Unit::Decibel,
         .low = kReducedLow_db,
         .high = kReducedHigh_db});
  v.unknown(r.unknown);
}

void describe(Visitor& v, Reading& r) {
  v.text({.key = "label", .what = "what was read", .affects = Affects::Words}, r.label);
  v.map({.key = "values", .what = "numbers, by what they are"}, r.values);
  v.unknown(r.unknown);
}

void describe(Visitor& v, Record& r) {
  v.text(kId, r.id);
  v.text(kUuid, r.uuid);
  v.word({.key = "kind", .always = true, .affects = Affects::Words}, r.kind, recordKindWords());
  v.text({.key = "name", .what = "in the pilot's words", .affects = Affects::Words}, r.name);
  v.text({.key = "part", .what = "that was measured", .affects = Affects::Words, .refers = "part"}, r.part);
  v.text({.key = "setup", .what = "that was measured", .affects = Affects::Words, .refers = "setup"},
         r.setup);
  v.text({.key = "link", .what = "that it is of", .affects = Affects::Words, .refers = "link"}, r.link);
  v.text({.key = "made_at", .what = "date, or date and time", .affects = Affects::Words}, r.made_at);
  v.text({.key = "instrument", .what = "what it was measured with", .affects = Affects::Words}, r.instrument);
  v.text({.key = "place", .what = "where", .affects = Affects::Words}, r.place);
  v.text({.key = "notes", .affects = Affects::Words}, r.notes);
  v.map({.key = "settings", .what = "numbers that hold for all of it", .affects = Affects::Words},
        r.settings);
  v.map({.key = "answers", .what = "words, by what was asked", .affects = Affects::Words}, r.answers);
  v.list({.key = "readings", .what = "what was read off, in order", .affects = Affects::Words}, r.readings);
  v.list({.key = "files", .what = "sweeps, traces, pictures", .affects = Affects::Words}, r.files);
  v.unknown(r.unknown);
}

namespace {

void facts(Visitor& v, Facts& f) {
  v.text({.key = "title", .always = true, .affects = Affects::Words}, f.title);
  v.text(kUuid, f.uuid);
  v.object({.key = "station", .what = "where the pilot stands", .always = true}, f.station);
  v.number({.key = "plan_exponent",
            .what = "path-loss exponent of the prediction",
            .low = kExponentLow,
            .high = kExponentHigh,
            .affects = Affects::Words},
           f.plan_exponent);
  v.whole({.key = "planned_pairs",
           .what = "flights of each setup after which setups are to be judged",
           .low = 2,
           .high = kPairsHigh,
           .affects = Affects::Statistics},
          f.planned_pairs);
  v.object({.key = "plan", .what = "of the flights to come", .affects = Affects::Words, .since = 4}, f.plan);
}

}  // namespace

void describe(Visitor& v, Facts& f) {
  facts(v, f);
  v.unknown(f.unknown);
}

void describe(Visitor& v, Campaign& c) {
  facts(v, c);
  eachKind([&](const auto& kind) { v.list({.key = kind.list, .what = kind.what}, c.*kind.items); });
  v.unknown(c.unknown);
}

}  // namespace distanz::campaign
