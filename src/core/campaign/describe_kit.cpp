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

constexpr Word kLinkKinds[] = {{"control"}, {"video"}};
constexpr Word kPartKinds[] = {{"antenna"},  {"transmitter"}, {"receiver"}, {"cable", "or filter"},
                               {"airframe"}, {"battery"}};
constexpr Word kOrigins[] = {{"claimed", "by whoever made it"}, {"measured"}, {"assumed"}};
constexpr Word kPointings[] = {{""}, {"fixed", "in one direction"}, {"by-hand"}, {"tracked", "by a machine"}};
constexpr Word kPlaces[] = {{""}, {"nose"}, {"tail"}, {"left"}, {"right"}, {"top"}, {"bottom"}};


}  // namespace

std::span<const Word> partKindWords() {
  return kPartKinds;
}
std::span<const Word> originWords() {
  return kOrigins;
}
std::span<const Word> pointingWords() {
  return kPointings;
}
std::span<const Word> mountPlaceWords() {
  return kPlaces;
}

void describe(Visitor& v, KeptFile& f) {
  v.text({.key = "file", .what = "its name, beside campaign.json", .affects = Affects::Words}, f.file);
  v.text({.key = "sha256", .what = "of its bytes", .affects = Affects::Words, .attachment = true}, f.sha256);
  v.text({.key = "role", .what = "what it shows, where a record has several", .affects = Affects::Words},
         f.role);
  v.unknown(f.unknown);
}

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
  v.number({.key = "scale_min", .what = "least reading on the receiver's own scale", .low = kScaleLow, .high = kScaleHigh, .since = 4}, r.scale_min);
  v.number({.key = "picture_min", .what = "least grade of the picture", .low = kGradeLow, .high = kGradeHigh, .since = 4}, r.picture_min);
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
  v.number({.key = "bandwidth_mhz",
            .what = "occupied bandwidth",
            .unit = Unit::Megahertz,
            .low = 0.0001,
            .high = kFrequencyHigh_mhz,
            .since = 4},
           l.bandwidth_mhz);
  v.number({.key = "eirp_limit_dbm",
            .what = "EIRP allowed at the place, as the pilot entered it",
            .unit = Unit::Dbm,
            .low = kPowerLow_dbm,
            .high = kPowerHigh_dbm,
            .affects = Affects::Words,
            .since = 4},
           l.eirp_limit_dbm);
  v.number({.key = "sensitivity_dbm",
            .what = "sensitivity of the receiver",
            .unit = Unit::Dbm,
            .low = kLevelLow_dbm,
            .high = kLevelHigh_dbm},
           l.sensitivity_dbm);
  v.number({.key = "noise_figure_db", .what = "noise figure of the receiver", .unit = Unit::Decibel, .low = 0, .high = kNoiseFigureHigh_db, .since = 4}, l.noise_figure_db);
  v.number({.key = "needed_snr_db",
            .what = "signal over noise that the receiver needs; with bandwidth and noise figure a sensitivity where none is stated",
            .unit = Unit::Decibel,
            .low = kSnrLow_db,
            .high = kSnrHigh_db,
            .since = 4},
           l.needed_snr_db);
  v.list({.key = "modes", .what = "sensitivity per packet rate or mode"}, l.modes);
  v.object({.key = "rule", .what = "when it counts as usable; all parts given must hold", .always = true},
           l.rule);
  v.flag({.key = "one_scale", .what = "receivers that nobody calibrated show one and the same scale", .since = 4}, l.one_scale);
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
  v.map({.key = "traits", .what = "words that tell what it is", .affects = Affects::Words, .since = 4},
        p.traits);
  v.list({.key = "photos", .what = "pictures of it", .affects = Affects::Words, .since = 4}, p.photos);
  v.unknown(p.unknown);
}

void describe(Visitor& v, Mount& m) {
  v.word({.key = "place", .what = "on the airframe", .affects = Affects::Words, .since = 4}, m.place,
         mountPlaceWords());
  v.number({.key = "azimuth_deg",
            .what = "where its axis points, 0 ahead, clockwise from above",
            .unit = Unit::Degree,
            .low = -360,
            .high = 360,
            .affects = Affects::Words},
           m.azimuth_deg);
  v.number({.key = "elevation_deg",
            .what = "where its axis points above the horizon, 90 up",
            .unit = Unit::Degree,
            .low = -90,
            .high = 90,
            .affects = Affects::Words},
           m.elevation_deg);
  v.flag({.key = "bent", .what = "not as straight as it was made", .affects = Affects::Words}, m.bent);
  v.flag({.key = "inside", .what = "the shell", .affects = Affects::Words}, m.inside);
  v.flag({.key = "covered", .what = "by a sleeve or tape", .affects = Affects::Words}, m.covered);
  v.flag({.key = "near_carbon", .affects = Affects::Words}, m.near_carbon);
  v.flag({.key = "near_battery", .affects = Affects::Words}, m.near_battery);
  v.unknown(m.unknown);
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
  v.flag({.key = "automatic_band",
          .what = "the transmitter chooses its band or channel",
          .affects = Affects::Words,
          .since = 4},
         l.automatic_band);
  v.flag({.key = "automatic_rate",
          .what = "the link chooses its packet rate or bitrate",
          .affects = Affects::Words,
          .since = 4},
         l.automatic_rate);
  v.number({.key = "packet_rate_hz",
            .what = "packets in a second",
            .low = 0.1,
            .high = kModeHigh,
            .affects = Affects::Words,
            .since = 4},
           l.packet_rate_hz);
  v.word({.key = "pointing",
          .what = "how the ground antenna is kept on the aircraft",
          .affects = Affects::Words,
          .since = 4},
         l.pointing, pointingWords());
  v.number({.key = "pointing_error_deg",
            .what = "by how much it points aside",
            .unit = Unit::Degree,
            .low = 0,
            .high = 180,
            .affects = Affects::Words,
            .since = 4},
           l.pointing_error_deg);
  v.object({.key = "mount", .what = "how the aircraft's antenna sits", .affects = Affects::Words, .since = 4},
           l.mount);
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
  v.number({.key = "mast_m",
            .what = "height of its ground antenna, where it is not the station's",
            .unit = Unit::Metre,
            .low = 0,
            .high = kMastHigh_m,
            .affects = Affects::Words,
            .since = 4},
           s.mast_m);
  v.map({.key = "links", .what = "its ends of each link, by the link's id", .refers = "link"}, s.links);
  v.unknown(s.unknown);
}

}  // namespace distanz::campaign
