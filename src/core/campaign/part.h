#pragma once
#include <map>
#include <optional>
#include <span>
#include <string>
#include <vector>

#include "core/campaign/kept_file.h"
#include "core/quantity/unit.h"

namespace distanz::campaign {

enum class PartKind { Antenna, Transmitter, Receiver, Cable, Airframe, Battery };

/// How a value of a part is known.
enum class Origin { Claimed, Measured, Assumed };

struct PartValue {
  double value = 0;  ///< in the unit of its PartField
  Origin origin = Origin::Claimed;
  std::string record = {};   ///< id of the record it was measured by; empty where there is none
  std::string unknown = {};  ///< as Campaign::unknown
  bool operator==(const PartValue&) const = default;
};

/// A thing that is bought, built, measured and mounted; setups refer to it, and another campaign may have the
/// same one.
struct Part {
  std::string id;
  std::string uuid;  ///< the same in every campaign that has this very part; empty until it is kept in a
                     ///< campaign file
  PartKind kind = PartKind::Antenna;
  std::string name;
  std::string notes;
  std::map<std::string, PartValue> values;         ///< by key of a PartField
  std::map<std::string, std::string> traits = {};  ///< words, by key of a PartTrait
  std::vector<KeptFile> photos = {};
  std::string unknown = {};
  bool operator==(const Part&) const = default;

  std::optional<double> value(const std::string& key) const;
  std::string trait(const std::string& key) const;
};

/// A quantity that parts of one kind may state.
struct PartField {
  PartKind kind;
  const char* key;   ///< with its unit: "gain_dbi"
  const char* what;  ///< "gain"
  quantity::Unit unit;
  double low, high;    ///< valid, ends included
  bool first = false;  ///< among the few that matter most for the kind
};
std::span<const PartField> partFields();
/// Those of one kind.
std::vector<PartField> partFields(PartKind kind);
/// Null for a quantity that such a part does not have.
const PartField* partField(PartKind kind, const std::string& key);

/// A word that parts of one kind may state: one of a few, or the pilot's own where the list is empty.
struct PartTrait {
  PartKind kind;
  const char* key;
  const char* what;
  std::vector<const char*> words;
  bool first = false;  ///< as PartField::first
};
std::vector<PartTrait> partTraits(PartKind kind);

}  // namespace distanz::campaign
