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

Finding withoutFile(Finding found, const std::string& file) {
  const auto base = [](const std::string& path) { return path.substr(path.find_last_of('/') + 1); };
  while (found.code == "in-file") {
    const Argument *named = found.find("file"), *fault = found.find("fault");
    const auto* name = named ? std::get_if<std::string>(&named->value) : nullptr;
    const auto* inside = fault ? std::get_if<std::vector<Finding>>(&fault->value) : nullptr;
    if (!name || !inside || inside->size() != 1 || base(*name) != base(file)) break;
    found = Finding(inside->front());
  }
  return found;
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
