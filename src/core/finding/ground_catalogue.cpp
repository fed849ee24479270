#include "core/finding/ground_catalogue.h"

namespace distanz {
namespace {

using enum Severity;

constexpr FindingInfo kGroundFindings[] = {
    {"path-hits", Caution, "plan", "above:m at:m", ""},
    {"path-close", Caution, "plan", "above:m at:m", ""},
    {"height-clears", Result, "plan", "height:m at:m percent:% share:m", ""},
    {"height-wanted", Caution, "plan", "height:m at:m percent:% share:m", ""},
    {"height-never", Caution, "plan", "", ""},
    {"ground-elsewhere", Caution, "plan", "layer", ""},
    {"ground-ends", Caution, "plan", "known:m", ""},
    {"ground-filled", Caution, "plan", "share:%", ""},
    {"ground-apart", Caution, "plan", "typed:m raster:m", ""},
    {"ground-in-feet", Caution, "plan", "typed:m raster:m", ""},
    {"ground-not-counted", Advice, "plan", "", ""},
    {"crosses-keep-out", Caution, "plan", "what at:m", ""},
    {"crosses-road", Caution, "plan", "what at:m", ""},
    {"path-crosses-itself", Caution, "plan", "at:m", ""},
    {"coordinates-swapped", Caution, "plan", "", ""},
    {"layer-left-out", Caution, "plan", "layer why", ""},
    {"reader-missing", Refusal, "", "", ""},
    {"reader-no-cage", Refusal, "", "", ""},
    {"reader-too-slow", Refusal, "", "file seconds:count", ""},
    {"reader-too-large", Refusal, "", "file megabytes:count", ""},
    {"reader-died", Refusal, "", "file", ""},
    {"raster-unreadable", Refusal, "plan", "file reason", ""},
    {"raster-no-reference", Refusal, "plan", "file", ""},
    {"raster-no-heights", Refusal, "plan", "file", ""},
    {"raster-elsewhere", Refusal, "plan", "file", ""},
    {"raster-degrees-assumed", Result, "plan", "file", ""},
    {"raster-was-feet", Result, "plan", "file", ""},
    {"raster-turned", Result, "plan", "file", ""},
    {"raster-cut", Result, "plan", "file", ""},
    {"raster-thinned", Result, "plan", "file every:count", ""},
    {"map-unreadable", Refusal, "plan", "file reason", ""},
    {"map-no-reference", Refusal, "plan", "file", ""},
    {"map-too-large", Refusal, "plan", "file", ""},
    {"map-empty", Refusal, "plan", "file", ""},
    {"add-layer", Step, "plan", "layer", ""},
    {"change-layer", Step, "plan", "layer", ""},
    {"remove-layer", Step, "plan", "layer", ""},
    {"move-point", Step, "plan", "", ""},
    {"add-point", Step, "plan", "", ""},
    {"remove-point", Step, "plan", "", ""},
    {"lay-path", Step, "plan", "", ""},
    {"choose-path", Step, "plan", "path", ""},
    {"coordinates-unreadable", Refusal, "", "text", ""},
    {"plan-nothing-to-write", Refusal, "plan", "", ""},
    {"plan-number", Refusal, "plan", "text", ""},
    {"plan-row", Refusal, "plan", "line:count", ""},
    {"plan-no-line", Refusal, "plan", "file", ""},
    {"plan-no-track", Refusal, "plan", "", ""},
    {"path-without-heights", Advice, "plan", "height:m", ""},
    {"path-heights-from-sea", Advice, "plan", "height:m", ""},
    {"path-was-flown", Refusal, "plan", "", ""},
    {"use-from-run", Step, "plan", "run", ""},
    {"use-not-flown", Refusal, "plan", "run", ""},
    {"flown-as-predicted", Result, "plan", "setup link off:dB low:dB high:dB from:m to:m", ""},
    {"flown-above", Result, "plan", "setup link off:dB low:dB high:dB from:m to:m", ""},
    {"flown-below", Caution, "plan", "setup link off:dB low:dB high:dB from:m to:m", ""},
    {"why-all-off", Detail, "plan", "", ""},
    {"why-one-off", Detail, "plan", "", ""},
    {"legs-differ", Result, "plan", "setup link out:dB back:dB turn:dB", ""},
    {"legs-turn", Result, "plan", "setup link out:dB back:dB turn:dB", ""},
    {"legs-deep", Caution, "plan", "setup link out:dB back:dB turn:dB", ""},
    {"legs-unknown", Advice, "plan", "", ""},
    {"why-horizon", Detail, "plan", "mast:m height:m factor bulge:m", ""},
    {"formula-outside", Caution, "plan", "what link frequency:MHz nearest:MHz", ""},
    {"why-path-not-known", Result, "plan", "sd:dB at:m of_exponent", ""},
    {"why-not-known", Result, "plan", "what sd:dB", ""},
    {"legs-shaded", Result, "plan", "setup link out:dB back:dB", ""},
    {"beside-in-the-way", Caution, "plan", "what mast:m", ""},
    {"beside-somewhere", Advice, "plan", "what mast:m", ""},
};

}  // namespace

std::span<const FindingInfo> groundFindings() {
  return kGroundFindings;
}

}  // namespace distanz
