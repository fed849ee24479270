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
    {"equipment-limit-unheard", Caution, "compare", "distance:m runs:count link", ""},
    {"equipment-limit-possible", Caution, "compare", "distance:m runs:count link", ""},
    {"stopped-sharply", Caution, "compare", "distance:m runs:count signal:dBm link", ""},
    {"is-a-course", Detail, "runs", "", ""},
    {"only-travelled", Refusal, "runs", "", "correct-match"},
    {"segment-better", Result, "compare", "segment winner loser link delta:dB flights:count", ""},
    {"segment-same", Result, "compare", "segment a b link delta:dB flights:count", ""},
    {"segment-undecided", Result, "compare", "segment a b link delta:dB flights:count more:count", ""},
    {"segment-too-small", Result, "compare", "segment a b link delta:dB flights:count", ""},
    {"segment-usable", Detail, "compare", "winner share:% loser other:%", ""},
    {"segment-once", Caution, "compare", "", ""},
    {"segment-not-all", Caution, "compare", "", ""},
    {"segments-apart", Advice, "compare", "runs:count", ""},
    {"segments-none", Advice, "compare", "", ""},
    {"side-blind", Result, "compare", "setup link side drop:dB flights:count", ""},
    {"side-even", Result, "compare", "setup link sides:count least:dB", ""},
    {"side-turn", Result, "compare", "setup link turn:dB explained:dB", ""},
    {"sides-few", Advice, "compare", "setup sides:count", ""},
    {"side-by-way", Detail, "compare", "", ""},
    {"bearing-weak", Result, "compare", "setup link angle:° drop:dB", ""},
    {"step-first", Result, "compare", "setup link what first:m stepped:count flights:count", ""},
    {"step-later", Result, "compare", "setup link what least:m sure:% stepped:count flights:count", ""},
    {"step-seldom", Result, "compare", "setup link what farthest:m stepped:count flights:count", ""},
    {"band-hops", Caution, "compare", "link hops:count", ""},
    {"freezes-rate", Result, "compare", "setup link every:m freezes:count flown:m flights:count", ""},
    {"freezes-none", Result, "compare", "setup link flown:m every:m", ""},
    {"freezes-where", Detail, "compare", "from:m to:m freezes:count lost:m regained:m", ""},
    {"lived-on", Result, "compare", "picture link frozen:m alive:m", ""},
    {"energy-allows", Result, "compare", "setup turn:m flown:m out back flights:count", ""},
    {"energy-stops", Caution, "compare", "setup turn:m flown:m out back flights:count", ""},
    {"energy-wind", Result, "compare", "per flights:count", ""},
    {"energy-unknown", Advice, "compare", "", ""},
    {"step-at-power", Detail, "compare", "power:mW", ""},
    {"side-few-flights", Caution, "compare", "", ""},
    {"no-mark-time", Refusal, "runs", "text", ""},
    {"no-mark-place", Refusal, "runs", "text", ""},
    {"mark-run", Step, "runs", "", ""},
    {"method-run", Step, "runs", "", ""},
    {"likeness-found", Result, "runs", "other correlation:% chance:% rms:dB marks:count", ""},
    {"likeness-weak", Caution, "runs", "other correlation:% chance:%", ""},
    {"likeness-none", Caution, "runs", "other", ""},
    {"place-later", Caution, "runs", "", ""},
    {"no-such-method", Refusal, "runs", "option words", ""},
    {"no-such-run", Refusal, "runs", "option runs", ""},
    {"mark-without-place", Refusal, "runs", "option", ""},
    {"marks-not-needed", Caution, "compare", "", ""},
    {"height-not-held", Caution, "compare", "low:m high:m", ""},
    {"changed-while-read", Refusal, "runs", "", ""},
    {"log-too-large-but-text", Refusal, "runs", "format", ""},
    {"log-too-large-beside", Refusal, "runs", "", ""},
    {"log-too-large-packed", Refusal, "runs", "", ""},
    {"rows-thinned", Caution, "runs", "rows:count", ""},
    {"fact-laps", Detail, "runs", "laps:count each:s", ""},
};

}  // namespace

std::span<const FindingInfo> beyondFindings() {
  return kBeyondFindings;
}

}  // namespace distanz
