#include "core/campaign/record.h"

#include <algorithm>
#include <map>
#include <string_view>
#include <tuple>

#include "core/campaign/limits.h"

namespace distanz::campaign {
namespace {

using namespace limits;
using enum RecordKind;
using quantity::Unit;

constexpr description::Word kRecordKinds[] = {{"sweep", "what an antenna sends back, over frequency"},
                                              {"inspection", "looked at by eye"},
                                              {"claims", "what is said of an antenna"},
                                              {"power", "of a transmitter, over time"},
                                              {"signal", "a receiver's own scale"},
                                              {"turntable", "signal against angle"},
                                              {"attenuator", "what one stands for"},
                                              {"trim", "frequency offsets at which the link fails"},
                                              {"polarisation", "of two antennas, and pointing"},
                                              {"spectrum", "traces"},
                                              {"interference", "emitters against receivers"},
                                              {"noise", "noise floor, emitters switched on in turn"},
                                              {"ground", "ground check: counters before and after"},
                                              {"walk", "distances reached at reduced power"},
                                              {"swap", "a part on, off, on, off"},
                                              {"stations", "levels read with both ends at fixed places"}};

constexpr bool kSetting = false, kReading = true;
constexpr double kCount = 1e12, kAnything = 1e9, kTimeHigh_s = 1e6;

constexpr RecordField kRecordFields[] = {
    {Sweep, kSetting, "reference_ohm", "told for a reference of so many ohms", Unit::None, 1, 1000},
    {Sweep, kSetting, "vswr_limit", "VSWR that a band is told for", Unit::None, 1.01, 100},

    {Claims, kSetting, "gain_dbi", "gain", Unit::Dbi, kGainLow_dbi, kGainHigh_dbi},
    {Claims, kSetting, "width_deg", "half-power width in height", Unit::Degree, 1, 359},
    {Claims, kSetting, "width2_deg", "half-power width across", Unit::Degree, 1, 359},
    {Claims, kSetting, "vswr", "VSWR at most", Unit::None, 1, 100},
    {Claims, kSetting, "low_mhz", "band from", Unit::Megahertz, kFrequencyLow_mhz, kFrequencyHigh_mhz},
    {Claims, kSetting, "high_mhz", "band to", Unit::Megahertz, kFrequencyLow_mhz, kFrequencyHigh_mhz},
    {Claims, kSetting, "axial_ratio_db", "axial ratio", Unit::Decibel, 0, 60},
    {Claims, kSetting, "front_to_back_db", "front to back", Unit::Decibel, 0, 100},
    {Claims, kSetting, "size_mm", "largest size", Unit::Millimetre, 1, 10000},
    {Claims, kSetting, "turns", "turns of a helix", Unit::None, 0.5, 100},

    {Power, kSetting, "nominal_dbm", "nominal power", Unit::Dbm, kPowerLow_dbm, kPowerHigh_dbm},
    {Power, kSetting, "attenuator_db", "attenuator before the meter", Unit::Decibel, 0, 120},
    {Power, kSetting, "cable_db", "cable before the meter", Unit::Decibel, 0, kLossHigh_db},
    {Power, kReading, "time_s", "time", Unit::Second, 0, kTimeHigh_s, true},
    {Power, kReading, "power_dbm", "power read", Unit::Dbm, -150, kPowerHigh_dbm, true},
    {Power, kReading, "temperature_c", "temperature", Unit::Celsius, -100, 300},
    {Power, kReading, "supply_v", "supply", Unit::Volt, 0, 100},
    {Power, kReading, "idle", "1 before arming", Unit::None, 0, 1},

    {Signal, kSetting, "source_dbm", "level without the attenuator", Unit::Dbm, -200, kPowerHigh_dbm},
    {Signal, kReading, "attenuation_db", "attenuation", Unit::Decibel, 0, 200, true},
    {Signal, kReading, "value", "reading", Unit::None, -kAnything, kAnything, true},

    {Turntable, kSetting, "reference_gain_dbi", "gain of the reference antenna", Unit::Dbi, kGainLow_dbi,
     kGainHigh_dbi},
    {Turntable, kSetting, "reference_level_db", "level with the reference antenna", Unit::Dbm, -200, 200},
    {Turntable, kSetting, "per_db", "reading changes by, per dB", Unit::None, -kAnything, kAnything},
    {Turntable, kSetting, "spare_db", "loss that is still usable", Unit::Decibel, 0, 100},
    {Turntable, kSetting, "wanted_m", "range that is enough", Unit::Metre, 0.1, kPathHigh_m},
    {Turntable, kSetting, "distance_m", "distance between the antennas", Unit::Metre, 0.1, 10000},
    {Turntable, kReading, "angle_deg", "angle", Unit::Degree, -3600, 3600, true},
    {Turntable, kReading, "level_db", "level", Unit::Dbm, -200, 200, true},
    {Turntable, kReading, "value", "reading on the receiver's own scale", Unit::None, -kAnything, kAnything},

    {Attenuator, kSetting, "attenuation_db", "attenuation", Unit::Decibel, 0, 200},
    {Attenuator, kSetting, "distance_m", "distance reached behind it", Unit::Metre, 0.1, kPathHigh_m},
    {Attenuator, kSetting, "wanted_m", "range wanted", Unit::Metre, 0.1, kPathHigh_m},
    {Attenuator, kSetting, "space_m", "space there is", Unit::Metre, 0.1, kPathHigh_m},
    {Attenuator, kSetting, "exponent", "path-loss exponent", Unit::None, kExponentLow, kExponentHigh},

    {Trim, kReading, "low_khz", "fails below", Unit::Kilohertz, -1e6, 1e6, true},
    {Trim, kReading, "high_khz", "fails above", Unit::Kilohertz, -1e6, 1e6, true},

    {Polarisation, kSetting, "axial_ratio_a_db", "axial ratio of the first", Unit::Decibel, 0, 60},
    {Polarisation, kSetting, "axial_ratio_b_db", "axial ratio of the second", Unit::Decibel, 0, 60},
    {Polarisation, kSetting, "tilt_deg", "turned against each other by", Unit::Degree, -180, 180},
    {Polarisation, kSetting, "bounced_pct", "share of the power that has bounced", Unit::Percent, 0, 100},
    {Polarisation, kSetting, "pointing_error_deg", "pointing error", Unit::Degree, 0, 180},

    {Spectrum, kSetting, "low_mhz", "band from", Unit::Megahertz, 0, kFrequencyHigh_mhz},
    {Spectrum, kSetting, "high_mhz", "band to", Unit::Megahertz, 0, kFrequencyHigh_mhz},
    {Spectrum, kSetting, "rbw_khz", "resolution bandwidth", Unit::Kilohertz, 0.001, 1e6},
    {Spectrum, kSetting, "above_db", "above the floor counts as used", Unit::Decibel, 0.1, 100},

    {Interference, kSetting, "apart_m", "antennas aboard are apart by", Unit::Metre, 0.001, kPathHigh_m},
    {Interference, kSetting, "station_apart_m", "antennas at the station are apart by", Unit::Metre, 0.001,
     kPathHigh_m},
    {Interference, kSetting, "filter_db", "filter before the receivers", Unit::Decibel, 0, 200},
    {Interference, kSetting, "tx_filter_db", "filter behind the transmitters", Unit::Decibel, 0, 200},
    {Interference, kReading, "frequency_mhz", "frequency", Unit::Megahertz, kFrequencyLow_mhz,
     kFrequencyHigh_mhz, true},
    {Interference, kReading, "bandwidth_mhz", "bandwidth", Unit::Megahertz, 0, kFrequencyHigh_mhz},
    {Interference, kReading, "power_dbm", "power of what sends", Unit::Dbm, kPowerLow_dbm, kPowerHigh_dbm},
    {Interference, kReading, "tolerates_dbm", "level that what listens tolerates", Unit::Dbm, kLevelLow_dbm,
     kLevelHigh_dbm},
    {Interference, kReading, "blocks_dbm", "level beside its band that blocks it", Unit::Dbm, kLevelLow_dbm,
     kPowerHigh_dbm},
    {Interference, kReading, "noise_dbc_hz", "noise of what sends, per hertz, against its carrier", Unit::Decibel, -200, 0},
    {Interference, kReading, "at_station", "1 at the station", Unit::None, 0, 1},

    {Noise, kSetting, "distance_m", "distance to the emitters", Unit::Metre, 0.001, kPathHigh_m},
    {Noise, kSetting, "filter_db", "filter in between", Unit::Decibel, 0, 200},
    {Noise, kReading, "level_dbm", "noise floor", Unit::Dbm, -200, kPowerHigh_dbm, true},

    {Ground, kSetting, "distance_m", "distance", Unit::Metre, 0.1, kPathHigh_m},
    {Ground, kSetting, "paces", "or so many paces", Unit::None, 1, 100000},
    {Ground, kSetting, "pace_m", "length of a pace", Unit::Metre, 0.1, 5},
    {Ground, kSetting, "reduced_db", "power below full", Unit::Decibel, 0, kReducedHigh_db},
    {Ground, kSetting, "duration_s", "duration", Unit::Second, 1, kTimeHigh_s},
    {Ground, kSetting, "most_lost_per_min", "lost frames a minute allowed", Unit::None, 0, kCount},
    {Ground, kSetting, "most_holds", "holds allowed", Unit::None, 0, kCount},
    {Ground, kSetting, "least_received_pct", "least share received", Unit::Percent, 0, 100},
    {Ground, kSetting, "most_fades_per_min", "fades of an antenna a minute allowed", Unit::None, 0, kCount},
    {Ground, kReading, "fades_1", "fades of antenna 1", Unit::None, 0, kCount},
    {Ground, kReading, "fades_2", "fades of antenna 2", Unit::None, 0, kCount},
    {Ground, kReading, "fades_3", "fades of antenna 3", Unit::None, 0, kCount},
    {Ground, kReading, "fades_4", "fades of antenna 4", Unit::None, 0, kCount},
    {Ground, kReading, "lost_frames", "lost frames", Unit::None, 0, kCount},
    {Ground, kReading, "holds", "holds", Unit::None, 0, kCount},
    {Ground, kReading, "received_pct", "share received", Unit::Percent, 0, 100},

    {Walk, kSetting, "reduced_db", "power below full", Unit::Decibel, 0, 200},
    {Walk, kSetting, "exponent", "path-loss exponent", Unit::None, kExponentLow, kExponentHigh},
    {Walk, kReading, "distance_m", "distance reached", Unit::Metre, 0.1, kPathHigh_m, true},
    {Walk, kReading, "change", "number of the change, where several follow each other", Unit::None, 1, 1000},

    {Swap, kReading, "value", "reading", Unit::None, -kAnything, kAnything, true},

    {Stations, kSetting, "limit_dbm", "level that is still enough", Unit::Dbm, kLevelLow_dbm, kLevelHigh_dbm},
    {Stations, kReading, "distance_m", "distance", Unit::Metre, 0.1, kPathHigh_m, true},
    {Stations, kReading, "level_dbm", "level", Unit::Dbm, -200, kPowerHigh_dbm, true},
    {Stations, kReading, "height_a_m", "height of one antenna above ground", Unit::Metre, 0, kHeightHigh_m},
    {Stations, kReading, "height_b_m", "height of the other antenna above ground", Unit::Metre, 0, kHeightHigh_m},
};

const std::vector<const char*> kYesNo = {"yes", "no"}, kHands = {"right", "left", "linear"};

template <class Map>
auto found(const Map& map, const std::string& key) {
  const auto at = map.find(key);
  return at == map.end() ? std::nullopt : std::optional(at->second);
}

}  // namespace

std::span<const description::Word> recordKindWords() {
  return kRecordKinds;
}

std::string recordKindWord(RecordKind kind) {
  return kRecordKinds[static_cast<std::size_t>(kind)].word;
}

std::optional<RecordKind> recordKindFromWord(const std::string& word) {
  for (std::size_t i = 0; i < std::size(kRecordKinds); ++i)
    if (word == kRecordKinds[i].word) return static_cast<RecordKind>(i);
  return std::nullopt;
}

std::optional<double> Reading::value(const std::string& key) const {
  return found(values, key);
}

std::optional<double> Record::setting(const std::string& key) const {
  return found(settings, key);
}

std::string Record::answer(const std::string& key) const {
  return found(answers, key).value_or(std::string());
}

std::span<const RecordField> recordFields() {
  return kRecordFields;
}

std::vector<RecordField> recordFields(RecordKind kind, bool reading) {
  std::vector<RecordField> out;
  std::copy_if(std::begin(kRecordFields), std::end(kRecordFields), std::back_inserter(out),
               [&](const RecordField& f) { return f.kind == kind && f.reading == reading; });
  return out;
}

TypedAs typedAs(const RecordField& field) {
  return typedAs(field.key, field.unit);
}

TypedAs typedAs(std::string_view key, Unit unit) {
  using quantity::Dimension;
  using quantity::Kind;
  const auto of = [&](Kind kind) { return TypedAs{kind, quantity::canonicalUnit(kind), unit}; };
  switch (quantity::infoOf(unit).dimension) {
    case Dimension::Length:
      return of(Kind::Length);
    case Dimension::Level:
      return of(key.starts_with("power") || key.starts_with("nominal") ? Kind::Power : Kind::Level);
    case Dimension::Gain:
      return of(Kind::Gain);
    case Dimension::Ratio:
      return of(Kind::Loss);
    case Dimension::Frequency:
      return of(Kind::Frequency);
    case Dimension::Percent:
      return of(Kind::Percent);
    case Dimension::Angle:
      return of(Kind::Angle);
    case Dimension::Speed:
      return of(Kind::Speed);
    case Dimension::Charge:
      return of(Kind::Charge);
    case Dimension::Time:
      return of(Kind::Time);
    default:
      return {Kind::Number, unit, std::nullopt};
  }
}

const RecordField* recordField(RecordKind kind, bool reading, const std::string& key) {
  using Name = std::tuple<RecordKind, bool, std::string_view>;
  static const auto by_name = [] {  // asked for each number of each reading of a record
    std::map<Name, const RecordField*> out;
    for (const RecordField& f : kRecordFields) out.emplace(Name(f.kind, f.reading, f.key), &f);
    return out;
  }();
  const auto at = by_name.find(Name(kind, reading, key));
  return at == by_name.end() ? nullptr : at->second;
}

std::vector<RecordAnswer> recordAnswers(RecordKind kind) {
  if (kind == Inspection)
    return {{Inspection, "lobes_alike", "all lobes alike", kYesNo},
            {Inspection, "elements_joined", "every element joined", kYesNo},
            {Inspection, "gaps_equal", "gaps equal", kYesNo},
            {Inspection, "connector_straight", "connector straight", kYesNo},
            {Inspection, "connector_tight", "connector tight", kYesNo},
            {Inspection, "right_gender", "connector of the right gender", kYesNo},
            {Inspection, "right_hand", "of the right hand", kYesNo},
            {Inspection, "cover_sound", "cover whole and dry", kYesNo}};
  if (kind == Turntable) return {{Turntable, "reference_linear", "the other end is linearly polarised", kYesNo}};
  if (kind == Polarisation)
    return {{Polarisation, "hand_a", "hand of the first", kHands},
            {Polarisation, "hand_b", "hand of the second", kHands}};
  if (kind == Claims)
    return {{Claims, "around", "radiates alike all around", kYesNo},
            {Claims, "hand", "polarisation", kHands}};
  if (kind == Trim) return {{Trim, "low_power_left", "low-power mode left again", kYesNo}};
  if (kind == Signal || kind == Swap)
    return {{kind, "scale", "what is read", {"dB", "dBm", "percent", "bars", "volts"}}};
  return {};
}

std::vector<std::string> readingLabels(RecordKind kind) {
  if (kind == Swap) return {"on", "off"};
  if (kind == Walk || kind == Ground) return {"before", "after"};
  return {};
}

std::vector<std::string> fileRoles(RecordKind kind) {
  if (kind == Sweep) return {"", "bare", "covered", "before", "after", "free", "held"};
  if (kind == Spectrum) return {"", "idle", "armed"};
  if (kind == Inspection) return {"picture"};
  return {};
}

}  // namespace distanz::campaign
