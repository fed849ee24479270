#pragma once
#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/course/course.h"
#include "core/radio/budget.h"

/// The campaign as the pilot describes it: plain values, no computation. Samples live elsewhere (core/log).
namespace distanz::campaign {

enum class LinkKind { Control, Video };

/// When the link counts as usable; the parts that are present must all hold.
struct RangeRule {
  std::optional<double> lq_min_pct;        ///< link quality, 0..100
  std::optional<double> margin_db;         ///< above the sensitivity
  std::optional<double> bitrate_min_mbps;  ///< video bitrate
  std::string unknown = {};                ///< as Campaign::unknown
  bool operator==(const RangeRule&) const = default;
};

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
  std::optional<double> sensitivity_dbm;
  std::vector<ModeSensitivity> modes;  ///< results are told at sensitivity_dbm, or at the first mode's where that is not given
  RangeRule rule;
  std::string unknown = {};
  bool operator==(const Link&) const = default;
};

/// One setup's ends of one link. No power: the pilot has not said, so nothing is predicted.
struct SetupLink {
  std::optional<double> power_dbm;
  double tx_gain_dbi = 0, rx_gain_dbi = 0, tx_loss_db = 0, rx_loss_db = 0;
  bool automatic_power = false;  ///< the transmitter chooses its power: a log without a power column cannot be compared
  std::string unknown = {};
  std::optional<radio::LinkEnds> ends() const;
  bool operator==(const SetupLink&) const = default;
};

struct Setup {
  std::string id;  ///< unique; the letter shown, for setups made here
  std::string name;
  std::string differs;                     ///< what differs from the other setups, in the pilot's words
  std::map<std::string, SetupLink> links;  ///< by link id
  std::string unknown = {};
  bool operator==(const Setup&) const = default;
};

/// Why a run ended.
enum class Ended { Unknown, LinkLost, QualityLimit, TurnedBack, Battery, Limit, Obstacle, Aircraft, EquipmentCap };

/// Which part of a flight counts: banking, airframe and antenna may favour one way.
enum class Legs { Both, Out, Back };

struct Run {
  std::string id;
  std::string setup;       ///< id of a setup
  std::string log;         ///< name of the original log
  std::string log_sha256;  ///< of its bytes, hexadecimal; empty before import
  int order = 0;           ///< in the session, from 1; 0 unknown
  std::string flight;      ///< runs with the same flight were recorded at the same time
  Ended ended = Ended::Unknown;
  std::string notes;
  std::string void_reason;  ///< not empty: kept but not counted
  Legs legs = Legs::Both;
  std::map<std::string, double> reduced_db;        ///< by link id: power below the setup's own (range check, attenuator), > 0
  std::optional<double> turn_begin_s, turn_end_s;  ///< the turn as moved by hand
  std::map<std::string, std::string> columns;      ///< channel -> column of the log where the pilot corrected the match
  std::string unknown = {};
  bool operator==(const Run&) const = default;
};

struct Station {
  course::Position position;
  double ground_m = 0;          ///< above mean sea level
  double antenna_height_m = 2;  ///< above ground
  std::string unknown = {};
  bool operator==(const Station&) const = default;
};

struct PathPoint {
  course::Position position;
  double height_m = 60;  ///< above the station's ground
  std::string unknown = {};
  bool operator==(const PathPoint&) const = default;
};

struct Campaign {
  std::string title;
  Station station;
  std::vector<PathPoint> path;  ///< outward; empty before it is planned
  double post_spacing_m = 250;
  double plan_exponent = 2;  ///< path-loss exponent used for prediction
  std::vector<Link> links;
  std::vector<Setup> setups;
  std::vector<Run> runs;
  std::string unknown = {};  ///< keys of the interchange form that this version does not know: a JSON object, or empty
  bool operator==(const Campaign&) const = default;
};

/// Station to far post, or nothing where no path is planned yet or its points are not usable.
std::optional<course::Course> courseOf(const Campaign& campaign);

/// Letter drawn for a setup: its id where that is one character, else by its place in the list (A, B, ... Z, then digits).
std::string letterOf(const Campaign& campaign, std::size_t setup);
/// First letter no setup uses yet.
std::string freeSetupId(const Campaign& campaign);
/// Id for a new run of a setup: "A1", "A2", ...
std::string freeRunId(const Campaign& campaign, const std::string& setup);

const Setup* findSetup(const Campaign& campaign, const std::string& id);
const Link* findLink(const Campaign& campaign, const std::string& id);
Run* findRun(Campaign& campaign, const std::string& id);
const Run* findRun(const Campaign& campaign, const std::string& id);

/// The sensitivity that margins are counted from; none where the pilot gave none.
std::optional<double> sensitivityOf(const Link& link);
/// The critical level that can be told from the kit alone: sensitivity + margin.
std::optional<double> criticalFromKit(const Link& link);

/// Place in the session for a run flown after all others.
int nextOrder(const Campaign& campaign);
/// The run whose log has these bytes, among the campaign's and those about to be added; null where it is new.
const Run* runOfLog(const Campaign& campaign, const std::vector<Run>& fresh, const std::string& log_sha256);

/// Makes the leg a variable: the setup keeps the way out of its runs, and a new one beside it gets the way back of the same flights, so
/// that the two are compared within each flight. @throws DomainError for a setup that does not exist
Campaign splitByLeg(const Campaign& campaign, const std::string& setup);

/// The campaign without a link, and without anything that only made sense with it: the setups' ends of it, reduced power and corrected
/// columns of runs.
Campaign withoutLink(const Campaign& campaign, const std::string& link);

/// "both", "out" or "back"; none for another word.
std::string legsWord(Legs legs);
std::optional<Legs> legsFromWord(const std::string& word);

/// Interchange word for a reason, e.g. "turned-back"; "" for Unknown.
std::string endedWord(Ended ended);
/// Reason for an interchange word; none for a word that is not one.
std::optional<Ended> endedFromWord(const std::string& word);

}  // namespace distanz::campaign
