#pragma once
#include <optional>
#include <string>
#include <vector>

#include "core/campaign/campaign.h"
#include "core/finding/finding.h"
#include "core/log/likeness.h"

namespace distanz::cli {

/// "course". @throws InputError naming those there are
campaign::Method methodOf(const std::string& word);
/// Of texts TIME=PLACE. @throws InputError
std::vector<campaign::Mark> marksOf(const std::vector<std::string>& texts, const campaign::Campaign& campaign, const campaign::Run& run);

}  // namespace distanz::cli
