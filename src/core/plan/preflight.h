#pragma once
#include <string>
#include <vector>

#include "core/campaign/campaign.h"

namespace distanz::plan {

/// One point of the pre-flight list.
struct PreflightItem {
  std::string id;    ///< that its tick is kept by: "failsafe", "fixed-power/control"
  Finding what;
  const campaign::Tick* tick = nullptr;  ///< null where it is open
};

/// Made from plan and kit: what every flight wants, and what these setups, links and limits want besides.
/// Nothing is ticked by default. The ticks point into the campaign.
std::vector<PreflightItem> preflightOf(const campaign::Campaign& campaign);
/// How far the list is. @param today as the ticks tell their day, "2026-05-01": what was ticked on another day
/// was not done today
Finding preflightState(const std::vector<PreflightItem>& items, const std::string& today);

/// The campaign with a point ticked, or open again where it was. @param at,who told with it
campaign::Campaign withTick(const campaign::Campaign& campaign, const std::string& item, const std::string& at,
                            const std::string& who);

}  // namespace distanz::plan
