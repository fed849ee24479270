#pragma once
#include "core/campaign/campaign.h"
#include "core/quantity/error.h"

namespace distanz::campaign {

/// Everything that contradicts itself or lies outside what the arithmetic can take: duplicate or missing ids, coordinates off
/// the globe, frequencies, levels and rules out of bounds. Empty for a campaign that can be kept and analysed.
/// A campaign still being filled in (no path, no power) is valid.
std::vector<Problem> validate(const Campaign& campaign);
/// @throws InputError with the first of them
void requireValid(const Campaign& campaign);

/// Limits a typed value must keep to, shared by the fields and validate(). Canonical units.
namespace limits {
constexpr double kFrequencyLow_mhz = 1, kFrequencyHigh_mhz = 300000;
constexpr double kLevelLow_dbm = -174, kLevelHigh_dbm = 30;
constexpr double kPowerLow_dbm = -60, kPowerHigh_dbm = 60;
constexpr double kGainLow_dbi = -40, kGainHigh_dbi = 60;
constexpr double kLossHigh_db = 60;
constexpr double kHeightLow_m = -500, kHeightHigh_m = 20000;
constexpr double kPathHigh_m = 500000;
constexpr double kPostLow_m = 1;
constexpr double kExponentLow = 1, kExponentHigh = 8;
constexpr double kBitrateHigh_mbps = 10000;
constexpr double kMarginHigh_db = 100;
constexpr double kReducedHigh_db = 100;
constexpr double kModeHigh = 1e9;            ///< of a mode typed: a packet rate in Hz, or a number
constexpr std::size_t kLongestId = 200;      ///< bytes
constexpr std::size_t kMostItems = 100'000;  ///< of links, setups, runs or path points
}  // namespace limits

}  // namespace distanz::campaign
