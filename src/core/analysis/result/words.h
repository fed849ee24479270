#pragma once
#include <string>

#include "core/analysis/result/campaign_analysis.h"

namespace distanz::analysis {

/// Fixed words of the machine-readable output.
std::string word(Status status);
std::string word(Basis basis);
std::string word(estimate::Verdict verdict);

}  // namespace distanz::analysis
