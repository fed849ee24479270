#pragma once
#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/campaign/campaign.h"
#include "core/finding/finding.h"

/// Lists of values as a pilot types them.
namespace distanz::campaign {

/// Without blanks at either end.
std::string trimmed(const std::string& text);

struct TypedModes {
  std::vector<ModeSensitivity> modes;
  std::optional<Finding> problem;  ///< why it was refused and what to type instead; none where it was read
};
/// Reads "50: -112 dBm; 150: -107 dBm"; the unit of the mode ("50 Hz") may be there.
TypedModes parseModes(const std::string& text);

struct TypedReduction {
  std::map<std::string, double> reduced_db;
  std::optional<Finding> problem;  ///< why it was refused and what to type instead; none where it was read
};
/// Reads "20 dB", or "control 20 dB; video 10 dB" where there are several links; nothing is full power. Also
/// "1/30" (of the power) or "10 mW of 250 mW" in place of the dB.
TypedReduction parseReduced(const std::string& text, const std::vector<Link>& links);

}  // namespace distanz::campaign
