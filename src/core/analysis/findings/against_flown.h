#pragma once
#include "core/analysis/result/answer.h"
#include "core/plan/planned.h"

namespace distanz::analysis {

/// How far what was flown lies from the prediction, setup by setup on the link that is planned by.
struct AgainstFlown {
  std::string setup;
  double off_db = 0, low_db = 0, high_db = 0;  ///< flown less predicted, mean over the distances flown; 95 %
  double from_m = 0, to_m = 0;
};
std::vector<AgainstFlown> againstFlown(const plan::Planned& planned, const Answers& answers);

/// The same as sentences, with what it may be when all differ alike, or one does.
std::vector<Finding> toldAgainstFlown(const plan::Planned& planned, const Answers& answers);

}  // namespace distanz::analysis
