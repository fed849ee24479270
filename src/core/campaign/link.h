#pragma once
#include <optional>
#include <span>
#include <string>
#include <vector>

namespace distanz::campaign {

enum class LinkKind { Control, Video };

/// When the link counts as usable; the parts that are present must all hold.
struct RangeRule {
  std::optional<double> lq_min_pct;        ///< link quality, 0..100
  std::optional<double> margin_db;         ///< above the sensitivity
  std::optional<double> bitrate_min_mbps;  ///< video bitrate
  std::string unknown = {};                ///< as Campaign::unknown
  /// Dips shorter than this do not end the range: seconds at the speed flown, or metres; the longer of the
  /// two counts.
  std::optional<double> gap_s = {}, gap_m = {};
  std::optional<double> scale_min = {};    ///< reading on the receiver's own scale (percent, 0 to 99, bars)
  std::optional<double> picture_min = {};  ///< grade of the picture, 1 (bad) to 5 (excellent)
  bool operator==(const RangeRule&) const = default;
};

/// One part of a rule that a channel of a log is held to. The table of these is the only list there is.
struct UsableLimit {
  std::string_view name;      ///< "quality": as log::ChannelInfo::rule
  std::string_view quantity;  ///< channel behind the link's id
  std::optional<double> RangeRule::*least;
};
std::span<const UsableLimit> usableLimits();

/// What a receiver needs in one packet rate (Hz) or mode (number), as its log names it.
struct ModeSensitivity {
  double mode = 0;
  double sensitivity_dbm = 0;
  std::string unknown = {};
  bool operator==(const ModeSensitivity&) const = default;
};

struct Link {
  std::string id;
  LinkKind kind = LinkKind::Control;
  double frequency_mhz = 2440;
  std::optional<double> bandwidth_mhz = {};   ///< occupied
  std::optional<double> eirp_limit_dbm = {};  ///< that the pilot entered for the place
  std::optional<double> sensitivity_dbm;
  /// Of the receiver, and the signal over noise that it needs: with the bandwidth a way to its sensitivity.
  std::optional<double> noise_figure_db = {}, needed_snr_db = {};
  std::vector<ModeSensitivity>
      modes;  ///< results are told at sensitivity_dbm, or the first mode's where that is not given
  RangeRule rule;
  bool one_scale = false;  ///< receivers of this link that nobody calibrated show one and the same scale
  std::string unknown = {};
  bool operator==(const Link&) const = default;
};

/// The sensitivity that margins are counted from: as stated, of the first mode, or from bandwidth, noise figure and the
/// signal over noise that is needed; none where the pilot gave none of them.
std::optional<double> sensitivityOf(const Link& link);
/// The critical level that can be told from the kit alone: sensitivity + margin.
std::optional<double> criticalFromKit(const Link& link);

}  // namespace distanz::campaign
