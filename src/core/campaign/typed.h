#pragma once
#include <map>
#include <string>
#include <vector>

#include "core/campaign/campaign.h"

/// Lists of values as a pilot types them, and back.
namespace distanz::campaign {

/// "50: -112 dBm; 150: -107 dBm"; empty for none.
std::string modesText(const std::vector<ModeSensitivity>& modes);

struct TypedModes {
  std::vector<ModeSensitivity> modes;
  std::string problem;  ///< why it was refused and what to type instead; empty where it was read
};
/// Reads modesText(); the unit of the mode ("50 Hz") may be there, lists are parted by semicolons.
TypedModes parseModes(const std::string& text);

/// "20 dB", or "control 20 dB; video 10 dB" where there are several links; empty for full power.
std::string reducedText(const std::map<std::string, double>& reduced_db, const std::vector<Link>& links);

struct TypedReduction {
  std::map<std::string, double> reduced_db;
  std::string problem;
};
/// Reads reducedText(), and "1/30" (of the power) or "10 mW of 250 mW" in place of the dB.
TypedReduction parseReduced(const std::string& text, const std::vector<Link>& links);

}  // namespace distanz::campaign
