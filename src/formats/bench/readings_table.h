#pragma once
#include <string>
#include <string_view>
#include <vector>

#include "core/campaign/record.h"
#include "core/finding/finding.h"

namespace distanz::formats {

struct ReadingsRead {
  std::vector<campaign::Reading> readings;
  std::vector<Finding> problems;  ///< what was left out, with its line
};

/// Readings of a record as delimited text: a column for each number, named as it is ("time_s", "Power [mW]",
/// "angle"), and one for the label ("label", "setting", "on or off", "emitter"). Units are brought to those
/// of the record. @throws InputError: a column is missing, nothing could be read
ReadingsRead readReadings(std::string_view bytes, campaign::RecordKind kind);

/// The same way back: what is written is read back.
std::string writeReadings(const campaign::Record& record);

}  // namespace distanz::formats
