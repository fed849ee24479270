#pragma once
#include "core/plan/flight_plan.h"
#include "core/records/record_result.h"

namespace distanz::plan {

/// The chance to tell the setups apart, in percent, over the flights of each; the planned number is marked.
records::Plot chancePlot(const FlightPlan& plan, int planned_pairs);

/// "6:30", "06:30", "630", "6" as seconds of the day; none for what is no time of day.
std::optional<double> clockFrom(const std::string& text);

/// The order as a table: place, setup, block, begin and end in seconds of the day, battery.
std::string orderCsv(const FlightPlan& plan);

}  // namespace distanz::plan
