#include "core/campaign/part.h"

#include <algorithm>

#include "core/campaign/limits.h"

namespace distanz::campaign {
namespace {

using namespace limits;
using quantity::Unit;

constexpr PartField kFields[] = {
    {PartKind::Antenna, "gain_dbi", "gain", Unit::Dbi, kGainLow_dbi, kGainHigh_dbi},
    {PartKind::Antenna, "width_deg", "half-power width", Unit::Degree, 1, 359},
    {PartKind::Antenna, "front_to_back_db", "front to back", Unit::Decibel, 0, 100},
    {PartKind::Antenna, "axial_ratio_db", "axial ratio", Unit::Decibel, 0, 60},
    {PartKind::Antenna, "vswr", "VSWR at the channel", Unit::None, 1, 1000},
    {PartKind::Transmitter, "power_dbm", "transmit power", Unit::Dbm, kPowerLow_dbm, kPowerHigh_dbm},
    {PartKind::Receiver, "sensitivity_dbm", "sensitivity", Unit::Dbm, kLevelLow_dbm, kLevelHigh_dbm},
    {PartKind::Cable, "loss_db", "loss", Unit::Decibel, 0, kLossHigh_db},
    {PartKind::Battery, "capacity_mah", "capacity", Unit::MilliampereHour, 1, kCapacityHigh_mah},
};

}  // namespace

std::optional<double> Part::value(const std::string& key) const {
  const auto found = values.find(key);
  return found == values.end() ? std::nullopt : std::optional(found->second.value);
}

std::span<const PartField> partFields() {
  return kFields;
}

const PartField* partField(PartKind kind, const std::string& key) {
  const auto found = std::find_if(std::begin(kFields), std::end(kFields),
                                  [&](const PartField& f) { return f.kind == kind && f.key == key; });
  return found == std::end(kFields) ? nullptr : found;
}

}  // namespace distanz::campaign
