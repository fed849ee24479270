#pragma once
#include <string>

#include "core/analysis/result/answer.h"
#include "core/campaign/campaign.h"
#include "core/finding/finding.h"

/// What several findings name alike: not for other folders.
namespace distanz::analysis {

/// "Six-turn helix"; with its id where two are called so, and the id alone where there is no name.
std::string nameOf(const campaign::Campaign& campaign, const std::string& setup);

/// An estimate with its interval.
Measure measureOf(const estimate::Interval& interval, quantity::Unit unit);

Argument metres(const char* key, double value);
Argument decibels(const char* key, double value);
/// @param share 0..1
Argument percent(const char* key, double share);

/// How the signal falls: dB per factor 10 of distance, and the exponent with its interval.
std::vector<Argument> fallOf(const estimate::Interval& exponent);

}  // namespace distanz::analysis
