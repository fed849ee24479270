#pragma once
#include <string>
#include <vector>

#include "core/plan/flight_plan.h"

namespace distanz::plan {

/// What a recording is called while its picture is judged, so that whoever judges does not know the setup.
struct BlindLabel {
  int label = 0;  ///< kLowestLabel..kHighestLabel, each once
  std::string run, setup;  ///< the run as it is called, or will be when it is flown in this order
};
constexpr int kLowestLabel = 1000, kHighestLabel = 9999;

/// One for each run that counts and each flight to come; drawn by the plan's labels_seed from the run's name, so that
/// a flight keeps its label whatever is planned later. Empty where no labels are drawn.
std::vector<BlindLabel> blindLabels(const campaign::Campaign& campaign, const FlightPlan& plan);

/// For who judges: labels in rising order with room for a grade, and nothing that tells the setup.
std::string judgesSheet(const std::vector<BlindLabel>& labels);
/// For who names the recordings, and does not judge them: run and label.
std::string namingSheet(const std::vector<BlindLabel>& labels);

/// How the labels are: sealed, or opened with what each stands for behind "why?". Nothing where none are drawn.
std::vector<Finding> toldLabels(const campaign::Campaign& campaign, const std::vector<BlindLabel>& labels);

}  // namespace distanz::plan
