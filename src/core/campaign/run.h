#pragma once
#include <map>
#include <optional>
#include <span>
#include <string>
#include <vector>

#include "core/description/visitor.h"

namespace distanz::campaign {

/// Why a run ended.
enum class Ended {
  Unknown,
  LinkLost,
  QualityLimit,
  TurnedBack,
  Battery,
  Limit,
  Obstacle,
  Aircraft,
  EquipmentCap
};

/// Which part of a flight counts: banking, airframe and antenna may favour one way.
enum class Legs { Both, Out, Back };

/// How a run was made.
enum class Method { PathFlight, Paired, Course, StationReadings, Swap, Walk, HandLog };

/// Where samples of a run come from.
struct Source {
  std::string file;    ///< name of the original file
  std::string sha256;  ///< of its bytes, hexadecimal; empty before import
  std::map<std::string, std::string>
      columns;                 ///< channel -> column of the log where the pilot corrected the match
  double clock_offset_s = 0;   ///< added to its times to get those of the first source
  double clock_drift_ppm = 0;  ///< by how much its clock runs slow, in millionths
  std::optional<double> clock_sd_s = {};  ///< of the offset; none where it was laid by hand, or nobody can say
  std::string unknown = {};    ///< as Campaign::unknown
  bool operator==(const Source&) const = default;
};

/// A moment of a run at which its place on the path is known.
struct Mark {
  double time_s = 0;   ///< on the first log's clock
  double along_m = 0;  ///< along the path from its first point
  std::string unknown = {};
  bool operator==(const Mark&) const = default;
};

struct Run {
  std::string id;
  std::string uuid;   ///< as Part::uuid
  std::string setup;  ///< id of a setup
  std::string path;   ///< id of the path it flew; empty: the campaign's first
  Method method = Method::PathFlight;
  std::vector<Source> sources;  ///< the first one's rows are the run's
  int order = 0;                ///< in the session, from 1; 0 unknown
  std::string flight;           ///< runs with the same flight were recorded at the same time
  Ended ended = Ended::Unknown;
  std::string notes;
  std::string void_reason;  ///< not empty: kept but not counted
  Legs legs = Legs::Both;
  std::map<std::string, double>
      reduced_db;  ///< by link id: power below the setup's own (range check, attenuator), > 0
  std::optional<double> turn_begin_s, turn_end_s;  ///< the turn as moved by hand
  std::optional<double> from_s, to_s;  ///< rows of its logs that are this run, on the first log's clock; none: all
  std::vector<Mark> marks;  ///< place it where its logs do not
  std::string marks_like;   ///< run that they were found by likeness with; empty: by hand
  std::string unknown = {};
  bool operator==(const Run&) const = default;

  /// The source that gives the rows; an empty one where there is none.
  const Source& source() const;
  /// To change it; made where there is none.
  Source& editSource();
};

/// They have rows of one log in common.
bool shareRows(const Run& a, const Run& b);
/// A channel of a link is taken from one column of their log for the one and from another for the other: two antennas, or
/// two receivers, heard the same flight.
bool otherReceiver(const Run& a, const Run& b);

/// Words of files for a reason, "turned-back", and for legs, "out"; the empty word is Unknown.
std::span<const description::Word> endedWords();
std::span<const description::Word> legsWords();
/// "path-flight", "course", ...
std::span<const description::Word> methodWords();
std::string endedWord(Ended ended);
std::string legsWord(Legs legs);
/// None for a word that is not one.
std::optional<Ended> endedFromWord(const std::string& word);

}  // namespace distanz::campaign
