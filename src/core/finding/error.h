#pragma once
#include <stdexcept>
#include <string>

#include "core/finding/finding.h"

namespace distanz {

/// Root of every exception the project throws on purpose. The finding says what is wrong, where, and what to
/// do; words/ makes a sentence of it. what() is code and arguments, for debuggers.
struct Error : std::runtime_error {
  explicit Error(Finding f) : std::runtime_error(plainText(f)), found(std::move(f)) {}
  Finding found;
};

/// A function was called with an argument outside its stated domain: a fault of the program.
struct DomainError : Error {
  explicit DomainError(Finding f) : Error(std::move(f)) {}
  /// @param condition that does not hold: "0 < p < 1"
  explicit DomainError(const char* condition);
};

/// Input from outside (a file, a typed value, a campaign) was refused.
struct InputError : Error {
  using Error::Error;
};

/// What an exception found: its own finding where it is ours; else "unexpected" with what it says of itself.
Finding findingOf(const std::exception& error);

/// What was found about a file (or another place with a path), or about a run: "A1.csv: ...", "run A1: ...".
Finding inFile(const std::string& file, Finding fault);
Finding inRun(const std::string& run, Finding fault);
/// The same without that file's name in front, for where it stands beside it. @param file name, or path
Finding withoutFile(Finding found, const std::string& file);
/// The finding with its line of the file, counted from 1.
Finding at(Finding found, int line);

/// Throws DomainError naming the argument unless value is finite.
void requireFinite(double value, const char* name);
/// Throws DomainError naming the argument unless value is finite and > 0.
void requirePositive(double value, const char* name);

}  // namespace distanz
