#pragma once
#include <optional>
#include <vector>

#include "core/log/track.h"

namespace distanz::log {

constexpr int kSectors = 24;  ///< of 15 degrees
constexpr double kSector_deg = 360.0 / kSectors;

/// Where each row's aircraft had the station, and where the station had the aircraft.
struct Sides {
  /// Towards the station as the aircraft sees it: 0 ahead, 90 to its right, 180 behind, 0..360. NaN where unknown.
  std::vector<double> station_deg;
  /// Of the aircraft as the station sees it, clockwise from its direction to the far post, 0..360. NaN where unknown.
  std::vector<double> bearing_deg;
  bool by_heading = false;  ///< the log told the heading; else the way over ground stands for it
  bool by_attitude = false;  ///< and roll and pitch
};

/// None for a log without positions on a path. The way over ground is that of kWay_s, where it moved on; where the log
/// tells roll and pitch, the direction to the station is turned into the aircraft's own axes.
std::optional<Sides> sidesOf(const Recording& recording, const Track& track, const course::Course& course);

/// Mean signal of one side, at one distance, as the ground antenna saw it.
struct SideCell {
  int place = 0;    ///< floor(distance / 40 m)
  int side = 0;     ///< sector of station_deg, centred on its angle
  int bearing = 0;  ///< sector of bearing_deg
  double mean_dbm = 0;
  int samples = 0;
};
int sectorOf(double deg);
std::vector<SideCell> sideCells(const Sides& sides, const std::vector<double>& distance_m, const std::vector<double>& signal_dbm);

}  // namespace distanz::log
