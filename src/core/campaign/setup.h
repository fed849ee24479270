#pragma once
#include <map>
#include <string>

namespace distanz::campaign {

/// One setup's ends of one link: ids of parts, empty where nothing is said. Without a transmitter's power
/// nothing is predicted.
struct SetupLink {
  std::string transmitter, tx_cable, tx_antenna;
  std::string receiver, rx_cable, rx_antenna;
  std::string tx_filter = {}, rx_filter = {};
  bool automatic_power =
      false;  ///< the transmitter chooses its power: a log without a power column cannot be compared
  std::string unknown = {};
  bool operator==(const SetupLink&) const = default;
};

struct Setup {
  std::string id;  ///< unique; the letter shown, for setups made here
  std::string name;
  std::string differs;                          ///< what differs from the other setups, in the pilot's words
  std::map<std::string, SetupLink> links = {};  ///< by link id
  std::string airframe = {}, battery = {};      ///< parts
  std::string uuid = {};                        ///< as Part::uuid
  std::string unknown = {};
  bool operator==(const Setup&) const = default;
};

}  // namespace distanz::campaign
