#pragma once
#include <optional>
#include <string>

namespace distanz::campaign {

enum class MountPlace { Unsaid, Nose, Tail, Left, Right, Top, Bottom };

/// How the aircraft's antenna of a link sits on the airframe.
struct Mount {
  MountPlace place = MountPlace::Unsaid;
  /// Where its axis points: 0 ahead, clockwise from above; above the horizon, 90 up. None: not said.
  std::optional<double> azimuth_deg = {}, elevation_deg = {};
  bool bent = false;     ///< by hand or housing: not as straight as it was made
  bool inside = false;   ///< the shell
  bool covered = false;  ///< by a sleeve or tape
  bool near_carbon = false, near_battery = false;
  std::string unknown = {};
  bool operator==(const Mount&) const = default;
};

}  // namespace distanz::campaign
