#pragma once
#include <nlohmann/json_fwd.hpp>

#include "core/finding/finding.h"

namespace distanz::formats {

/// A finding as data, for machines and for the history of a campaign file: {"code", "severity", "stage",
/// "subject", "line", "quantities", "remedy"}, without what is empty. A quantity is a text, {"term"},
/// {"value", "unit", "low", "high"}, or a list of findings; what does not end is null.
nlohmann::ordered_json findingJson(const Finding& finding);

/// The finding of findingJson() as text. Text that is none (of an older file) is said as it stands.
Finding findingFromText(const std::string& text);

}  // namespace distanz::formats
