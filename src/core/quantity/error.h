#pragma once
#include <stdexcept>
#include <string>
#include <vector>

namespace distanz {

/// Root of every exception the project throws on purpose. The text says what is wrong, where, and what to do.
struct Error : std::runtime_error {
  using std::runtime_error::runtime_error;
};

/// A function was called with an argument outside its stated domain.
struct DomainError : Error {
  using Error::Error;
};

/// Input from outside (a file, a typed value, a campaign) was refused. One line: what, where, what to do.
struct InputError : Error {
  using Error::Error;
};

/// One fault found in input, or one caution about a result. A list of these travels beside a value.
struct Problem {
  std::string code;  ///< stable machine-readable name, e.g. "time-backwards"
  int line = 0;      ///< line of the file counted from 1; 0 where there is none
  std::string text;  ///< sentence for the pilot: what, where, what to do
  bool operator==(const Problem&) const = default;
};

/// Throws DomainError naming the argument unless value is finite.
void requireFinite(double value, const char* name);
/// Throws DomainError naming the argument unless value is finite and > 0.
void requirePositive(double value, const char* name);

}  // namespace distanz
