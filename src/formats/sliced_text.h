#pragma once
#include <memory>

#include "formats/byte_source.h"
#include "formats/log_table.h"

namespace distanz::formats {

/// Delimited text too large to be held at once: read slice by slice. Where it has more values than kMostValues, so many
/// neighbouring rows become one that it has not: the mean of what is measured, the first of times, positions, and of
/// what keeps its value between samples.
/// @param slice_bytes held at once @param most_values that are kept
/// @throws InputError where its first rows are no delimited text, or a packed or other format
std::unique_ptr<LogTable> openSlicedText(OpenBytes open, std::size_t slice_bytes = 128 << 20, std::size_t most_values = kMostValues);

}  // namespace distanz::formats
