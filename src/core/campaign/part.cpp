#include "core/campaign/part.h"

#include <algorithm>
#include <iterator>

#include "core/campaign/limits.h"

namespace distanz::campaign {
namespace {

using namespace limits;
using quantity::Unit;

constexpr PartField kFields[] = {
    {PartKind::Antenna, "gain_dbi", "gain", Unit::Dbi, kGainLow_dbi, kGainHigh_dbi, true},
    {PartKind::Antenna, "width_deg", "half-power width", Unit::Degree, 1, 359},
    {PartKind::Antenna, "front_to_back_db", "front to back", Unit::Decibel, 0, 100},
    {PartKind::Antenna, "width2_deg", "half-power width across", Unit::Degree, 1, 359},
    {PartKind::Antenna, "axial_ratio_db", "axial ratio", Unit::Decibel, 0, 60},
    {PartKind::Antenna, "vswr", "VSWR at the channel", Unit::None, 1, 1000},
    {PartKind::Antenna, "tilt_deg", "turned from upright", Unit::Degree, -180, 180},
    {PartKind::Antenna, "bend_deg", "angle between bent arms", Unit::Degree, 1, 180},
    {PartKind::Antenna, "turns", "turns", Unit::None, 0.5, 100},
    {PartKind::Antenna, "pitch_deg", "pitch of the turns", Unit::Degree, 2, 45},
    {PartKind::Antenna, "permittivity", "permittivity of its board", Unit::None, 1, 100},
    {PartKind::Antenna, "low_mhz", "band from", Unit::Megahertz, kFrequencyLow_mhz, kFrequencyHigh_mhz},
    {PartKind::Antenna, "high_mhz", "band to", Unit::Megahertz, kFrequencyLow_mhz, kFrequencyHigh_mhz},
    {PartKind::Antenna, "size_mm", "largest size", Unit::Millimetre, 1, 10000},
    {PartKind::Transmitter, "power_dbm", "transmit power", Unit::Dbm, kPowerLow_dbm, kPowerHigh_dbm, true},
    {PartKind::Receiver, "sensitivity_dbm", "sensitivity", Unit::Dbm, kLevelLow_dbm, kLevelHigh_dbm, true},
    {PartKind::Cable, "loss_db", "loss", Unit::Decibel, 0, kLossHigh_db, true},
    {PartKind::Cable, "stop_db", "attenuation outside the band", Unit::Decibel, 0, 200, true},
    {PartKind::Battery, "capacity_mah", "capacity", Unit::MilliampereHour, 1, kCapacityHigh_mah, true},
};

}  // namespace

std::optional<double> Part::value(const std::string& key) const {
  const auto found = values.find(key);
  return found == values.end() ? std::nullopt : std::optional(found->second.value);
}

std::string Part::trait(const std::string& key) const {
  const auto found = traits.find(key);
  return found == traits.end() ? std::string() : found->second;
}

std::span<const PartField> partFields() {
  return kFields;
}

std::vector<PartField> partFields(PartKind kind) {
  std::vector<PartField> out;
  std::copy_if(std::begin(kFields), std::end(kFields), std::back_inserter(out),
               [&](const PartField& f) { return f.kind == kind; });
  return out;
}

std::vector<PartTrait> partTraits(PartKind kind) {
  if (kind == PartKind::Antenna)
    return {{kind,
             "shape",
             "kind of antenna",
             {"dipole", "bent-dipole", "monopole", "patch", "helix", "yagi", "circular-omni"},
             true},
            {kind, "hand", "polarisation", {"right", "left", "linear"}, true}};
  if (kind == PartKind::Transmitter || kind == PartKind::Receiver)
    return {{kind, "firmware", "firmware", {}, true}};
  return {};
}

const PartField* partField(PartKind kind, const std::string& key) {
  const auto found = std::find_if(std::begin(kFields), std::end(kFields),
                                  [&](const PartField& f) { return f.kind == kind && f.key == key; });
  return found == std::end(kFields) ? nullptr : found;
}

}  // namespace distanz::campaign
