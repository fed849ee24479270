#pragma once
#include <cstddef>

#include "core/limits/reading.h"

/// Limits that stored and typed values keep to, canonical units.
namespace distanz::campaign::limits {

constexpr double kNoiseFigureHigh_db = 50, kSnrLow_db = -40, kSnrHigh_db = 60;
constexpr double kFrequencyLow_mhz = 1, kFrequencyHigh_mhz = 300000;
constexpr double kLevelLow_dbm = -174, kLevelHigh_dbm = 30;
constexpr double kPowerLow_dbm = -60, kPowerHigh_dbm = 60;
constexpr double kGainLow_dbi = -40, kGainHigh_dbi = 60;
constexpr double kLossHigh_db = 60;
constexpr double kHeightLow_m = -500, kHeightHigh_m = 20000;
constexpr double kMastHigh_m = 1000;
constexpr double kPathHigh_m = 500000;
constexpr double kPostLow_m = 1;
constexpr double kExponentLow = 1, kExponentHigh = 8;
constexpr double kQualityLow_pct = 0.001,
                 kQualityHigh_pct = 99.999;  ///< of a rule: 0 and 100 would never, or always, fail
constexpr double kScaleLow = -1e6, kScaleHigh = 1e6;
constexpr double kGradeLow = 1, kGradeHigh = 5;
constexpr double kBitrateLow_mbps = 0.001, kBitrateHigh_mbps = 10000;
constexpr double kMarginHigh_db = 100;
constexpr double kReducedLow_db = 0.001, kReducedHigh_db = 100;
constexpr double kModeHigh = 1e9;  ///< of a mode typed: a packet rate in Hz, or a number
constexpr double kClockHigh_s = 1e9, kDriftHigh_ppm = 5e5;
constexpr double kCapacityHigh_mah = 1e6;
constexpr double kOrderHigh = 1e6;
constexpr double kPairsHigh = 100;
constexpr double kSpeedLow_mps = 0.1, kSpeedHigh_mps = 200;
constexpr double kUseLow_mah_km = 0.1, kUseHigh_mah_km = 100000;
constexpr double kDifferenceLow_pct = 1, kDifferenceHigh_pct = 500;
constexpr double kFlightSdLow_db = 0.1, kFlightSdHigh_db = 30;
constexpr double kSeedHigh = 1e9, kDay_s = 86400, kSwapHigh_min = 600, kBatteriesHigh = 1000;
constexpr double kEarthFactorLow = 0.3, kEarthFactorHigh = 100, kRoughHigh_m = 100;
constexpr double kHeightHigh_pct = 1000;
constexpr double kRainHigh_mm_h = 300, kCloudHigh_g_m3 = 10;
constexpr double kGapHigh_s = 600, kGapHigh_m = 10'000;
constexpr std::size_t kLongestId = 200;        ///< bytes
using distanz::limits::kMostReadings, distanz::limits::kMostFiles, distanz::limits::kMostItems;

}  // namespace distanz::campaign::limits
