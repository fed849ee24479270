#include "core/finding/flight_catalogue.h"

namespace distanz {
namespace {

using enum Severity;

constexpr FindingInfo kFlightFindings[] = {
    {"pairs-tell", Result, "plan", "pairs:count difference:% delta:dB chance:%", ""},
    {"pairs-too-few", Caution, "plan", "pairs:count difference:% delta:dB chance:% needed:count", "plan-pairs"},
    {"pairs-never", Caution, "plan", "pairs:count difference:% delta:dB chance:%", ""},
    {"pairs-together", Advice, "plan", "chance:% pairs:count", ""},
    {"why-planned-scatter", Detail, "plan", "sd:dB source", ""},
    {"why-planned-test", Detail, "plan", "setups:count exponent", ""},
    {"fly-to", Result, "plan", "to:m least:m link", ""},
    {"fly-to-beyond", Caution, "plan", "to:m far:m link", ""},
    {"order-drawn", Result, "plan", "runs:count begin end", ""},
    {"order-flown", Result, "plan", "", ""},
    {"session-too-long", Caution, "plan", "left:count end", ""},
    {"batteries-run-out", Caution, "plan", "batteries:count runs:count", ""},
    {"speed-wanted", Advice, "plan", "", ""},
    {"battery-turns", Result, "plan", "setup turn:m reserve:%", ""},
    {"battery-carries", Result, "plan", "setup used:mAh usable:mAh", ""},
    {"battery-empty", Caution, "plan", "setup", ""},
    {"energy-wanted", Advice, "plan", "", ""},
    {"why-energy", Detail, "plan", "use airspeed:m/s wind:m/s from:°", ""},
    {"wind-no-return", Caution, "plan", "wind:m/s from:° airspeed:m/s", ""},
    {"wind-no-way-out", Caution, "plan", "wind:m/s from:° airspeed:m/s", ""},
    {"wind-helps-out", Caution, "plan", "longer:% back:m/s", ""},
    {"wind-helps-back", Result, "plan", "shorter:%", ""},
    {"stops-first", Result, "plan", "setup name what at:m", ""},
    {"limit-distance", Caution, "plan", "far:m limit:m", ""},
    {"why-attenuator", Detail, "plan", "attenuator:dB range:m limit:m", ""},
    {"limit-height", Caution, "plan", "high:m limit:m", ""},
    {"limit-sight", Caution, "plan", "far:m sight:m", ""},
    {"limits-kept", Result, "plan", "", ""},
    {"limits-wanted", Advice, "plan", "", ""},
    {"preflight-open", Advice, "plan", "open:count of:count", ""},
    {"preflight-done", Result, "plan", "of:count", ""},
    {"tick-item", Step, "plan", "", ""},
    {"untick-all", Step, "plan", "", ""},
    {"change-flights", Step, "plan", "", ""},
    {"check-area", Detail, "plan", "", ""},
    {"check-failsafe", Detail, "plan", "", ""},
    {"check-return-height", Detail, "plan", "height:m", ""},
    {"check-power-cycle", Detail, "plan", "", ""},
    {"check-fixed-power", Detail, "plan", "link", ""},
    {"check-packet-rate", Detail, "plan", "link", ""},
    {"check-band", Detail, "plan", "link frequency:MHz", ""},
    {"check-low-power", Detail, "plan", "", ""},
    {"check-second-antenna", Detail, "plan", "", ""},
    {"check-connectors", Detail, "plan", "", ""},
    {"check-compass", Detail, "plan", "", ""},
    {"check-satellites", Detail, "plan", "", ""},
    {"check-battery", Detail, "plan", "", ""},
    {"check-logging", Detail, "plan", "", ""},
    {"check-pointing", Detail, "plan", "link bearing:°", ""},
    {"check-tracker", Detail, "plan", "link", ""},
    {"check-observer", Detail, "plan", "sight:m", ""},
    {"check-near-first", Detail, "plan", "setup", ""},
    {"check-ground-check", Detail, "plan", "setup", ""},
    {"stops-first-link", Result, "plan", "setup name link at:m", ""},
    {"stops-first-predicted", Result, "plan", "setup name link at:m", ""},
    {"helps-most", Result, "plan", "setup link what", ""},
    {"help-item", Detail, "plan", "what more:m share:%", ""},
    {"why-help", Detail, "plan", "what caution", ""},
    {"wind-from-wanted", Advice, "plan", "", ""},
    {"preflight-stale", Caution, "plan", "stale:count of:count", ""},
    {"tracker-rate", Result, "plan", "link rate azimuth:° elevation:°", ""},
    {"tracker-aims", Result, "plan", "link from:m half:°", ""},
    {"tracker-aims-all", Result, "plan", "link half:°", ""},
    {"tracker-errs", Caution, "plan", "link error:° half:°", ""},
    {"why-tracker", Detail, "plan", "home:m height:m compass:° level:° speed:m/s", ""},
    {"why-path-holds", Detail, "plan", "what change:dB", ""},
    {"draw-labels", Step, "plan", "", ""},
    {"open-labels", Step, "plan", "", ""},
    {"labels-sealed", Result, "plan", "count:count", ""},
    {"labels-opened", Caution, "plan", "at", ""},
    {"label-is", Result, "plan", "label run setup", ""},
};

}  // namespace

std::span<const FindingInfo> flightFindings() {
  return kFlightFindings;
}

}  // namespace distanz
