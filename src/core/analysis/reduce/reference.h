#pragma once
#include <cmath>
#include <optional>
#include <string>
#include <vector>

#include "core/campaign/campaign.h"
#include "core/log/recording.h"

namespace distanz::analysis {

constexpr double kHoldPower_s = 3;          ///< a power reported now and then holds this long
constexpr double kPowerTolerance_db = 0.5;  ///< closer to the kit's figure than this is the kit's figure
constexpr double kModeHeld_s = 5;           ///< a mode seen for less is a hop, not where the link lived

/// Transmit power as one log tells it.
struct PowerUse {
  bool recorded = false, changed = false;
  bool kit_known = false;  ///< the kit says which power is meant
  double low_dbm = 0, high_dbm = 0;
  double reference_dbm = 0;   ///< power the signal is referred to: the kit's, else the highest: an automatic
                              ///< one ends there far out
  double referred_share = 0;  ///< rows that were shifted
  double unknown_share = 0;   ///< rows left out because their power is not known
};

/// Packet rate or mode as one log tells it.
struct ModeUse {
  bool recorded = false;
  std::vector<double> held;          ///< modes that lasted, rising
  bool without_sensitivity = false;  ///< one of them is not in the kit
  double offset_db =
      0;  ///< what the most sensitive mode held needs less (positive) than the link's own sensitivity
};

/// What has to be added to the readings of one run on one link before runs can be put beside each other.
struct Reference {
  std::vector<double>
      signal_db;  ///< per row, for the signal model; NaN: the row's power is not known. Empty: nothing
  std::vector<double>
      quality_db;  ///< per row, for levels held against quality: its own mode only. Empty: nothing
  PowerUse power;
  ModeUse mode;
  double reduced_db = 0;
  bool power_unknown = false;  ///< automatic power and no power in the log
};

/// The power of a row, held for a while where the log reports it now and then.
class HeldPower {
 public:
  /// @param power_mw of the row; NaN where it tells none
  void take(double time_s, double power_mw);
  double last_dbm() const { return m_dbm; }
  /// NaN where unknown.
  double at(double time_s) const;

 private:
  double m_dbm = NAN, m_since_s = 0;
};

/// Packet rate or mode of a link, row by row; null where the log tells neither.
const std::vector<double>* modeColumn(const log::Recording& recording, const std::string& link);

/// @param run of the campaign @param recording of that run
Reference referenceOf(const campaign::Campaign& campaign, const campaign::Run& run,
                      const campaign::Link& link, const log::Recording& recording);

}  // namespace distanz::analysis
