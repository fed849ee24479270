#pragma once
#include <cstdint>
#include <string>
#include <vector>

#include "core/campaign/record.h"

/// Simulated instruments with faults to find.
namespace distanz::standin {

struct Instrument {
  const char* kind;   ///< of the record that it fills
  const char* fault;  ///< empty: none
  const char* what;   ///< what it stands for
};
const std::vector<Instrument>& instruments();

/// What the instrument tells, as the open file that a record of its kind takes: a sweep as Touchstone, traces
/// and readings as tables. @throws InputError for a kind or fault that there is not
std::string tell(const std::string& kind, const std::string& fault, std::uint64_t seed);

}  // namespace distanz::standin
