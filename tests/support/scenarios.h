#pragma once
#include <algorithm>

#include "core/simulate/scenario.h"

namespace distanz::test {

/// Setups A and B (B 3 dB stronger) flown in turns on one control link, by distance column.
inline simulate::Scenario twoSetups(int flights_each, double b_over_a_db = 3) {
  simulate::Scenario s;
  s.campaign.title = "Two setups";
  s.campaign.station.place({46.91, 20.96});
  campaign::Link link;
  link.id = "control";
  link.sensitivity_dbm = -104;
  link.rule.margin_db = 0;
  s.campaign.links = {link};
  for (const char* id : {"A", "B"}) {
    campaign::Setup setup;
    setup.id = id;
    setup.name = std::string("Setup ") + id;
    s.campaign.setups.push_back(setup);
  }
  s.with_gnss = false;
  s.campaign.planned_pairs = std::max(flights_each, 2);
  s.physics["control"] = {};
  s.level_dbm = {{"A", {{"control", -90}}}, {"B", {{"control", -90 + b_over_a_db}}}};
  for (int i = 0; i < flights_each; ++i)
    for (const char* id : {"A", "B"}) {
      simulate::RunPlan run;
      run.setup = id;
      run.farthest_m = 3000 + 100 * i;
      s.runs.push_back(run);
    }
  return s;
}

}  // namespace distanz::test
