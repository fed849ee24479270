#pragma once
#include <map>
#include <optional>
#include <string>

#include "core/campaign/mount.h"

namespace distanz::campaign {

/// How the ground antenna of a link is kept on the aircraft.
enum class Pointing { Unsaid, Fixed, ByHand, Tracked };

/// One setup's ends of one link: ids of parts, empty where nothing is said. Without a transmitter's power
/// nothing is predicted.
struct SetupLink {
  std::string transmitter, tx_cable, tx_antenna;
  std::string receiver, rx_cable, rx_antenna;
  std::string tx_filter = {}, rx_filter = {};
  bool automatic_power =
      false;  ///< the transmitter chooses its power: a log without a power column cannot be compared
  bool automatic_band = false;  ///< it chooses its band or channel
  bool automatic_rate = false;  ///< it chooses its packet rate or bitrate
  std::optional<double> packet_rate_hz = {};
  Pointing pointing = Pointing::Unsaid;
  std::optional<double> pointing_error_deg = {};
  Mount mount = {};
  std::string unknown = {};
  bool operator==(const SetupLink&) const = default;
};

struct Setup {
  std::string id;  ///< unique; the letter shown, for setups made here
  std::string name;
  std::string differs;                          ///< what differs from the other setups, in the pilot's words
  std::map<std::string, SetupLink> links = {};  ///< by link id
  std::string airframe = {}, battery = {};      ///< parts
  std::optional<double> mast_m = {};            ///< height of its ground antenna; none: the station's
  std::string uuid = {};                        ///< as Part::uuid
  std::string unknown = {};
  bool operator==(const Setup&) const = default;
};

}  // namespace distanz::campaign
