#pragma once
#include <cstddef>

#include "core/limits/reading.h"

/// What one foreign file may cost, and how the child tells that it was too much.
namespace distanz::reader {

constexpr std::size_t kMemory_bytes = limits::kReaderMemory_bytes;  ///< that the child may take for itself
constexpr int kPatience_s = limits::kReaderPatience_s;  ///< for one file, of the processor as by the clock

constexpr int kExitUse = 2;     ///< what was asked cannot be made out
constexpr int kExitNoCage = 3;  ///< this kernel cannot shut a process in: nothing was read
constexpr int kExitMemory = 4;  ///< the file takes more memory than it may

}  // namespace distanz::reader
