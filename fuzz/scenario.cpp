// A scenario of any bytes is refused, or can be flown; small ones are.
#include "core/simulate/scenario.h"

#include <cmath>

#include "formats/scenario_json.h"
#include "harness.h"

using namespace distanz;

DISTANZ_FUZZ(data) {
  simulate::Scenario s;
  if (!fuzz::survives([&] { s = formats::readScenario(data, "scenario.json"); })) return;
  double samples = 0, reach = 0;
  for (const auto& run : s.runs) {
    samples += 2 * (run.farthest_m - run.start_m) / run.speed_mps / s.sample_s * double(s.physics.size());
    reach += run.farthest_m;
  }
  if (samples > 300 || reach > 3000) return;
  const simulate::Simulated flown = simulate::simulate(s, 1);
  for (const auto& recording : flown.recordings)
    for (const auto& column : recording.columns)
      for (const double v : column.values) fuzz::require(std::isfinite(v), "what is flown is a number");
}
