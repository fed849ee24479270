#pragma once
#include <string>

#include "core/analysis/sentences.h"

/// Phrases that several sentences share: not for other folders.
namespace distanz::analysis {

/// "Six-turn helix (B)", or the id where there is no name.
std::string nameOf(const campaign::Campaign& campaign, const std::string& setup);

/// "1.55 to 2.00 km", or each end with its own unit
std::string spanText(double low_m, double high_m);

/// "its link quality", "its bitrate", "its signal margin"
std::string partText(const std::string& part);

/// "3 flights", "1 flight"
std::string countText(int n, const char* one, const char* several);

}  // namespace distanz::analysis
