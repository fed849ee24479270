#include "core/finding/beyond_catalogue.h"

namespace distanz {
namespace {

using enum Severity;

constexpr FindingInfo kBeyondFindings[] = {
    {"only-travelled", Refusal, "runs", "", "correct-match"},
};

}  // namespace

std::span<const FindingInfo> beyondFindings() {
  return kBeyondFindings;
}

}  // namespace distanz
