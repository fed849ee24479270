// What is said of any names and numbers: sentences without nan, whatever the names hold.
#include "core/analysis/findings/findings.h"

#include <cmath>

#include "core/analysis/result/words.h"
#include "core/text/text.h"
#include "harness.h"
#include "support/analyse_simulated.h"
#include "support/scenarios.h"

using namespace distanz;
using namespace distanz::analysis;

namespace {

struct Flown {
  simulate::Simulated flown;
  CampaignAnalysis analysis;
  Flown() {
    simulate::Scenario s = test::twoSetups(2, 6);
    s.sample_s = 0.5;
    flown = simulate::simulate(s, 12);
    analysis = test::analyseSimulated(flown);
    analysis.reductions = {};  // long, and no sentence looks at it
    for (SetupOnLink& setup : analysis.setups) setup.curve = {};
    analysis.residuals.clear();
    analysis.models.clear();
  }
};

double number(FuzzedDataProvider& input) {
  static constexpr double kOdd[] = {0, -0.0, 1e-300, 1e300, -1e300, INFINITY, 0.5, 1, 1234.5, -99};
  return input.ConsumeBool() ? input.PickValueInArray(kOdd)
                             : input.ConsumeFloatingPointInRange<double>(-1e6, 1e6);
}

void tamper(RangeAnswer& r, FuzzedDataProvider& input) {
  r.status =
      input.PickValueInArray({Status::Measured, Status::Extrapolated, Status::AtLeast, Status::Withheld});
  if (r.tellsEstimate() || input.ConsumeBool()) r.estimate_m = number(input);
  r.low_m = input.ConsumeBool() ? std::optional(number(input)) : std::nullopt;
  r.high_m = input.ConsumeBool() ? std::optional(number(input)) : std::nullopt;
  r.at_least_m = input.ConsumeBool() ? std::optional(number(input)) : std::nullopt;
}

const Flown& flownOnce() {
  static const Flown flown;
  return flown;
}

}  // namespace

/// Flown before the first input, whose time is limited.
extern "C" int LLVMFuzzerInitialize(int*, char***) {
  flownOnce();
  return 0;
}

DISTANZ_FUZZ(data) {
  FuzzedDataProvider input(reinterpret_cast<const uint8_t*>(data.data()), data.size());
  campaign::Campaign c = flownOnce().flown.campaign;
  CampaignAnalysis a = flownOnce().analysis;
  for (campaign::Setup& s : c.setups) s.name = text::validUtf8(input.ConsumeRandomLengthString(30));
  for (SetupOnLink& s : a.setups) {
    tamper(s.typical, input);
    tamper(s.dependable, input);
    s.runs_used = input.ConsumeIntegralInRange(0, 100);
    s.total_sd_db = std::abs(number(input));
  }
  for (PairOnLink& p : a.comparisons) {
    p.more_pairs = input.ConsumeIntegralInRange(0, 300);
    p.p_a_more = input.ConsumeProbability<double>();
    p.p_b_more = input.ConsumeProbability<double>();
    p.p_a_longer = input.ConsumeProbability<double>();
  }
  a.warnings.push_back(finding(
      "run-refused",
      {{"why", finding("unexpected", {{"what", text::validUtf8(input.ConsumeRemainingBytesAsString())}})}},
      {"run", "A1"}));
  std::string all;
  for (const Finding& f : findings(c, a)) {
    const words::Said s = words::say(f);
    all += (s.title + s.text + s.why).toStdString();
  }
  fuzz::require(all.size() > 100, "there is something to say");
  if (data.size() % 16 != 0) return;  // letter by letter is slow
  fuzz::require(text::validUtf8(all) == all, "sentences are UTF-8");
  const std::string shown = text::forTerminal(all);
  fuzz::require(text::forTerminal(shown) == shown, "what is shown stays as it is");
}
