#pragma once
#include <string>
#include <string_view>
#include <vector>

namespace distanz::log {

/// One column of samples in its channel's canonical unit; NaN where the log had nothing.
struct Column {
  std::string channel;  ///< "distance_m", "lat_deg", "control.rssi_dbm", ...
  std::vector<double> values;
  bool operator==(const Column& other) const;  ///< NaN equals NaN
};

/// What every source of samples becomes: files, simulation, later live telemetry.
struct Recording {
  std::vector<double> time_s;   ///< from the log's first row, not decreasing
  std::vector<Column> columns;  ///< each as long as time_s
  std::string started;  ///< local date and time at time 0, "2026-11-24 06:31:02", where the log told
  bool operator==(const Recording& other) const;

  const std::vector<double>* find(std::string_view channel) const;
  std::size_t rows() const { return time_s.size(); }
  /// Adds another's rows after these; a channel that only one of them has is NaN in the other's rows. @param
  /// later times not before the last one here
  void append(const Recording& later);
};

/// A channel of one link, e.g. linkChannel("control", "rssi_dbm") = "control.rssi_dbm".
std::string linkChannel(std::string_view link, std::string_view quantity);

/// Names the channels know, without the link's prefix.
namespace channel {
constexpr std::string_view kDistance = "distance_m", kLatitude = "lat_deg", kLongitude = "lon_deg";
constexpr std::string_view kSlant = "slant_m", kAlong = "along_m", kTravelled = "travelled_m";
constexpr std::string_view kRssi = "rssi_dbm", kQuality = "lq_pct", kLevel = "level", kBitrate = "bitrate_mbps",
                           kPower = "power_mw";
constexpr std::string_view kMode = "mode", kRate = "rate_hz", kFrequency = "frequency_mhz";
constexpr std::string_view kHeight = "height_m", kAltitude = "altitude_msl_m", kSpeed = "speed_mps", kPost = "post";
constexpr std::string_view kFrames = "frames";
}  // namespace channel

}  // namespace distanz::log
