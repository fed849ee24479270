#pragma once
#include <string_view>
#include <vector>

#include "core/bench/sweep.h"
#include "core/finding/finding.h"
#include "core/limits/reading.h"

namespace distanz::formats {

using limits::kMostSweepPoints;

struct SweepRead {
  bench::Sweep sweep;
  std::vector<Finding> problems;  ///< what was left out or is odd, with its line
};

/// A sweep of any format: Touchstone 1 and 2 with one or two ports, or delimited text. @param name of the
/// file: its ending tells .s1p from .s2p, and both from a table @throws InputError: what is wrong, in which
/// line, what to do
SweepRead readSweep(std::string_view bytes, std::string_view name);

/// Touchstone: "# GHz S MA R 50" and rows, or keywords in brackets (version 2). @param ports 1 or 2 as the
/// file's name has it, 0: as the rows have it. Source: Touchstone File Format Specification, version 2.1
/// (IBIS Open Forum, 2024)
SweepRead readTouchstone(std::string_view bytes, int ports = 0);

/// Delimited text with a header: frequency, and VSWR, return loss, S11 in dB, magnitude, magnitude and angle,
/// both parts, or R and X.
SweepRead readSweepTable(std::string_view bytes);

/// Version 1, real and imaginary, MHz, every digit kept: what is written is read back bit for bit.
std::string writeTouchstone(const bench::Sweep& sweep);

/// Frequency, both parts, VSWR, return loss, mismatch loss.
std::string writeSweepTable(const bench::Sweep& sweep);

/// Puts points in order, leaves out what came twice, and says what is odd: reflections above 1.
void settle(SweepRead& read);

}  // namespace distanz::formats
