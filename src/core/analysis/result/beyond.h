#pragma once
#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/estimate/comparison.h"
#include "core/log/passes.h"
#include "core/quantity/unit.h"

/// What logs tell beside how far each setup carries. Nothing here enters a range.
namespace distanz::analysis {

/// What a figure of passes is in, and what two of them differ by.
constexpr quantity::Unit unitOf(log::PassFigure figure) {
  return figure == log::PassFigure::Signal  ? quantity::Unit::Dbm
         : figure == log::PassFigure::Scale ? quantity::Unit::None
                                            : quantity::Unit::MegabitPerSecond;
}
constexpr quantity::Unit differenceUnitOf(log::PassFigure figure) {
  return figure == log::PassFigure::Signal ? quantity::Unit::Decibel : unitOf(figure);
}

struct SegmentPassSeen {
  std::string run;
  int lap = 1;
  bool out = true;
  log::PassSeen seen;
};

/// A setup on one named stretch.
struct SegmentOnLink {
  std::string setup, link, path, segment;
  double from_m = 0, to_m = 0;                     ///< along the path
  log::PassFigure figure = log::PassFigure::Signal;     ///< that the link is told in on named stretches
  std::optional<estimate::Interval> mean = {};          ///< of a new flight's passes, in that figure's unit
  std::optional<estimate::Interval> usable_pct = {};    ///< of the time in it
  std::optional<double> worst = {};                     ///< worst second of all passes
  std::optional<double> dropouts = {};                  ///< per pass
  int flights = 0;
  std::vector<SegmentPassSeen> passes = {};
};

/// Two setups on one named stretch.
struct SegmentPair {
  std::string a, b, link, path, segment;
  log::PassFigure figure = log::PassFigure::Signal;
  estimate::Interval delta;  ///< a less b, in that figure's unit; of signals in dB
  estimate::Verdict verdict = estimate::Verdict::Undecided;
  double p_value = 1, level = 0.05;
  bool holds_for_all = true;  ///< when all stretches and pairs are claimed at once
  bool spread_assumed = false;
  int more_pairs = 0;
};

/// How signal depends on the side of the aircraft that faced the station, and on where off its direction to the far post
/// the ground antenna had it.
struct SidesOnLink {
  std::string setup, link;
  std::vector<std::optional<estimate::Interval>> side_db = {}, bearing_db = {};  ///< by sector, see log::sectorOf()
  int sides_seen = 0, bearings_seen = 0;
  int flights = 0;
  bool by_heading = false;         ///< else the way over ground stood for it in some
  std::optional<double> turn_db = {};   ///< signal in the turn less that beside it
  std::optional<double> explained_db = {};  ///< as much of it as the sides seen in the turn account for
};

/// Where packet rate, mode or band first changed on the way out.
struct StepsOnLink {
  std::string setup, link, channel;
  std::optional<double> power_mw = {};  ///< of these flights, where logs or kit tell it
  int flights = 0, stepped = 0;
  std::optional<estimate::Interval> first_m = {};  ///< usual distance; only where more than half changed
  std::optional<double> at_least_m = {};           ///< else every flight got so far without
  double at_least_confidence = 0;
  double farthest_m = 0;
  std::map<double, double> share = {};  ///< of the time, by value
};

struct FreezesPer100m {
  double from_m = 0, flown_m = 0;
  int freezes = 0;
  /// Per 100 m flown there; 0 where nobody flew.
  double rate() const { return flown_m > 0 ? freezes / (flown_m / 100) : 0; }
};

/// Pictures that stood still.
struct FreezesOnLink {
  std::string setup, link;
  int flights = 0, freezes = 0;
  double flown_m = 0;
  std::optional<estimate::Interval> per_km = {};
  std::vector<FreezesPer100m> stretches = {};
  std::optional<double> lost_m = {}, regained_m = {};  ///< medians over freezes on the way out
  double longest_s = 0;
  /// Distance flown from one to the next, longer the rarer: per_km turned over. Without any freeze no estimate, and the
  /// least that it surely is.
  estimate::Interval every_m() const;
};

/// A link that lived on while the picture stood still.
struct LivedOn {
  std::string run, picture_link, link;
  double frozen_at_m = 0, alive_to_m = 0;
};

/// A limit built into the equipment, not the radio.
struct Cap {
  std::string link;
  double at_m = 0, along_m = 0;  ///< from the station, along the path
  std::vector<std::string> runs = {}, setups = {};
  double signal_dbm = NAN, critical_dbm = NAN;  ///< lowest there; below it the rule would fail
};

struct Beyond {
  std::vector<SegmentOnLink> segments;
  std::vector<SegmentPair> segment_pairs;
  std::vector<SidesOnLink> sides;
  std::vector<StepsOnLink> steps;
  std::vector<FreezesOnLink> freezes;
  std::vector<LivedOn> lived_on;
  std::vector<Cap> caps;
};

}  // namespace distanz::analysis
