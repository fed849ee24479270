#include "core/campaign/describe.h"

#include "core/campaign/limits.h"

namespace distanz::campaign {

using namespace limits;
using description::Affects;
using description::Field;
using description::Word;
using quantity::Unit;

namespace {

constexpr Word kLinkKinds[] = {{"control"}, {"video"}};
constexpr Word kPartKinds[] = {{"antenna"},  {"transmitter"}, {"receiver"}, {"cable", "or filter"},
                               {"airframe"}, {"battery"}};
constexpr Word kOrigins[] = {{"claimed", "by whoever made it"}, {"measured"}, {"assumed"}};
constexpr Word kMethods[] = {{"path-flight", "out and back along the measured path"},
                             {"paired", "both setups listening in one flight"},
                             {"course", "a course across, behind or around the station"},
                             {"station-readings", "between fixed points"},
                             {"swap", "ends exchanged"},
                             {"walk", "carried, at reduced power"},
                             {"hand-log", "written down while flying"}};

constexpr Field kLatitude{.key = "lat_deg", .what = "latitude", .unit = Unit::Degree, .low = -90, .high = 90};
constexpr Field kLongitude{
    .key = "lon_deg", .what = "longitude", .unit = Unit::Degree, .low = -180, .high = 180};

constexpr Field required(Field field) {
  field.required = true;
  return field;
}

constexpr Field kId{.key = "id", .what = "unique among its kind", .required = true, .always = true};
constexpr Field kUuid{.key = "uuid",
                      .what = "tells it from all others, in any campaign",
                      .affects = Affects::Words,
                      .since = 4};

}  // namespace

void describe(Visitor& v, RangeRule& r) {
  v.number({.key = "lq_min_pct",
            .what = "least link quality",
            .unit = Unit::Percent,
            .low = kQualityLow_pct,
            .high = kQualityHigh_pct},
           r.lq_min_pct);
  v.number({.key = "margin_db",
            .what = "least margin above the sensitivity",
            .unit = Unit::Decibel,
            .low = -kMarginHigh_db,
            .high = kMarginHigh_db},
           r.margin_db);
  v.number({.key = "bitrate_min_mbps",
            .what = "least bitrate",
            .unit = Unit::MegabitPerSecond,
            .low = kBitrateLow_mbps,
            .high = kBitrateHigh_mbps},
           r.bitrate_min_mbps);
  v.number({.key = "gap_s",
            .what = "dips shorter than this do not end the range, at the speed flown",
            .unit = Unit::Second,
            .low = 0,
            .high = kGapHigh_s},
           r.gap_s);
  v.number({.key = "gap_m",
            .what = "dips shorter than this do not end the range",
            .unit = Unit::Metre,
            .low = 0,
            .high = kGapHigh_m},
           r.gap_m);
  v.unknown(r.unknown);
}

void describe(Visitor& v, ModeSensitivity& m) {
  v.number({.key = "mode",
            .what = "packet rate in Hz, or number of the mode, as the log names it",
            .required = true},
           m.mode);
  v.number({.key = "sensitivity_dbm",
            .what = "sensitivity in that mode",
            .unit = Unit::Dbm,
            .low = kLevelLow_dbm,
            .high = kLevelHigh_dbm,
            .required = true},
           m.sensitivity_dbm);
  v.unknown(m.unknown);
}

void describe(Visitor& v, Link& l) {
  v.text(kId, l.id);
  v.word({.key = "kind", .what = "what it carries", .always = true}, l.kind, kLinkKinds);
  v.number({.key = "frequency_mhz",
            .what = "frequency",
            .unit = Unit::Megahertz,
            .low = kFrequencyLow_mhz,
            .high = kFrequencyHigh_mhz},
           l.frequency_mhz);
  v.number({.key = "sensitivity_dbm",
            .what = "sensitivity of the receiver",
            .unit = Unit::Dbm,
            .low = kLevelLow_dbm,
            .high = kLevelHigh_dbm},
           l.sensitivity_dbm);
  v.list({.key = "modes", .what = "sensitivity per packet rate or mode"}, l.modes);
  v.object({.key = "rule", .what = "when it counts as usable; all parts given must hold", .always = true},
           l.rule);
  v.unknown(l.unknown);
}

void describe(Visitor& v, PartValue& p) {
  v.number({.key = "value", .what = "in the unit its name ends in", .required = true}, p.value);
  v.word({.key = "origin", .what = "how it is known", .always = true}, p.origin, kOrigins);
  v.text({.key = "record", .what = "id of the record it was measured by", .affects = Affects::Words},
         p.record);
  v.unknown(p.unknown);
}

void describe(Visitor& v, Part& p) {
  v.text(kId, p.id);
  v.text(kUuid, p.uuid);
  v.word({.key = "kind", .always = true}, p.kind, kPartKinds);
  v.text({.key = "name", .what = "in the pilot's words", .affects = Affects::Words}, p.name);
  v.text({.key = "notes", .affects = Affects::Words}, p.notes);
  v.map({.key = "values", .what = "what is known of it"}, p.values);
  v.unknown(p.unknown);
}

void describe(Visitor& v, SetupLink& l) {
  v.text({.key = "transmitter", .what = "part that sends", .refers = "part"}, l.transmitter);
  v.text({.key = "tx_cable", .what = "cable or filter behind it", .refers = "part"}, l.tx_cable);
  v.text({.key = "tx_filter", .what = "filter behind it", .refers = "part", .since = 4}, l.tx_filter);
  v.text({.key = "tx_antenna", .what = "antenna that sends", .refers = "part"}, l.tx_antenna);
  v.text({.key = "rx_antenna", .what = "antenna that listens", .refers = "part"}, l.rx_antenna);
  v.text({.key = "rx_filter", .what = "filter before the receiver", .refers = "part", .since = 4},
         l.rx_filter);
  v.text({.key = "rx_cable", .what = "cable or filter before the receiver", .refers = "part"}, l.rx_cable);
  v.text({.key = "receiver", .what = "part that listens", .refers = "part"}, l.receiver);
  v.flag({.key = "automatic_power", .what = "the transmitter chooses its power"}, l.automatic_power);
  v.unknown(l.unknown);
}

void describe(Visitor& v, Setup& s) {
  v.text(kId, s.id);
  v.text(kUuid, s.uuid);
  v.text({.key = "name", .what = "in the pilot's words", .affects = Affects::Words}, s.name);
  v.text({.key = "differs", .what = "what differs from the other setups", .affects = Affects::Words},
         s.differs);
  v.text({.key = "airframe",
          .what = "part it flies on",
          .affects = Affects::Words,
          .refers = "part",
          .since = 4},
         s.airframe);
  v.text({.key = "battery",
          .what = "part it flies with",
          .affects = Affects::Words,
          .refers = "part",
          .since = 4},
         s.battery);
  v.map({.key = "links", .what = "its ends of each link, by the link's id", .refers = "link"}, s.links);
  v.unknown(s.unknown);
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
  v.list({.key = "segments", .what = "stretches with a name", .affects = Affects::Words}, p.segments);
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
  v.unknown(s.unknown);
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
  v.word({.key = "method", .what = "how it was made", .since = 4}, r.method, kMethods);
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
  v.word({.key = "legs", .what = "ways that count", .affects = Affects::Statistics}, r.legs, legsWords());
  v.map({.key = "reduced_db", .what = "power below the setup's own, by link"}, r.reduced_db,
        {.key = "",
         .what = "reduced power",
         .unit = Unit::Decibel,
         .low = kReducedLow_db,
         .high = kReducedHigh_db});
  v.unknown(r.unknown);
}

void describe(Visitor& v, RecordFile& f) {
  v.text({.key = "file", .what = "its name, beside campaign.json", .affects = Affects::Words}, f.file);
  v.text({.key = "sha256", .what = "of its bytes", .affects = Affects::Words, .attachment = true}, f.sha256);
  v.text({.key = "role", .what = "what it shows, where a record has several", .affects = Affects::Words},
         f.role);
  v.unknown(f.unknown);
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
