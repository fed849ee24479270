#pragma once
#include <map>
#include <optional>
#include <span>
#include <string>
#include <vector>

#include "core/campaign/kept_file.h"
#include "core/description/visitor.h"
#include "core/quantity/parse.h"
#include "core/quantity/unit.h"

namespace distanz::campaign {

/// What a record of the bench or the ground check is about.
enum class RecordKind {
  Sweep,         ///< what an antenna sends back, over frequency
  Inspection,    ///< looked at by eye
  Claims,        ///< what is said of an antenna
  Power,         ///< of a transmitter, over time
  Signal,        ///< a receiver's own scale against a stepped attenuator
  Turntable,     ///< signal against angle
  Attenuator,    ///< what one stands for
  Trim,          ///< frequency offsets at which the link fails
  Polarisation,  ///< of two antennas, and pointing
  Spectrum,      ///< traces
  Interference,  ///< what is sent aboard and at the station, against what listens there
  Noise,         ///< noise floor, emitters switched on in turn
  Ground,        ///< counters before and after a minute through all attitudes
  Walk,          ///< distances reached at reduced power
  Swap,          ///< a part on, off, on, off
  Stations       ///< levels read with both ends at fixed places
};
std::span<const description::Word> recordKindWords();
std::string recordKindWord(RecordKind kind);
std::optional<RecordKind> recordKindFromWord(const std::string& word);

/// One line of what was read off.
struct Reading {
  std::string label;                     ///< a word of its kind ("on", "before"), or the pilot's ("200 mW")
  std::map<std::string, double> values;  ///< by key of a RecordField
  std::string unknown = {};
  bool operator==(const Reading&) const = default;

  std::optional<double> value(const std::string& key) const;
};

struct Record {
  std::string id;
  std::string uuid;  ///< as Part::uuid
  RecordKind kind = RecordKind::Sweep;
  std::string name;
  std::string part, setup, link;  ///< what it is of, by id; empty where it is of none
  std::string made_at;            ///< date, with the time of day or without: "2026-11-26 15:20"
  std::string instrument, place, notes;
  std::map<std::string, double> settings;      ///< by key of a RecordField
  std::map<std::string, std::string> answers;  ///< words, by key: what was looked at, hands, scales
  std::vector<Reading> readings;
  std::vector<KeptFile> files;
  std::string unknown = {};
  bool operator==(const Record&) const = default;

  std::optional<double> setting(const std::string& key) const;
  std::string answer(const std::string& key) const;
};

/// A number that records of one kind may hold: once (a setting), or in every reading.
struct RecordField {
  RecordKind kind;
  bool reading;     ///< else a setting
  const char* key;  ///< with its unit: "attenuation_db"
  const char* what;
  quantity::Unit unit;
  double low, high;       ///< valid, ends included
  bool required = false;  ///< without it a reading says nothing
};
std::span<const RecordField> recordFields();
std::vector<RecordField> recordFields(RecordKind kind, bool reading);
/// How a field is typed, and the unit that parsing gives it in; its own where it is a plain number.
struct TypedAs {
  quantity::Kind kind;
  quantity::Unit unit;
  std::optional<quantity::Unit> bare;  ///< of a number typed without one; none where only such are typed
};
TypedAs typedAs(const RecordField& field);
/// The same of any value that is kept in a unit. @param key a power's begins with "power" or "nominal"
TypedAs typedAs(std::string_view key, quantity::Unit unit);

/// Null for one that such a record does not have.
const RecordField* recordField(RecordKind kind, bool reading, const std::string& key);

/// A word that records of one kind hold: one of a few, or the pilot's own where the list is empty.
struct RecordAnswer {
  RecordKind kind;
  const char* key;
  const char* what;
  std::vector<const char*> words;
};
std::vector<RecordAnswer> recordAnswers(RecordKind kind);

/// Labels that readings of a kind carry; empty where they are the pilot's own, or none.
std::vector<std::string> readingLabels(RecordKind kind);
/// What the files of a kind may be.
std::vector<std::string> fileRoles(RecordKind kind);

}  // namespace distanz::campaign
