#pragma once
#include <map>
#include <optional>
#include <span>
#include <string>

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
  std::map<std::string, PartValue> values;  ///< by key of a PartField
  std::string unknown = {};
  bool operator==(const Part&) const = default;

  std::optional<double> value(const std::string& key) const;
};

/// A quantity that parts of one kind may state.
struct PartField {
  PartKind kind;
  const char* key;   ///< with its unit: "gain_dbi"
  const char* what;  ///< "gain"
  quantity::Unit unit;
  double low, high;  ///< valid, ends included
};
std::span<const PartField> partFields();
/// Null for a quantity that such a part does not have.
const PartField* partField(PartKind kind, const std::string& key);

}  // namespace distanz::campaign
