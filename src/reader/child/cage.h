#pragma once
#include <cstddef>

namespace distanz::reader {

/// Limits what this process may take. Comes first: what is read then counts.
/// @return false where the kernel refuses
bool limit(std::size_t memory_bytes, int seconds);

/// From here on the process reads and writes what is open, takes memory within its limit, and ends: it opens
/// nothing, starts nothing, and reaches no network. By Landlock where the kernel has it, and by a filter of
/// system calls, without which it is no cage. @return false where the kernel has none
bool close();

}  // namespace distanz::reader
