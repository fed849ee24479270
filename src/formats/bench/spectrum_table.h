#pragma once
#include <string_view>
#include <vector>

#include "core/bench/spectrum.h"
#include "core/finding/finding.h"
#include "core/limits/reading.h"

namespace distanz::formats {

using limits::kMostTraces;

struct SpectrumRead {
  std::vector<bench::Trace> traces;
  std::vector<std::string> names;  ///< of the traces' columns
  std::vector<Finding> problems;
};

/// Delimited text: a column of frequencies and one or more of levels, a trace each. @throws InputError
SpectrumRead readSpectrum(std::string_view bytes);

/// What is written is read back.
std::string writeSpectrum(const bench::Trace& trace);

}  // namespace distanz::formats
