#include "core/finding/beyond_catalogue.h"

namespace distanz {
namespace {

using enum Severity;

constexpr FindingInfo kBeyondFindings[] = {
    {"other-height", Caution, "compare", "flown:m usual:m", ""},
    {"other-speed", Caution, "compare", "flown:m/s usual:m/s", ""},
    {"other-heading", Caution, "compare", "flown:° usual:°", ""},
    {"other-side", Caution, "compare", "flown:m usual:m", ""},
    {"equipment-limit", Caution, "compare", "distance:m runs:count signal:dBm link", ""},
    {"stopped-sharply", Caution, "compare", "distance:m runs:count signal:dBm link", ""},
    {"is-a-course", Detail, "runs", "", ""},
    {"only-travelled", Refusal, "runs", "", "correct-match"},
};

}  // namespace

std::span<const FindingInfo> beyondFindings() {
  return kBeyondFindings;
}

}  // namespace distanz
