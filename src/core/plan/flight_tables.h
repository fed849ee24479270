#pragma once
#include "core/plan/flight_plan.h"
#include "core/records/record_result.h"

namespace distanz::plan {

/// The chance to tell the setups apart, in percent, over the flights of each; the planned number is marked.
records::Plot chancePlot(const FlightPlan& plan, int planned_pairs);

/// The order as a table: place, setup, block, begin and end in seconds of the day, battery.
std::string orderCsv(const FlightPlan& plan);

}  // namespace distanz::plan
