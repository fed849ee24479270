#include "core/finding/error.h"

#include <cmath>

namespace distanz {

DomainError::DomainError(const char* condition) : Error(finding("outside-domain", {{"what", condition}})) {}

Finding findingOf(const std::exception& error) {
  if (const auto* ours = dynamic_cast<const Error*>(&error)) return ours->found;
  return finding("unexpected", {{"what", error.what()}});
}

Finding inFile(const std::string& file, Finding fault) {
  return finding("in-file", {{"file", file}, {"fault", std::move(fault)}});
}

Finding inRun(const std::string& run, Finding fault) {
  return finding("in-run", {{"fault", std::move(fault)}}, {"run", run});
}

Finding at(Finding found, int line) {
  found.line = line;
  return found;
}

void requireFinite(double value, const char* name) {
  if (!std::isfinite(value))
    throw DomainError(finding("outside-domain", {{"what", std::string(name) + " < inf"}}));
}

void requirePositive(double value, const char* name) {
  if (!(std::isfinite(value) && value > 0))
    throw DomainError(finding("outside-domain", {{"what", std::string(name) + " > 0"}}));
}

}  // namespace distanz
